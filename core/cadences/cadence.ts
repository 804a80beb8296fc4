import type { DayRule } from '@/core/calendar';
import { need } from '@/core/need';
import type { TouchKind } from '@/core/touches';

import { isYearly, timingFault, type Timing } from './timing';

/** Whether a beat asks for the owner's hand, or goes out on its own once sending is set up. */
export const WAYS = ['hand', 'auto'] as const;
export type Way = (typeof WAYS)[number];

/** The kinds that can go out by themselves. */
export const SENDABLE: readonly TouchKind[] = ['text', 'email', 'card', 'letter'];

/** What a beat does by itself that is no touch: it begins another cadence, or tells a service. */
export type Errand = { to: 'cadence'; cadenceId: string } | { to: 'service'; serviceId: string };

export interface Beat {
  id: string;
  timing: Timing;
  kind: TouchKind;
  /** What to say or do, in one or several wordings that take turns; may hold merge fields. */
  wordings: readonly string[];
  /** The template whose wordings these are; its own where there is none. */
  templateId?: string | null;
  dayRule: DayRule;
  way: Way;
  /** Instead of a touch; such a beat is of the kind `other` and goes by itself. */
  errand?: Errand | null;
}

export const isTouch = ({ errand }: Pick<Beat, 'errand'>): boolean => !errand;

/** Where somebody stands with a cadence. */
export const ENROLMENT_STATES = ['waiting', 'running', 'paused', 'finished', 'stopped'] as const;
export type EnrolmentState = (typeof ENROLMENT_STATES)[number];

/** What follows the last round. */
export interface HandOver {
  cadenceId: string;
  /** Days from the last beat to the first day of the next cadence. */
  waitDays: number;
}

export interface Cadence {
  id: string;
  name: string;
  beats: readonly Beat[];
  /** How often the round is run; null repeats without end. */
  rounds: number | null;
  /** Days between a round's last beat and the first of the next. */
  gapDays: number;
  /** Count the next round from the day on which the last beat was really made. */
  followOn: boolean;
  handOver: HandOver | null;
  /** Days after which a beat that was not made makes no sense; without it, when the next is due. */
  lapseDays?: number;
}

/** What makes the dates of a cadence. */
export type Rhythm = Pick<Cadence, 'beats' | 'rounds' | 'gapDays'>;

/** A year is the round of a cadence with calendar days. */
export const isCalendar = (cadence: Pick<Cadence, 'beats'>): boolean =>
  cadence.beats.some(({ timing }) => isYearly(timing));

/** The longest that a beat may wait in a round of one year. */
const YEAR_MOST_DAYS = 364;

/** What keeps a cadence from being run, in words for its owner; null when nothing does. */
export function faultOf(cadence: Rhythm & Partial<Pick<Cadence, 'followOn'>>): string | null {
  const { beats, rounds, gapDays, followOn } = cadence;
  if (beats.length === 0) return 'A cadence needs at least one beat.';
  for (const [i, { timing }] of beats.entries()) {
    const fault = timingFault(timing);
    if (fault) return `Beat ${i + 1} ${fault}`;
  }
  if (rounds !== null && rounds < 1) return 'A cadence runs at least one round.';
  if (!isCalendar(cadence))
    return rounds !== 1 && gapDays < 1
      ? 'Rounds that repeat need at least one day before they begin again.'
      : null;
  if (followOn)
    return 'Days of the calendar don’t wait for the last beat. Leave out “from the day really done”, or the calendar days.';
  const late = beats.findIndex(
    ({ timing }) => timing.on === 'after' && timing.days > YEAR_MOST_DAYS,
  );
  return late >= 0
    ? `With days of the calendar a round is one year; beat ${late + 1} lies after its end.`
    : null;
}

const daysOf = (beats: readonly Pick<Beat, 'timing'>[]): number[] =>
  beats.flatMap(({ timing }) => (timing.on === 'after' ? [timing.days] : []));

/** Days from a round's start to its last beat, counted over the beats that are counted in days. */
export const roundLength = (beats: readonly Pick<Beat, 'timing'>[]): number =>
  Math.max(0, ...daysOf(beats));

/** Days from one round's start to the next one's, without calendar days. */
export const roundPeriod = (cadence: Pick<Cadence, 'beats' | 'gapDays'>): number =>
  roundLength(cadence.beats) + cadence.gapDays;

/** Where a beat stands in a list: days after the start first, then the year's days in order. */
function orderOf({ timing }: Pick<Beat, 'timing'>): number {
  if (timing.on === 'after') return timing.days;
  const day = timing.on === 'date' ? timing.day : timing.on === 'weekday' ? nthDay(timing.nth) : 0;
  return timing.on === 'around' ? 200_000 + timing.days : 100_000 + timing.month * 40 + day;
}
const nthDay = (nth: number) => (nth === -1 ? 31 : nth * 7);

export const inOrder = <B extends Pick<Beat, 'timing'>>(beats: readonly B[]): B[] =>
  beats.toSorted((a, b) => orderOf(a) - orderOf(b));

/**
 * Moves a beat to another place in the order. The days stay where they are and what happens on them
 * changes places, so that the rhythm is kept.
 */
export function reorderBeats<B extends Pick<Beat, 'timing'>>(
  beats: readonly B[],
  from: number,
  to: number,
): B[] {
  const timings = beats.map((beat) => beat.timing);
  const moved = [...beats];
  const [beat] = moved.splice(from, 1);
  if (!beat) return [...beats];
  moved.splice(to, 0, beat);
  return moved.map((b, i) => ({ ...b, timing: need(timings[i]) }));
}
