import type { DayRule } from '@/core/calendar';
import type { TouchKind } from '@/core/touches';

export interface Beat {
  id: string;
  /** Days after the round starts; 0 is the first day. */
  afterDays: number;
  kind: TouchKind;
  /** What to say or do; may hold merge fields. */
  words: string;
  dayRule: DayRule;
}

export interface Cadence {
  id: string;
  name: string;
  /** In order of `afterDays`. */
  beats: readonly Beat[];
  /** How often the round is run; null repeats without end. */
  rounds: number | null;
  /** Days between a round's last beat and the first of the next. */
  gapDays: number;
}

export type CadenceFault =
  | { reason: 'no_beats' }
  | { reason: 'negative_days'; beat: number }
  | { reason: 'no_gap' }
  | { reason: 'no_rounds' };

/** What keeps a cadence from being run, in words for its owner. */
export function faultSentence(fault: CadenceFault): string {
  switch (fault.reason) {
    case 'no_beats':
      return 'A cadence needs at least one beat.';
    case 'negative_days':
      return `Beat ${fault.beat + 1} lies before the first day. Give it a day from 1 on.`;
    case 'no_gap':
      return 'Rounds that repeat need at least one day before they begin again.';
    case 'no_rounds':
      return 'A cadence runs at least one round.';
  }
}

/** The first fault of a cadence, or null when it can be run. */
export function findFault(
  cadence: Pick<Cadence, 'beats' | 'rounds' | 'gapDays'>,
): CadenceFault | null {
  if (cadence.beats.length === 0) return { reason: 'no_beats' };
  const negative = cadence.beats.findIndex(
    (b) => !Number.isInteger(b.afterDays) || b.afterDays < 0,
  );
  if (negative >= 0) return { reason: 'negative_days', beat: negative };
  if (cadence.rounds !== null && cadence.rounds < 1) return { reason: 'no_rounds' };
  if (cadence.rounds !== 1 && cadence.gapDays < 1) return { reason: 'no_gap' };
  return null;
}

/** Days from a round's start to its last beat. */
export const roundLength = (beats: readonly Pick<Beat, 'afterDays'>[]): number =>
  beats.reduce((most, beat) => Math.max(most, beat.afterDays), 0);

/** Days from one round's start to the next one's. */
export const roundPeriod = (cadence: Pick<Cadence, 'beats' | 'gapDays'>): number =>
  roundLength(cadence.beats) + cadence.gapDays;

export const inOrder = <B extends Pick<Beat, 'afterDays'>>(beats: readonly B[]): B[] =>
  beats.toSorted((a, b) => a.afterDays - b.afterDays);

/**
 * Moves a beat to another place in the order. The days stay where they are and what happens on them
 * changes places, so that the rhythm is kept.
 */
export function reorderBeats<B extends Pick<Beat, 'afterDays'>>(
  beats: readonly B[],
  from: number,
  to: number,
): B[] {
  const days = beats.map((beat) => beat.afterDays);
  const moved = [...beats];
  const [beat] = moved.splice(from, 1);
  if (!beat) return [...beats];
  moved.splice(to, 0, beat);
  return moved.map((b, i) => ({ ...b, afterDays: days[i]! }));
}
