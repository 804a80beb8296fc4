import { datedBeats, roundLength, type DatedBeat } from '@/core/cadences';
import type { DayNumber } from '@/core/time';

import {
  beatKey,
  beatsOf,
  letGoOf,
  type ItemContext,
  type PlanEnrolment,
  type PutOffs,
} from './items';

/** A beat that needs nobody's hand any more: overtaken undone, or about to go out by itself. */
export interface Passing {
  key: string;
  enrolmentId: string;
  nominal: DayNumber;
  fate: 'passed' | 'waiting';
}

/** What has passed by today: beats that were overtaken, and those that go out by themselves. */
export function passedBeats(
  enrolment: PlanEnrolment,
  putOffs: PutOffs,
  context: ItemContext,
): Passing[] {
  const { today } = context;
  const beats = beatsOf(enrolment, context);
  const byHand = beats.filter(({ beat }) => beat.way === 'hand');
  const passing = (d: DatedBeat, fate: Passing['fate']): Passing => ({
    key: beatKey(enrolment.id, d.beat.id, d.round),
    enrolmentId: enrolment.id,
    nominal: d.nominal,
    fate,
  });
  return [
    ...byHand.flatMap((d, i) => {
      const letGo = letGoOf(d, byHand[i + 1], enrolment.cadence);
      const later = putOffs.get(beatKey(enrolment.id, d.beat.id, d.round)) ?? -Infinity;
      return letGo <= today && later < today ? [passing(d, 'passed')] : [];
    }),
    ...beats.flatMap((d) =>
      d.beat.way === 'itself' && d.day <= today ? [passing(d, 'waiting')] : [],
    ),
  ];
}

/**
 * Whether nothing of an enrolment is left to do once beats up to `settledUntil` are settled: what
 * goes out by itself must have come due as well.
 */
export function isOver(
  enrolment: PlanEnrolment,
  settledUntil: DayNumber | null,
  context: ItemContext,
): boolean {
  const { cadence, run } = enrolment;
  if (cadence.rounds === null) return false;
  const from = settledUntil === null ? run.start : settledUntil + 1;
  return datedBeats(cadence, run, { from, to: Infinity }, context.calendar).every(
    ({ beat, day }) => beat.way === 'itself' && day <= context.today,
  );
}

/** Where the next round begins, once the last beat of one that follows on was made; else null. */
export function nextAnchor(
  { cadence }: PlanEnrolment,
  made: { beatId: string; round: number },
  on: DayNumber,
): { round: number; start: DayNumber } | null {
  const beat = cadence.beats.find(({ id }) => id === made.beatId);
  if (!cadence.followOn || beat?.timing.on !== 'after') return null;
  if (beat.timing.days < roundLength(cadence.beats)) return null;
  return { round: made.round + 1, start: on + cadence.gapDays };
}
