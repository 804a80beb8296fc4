import type { CallOutput } from '@/contract/endpoint';
import type { startMessage, writeMessage } from '@/contract/messages';
import type { Words } from '@/contract/templates';
import { fill } from '@/core/templates';
import { spokenDate, spokenTime } from '@/core/time';
import { timeIn, todayIn } from '@/core/zones';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import {
  addDeliveries,
  channelOf,
  countLost,
  filledHtml,
  findDelivery,
  hourThere,
  readRecipients,
  readSendContext,
  renderDeliveries,
  sendNow,
  wakeOutbox,
  type DeliveryRequest,
  type DeliveryRow,
} from '../delivery';
import { assertFiles, findTemplate, readMergeValues, tidied, tidiedOrRefused } from '../templates';
import type { MessageKind } from './kinds';

interface Asked extends Words {
  personId: string;
  kind: MessageKind;
}

interface Written extends Asked {
  files: readonly string[];
  template: DeliveryRequest['template'];
}

const requestOf = (
  ctx: Context,
  { kind, ...asked }: Asked,
  key: string,
  itemKey: string,
): DeliveryRequest => ({
  ...asked,
  channel: kind,
  key,
  itemKey,
  cadence: '',
  beatId: null,
  automatic: false,
  on: ctx.clock.today(),
});

const GONE = 'They are not in your sphere any more.';

/** Words filled in for one person, where they would go, and what keeps them; writes nothing. */
export async function start(ctx: Context, asked: Asked): Promise<CallOutput<typeof startMessage>> {
  const context = await readSendContext(ctx);
  const request = requestOf(ctx, tidied(asked.kind, asked), 'trial', '');
  const [made] = await renderDeliveries(ctx, ctx.db, [request], context);
  const [reader] = await readRecipients(ctx.db, [asked.personId]);
  if (!made || !reader) throw notFound(GONE);
  const later = made.send_at !== null && Date.parse(made.send_at) > ctx.clock.nowMs();
  return {
    subject: made.subject,
    words: made.words,
    page: channelOf(ctx, made.channel).preview(ctx, context, {
      ...made,
      html: filledHtml(made, made.html),
    }),
    addresses: made.addresses,
    why: made.remedy === 'words' ? '' : made.why,
    faults: made.faults,
    sendAt: later ? made.send_at : null,
    there: later ? hourThere(context, reader, ctx.clock.now()) : null,
  };
}

/** Writes to one person. What can't go is refused at once, not held: whoever writes is there to fix it. */
export async function write(
  ctx: Context,
  { itemKey, ...asked }: Written & { itemKey: string | null },
): Promise<CallOutput<typeof writeMessage>> {
  const given = await asTemplate(ctx, tidiedOrRefused(asked.kind, asked));
  await assertFiles(ctx.db, given.files);
  // What of the desk is written once, but again where it was cancelled or given up.
  const key = itemKey
    ? `desk:${await countLost(ctx.db, itemKey)}:${itemKey}`
    : `written:${newId()}`;
  const request = requestOf(ctx, given, key, itemKey ?? '');
  const [reader] = await readRecipients(ctx.db, [asked.personId]);
  if (!reader) throw notFound(GONE);
  const what = `The ${channelOf(ctx, asked.kind).nouns.one} to ${reader.name}`;
  const done = await act(ctx, async (tx) => {
    const [message] = await renderDeliveries(ctx, tx, [request]);
    if (!message) throw notFound(GONE);
    if (message.remedy === 'words') throw invalid(message.why, 'words');
    if (message.state === 'held' && message.remedy !== 'carrier') throw invalid(message.why);
    if ((await addDeliveries(tx, [message])) === 0)
      throw conflict('This is on its way already, perhaps from another window.');
    await wakeOutbox(ctx, tx);
    return {
      id: message.id,
      sentence: `${what} is written`,
      plan: [asked.personId],
      topics: ['messages', 'touches'],
    };
  });
  await sendNow(ctx);
  const now = await findDelivery(ctx.db, done.id);
  return { ...done, sentence: now ? `${what} ${whatBecame(ctx, now)}` : done.sentence };
}

/**
 * The desk shows the plain words of a rich template. Sent as they stand there, they go as the template has
 * them: rich, with its subject and its files.
 */
async function asTemplate(ctx: Context, asked: Written): Promise<Written> {
  if (!asked.template || asked.html || asked.kind !== 'email') return asked;
  const template = await findTemplate(ctx.db, asked.template.id);
  const wording = template?.wordings.find(({ id }) => id === asked.template?.wordingId);
  if (!template || !wording) return { ...asked, template: null };
  const values = (await readMergeValues(ctx, ctx.db, [asked.personId])).get(asked.personId);
  const plain = values && fill(wording.words, values);
  if (!plain?.ok || plain.text !== asked.words) return asked;
  const { subject, words, html } = wording;
  return { ...asked, subject: subject || asked.subject, words, html, files: template.files };
}

/** What became of a message that was just written. */
function whatBecame(
  { clock }: Context,
  { state, why, send_at: sendAt }: Pick<DeliveryRow, 'state' | 'why' | 'send_at'>,
): string {
  if (state === 'sent') return 'was sent';
  if (state === 'held' || state === 'failed') return `waits under Out: ${why.replace(/\.$/, '')}`;
  const at = sendAt === null ? 0 : Date.parse(sendAt);
  if (at <= clock.nowMs() + 60_000) return 'is being sent';
  const day = spokenDate(todayIn(clock.zone, at), clock.today());
  const time = spokenTime(timeIn(clock.zone, at) ?? '');
  return `will be sent ${day} at ${time}, after quiet hours; until then you can change it under Out`;
}
