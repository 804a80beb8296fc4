import { addDays } from '@/core/time';

import type { Context } from '../context';
import { newId } from '../db';
import { insertFollowUp } from '../touches';
import { insertStopped } from './back-queries';
import type { Kind } from './queries';
import { tellOf } from './tell';

const REPAIR = {
  email: (why: string) =>
    `Their e-mail address is no good any more (${why}). Ask for the one they use.`,
  text: (why: string) => `Their number takes no texts (${why}). Ask for the one they use.`,
};

/** Writes to an address no more, and puts a repair on the desk; told once. */
export async function stopAddress(
  ctx: Context,
  { address, why, personId, kind }: { address: string; why: string; personId: string; kind: Kind },
): Promise<void> {
  const said = why.replace(/^The (?:mail server|text gateway) said: /, '').replace(/[.\s]+$/, '');
  const isNew = await ctx.db.transaction(async (tx) => {
    const row = { address, at: ctx.clock.now(), why: said, personId };
    if (!(await insertStopped(tx, row))) return false;
    await insertFollowUp(tx, {
      id: newId(),
      person_id: personId,
      on_day: addDays(ctx.clock.today(), 1),
      kind: kind === 'email' ? 'call' : 'other',
      words: REPAIR[kind](said.slice(0, 120)),
      touch_id: null,
    });
    return true;
  });
  if (isNew) tellOf(ctx, [personId]);
}
