import type { CallOutput } from '@/contract/endpoint';
import type { startMessage, writeMessage } from '@/contract/messages';

import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { makeMessages, type Wanted } from './make';
import { sendNow, wakeOutbox } from './pump';
import * as queries from './queries';
import type { Kind } from './queries';
import { hourThere, readRoom } from './room';
import { tellOf } from './tell';

interface Asked {
  personId: string;
  kind: Kind;
  subject: string;
  words: string;
}

const wantedOf = (ctx: Context, asked: Asked, key: string, itemKey: string): Wanted => ({
  ...asked,
  key,
  itemKey,
  cadence: '',
  beatId: null,
  byItself: false,
  on: ctx.clock.today(),
});

/** Words filled in for one person, where they would go, and what keeps them; writes nothing. */
export async function start(ctx: Context, asked: Asked): Promise<CallOutput<typeof startMessage>> {
  const room = await readRoom(ctx);
  const [made] = await makeMessages(ctx, ctx.db, [wantedOf(ctx, asked, 'trial', '')], room);
  const [reader] = await queries.readReaders(ctx.db, [asked.personId]);
  if (!made || !reader) throw notFound('They are not in your sphere any more.');
  const later = made.go_at !== null && Date.parse(made.go_at) > ctx.clock.nowMs();
  return {
    subject: made.subject,
    words: made.words,
    addresses: made.addresses,
    why: made.mend === 'words' ? '' : made.why,
    faults: made.faults,
    goAt: later ? made.go_at : null,
    there: later ? hourThere(room, reader, ctx.clock.now()) : null,
  };
}

/** Writes to one person. What can't go is refused at once, not held: whoever writes is there to mend it. */
export async function write(
  ctx: Context,
  { itemKey, ...asked }: Asked & { itemKey: string | null },
): Promise<CallOutput<typeof writeMessage>> {
  // What of the desk is written once, but again where it was cancelled or given up.
  const key = itemKey
    ? `desk:${await queries.countLost(ctx.db, itemKey)}:${itemKey}`
    : `written:${newId()}`;
  const wanted = wantedOf(ctx, asked, key, itemKey ?? '');
  const made = await ctx.db.transaction(async (tx) => {
    const [message] = await makeMessages(ctx, tx, [wanted]);
    if (!message) throw notFound('They are not in your sphere any more.');
    if (message.mend === 'words') throw invalid(message.why, 'words');
    if (message.state === 'held' && message.mend !== 'carrier') throw invalid(message.why);
    const [fresh] = await queries.insertMessages(tx, [message]);
    if (!fresh) throw conflict('This is on its way already, perhaps from another window.');
    await wakeOutbox(ctx, tx);
    return message;
  });
  tellOf(ctx, [asked.personId]);
  await sendNow(ctx);
  const [reader] = await queries.readReaders(ctx.db, [asked.personId]);
  const noun = asked.kind === 'email' ? 'e-mail' : 'text';
  const now = (await queries.findMessage(ctx.db, made.id))!;
  return {
    id: made.id,
    sentence: `The ${noun} to ${reader!.name} ${whatBecame(ctx, now)}`,
    topics: ['messages', 'touches', 'plan'],
  };
}

/** What became of a message that was just written. */
function whatBecame({ clock }: Context, { state, why, go_at: goAt }: queries.MessageRow): string {
  if (state === 'gone') return 'has gone';
  if (state === 'held' || state === 'failed') return `waits under Out: ${why.replace(/\.$/, '')}`;
  return goAt !== null && Date.parse(goAt) > clock.nowMs() + 60_000
    ? 'goes when the night is over there; until then it can be changed under Out'
    : 'is on its way';
}
