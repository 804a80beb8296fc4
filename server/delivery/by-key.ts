import type { Context } from '../context';
import { recordset, type Sql } from '../db';
import { wakeOutbox } from './queue';
import type { State } from './row';

// For subjects that asked for deliveries, by the keys that they gave them.

/** What became of deliveries. */
export const deliveriesByKey = (sql: Sql, keys: readonly string[]) =>
  sql.query<{ id: string; key: string; state: State; why: string; sent_at: string | null }>(
    'select id, key, state, why, sent_at from delivery where key = any($1::text[])',
    [keys],
  );

/** Deliveries that wait, whose keys begin so. */
export const waitingBy = (sql: Sql, prefix: string) =>
  sql.query<{ key: string; planned_on: string }>(
    `select key, planned_on from delivery where state in ('held', 'ready') and starts_with(key, $1)`,
    [prefix],
  );

/** Deliveries that belonged to a day that has passed and were not sent. */
export const unsentBefore = (sql: Sql, prefix: string, day: string) =>
  sql.query<{ key: string; person_id: string }>(
    `select key, person_id from delivery where state in ('held', 'ready', 'failed')
       and good_until < $2::date and starts_with(key, $1)`,
    [prefix, day],
  );

/**
 * Cancels deliveries that wait; those that were sent or are being sent stay. Their keys become free, so
 * that what is wanted again can be written again. Returns the keys of those that were cancelled.
 */
export const cancelByKey = async (
  sql: Sql,
  keys: readonly string[],
  why: string,
): Promise<string[]> =>
  (
    await sql.query<{ was: string }>(
      `update delivery d set state = 'cancelled', why = $2, remedy = '', version = d.version + 1,
         key = d.key || ' ' || d.id
       from delivery w where d.id = w.id and w.key = any($1::text[]) and w.state in ('held', 'ready', 'failed')
         and d.state in ('held', 'ready', 'failed') returning w.key as was`,
      [keys, why],
    )
  ).map(({ was }) => was);

/** Moves deliveries that wait to the day that they belong to now. */
export const moveByKey = (sql: Sql, rows: readonly { key: string; on: string }[]) =>
  sql.query(
    `update delivery d set planned_on = r.on_day, good_until = r.on_day, version = d.version + 1,
       send_at = d.send_at + (r.on_day - d.planned_on) * interval '1 day',
       due_at = d.due_at + (r.on_day - d.planned_on) * interval '1 day'
     from (select key, "on" as on_day from json_to_recordset($1::json) as r (key text, "on" date)) r
     where d.key = r.key and d.state in ('held', 'ready')`,
    [recordset(rows)],
  );

/** Has the time of deliveries that wait worked out again; the outbox does it when it looks at them. */
export async function rescheduleByKey(ctx: Context, keys: readonly string[]): Promise<void> {
  await ctx.db.query(
    `update delivery set send_at = $2::timestamptz, version = version + 1
     where key = any($1::text[]) and state = 'ready'`,
    [keys, ctx.clock.now()],
  );
  await wakeOutbox(ctx, ctx.db);
}
