import { recordset, type Sql } from '../db';
import type { State } from './queries';

/** What became of messages that another subject asked for, by the keys that it gave them. */
export const messagesByKey = (sql: Sql, keys: readonly string[]) =>
  sql.query<{ id: string; key: string; state: State; why: string; gone_at: string | null }>(
    'select id, key, state, why, gone_at from message where key = any($1::text[])',
    [keys],
  );

/** Messages that wait, whose keys begin so. */
export const waitingBy = (sql: Sql, prefix: string) =>
  sql.query<{ key: string; planned_on: string }>(
    `select key, planned_on from message where state in ('held', 'ready') and starts_with(key, $1)`,
    [prefix],
  );

/** Cancels messages that wait; those that have gone or are going stay. Answers the keys of the others. */
export const cancelByKey = async (
  sql: Sql,
  keys: readonly string[],
  why: string,
): Promise<string[]> =>
  (
    await sql.query<{ key: string }>(
      `update message set state = 'cancelled', why = $2, mend = '', version = version + 1
       where key = any($1::text[]) and state in ('held', 'ready') returning key`,
      [keys, why],
    )
  ).map(({ key }) => key);

/** Moves messages that wait to the day that they belong to now. */
export const moveByKey = (sql: Sql, rows: readonly { key: string; on: string }[]) =>
  sql.query(
    `update message m set planned_on = r.on_day, good_until = r.on_day, version = m.version + 1,
       go_at = m.go_at + (r.on_day - m.planned_on) * interval '1 day'
     from (select key, "on" as on_day from json_to_recordset($1::json) as r (key text, "on" date)) r
     where m.key = r.key and m.state in ('held', 'ready')`,
    [recordset(rows)],
  );
