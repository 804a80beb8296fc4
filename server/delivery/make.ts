import { LRUCache } from 'lru-cache';

import { obstacleTo, type Obstacle } from '@/core/delivery';
import { subjectOf } from '@/core/messages';
import {
  faultShown,
  fieldsOf,
  fill,
  fillRich,
  richFaults,
  type Filled as TextFilled,
  type MergeValues,
} from '@/core/templates';

import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { plainOf, readMergeValues } from '../templates';
import { channelOf, type Channel, type SendContext } from './channel';
import { valuesFor } from './content';
import { readRecipients, suppressedAmong, type Recipient } from './recipients';
import type { Content, DeliveryRow, NewDelivery } from './row';
import { readSendContext, timesFor } from './schedule';

/** Something that is to be sent; its words may hold merge fields. */
export interface DeliveryRequest {
  /** What it is: the same thing is sent once. */
  key: string;
  /** What it is made for together with others. */
  batchId?: string | null;
  personId: string;
  channel: string;
  /** Of an email; empty for the first sentence of its words. */
  subject: string;
  words: string;
  /** Rich words, of which the plain ones are made; empty for none. */
  html?: string;
  /** Kept files that go with it. */
  files?: readonly string[];
  /** The template whose words they are, and which of its versions. */
  template?: { id: string; wordingId: string } | null;
  cadence: string;
  beatId: string | null;
  /** What of the desk is done with it; empty for none. */
  itemKey: string;
  automatic: boolean;
  on: string;
  /** Merge fields of its occasion. */
  occasion?: MergeValues;
  /** See DeliveryRow. */
  goodUntil?: string | null;
}

/** A delivery filled in for its reader, with what keeps it from going. */
export interface RenderedDelivery extends NewDelivery {
  /** What of the words can't be filled in. */
  faults: Filled['faults'];
}

/** Fills in, checks and schedules deliveries; writes nothing. People who are away get none. */
export async function renderDeliveries(
  ctx: Context,
  sql: Sql,
  requests: readonly DeliveryRequest[],
  context?: SendContext,
): Promise<RenderedDelivery[]> {
  const here = context ?? (await readSendContext(ctx, sql));
  const ids = [...new Set(requests.map(({ personId }) => personId))];
  const recipients = new Map((await readRecipients(sql, ids)).map((row) => [row.id, row]));
  const values = await readMergeValues(ctx, sql, ids, fieldsAsked(requests));
  const suppressed = await suppressedOf(ctx, sql, requests, recipients);
  return requests.flatMap((request) => {
    const recipient = recipients.get(request.personId);
    const theirs = values.get(request.personId);
    if (!recipient || !theirs || recipient.away) return [];
    return renderOne(ctx, here, { request, recipient, values: theirs, suppressed });
  });
}

/** The merge fields that any of the words ask for. */
const fieldsAsked = (requests: readonly DeliveryRequest[]): Set<string> =>
  new Set(
    [
      ...new Set(requests.flatMap(({ subject, words, html = '' }) => [subject, words, html])),
    ].flatMap((text) => [...fieldsOf(text)]),
  );

interface Rendering {
  request: DeliveryRequest;
  recipient: Recipient;
  values: MergeValues;
  suppressed: ReadonlyMap<string, string>;
}

function renderOne(
  ctx: Context,
  context: SendContext,
  { request, recipient, values, suppressed }: Rendering,
): RenderedDelivery {
  const channel = channelOf(ctx, request.channel);
  const filled = fillIn(channel, request, values, context);
  const delivery = {
    id: newId(ctx.clock.nowMs()),
    key: request.key,
    batch_id: request.batchId ?? null,
    person_id: request.personId,
    channel: request.channel,
    addresses: channel.addresses(recipient, suppressed),
    ...filled.content,
    merge_values: filled.mergeValues,
    files: channel.has.files ? [...(request.files ?? [])] : [],
    template_id: request.template?.id ?? null,
    wording_id: request.template?.wordingId ?? null,
    cadence: request.cadence,
    beat_id: request.beatId,
    item_key: request.itemKey,
    automatic: request.automatic,
    planned_on: request.on,
    occasion: request.occasion ?? {},
    good_until: request.goodUntil ?? null,
    made_at: ctx.clock.now(),
  };
  const { sendAt, dueAt } = timesFor(ctx, context, delivery, recipient);
  const obstacle =
    obstacleOf(ctx, context, recipient, delivery, { suppressed, wordFault: filled.fault }) ??
    (sendAt === null ? NO_DAY : null);
  return {
    ...delivery,
    state: obstacle ? 'held' : 'ready',
    why: obstacle?.why ?? '',
    remedy: obstacle?.remedy ?? '',
    due_at: dueAt,
    send_at: sendAt,
    faults: filled.faults,
  };
}

/** Held where the calendar has no day for it; looked at again when the calendar changes. */
export const NO_DAY: Obstacle = {
  why: 'There is no working day to send it on.',
  remedy: 'days',
};

/** What keeps a delivery from its reader, as things are now. */
export function obstacleOf(
  ctx: Context,
  context: SendContext,
  recipient: Recipient,
  delivery: Pick<DeliveryRow, 'channel' | 'automatic' | 'addresses'>,
  { suppressed, wordFault }: { suppressed: ReadonlyMap<string, string>; wordFault: string | null },
): Obstacle | null {
  const channel = channelOf(ctx, delivery.channel);
  return obstacleTo({
    channel: channel.consent,
    consent: recipient.consent,
    automatic: delivery.automatic,
    needsYes: context.settings.autoNeedsYes,
    addresses: delivery.addresses,
    noAddress: channel.noAddress(recipient),
    suppressed: channel.allAddresses(recipient).flatMap((address) => {
      const why = suppressed.get(address.toLowerCase());
      return why ? [{ address, why }] : [];
    }),
    wordFault,
    noCarrier: context.carriers.get(delivery.channel) ? null : channel.noCarrier,
  });
}

/** Addresses of these people that nothing is sent to any more, in lower case, each with the reason. */
export async function suppressedOf(
  ctx: Context,
  sql: Sql,
  requests: readonly Pick<DeliveryRequest, 'channel'>[],
  recipients: ReadonlyMap<string, Recipient>,
): Promise<Map<string, string>> {
  const channels = [...new Set(requests.map(({ channel }) => channel))];
  const all = new Set<string>();
  for (const name of channels)
    for (const recipient of recipients.values())
      for (const address of channelOf(ctx, name).allAddresses(recipient))
        all.add(address.toLowerCase());
  if (all.size === 0) return new Map();
  const rows = await suppressedAmong(sql, [...all]);
  return new Map(rows.map(({ address, why }) => [address, why]));
}

/**
 * The plain words of rich ones, filled in. They are read out of the HTML once, however many they go to, unless
 * a field stands within a tag, as in the address of a link. A paragraph that is only there for some leaves no gap.
 */
function fillPlain(html: string, values: MergeValues): TextFilled {
  const faults = richFaults(html, values);
  if (faults.length > 0) return { ok: false, faults: [...faults] };
  if (FIELD_IN_TAG.test(html)) {
    const filled = fillRich(html, values);
    return filled.ok ? { ok: true, text: withoutGaps(plainOf(filled.text)) } : filled;
  }
  const plain = plainTemplates.get(html) ?? plainOf(html);
  plainTemplates.set(html, plain);
  const filled = fill(plain, values);
  return filled.ok ? { ok: true, text: withoutGaps(filled.text) } : filled;
}

const FIELD_IN_TAG = /<[^<>]*\{[{%]/;
const withoutGaps = (text: string): string => text.replace(/\n{3,}/g, '\n\n').trim();
const plainTemplates = new LRUCache<string, string>({ max: 50 });

export interface Filled {
  content: Content;
  mergeValues: MergeValues | null;
  /** What can't be filled in, in a sentence. */
  fault: string | null;
  faults: { field: string; sentence: string }[];
}

/**
 * Fills subject and words in for a reader; what can't be filled in stays as it was written. Rich words
 * stay as they are, with the values that fill them: many deliveries share them.
 */
export function fillIn(
  channel: Channel,
  request: Pick<DeliveryRequest, 'subject' | 'words' | 'cadence' | 'html' | 'occasion'>,
  values: MergeValues,
  context: SendContext,
): Filled {
  const all = { ...values, cadence: request.cadence || null, ...request.occasion };
  const html = channel.has.html ? (request.html ?? '') : '';
  const subject = fill(request.subject, all);
  const words = html ? fillPlain(html, all) : fill(request.words, all);
  const faults = [subject, words].flatMap((filled) =>
    filled.ok ? [] : filled.faults.map(faultShown),
  );
  const plain = words.ok ? words.text : request.words;
  const about = subject.ok ? subject.text : request.subject;
  const content = {
    subject: channel.has.subject ? about || subjectOf(plain) : '',
    words: plain,
    html,
  };
  return {
    content: words.ok && channel.finish ? channel.finish(content, context) : content,
    mergeValues: html ? valuesFor(html, all) : null,
    fault: faults[0]?.sentence ?? null,
    faults,
  };
}
