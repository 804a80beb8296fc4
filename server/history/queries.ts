import { maybeOne, type Sql } from '../db';

export interface ActionRow {
  id: string;
  at: string;
  sentence: string;
  undone: boolean;
}

export const recentActions = (sql: Sql, limit: number) =>
  sql.query<ActionRow>(
    'select id, at, sentence, undone from action where undoes is null order by at desc, id desc limit $1::int',
    [limit],
  );

export const findAction = (sql: Sql, id: string) =>
  maybeOne<ActionRow & { undoes: string | null; about: string[] | null }>(
    sql,
    'select id, at, sentence, undone, undoes, about from action where id = $1::uuid',
    [id],
  );

export const markUndone = (sql: Sql, id: string, undone: boolean) =>
  sql.query('update action set undone = $2 where id = $1::uuid', [id, undone]);

export interface ChangeGroup {
  table_name: string;
  op: 'insert' | 'update' | 'delete';
  ids: string[];
}

/** The changes of an action in reverse, runs of the same table and operation together. */
export const changeGroups = (sql: Sql, actionId: string) =>
  sql.query<ChangeGroup & { first: number; last: number }>(
    `select table_name, op, array_agg(row_id) as ids, min(seq)::int as first, max(seq)::int as last
     from (select *, seq - row_number() over (partition by table_name, op order by seq) as run
           from change where action_id = $1::uuid) c
     group by table_name, op, run order by max(seq) desc`,
    [actionId],
  );

// With its schema, because some names (circle) are types of PostgreSQL's own as well.
const tableIdent = (name: string) => `public.${ident(name)}`;

const ident = (name: string) => `"${name.replaceAll('"', '""')}"`;

/** Rows of an update that are no longer as the action left them. */
export const changedSince = (sql: Sql, actionId: string, group: ChangeGroup & Span) =>
  sql.query<{ row_id: string }>(
    `select c.row_id from (
       select distinct on (row_id) row_id, after from change
       where action_id = $1::uuid and seq between $2::int and $3::int order by row_id, seq desc) c
     left join ${tableIdent(group.table_name)} t on t.id::text = c.row_id
     where c.after is distinct from to_jsonb(t)`,
    [actionId, group.first, group.last],
  );

interface Span {
  first: number;
  last: number;
}

/**
 * Takes people who are about to go off the cadences that took them in by themselves, as long as
 * nothing came of it: that is not the owner's doing, and keeps no undo from being possible.
 */
export const dropJoined = (sql: Sql, personIds: readonly string[]) =>
  sql.query(
    `delete from enrolment e where e.person_id = any($1::uuid[]) and e.origin <> 'hand'
       and not exists (select 1 from item_mark m where m.enrolment_id = e.id)`,
    [personIds],
  );

export async function revert(sql: Sql, actionId: string, group: ChangeGroup & Span): Promise<void> {
  const table = tableIdent(group.table_name);
  if (group.op === 'insert') {
    await sql.query(
      `delete from ${table} where id in (select (jsonb_populate_record(null::${table}, jsonb_build_object('id', row_id))).id
        from change where action_id = $1::uuid and seq between $2::int and $3::int)`,
      [actionId, group.first, group.last],
    );
    return;
  }
  // Computed columns can't be written; they follow from the others.
  const columns = await sql.query<{ name: string }>(
    `select column_name as name from information_schema.columns
     where table_schema = 'public' and table_name = $1 and is_generated = 'NEVER'`,
    [group.table_name],
  );
  const names = columns.map(({ name }) => ident(name));
  // A row changed twice in the action goes back to what it was before the first change.
  const rows = `select (jsonb_populate_record(null::${table}, c.before)).* from (
    select distinct on (row_id) before from change
    where action_id = $1::uuid and seq between $2::int and $3::int order by row_id, seq) c`;
  const params = [actionId, group.first, group.last];
  if (group.op === 'delete') {
    await sql.query(
      `insert into ${table} (${names.join(', ')}) select ${names.join(', ')} from (${rows}) r`,
      params,
    );
    return;
  }
  const set = names
    .filter((name) => name !== '"id"')
    .map((name) => `${name} = r.${name}`)
    .join(', ');
  await sql.query(`update ${table} t set ${set} from (${rows}) r where t.id = r.id`, params);
}
