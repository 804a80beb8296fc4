import { need } from '@/core/need';
import type { DayNumber, LeapDayRule } from '@/core/time';

import { eachOccurrence, yearsOf, type Occurrence } from './dates';
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
  const spell = { from, to, leapDay };
  const years = yearsOf(spell);
  for (const { id, dates } of people)
    eachOccurrence(dates, spell, years, (date, year, on, count) =>
      need(byDay[on - from]).push({ personId: id, date, year, on, count }),
    );
  return ([] as DatedPerson[]).concat(...byDay);
}
