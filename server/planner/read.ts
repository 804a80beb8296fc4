import type { PlanPerson } from '@/core/planner';
import { dueDay, type TouchKind } from '@/core/touches';

import type { Context } from '../context';
import type { OwnerSettings } from '../settings';
import * as queries from './queries';
import { TOUCH_SOURCES } from './source';

/** What the planner needs to know of people, and what is said of them. */
export interface PeopleRead {
  people: PlanPerson[];
  names: Map<string, string>;
  lookups: Map<string, unknown>;
}

/** Everybody who is planned for, or those of them among `ids`, with what the sources ask for of them. */
export async function readPeople(
  ctx: Context,
  settings: OwnerSettings,
  ids: readonly string[] | null,
  before: ReadonlyMap<string, unknown>,
): Promise<PeopleRead> {
  const sql = ctx.db;
  const people = await queries.planPeople(sql, ids);
  const lasts = groupBy(await queries.planLast(sql, ids), ({ person_id }) => person_id);
  const unanswered = groupBy(
    await queries.planUnanswered(sql, ids, settings.mostTries),
    ({ person_id }) => person_id,
  );
  const lookups = new Map(before);
  const asks = new Map<string, Record<string, unknown>>();
  for (const source of ctx.house.of(TOUCH_SOURCES)) {
    const { name } = source.core;
    const read = await source.read(ctx, ids, settings, before.get(name) ?? null);
    lookups.set(name, read.lookup);
    for (const [id, asked] of read.asks) {
      const all = asks.get(id) ?? {};
      all[name] = asked;
      asks.set(id, all);
    }
  }
  return {
    people: people.map((row) => ({
      id: row.id,
      promiseDays: row.promise_days,
      due: dueDay({
        promiseDays: row.promise_days,
        lastTouches: lasts.get(row.id) ?? [],
        addedOn: row.added_on,
        graceDays: settings.graceDays,
      }),
      lastOn: latest(lasts.get(row.id) ?? []),
      householdId: row.household_id,
      weight: row.position ?? 99,
      keeperKind: keeperKind(row),
      ...unansweredOf(row, unanswered.get(row.id) ?? []),
      asks: asks.get(row.id) ?? {},
    })),
    names: new Map(people.map(({ id, name }) => [id, name])),
    lookups,
  };
}

const latest = (touches: readonly { on: number }[]): number | null =>
  touches.length > 0 ? Math.max(...touches.map(({ on }) => on)) : null;

/** What is on record to reach somebody by, and was not refused. */
interface Reachable {
  has_phone: boolean;
  has_text: boolean;
  has_email: boolean;
  has_address: boolean;
}

/** The other ways, in the order in which they are tried: one that needs no number first. */
const OTHER_WAYS = [
  ['email', 'has_email'],
  ['text', 'has_text'],
  ['card', 'has_address'],
  ['call', 'has_phone'],
] as const;

function unansweredOf(
  has: Reachable,
  tried: readonly { kind: TouchKind; tries: number }[],
): Pick<PlanPerson, 'unanswered'> {
  if (tried.length === 0) return {};
  const isTried = (kind: TouchKind) => tried.some((one) => one.kind === kind);
  const [instead] = OTHER_WAYS.find(([kind, on]) => has[on] && !isTried(kind)) ?? [null];
  return { unanswered: tried.map(({ kind, tries }) => ({ kind, tries, instead })) };
}

/** How a promise is kept when no cadence says how: the most personal way on record. */
function keeperKind(has: Reachable): TouchKind {
  if (has.has_phone) return 'call';
  if (has.has_email) return 'email';
  return has.has_address ? 'card' : 'other';
}

/** Rows by a key, in their order. */
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
