import { fold } from '@/core/people';

import { maybeOne, type Sql } from '../db';

export interface BatchRow {
  id: string;
  file_name: string;
  at: string;
  people: number;
  left_out: number;
  undone: boolean;
}

export const insertBatch = (sql: Sql, batch: Omit<BatchRow, 'undone'>) =>
  sql.query(
    `insert into import_batch (id, file_name, at, people, left_out)
     values ($1::uuid, $2, $3::timestamptz, $4::int, $5::int)`,
    [batch.id, batch.file_name, batch.at, batch.people, batch.left_out],
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
const UNTOUCHED = `select p.id from person p where p.batch_id = $1::uuid and p.version = 1
  and not exists (select 1 from touch t where t.person_id = p.id and t.logged_at > $2::timestamptz)
  and not exists (select 1 from enrolment e where e.person_id = p.id)
  and not exists (select 1 from follow_up f where f.person_id = p.id)
  and not exists (select 1 from item_mark m where m.person_id = p.id)
  and not exists (select 1 from note n where n.person_id = p.id having count(*) > 1)`;

export async function removeUntouched(sql: Sql, batchId: string, at: string): Promise<number> {
  const rows = await sql.query<{ id: string }>(UNTOUCHED, [batchId, at]);
  const ids = [rows.map(({ id }) => id)];
  for (const table of ['person_tag', 'note', 'touch'])
    await sql.query(`delete from ${table} where person_id = any($1::uuid[])`, ids);
  await sql.query('delete from person where id = any($1::uuid[])', ids);
  return rows.length;
}
