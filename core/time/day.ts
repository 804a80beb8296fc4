/**
 * Calendar days. A `PlainDate` is a day on the wall calendar with no zone ('YYYY-MM-DD', proleptic
 * Gregorian). Inside computations a day is a `DayNumber`: whole days since 1970-01-01, so that
 * distances are subtractions and plans over years stay fast.
 */
export type PlainDate = string & { readonly __brand: 'PlainDate' };
export type DayNumber = number;

const PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/;

export interface CalendarParts {
  year: number;
  /** 1 to 12 */
  month: number;
  /** 1 to 31 */
  day: number;
}

export function isLeapYear(year: number): boolean {
  return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
}

export function daysInMonth(year: number, month: number): number {
  if (month === 2) return isLeapYear(year) ? 29 : 28;
  return month === 4 || month === 6 || month === 9 || month === 11 ? 30 : 31;
}

/** True for 'YYYY-MM-DD' strings that name a day that exists. @example isPlainDate('2025-02-29') // false */
export function isPlainDate(text: string): text is PlainDate {
  const match = PATTERN.exec(text);
  if (!match) return false;
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  return year >= 1 && month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(year, month);
}

/** The same text as a `PlainDate`; throws a RangeError that names the text if there is no such day. */
export function plainDate(text: string): PlainDate {
  if (!isPlainDate(text)) throw new RangeError(`"${text}" is not a calendar day (YYYY-MM-DD)`);
  return text;
}

/** Days since 1970-01-01, by counting years from March so that the leap day comes last. */
export function dayNumberOf({ year, month, day }: CalendarParts): DayNumber {
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146_097 + dayOfEra - 719_468;
}

/** The inverse of {@link dayNumberOf}. */
export function partsOf(day: DayNumber): CalendarParts {
  const z = day + 719_468;
  const era = Math.floor(z / 146_097);
  const dayOfEra = z - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1_460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const shifted = Math.floor((5 * dayOfYear + 2) / 153);
  const month = shifted < 10 ? shifted + 3 : shifted - 9;
  return {
    year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0),
    month,
    day: dayOfYear - Math.floor((153 * shifted + 2) / 5) + 1,
  };
}

const pad = (n: number, width: number) => String(n).padStart(width, '0');

export function toDayNumber(date: PlainDate): DayNumber {
  return dayNumberOf({
    year: Number(date.slice(0, 4)),
    month: Number(date.slice(5, 7)),
    day: Number(date.slice(8, 10)),
  });
}

export function toPlainDate(day: DayNumber): PlainDate {
  const { year, month, day: dayOfMonth } = partsOf(day);
  return `${pad(year, 4)}-${pad(month, 2)}-${pad(dayOfMonth, 2)}` as PlainDate;
}

export function addDays(date: PlainDate, days: number): PlainDate {
  return toPlainDate(toDayNumber(date) + days);
}

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export function daysBetween(from: PlainDate, to: PlainDate): number {
  return toDayNumber(to) - toDayNumber(from);
}

/**
 * Adds calendar months; the day stays where it exists, else it becomes the month's last day.
 * Step from the anchor, never from an earlier result, because clamping forgets.
 * @example addMonths(plainDate('2025-01-31'), 1) // '2025-02-28'
 */
export function addMonths(date: PlainDate, months: number): PlainDate {
  const { year, month, day } = partsOf(toDayNumber(date));
  const index = year * 12 + (month - 1) + months;
  const [newYear, newMonth] = [Math.floor(index / 12), (((index % 12) + 12) % 12) + 1];
  return toPlainDate(
    dayNumberOf({
      year: newYear,
      month: newMonth,
      day: Math.min(day, daysInMonth(newYear, newMonth)),
    }),
  );
}

/** Where a 29 February falls in a common year. */
export type LeapDayRule = 'feb28' | 'mar1';

/** As {@link yearlyOn}, as a number. */
export function yearlyDayNumber(
  { month, day }: { month: number; day: number },
  year: number,
  leapDay: LeapDayRule = 'feb28',
): DayNumber {
  if (month === 2 && day === 29 && !isLeapYear(year))
    return leapDay === 'feb28'
      ? dayNumberOf({ year, month: 2, day: 28 })
      : dayNumberOf({ year, month: 3, day: 1 });
  return dayNumberOf({ year, month, day });
}

/**
 * The day on which a yearly date falls in `year`.
 * @example yearlyOn({ month: 2, day: 29 }, 2025, 'feb28') // 2025-02-28
 */
export const yearlyOn = (
  date: { month: number; day: number },
  year: number,
  leapDay: LeapDayRule = 'feb28',
): PlainDate => toPlainDate(yearlyDayNumber(date, year, leapDay));

/** ISO 8601 weekday: Monday 1 … Sunday 7. */
export type IsoWeekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;

export function weekdayOf(day: DayNumber): IsoWeekday {
  // 1970-01-01 was a Thursday (4).
  return (((((day + 3) % 7) + 7) % 7) + 1) as IsoWeekday;
}

/** The Monday on or before `day`. */
export function weekStart(day: DayNumber): DayNumber {
  return day - (weekdayOf(day) - 1);
}
