import type { Context } from '../context';
import type { Sql } from '../db';
import { wakeTask } from '../tasks';
import { noteWordings } from '../templates';
import { renderDeliveries, type DeliveryRequest } from './make';
import type { NewDelivery } from './row';
import { insertDeliveries } from './table';

/** The task that sends what is due. */
export const OUTBOX = 'outbox';

/** Has what is due sent at the next poll. */
export const wakeOutbox = ({ clock }: Context, sql: Sql): Promise<unknown> =>
  wakeTask(sql, OUTBOX, clock.now());

/** Puts deliveries into the outbox, each once, and notes which versions of templates people had; returns how many are new. */
export async function addDeliveries(sql: Sql, made: readonly NewDelivery[]): Promise<number> {
  const fresh = await insertDeliveries(sql, made);
  const used = made.flatMap(({ id, person_id, template_id, wording_id, made_at: at }) =>
    template_id && wording_id && fresh.has(id) ? [{ person_id, template_id, wording_id, at }] : [],
  );
  if (used.length > 0) await noteWordings(sql, used);
  return fresh.size;
}

/** Sends what is requested in its time, each once; what can't go waits with the reason. Returns how many are new. */
export async function queueDeliveries(
  ctx: Context,
  tx: Sql,
  requests: readonly DeliveryRequest[],
): Promise<number> {
  const fresh = await addDeliveries(tx, await renderDeliveries(ctx, tx, requests));
  if (fresh > 0) {
    await wakeOutbox(ctx, tx);
    ctx.writes.bumpTopics(['messages']);
  }
  return fresh;
}
