import { moveToWorkingDay } from '@/core/calendar';
import type { DayNumber } from '@/core/time';

import type { Entry, Fixture } from './entries';
import { KEEPER } from './items';
import type { Neighbour, PlanOptions } from './types';

// The least days between two touches of one person, and of one home.

type Options = Pick<PlanOptions, 'minDistanceDays' | 'calendar'>;

/**
 * The touch that this one would come too near to. The distance within a home yields to a promise
 * that would be broken by it; the distance to a person's own last touch never does.
 */
export function tooNear(
  { item, person }: Entry,
  day: DayNumber,
  options: Options,
): Neighbour | null {
  const within = (last: Neighbour | null) =>
    last !== null && day < last.day + options.minDistanceDays;
  if (within(person.last)) return person.last;
  const { last } = person.home;
  if (!within(last)) return null;
  return item.source === KEEPER && wouldBreak(person.due, day, options) ? null : last;
}

/** Whether waiting for the distance from a touch on `day` would break a promise that holds until `due`. */
export function wouldBreak(due: DayNumber | null, day: DayNumber, options: Options): boolean {
  if (due === null || due < day) return false;
  const lastChance = moveToWorkingDay(due, 'previous', options.calendar);
  return day + options.minDistanceDays > lastChance;
}

/** What is fixed keeps the distance only within days of its own, such as those on which a card may be written. */
export const keepsAway = (
  { item: { fixed, latest, moved } }: Entry,
  near: Neighbour,
  { minDistanceDays }: Options,
): boolean => !fixed || (moved !== 'put_off' && near.day + minDistanceDays <= latest);

/** The touch made before today that left no room for one that was wanted before today. */
export function heldBackBy(
  { item, person }: Entry,
  { today, minDistanceDays }: Pick<PlanOptions, 'today' | 'minDistanceDays'>,
): Neighbour | null {
  if (item.fixed || item.wanted >= today) return null;
  const near = (last: Neighbour | null) =>
    last !== null && last.day < today && item.wanted < last.day + minDistanceDays;
  return [person.last, person.home.last].find(near) ?? null;
}

/**
 * The fixed touch of the person or their home that this one would come too near to; null where there is
 * none, or where a promise would be broken by waiting for it.
 */
export function tooSoon(
  { item, person: { due, home }, fixture }: Pick<Entry, 'item' | 'person' | 'fixture'>,
  day: DayNumber,
  { minDistanceDays, calendar }: Options,
): Neighbour | null {
  if (home.ahead.length === 0) return null;
  // What went by itself is never done here: it is near afterwards as well.
  const isNear = (one: Fixture) =>
    one !== fixture && !one.done && Math.abs(one.day - day) < minDistanceDays;
  const next = home.ahead.find(isNear);
  if (!next || item.source !== KEEPER || due === null || due < day) return next ?? null;
  return next.day + minDistanceDays > moveToWorkingDay(due, 'previous', calendar) ? null : next;
}
