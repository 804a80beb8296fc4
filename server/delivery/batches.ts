import type { CallOutput } from '@/contract/endpoint';
import type { getBatch, listBatches } from '@/contract/messages';

import { act } from '../act';
import { notFound } from '../api';
import type { Context } from '../context';
import { maybeOne, recordset, type Sql } from '../db';

interface BatchRow {
  id: string;
  key: string;
  label: string;
  channel: string;
  made_at: string;
  writing: boolean;
  per_minute: number | null;
  version: number;
}

export type NewBatch = Pick<BatchRow, 'id' | 'key' | 'label' | 'channel' | 'made_at'> & {
  writing?: boolean;
};

/** Adds batches, each once; returns the ids that their keys have. */
export async function ensureBatches(
  sql: Sql,
  batches: readonly NewBatch[],
): Promise<Map<string, string>> {
  const distinct = [...new Map(batches.map((batch) => [batch.key, batch])).values()];
  if (distinct.length === 0) return new Map();
  const rows = await sql.query<{ key: string; id: string }>(
    `with fresh as (
       insert into batch (id, key, label, channel, made_at, writing)
       select id, key, label, channel, made_at, coalesce(writing, false)
       from json_to_recordset($1::json) as r (id uuid, key text, label text, channel text, made_at timestamptz, writing boolean)
       on conflict (key) do nothing returning key, id)
     select key, id from fresh union all select b.key, b.id from batch b where b.key = any($2::text[])`,
    [recordset(distinct), distinct.map(({ key }) => key)],
  );
  return new Map(rows.map(({ key, id }) => [key, id]));
}

/** The batch is whole: what of it is due goes. */
export const closeBatch = (sql: Sql, id: string) =>
  sql.query('update batch set writing = false where id = $1::uuid', [id]);

const COUNTED = `b.*, coalesce(c.counts, '{}') as counts
  from batch b left join lateral (
    select jsonb_object_agg(state, n) as counts from (
      select case when outcome in ('bounced', 'complained', 'opted_out', 'answered') then outcome else state end as state,
        count(*)::int as n
      from delivery d where d.batch_id = b.id group by 1) s) c on true`;
type CountedRow = BatchRow & { counts: Record<string, number> };

const toBatch = ({ made_at, per_minute, counts, ...row }: CountedRow) => ({
  id: row.id,
  label: row.label,
  kind: row.channel,
  madeAt: new Date(made_at).toISOString(),
  writing: row.writing,
  perMinute: per_minute,
  version: row.version,
  counts,
});

/** Batches, the latest first, with what became of their deliveries. */
export async function readBatches(
  { db }: Context,
  limit: number,
): Promise<CallOutput<typeof listBatches>> {
  const rows = await db.query<CountedRow>(
    `select ${COUNTED} order by b.made_at desc, b.id desc limit $1::int`,
    [limit],
  );
  return { batches: rows.map(toBatch) };
}

async function findBatch(sql: Sql, id: string): Promise<CountedRow> {
  const row = await maybeOne<CountedRow>(sql, `select ${COUNTED} where b.id = $1::uuid`, [id]);
  if (!row) throw notFound('There is no such batch.');
  return row;
}

export const readBatch = async (
  { db }: Context,
  id: string,
): Promise<CallOutput<typeof getBatch>> => toBatch(await findBatch(db, id));

/** Sets how many of a batch go a minute; null for as many as the carrier takes. */
export async function setRate(ctx: Context, id: string, perMinute: number | null) {
  const { label } = await findBatch(ctx.db, id);
  return act(ctx, async (tx) => {
    await tx.query(
      'update batch set per_minute = $2::int, version = version + 1 where id = $1::uuid',
      [id, perMinute],
    );
    const rate = perMinute === null ? 'as fast as it can' : `${perMinute} a minute`;
    return { sentence: `${label}: ${rate}`, plan: 'nobody' as const, topics: ['messages'] };
  });
}
