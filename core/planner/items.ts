import {
  datedBeats,
  isYearly,
  roundLength,
  touchKey,
  type Cadence,
  type DatedBeat,
  type Run,
} from '@/core/cadences';
import { moveToWorkingDay, type WorkCalendar } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import { expectedHold, type HoldTable, type TouchKind } from '@/core/touches';

/** A touch that waits for a day. Everything that asks for the owner's hand becomes one of these. */
export interface PlanItem {
  /** The same thing has the same key in every plan, so that marks and pins find it again. */
  key: string;
  source: 'beat' | 'keeper' | 'follow_up';
  personId: string;
  kind: TouchKind;
  /** The day that was asked for, before days off. */
  nominal: DayNumber;
  /** First day on which it may be done. */
  earliest: DayNumber;
  /** The day on which it should be done if there is room; between earliest and latest. */
  wanted: DayNumber;
  /** Last day on which it is in time. */
  latest: DayNumber;
  /** From this day on it is needless, because the next beat has come due. */
  letGo: DayNumber;
  /** Fixed items go before all others on their day and ignore the distance between touches. */
  fixed: boolean;
  /** Share of the promise that doing it keeps, 0 to 1. */
  hold: number;
  /** Why `wanted` is not the day that was asked for. */
  moved?: 'day_off' | 'put_off';
  /** Where it comes from: enrolment and round of a beat. */
  beat?: { enrolmentId: string; cadenceId: string; beatId: string; round: number };
}

export interface PlanEnrolment {
  id: string;
  cadence: Cadence;
  run: Run;
  /** Nominal day of the latest beat that was made or skipped; beats up to it are settled. */
  settledUntil: DayNumber | null;
  /** Beats up to this day were passed over when it was resumed, those that go by themselves too. */
  passedOver?: DayNumber;
  /** Later beats that are settled all the same, because the cadence was changed: `touchKey`s. */
  settled?: ReadonlySet<string>;
}

export interface PlanFollowUp {
  id: string;
  on: DayNumber;
  kind: TouchKind;
}

/** Put off until a day, by item key. */
export type PutOffs = ReadonlyMap<string, DayNumber>;
/** Done another way than planned, by item key. */
export type Swaps = ReadonlyMap<string, TouchKind>;

/** Days that a beat may wait for room before it counts as late. */
export const BEAT_LEEWAY_DAYS = 4;

/** Days after a day of the year on which its beat still makes sense. */
export const YEARLY_LEEWAY_DAYS = 7;

export const beatKey = (enrolmentId: string, beatId: string, round: number): string =>
  `beat:${enrolmentId}:${beatId}:${round}`;
export const followUpKey = (id: string): string => `follow:${id}`;
export const keeperKey = (personId: string, due: DayNumber): string => `keep:${personId}:${due}`;

export interface ItemContext {
  today: DayNumber;
  /** Last day planned, inclusive. */
  until: DayNumber;
  calendar: WorkCalendar;
  holds: HoldTable;
  swaps?: Swaps;
}

/** An item with what the owner changed about it: the way it is done, and the day. */
function asWished(item: PlanItem, putOffs: PutOffs, { swaps, holds }: ItemContext): PlanItem {
  const kind = swaps?.get(item.key);
  const swapped = kind ? { ...item, kind, hold: expectedHold(kind, holds) } : item;
  return putOff(swapped, putOffs.get(item.key));
}

/** A put-off item waits for its new day, on which it is wanted. */
function putOff(item: PlanItem, until: DayNumber | undefined): PlanItem {
  if (until === undefined || until <= item.earliest) return item;
  return {
    ...item,
    earliest: until,
    wanted: until,
    latest: Math.max(item.latest, until),
    // Putting off is a wish of the owner's: it outlives the day on which the beat would have lapsed.
    letGo: Math.max(item.letGo, until + 1),
    moved: 'put_off',
  };
}

/**
 * Beats of an enrolment in the span, whether they ask for a hand or not. A round that follows on
 * begins when the one before has ended: while its last beat is open, not before today.
 */
export function beatsOf(
  enrolment: PlanEnrolment,
  context: ItemContext,
  from: DayNumber = (enrolment.settledUntil ?? enrolment.run.start - 1) + 1,
): DatedBeat[] {
  const { cadence, run, settled } = enrolment;
  const span = { from, to: context.until };
  const delay = cadence.followOn
    ? context.today - (run.start + roundLength(cadence.beats))
    : -Infinity;
  const dated = (rhythm: Cadence, way: Run) => datedBeats(rhythm, way, span, context.calendar);
  const round = run.round ?? 0;
  const beats =
    delay > 0
      ? [
          ...dated({ ...cadence, rounds: round + 1 }, run),
          ...dated(cadence, {
            ...run,
            round: round + 1,
            start: run.start + roundLength(cadence.beats) + delay + cadence.gapDays,
          }),
        ]
      : dated(cadence, run);
  return settled ? beats.filter((d) => !settled.has(touchKey(d.beat.id, d.round))) : beats;
}

/**
 * The day from which a beat is needless: the next one is due, its day of the year is past, or it
 * has lapsed.
 */
export function letGoOf(
  { beat, day, round }: DatedBeat,
  next: DatedBeat | undefined,
  { followOn, lapseDays = Infinity }: Pick<Cadence, 'followOn' | 'lapseDays'>,
): DayNumber {
  const passed = day + (isYearly(beat.timing) ? YEARLY_LEEWAY_DAYS + 1 : lapseDays);
  // A round that follows on waits for the last beat of this one.
  const overtaken = next && !(followOn && next.round > round) ? next.day : Infinity;
  return Math.max(Math.min(overtaken, passed), day + 1);
}

/**
 * The beats of one enrolment that ask for the owner's hand, up to the horizon. Of the beats that
 * have already passed undone only the latest stays; earlier ones were let go when the next came due,
 * so that nothing heaps up. A day of the year is never made up for late.
 */
export function enrolmentItems(
  personId: string,
  enrolment: PlanEnrolment,
  putOffs: PutOffs,
  context: ItemContext,
): PlanItem[] {
  const { cadence } = enrolment;
  const beats = beatsOf(enrolment, context).filter(({ beat }) => beat.way === 'hand');
  const firstOpen = Math.max(
    0,
    beats.findLastIndex((beat) => beat.day <= context.today),
  );
  const items: PlanItem[] = [];
  for (let i = firstOpen; i < beats.length; i++) {
    const { beat, round, nominal, day } = beats[i]!;
    const letGo = letGoOf(beats[i]!, beats[i + 1], cadence);
    const item: PlanItem = {
      key: beatKey(enrolment.id, beat.id, round),
      source: 'beat',
      personId,
      kind: beat.kind,
      nominal,
      earliest: day,
      wanted: day,
      latest: Math.min(day + BEAT_LEEWAY_DAYS, letGo - 1),
      letGo,
      fixed: false,
      hold: expectedHold(beat.kind, context.holds),
      ...(day === nominal ? {} : { moved: 'day_off' as const }),
      beat: { enrolmentId: enrolment.id, cadenceId: cadence.id, beatId: beat.id, round },
    };
    const placed = asWished(item, putOffs, context);
    if (placed.letGo > context.today) items.push(placed);
  }
  return items;
}

/** A follow-up was promised for its day: it is fixed, and moves only off a day that is not worked. */
export function followUpItem(
  personId: string,
  followUp: PlanFollowUp,
  putOffs: PutOffs,
  context: ItemContext,
): PlanItem {
  const key = followUpKey(followUp.id);
  const later = putOffs.get(key);
  const asked = Math.max(followUp.on, later ?? -Infinity);
  const day = moveToWorkingDay(asked, 'next', context.calendar);
  const moved = later === undefined ? (day === asked ? undefined : 'day_off') : 'put_off';
  const item: PlanItem = {
    key,
    source: 'follow_up',
    personId,
    kind: followUp.kind,
    nominal: asked,
    earliest: day,
    wanted: day,
    latest: day,
    letGo: Infinity,
    fixed: true,
    hold: expectedHold(followUp.kind, context.holds),
    ...(moved ? { moved } : {}),
  };
  // Its day already counts in what was put off.
  return asWished(item, new Map(), context);
}

/** Days before the promise runs out from which a promise-keeper may be done when days are full. */
export const keeperLead = (promiseDays: number): number =>
  Math.min(14, Math.max(1, Math.round(promiseDays / 8)));

/** Days before the promise runs out on which a promise-keeper is wanted, so that a bad day is no breach. */
export const keeperMargin = (promiseDays: number): number => Math.floor(promiseDays / 45);

/** The touch that keeps a promise when nothing else is planned in time. */
export function keeperItem(
  personId: string,
  promiseDays: number,
  due: DayNumber,
  kind: TouchKind,
  putOffs: PutOffs,
  context: ItemContext,
): PlanItem {
  const wanted = moveToWorkingDay(due - keeperMargin(promiseDays), 'previous', context.calendar);
  const item: PlanItem = {
    key: keeperKey(personId, due),
    source: 'keeper',
    personId,
    kind,
    nominal: due,
    earliest: Math.min(due - keeperLead(promiseDays), wanted),
    wanted,
    latest: due,
    letGo: Infinity,
    fixed: false,
    hold: expectedHold(kind, context.holds),
  };
  return asWished(item, putOffs, context);
}
