import type { Context } from '../context';
import type { Sql } from '../db';
import { channelOf } from './channel';
import { notify, touchBookOf } from './touch-book';

/** An address that nothing is sent to any more, and why. */
export interface Suppression {
  address: string;
  why: string;
  personId: string;
  channel: string;
}

const MAX_WHY = 120;

/** Suppresses an address and puts a repair on the desk, once; returns whether it is new. */
export async function suppressIn(
  ctx: Context,
  tx: Sql,
  { address, why, personId, channel }: Suppression,
): Promise<boolean> {
  const said = why.replace(/^The (?:mail server|text gateway) said: /, '').replace(/[.\s]+$/, '');
  const added = await tx.query(
    `insert into suppressed_address (address, at, why, person_id) values ($1, $2::timestamptz, $3, $4::uuid)
     on conflict (address) do nothing returning address`,
    [address.toLowerCase(), ctx.clock.now(), said, personId],
  );
  if (added.length === 0) return false;
  const repair = channelOf(ctx, channel).repair(said.slice(0, MAX_WHY));
  await touchBookOf(ctx).planRepair(ctx, tx, { personId, ...repair });
  return true;
}

/** Suppresses an address in a transaction of its own. */
export async function suppressAddress(ctx: Context, suppression: Suppression): Promise<void> {
  const isNew = await ctx.db.transaction((tx) => suppressIn(ctx, tx, suppression));
  if (isNew) notify(ctx, [suppression.personId]);
}

/** Addresses that nothing is sent to any more, the latest first. */
export const listSuppressed = (sql: Sql, limit: number) =>
  sql.query<{ address: string; at: string; why: string; person_id: string | null; name: string }>(
    `select s.address, s.at, s.why, s.person_id, coalesce(p.name, '') as name
     from suppressed_address s left join person p on p.id = s.person_id
     order by s.at desc, s.address limit $1::int`,
    [limit],
  );

/** Allows an address again; returns whether it was suppressed. */
export const unsuppress = async (sql: Sql, address: string): Promise<boolean> =>
  (
    await sql.query('delete from suppressed_address where address = $1 returning address', [
      address.toLowerCase(),
    ])
  ).length === 1;
