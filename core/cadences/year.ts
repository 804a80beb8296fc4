import type { WorkCalendar } from '@/core/calendar';
import { partsOf, type DayNumber } from '@/core/time';
import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import type { Cadence } from './cadence';
import { datedBeats, type DatedBeat } from './rounds';

/** What a cadence makes of the first year of one person who starts on `start`. */
export interface YearShape {
  touches: DatedBeat[];
  /** Touches by kind and by month after the start month (0 to 12), for the kinds that occur. */
  byKind: { kind: TouchKind; months: number[]; total: number }[];
  /** The first calendar month shown, 1 to 12. */
  firstMonth: number;
  /** Longest stretch of days between two touches within the year, its end included. */
  longestSilence: number;
}

const YEAR_DAYS = 365;

export function yearShape(
  cadence: Pick<Cadence, 'beats' | 'rounds' | 'gapDays'>,
  start: DayNumber,
  calendar: WorkCalendar,
): YearShape {
  const end = start + YEAR_DAYS;
  const touches = datedBeats(cadence, start, { from: start, to: end - 1 }, calendar);
  const first = partsOf(start);
  const monthIndex = (day: DayNumber) => {
    const { year, month } = partsOf(day);
    return (year - first.year) * 12 + month - first.month;
  };
  const byKind = TOUCH_KINDS.map((kind) => {
    const months = Array.from({ length: 13 }, () => 0);
    const ofKind = touches.filter((touch) => touch.beat.kind === kind);
    for (const { day } of ofKind) months[Math.min(12, monthIndex(day))]! += 1;
    return { kind, months, total: ofKind.length };
  }).filter(({ total }) => total > 0);
  return {
    touches,
    byKind,
    firstMonth: first.month,
    longestSilence: longestGap(touches, start, end),
  };
}

function longestGap(touches: readonly DatedBeat[], start: DayNumber, end: DayNumber): number {
  const days = [start, ...touches.map((touch) => touch.day).toSorted((a, b) => a - b), end];
  let longest = 0;
  for (let i = 1; i < days.length; i++) longest = Math.max(longest, days[i]! - days[i - 1]!);
  return longest;
}
