import type { CallInput, CallOutput } from '@/contract/endpoint';
import type { addEntry, changeEntry, ListName, readLists } from '@/contract/lists';
import type { OwnField } from '@/core/people';
import { plural } from '@/core/time';

import { act, type Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../http/errors';
import * as q from './queries';

const WORDS: Record<ListName, string> = {
  role: 'role',
  standing: 'standing',
  source: 'source',
  circle: 'circle',
  tag: 'tag',
  field: 'field',
};

export async function readAll(ctx: Context): Promise<CallOutput<typeof readLists>> {
  const { db } = ctx;
  const circles = await q.readEntries<q.EntryRow & { promise_days: number | null }>(db, 'circle');
  return {
    role: await q.readEntries(db, 'role'),
    standing: await q.readEntries(db, 'standing'),
    source: await q.readEntries(db, 'source'),
    circle: circles.map((c) => ({ ...c, promiseDays: c.promise_days })),
    tag: await q.readEntries(db, 'tag'),
    field: await q.readEntries<q.EntryRow & OwnField>(db, 'field'),
  };
}

const isNamed = (list: ListName): list is 'role' | 'standing' | 'source' =>
  list === 'role' || list === 'standing' || list === 'source';

async function assertFree(tx: Sql, list: ListName, name: string, ownId?: string): Promise<void> {
  const taken = await q.findByName(tx, list, name);
  if (taken && taken !== ownId)
    throw conflict(`There is a ${WORDS[list]} called ${name} already. Merge the two instead.`);
}

async function find(tx: Sql, list: ListName, id: string) {
  const entry = await q.findEntry(tx, list, id);
  if (!entry) throw notFound(`This ${WORDS[list]} is not there any more.`);
  return entry;
}

export async function add(
  ctx: Context,
  list: ListName,
  body: NonNullable<CallInput<typeof addEntry>['body']>,
) {
  const { name, type, choices, promiseDays } = body;
  if (list === 'field' && !type) throw invalid('Say what kind of field it is.', 'type');
  if (list === 'field' && type === 'choice' && !choices?.length)
    throw invalid('A choice needs what can be chosen.', 'choices');
  return act(ctx, async (tx) => {
    await assertFree(tx, list, name);
    const id = newId(ctx.clock.nowMs());
    await q.insertEntry(tx, list, {
      id,
      name,
      position: await q.nextPosition(tx, list),
      ...(list === 'field' ? { type, choices: choices ?? [] } : {}),
      ...(list === 'circle' ? { promise_days: promiseDays ?? null } : {}),
    });
    return { id, sentence: `Added the ${WORDS[list]} ${name}` };
  });
}

export async function change(
  ctx: Context,
  list: ListName,
  id: string,
  body: NonNullable<CallInput<typeof changeEntry>['body']>,
) {
  return act(ctx, async (tx) => {
    const entry = await find(tx, list, id);
    const { name, pinned, retired, choices, promiseDays } = body;
    if (name !== undefined) await assertFree(tx, list, name, id);
    const gone = choices && (entry.choices ?? []).filter((choice) => !choices.includes(choice));
    if (gone?.length) await assertUnused(tx, id, gone);
    await q.writeEntry(tx, list, id, {
      ...(name === undefined ? {} : { name }),
      ...(pinned === undefined ? {} : { pinned }),
      ...(retired === undefined ? {} : { retired }),
      ...(list === 'field' && choices ? { choices } : {}),
      ...(list === 'circle' && promiseDays !== undefined ? { promise_days: promiseDays } : {}),
    });
    const renamed = name !== undefined && name !== entry.name;
    const people =
      renamed && isNamed(list) ? await q.renameInPeople(tx, list, entry.name, name) : entry.people;
    const sentence = renamed
      ? `Renamed ${entry.name} to ${name} for ${plural(people, 'person', 'people')}`
      : `Changed the ${WORDS[list]} ${entry.name}`;
    return { people, sentence };
  });
}

async function assertUnused(tx: Sql, fieldId: string, choices: readonly string[]): Promise<void> {
  const [used] = await tx.query<{ choice: string; people: number }>(
    `select own ->> $1 as choice, count(*)::int as people from person
     where own ->> $1 = any($2::text[]) group by 1 limit 1`,
    [fieldId, choices],
  );
  if (used)
    throw conflict(
      `${plural(used.people, 'person has', 'people have')} “${used.choice}”, so it can't be taken out of the choices.`,
    );
}

export async function order(ctx: Context, list: ListName, ids: readonly string[]) {
  return act(ctx, async (tx) => {
    await q.writeOrder(tx, list, ids);
    return { sentence: `Put the ${list === 'field' ? 'fields' : `${WORDS[list]}s`} in order` };
  });
}

/** Moves whoever has an entry to another one, or to none. */
async function move(
  tx: Sql,
  list: ListName,
  from: q.EntryRow,
  to: q.EntryRow | null,
): Promise<number> {
  if (isNamed(list)) return q.renameInPeople(tx, list, from.name, to?.name ?? null);
  if (list === 'circle') return q.moveCircle(tx, from.id, to?.id ?? null);
  return list === 'tag'
    ? q.moveTag(tx, from.id, to?.id ?? null)
    : q.moveOwn(tx, from.id, to?.id ?? null);
}

export async function merge(ctx: Context, list: ListName, id: string, into: string) {
  if (id === into) throw invalid(`A ${WORDS[list]} can't be merged with itself.`, 'into');
  return act(ctx, async (tx) => {
    const [from, to] = [await find(tx, list, id), await find(tx, list, into)];
    if (from.type !== to.type)
      throw invalid(`${from.name} and ${to.name} hold different kinds of values.`, 'into');
    if (list === 'field' && from.type === 'choice')
      await q.writeEntry(tx, list, into, {
        choices: [...new Set([...(to.choices ?? []), ...(from.choices ?? [])])],
      });
    const people = await move(tx, list, from, to);
    await q.deleteEntry(tx, list, id);
    const sentence = `Merged ${from.name} into ${to.name} for ${plural(people, 'person', 'people')}`;
    return { people, sentence };
  });
}

export async function remove(ctx: Context, list: ListName, id: string) {
  return act(ctx, async (tx) => {
    const entry = await find(tx, list, id);
    const people = await move(tx, list, entry, null);
    await q.deleteEntry(tx, list, id);
    const from = people > 0 ? `, also from ${plural(people, 'person', 'people')}` : '';
    return { people, sentence: `Took away the ${WORDS[list]} ${entry.name}${from}` };
  });
}
