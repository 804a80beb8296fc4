import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';
import type { Channel } from './channel';
import type { DeliveryRow } from './row';

/** A delivery that was sent, for those who count it as a touch. */
export type SentDelivery = Pick<
  DeliveryRow,
  'id' | 'person_id' | 'channel' | 'item_key' | 'cadence' | 'automatic'
> & { sent_at: string };

/** Writes touches and follow-ups; given by the subject that has them. */
export interface TouchBook {
  /** What is read before the transaction begins. */
  prepare(ctx: Context, sent: readonly SentDelivery[]): Promise<unknown>;
  /** Logs what was sent; returns the touch of each delivery, and what is to be done after the commit. */
  logSent(
    ctx: Context,
    tx: Sql,
    sent: readonly SentDelivery[],
    prepared: unknown,
  ): Promise<{ touches: { id: string; touch_id: string }[]; after: (() => Promise<unknown>)[] }>;
  /** Puts a repair on the desk of tomorrow. */
  planRepair(
    ctx: Context,
    tx: Sql,
    repair: { personId: string } & ReturnType<Channel['repair']>,
  ): Promise<void>;
}

/** The one subject that logs what is sent as touches. */
export const TOUCH_BOOK = slot<TouchBook>('touch book');

export function touchBookOf({ house }: Context): TouchBook {
  const [book] = house.of(TOUCH_BOOK);
  if (!book) throw new Error('No subject logs touches.');
  return book;
}

/** Tells screens and plans of what machines did to deliveries, which is no action. */
export function notify(ctx: Context, personIds: readonly string[]): void {
  ctx.writes.bumpTopics(['messages', 'touches']);
  ctx.writes.markStale(personIds);
}
