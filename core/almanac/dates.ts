import { partsOf, toDayNumber, yearlyOn, type DayNumber, type LeapDayRule } from '@/core/time';

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
  const year = parts.length === 3 ? parts[0]! : null;
  return {
    month,
    day,
    year: year !== null && year >= OLDEST_YEAR && year <= thisYear + 1 ? year : null,
  };
}

/**
 * The comings of dates from one day to another, both inclusive, each date's own in order. A date begins with
 * its year, which itself is none: whoever is born this May turns one the next.
 */
export function occurrencesOf(
  dates: readonly SphereDate[],
  from: DayNumber,
  to: DayNumber,
  leapDay: LeapDayRule,
): Occurrence[] {
  const [first, last] = [partsOf(from).year, partsOf(to).year];
  const found: Occurrence[] = [];
  for (const date of dates)
    for (let year = first; year <= last; year++) {
      const count = date.year === null ? null : year - date.year;
      if (count !== null && count <= 0) continue;
      const { month, day } = date;
      const on = toDayNumber(yearlyOn({ month, day }, year, leapDay));
      if (on >= from && on <= to) found.push({ date, year, on, count });
    }
  return found;
}
