import { datedBeats, isYearly, roundLength, type Beat, type DatedBeat } from '@/core/cadences';
import type { ItemContext } from '@/core/planner';
import type { DayNumber } from '@/core/time';

import { beatKey, beatsOf, letGoOf, type PlanEnrolment } from './items';

/**
 * A beat that needs nobody's hand any more: overtaken undone, ready to go out by itself, too late
 * for that, or an errand to be run.
 */
export interface Passing {
  key: string;
  enrolmentId: string;
  beat: Beat;
  round: number;
  nominal: DayNumber;
  fate: 'passed' | 'waiting' | 'missed' | 'ran';
  /** Why one that needed a hand is let go. */
  why?: LetGoWhy;
}

/** The next one came due first, its day of the year is past, or it was left for as long as it may be. */
export type LetGoWhy = 'overtaken' | 'day_past' | 'lapsed';

/** What goes out by itself is not sent later than this after its day. */
export const MISSED_AFTER_DAYS = 7;

/** Days by which a run of days off may move a beat. */
const MOST_MOVED = 10;

/**
 * What has passed by today: beats that were overtaken, and those that go by themselves. These are
 * looked for from `since` on, whatever was made by hand meanwhile; the same one may come again, and
 * is known by its key.
 */
export function passedBeats(
  enrolment: PlanEnrolment,
  context: ItemContext,
  since: DayNumber,
): Passing[] {
  const { today, putOffs } = context;
  const byHand = beatsOf(enrolment, context).filter(({ beat }) => beat.way === 'hand');
  const from = Math.max(
    enrolment.run.start,
    since - MOST_MOVED,
    (enrolment.skippedUntil ?? -Infinity) + 1,
  );
  const soon = { ...context, until: today + MOST_MOVED };
  const automatic = beatsOf(enrolment, soon, from).filter(
    ({ beat, day }) => beat.way === 'auto' && day <= today,
  );
  const passing = (d: DatedBeat, fate: Passing['fate'], why?: LetGoWhy): Passing => ({
    key: beatKey(enrolment.id, d.beat.id, d.round),
    enrolmentId: enrolment.id,
    beat: d.beat,
    round: d.round,
    nominal: d.nominal,
    fate,
    ...(why ? { why } : {}),
  });
  return [
    ...byHand.flatMap((d, i) => {
      const letGo = letGoOf(d, byHand[i + 1], enrolment.cadence);
      const later = putOffs.get(beatKey(enrolment.id, d.beat.id, d.round)) ?? -Infinity;
      if (letGo > today || later >= today) return [];
      const overtaken = letGo === byHand[i + 1]?.day;
      const passed = isYearly(d.beat.timing) ? 'day_past' : 'lapsed';
      return [passing(d, 'passed', overtaken ? 'overtaken' : passed)];
    }),
    ...automatic.map((d) => passing(d, fateOf(d, today))),
  ];
}

/** An errand is run however late; a message that is too late is not sent. */
const fateOf = ({ beat, day }: DatedBeat, today: DayNumber): Passing['fate'] =>
  beat.errand ? 'ran' : day < today - MISSED_AFTER_DAYS ? 'missed' : 'waiting';

/**
 * Whether nothing of an enrolment is left to do once beats up to `settledUntil` are settled, and
 * those that go by themselves up to `gone`.
 */
export function isOver(
  enrolment: PlanEnrolment,
  settledUntil: DayNumber | null,
  gone: DayNumber,
  { calendar }: Pick<ItemContext, 'calendar'>,
): boolean {
  const { cadence, run } = enrolment;
  if (cadence.rounds === null) return false;
  const settled = settledUntil ?? run.start - 1;
  const from = Math.max(run.start, Math.min(settled + 1, gone - MOST_MOVED));
  return datedBeats(cadence, run, { from, to: Infinity }, calendar).every(
    ({ beat, day, nominal }) => (beat.way === 'auto' ? day <= gone : nominal <= settled),
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
