import { isWorkingDay } from '@/core/calendar';
import { weekStart, type DayNumber } from '@/core/time';

import { plan } from './plan';
import type { Plan, PlanOptions, PlanPerson } from './types';

/** One calendar week (from Monday) of the plan. */
export interface WeekLoad {
  monday: DayNumber;
  /** Touches planned, by where they come from. */
  beats: number;
  keepers: number;
  followUps: number;
  /** Touches that the owner's days can hold. */
  capacity: number;
}

/** The load of each week that the plan touches, the present week first. */
export function weeklyLoad(result: Plan, options: PlanOptions): WeekLoad[] {
  const weeks = new Map<DayNumber, WeekLoad>();
  for (let day = options.today; day < options.today + options.days; day++) {
    const monday = weekStart(day);
    const week = weeks.get(monday) ?? { monday, beats: 0, keepers: 0, followUps: 0, capacity: 0 };
    weeks.set(monday, week);
    if (isWorkingDay(day, options.calendar)) week.capacity += options.capacity;
  }
  for (const { item, day } of result.touches) {
    const week = weeks.get(weekStart(day))!;
    if (item.source === 'beat') week.beats += 1;
    else if (item.source === 'keeper') week.keepers += 1;
    else week.followUps += 1;
  }
  return [...weeks.values()];
}

/** People whose promise will be broken in the days planned, each with the first day of it. */
export function firstSlips(result: Plan): { personId: string; on: DayNumber }[] {
  const first = new Map<string, DayNumber>();
  for (const { personId, on } of result.slips)
    first.set(personId, Math.min(on, first.get(personId) ?? Infinity));
  return [...first]
    .map(([personId, on]) => ({ personId, on }))
    .sort((a, b) => a.on - b.on || (a.personId < b.personId ? -1 : 1));
}

/** Stands for room without limit: more than any sphere has touches on a day. */
const UNLIMITED = 1_000_000;

/**
 * The least number of touches a day at which no further promise is broken, or null when no number
 * would do it (no working days, for instance, or minutes that are too few). One plan without limit
 * tells what can be kept at all, and the fullest of its days is enough room; below it binary search,
 * since more room never breaks a promise.
 */
export function leastCapacity(
  people: readonly PlanPerson[],
  options: PlanOptions,
  onRun: (runs: number) => void = () => {},
): number | null {
  let runs = 0;
  const planWith = (capacity: number) => {
    const result = plan(people, { ...options, capacity, madeToday: 0, pinned: [] });
    onRun(++runs);
    return result;
  };
  const free = planWith(UNLIMITED);
  if (free.slips.length > 0) return null;
  const perDay = new Map<DayNumber, number>();
  for (const { day } of free.touches) perDay.set(day, (perDay.get(day) ?? 0) + 1);
  let high = Math.max(0, ...perDay.values());
  let low = -1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (planWith(middle).slips.length === 0) high = middle;
    else low = middle;
  }
  return high;
}
