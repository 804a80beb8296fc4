import { MESSAGE_OUTCOMES } from '@/contract/messages';

import type { Context } from '../context';
import { newId, type Sql } from '../db';
import type { DeliveryRow } from './row';
import { notify } from './touch-book';

/** From the lightest to the weightiest: what comes later does not undo what weighs more. */
const WEIGHT = MESSAGE_OUTCOMES;

export interface DeliveryEvent {
  /** Each report is noted once. */
  key: string;
  kind: DeliveryRow['outcome'] | 'bounced_soft';
  detail: string;
}

type About = Pick<DeliveryRow, 'id' | 'outcome' | 'person_id'>;

/** Notes what is reported of a delivery, within a transaction; returns whether it is new. */
export async function reportIn(
  ctx: Context,
  tx: Sql,
  { id }: About,
  { key, kind, detail }: DeliveryEvent,
): Promise<boolean> {
  const added = await tx.query(
    `insert into delivery_event (id, key, delivery_id, kind, at, detail)
     values ($1::uuid, $2, $3::uuid, $4, $5::timestamptz, $6) on conflict (key) do nothing returning id`,
    [newId(), key, id, kind, ctx.clock.now(), detail],
  );
  if (added.length === 0) return false;
  const outcome = kind === 'bounced_soft' ? 'bounced' : kind;
  await tx.query(
    `update delivery set outcome = $2 where id = $1::uuid
       and array_position($3::text[], outcome) < array_position($3::text[], $2::text)`,
    [id, outcome, WEIGHT],
  );
  return true;
}

/** Notes what is reported of a delivery, each report once. */
export async function report(ctx: Context, about: About, event: DeliveryEvent): Promise<void> {
  if (await ctx.db.transaction((tx) => reportIn(ctx, tx, about, event)))
    notify(ctx, [about.person_id]);
}
