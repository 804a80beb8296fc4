import { plural } from '@/core/time';

import { noteWrite, type Context } from '../context';
import type { Sql } from '../db';
import { invalid } from '../http/errors';
import { findOrRefuse } from './actions';

/** Days after which deleted people are erased for good. */
export const GRACE_DAYS = 30;

/** Tables with rows of a person, in the order in which they can be emptied. */
const HELD = [
  { table: 'item_mark', words: null },
  { table: 'follow_up', words: ['follow-up', 'follow-ups'] },
  { table: 'enrolment', words: ['cadence', 'cadences'] },
  { table: 'touch', words: ['touch', 'touches'] },
  { table: 'note', words: ['note', 'notes'] },
  { table: 'job', words: ['piece of work', 'pieces of work'] },
  { table: 'photo', words: ['photo', 'photos'] },
  { table: 'person_tag', words: ['tag', 'tags'] },
  { table: 'passed_over', words: null },
] as const;

/** What is kept about somebody, in words, to be read before it goes. */
export async function heldOf(sql: Sql, id: string) {
  const { name } = await findOrRefuse(sql, id);
  const held: string[] = [];
  let enrolments = 0;
  for (const { table, words } of HELD) {
    if (!words) continue;
    const [row] = await sql.query<{ n: number }>(
      `select count(*)::int as n from ${table} where person_id = $1::uuid`,
      [id],
    );
    if (table === 'enrolment') enrolments = row!.n;
    if (row!.n > 0) held.push(plural(row!.n, words[0], words[1]));
  }
  const [ties] = await sql.query<{ n: number }>(
    'select count(*)::int as n from tie where person_id = $1::uuid or other_id = $1::uuid',
    [id],
  );
  if (ties!.n > 0) held.push(plural(ties!.n, 'tie', 'ties'));
  return { name, held, enrolments };
}

/** Erases one person at once and for good, when their name is given as it is shown. */
export async function erase(ctx: Context, id: string, name: string) {
  const person = await findOrRefuse(ctx.db, id);
  if (name.trim() !== person.name)
    throw invalid(`Type the name as it is shown, ${person.name}, to erase them.`, 'name');
  await ctx.db.transaction((tx) => eraseRows(tx, [id]));
  noteWrite(ctx);
  return { sentence: 'Erased. Nothing of them is left here; this cannot be undone.' };
}

/** Erases who was deleted longer ago than the days of grace; run once a day. */
export async function eraseExpired(ctx: Context): Promise<number> {
  const rows = await ctx.db.query<{ id: string }>(
    'select id from person where deleted_on < $1::date - $2::int',
    [ctx.clock.today(), GRACE_DAYS],
  );
  if (rows.length === 0) return 0;
  await ctx.db.transaction((tx) =>
    eraseRows(
      tx,
      rows.map(({ id }) => id),
    ),
  );
  noteWrite(ctx);
  return rows.length;
}

/**
 * Removes people with all that hangs on them, also from what is noted for undo, and takes their
 * names out of the sentences of the history. Outside of any action, so that nothing is noted anew.
 */
async function eraseRows(tx: Sql, ids: readonly string[]): Promise<void> {
  const gone = [ids];
  const rows = await rowIds(tx, ids);
  await tx.query('update person set merged_into = null where merged_into = any($1::uuid[])', gone);
  await tx.query('delete from not_same where a = any($1::uuid[]) or b = any($1::uuid[])', gone);
  await tx.query(
    'delete from tie where person_id = any($1::uuid[]) or other_id = any($1::uuid[])',
    gone,
  );
  await tx.query(
    `delete from item_mark where touch_id in (select id from touch where person_id = any($1::uuid[]))`,
    gone,
  );
  for (const { table } of HELD)
    await tx.query(`delete from ${table} where person_id = any($1::uuid[])`, gone);
  await eraseFromHistory(tx, ids, rows);
  await tx.query('delete from person where id = any($1::uuid[])', gone);
}

/** The rows of people: those that are there, and those that the history still tells of. */
async function rowIds(tx: Sql, ids: readonly string[]): Promise<string[]> {
  const there = HELD.map(
    ({ table }) => `select id::text as id from ${table} where person_id = any($1::uuid[])`,
  );
  const rows = await tx.query<{ id: string }>(
    `${there.join(' union ')}
     union select id::text from tie where person_id = any($1::uuid[]) or other_id = any($1::uuid[])
     union select row_id from change where coalesce(before, after) ->> 'person_id' = any($1::uuid[]::text[])
       or coalesce(before, after) ->> 'other_id' = any($1::uuid[]::text[])`,
    [ids],
  );
  return [...ids, ...rows.map(({ id }) => id)];
}

async function eraseFromHistory(
  tx: Sql,
  ids: readonly string[],
  rows: readonly string[],
): Promise<void> {
  const touched = await tx.query<{ action_id: string }>(
    'delete from change where row_id = any($1::text[]) returning action_id',
    [rows],
  );
  const names = await tx.query<{ name: string }>(
    'select name from person where id = any($1::uuid[])',
    [ids],
  );
  for (const { name } of names)
    await tx.query(`update action set sentence = replace(sentence, $1, 'somebody erased')`, [name]);
  // An action of which nothing is left to undo is no longer offered.
  await tx.query(
    `update action a set undone = true where a.id = any($1::uuid[])
       and not exists (select 1 from change c where c.action_id = a.id)`,
    [[...new Set(touched.map(({ action_id }) => action_id))]],
  );
}
