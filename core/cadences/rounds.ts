import { moveToWorkingDay, type WorkCalendar } from '@/core/calendar';
import type { DayNumber } from '@/core/time';

import { roundPeriod, type Beat, type Cadence } from './cadence';

/** One beat of one round, with its days. */
export interface DatedBeat {
  beat: Beat;
  /** 0 for the first round. */
  round: number;
  /** The day that the cadence asks for. */
  nominal: DayNumber;
  /** The day after the working-day rule. */
  day: DayNumber;
}

export interface Span {
  /** First nominal day wanted, inclusive. */
  from: DayNumber;
  /** Last nominal day wanted, inclusive. */
  to: DayNumber;
}

/**
 * The dated beats of a cadence started on `start`, in order of their nominal day, for the span.
 * Round k starts `k · (length + gap)` days after the start. Beats never land before the start.
 */
export function datedBeats(
  cadence: Pick<Cadence, 'beats' | 'rounds' | 'gapDays'>,
  start: DayNumber,
  span: Span,
  calendar: WorkCalendar,
): DatedBeat[] {
  const period = roundPeriod(cadence);
  const lastRound = cadence.rounds === null ? Infinity : cadence.rounds - 1;
  const firstRound = period > 0 ? Math.max(0, Math.ceil((span.from - start - period) / period)) : 0;
  const out: DatedBeat[] = [];
  for (let round = firstRound; round <= lastRound; round++) {
    const roundStart = start + round * period;
    if (roundStart > span.to) break;
    for (const beat of cadence.beats) {
      const nominal = roundStart + beat.afterDays;
      if (nominal < span.from || nominal > span.to) continue;
      out.push({
        beat,
        round,
        nominal,
        day: moveToWorkingDay(nominal, beat.dayRule, calendar, start),
      });
    }
    if (period === 0) break;
  }
  return out;
}
