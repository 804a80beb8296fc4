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

/** The least number of touches a day that keeps as many promises as any number would. */
export interface LeastCapacity {
  capacity: number;
  /** Promises that no number of touches would keep: no working days, minutes that are too few. */
  slips: number;
}

/**
 * The least number of touches a day at which no promise is broken that more room would keep. One
 * plan without limit tells what can be kept at all; from the present capacity the search goes up in
 * doubling steps, or down at once, and halves what is between. More room hardly ever breaks a
 * promise, but it can, because a touch that comes earlier keeps others at their distance: searching
 * outwards from the present finds the nearest answer.
 */
export function leastCapacity(
  people: readonly PlanPerson[],
  options: PlanOptions,
  onRun: (runs: number) => void = () => {},
): LeastCapacity {
  let runs = 0;
  const slipsAt = (capacity: number) => {
    const { slips } = plan(people, { ...options, capacity, madeToday: 0, pinned: [] });
    onRun(++runs);
    return slips.length;
  };
  const slips = slipsAt(UNLIMITED);
  const enough = (capacity: number) => slipsAt(capacity) <= slips;
  let low = -1;
  let high = options.capacity;
  for (let step = 1; !enough(high); step *= 2) {
    low = high;
    high = Math.min(UNLIMITED, high + step);
    if (high === UNLIMITED) break;
  }
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return { capacity: high, slips };
}
