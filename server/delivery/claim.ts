import type { Context } from '../context';
import { recordset, type Sql } from '../db';
import { CHANNELS, type Outgoing } from './channel';
import { filledHtml, readContents } from './content';
import type { DeliveryRow } from './row';

/** What is looked at of a delivery before it is claimed. */
export type Due = Pick<
  DeliveryRow,
  | 'id'
  | 'version'
  | 'key'
  | 'batch_id'
  | 'person_id'
  | 'channel'
  | 'automatic'
  | 'planned_on'
  | 'good_until'
  | 'due_at'
  | 'send_at'
  | 'at_once'
  | 'why'
>;

/** What is due, the earliest first; nothing of a batch that is still being written or has had its share. */
export const readDue = (
  sql: Sql,
  {
    channels,
    now,
    limit,
    without,
  }: { channels: readonly string[]; now: string; limit: number; without: readonly string[] },
) =>
  sql.query<Due>(
    `select id, version, key, batch_id, person_id, channel, automatic, planned_on, good_until,
       due_at, send_at, at_once, why
     from delivery where state = 'ready' and send_at <= $2::timestamptz and channel = any($1::text[])
       and (batch_id is null or not (batch_id = any($4::uuid[])
         or exists (select 1 from batch b where b.id = batch_id and b.writing)))
     order by send_at, id limit $3::int`,
    [channels, now, limit, without],
  );

/** When the next delivery is due; null for none. */
export const nextDueAt = async (sql: Sql): Promise<string | null> =>
  (
    await sql.query<{ at: string }>(
      `select send_at as at from delivery where state = 'ready' order by send_at limit 1`,
    )
  )[0]?.at ?? null;

export interface Claim {
  id: string;
  version: number;
  /** Of the person's row as it was looked at. */
  person_version: number;
  addresses: string[];
  /** What the carrier will call it. */
  ref: string;
}

/**
 * Claims deliveries: marks each as sending and reads it, in one statement, if neither it nor its person
 * changed since it was looked at. What is sent is what these rows say. Of two that claim the same row at
 * once, the second waits for the first, looks again and finds it changed (PostgreSQL, "Read Committed").
 */
export async function claimDeliveries(sql: Sql, claims: readonly Claim[]): Promise<DeliveryRow[]> {
  if (claims.length === 0) return [];
  const rows = await sql.query<DeliveryRow>(
    `update delivery d set state = 'sending', attempts = d.attempts + 1, carrier_ref = r.ref,
       addresses = r.addresses, why = '', remedy = '', version = d.version + 1
     from json_to_recordset($1::json) as r (id uuid, version int, person_version int, addresses text[], ref text),
       person_all p
     where d.id = r.id and d.version = r.version and p.id = d.person_id and p.version = r.person_version
       and d.state = 'ready'
     returning d.*`,
    [recordset(claims)],
  );
  const order = new Map(claims.map(({ id }, at) => [id, at]));
  return rows.sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0));
}

/** Gives back what was claimed and never handed over. */
export const unclaimDeliveries = (sql: Sql, rows: readonly Pick<DeliveryRow, 'id' | 'version'>[]) =>
  sql.query(
    `update delivery d set state = 'ready', attempts = greatest(d.attempts - 1, 0), version = d.version + 1
     from json_to_recordset($1::json) as r (id uuid, version int)
     where d.id = r.id and d.version = r.version and d.state = 'sending'`,
    [recordset(rows)],
  );

/** Deliveries that this process is handing over at this moment. */
const inFlight = new WeakMap<Context, Set<string>>();

export function inFlightOf(ctx: Context): Set<string> {
  const ids = inFlight.get(ctx) ?? new Set<string>();
  inFlight.set(ctx, ids);
  return ids;
}

/**
 * Settles what was being handed over when the program ended: where the carrier knows it by its id it goes
 * again, else the owner has to say whether it arrived. Returns how many.
 */
export async function recoverSending(ctx: Context): Promise<number> {
  const again = ctx.house
    .of(CHANNELS)
    .filter(({ afterCrash }) => afterCrash === 'send again')
    .map(({ name }) => name);
  const rows = await ctx.db.query(
    `update delivery set version = version + 1,
       state = case when channel = any($1::text[]) then 'ready' else 'held' end,
       remedy = case when channel = any($1::text[]) then '' else 'unclear' end,
       why = case when channel = any($1::text[]) then '' else 'Pen Pal ended while it was being sent. It may have arrived.' end
     where state = 'sending' and not id = any($2::uuid[]) returning id`,
    [again, [...inFlightOf(ctx)]],
  );
  return rows.length;
}

/** Claimed deliveries with their rich words filled in; contents are read once each. */
export async function asOutgoing(
  sql: Sql,
  rows: readonly DeliveryRow[],
  contents: Map<string, string>,
): Promise<Outgoing[]> {
  const missing = rows.flatMap(({ content_id: id }) => (id && !contents.has(id) ? [id] : []));
  for (const [id, html] of await readContents(sql, missing)) contents.set(id, html);
  return rows.map((row) => ({
    ...row,
    html: filledHtml(row, row.content_id ? (contents.get(row.content_id) ?? '') : ''),
  }));
}
