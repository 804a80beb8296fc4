import { addDays, weekdayOf, type DayNumber, type IsoWeekday, type PlainDate } from '@/core/time';

/** The owner's days: which weekdays are worked, and which single days are off. */
export interface WorkCalendar {
  workingDays: readonly IsoWeekday[];
  daysOff: ReadonlySet<DayNumber>;
}

/** How a beat's day moves when it is not a working day; `nearest` breaks ties to the earlier day. */
export const DAY_RULES = ['exact', 'next', 'previous', 'nearest'] as const;
export type DayRule = (typeof DAY_RULES)[number];

/** A search for a working day gives up here; a year off is longer than any plan looks. */
const MAX_STEPS = 366;

export const isWorkingDay = (day: DayNumber, calendar: WorkCalendar): boolean =>
  calendar.workingDays.includes(weekdayOf(day)) && !calendar.daysOff.has(day);

function search(day: DayNumber, step: 1 | -1, calendar: WorkCalendar): DayNumber | null {
  for (let n = 0, d = day; n <= MAX_STEPS; n++, d += step) if (isWorkingDay(d, calendar)) return d;
  return null;
}

/**
 * The day to which `rule` moves `day`; never before `notBefore`. Where a year brings no working
 * day at all, the day stays, and the planner reports it as unplaced.
 */
export function moveToWorkingDay(
  day: DayNumber,
  rule: DayRule,
  calendar: WorkCalendar,
  notBefore: DayNumber = -Infinity,
): DayNumber {
  if (rule === 'exact' || isWorkingDay(day, calendar)) return day;
  const next = search(day, 1, calendar);
  if (rule === 'next') return next ?? day;
  const previous = search(day, -1, calendar);
  if (previous === null || previous < notBefore) return next ?? day;
  if (rule === 'previous' || next === null) return previous;
  return day - previous <= next - day ? previous : next;
}

/** Days as stretches without a gap, each with its first and last day; in order. */
export function stretches(days: readonly PlainDate[]): [first: PlainDate, last: PlainDate][] {
  const out: [PlainDate, PlainDate][] = [];
  for (const day of [...new Set(days)].sort()) {
    const last = out.at(-1);
    if (last && addDays(last[1], 1) === day) last[1] = day;
    else out.push([day, day]);
  }
  return out;
}
