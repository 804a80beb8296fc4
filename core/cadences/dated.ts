import { moveToWorkingDay, type WorkCalendar } from '@/core/calendar';
import { need } from '@/core/need';
import {
  addMonths,
  partsOf,
  toDayNumber,
  toPlainDate,
  type DayNumber,
  type LeapDayRule,
} from '@/core/time';

import { isCalendar, roundPeriod, type Beat, type Rhythm } from './cadence';
import { isYearly, yearlyDay, type YearlyDate } from './timing';

/** One beat of one round, with its days. */
export interface DatedBeat<B extends Beat = Beat> {
  beat: B;
  /** 0 for the first round; for a day of the calendar, the years since the start's. */
  round: number;
  /** The day that the cadence asks for. */
  nominal: DayNumber;
  /** The day after the working-day rule. */
  day: DayNumber;
}

/** How one person runs through a cadence. */
export interface Run {
  /** The first day of round `round`. */
  start: DayNumber;
  /** 0 unless a later round was counted anew from a day really done. */
  round?: number;
  dates?: readonly YearlyDate[];
  leapDay?: LeapDayRule;
}

export interface Span {
  /** First nominal day wanted, inclusive. */
  from: DayNumber;
  /** Last nominal day wanted, inclusive. */
  to: DayNumber;
}

const NO_DATES: readonly YearlyDate[] = [];

/**
 * The dated beats of a run, in order of their nominal day, for the span. Round k of a cadence
 * counted in days starts `k · (length + gap)` days after the start; one with days of the calendar
 * takes the year from its start as its round. Beats never land before the start: who joins midway
 * begins with the next one.
 */
export function datedBeats(
  cadence: Rhythm,
  run: Run,
  span: Span,
  calendar: WorkCalendar,
): DatedBeat[] {
  const dated = isCalendar(cadence)
    ? yearlyBeats(cadence, run, span)
    : countedBeats(cadence, run, span);
  for (const touch of dated)
    touch.day = moveToWorkingDay(touch.nominal, touch.beat.dayRule, calendar, run.start);
  return dated;
}

const bySchedule = (a: DatedBeat, b: DatedBeat) => a.nominal - b.nominal;

function countedBeats(cadence: Rhythm, run: Run, span: Span): DatedBeat[] {
  const period = roundPeriod(cadence);
  const { start, round: first = 0 } = run;
  const lastRound = cadence.rounds === null ? Infinity : cadence.rounds - 1;
  const skipped = period > 0 ? Math.max(0, Math.ceil((span.from - start - period) / period)) : 0;
  const out: DatedBeat[] = [];
  for (let round = first + skipped; round <= lastRound; round++) {
    const roundStart = start + (round - first) * period;
    if (roundStart > span.to) break;
    const at = out.length;
    for (const beat of cadence.beats) {
      const nominal = roundStart + (beat.timing.on === 'after' ? beat.timing.days : 0);
      if (nominal >= span.from && nominal <= span.to)
        out.push({ beat, round, nominal, day: nominal });
    }
    if (!sortedFrom(out, at)) out.push(...out.splice(at).sort(bySchedule));
    if (period === 0) break;
  }
  return out;
}

const sortedFrom = (dated: readonly DatedBeat[], at: number): boolean => {
  for (let i = at + 1; i < dated.length; i++)
    if (need(dated[i]).nominal < need(dated[i - 1]).nominal) return false;
  return true;
};

function yearlyBeats(cadence: Rhythm, run: Run, span: Span): DatedBeat[] {
  const { start, dates = NO_DATES, leapDay = 'feb28' } = run;
  const yearsOn = (years: number) => toDayNumber(addMonths(toPlainDate(start), 12 * years));
  const end = cadence.rounds === null ? Infinity : yearsOn(cadence.rounds) - 1;
  const [from, to] = [Math.max(span.from, start), Math.min(span.to, end)];
  if (to < from) return [];
  const startYear = partsOf(start).year;
  // A day around a date may fall into the year before or after that of the date.
  const [firstYear, lastYear] = [partsOf(from).year - 1, partsOf(to).year + 1];
  const out: DatedBeat[] = [];
  for (const beat of cadence.beats) {
    const { timing } = beat;
    for (let year = firstYear; year <= lastYear; year++) {
      const round = year - startYear;
      const nominal = isYearly(timing)
        ? yearlyDay(timing, year, dates, leapDay)
        : round >= 0
          ? yearsOn(round) + timing.days
          : null;
      if (nominal !== null && nominal >= from && nominal <= to)
        out.push({ beat, round, nominal, day: nominal });
    }
  }
  return out.sort(bySchedule);
}
