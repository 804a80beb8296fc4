import { datedBeats, type Cadence } from '@/core/cadences';
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
  start: DayNumber;
  /** Nominal day of the latest beat that was made or skipped; beats up to it are settled. */
  settledUntil: DayNumber | null;
}

export interface PlanFollowUp {
  id: string;
  on: DayNumber;
  kind: TouchKind;
}

/** Put off until a day, by item key. */
export type PutOffs = ReadonlyMap<string, DayNumber>;

/** Days that a beat may wait for room before it counts as late. */
export const BEAT_LEEWAY_DAYS = 4;

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
}

/** A put-off item waits for its new day, on which it is wanted. */
function putOff(item: PlanItem, until: DayNumber | undefined): PlanItem {
  if (until === undefined || until <= item.earliest) return item;
  return {
    ...item,
    earliest: until,
    wanted: until,
    latest: Math.max(item.latest, until),
    moved: 'put_off',
  };
}

/**
 * The open beats of one enrolment up to the horizon. Of the beats that have already passed undone
 * only the latest stays; earlier ones were let go when the next came due, so that nothing heaps up.
 */
export function enrolmentItems(
  personId: string,
  enrolment: PlanEnrolment,
  putOffs: PutOffs,
  context: ItemContext,
): PlanItem[] {
  const { cadence, start } = enrolment;
  const from = enrolment.settledUntil === null ? start : enrolment.settledUntil + 1;
  const beats = datedBeats(cadence, start, { from, to: context.until }, context.calendar);
  const firstOpen = beats.findLastIndex((beat) => beat.day <= context.today);
  return beats.slice(Math.max(0, firstOpen)).map((dated, i, open) => {
    const { beat, round, nominal, day } = dated;
    const letGo = open[i + 1]?.day ?? Infinity;
    const item: PlanItem = {
      key: beatKey(enrolment.id, beat.id, round),
      source: 'beat',
      personId,
      kind: beat.kind,
      nominal,
      earliest: day,
      wanted: day,
      latest: Math.min(day + BEAT_LEEWAY_DAYS, Math.max(day, letGo - 1)),
      letGo: Math.max(letGo, day + 1),
      fixed: false,
      hold: expectedHold(beat.kind, context.holds),
      ...(day === nominal ? {} : { moved: 'day_off' as const }),
      beat: { enrolmentId: enrolment.id, cadenceId: cadence.id, beatId: beat.id, round },
    };
    return putOff(item, putOffs.get(item.key));
  });
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
  return {
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
  return putOff(item, putOffs.get(item.key));
}
