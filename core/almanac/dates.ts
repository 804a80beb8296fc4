import { need } from '@/core/need';
import { partsOf, yearlyDayNumber, type DayNumber, type LeapDayRule } from '@/core/time';

import { OLDEST_YEAR } from './occasion';

/** A date of a person that comes back each year. */
export interface SphereDate {
  /** Unique among the dates of one person, and the same in every year. */
  key: string;
  /** See occasion.ts. */
  occasion: string;
  /** What the owner calls it: "birthday", "moved in". */
  name: string;
  /** Whose it is where it is not the person's own, such as a child's name; else empty. */
  whose: string;
  month: number;
  day: number;
  /** The year in which it began; null where it is not known. */
  year: number | null;
}

/** One coming of a date. */
export interface Occurrence {
  date: SphereDate;
  /** The calendar year that it belongs to: a mark for this year stays true when the day is corrected. */
  year: number;
  on: DayNumber;
  /** Age or years since; null where the year is not known. */
  count: number | null;
}

/** 'MM-DD' or 'YYYY-MM-DD' in its parts; a year that can't be true counts as not known. */
export function yearlyParts(
  on: string,
  thisYear: number,
): Pick<SphereDate, 'month' | 'day' | 'year'> {
  const parts = on.split('-').map(Number);
  const [month, day] = parts.slice(-2) as [number, number];
  const year = parts.length === 3 ? need(parts[0]) : null;
  return {
    month,
    day,
    year: year !== null && year >= OLDEST_YEAR && year <= thisYear + 1 ? year : null,
  };
}

/** Days from one to another, both inclusive, and how leap days are kept. */
export interface Spell {
  from: DayNumber;
  to: DayNumber;
  leapDay: LeapDayRule;
}

/**
 * Tells each coming of dates within a spell, each date's own in order. A date begins with its year, which
 * itself is none: whoever is born this May turns one the next.
 */
export function eachOccurrence(
  dates: readonly SphereDate[],
  { from, to, leapDay }: Spell,
  [first, last]: readonly [firstYear: number, lastYear: number],
  tell: (date: SphereDate, year: number, on: DayNumber, count: number | null) => void,
): void {
  for (const date of dates)
    for (let year = first; year <= last; year++) {
      const count = date.year === null ? null : year - date.year;
      if (count !== null && count <= 0) continue;
      const on = yearlyDayNumber(date, year, leapDay);
      if (on >= from && on <= to) tell(date, year, on, count);
    }
}

/** The years that a spell touches. */
export const yearsOf = ({ from, to }: Spell): [number, number] => [
  partsOf(from).year,
  partsOf(to).year,
];

/** The comings of dates from one day to another, both inclusive. */
export function occurrencesOf(
  dates: readonly SphereDate[],
  from: DayNumber,
  to: DayNumber,
  leapDay: LeapDayRule,
): Occurrence[] {
  const found: Occurrence[] = [];
  const spell = { from, to, leapDay };
  eachOccurrence(dates, spell, yearsOf(spell), (date, year, on, count) =>
    found.push({ date, year, on, count }),
  );
  return found;
}
