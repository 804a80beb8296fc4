import { newId } from '@/client/api';
import type { Beat, Cadence, CadenceDraft } from '@/contract/cadences';
import { inOrder, PATTERNS, roundLength, type Timing } from '@/core/cadences';
import { need } from '@/core/need';

/** Days between the last beat and a new one, until it is moved. */
const NEXT_BEAT_DAYS = 30;

const EMPTY: CadenceDraft = {
  name: '',
  advice: '',
  beats: [],
  rounds: null,
  gapDays: 30,
  followOn: false,
  handOver: null,
};

/** What of a cadence is changed in the builder. */
export const draftOf = (cadence: Cadence): CadenceDraft => ({
  name: cadence.name,
  advice: cadence.advice,
  beats: cadence.beats,
  rounds: cadence.rounds,
  gapDays: cadence.gapDays,
  followOn: cadence.followOn,
  handOver: cadence.handOver,
});

const asNew = <B extends object>(beats: readonly B[]) =>
  beats.map((beat) => ({ ...beat, id: newId() }));

/** What a new cadence begins with: a pattern, a copy of another one, or nothing. */
export function startingFrom(
  pattern: string | undefined,
  copied: Cadence | undefined,
): CadenceDraft {
  const found = PATTERNS.find(({ key }) => key === pattern);
  if (found) {
    const beats = asNew(found.cadence.beats).map((b) => ({ ...b, wordings: [...b.wordings] }));
    return { ...found.cadence, beats, handOver: null };
  }
  if (!copied) return EMPTY;
  return { ...draftOf(copied), name: `${copied.name}, a copy`, beats: asNew(copied.beats) };
}

/** The beats with one more: a month after the last, or on a day of the year where those are used. */
export function withNewBeat(beats: readonly Beat[]): Beat[] {
  const last = beats.at(-1);
  const counted = beats.some(({ timing }) => timing.on === 'after');
  const timing: Timing =
    last?.timing.on === 'date'
      ? last.timing
      : { on: 'after', days: counted ? roundLength(beats) + NEXT_BEAT_DAYS : 0 };
  const beat: Beat = {
    id: newId(),
    timing,
    kind: 'call',
    wordings: [],
    dayRule: 'next',
    way: 'hand',
  };
  return [...beats, beat];
}

/** The beats with a copy of one, a day after it. */
export function withCopy(beats: readonly Beat[], at: number): Beat[] {
  const { timing, ...beat } = need(beats[at]);
  const copy = {
    ...beat,
    id: newId(),
    timing: timing.on === 'after' ? { ...timing, days: timing.days + 1 } : timing,
  };
  return inOrder([...beats, copy]);
}
