import type { Context } from '../context';
import type { Sql } from '../db';
import { makeMessages, type Wanted } from './make';
import { wakeOutbox } from './pump';
import { insertMessages } from './queries';

/** Has messages sent in their time, each once; those that can't go wait with the reason. */
export async function queueMessages(
  ctx: Context,
  tx: Sql,
  wanted: readonly Wanted[],
): Promise<number> {
  const made = await makeMessages(ctx, tx, wanted);
  const fresh = await insertMessages(tx, made);
  if (fresh.length > 0) {
    await wakeOutbox(ctx, tx);
    ctx.writes.touch(['messages']);
  }
  return fresh.length;
}
