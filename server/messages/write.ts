import type { CallOutput } from '@/contract/endpoint';
import type { startMessage, writeMessage } from '@/contract/messages';
import type { Words } from '@/contract/templates';
import { fill } from '@/core/templates';

import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { assertFiles, findTemplate, readMergeValues, tidied, tidiedOrRefused } from '../templates';
import { shownLetter } from './letters';
import { makeMessages, type Wanted } from './make';
import { sendNow, wakeOutbox } from './pump';
import * as queries from './queries';
import type { Kind } from './queries';
import { put } from './queue';
import { hourThere, readSendContext } from './room';
import { tellOf } from './tell';

interface Asked extends Words {
  personId: string;
  kind: Kind;
}

interface Written extends Asked {
  files: readonly string[];
  template: Wanted['template'];
}

const wantedOf = (ctx: Context, asked: Asked, key: string, itemKey: string): Wanted => ({
  ...asked,
  key,
  itemKey,
  cadence: '',
  beatId: null,
  automatic: false,
  on: ctx.clock.today(),
});

/** Words filled in for one person, where they would go, and what keeps them; writes nothing. */
export async function start(ctx: Context, asked: Asked): Promise<CallOutput<typeof startMessage>> {
  const room = await readSendContext(ctx);
  const [made] = await makeMessages(
    ctx,
    ctx.db,
    [wantedOf(ctx, tidied(asked.kind, asked), 'trial', '')],
    room,
  );
  const [reader] = await queries.readReaders(ctx.db, [asked.personId]);
  if (!made || !reader) throw notFound('They are not in your sphere any more.');
  const later = made.send_at !== null && Date.parse(made.send_at) > ctx.clock.nowMs();
  return {
    subject: made.subject,
    words: made.words,
    page: made.html ? shownLetter(ctx, room, made) : '',
    addresses: made.addresses,
    why: made.remedy === 'words' ? '' : made.why,
    faults: made.faults,
    sendAt: later ? made.send_at : null,
    there: later ? hourThere(room, reader, ctx.clock.now()) : null,
  };
}

/** Writes to one person. What can't go is refused at once, not held: whoever writes is there to remedy it. */
export async function write(
  ctx: Context,
  { itemKey, ...asked }: Written & { itemKey: string | null },
): Promise<CallOutput<typeof writeMessage>> {
  const given = await asTemplate(ctx, tidiedOrRefused(asked.kind, asked));
  await assertFiles(ctx.db, given.files);
  // What of the desk is written once, but again where it was cancelled or given up.
  const key = itemKey
    ? `desk:${await queries.countLost(ctx.db, itemKey)}:${itemKey}`
    : `written:${newId()}`;
  const wanted = wantedOf(ctx, given, key, itemKey ?? '');
  const made = await ctx.db.transaction(async (tx) => {
    const [message] = await makeMessages(ctx, tx, [wanted]);
    if (!message) throw notFound('They are not in your sphere any more.');
    if (message.remedy === 'words') throw invalid(message.why, 'words');
    if (message.state === 'held' && message.remedy !== 'carrier') throw invalid(message.why);
    if ((await put(tx, [message])) === 0)
      throw conflict('This is on its way already, perhaps from another window.');
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

/**
 * The desk shows the plain words of a rich template. Sent as they stand there, they go as the template has
 * them: rich, with its subject and its files.
 */
async function asTemplate(ctx: Context, asked: Written): Promise<Written> {
  if (!asked.template || asked.html || asked.kind !== 'email') return asked;
  const template = await findTemplate(ctx.db, asked.template.id);
  const wording = template?.wordings.find(({ id }) => id === asked.template!.wordingId);
  if (!template || !wording) return { ...asked, template: null };
  const values = (await readMergeValues(ctx, ctx.db, [asked.personId])).get(asked.personId);
  const filled = values && fill(wording.words, values);
  if (!filled?.ok || filled.text !== asked.words) return asked;
  const { subject, words, html } = wording;
  return { ...asked, subject: subject || asked.subject, words, html, files: template.files };
}

/** What became of a message that was just written. */
function whatBecame(
  { clock }: Context,
  { state, why, send_at: sendAt }: queries.MessageRow,
): string {
  if (state === 'sent') return 'has gone';
  if (state === 'held' || state === 'failed') return `waits under Out: ${why.replace(/\.$/, '')}`;
  return sendAt !== null && Date.parse(sendAt) > clock.nowMs() + 60_000
    ? 'goes when the night is over there; until then it can be changed under Out'
    : 'is on its way';
}
