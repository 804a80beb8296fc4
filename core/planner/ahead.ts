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

/**
 * The least number of touches a day at which no further promise is broken, or null when even one
 * touch a person a day would not do it (no working days, for instance). Binary search, since more
 * capacity never breaks a promise.
 */
export function leastCapacity(people: readonly PlanPerson[], options: PlanOptions): number | null {
  const keepsAll = (capacity: number) =>
    plan(people, { ...options, capacity, pinned: [] }).slips.length === 0;
  let high = Math.max(1, options.capacity);
  while (!keepsAll(high)) {
    if (high > people.length) return null;
    high *= 2;
  }
  let low = 0;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (keepsAll(middle)) high = middle;
    else low = middle;
  }
  return high;
}
