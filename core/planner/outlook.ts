import { firstSlips, overdueNow, weeklyLoad, type Breach, type WeekLoad } from './ahead';
import { bestPlan } from './best';
import type { PlanItem } from './items';
import { leastCapacity, type LeastCapacity } from './least';
import type { LetGo, Plan, PlannedTouch, PlanOptions, PlanPerson } from './types';

/** What the weeks ahead look like: the load, who slips, and the least capacity at which nobody does. */
export interface Outlook {
  weeks: WeekLoad[];
  /** Promises that hold today and will break, and those that are broken already: each person once. */
  slips: Breach[];
  overdue: Breach[];
  /** Beats let go because they found no day in time. */
  letGo: LetGo[];
  /** What still waits when the days planned are over. */
  unplaced: PlanItem[];
  /** What is planned, one by one; empty where that was not asked for. */
  touches: PlannedTouch[];
  /** Null where it was not asked for. */
  least: LeastCapacity | null;
}

/** Everything an outlook is computed from; made of plain values, so that it can go to a worker. */
export interface OutlookTask {
  people: readonly PlanPerson[];
  /** Without the sources, which are code and are there already. */
  options: Omit<PlanOptions, 'sources'>;
  /** Whether to search for the least room as well. */
  search: boolean;
  /** Whether the touches are wanted one by one. */
  touches?: boolean;
}

/**
 * Plans the days of `options` and, where asked to, searches for the least capacity.
 *
 * @param onStep told after each planner run; see {@link leastCapacity}
 */
export function outlook(
  { people, options: given, search, touches = false }: OutlookTask,
  sources: PlanOptions['sources'],
  onStep: (runs: number) => void = () => {},
): Outlook {
  const options = { ...given, sources };
  const result = bestPlan(people, options);
  onStep(1);
  return {
    ...outlookOf(result, people, options),
    touches: touches ? result.touches : [],
    least: search ? leastCapacity(people, options, (runs) => onStep(runs + 1)) : null,
  };
}

/** What a plan of these people looks like. */
export const outlookOf = (
  result: Plan,
  people: readonly PlanPerson[],
  options: PlanOptions,
): Outlook => ({
  weeks: weeklyLoad(result, options),
  slips: firstSlips(result),
  overdue: overdueNow(result, people),
  letGo: result.letGo,
  unplaced: result.unplaced,
  touches: [],
  least: null,
});

/** Planner runs that an outlook takes, about; see {@link leastCapacity}. */
export const OUTLOOK_RUNS = 12;
