import { recordset, type Sql } from '../db';
import { storeContents } from './content';
import type { DeliveryRow, NewDelivery, Remedy, State } from './row';

// Plain SQL over `delivery`: how rows come in, move on and are found. What screens list is in outbox.ts.

const NEW_COLUMNS = `id, key, batch_id, person_id, channel, addresses, subject, words, content_id, merge_values,
  files, template_id, wording_id, state, why, remedy, cadence, beat_id, item_key, automatic, planned_on, occasion,
  good_until, made_at, due_at, send_at`;
const NEW_TYPES = `id uuid, key text, batch_id uuid, person_id uuid, channel text, addresses text[], subject text,
  words text, content_id uuid, merge_values jsonb, files uuid[], template_id uuid, wording_id uuid, state text,
  why text, remedy text, cadence text, beat_id uuid, item_key text, automatic boolean, planned_on date,
  occasion jsonb, good_until date, made_at timestamptz, due_at timestamptz, send_at timestamptz`;

/** Adds deliveries; returns the ids of those that are new: the same key exists once. */
export async function insertDeliveries(
  sql: Sql,
  rows: readonly NewDelivery[],
): Promise<Set<string>> {
  if (rows.length === 0) return new Set();
  const contents = await storeContents(
    sql,
    rows.map(({ html }) => html),
  );
  const stored = rows.map(({ html, ...row }) => ({
    ...row,
    content_id: contents.get(html) ?? null,
  }));
  const added = await sql.query<{ id: string }>(
    `insert into delivery (${NEW_COLUMNS}) select ${NEW_COLUMNS}
     from json_to_recordset($1::json) as r (${NEW_TYPES})
     on conflict (key) do nothing returning id`,
    [recordset(stored)],
  );
  return new Set(added.map(({ id }) => id));
}

/** A delivery that was changed before it went, with the version that was looked at. */
export type Revised = Pick<
  DeliveryRow,
  | 'id'
  | 'version'
  | 'state'
  | 'why'
  | 'remedy'
  | 'addresses'
  | 'subject'
  | 'words'
  | 'content_id'
  | 'merge_values'
  | 'send_at'
  | 'due_at'
>;

/** Revises deliveries that have not gone and that nobody else has changed since; returns which. */
export const reviseDeliveries = (sql: Sql, rows: readonly Revised[]) =>
  sql.query<{ id: string }>(
    `update delivery d set state = r.state, why = r.why, remedy = r.remedy, addresses = r.addresses,
       subject = r.subject, words = r.words, content_id = r.content_id, merge_values = r.merge_values,
       send_at = r.send_at, due_at = r.due_at, version = d.version + 1
     from json_to_recordset($1::json) as r (id uuid, version int, state text, why text, remedy text,
       addresses text[], subject text, words text, content_id uuid, merge_values jsonb, send_at timestamptz,
       due_at timestamptz)
     where d.id = r.id and d.version = r.version and d.state in ('held', 'ready', 'failed')
     returning d.id`,
    [recordset(rows)],
  );

export interface Move {
  state: State;
  why?: string;
  remedy?: Remedy;
  sendAt?: string;
  /** What waited by the owner's wish is not late for it: it is due no earlier than this. */
  dueFrom?: string;
  sentAt?: string;
  atOnce?: boolean;
}

/** Moves deliveries on from one of these states; returns those that were in one. */
export const moveDeliveries = (
  sql: Sql,
  ids: readonly string[],
  from: readonly State[],
  { state, why = '', remedy = '', sendAt, dueFrom, sentAt, atOnce }: Move,
) =>
  sql.query<{ id: string; person_id: string }>(
    `update delivery set state = $3, why = $4, remedy = $5, send_at = coalesce($6::timestamptz, send_at),
       due_at = greatest(coalesce($6::timestamptz, due_at), $9::timestamptz), sent_at = coalesce($7::timestamptz, sent_at),
       at_once = coalesce($8::boolean, at_once),
       attempts = case when $3 = 'ready' then 0 else attempts end, version = version + 1
     where id = any($1::uuid[]) and state = any($2::text[]) returning id, person_id`,
    [
      ids,
      from,
      state,
      why,
      remedy,
      sendAt ?? null,
      sentAt ?? null,
      atOnce ?? null,
      dueFrom ?? null,
    ],
  );

/** A page of what is held for a reason that may be gone by now, without those still being written. */
export const heldFor = (
  sql: Sql,
  remedies: readonly Remedy[],
  after: string | null,
  limit: number,
) =>
  sql.query<DeliveryRow>(
    `select * from delivery where state = 'held' and remedy = any($1::text[])
       and ($2::uuid is null or id > $2::uuid) order by id limit $3::int`,
    [remedies, after, limit],
  );

/** What is to be sent to these people, without what is still being written. */
export const readyFor = (sql: Sql, personIds: readonly string[]) =>
  sql.query<DeliveryRow>(
    `select d.* from delivery d where d.state = 'ready' and d.person_id = any($1::uuid[])
       and not exists (select 1 from batch b where b.id = d.batch_id and b.writing)`,
    [personIds],
  );

/** Cancels what waits for a person over one channel. */
export const cancelOf = (sql: Sql, personId: string, channel: string, why: string) =>
  sql.query(
    `update delivery set state = 'cancelled', why = $3, remedy = '', version = version + 1
     where person_id = $1::uuid and channel = $2 and state in ('held', 'ready')`,
    [personId, channel, why],
  );

export const isAnyHeld = async (sql: Sql): Promise<boolean> =>
  (await sql.query(`select 1 from delivery where state = 'held' limit 1`)).length > 0;

/** How often something of the desk was sent and came to nothing. */
export const countLost = async (sql: Sql, itemKey: string): Promise<number> =>
  (
    await sql.query(
      `select 1 from delivery where item_key = $1 and state in ('cancelled', 'failed')`,
      [itemKey],
    )
  ).length;

/** Which of these items of the desk have a message that is still to be sent. */
export const queuedItems = async (sql: Sql, itemKeys: readonly string[]): Promise<Set<string>> => {
  const rows = await sql.query<{ key: string }>(
    `select item_key as key from delivery
     where item_key <> '' and item_key = any($1::text[]) and state in ('held', 'ready', 'sending')`,
    [itemKeys],
  );
  return new Set(rows.map(({ key }) => key));
};

/** How many of a channel were sent since an instant. */
export const countSent = async (sql: Sql, since: string, channel: string | null = null) =>
  (
    await sql.query<{ n: number }>(
      `select count(*)::int as n from delivery where state = 'sent' and sent_at >= $1::timestamptz
         and ($2::text is null or channel = $2)`,
      [since, channel],
    )
  )[0]?.n ?? 0;
