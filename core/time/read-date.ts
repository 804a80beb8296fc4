import { daysInMonth, isPlainDate, type PlainDate } from './day';
import { monthName } from './speak';

const pad = (n: number) => String(n).padStart(2, '0');

const MONTHS = new Map(
  Array.from({ length: 12 }, (_, i) => [
    monthName(i + 1)
      .toLowerCase()
      .slice(0, 3),
    i + 1,
  ]),
);

/** '--MM-DD' style parts with an optional year; null unless the day exists (29 February always may). */
function build(year: number | null, month: number, day: number): string | null {
  const most = month >= 1 && month <= 12 ? daysInMonth(year ?? 2000, month) : 0;
  if (day < 1 || day > most || year === 0) return null;
  const monthDay = `${pad(month)}-${pad(day)}`;
  return year === null ? monthDay : `${String(year).padStart(4, '0')}-${monthDay}`;
}

/**
 * Reads a date as people write it, with or without a year: '1980-05-04', '5/4/1980' (month first
 * unless the first number is over 12), '4 May', 'May 4, 1980', '05-04'. Answers 'YYYY-MM-DD' or
 * 'MM-DD'; null when there is no such day.
 * @example readDate('31/02') // null
 */
export function readDate(text: string): string | null {
  const t = text.trim().replace(/(\d)(st|nd|rd|th)\b/gi, '$1');
  let m = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ].*)?$/.exec(t);
  if (m) return build(Number(m[1]), Number(m[2]), Number(m[3]));
  m = /^-{0,2}(\d{1,2})[-/.](\d{1,2})(?:[-/.](\d{4}))?\.?$/.exec(t);
  if (m) {
    const [a, b] = [Number(m[1]), Number(m[2])];
    const year = m[3] ? Number(m[3]) : null;
    return a > 12 ? build(year, b, a) : build(year, a, b);
  }
  m = /^(\d{1,2})\.?\s+([a-z]+)\.?,?(?:\s+(\d{4}))?$/i.exec(t);
  if (m) return named(m[2]!, m[1]!, m[3]);
  m = /^([a-z]+)\.?\s+(\d{1,2})(?:,?\s+(\d{4}))?$/i.exec(t);
  return m ? named(m[1]!, m[2]!, m[3]) : null;
}

function named(month: string, day: string, year: string | undefined): string | null {
  const n = MONTHS.get(month.toLowerCase().slice(0, 3));
  if (!n || !monthName(n).toLowerCase().startsWith(month.toLowerCase())) return null;
  return build(year ? Number(year) : null, n, Number(day));
}

/** A full calendar day, or null when the text has no year or names no day. */
export function readFullDate(text: string): PlainDate | null {
  const date = readDate(text);
  return date && isPlainDate(date) ? date : null;
}
