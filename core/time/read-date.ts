import { need } from '@/core/need';

import { daysInMonth, isPlainDate, type PlainDate } from './day';
import { monthNames } from './speak';

/** In which order day and month of a date in figures stand; years stand first where they have four digits. */
export type DateOrder = 'mdy' | 'dmy';

/** The order in which dates are written where a language tag is at home: the month first in the United States. */
export const orderIn = (locale: string): DateOrder => (/\bUS$/i.test(locale) ? 'mdy' : 'dmy');

export interface DateReading {
  order?: DateOrder;
  /** Decides the century of years with two digits, which stay unread without it. */
  today?: PlainDate;
  /** Whether only days that have been are meant: birthdays, last touches. */
  past?: boolean;
  /** Whether a bare figure is the day of a spreadsheet, counted from 1900. */
  serial?: boolean;
}

const pad = (n: number) => String(n).padStart(2, '0');

/** Years that address books write for one that is not known. */
const UNKNOWN_YEARS: ReadonlySet<number> = new Set([0, 1, 1604]);

/** The languages whose month names are read. */
const LANGUAGES = ['en', 'de', 'fr', 'es', 'it', 'pt', 'nl'];

const foldWord = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}|\./gu, '')
    .toLowerCase();

let months: Map<string, number> | null = null;

/** Names of months and their short forms, by the runtime's own calendar data (Unicode CLDR). */
function monthOf(word: string): number | undefined {
  if (!months) {
    months = new Map([['sept', 9]]);
    for (const language of LANGUAGES)
      for (const length of ['long', 'short'] as const)
        monthNames(language, length).forEach((name, i) => {
          if (!need(months).has(foldWord(name))) need(months).set(foldWord(name), i + 1);
        });
  }
  return months.get(foldWord(word));
}

/** 'MM-DD' with an optional year before it; null unless the day exists (29 February always may). */
function build(year: number | null, month: number, day: number): string | null {
  const known = year === null || UNKNOWN_YEARS.has(year) ? null : year;
  const most = month >= 1 && month <= 12 ? daysInMonth(known ?? 2000, month) : 0;
  if (day < 1 || day > most) return null;
  const monthDay = `${pad(month)}-${pad(day)}`;
  return known === null ? monthDay : `${String(known).padStart(4, '0')}-${monthDay}`;
}

/** How far ahead a year of two digits may lie. */
const YEARS_AHEAD = 20;

function yearOf(text: string | undefined, reading: DateReading): number | null | 'unread' {
  if (!text) return null;
  if (text.length !== 2) return Number(text);
  if (!reading.today) return 'unread';
  const now = Number(reading.today.slice(0, 4));
  const most = reading.past ? now : now + YEARS_AHEAD;
  const year = Math.floor(most / 100) * 100 + Number(text);
  return year > most ? year - 100 : year;
}

/** Days of a spreadsheet that can be meant: from 1910 to 2100, so that no short figure is taken for one. */
const SERIAL_FROM = 3_654;
const SERIAL_TO = 73_415;

/**
 * The day that a spreadsheet counts as so many, 1 being 1 January 1900 (ECMA-376, 18.17.4.1). It counts
 * a 29 February 1900 that never was, so that from March 1900 on it is one ahead.
 */
export function serialDay(serial: number): string | null {
  if (!Number.isFinite(serial) || serial < 1) return null;
  const day = Math.floor(serial);
  if (day === 60) return null;
  const date = new Date(Date.UTC(1899, 11, day > 60 ? 30 : 31) + day * 86_400_000);
  return build(date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate());
}

/** A time of day behind a date, which says nothing about the day. */
const TIME =
  /(?:T|,?\s+)\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?(?:\s*[ap]\.?m\.?)?\s*(?:Z|[+-]\d{2}:?\d{2})?$/i;
const WEEKDAY = /^(?:\p{L}{2,10}\.?,\s+)(?=\d|\p{L})/u;

/**
 * Reads a date as people write it, with or without a year: '1980-05-04', '5/4/1980' (in the order that
 * is asked for, unless a number is over 12), '7-Mar-80', '4 May', 'May 4, 1980', '05-04', '--0504',
 * '19800504', also with a time behind it, and with the months of seven languages. A year that address
 * books write for an unknown one counts as none. Answers 'YYYY-MM-DD' or 'MM-DD'; null when there is no
 * such day.
 * @example readDate('31/02') // null
 */
export function readDate(text: string, reading: DateReading = {}): string | null {
  const t = text
    .trim()
    .replace(TIME, '')
    .replace(WEEKDAY, '')
    .replace(/(\d)(st|nd|rd|th|er|º|°)(?!\p{L})/giu, '$1')
    .replace(/\s+(?:de|of|del)\s+/gi, ' ');
  if (reading.serial && /^\d{4,5}(\.\d+)?$/.test(t)) {
    const n = Number(t);
    return n >= SERIAL_FROM && n <= SERIAL_TO ? serialDay(n) : null;
  }
  return readFigures(t, reading) ?? readNamed(t, reading);
}

function readFigures(t: string, reading: DateReading): string | null {
  let m = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(t) ?? /^(\d{4})(\d{2})(\d{2})$/.exec(t);
  if (m) return build(Number(m[1]), Number(m[2]), Number(m[3]));
  m = /^--(\d{2})-?(\d{2})$/.exec(t);
  if (m) return build(null, Number(m[1]), Number(m[2]));
  m = /^(\d{1,2})\s?[-/.]\s?(\d{1,2})(?:\s?[-/.]\s?(\d{4}|\d{2}))?\.?$/.exec(t);
  if (!m) return null;
  const [a, b, year] = [Number(m[1]), Number(m[2]), yearOf(m[3], reading)];
  if (year === 'unread') return null;
  const dayFirst = a > 12 || (reading.order === 'dmy' && b <= 12);
  return dayFirst ? build(year, b, a) : build(year, a, b);
}

function readNamed(t: string, reading: DateReading): string | null {
  const dayFirst = /^(\d{1,2})[.\s-]*(\p{L}[\p{L}\p{M}]*)\.?,?(?:[\s-]+['’]?(\d{4}|\d{2}))?$/u.exec(
    t,
  );
  const [, monthFirst, day, late] =
    /^(\p{L}[\p{L}\p{M}]*)\.?[\s-]+(\d{1,2})(?:,?[\s-]+['’]?(\d{4}|\d{2}))?$/u.exec(t) ?? [];
  const yearFirst = /^(\d{4})[\s-]+(\p{L}[\p{L}\p{M}]*)\.?[\s-]+(\d{1,2})$/u.exec(t);
  if (dayFirst) return named(need(dayFirst[2]), need(dayFirst[1]), dayFirst[3], reading);
  if (yearFirst) return named(need(yearFirst[2]), need(yearFirst[3]), yearFirst[1], reading);
  return monthFirst ? named(monthFirst, need(day), late, reading) : null;
}

function named(word: string, day: string, yearText: string | undefined, reading: DateReading) {
  const month = monthOf(word);
  const year = yearOf(yearText, reading);
  return month && year !== 'unread' ? build(year, month, Number(day)) : null;
}

/** A full calendar day, or null when the text has no year or names no day. */
export function readFullDate(text: string, reading: DateReading = {}): PlainDate | null {
  const date = readDate(text, reading);
  return date && isPlainDate(date) ? date : null;
}
