import type { TouchTold } from '@/core/intake';
import { fold } from '@/core/people';

import type { PersonTable } from '../act';
import { maybeOne, type Sql } from '../db';

export interface BatchRow {
  id: string;
  file_name: string;
  at: string;
  people: number;
  left_out: number;
  undone: boolean;
  action_id: string | null;
}

export const insertBatch = (sql: Sql, batch: Omit<BatchRow, 'undone'>) =>
  sql.query(
    `insert into import_batch (id, file_name, at, people, left_out, action_id)
     values ($1::uuid, $2, $3::timestamptz, $4::int, $5::int, $6::uuid)`,
    [batch.id, batch.file_name, batch.at, batch.people, batch.left_out, batch.action_id],
  );

export const listBatches = (sql: Sql) =>
  sql.query<BatchRow>(`select * from import_batch b where not exists (select 1 from arriving a where a.batch_id = b.id)
     order by seq desc limit 100`);

export const findBatch = (sql: Sql, id: string) =>
  maybeOne<BatchRow>(sql, 'select * from import_batch where id = $1::uuid', [id]);

export const markBatchUndone = (sql: Sql, id: string) =>
  sql.query('update import_batch set undone = true where id = $1::uuid', [id]);

export async function circleIdsByName(sql: Sql): Promise<Map<string, string>> {
  const rows = await sql.query<{ id: string; name: string }>('select id, name from circle');
  return new Map(rows.map(({ id, name }) => [fold(name), id]));
}

/** The id of the circle that each is in; who is in none is left out. */
export const circlesOf = async (sql: Sql, ids: readonly string[]): Promise<Map<string, string>> =>
  new Map(
    (
      await sql.query<{ id: string; circle_id: string }>(
        'select id, circle_id from person where id = any($1::uuid[]) and circle_id is not null',
        [ids],
      )
    ).map((row) => [row.id, row.circle_id]),
  );

/** Lets nobody see the people of a batch until it is whole; see `arriving` in the migrations. */
export const hideBatch = (sql: Sql, id: string) =>
  sql.query('insert into arriving (batch_id) values ($1::uuid)', [id]);

/** Lets the rest of this transaction see the people of a batch that nobody else sees yet. */
export const seeBatch = (tx: Sql, id: string) =>
  tx.query(`select set_config('penpal.arriving', $1, true)`, [id]);

export async function showBatch(tx: Sql, id: string, people: number): Promise<void> {
  await tx.query('delete from arriving where batch_id = $1::uuid', [id]);
  await tx.query('update import_batch set people = $2::int where id = $1::uuid', [id, people]);
}

/** What those who came in were promised; the triggers leave it to this, once for all that is theirs. */
export const settleStandings = (tx: Sql, ids: readonly string[]) =>
  tx.query('select settle_standings($1::uuid[])', [ids]);

/** Whether what it takes to undo a batch is still kept. */
export const isRemembered = async (sql: Sql, { action_id }: BatchRow): Promise<boolean> =>
  (await sql.query('select 1 from action where id = $1::uuid', [action_id])).length > 0;

export const batchPeople = async (sql: Sql, id: string): Promise<string[]> =>
  (
    await sql.query<{ id: string }>('select id from person where batch_id = $1::uuid order by id', [
      id,
    ])
  ).map((row) => row.id);

/**
 * Removes those of `ids` who are as they came in: never edited, and nothing has happened with them
 * that did not come with the batch or by itself. Answers how many.
 */
export async function removeUntouched(
  tx: Sql,
  { action_id }: BatchRow,
  ids: readonly string[],
  tables: readonly PersonTable[],
): Promise<number> {
  const happened = tables
    .filter(({ person }) => person.countsAsHistory)
    .map(
      ({ table, person }) =>
        `and not exists (select 1 from ${table} t where (${person.columns.map((c) => `t.${c} = p.id`).join(' or ')})
           ${person.automatic ? `and not (${person.automatic})` : ''}
           and not exists (select 1 from change c where c.action_id = $2::uuid and c.row_id = t.id::text))`,
    );
  const rows = await tx.query<{ id: string }>(
    `select p.id from person p where p.id = any($1::uuid[]) and p.version = 1 and p.deleted_on is null
     ${happened.join('\n')}`,
    [ids, action_id],
  );
  const gone = [rows.map(({ id }) => id)];
  for (const { table, person } of tables)
    for (const column of person.columns)
      await tx.query(`delete from ${table} where ${column} = any($1::uuid[])`, gone);
  await tx.query('delete from person where id = any($1::uuid[])', gone);
  return rows.length;
}

/** What is noted about people, as "id body". */
export const noteBodies = async (sql: Sql, ids: readonly string[]): Promise<Set<string>> =>
  new Set(
    (
      await sql.query<{ person_id: string; body: string }>(
        'select person_id, body from note where person_id = any($1::uuid[])',
        [ids],
      )
    ).map(({ person_id, body }) => `${person_id} ${body}`),
  );

/** The day of each person's latest touch. */
export const lastDays = async (sql: Sql, ids: readonly string[]): Promise<Map<string, string>> =>
  new Map(
    (
      await sql.query<{ person_id: string; on_day: string }>(
        'select person_id, max(on_day) as on_day from touch where person_id = any($1::uuid[]) group by 1',
        [ids],
      )
    ).map(({ person_id, on_day }) => [person_id, on_day]),
  );

/** Everybody's name, of those who are not put away for good. */
export const everybodysNames = (sql: Sql) =>
  sql.query<{ id: string; name: string }>('select id, name from person where deleted_on is null');

/** Whether any of these rows is there. */
export const someAreThere = async (
  sql: Sql,
  table: string,
  rows: readonly string[],
): Promise<boolean> =>
  (
    await sql.query(`select 1 from public."${table}" where id::text = any($1::text[]) limit 1`, [
      rows,
    ])
  ).length > 0;

/** Which of these rows belong to some of these people. */
export const rowsOfPeople = async (
  sql: Sql,
  table: string,
  columns: readonly string[],
  rows: readonly string[],
  people: readonly string[],
): Promise<string[]> =>
  (
    await sql.query<{ id: string }>(
      `select id::text as id from ${table} where id::text = any($1::text[])
         and (${columns.map((column) => `${column} = any($2::uuid[])`).join(' or ')})`,
      [rows, people],
    )
  ).map(({ id }) => id);

/** Has what these people are looked up by made anew. */
export const makeKeysStale = (sql: Sql, ids: readonly string[]) =>
  sql.query('update person set keys_version = 0 where id = any($1::uuid[])', [ids]);

/** The touches on record of some people. */
export const touchesKnown = (sql: Sql, ids: readonly string[]) =>
  sql.query<TouchTold & { id: string }>(
    'select person_id as id, on_day as "on", kind, outcome from touch where person_id = any($1::uuid[])',
    [ids],
  );
