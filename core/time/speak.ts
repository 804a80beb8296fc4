import { need } from '@/core/need';

import { partsOf, toDayNumber, weekdayOf, weekStart, type PlainDate } from './day';

const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

export const weekdayName = (date: PlainDate): string =>
  need(WEEKDAYS[weekdayOf(toDayNumber(date)) - 1]);
export const monthName = (month: number): string => need(MONTHS[month - 1]);

/** "November 23", with the year when it is not the year of `today`. */
export function longDate(date: PlainDate, today: PlainDate): string {
  const { year, month, day } = partsOf(toDayNumber(date));
  const text = `${monthName(month)} ${day}`;
  return year === Number(today.slice(0, 4)) ? text : `${text}, ${year}`;
}

/** "Nov 23", with the year when it is not the year of `today`. */
export function shortDate(date: PlainDate, today: PlainDate): string {
  const { year, month, day } = partsOf(toDayNumber(date));
  const text = `${monthName(month).slice(0, 3)} ${day}`;
  return year === Number(today.slice(0, 4)) ? text : `${text}, ${year}`;
}

/**
 * A day as people say it: today, tomorrow, yesterday, the weekday within a week either way
 * ("Thursday"; "this Monday" where it was in this week, "last Tuesday" where it was not), else the date.
 */
export function spokenDate(date: PlainDate, today: PlainDate): string {
  const distance = toDayNumber(date) - toDayNumber(today);
  if (distance === 0) return 'today';
  if (distance === 1) return 'tomorrow';
  if (distance === -1) return 'yesterday';
  if (distance > 1 && distance < 7) return weekdayName(date);
  if (distance < -1 && distance > -7) {
    const sameWeek = weekStart(toDayNumber(date)) === weekStart(toDayNumber(today));
    return `${sameWeek ? 'this' : 'last'} ${weekdayName(date)}`;
  }
  return longDate(date, today);
}

/** A time of day as it is said: "8:05 AM" for "08:05". */
export function spokenTime(time: string): string {
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return `${hour % 12 || 12}:${String(minute).padStart(2, '0')} ${hour < 12 ? 'AM' : 'PM'}`;
}

/** A number as it stands in a sentence: "20,000". */
export const figure = (n: number): string => n.toLocaleString('en-US');

export const plural = (n: number, one: string, many = `${one}s`): string =>
  `${figure(n)} ${n === 1 ? one : many}`;

/** "41 days ago", "yesterday", "today". */
export function daysAgo(date: PlainDate, today: PlainDate): string {
  const days = toDayNumber(today) - toDayNumber(date);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  // The clock was set back since: the day as it stands is true, a number of days is not.
  return days < 0 ? `on ${longDate(date, today)}` : `${plural(days, 'day')} ago`;
}

const SMALL = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
] as const;

/** Numbers up to twelve as words, larger ones in figures. */
export const countInWords = (n: number): string => SMALL[n] ?? figure(n);

/** "Theo, Mia and Ines". */
export const andList = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

export const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A yearly day, 'MM-DD' or 'YYYY-MM-DD', as people write it: "May 4, 1980". */
export function yearlyWords(on: string): string {
  const [month, day] = on.slice(-5).split('-').map(Number);
  return `${monthName(need(month))} ${day}${on.length > 5 ? `, ${on.slice(0, 4)}` : ''}`;
}

/** The day of an instant in a zone, as the browser knows zones. */
export const dayIn = (iso: string, timeZone: string): PlainDate =>
  new Date(iso).toLocaleDateString('sv-SE', { timeZone }) as PlainDate;

/** The time of day of an instant in a zone: "2:05 PM". */
export const timeWords = (iso: string, timeZone: string): string =>
  new Date(iso).toLocaleTimeString('en-US', { hour: 'numeric', minute: '2-digit', timeZone });

/** An instant (ISO text) in words: "Nov 23, 2026, 3:40 PM"; in the reader's own zone, unless another is meant. */
export const instantWords = (iso: string, timeZone?: string): string =>
  new Intl.DateTimeFormat('en-US', {
    dateStyle: 'medium',
    timeStyle: 'short',
    ...(timeZone ? { timeZone } : {}),
  }).format(new Date(iso));

/** The names of the months in a language, by its tag, in full or short (Unicode CLDR, by the runtime). */
export function monthNames(language: string, length: 'long' | 'short'): string[] {
  const names = new Intl.DateTimeFormat(language, { month: length, timeZone: 'UTC' });
  return Array.from({ length: 12 }, (_, i) => names.format(Date.UTC(2001, i, 15)));
}
