import { addDays, addMonths, isPlainDate, type DateOrder, type PlainDate } from '@/core/time';

import { parseDays, written } from './reader';

export { daysInNote, type DayInNote } from './in-note';

/**
 * A day as people write it, beside `today`: "Friday", "in 2 weeks", "4 May", "Nov 30, 2026". Read by
 * chrono-node, but only when it is all of the text, so that nothing is guessed from a part of it.
 * Without a year it is the next such day (`ahead`) or the last (`back`). Null when it names no day.
 * @example readDay('4 May', plainDate('2026-11-25')) // '2027-05-04'
 */
export function readDay(
  text: string,
  today: PlainDate,
  lean: 'ahead' | 'back' = 'ahead',
  /** Whether "4/5" is the fifth of April, or the fourth of May. */
  order: DateOrder = 'mdy',
): PlainDate | null {
  const asked = text.trim();
  if (isPlainDate(asked)) return asked;
  const ahead = lean === 'ahead' && !/^last\b/i.test(asked);
  const [found, ...more] = parseDays(asked, today, order, ahead);
  if (!found || more.length > 0 || found.end || found.text.length !== asked.length) return null;
  const at = found.start;
  // A month alone is no day, and a time of day says more than a day.
  if (at.isCertain('hour') || !(at.isCertain('day') || at.isCertain('weekday'))) return null;
  const read = written(at);
  if (!isPlainDate(read)) return null;
  return lean === 'back' ? notAfter(read, today, at) : read;
}

type Parts = { isCertain: (part: 'year' | 'weekday' | 'day') => boolean };

/** The same day of the year or week, not after today. */
function notAfter(read: PlainDate, today: PlainDate, at: Parts): PlainDate {
  if (read <= today) return read;
  if (at.isCertain('weekday') && !at.isCertain('day')) return addDays(read, -7);
  return at.isCertain('year') ? read : addMonths(read, -12);
}
