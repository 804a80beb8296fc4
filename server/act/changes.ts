import type { Topic } from '@/contract/topics';

import { maybeOne, type Sql } from '../db';

/** Days for which what was done can be undone, and stands in the history. */
export const KEPT_DAYS = 180;

export interface ActionRow {
  id: string;
  at: string;
  sentence: string;
  undone: boolean;
}

/** The latest actions that are no undoing of others. */
export const recentActions = (sql: Sql, limit: number) =>
  sql.query<ActionRow>(
    `select id, at, sentence, undone from action where undoes is null and not running
     order by seq desc limit $1::int`,
    [limit],
  );

export const findAction = (sql: Sql, id: string) =>
  maybeOne<ActionRow & { undoes: string | null; about: string[] | null; topics: Topic[] }>(
    sql,
    `select id, at, sentence, undone, undoes, about, topics from action
     where id = $1::uuid and not running`,
    [id],
  );

export const markUndone = (sql: Sql, id: string, undone: boolean) =>
  sql.query('update action set undone = $2 where id = $1::uuid', [id, undone]);

const ACTIONS_FORGOTTEN_PER_ROUND = 200;

/** Forgets some of what was done before a day; answers how many actions. Changes go with theirs. */
export const forgetOld = async (sql: Sql, before: string): Promise<number> => {
  const rows = await sql.query(
    `with old as (select id from action where at < $1::date and not running
        and not exists (select 1 from action u where u.undoes = action.id and u.at >= $1::date)
        order by seq limit $2::int),
       gone as (update action set undoes = null where undoes in (select id from old) returning 1)
     select id from old`,
    [before, ACTIONS_FORGOTTEN_PER_ROUND],
  );
  await sql.query('delete from action where id = any($1::uuid[])', [rows.map(({ id }) => id)]);
  return rows.length;
};

/** Changes of one table in a row, of one kind. */
export interface Run {
  table_name: string;
  op: 'insert' | 'update' | 'delete';
  first: number;
  last: number;
  changes: number;
}

/** Changes that are reverted in one go: so few that others need not wait. */
const CHANGES_PER_RUN = 200;

/** The changes of an action in reverse: runs of the same table and operation, not too long. */
export const runsOf = (sql: Sql, actionId: string) =>
  sql.query<Run>(
    `select table_name, op, min(seq)::int as first, max(seq)::int as last, count(*)::int as changes
     from (select *, row_number() over (partition by table_name, op, run order by seq) / $2::int as part
           from (select seq, table_name, op,
                   row_number() over (order by seq) - row_number() over (partition by table_name, op order by seq) as run
                 from change where action_id = $1::uuid) c) d
     group by table_name, op, run, part order by max(seq) desc`,
    [actionId, CHANGES_PER_RUN],
  );

/** The ids of the rows in a run of changes. */
export const idsIn = async (sql: Sql, actionId: string, run: Run): Promise<string[]> =>
  (
    await sql.query<{ row_id: string }>(
      `select row_id from change where action_id = $1::uuid and seq between $2::int and $3::int
         and table_name = $4 and op = $5`,
      [actionId, run.first, run.last, run.table_name, run.op],
    )
  ).map(({ row_id }) => row_id);

// With its schema, because some names (circle) are types of PostgreSQL's own as well.
export const tableIdent = (name: string) => `public.${ident(name)}`;

const ident = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Each row of a run once: its columns as they were before its first change, and after its last. */
const ROWS = `select row_id, merged(before order by seq desc) as before, merged(after order by seq) as after
  from change where action_id = $1::uuid and seq between $2::int and $3::int
    and table_name = $4 and op = $5 and not row_id = any($6::text[])
  group by row_id`;

const params = (actionId: string, run: Run, spare: readonly string[] = []) => [
  actionId,
  run.first,
  run.last,
  run.table_name,
  run.op,
  spare,
];

/**
 * The rows of a run with the rows of the table as they are now (`t`, null where one is gone). The id
 * is read as the type that the table has; a function in `from` is called once a row, not once a column.
 */
const withPresent = (table: string, join: 'join' | 'left join') =>
  `(${ROWS}) c cross join lateral jsonb_populate_record(null::${table}, jsonb_build_object('id', c.row_id)) k
   ${join} ${table} t on t.id = k.id`;

/** Rows of an update that are no longer as the action left them. */
export const changedSince = async (sql: Sql, actionId: string, run: Run): Promise<string[]> =>
  (
    await sql.query<{ row_id: string }>(
      `select c.row_id from ${withPresent(tableIdent(run.table_name), 'left join')}
       where to_jsonb(t) || c.after is distinct from to_jsonb(t)`,
      params(actionId, run),
    )
  ).map(({ row_id }) => row_id);

/** Rows of a run that another action has changed since; what was undone meanwhile does not count. */
export const changedLater = async (sql: Sql, actionId: string, run: Run): Promise<string[]> =>
  (
    await sql.query<{ row_id: string }>(
      `select distinct c.row_id from change c
       join change later on later.table_name = c.table_name and later.row_id = c.row_id
         and later.seq > c.seq and later.action_id <> c.action_id and later.op = 'update'
       join action a on a.id = later.action_id and not a.undone and a.undoes is null
       where c.action_id = $1::uuid and c.seq between $2::int and $3::int
         and c.table_name = $4 and c.op = $5`,
      params(actionId, run).slice(0, 5),
    )
  ).map(({ row_id }) => row_id);

/**
 * Puts back what a run of changes did, but for the rows to `spare`. With `kept`, what others wrote since
 * stays: columns that they changed, and rows that they put where one was taken away.
 */
export async function revert(
  sql: Sql,
  actionId: string,
  run: Run,
  { kept = false, spare = [] }: { kept?: boolean; spare?: readonly string[] } = {},
): Promise<void> {
  const table = tableIdent(run.table_name);
  const all = params(actionId, run, spare);
  if (run.op === 'insert') {
    const ids = `select k.id from (${ROWS}) c
      cross join lateral jsonb_populate_record(null::${table}, jsonb_build_object('id', c.row_id)) k`;
    await sql.query(`delete from ${table} where id in (${ids})`, all);
    return;
  }
  const names = await writableColumns(sql, run.table_name);
  if (run.op === 'delete') {
    await sql.query(
      `insert into ${table} (${names.join(', ')}) select ${names.map((name) => `r.${name}`).join(', ')}
       from (${ROWS}) c cross join lateral jsonb_populate_record(null::${table}, c.before) r
       ${kept ? 'on conflict do nothing' : ''}`,
      all,
    );
    return;
  }
  const back = kept
    ? `coalesce((select jsonb_object_agg(k, c.before -> k) from jsonb_object_keys(c.before) k
         where c.before -> k is distinct from c.after -> k and to_jsonb(t) -> k is not distinct from c.after -> k), '{}')`
    : 'c.before';
  const set = names
    .filter((name) => name !== '"id"')
    .map((name) => `${name} = r.${name}`)
    .join(', ');
  await sql.query(
    `with r as materialized (
       select r.* from ${withPresent(table, 'join')}
       cross join lateral jsonb_populate_record(t, ${back}) r)
     update ${table} u set ${set} from r where u.id = r.id`,
    all,
  );
}

/** Columns that can be written; computed ones follow from them. */
export async function writableColumns(sql: Sql, table: string): Promise<string[]> {
  const columns = await sql.query<{ name: string }>(
    `select column_name as name from information_schema.columns
     where table_schema = 'public' and table_name = $1 and is_generated = 'NEVER'`,
    [table],
  );
  return columns.map(({ name }) => ident(name));
}

/** Forgets a run of changes that was put back. */
export const forgetRun = (sql: Sql, actionId: string, run: Run) =>
  sql.query(
    `delete from change where action_id = $1::uuid and seq between $2::int and $3::int
       and table_name = $4 and op = $5`,
    params(actionId, run).slice(0, 5),
  );
