import type { WorkCalendar } from '@/core/calendar';
import { dayNumberOf, partsOf, type DayNumber } from '@/core/time';

import { isCalendar, roundLength, roundPeriod, type Beat, type Rhythm } from './cadence';
import { datedBeats } from './dated';
import type { Timing } from './timing';
import { exampleDates } from './year';

/** A beat where it stands on the line of days, counted from the line's first day. */
export interface LineMark<B extends Beat = Beat> {
  beat: B;
  at: number;
  /** A repetition of the round, drawn fainter. */
  again: boolean;
}

/** A cadence laid out to scale: one round and the next, or the year from its start. */
export interface DayLine<B extends Beat = Beat> {
  marks: LineMark<B>[];
  /** Days that the line covers. */
  days: number;
  /** Where the next round begins; null where none is shown. */
  againFrom: number | null;
  /** First days of months, for a line that is a year. */
  months: { at: number; month: number }[];
}

const YEAR = 365;

export function dayLine<B extends Beat>(
  cadence: Omit<Rhythm, 'beats'> & { beats: readonly B[] },
  start: DayNumber,
  calendar: WorkCalendar,
): DayLine<B> {
  if (isCalendar(cadence)) return yearLine(cadence, start, calendar);
  const { beats, rounds } = cadence;
  const length = roundLength(beats);
  const period = roundPeriod(cadence);
  const repeats = rounds !== 1 && cadence.gapDays > 0;
  const marks = (from: number, again: boolean) =>
    beats.map((beat) => ({
      beat,
      at: from + (beat.timing.on === 'after' ? beat.timing.days : 0),
      again,
    }));
  return {
    marks: [...marks(0, false), ...(repeats ? marks(period, true) : [])],
    days: Math.max(1, repeats ? period + length : length),
    againFrom: repeats ? period : null,
    months: [],
  };
}

function yearLine<B extends Beat>(
  cadence: Omit<Rhythm, 'beats'> & { beats: readonly B[] },
  start: DayNumber,
  calendar: WorkCalendar,
): DayLine<B> {
  const run = { start, dates: exampleDates(cadence.beats, start) };
  const dated = datedBeats(cadence, run, { from: start, to: start + YEAR - 1 }, calendar);
  const { year, month } = partsOf(start);
  return {
    marks: dated.map(({ beat, nominal }) => ({
      beat: beat as B,
      at: nominal - start,
      again: false,
    })),
    days: YEAR,
    againFrom: null,
    months: Array.from({ length: 12 }, (_, i) => {
      const index = year * 12 + month + i;
      const first = dayNumberOf({ year: Math.floor(index / 12), month: (index % 12) + 1, day: 1 });
      return { at: first - start, month: (index % 12) + 1 };
    }).filter(({ at }) => at < YEAR),
  };
}

/** The timing moved by some days on the line; null for one that can't be dragged. */
export function movedTiming(timing: Timing, days: number): Timing | null {
  switch (timing.on) {
    case 'after':
      return { ...timing, days: Math.max(0, timing.days + days) };
    case 'date': {
      // 2023 is a common year: 29 February is asked for by typing it.
      const { month, day } = partsOf(
        dayNumberOf({ year: 2023, month: timing.month, day: Math.min(timing.day, 28) }) +
          days +
          Math.max(0, timing.day - 28),
      );
      return { ...timing, month, day };
    }
    case 'around':
      return { ...timing, days: timing.days + days };
    case 'weekday':
      return null;
  }
}
