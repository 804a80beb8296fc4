import type { Cadence } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import {
  plan,
  type Plan,
  type PlanEnrolment,
  type PlanFollowUp,
  type PlannedTouch,
  type PlanOptions,
  type PlanPerson,
} from '@/core/planner';
import { toDayNumber } from '@/core/time';
import { DEFAULT_HOLDS, type TouchKind } from '@/core/touches';

import { readCadences } from '../cadences';
import type { Context } from '../context';
import { readSettings, type OwnerSettings } from '../settings';
import * as q from './queries';

/** Everything that is planned from, read once, with the plan of the coming weeks. */
export interface Sphere {
  people: PlanPerson[];
  names: Map<string, string>;
  cadences: Map<string, Cadence>;
  followUpWords: Map<string, string>;
  settings: OwnerSettings;
  options: PlanOptions;
  plan: Plan;
  /** Planned touches by person, in order of days. */
  byPerson: Map<string, PlannedTouch[]>;
}

export const WEEKS_AHEAD = 13;

interface Kept {
  revision: number;
  today: string;
  sphere: Promise<Sphere>;
}
const kept = new WeakMap<Context, Kept>();

/** The sphere and its plan as of now; computed again only after something was written. */
export function sphereNow(ctx: Context): Promise<Sphere> {
  const today = ctx.clock.today();
  const before = kept.get(ctx);
  if (before && before.revision === ctx.revision && before.today === today) return before.sphere;
  const sphere = readSphere(ctx);
  kept.set(ctx, { revision: ctx.revision, today, sphere });
  sphere.catch(() => kept.delete(ctx));
  return sphere;
}

export const calendarOf = (settings: OwnerSettings): WorkCalendar => ({
  workingDays: settings.workingDays,
  daysOff: new Set(settings.daysOff.map(toDayNumber)),
});

async function readSphere(ctx: Context): Promise<Sphere> {
  const { db } = ctx;
  const today = ctx.clock.today();
  const [settings, cadences, people, enrolments, followUps, putOffs, pinned, madeToday] = [
    await readSettings(db),
    await readCadences(db),
    await q.planPeople(db),
    await q.planEnrolments(db),
    await q.planFollowUps(db),
    await q.planPutOffs(db),
    await q.pinsOf(db, today),
    await q.usedPins(db, today),
  ];
  const byId = new Map(cadences.map((cadence) => [cadence.id, cadence]));
  const enrolmentsOf = groupBy(enrolments, ({ person_id }) => person_id);
  const followUpsOf = groupBy(followUps, ({ person_id }) => person_id);
  const planned: PlanPerson[] = people.map((row) => ({
    id: row.id,
    promiseDays: row.promise_days,
    due: row.due,
    lastOn: row.last_on,
    weight: row.position ?? 99,
    keeperKind: keeperKind(row),
    enrolments: (enrolmentsOf.get(row.id) ?? []).map((e): PlanEnrolment => ({
      id: e.id,
      cadence: byId.get(e.cadence_id)!,
      start: e.start,
      settledUntil: e.settled_until,
    })),
    followUps: (followUpsOf.get(row.id) ?? []).map((f): PlanFollowUp => ({
      id: f.id,
      on: f.on,
      kind: f.kind as TouchKind,
    })),
  }));
  const options: PlanOptions = {
    today: toDayNumber(today),
    days: WEEKS_AHEAD * 7,
    calendar: calendarOf(settings),
    capacity: settings.capacity,
    madeToday,
    minDistanceDays: settings.minDistanceDays,
    holds: DEFAULT_HOLDS,
    putOffs: new Map(putOffs.map(({ id, until }) => [id, until])),
    pinned,
  };
  const result = plan(planned, options);
  return {
    people: planned,
    names: new Map(people.map(({ id, name }) => [id, name])),
    cadences: byId,
    followUpWords: new Map(followUps.map(({ id, words }) => [id, words])),
    settings,
    options,
    plan: result,
    byPerson: groupBy(result.touches, ({ item }) => item.personId),
  };
}

/** How a promise is kept when no cadence says how: the most personal way on record. */
function keeperKind(has: {
  has_phone: boolean;
  has_email: boolean;
  has_address: boolean;
}): TouchKind {
  if (has.has_phone) return 'call';
  if (has.has_email) return 'email';
  return has.has_address ? 'card' : 'other';
}

export function groupBy<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
