import type { CallInput, CallOutput } from '@/contract/endpoint';
import type { addEntry, changeEntry, ListName, readLists } from '@/contract/lists';
import type { OwnField } from '@/core/people';
import { plural } from '@/core/time';

import { act, actInSteps, FEW, type Acted, type Effects } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../api';
import * as queries from './queries';

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
  const circles = await queries.readEntries<queries.EntryRow & { promise_days: number | null }>(
    db,
    'circle',
  );
  return {
    role: await queries.readEntries(db, 'role'),
    standing: await queries.readEntries(db, 'standing'),
    source: await queries.readEntries(db, 'source'),
    circle: circles.map((c) => ({ ...c, promiseDays: c.promise_days })),
    tag: await queries.readEntries(db, 'tag'),
    field: await queries.readEntries<queries.EntryRow & OwnField>(db, 'field'),
  };
}

const isNamed = (list: ListName): list is 'role' | 'standing' | 'source' =>
  list === 'role' || list === 'standing' || list === 'source';

async function assertFree(tx: Sql, list: ListName, name: string, ownId?: string): Promise<void> {
  const taken = await queries.findByName(tx, list, name);
  if (taken && taken !== ownId)
    throw conflict(`There is a ${WORDS[list]} called ${name} already. Merge the two instead.`);
}

async function find(tx: Sql, list: ListName, id: string) {
  const entry = await queries.findEntry(tx, list, id);
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
    await queries.insertEntry(tx, list, {
      id,
      name,
      position: await queries.nextPosition(tx, list),
      ...(list === 'field' ? { type, choices: choices ?? [] } : {}),
      ...(list === 'circle' ? { promise_days: promiseDays ?? null } : {}),
    });
    return {
      id,
      sentence: `Added the ${WORDS[list]} ${name}`,
      plan: 'nobody',
      topics: ['lists', 'settings'],
    };
  });
}

export async function change(
  ctx: Context,
  list: ListName,
  id: string,
  body: NonNullable<CallInput<typeof changeEntry>['body']>,
) {
  const entry = await find(ctx.db, list, id);
  const { name, pinned, retired, choices, promiseDays } = body;
  const renamed = name !== undefined && name !== entry.name;
  const holders = renamed && isNamed(list) ? await queries.holdersOf(ctx.db, list, id) : null;
  return changeWithPeople(ctx, `Renaming ${entry.name}`, holders ?? [], {
    entry: async (tx) => {
      if (name !== undefined) await assertFree(tx, list, name, id);
      const gone = choices && (entry.choices ?? []).filter((choice) => !choices.includes(choice));
      if (gone?.length) await assertUnused(tx, id, gone);
      await queries.writeEntry(tx, list, id, {
        ...(name === undefined ? {} : { name }),
        ...(pinned === undefined ? {} : { pinned }),
        ...(retired === undefined ? {} : { retired }),
        ...(list === 'field' && choices ? { choices } : {}),
        ...(list === 'circle' && promiseDays !== undefined ? { promise_days: promiseDays } : {}),
      });
    },
    people: async (tx, some) => {
      if (renamed && isNamed(list)) await queries.renameInPeople(tx, list, entry.name, name, some);
    },
    done: () => {
      const people = holders?.length ?? entry.people;
      const sentence = renamed
        ? `Renamed ${entry.name} to ${name} for ${plural(people, 'person', 'people')}`
        : `Changed the ${WORDS[list]} ${entry.name}`;
      const promised = list === 'circle' && promiseDays !== undefined;
      return { people, sentence, ...effectsOn(list, promised, renamed) };
    },
  });
}

/**
 * Changes an entry and then whoever has it: many of them part by part, and at last those who came to
 * it meanwhile.
 */
function changeWithPeople<R extends Acted>(
  ctx: Context,
  what: string,
  holders: readonly string[],
  work: {
    entry?: (tx: Sql) => Promise<unknown>;
    people: (tx: Sql, some: readonly string[] | null) => Promise<unknown>;
    last?: (tx: Sql) => Promise<unknown>;
    done: () => R;
  },
) {
  const last = async (tx: Sql) => {
    await work.people(tx, null);
    await work.last?.(tx);
  };
  if (holders.length <= FEW)
    return act(ctx, async (tx) => {
      await work.entry?.(tx);
      await last(tx);
      return work.done();
    });
  return actInSteps(ctx, what, async (step) => {
    if (work.entry) await step(work.entry);
    await step.each(holders, work.people);
    return { done: work.done(), last };
  });
}

/** A circle carries a promise; other lists plan nobody, but views and rotas may go by them. */
function effectsOn(list: ListName, promised: boolean, inPeople: boolean): Effects {
  return {
    plan: list === 'circle' && promised ? 'everybody' : 'nobody',
    ...(inPeople ? { about: 'everybody' as const } : {}),
    topics: ['lists', 'settings', ...(inPeople ? (['people'] as const) : [])],
  };
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
    await queries.writeOrder(tx, list, ids);
    return {
      sentence: `Put the ${list === 'field' ? 'fields' : `${WORDS[list]}s`} in order`,
      // Among equals the closer circle goes first.
      plan: list === 'circle' ? 'everybody' : 'nobody',
      topics: ['lists', 'settings'],
    };
  });
}

/** Moves whoever has an entry to another one, or to none. */
const mover =
  (list: ListName, from: queries.EntryRow, to: queries.EntryRow | null) =>
  (tx: Sql, some: readonly string[] | null): Promise<unknown> => {
    if (isNamed(list)) return queries.renameInPeople(tx, list, from.name, to?.name ?? null, some);
    if (list === 'circle') return queries.moveCircle(tx, from.id, to?.id ?? null, some);
    return list === 'tag'
      ? queries.moveTag(tx, from.id, to?.id ?? null, some)
      : queries.moveOwn(tx, from.id, to?.id ?? null, some);
  };

export async function merge(ctx: Context, list: ListName, id: string, into: string) {
  if (id === into) throw invalid(`A ${WORDS[list]} can't be merged with itself.`, 'into');
  const [from, to] = [await find(ctx.db, list, id), await find(ctx.db, list, into)];
  if (from.type !== to.type)
    throw invalid(`${from.name} and ${to.name} hold different kinds of values.`, 'into');
  const holders = await queries.holdersOf(ctx.db, list, id);
  const people = holders.length;
  return changeWithPeople(ctx, `Merging ${from.name} into ${to.name}`, holders, {
    entry: async (tx) => {
      if (list === 'field' && from.type === 'choice')
        await queries.writeEntry(tx, list, into, {
          choices: [...new Set([...(to.choices ?? []), ...(from.choices ?? [])])],
        });
    },
    people: mover(list, from, to),
    last: (tx) => queries.deleteEntry(tx, list, id),
    done: () => ({
      people,
      sentence: `Merged ${from.name} into ${to.name} for ${plural(people, 'person', 'people')}`,
      ...effectsOn(list, true, true),
    }),
  });
}

export async function remove(ctx: Context, list: ListName, id: string) {
  const entry = await find(ctx.db, list, id);
  const holders = await queries.holdersOf(ctx.db, list, id);
  const people = holders.length;
  const from = people > 0 ? `, also from ${plural(people, 'person', 'people')}` : '';
  return changeWithPeople(ctx, `Taking away ${entry.name}`, holders, {
    people: mover(list, entry, null),
    last: (tx) => queries.deleteEntry(tx, list, id),
    done: () => ({
      people,
      sentence: `Took away the ${WORDS[list]} ${entry.name}${from}`,
      ...effectsOn(list, true, true),
    }),
  });
}
