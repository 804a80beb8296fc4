import { obstacleTo, subjectOf } from '@/core/messages';
import { isCarried, takesTexts } from '@/core/people';
import { faultShown, fill, fillRich, type MergeValues } from '@/core/templates';

import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { plainOf, readMergeValues } from '../templates';
import * as queries from './queries';
import type { Kind, MessageRow, NewMessage, Reader } from './queries';
import { sendAtFor, readSendContext, type Room } from './room';

/** A message that is wanted; its words may hold merge fields. */
export interface Wanted {
  /** What it is: the same thing is written once. */
  key: string;
  personId: string;
  kind: Kind;
  /** Of an e-mail; empty for the first sentence of its words. */
  subject: string;
  words: string;
  /** Rich words, of which the plain ones are made; empty for none. */
  html?: string;
  /** Kept files that go with it. */
  files?: readonly string[];
  /** The template that the words are of, and which of its wordings. */
  template?: { id: string; wordingId: string } | null;
  cadence: string;
  beatId: string | null;
  /** What of the desk is done with it; empty for none. */
  itemKey: string;
  automatic: boolean;
  on: string;
  /** Merge fields of its occasion. */
  occasion?: MergeValues;
  /** See MessageRow. */
  goodUntil?: string | null;
}

/** What a reader would get, and what keeps it from them. */
export interface Made extends NewMessage {
  /** What of the words can't be filled in. */
  faults: FilledIn['faults'];
}

/** Makes messages: filled in, checked, each with the time at which it goes; writes nothing. */
export async function makeMessages(
  ctx: Context,
  sql: Sql,
  wanted: readonly Wanted[],
  room?: Room,
): Promise<Made[]> {
  const here = room ?? (await readSendContext(ctx, sql));
  const ids = [...new Set(wanted.map(({ personId }) => personId))];
  const readers = new Map((await queries.readReaders(sql, ids)).map((row) => [row.id, row]));
  const values = await readMergeValues(ctx, sql, ids);
  const stopped = await stoppedOf(sql, [...readers.values()]);
  return wanted.flatMap((one) => {
    const reader = readers.get(one.personId);
    if (!reader || reader.away) return [];
    const words = fillIn(one, values.get(reader.id)!, here);
    return makeOne(ctx, here, { one, reader, words, stopped });
  });
}

interface Making {
  one: Wanted;
  reader: Reader;
  words: FilledIn;
  stopped: ReadonlyMap<string, string>;
}

function makeOne(ctx: Context, room: Room, { one, reader, words, stopped }: Making): Made {
  const now = ctx.clock.nowMs();
  const message = {
    id: newId(now),
    key: one.key,
    person_id: one.personId,
    kind: one.kind,
    addresses: addressesOf(reader, one.kind, stopped),
    ...words.texts,
    files: one.kind === 'email' ? [...(one.files ?? [])] : [],
    template_id: one.template?.id ?? null,
    wording_id: one.template?.wordingId ?? null,
    cadence: one.cadence,
    beat_id: one.beatId,
    item_key: one.itemKey,
    automatic: one.automatic,
    planned_on: one.on,
    occasion: one.occasion ?? {},
    good_until: one.goodUntil ?? null,
    made_at: ctx.clock.now(),
  };
  const obstacle = obstacleOf(room, reader, message, { stopped, wordFault: words.fault });
  const sendAt = sendAtFor(ctx, room, message, reader);
  return {
    ...message,
    state: obstacle ? 'held' : 'ready',
    why: obstacle?.why ?? '',
    remedy: obstacle?.remedy ?? '',
    send_at: sendAt,
    faults: words.faults,
  };
}

/** What keeps a message from its reader, as things are now. */
export function obstacleOf(
  room: Room,
  reader: Reader,
  message: Pick<MessageRow, 'kind' | 'automatic' | 'addresses'>,
  { stopped, wordFault }: { stopped: ReadonlyMap<string, string>; wordFault: string | null },
) {
  return obstacleTo({
    kind: message.kind,
    name: reader.name,
    addresses: message.addresses,
    stopped: allOf(reader, message.kind).flatMap((address) => {
      const why = stopped.get(address.toLowerCase());
      return why ? [{ address, why }] : [];
    }),
    consent: reader.consent,
    automatic: message.automatic,
    needsYes: room.settings.autoNeedsYes,
    wordFault,
    hasCarrier: room.hasCarrier[message.kind],
  });
}

/** Addresses of these people to which nothing goes any more, in lower case, each with the reason. */
export async function stoppedOf(
  sql: Sql,
  readers: readonly Reader[],
): Promise<Map<string, string>> {
  const all = readers.flatMap((reader) => [...allOf(reader, 'email'), ...allOf(reader, 'text')]);
  const rows = await queries.stoppedAmong(sql, [...new Set(all.map((one) => one.toLowerCase()))]);
  return new Map(rows.map(({ address, why }) => [address, why]));
}

const allOf = (reader: Reader, kind: Kind): string[] =>
  (kind === 'email' ? reader.emails : reader.phones).map(({ value }) => value);

/**
 * Where a message to somebody goes: an e-mail to the first address that is used and to those that they want
 * it at as well, a text to the phone that they carry.
 */
export function addressesOf(
  reader: Reader,
  kind: Kind,
  stopped: ReadonlyMap<string, string>,
): string[] {
  const usable = reader[kind === 'email' ? 'emails' : 'phones'].filter(
    ({ value }) => !stopped.has(value.toLowerCase()),
  );
  if (kind === 'email')
    return usable.filter(({ also }, at) => at === 0 || also).map(({ value }) => value);
  const [first] = [...usable.filter(({ label }) => isCarried(label)), ...usable].filter(
    ({ label }) => takesTexts(label),
  );
  return first ? [first.value] : [];
}

interface FilledIn {
  texts: Pick<NewMessage, 'subject' | 'words' | 'html'>;
  /** What can't be filled in, in a sentence. */
  fault: string | null;
  faults: { field: string; sentence: string }[];
}

/** Fills subject and words in for a reader; what can't be stays as it was written. */
export function fillIn(
  one: Pick<Wanted, 'kind' | 'subject' | 'words' | 'cadence' | 'html' | 'occasion'>,
  values: MergeValues,
  room: Room,
): FilledIn {
  const all = { ...values, cadence: one.cadence || null, ...one.occasion };
  const { html = '' } = one;
  const [subject, words] = [
    fill(one.subject, all),
    html ? fillRich(html, all) : fill(one.words, all),
  ];
  const faults = [subject, words].flatMap((filled) =>
    filled.ok ? [] : filled.faults.map(faultShown),
  );
  const plain = words.ok && html ? plainOf(words.text) : words.ok ? words.text : one.words;
  const text = words.ok ? introduced(plain, one.kind, room) : plain;
  const about = subject.ok ? subject.text : one.subject;
  return {
    texts: {
      subject: one.kind === 'email' ? about || subjectOf(text) : '',
      words: text,
      html: words.ok && html ? words.text : html,
    },
    fault: faults[0]?.sentence ?? null,
    faults,
  };
}

/** A text from a number that nobody knows says who writes. */
function introduced(words: string, kind: Kind, { settings, ownNumber }: Room): string {
  const { ownerName } = settings;
  const first = ownerName.split(' ')[0]!;
  const said = ownNumber || !first || words.toLowerCase().includes(first.toLowerCase());
  return kind === 'email' || said || words === '' ? words : `This is ${ownerName}. ${words}`;
}
