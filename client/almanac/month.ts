import {
  addDays,
  daysInMonth,
  monthName,
  plainDate,
  toDayNumber,
  toPlainDate,
  weekStart,
  type PlainDate,
} from '@/core/time';

export const LENSES = ['day', 'week', 'month', 'year'] as const;
export type Lens = (typeof LENSES)[number];

const pad = (n: number) => String(n).padStart(2, '0');
export const firstOfMonth = (day: PlainDate): PlainDate => plainDate(`${day.slice(0, 7)}-01`);

export function lastOfMonth(day: PlainDate): PlainDate {
  const [year, month] = [Number(day.slice(0, 4)), Number(day.slice(5, 7))];
  return plainDate(`${day.slice(0, 7)}-${pad(daysInMonth(year, month))}`);
}

const monday = (day: PlainDate): PlainDate => toPlainDate(weekStart(toDayNumber(day)));

/** The days that a lens asks for: of a month whole weeks, so that its sheet has no holes. */
export function spanOf(lens: Lens, day: PlainDate): { from: PlainDate; to: PlainDate } {
  if (lens === 'day') return { from: day, to: day };
  if (lens === 'week') return { from: monday(day), to: addDays(monday(day), 6) };
  return {
    from: monday(firstOfMonth(day)),
    to: addDays(monday(lastOfMonth(day)), 6),
  };
}

/** The same place in the one before or after: a day, a week, a month, a year. */
export function moved(lens: Lens, day: PlainDate, by: 1 | -1): PlainDate {
  if (lens === 'day') return addDays(day, by);
  if (lens === 'week') return addDays(day, 7 * by);
  const [year, month] = [Number(day.slice(0, 4)), Number(day.slice(5, 7))];
  if (lens === 'year') return plainDate(`${year + by}-${pad(month)}-01`);
  const at = year * 12 + month - 1 + by;
  return plainDate(`${Math.floor(at / 12)}-${pad((at % 12) + 1)}-01`);
}

/** What a lens shows, in words: "December", "December 2027", "The week of December 7". */
export function spanName(lens: Lens, day: PlainDate, today: PlainDate): string {
  const year = day.slice(0, 4);
  const here = year === today.slice(0, 4);
  if (lens === 'year') return year;
  if (lens === 'month') return `${monthName(Number(day.slice(5, 7)))}${here ? '' : ` ${year}`}`;
  const at = lens === 'week' ? monday(day) : day;
  const words = `${monthName(Number(at.slice(5, 7)))} ${Number(at.slice(8))}`;
  const spoken = at.slice(0, 4) === today.slice(0, 4) ? words : `${words}, ${at.slice(0, 4)}`;
  return lens === 'week' ? `The week of ${spoken}` : spoken;
}
