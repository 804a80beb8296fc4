import {
  bestPlanSteps,
  replan,
  withHomes,
  type Limits,
  type Plan,
  type PlannedTouch,
  type PlanOptions,
  type PlanPerson,
  type PutOffWhy,
  type Replanned,
} from '@/core/planner';
import { plainDate, toDayNumber, type DayNumber, type PlainDate } from '@/core/time';
import { holdsOf, kindSetups, ofKinds } from '@/core/touches';

import type { Context } from '../context';
import { calendarOf, holidaysOf, readSettings, type OwnerSettings } from '../settings';
import { inTurns } from '../threads';
import * as queries from './queries';
import { groupBy, readPeople } from './read';
import { TOUCH_SOURCES } from './source';

/** What is said of touches beside what is planned. */
export interface Told {
  /** Why each that was put off was. */
  putOffWhy: ReadonlyMap<string, PutOffWhy>;
  /** What to follow up about, of those that the owner put off. */
  putOffAbout: ReadonlyMap<string, string>;
  /** The last day before today on whose desk each stood. */
  stoodOn: ReadonlyMap<string, PlainDate>;
  /** The last day before today on which the desk was opened. */
  openedOn: PlainDate | null;
}

/** Everything that is planned from, kept in memory, with the plan of the coming weeks. Never changed. */
export interface Sphere {
  people: PlanPerson[];
  names: Map<string, string>;
  /** What each touch source holds to say words from, by its name. */
  lookups: ReadonlyMap<string, unknown>;
  settings: OwnerSettings;
  /** Public holidays that are days off, by day. */
  holidays: ReadonlyMap<DayNumber, string>;
  options: PlanOptions;
  /** What became of planned touches before, for what is said of them. */
  told: Told;
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

/** When this many people changed, everybody is read anew. */
const MOST_RENEWED = 50;
/** Up to so many people everybody is planned anew after each change, which takes a moment. */
const PLANNED_WHOLE = 1_500;

/**
 * The sphere and its plan as of now. After a write about a few people only they are read again, and
 * in a large sphere only they are planned again as long as that serves them as well.
 */
export function sphereNow(ctx: Context): Promise<Sphere> {
  const today = ctx.clock.today();
  const { revision } = ctx.writes;
  const before = kept.get(ctx);
  if (before && before.revision === revision && before.today === today) return before.sphere;
  const changed = before?.today === today ? ctx.writes.since(before.revision) : null;
  const sphere: Promise<Sphere> =
    before && changed && changed.length <= MOST_RENEWED
      ? before.sphere.then((old) => renew(ctx, old, changed))
      : readSphere(ctx);
  kept.set(ctx, { revision, today, sphere });
  sphere.catch(() => kept.delete(ctx));
  return sphere;
}

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

/** What stood on the desks of earlier days, read once a day: nothing changes it later. */
const stood = new WeakMap<
  Context,
  { today: PlainDate; rows: ReturnType<typeof queries.stoodBefore> }
>();

function stoodBefore(ctx: Context, today: PlainDate) {
  const known = stood.get(ctx);
  if (known?.today === today) return known.rows;
  const rows = queries.stoodBefore(ctx.db, today);
  stood.set(ctx, { today, rows });
  rows.catch(() => stood.delete(ctx));
  return rows;
}

async function readOptions(
  ctx: Context,
  settings: OwnerSettings,
  holidays: Sphere['holidays'],
): Promise<{ options: PlanOptions; told: Told }> {
  const today = ctx.clock.today();
  const [putOffs, pinned, made, vacated, desks] = [
    await queries.planPutOffs(ctx.db),
    await queries.pinsOf(ctx.db, today),
    await queries.madeByKind(ctx.db, today),
    await queries.vacatedPins(ctx.db, today),
    await stoodBefore(ctx, today),
  ];
  const options: PlanOptions = {
    today: toDayNumber(today),
    days: WEEKS_AHEAD * 7,
    calendar: calendarOf(settings, holidays),
    capacity: settings.capacity,
    limits: limitsOf(settings),
    made: Object.fromEntries(made.map(({ kind, n }) => [kind, n])),
    vacated,
    minDistanceDays: settings.minDistanceDays,
    holds: holdsOf(kindSetups(settings.kinds)),
    putOffs: new Map(putOffs.flatMap(({ id, until }) => (until === null ? [] : [[id, until]]))),
    swaps: new Map(putOffs.flatMap(({ id, kind }) => (kind ? [[id, kind]] : []))),
    sources: ctx.house.of(TOUCH_SOURCES).map(({ core }) => core),
    pinned,
  };
  const stoodOn = new Map(desks.map(({ item_key, day }) => [item_key, plainDate(day)]));
  const told: Told = {
    putOffWhy: new Map(putOffs.flatMap(({ id, why }) => (why ? [[id, why]] : []))),
    putOffAbout: new Map(putOffs.flatMap(({ id, about }) => (about ? [[id, about]] : []))),
    stoodOn,
    openedOn: [...stoodOn.values()].sort().at(-1) ?? null,
  };
  return { options, told };
}

async function readSphere(ctx: Context): Promise<Sphere> {
  const settings = await readSettings(ctx.db);
  const holidays = holidaysOf(ctx, settings);
  const read = await readPeople(ctx, settings, null, new Map());
  const { options, told } = await readOptions(ctx, settings, holidays);
  const result = await inTurns(bestPlanSteps(read.people, options));
  const byPerson = byPersonOf(result);
  return { ...read, settings, holidays, options, told, plan: result, byPerson };
}

const byPersonOf = (result: Plan) => groupBy(result.touches, ({ item }) => item.personId);

/** The sphere after a write about these people. The one before stays as it is: a request may hold it. */
async function renew(ctx: Context, old: Sphere, changed: readonly string[]): Promise<Sphere> {
  const ids = withHomes(old.people, new Set(changed));
  const read = await readPeople(ctx, old.settings, [...ids], old.lookups);
  const { options, told } = await readOptions(ctx, old.settings, old.holidays);
  const now = new Map(read.people.map((person) => [person.id, person]));
  const before = new Set(old.people.map(({ id }) => id));
  const people = [
    ...old.people.flatMap((person) => (ids.has(person.id) ? (now.get(person.id) ?? []) : [person])),
    ...read.people.filter(({ id }) => !before.has(id)),
  ];
  const names = new Map(old.names);
  for (const id of ids) names.delete(id);
  const quick = people.length > PLANNED_WHOLE ? replan(old.plan, people, ids, options) : null;
  const result = quick?.plan ?? (await inTurns(bestPlanSteps(people, options, old.plan)));
  return {
    ...old,
    people,
    names: new Map([...names, ...read.names]),
    lookups: read.lookups,
    options,
    told,
    plan: result,
    byPerson: quick ? renewedByPerson(old.byPerson, quick) : byPersonOf(result),
  };
}

/** The touches by person, of which only those that were planned anew are looked up again. */
function renewedByPerson(old: Sphere['byPerson'], { plan, ids }: Replanned): Sphere['byPerson'] {
  const byPerson = new Map(old);
  for (const id of ids) byPerson.delete(id);
  const touches = plan.touches.filter(({ item }) => ids.has(item.personId));
  for (const [id, mine] of groupBy(touches, ({ item }) => item.personId)) byPerson.set(id, mine);
  return byPerson;
}
