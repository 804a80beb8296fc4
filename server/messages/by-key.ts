import type { Context } from '../context';
import { recordset, type Sql } from '../db';
import { wakeOutbox } from './pump';
import type { State } from './queries';

/** What became of messages that another subject asked for, by the keys that it gave them. */
export const messagesByKey = (sql: Sql, keys: readonly string[]) =>
  sql.query<{ id: string; key: string; state: State; why: string; sent_at: string | null }>(
    'select id, key, state, why, sent_at from delivery where key = any($1::text[])',
    [keys],
  );

/** Messages that wait, whose keys begin so. */
export const waitingBy = (sql: Sql, prefix: string) =>
  sql.query<{ key: string; planned_on: string }>(
    `select key, planned_on from delivery where state in ('held', 'ready') and starts_with(key, $1)`,
    [prefix],
  );

/** Messages that belonged to a day that has passed, and did not go. */
export const unsentBefore = (sql: Sql, prefix: string, day: string) =>
  sql.query<{ key: string; person_id: string }>(
    `select key, person_id from delivery where state in ('held', 'ready', 'failed')
       and good_until < $2::date and starts_with(key, $1)`,
    [prefix, day],
  );

/**
 * Cancels messages that wait; those that have gone or are going stay. Their keys become free, so that what is
 * wanted again can be written again. Answers the keys of those that were cancelled.
 */
export const cancelByKey = async (
  sql: Sql,
  keys: readonly string[],
  why: string,
): Promise<string[]> =>
  (
    await sql.query<{ was: string }>(
      `update delivery m set state = 'cancelled', why = $2, remedy = '', version = m.version + 1,
         key = m.key || ' ' || m.id
       from delivery w where m.id = w.id and w.key = any($1::text[]) and w.state in ('held', 'ready', 'failed')
         and m.state in ('held', 'ready', 'failed') returning w.key as was`,
      [keys, why],
    )
  ).map(({ was }) => was);

/** Moves messages that wait to the day that they belong to now. */
export const moveByKey = (sql: Sql, rows: readonly { key: string; on: string }[]) =>
  sql.query(
    `update delivery m set planned_on = r.on_day, good_until = r.on_day, version = m.version + 1,
       send_at = m.send_at + (r.on_day - m.planned_on) * interval '1 day'
     from (select key, "on" as on_day from json_to_recordset($1::json) as r (key text, "on" date)) r
     where m.key = r.key and m.state in ('held', 'ready')`,
    [recordset(rows)],
  );

/** Has it reckoned anew when messages that wait go; the outbox finds the time when it looks at them. */
export async function timeAnew(ctx: Context, keys: readonly string[]): Promise<void> {
  await ctx.db.query(
    `update delivery set send_at = $2::timestamptz where key = any($1::text[]) and state = 'ready'`,
    [keys, ctx.clock.now()],
  );
  await wakeOutbox(ctx, ctx.db);
}
