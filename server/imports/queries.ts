import { fold } from '@/core/people';

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
  sql.query<BatchRow>('select * from import_batch order by at desc, id desc limit 100');

export const findBatch = (sql: Sql, id: string) =>
  maybeOne<BatchRow>(sql, 'select * from import_batch where id = $1::uuid', [id]);

export const markBatchUndone = (sql: Sql, id: string) =>
  sql.query('update import_batch set undone = true where id = $1::uuid', [id]);

export async function circleIdsByName(sql: Sql): Promise<Map<string, string>> {
  const rows = await sql.query<{ id: string; name: string }>('select id, name from circle');
  return new Map(rows.map(({ id, name }) => [fold(name), id]));
}

/** People of the batch who are as they came in: never edited, nothing logged, noted or planned since. */
const UNTOUCHED = `with came as (select row_id from change where action_id = $3::uuid)
  select p.id from person p where p.batch_id = $1::uuid and p.version = 1 and p.deleted_on is null
  and not exists (select 1 from touch t where t.person_id = p.id and t.logged_at > $2::timestamptz)
  and not exists (select 1 from enrolment e where e.person_id = p.id)
  and not exists (select 1 from follow_up f where f.person_id = p.id)
  and not exists (select 1 from item_mark m where m.person_id = p.id)
  and not exists (select 1 from job j where j.person_id = p.id)
  and not exists (select 1 from note n where n.person_id = p.id and n.id::text not in (select row_id from came))
  and not exists (select 1 from tie t where (t.person_id = p.id or t.other_id = p.id)
    and t.id::text not in (select row_id from came))`;

export async function removeUntouched(sql: Sql, batch: BatchRow): Promise<number> {
  const rows = await sql.query<{ id: string }>(UNTOUCHED, [batch.id, batch.at, batch.action_id]);
  const ids = [rows.map(({ id }) => id)];
  for (const table of ['person_tag', 'note', 'touch', 'tie', 'photo', 'passed_over'])
    await sql.query(`delete from ${table} where person_id = any($1::uuid[])`, ids);
  await sql.query('delete from not_same where a = any($1::uuid[]) or b = any($1::uuid[])', ids);
  await sql.query('delete from person where id = any($1::uuid[])', ids);
  return rows.length;
}

export const countBatch = (sql: Sql, id: string, people: number) =>
  sql.query('update import_batch set people = $2::int where id = $1::uuid', [id, people]);

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
