import type { DayNumber, LeapDayRule } from '@/core/time';

import { occurrencesOf, type Occurrence } from './dates';
import type { AlmanacPerson } from './greetings';

/** A date of somebody on one of its days. */
export interface DatedPerson extends Occurrence {
  personId: string;
}

/** The dates of people from one day to another, both inclusive, by day and then by person. */
export function almanacOf(
  people: Iterable<Pick<AlmanacPerson, 'id' | 'dates'>>,
  from: DayNumber,
  to: DayNumber,
  leapDay: LeapDayRule,
): DatedPerson[] {
  const byDay: DatedPerson[][] = Array.from({ length: to - from + 1 }, () => []);
  for (const { id, dates } of people)
    for (const one of occurrencesOf(dates, from, to, leapDay))
      byDay[one.on - from]!.push({ ...one, personId: id });
  return byDay.flat();
}
