import {
  countByDay,
  countWanted,
  crowdLeft,
  KEEPER,
  keeperReason,
  letGoReason,
  movedReason,
  renewingTouch,
  triedWords,
  waitsFor,
  type DayCounts,
  type LetGo,
  type PlannedTouch,
  type PlanItem,
  type ReasonFacts,
} from '@/core/planner';
import type { MergeValues } from '@/core/templates';
import { toPlainDate, type PlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sql } from '../db';
import { keptBy, lastTouches } from './queries';
import { TOUCH_SOURCES, type Settled } from './source';
import type { Sphere } from './sphere';

/** The touches that people were last reached by, and that keep their promise longest. */
export type Made = Pick<ReasonFacts, 'last' | 'kept'>;

/** What was made with each of these people. */
export async function madeWith(sql: Sql, ids: readonly string[]): Promise<(id: string) => Made> {
  const byPerson = async (rows: ReturnType<typeof lastTouches>) =>
    new Map((await rows).map(({ person_id, ...made }) => [person_id, made]));
  const [lasts, kepts] = [await byPerson(lastTouches(sql, ids)), await byPerson(keptBy(sql, ids))];
  return (id) => ({ last: lasts.get(id) ?? null, kept: kepts.get(id) ?? null });
}

interface Counts {
  planned: DayCounts;
  wanted: ReturnType<typeof countWanted>;
}
const counts = new WeakMap<Sphere, Counts>();

function countsOf(sphere: Sphere): Counts {
  const { touches } = sphere.plan;
  const found = counts.get(sphere) ?? {
    planned: countByDay(touches),
    wanted: countWanted(touches),
  };
  counts.set(sphere, found);
  return found;
}

const sourceOf = (ctx: Context, item: Pick<PlanItem, 'source'>) =>
  ctx.house.of(TOUCH_SOURCES).find(({ core }) => core.name === item.source);

/** Why a planned touch is where it is, in one or two plain sentences. */
export function plannedReason(
  ctx: Context,
  sphere: Sphere,
  touch: PlannedTouch,
  { promiseDays, due }: { promiseDays: number | null; due: number | null },
  made: Made,
  today: PlainDate,
): string {
  const { item, yieldsTo, cause } = touch;
  const source = sourceOf(ctx, item);
  const { planned, wanted } = countsOf(sphere);
  const mine = sphere.byPerson.get(item.personId) ?? [];
  const before = source || item.nominal === due ? null : renewingTouch(touch, mine, promiseDays);
  const facts: ReasonFacts = {
    ...made,
    promiseDays,
    // A keeper later in the plan keeps a promise that earlier touches renew: its own nominal day.
    due: item.source === KEEPER ? item.nominal : due,
    renewedBy: before && { kind: before.item.kind, day: before.day },
    ...(cause === 'full' ? { waits: waitsFor(touch, planned, sphere.options) } : {}),
    had: crowdLeft(touch, wanted, planned),
    homeName:
      yieldsTo && yieldsTo.personId !== item.personId
        ? (sphere.names.get(yieldsTo.personId) ?? null)
        : null,
    holiday: sphere.holidays.get(item.nominal) ?? null,
    putOffWhy: sphere.told.putOffWhy.get(item.key) ?? null,
    stoodOn: sphere.told.stoodOn.get(item.key) ?? null,
    openedOn: sphere.told.openedOn,
    today,
  };
  const why = source
    ? source.why(touch, sphere.lookups.get(item.source), today)
    : keeperReason(facts);
  const about = sphere.told.putOffAbout.get(item.key);
  const moved = movedReason(touch, facts, source?.core) + triedWords(item);
  return `${why}${moved}${about ? ` About: ${about.replace(/[.\s]+$/, '')}.` : ''}`;
}

/** The words to use, filled in for the person; a field that can't be filled stays visible. */
export const itemWords = (
  ctx: Context,
  sphere: Sphere,
  touch: PlannedTouch,
  values: MergeValues,
): string =>
  sourceOf(ctx, touch.item)?.words(touch, sphere.lookups.get(touch.item.source), values) ?? '';

/** The template that the words of an item are of. */
export const itemTemplate = (ctx: Context, sphere: Sphere, touch: PlannedTouch) =>
  sourceOf(ctx, touch.item)?.template?.(touch, sphere.lookups.get(touch.item.source)) ?? null;

/** What an item belongs to, such as the name of its cadence; empty where nothing is. */
export const groupName = (ctx: Context, sphere: Sphere, touch: { item: PlanItem }): string =>
  sourceOf(ctx, touch.item)?.groupName?.(touch, sphere.lookups.get(touch.item.source)) ?? '';

/** What a mark of an item refers to besides its key. */
export const markedWith = (ctx: Context, item: PlanItem) =>
  sourceOf(ctx, item)?.marks?.(item) ?? { enrolmentId: null, plannedOn: null };

/** Tells the source of a touch that it was made or let go. */
export async function settleAtSource(
  ctx: Context,
  sphere: Sphere,
  tx: Sql,
  touch: PlannedTouch,
  { on, made, touchId }: Pick<Settled, 'on' | 'made' | 'touchId'>,
): Promise<void> {
  const person = sphere.people.find(({ id }) => id === touch.item.personId);
  const { today, calendar } = sphere.options;
  if (person)
    await sourceOf(ctx, touch.item)?.settled?.(ctx, tx, {
      touch,
      person,
      on,
      made,
      touchId,
      today,
      calendar,
    });
}

/** Something that finds no day, with what it belongs to and why. */
export function letGoWords(ctx: Context, sphere: Sphere, { item, yieldsTo }: LetGo) {
  const { names, options } = sphere;
  const today = toPlainDate(options.today);
  const other = yieldsTo && yieldsTo.personId !== item.personId ? yieldsTo.personId : null;
  return {
    personId: item.personId,
    name: names.get(item.personId) ?? '',
    kind: item.kind,
    on: toPlainDate(item.wanted),
    cadence: groupName(ctx, sphere, { item }),
    why: letGoReason(yieldsTo ? { item, yieldsTo } : { item }, {
      today,
      homeName: other ? (names.get(other) ?? null) : null,
    }),
  };
}
