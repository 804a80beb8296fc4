import { instantOf } from '@/core/zones';

import type { Context } from '../context';
import type { Sql } from '../db';
import type { SendContext } from './channel';
import { inFlightOf } from './claim';
import { countSent } from './table';

const MINUTE_MS = 60_000;

/** How many more may go now: of each channel, and of batches with a rate of their own. */
export interface Allowance {
  readAt: number;
  channels: Map<string, number>;
  batches: Map<string, number>;
}

/** What was claimed counts against the limits until they are read anew. */
export function spend(
  { channels, batches }: Allowance,
  { channel, batch_id: batch }: { channel: string; batch_id: string | null },
): void {
  channels.set(channel, (channels.get(channel) ?? 0) - 1);
  const left = batch === null ? undefined : batches.get(batch);
  if (batch !== null && left !== undefined) batches.set(batch, left - 1);
}

/** Reads the limits of what takes each channel's deliveries, and of batches. */
export async function readAllowance(
  ctx: Context,
  { settings, carriers }: SendContext,
  readAt: number,
): Promise<Allowance> {
  const midnight = new Date(instantOf(ctx.clock.today(), '00:00', settings.timeZone)).toISOString();
  const minute = new Date(ctx.clock.nowMs() - MINUTE_MS).toISOString();
  const flying = inFlightOf(ctx).size;
  const channels = new Map<string, number>();
  for (const [channel, carrier] of carriers) {
    if (!carrier) continue;
    const limits = await Promise.all([
      leftOf(ctx.db, channel, carrier.perDay, midnight),
      leftOf(ctx.db, channel, carrier.perMinute, minute),
    ]);
    channels.set(channel, Math.max(0, Math.min(...limits) - flying));
  }
  return { readAt, channels, batches: await readBatchAllowance(ctx) };
}

const leftOf = async (
  sql: Sql,
  channel: string,
  limit: number | null,
  since: string,
): Promise<number> => (limit === null ? Infinity : limit - (await countSent(sql, since, channel)));

/** Of batches with a rate of their own, how many more may go in this minute. */
async function readBatchAllowance(ctx: Context): Promise<Map<string, number>> {
  const minute = new Date(ctx.clock.nowMs() - MINUTE_MS).toISOString();
  const rows = await ctx.db.query<{ id: string; left: number }>(
    `select b.id, b.per_minute - count(d.id)::int as left
     from batch b left join delivery d on d.batch_id = b.id
       and (d.state = 'sending' or d.state = 'sent' and d.sent_at >= $1::timestamptz)
     where b.per_minute is not null group by b.id`,
    [minute],
  );
  return new Map(rows.map(({ id, left }) => [id, left]));
}
