import type { Context } from '../context';
import type { Sql } from '../db';
import { noteWordings } from '../templates';
import { makeMessages, type Wanted } from './make';
import { wakeOutbox } from './pump';
import { insertMessages, type NewMessage } from './queries';

/** Puts messages into the outbox, each once, and notes whose turn the wordings of templates were; answers how many are new. */
export async function put(sql: Sql, made: readonly NewMessage[]): Promise<number> {
  const fresh = new Set((await insertMessages(sql, made)).map(({ id }) => id));
  const used = made.flatMap(({ id, person_id, template_id, wording_id, made_at: at }) =>
    template_id && wording_id && fresh.has(id) ? [{ person_id, template_id, wording_id, at }] : [],
  );
  if (used.length > 0) await noteWordings(sql, used);
  return fresh.size;
}

/** Has messages sent in their time, each once; those that can't go wait with the reason. */
export async function queueMessages(
  ctx: Context,
  tx: Sql,
  wanted: readonly Wanted[],
): Promise<number> {
  const fresh = await put(tx, await makeMessages(ctx, tx, wanted));
  if (fresh > 0) {
    await wakeOutbox(ctx, tx);
    ctx.writes.touch(['messages']);
  }
  return fresh;
}
