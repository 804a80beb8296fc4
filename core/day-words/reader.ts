import type { ParsedComponents, ParsedResult } from 'chrono-node';
import { casual, GB } from 'chrono-node/en';

import { need } from '@/core/need';
import type { DateOrder, PlainDate } from '@/core/time';

/**
 * The days that a text names, as chrono-node reads them beside `today`.
 *
 * @param order whether "4/5" is the fifth of April, or the fourth of May
 * @param forwardDate whether a day without a year is one that comes
 */
export function parseDays(
  text: string,
  today: PlainDate,
  order: DateOrder,
  forwardDate: boolean,
): ParsedResult[] {
  const [year, month, day] = today.split('-').map(Number);
  // Noon of the machine's own zone: only the calendar day of it is used again.
  const now = new Date(need(year), need(month) - 1, day, 12);
  return (order === 'dmy' ? GB : casual).parse(text, now, { forwardDate });
}

export const pad = (n: number, width = 2) => String(n).padStart(width, '0');

/** 'YYYY-MM-DD', which may be no day of the calendar. */
export const written = (at: ParsedComponents, day = need(at.get('day'))): string =>
  `${pad(need(at.get('year')), 4)}-${pad(need(at.get('month')))}-${pad(day)}`;
