import type { WorkCalendar } from '@/core/calendar';
import { need } from '@/core/need';
import { partsOf, type DayNumber } from '@/core/time';
import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import { isTouch, type Rhythm } from './cadence';
import { datedBeats, type DatedBeat } from './dated';
import { dateNamed, type YearlyDate } from './timing';

/** What a cadence makes of the first year of one person who starts on `start`. */
export interface YearShape {
  touches: DatedBeat[];
  /** Touches by kind and by month after the start month (0 to 12), for the kinds that occur. */
  byKind: { kind: TouchKind; months: number[]; total: number }[];
  /** The first calendar month shown, 1 to 12. */
  firstMonth: number;
  /** Longest stretch of days between two touches within the year, its end included. */
  longestSilence: number;
  /** What the touches of the year cost, in minor units, by the cost of each kind. */
  costMinor: number;
}

/**
 * Dates to show a year with where nobody in particular is meant: each date that the beats ask for
 * and `dates` lacks, half a year after the start.
 */
export function exampleDates(
  beats: Rhythm['beats'],
  start: DayNumber,
  dates: readonly YearlyDate[] = [],
): YearlyDate[] {
  const out = [...dates];
  const { month, day } = partsOf(start + 182);
  for (const { timing } of beats)
    if (timing.on === 'around' && !dateNamed(out, timing.date))
      out.push({ name: timing.date, month, day, year: null });
  return out;
}

const YEAR_DAYS = 365;

export function yearShape(
  cadence: Rhythm,
  start: DayNumber,
  calendar: WorkCalendar,
  costs: Partial<Record<TouchKind, number>> = {},
): YearShape {
  const end = start + YEAR_DAYS;
  const run = { start, dates: exampleDates(cadence.beats, start) };
  const touches = datedBeats(cadence, run, { from: start, to: end - 1 }, calendar).filter(
    ({ beat }) => isTouch(beat),
  );
  const first = partsOf(start);
  const monthIndex = (day: DayNumber) => {
    const { year, month } = partsOf(day);
    return (year - first.year) * 12 + month - first.month;
  };
  const byKind = TOUCH_KINDS.map((kind) => {
    const months = Array.from({ length: 13 }, () => 0);
    const ofKind = touches.filter((touch) => touch.beat.kind === kind);
    for (const { day } of ofKind) {
      const at = Math.min(12, monthIndex(day));
      months[at] = (months[at] ?? 0) + 1;
    }
    return { kind, months, total: ofKind.length };
  }).filter(({ total }) => total > 0);
  return {
    touches,
    byKind,
    firstMonth: first.month,
    longestSilence: longestGap(touches, start, end),
    costMinor: touches.reduce((sum, { beat }) => sum + (costs[beat.kind] ?? 0), 0),
  };
}

function longestGap(touches: readonly DatedBeat[], start: DayNumber, end: DayNumber): number {
  const days = [start, ...touches.map((touch) => touch.day).toSorted((a, b) => a - b), end];
  let longest = 0;
  for (let i = 1; i < days.length; i++)
    longest = Math.max(longest, need(days[i]) - need(days[i - 1]));
  return longest;
}

/** What a cadence would crowd within itself, to be said before it is saved; null when nothing. */
export function crowding(shape: YearShape, minDistanceDays: number): string | null {
  const days = shape.touches.map((touch) => touch.day).toSorted((a, b) => a - b);
  const close = days.filter((day, i) => i > 0 && day - need(days[i - 1]) < minDistanceDays).length;
  if (close === 0) return null;
  const often =
    shape.touches.length > CROWDED_YEAR
      ? `This makes ${shape.touches.length} touches a year for one person. `
      : '';
  const which = close === 1 ? 'one comes' : `${close} of ${days.length} come`;
  return `${often}In a year ${which} less than ${minDistanceDays} days after the touch before: those will be moved, or let go when the next is due.`;
}
const CROWDED_YEAR = 52;
