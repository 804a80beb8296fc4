import { withoutOther } from '@/core/people';

import {
  act,
  personTables,
  references,
  revert,
  runsOf,
  TABLES,
  undoAction,
  writableColumns,
  type PersonTable,
  type Reference,
  type Run,
} from '../../act';
import { notFound, Refusal } from '../../api';
import type { Context } from '../../context';
import { maybeOne, type Sql } from '../../db';
import { rewrite } from '../actions';
import { GRACE_DAYS } from '../erase/erase';
import { findOrRefuse } from '../find/find';
import { fieldsOf, type PersonRecord } from '../record/records';
import { mergedEffects } from './merge';

export const listMerged = (ctx: Context) =>
  ctx.db.query<{ goneId: string; gone: string; keepId: string; keep: string; on: never }>(
    `select g.id as "goneId", g.name as gone, k.id as "keepId", k.name as keep, g.deleted_on as on
     from person g join person k on k.id = g.merged_into
     where g.deleted_on >= $1::date - $2::int order by g.deleted_on desc, g.id desc limit 200`,
    [ctx.clock.today(), GRACE_DAYS],
  );

/** A merge: the action it was part of, and the two people. */
interface Merge {
  actionId: string;
  keepId: string;
  goneId: string;
}

/**
 * Makes two of one again. When nothing changed since, the whole merge is undone; otherwise what was
 * the other's goes back to them, and the one who stayed keeps what was added or changed since.
 */
export async function takeApart(ctx: Context, goneId: string) {
  const merge = await mergeOf(ctx.db, goneId);
  if (!merge) throw notFound('This merge can no longer be taken apart.');
  if (merge.only)
    try {
      return await undoAction(ctx, merge.actionId);
    } catch (error) {
      if (!(error instanceof Refusal) || error.code !== 'conflict') throw error;
    }
  return act(ctx, async (tx) => {
    const gone = await findOrRefuse(tx, goneId);
    if (!gone.merged_into) throw notFound('These are two people already.');
    await giveBack(ctx, tx, merge, gone);
    return {
      sentence: `Separated ${gone.name} again`,
      ...mergedEffects([goneId, merge.keepId]),
    };
  });
}

/** The merge by which somebody went into another, and whether it is the only one of its action. */
const mergeOf = (sql: Sql, goneId: string) =>
  maybeOne<Merge & { only: boolean }>(
    sql,
    `select c.action_id as "actionId", c.after ->> 'merged_into' as "keepId", $1::text as "goneId",
       (select count(*) = 1 from change o where o.action_id = c.action_id
         and o.table_name = 'person_all' and o.after ->> 'merged_into' is not null) as only
     from change c join action a on a.id = c.action_id and not a.undone and a.undoes is null
     where c.row_id = $1 and c.table_name = 'person_all' and c.after ->> 'merged_into' is not null
     order by c.seq desc limit 1`,
    [goneId],
  );

/** What the merge took from somebody goes back to them, as far as it is still there. */
async function giveBack(ctx: Context, tx: Sql, merge: Merge, gone: PersonRecord): Promise<void> {
  const refs = await references(tx);
  const chain = await chainOf(tx, merge);
  const tables = new Map(personTables(ctx.house.of(TABLES)).map((one) => [one.table, one]));
  for (const run of await runsOf(tx, merge.actionId)) {
    const table = tables.get(run.table_name);
    if (!table) continue;
    if (run.op === 'insert') await dropCopies(tx, table, merge);
    else if (run.op === 'update') {
      await moveBack(tx, table, merge, chain);
      await revert(tx, merge.actionId, run, {
        kept: true,
        spare: await others(tx, table, merge, run),
      });
    }
  }
  for (const table of tables.values()) await bringBack(tx, table, merge, { chain, refs });
  const home = await before<{ household_id: string | null }>(tx, merge.actionId, merge.goneId);
  await tx.query(
    `update person set deleted_on = null, merged_into = null, version = version + 1,
       household_id = (select id from household where id = $2::uuid) where id = $1::uuid`,
    [merge.goneId, home?.household_id ?? null],
  );
  for (const one of chain)
    await partFields(tx, one, { ...gone, household_id: home?.household_id ?? null });
}

/** How somebody was before an action changed them: the columns that it changed. */
const before = async <R>(tx: Sql, actionId: string, personId: string): Promise<R | undefined> =>
  (
    await tx.query<{ row: R }>(
      `select merged(before order by seq desc) as row from change
       where action_id = $1::uuid and table_name = 'person_all' and row_id = $2`,
      [actionId, personId],
    )
  )[0]?.row;

/** A merge and those by which whoever stayed then went into others in turn. */
async function chainOf(tx: Sql, merge: Merge): Promise<Merge[]> {
  const keep = await findOrRefuse(tx, merge.keepId);
  if (!keep.merged_into) return [merge];
  const next = await mergeOf(tx, merge.keepId);
  return next ? [merge, ...(await chainOf(tx, next))] : [merge];
}

/** Rows that were of the one who went, and are of somebody they went into, are theirs again. */
async function moveBack(
  tx: Sql,
  { table, person: { columns } }: PersonTable,
  { actionId, goneId }: Merge,
  chain: readonly Merge[],
): Promise<void> {
  for (const column of columns)
    await tx.query(
      `update ${table} t set ${column} = $2::uuid from change c
       where c.action_id = $1::uuid and c.table_name = '${table}' and c.op = 'update'
         and c.row_id = t.id::text and c.before ->> '${column}' = $2::text and t.${column} = any($3::uuid[])`,
      [actionId, goneId, chain.map(({ keepId }) => keepId)],
    );
}

/** Rows of a run of updates that were not of the one who went. */
const others = async (
  tx: Sql,
  { person: { columns } }: PersonTable,
  { actionId, goneId }: Merge,
  run: Run,
): Promise<string[]> =>
  (
    await tx.query<{ row_id: string }>(
      `select distinct row_id from change where action_id = $1::uuid and seq between $2::int and $3::int
         and table_name = $4 and op = 'update' and row_id not in (
           select row_id from change where action_id = $1::uuid and table_name = $4
             and ${columns.map((column) => `before ->> '${column}' = $5`).join(' or ')})`,
      [actionId, run.first, run.last, run.table_name, goneId],
    )
  ).map(({ row_id }) => row_id);

/** Copies under the key of the one who stays, of rows that stayed with the one who went. */
async function dropCopies(
  tx: Sql,
  { table, person: { columns, merge: how } }: PersonTable,
  { actionId, keepId, goneId }: Merge,
): Promise<void> {
  if (typeof how !== 'object' || !('key' in how)) return;
  for (const column of columns)
    await tx.query(
      `delete from ${table} t using ${table} own, change c
       where own.${column} = $3::uuid and t.${how.key} = replace(own.${how.key}, $3::text, $2::text)
         and c.action_id = $1::uuid and c.table_name = '${table}' and c.op = 'insert' and c.row_id = t.id::text`,
      [actionId, keepId, goneId],
    );
}

/**
 * Rows that fell away as the twin of another come back, if what they refer to is still there: those of the
 * one who went, which fell away when they were merged, or when whoever they went into was.
 */
async function bringBack(
  tx: Sql,
  { table, person: { columns } }: PersonTable,
  { actionId, goneId }: Merge,
  { chain, refs }: { chain: readonly Merge[]; refs: readonly Reference[] },
): Promise<void> {
  const there = refs
    .filter(({ from, to }) => from === table && to !== 'person_all')
    .map(
      ({ to, column }) =>
        `and ((r.row).${column} is null or exists (select 1 from public."${to}" x where x.id = (r.row).${column}))`,
    );
  const names = await writableColumns(tx, table);
  for (const column of columns)
    await tx.query(
      `insert into ${table} (${names.join(', ')}) select ${names.map((name) => `(r.row).${name}`).join(', ')}
       from (select jsonb_populate_record(null::${table}, c.before || jsonb_build_object('${column}', $2::text)) as row
         from change c where c.table_name = '${table}' and c.op = 'delete' and (
           (c.action_id = $1::uuid and c.before ->> '${column}' = $2::text)
           or (c.action_id = any($3::uuid[]) and exists (select 1 from change u where u.action_id = $1::uuid
             and u.table_name = '${table}' and u.op = 'update' and u.row_id = c.row_id
             and u.before ->> '${column}' = $2::text)))) r
       where true ${there.join(' ')} on conflict do nothing`,
      [actionId, goneId, chain.slice(1).map((later) => later.actionId)],
    );
}

/** What was known of the other only is no longer said of the one who stayed. */
async function partFields(tx: Sql, { actionId, keepId }: Merge, gone: PersonRecord): Promise<void> {
  const keep = await findOrRefuse(tx, keepId);
  const changed = await before<object>(tx, actionId, keepId);
  const [was] = await tx.query<PersonRecord>(
    `select r.* from person_all k cross join lateral jsonb_populate_record(k, $2::jsonb) r where k.id = $1::uuid`,
    [keepId, JSON.stringify(changed ?? {})],
  );
  if (!was) return;
  const fields = withoutOther(fieldsOf(keep), fieldsOf(was), fieldsOf(gone));
  const own = <K extends keyof PersonRecord>(key: K): PersonRecord[K] =>
    keep[key] === gone[key] ? was[key] : keep[key];
  await rewrite(tx, keep, fields, keep.version, {
    circleId: own('circle_id'),
    ownPromiseDays: own('own_promise_days'),
  });
  await tx.query(
    `update person set household_id = (select id from household where id = $2::uuid),
       photo_id = (select id from photo where id = $3::uuid), added_on = $4::date where id = $1::uuid`,
    [keepId, own('household_id'), own('photo_id'), own('added_on')],
  );
}
