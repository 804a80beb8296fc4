import { need } from '@/core/need';
import {
  dayNumberOf,
  daysInMonth,
  monthName,
  partsOf,
  weekdayOf,
  yearlyOn,
  toDayNumber,
  type DayNumber,
  type IsoWeekday,
  type LeapDayRule,
} from '@/core/time';

/** Which weekday of a month: the first to the fourth, or the last (RFC 5545 calls these 1MO, -1MO). */
export const NTHS = [1, 2, 3, 4, -1] as const;
export type Nth = (typeof NTHS)[number];

/** When a beat is due within its round. */
export type Timing =
  /** Days after the round starts; 0 is the first day. */
  | { on: 'after'; days: number }
  /** A day of the calendar, each year; 29 February follows the leap-day rule. */
  | { on: 'date'; month: number; day: number }
  /** Such as the second Thursday of November. */
  | { on: 'weekday'; month: number; nth: Nth; weekday: IsoWeekday }
  /** Days after (before, when negative) a yearly date of the person, by its name. */
  | { on: 'around'; date: string; days: number };

/** A yearly date of a person. Without a year it comes every year, with one from that year on. */
export interface YearlyDate {
  name: string;
  month: number;
  day: number;
  year: number | null;
}

/** Dates that everybody may have; others go by the name that the owner gave them. */
export const BIRTHDAY = 'birthday';
/** The day on which the latest job was completed. */
export const SERVICE = 'service anniversary';

/** A yearly timing comes back on the calendar; the others are counted from the round's start. */
export type CalendarTiming = Exclude<Timing, { on: 'after' }>;
export const isYearly = (timing: Timing): timing is CalendarTiming => timing.on !== 'after';

/** The person's date that an `around` timing means; names are compared without regard to case. */
export const dateNamed = (dates: readonly YearlyDate[], name: string): YearlyDate | undefined => {
  const wanted = name.trim().toLowerCase();
  return dates.find((date) => date.name.trim().toLowerCase() === wanted);
};

/** The nth weekday of a month; -1 counts from its end. @example nthWeekday(2026, 11, 4, 4) // 2026-11-26 */
export function nthWeekday(year: number, month: number, nth: Nth, weekday: IsoWeekday): DayNumber {
  if (nth === -1) {
    const last = dayNumberOf({ year, month, day: daysInMonth(year, month) });
    return last - ((weekdayOf(last) - weekday + 7) % 7);
  }
  const first = dayNumberOf({ year, month, day: 1 });
  return first + ((weekday - weekdayOf(first) + 7) % 7) + (nth - 1) * 7;
}

/** The day of a yearly timing in `year`, or null where the person has no such date (yet). */
export function yearlyDay(
  timing: CalendarTiming,
  year: number,
  dates: readonly YearlyDate[],
  leapDay: LeapDayRule,
): DayNumber | null {
  switch (timing.on) {
    case 'date':
      return toDayNumber(yearlyOn({ month: timing.month, day: timing.day }, year, leapDay));
    case 'weekday':
      return nthWeekday(year, timing.month, timing.nth, timing.weekday);
    case 'around': {
      const date = dateNamed(dates, timing.date);
      if (!date || (date.year !== null && year < date.year)) return null;
      const { month, day } = date;
      return toDayNumber(yearlyOn({ month, day }, year, leapDay)) + timing.days;
    }
  }
}

/** Most days between a person's date and a beat around it: the date itself comes back each year. */
export const AROUND_MOST_DAYS = 300;

/** Why a timing names no day at all; null when it does. */
export function timingFault(timing: Timing): string | null {
  switch (timing.on) {
    case 'after':
      return Number.isInteger(timing.days) && timing.days >= 0
        ? null
        : 'lies before the first day. Give it a day from 1 on.';
    case 'date': {
      const { month, day } = timing;
      // 29 February is a day of some years; 2024 was one.
      const last = month >= 1 && month <= 12 ? daysInMonth(2024, month) : 0;
      if (last === 0) return 'needs a month.';
      return day >= 1 && day <= last
        ? null
        : `is meant for a day that does not exist: ${monthName(month)} has ${last} days.`;
    }
    case 'weekday':
      return timing.month >= 1 && timing.month <= 12 ? null : 'needs a month.';
    case 'around':
      if (!timing.date.trim()) return 'needs the name of a date, such as birthday.';
      return Math.abs(timing.days) <= AROUND_MOST_DAYS
        ? null
        : `lies more than ${AROUND_MOST_DAYS} days from the date, nearer to the next year’s.`;
  }
}

/** Of the timings on days of the calendar, how many are past for this year on `day`. */
export function pastThisYear(timings: readonly Timing[], day: DayNumber): number {
  const { year } = partsOf(day);
  return timings.filter((timing) => {
    if (timing.on !== 'date' && timing.on !== 'weekday') return false;
    return need(yearlyDay(timing, year, [], 'feb28')) < day;
  }).length;
}
