import type { WorkCalendar } from '@/core/calendar';
import {
  plan,
  replan,
  type Limits,
  type Plan,
  type PlannedTouch,
  type PlanOptions,
  type PlanPerson,
} from '@/core/planner';
import { toDayNumber, type DayNumber } from '@/core/time';
import { holdsOf, kindSetups, ofKinds } from '@/core/touches';

import { holidaysOff } from '../almanac';
import { readCadences, settleFeeds, settleRotas, type StoredCadence } from '../cadences';
import type { Context } from '../context';
import { readSettings, type OwnerSettings } from '../settings';
import * as q from './queries';
import { groupBy, readPeople } from './read';

/** Everything that is planned from, kept in memory, with the plan of the coming weeks. */
export interface Sphere {
  people: PlanPerson[];
  names: Map<string, string>;
  cadences: Map<string, StoredCadence>;
  followUpWords: Map<string, string>;
  settings: OwnerSettings;
  /** Public holidays that are days off, by day. */
  holidays: ReadonlyMap<DayNumber, string>;
  options: PlanOptions;
  plan: Plan;
  /** Planned touches by person, in order of days. */
  byPerson: Map<string, PlannedTouch[]>;
}

const WEEKS_AHEAD = 13;

interface Kept {
  revision: number;
  today: string;
  sphere: Promise<Sphere>;
}
const kept = new WeakMap<Context, Kept>();

/** When this many people changed, planning everybody anew is as quick and better. */
const MOST_REPLANNED = 50;

/**
 * The sphere and its plan as of now. After a write about a few people only they are read and planned
 * again; after any other, and on a new day, everybody is.
 */
export function sphereNow(ctx: Context): Promise<Sphere> {
  const today = ctx.clock.today();
  const before = kept.get(ctx);
  if (before && before.revision === ctx.revision && before.today === today) return before.sphere;
  const changed = before?.today === today ? changedSince(ctx, before.revision) : null;
  const sphere: Promise<Sphere> = changed
    ? before!.sphere.then((old) => renew(ctx, old, changed))
    : readSphere(ctx);
  kept.set(ctx, { revision: ctx.revision, today, sphere });
  sphere.catch(() => kept.delete(ctx));
  return sphere;
}

/** Whose plans changed since a revision; null when that is not known, or too many. */
function changedSince(ctx: Context, revision: number): string[] | null {
  const since = ctx.writes.filter((write) => write.revision > revision);
  if (since.length < ctx.revision - revision) return null;
  const ids = new Set<string>();
  for (const { people } of since) {
    if (people === 'everybody') return null;
    for (const id of people) ids.add(id);
  }
  return ids.size > MOST_REPLANNED ? null : [...ids];
}

const calendarOf = (settings: OwnerSettings, holidays: Sphere['holidays']): WorkCalendar => ({
  workingDays: settings.workingDays,
  daysOff: new Set([...settings.daysOff.map(toDayNumber), ...holidays.keys()]),
});

function limitsOf({ minutesPerDay, kinds }: OwnerSettings): Limits {
  const setups = kindSetups(kinds);
  return {
    minutesPerDay,
    minutes: ofKinds(setups, ({ minutes }) => minutes),
    perKind: Object.fromEntries(
      Object.entries(setups).flatMap(([kind, { perDay }]) =>
        perDay === null ? [] : [[kind, perDay]],
      ),
    ),
  };
}

async function readOptions(
  ctx: Context,
  settings: OwnerSettings,
  holidays: Sphere['holidays'],
): Promise<PlanOptions> {
  const today = ctx.clock.today();
  const [putOffs, pinned, madeToday] = [
    await q.planPutOffs(ctx.db),
    await q.pinsOf(ctx.db, today),
    await q.usedPins(ctx.db, today),
  ];
  return {
    today: toDayNumber(today),
    days: WEEKS_AHEAD * 7,
    calendar: calendarOf(settings, holidays),
    capacity: settings.capacity,
    limits: limitsOf(settings),
    madeToday,
    minDistanceDays: settings.minDistanceDays,
    holds: holdsOf(kindSetups(settings.kinds)),
    putOffs: new Map(putOffs.map(({ id, until }) => [id, until])),
    swaps: new Map(putOffs.flatMap(({ id, kind }) => (kind ? [[id, kind]] : []))),
    pinned,
  };
}

async function readSphere(ctx: Context): Promise<Sphere> {
  const settings = await readSettings(ctx.db);
  const holidays = new Map(
    holidaysOff(settings, toDayNumber(ctx.clock.today())).map(({ on, name }) => [on, name]),
  );
  // Somebody who was just added is called by their letter, or joins what a view feeds, from now on.
  await settleRotas(ctx);
  await settleFeeds(ctx, calendarOf(settings, holidays));
  const cadences = new Map((await readCadences(ctx.db)).map((one) => [one.id, one]));
  const read = await readPeople(ctx.db, cadences, settings, null);
  const options = await readOptions(ctx, settings, holidays);
  const result = plan(read.people, options);
  const byPerson = byPersonOf(result);
  return { ...read, cadences, settings, holidays, options, plan: result, byPerson };
}

const byPersonOf = (result: Plan) => groupBy(result.touches, ({ item }) => item.personId);

/** The sphere after a write about these people. The one before stays as it is: a request may hold it. */
async function renew(ctx: Context, old: Sphere, changed: readonly string[]): Promise<Sphere> {
  const { cadences, settings } = old;
  const homes = new Set(
    old.people.flatMap(({ id, householdId }) =>
      householdId && changed.includes(id) ? [householdId] : [],
    ),
  );
  const ids = new Set(changed);
  for (const { id, householdId } of old.people) if (homes.has(householdId ?? '')) ids.add(id);
  const read = await readPeople(ctx.db, cadences, settings, [...ids]);
  const options = await readOptions(ctx, settings, old.holidays);
  const now = new Map(read.people.map((person) => [person.id, person]));
  const before = new Set(old.people.map(({ id }) => id));
  const result = replan(old.plan, read.people, options, [...ids]);
  const without = <T>(all: ReadonlyMap<string, T>) => {
    const rest = new Map(all);
    for (const id of ids) rest.delete(id);
    return rest;
  };
  const touches = result.touches.filter(({ item }) => ids.has(item.personId));
  return {
    ...old,
    names: new Map([...without(old.names), ...read.names]),
    byPerson: new Map([...without(old.byPerson), ...groupBy(touches, ({ item }) => item.personId)]),
    followUpWords: new Map([...old.followUpWords, ...read.followUpWords]),
    people: [
      ...old.people.flatMap((person) =>
        ids.has(person.id) ? (now.get(person.id) ?? []) : [person],
      ),
      ...read.people.filter(({ id }) => !before.has(id)),
    ],
    options,
    plan: result,
  };
}
