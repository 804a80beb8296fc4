import { retryWaitMs } from '@/core/delivery';

import type { DeliveryResult } from '../carriers';
import type { Context } from '../context';
import { recordset, type Sql } from '../db';
import type { DeliveryRow, Remedy, State } from './row';
import { suppressIn, type Suppression } from './suppress';
import { notify, touchBookOf, type SentDelivery } from './touch-book';

export interface Handed {
  delivery: DeliveryRow;
  result: DeliveryResult;
}

interface Outcome {
  id: string;
  version: number;
  state: State;
  why: string;
  remedy: Remedy;
  send_at: string | null;
  sent_at: string | null;
  carrier_ref: string | null;
}

/**
 * Records what became of deliveries: outcome, touch and suppressed addresses in one transaction. Each is
 * known by the version under which it was claimed, so recording it a second time changes nothing.
 */
export async function recordResults(ctx: Context, handed: readonly Handed[]): Promise<void> {
  if (handed.length === 0) return;
  const outcomes = handed.map(({ delivery, result }) => outcomeOf(ctx, delivery, result));
  const sent = handed.flatMap(({ delivery }, at) => {
    const sentAt = outcomes[at]?.sent_at;
    return sentAt ? [{ ...delivery, sent_at: sentAt }] : [];
  });
  const prepared = await touchBookOf(ctx).prepare(ctx, sent);
  const after = await ctx.db.transaction(async (tx) => {
    const mine = new Set((await lockClaimed(tx, outcomes)).map(({ id }) => id));
    const { touches, after } = await touchBookOf(ctx).logSent(
      ctx,
      tx,
      sent.filter(({ id }) => mine.has(id)),
      prepared,
    );
    const touchOf = new Map(touches.map(({ id, touch_id }) => [id, touch_id]));
    await recordOutcomes(
      tx,
      outcomes.flatMap((one) =>
        mine.has(one.id) ? [{ ...one, touch_id: touchOf.get(one.id) ?? null }] : [],
      ),
    );
    for (const one of handed)
      if (mine.has(one.delivery.id))
        for (const suppression of noSuchAddresses(one)) await suppressIn(ctx, tx, suppression);
    return after;
  });
  notify(
    ctx,
    handed.map(({ delivery }) => delivery.person_id),
  );
  for (const work of after) await work();
}

/** Logs sent deliveries as touches within the transaction that says they are sent. */
export async function logTouches(
  ctx: Context,
  tx: Sql,
  sent: readonly SentDelivery[],
  prepared: unknown,
): Promise<(() => Promise<unknown>)[]> {
  if (sent.length === 0) return [];
  const { touches, after } = await touchBookOf(ctx).logSent(ctx, tx, sent, prepared);
  await tx.query(
    `update delivery d set touch_id = r.touch_id
     from json_to_recordset($1::json) as r (id uuid, touch_id uuid) where d.id = r.id`,
    [recordset(touches)],
  );
  return after;
}

/** Those of the outcomes whose deliveries are still claimed as they were handed over. */
const lockClaimed = (sql: Sql, outcomes: readonly Outcome[]) =>
  sql.query<{ id: string }>(
    `select d.id from delivery d join json_to_recordset($1::json) as r (id uuid, version int)
       on d.id = r.id and d.version = r.version
     where d.state = 'sending' order by d.id for update of d`,
    [recordset(outcomes.map(({ id, version }) => ({ id, version })))],
  );

const recordOutcomes = (sql: Sql, outcomes: readonly (Outcome & { touch_id: string | null })[]) =>
  sql.query(
    `update delivery d set state = r.state, why = r.why, remedy = r.remedy,
       send_at = coalesce(r.send_at, d.send_at), sent_at = r.sent_at,
       carrier_ref = coalesce(r.carrier_ref, d.carrier_ref), touch_id = r.touch_id, version = d.version + 1
     from json_to_recordset($1::json) as r (id uuid, state text, why text, remedy text, send_at timestamptz,
       sent_at timestamptz, carrier_ref text, touch_id uuid)
     where d.id = r.id`,
    [recordset(outcomes)],
  );

/** The addresses of a delivery that do not exist, as its carrier says. */
function noSuchAddresses({ delivery, result }: Handed): Suppression[] {
  const { channel, person_id: personId, addresses } = delivery;
  if (result.as === 'taken')
    return (result.without ?? []).map((one) => ({ ...one, personId, channel }));
  return result.as === 'refused' && result.noSuchAddress
    ? addresses.map((address) => ({ address, why: result.words, personId, channel }))
    : [];
}

function outcomeOf(ctx: Context, delivery: DeliveryRow, result: DeliveryResult): Outcome {
  const { id, version, attempts, due_at: dueAt } = delivery;
  const base = {
    id,
    version,
    why: '',
    remedy: '' as const,
    send_at: null,
    sent_at: null,
    carrier_ref: null,
  };
  switch (result.as) {
    case 'taken':
      return { ...base, state: 'sent', sent_at: ctx.clock.now(), carrier_ref: result.ref };
    case 'unclear':
      return {
        ...base,
        state: 'held',
        remedy: 'unclear',
        why: `${result.words} It may have arrived.`,
      };
    case 'refused': {
      const remedy = result.noSuchAddress ? 'address' : 'again';
      return { ...base, state: 'failed', remedy, why: result.words };
    }
    case 'later': {
      const now = ctx.clock.nowMs();
      const wait = retryWaitMs(attempts, now - Date.parse(dueAt));
      if (wait === null) return { ...base, state: 'failed', remedy: 'again', why: result.words };
      const send_at = new Date(now + wait).toISOString();
      return { ...base, state: 'ready', send_at, why: result.words };
    }
  }
}
