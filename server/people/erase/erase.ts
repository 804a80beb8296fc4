import { addDays, longDate, plural } from '@/core/time';

import {
  emptyingOrder,
  personTables,
  references,
  TABLES,
  type PersonTable,
  type Reference,
} from '../../act';
import { invalid } from '../../api';
import type { Context } from '../../context';
import { backupsIn, KEPT_BACKUPS, one, scrub, type Sql } from '../../db';
import { addTask, runKind, type Recurring, type TaskHandler } from '../../tasks';
import { watchClock } from '../../settings';
import { erasedIn, noteErased } from './erased';
import { findOrRefuse } from '../find/find';

/** Days after which deleted people are erased for good. */
export const GRACE_DAYS = 30;

/** The condition that a row `t` is of one of the people in $1. */
const ofPeople = ({ person }: PersonTable) =>
  `(${person.columns.map((column) => `t.${column} = any($1::uuid[])`).join(' or ')})`;

/** What is kept about somebody, in words, to be read before it goes. */
export async function erasureOf(ctx: Context, id: string) {
  const { name } = await findOrRefuse(ctx.db, id);
  const held: string[] = [];
  let enrolments = 0;
  for (const table of personTables(ctx.house.of(TABLES))) {
    const { label } = table.person;
    if (!label) continue;
    const { n } = await one<{ n: number }>(
      ctx.db,
      `select count(*)::int as n from ${table.table} t where ${ofPeople(table)}`,
      [[id]],
    );
    if (table.table === 'enrolment') enrolments = n;
    if (n > 0) held.push(plural(n, ...label));
  }
  return { name, held, enrolments, backups: await backupWords(ctx) };
}

/** Erases one person at once and for good, when their name is given as it is shown. */
export async function erase(ctx: Context, id: string, name: string) {
  const person = await findOrRefuse(ctx.db, id);
  if (name.trim() !== person.name)
    throw invalid(`Type the name as it is shown, ${person.name}, to erase them.`, 'name');
  await noteErased(ctx.dataDir, id);
  await ctx.db.transaction(async (tx) => {
    await eraseRows(ctx, tx, id);
    await addTask(tx, { key: SCRUB, kind: SCRUB, now: ctx.clock.now(), again: true });
  });
  ctx.writes.bumpTopics(['people']);
  ctx.writes.markStale([id]);
  // What fails here is done by the task, in a minute.
  await runKind(ctx, SCRUB).catch((err: unknown) =>
    ctx.log.error({ err }, 'cleaning the files failed'),
  );
  const backups = await backupWords(ctx);
  return {
    sentence: `Erased. Nothing of them is left in the data; this cannot be undone.${backups ? ` ${backups}` : ''}`,
  };
}

const SCRUB = 'scrub';

/** Takes what was erased out of the files of the database too. */
export const scrubHandler: TaskHandler = {
  kind: SCRUB,
  async run({ db }) {
    await scrub(db);
    return { state: 'done', outcome: 'The files hold nothing of who was erased.' };
  },
};

/** Which backups still hold everybody of today, and until when; null where there are none. */
async function backupWords({ dataDir, clock }: Context): Promise<string | null> {
  if (!dataDir) return 'Backups of your PostgreSQL server keep them until they are replaced.';
  const { length } = await backupsIn(dataDir);
  if (length === 0) return null;
  const last = addDays(clock.today(), KEPT_BACKUPS);
  return `${plural(length, 'backup holds', 'backups hold')} them still; the last of these is replaced on ${longDate(last, clock.today())}, if Pen Pal runs every day. Restored from one, they are erased again.`;
}

/** Erases again who was erased after a backup was made that is now restored. */
export async function eraseAgain(ctx: Context): Promise<number> {
  const ids = await erasedIn(ctx.dataDir);
  const back = await ctx.db.query<{ id: string }>(
    'select id from person_all where id = any($1::uuid[])',
    [ids],
  );
  for (const { id } of back) await ctx.db.transaction((tx) => eraseRows(ctx, tx, id));
  if (back.length > 0) await scrub(ctx.db);
  return back.length;
}

const ERASE = 'erase';
const HELD = 'The clock of this machine may be wrong: nobody is erased for now.';

/** Puts who was deleted longer ago than the days of grace among the tasks, each one for itself. */
export const eraseExpired: Recurring = {
  name: 'erase-expired',
  async run(ctx) {
    if (!(await watchClock(ctx))) return HELD;
    const rows = await ctx.db.query<{ id: string }>(
      'select id from person where deleted_on < $1::date - $2::int',
      [ctx.clock.today(), GRACE_DAYS],
    );
    for (const { id } of rows)
      await addTask(ctx.db, {
        key: `${ERASE}:${id}`,
        kind: ERASE,
        // It goes with them, so that not even their id is left.
        personId: id,
        payload: { id },
        now: ctx.clock.now(),
        again: true,
      });
    return `${plural(rows.length, 'person', 'people')} to erase`;
  },
};

/** Erases one of those; not if they came back meanwhile. */
export const eraseHandler: TaskHandler<string> = {
  kind: ERASE,
  payload: (stored) => (stored as { id: string }).id,
  async within(ctx, tx, { payload: id }) {
    const gone = await tx.query(
      'select 1 from person where id = $1::uuid and deleted_on < $2::date - $3::int',
      [id, ctx.clock.today(), GRACE_DAYS],
    );
    if (gone.length === 0) return 'They are here again, or gone already.';
    await noteErased(ctx.dataDir, id);
    await eraseRows(ctx, tx, id);
    await addTask(tx, { key: SCRUB, kind: SCRUB, now: ctx.clock.now(), again: true });
    ctx.writes.bumpTopics(['people']);
    ctx.writes.markStale([id]);
    return 'Erased.';
  },
};

/**
 * Removes somebody with all that hangs on them, also from what is noted for undo, and takes their
 * names out of the sentences of the history. Outside of any action, so that nothing is noted anew.
 */
async function eraseRows(ctx: Context, tx: Sql, id: string): Promise<void> {
  const gone = [[id]];
  const refs = await references(tx);
  const order = emptyingOrder(personTables(ctx.house.of(TABLES)), refs);
  await eraseFromHistory(tx, id, await rowsOf(tx, order, id));
  await tx.query('update person set merged_into = null where merged_into = any($1::uuid[])', gone);
  for (const table of order) {
    for (const ref of refs.filter(({ to, from }) => to === table.table && from !== to))
      await dropDependent(tx, ref, table, gone);
    await tx.query(`delete from ${table.table} t where ${ofPeople(table)}`, gone);
  }
  await tx.query('delete from person_all where id = any($1::uuid[])', gone);
  for (const { table, orphan } of ctx.house.of(TABLES))
    if (orphan) await tx.query(`delete from ${table} t where ${orphan}`);
}

/** Rows of others that refer to one of theirs. */
const dropDependent = (tx: Sql, ref: Reference, table: PersonTable, gone: unknown[]) =>
  tx.query(
    `delete from ${ref.from} where ${ref.column} in (select t.id from ${table.table} t where ${ofPeople(table)})`,
    gone,
  );

/** The ids of what is theirs: what is there, and what the history still tells of. */
async function rowsOf(tx: Sql, tables: readonly PersonTable[], id: string): Promise<string[]> {
  const owned = tables.filter(({ rows }) => rows === 'owner');
  const columns = [...new Set(owned.flatMap(({ person }) => person.columns))];
  const rows = await tx.query<{ id: string }>(
    `${owned.map((t) => `select t.id::text as id from ${t.table} t where ${ofPeople(t)}`).join(' union ')}
     union select row_id from change where ${columns
       .map((column) => `coalesce(before, after) ->> '${column}' = any($1::uuid[]::text[])`)
       .join(' or ')}`,
    [[id]],
  );
  return [id, ...rows.map((row) => row.id)];
}

async function eraseFromHistory(tx: Sql, id: string, rows: readonly string[]): Promise<void> {
  // What they were called before stands in what was noted when it changed.
  const names = await tx.query<{ name: string }>(
    `select name from person where id = $1::uuid
     union select before ->> 'name' from change where row_id = $1::text and before ->> 'name' is not null
     union select after ->> 'name' from change where row_id = $1::text and after ->> 'name' is not null`,
    [id],
  );
  const touched = await tx.query<{ action_id: string }>(
    'delete from change where row_id = any($1::text[]) returning action_id',
    [rows],
  );
  // The longest first: a name that holds another one is taken out whole.
  for (const { name } of names.toSorted((a, b) => b.name.length - a.name.length)) {
    await tx.query(`update action set sentence = replace(sentence, $1, 'somebody erased')`, [name]);
    await tx.query('update request set answer = null where position($1 in answer::text) > 0', [
      name,
    ]);
  }
  await tx.query('update request set answer = null where position($1::text in answer::text) > 0', [
    id,
  ]);
  // Without them an action is planned for everybody when it is undone.
  await tx.query(
    `update action set about = nullif(array_remove(about, $1::uuid), '{}') where $1::uuid = any(about)`,
    [id],
  );
  // That something stood on a desk is counted on; of whom it was, is not kept.
  await tx.query(
    `update desk_pin set item_key = 'gone:' || gen_random_uuid() where item_key like '%' || $1::text || '%'`,
    [id],
  );
  // An action of which nothing is left to undo is no longer offered.
  await tx.query(
    `update action a set undone = true where a.id = any($1::uuid[])
       and not exists (select 1 from change c where c.action_id = a.id)`,
    [[...new Set(touched.map(({ action_id }) => action_id))]],
  );
}
