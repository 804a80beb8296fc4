import type { Topic } from '@/contract/topics';
import { instantOf } from '@/core/zones';

import { liveMail, liveTexts, type EmailFile, type Handed } from '../carriers';
import type { Context } from '../context';
import type { Sql } from '../db';
import { readBytes } from '../files';
import { runKind, wakeTask, type TaskHandler } from '../tasks';
import { picturesIn } from '../templates';
import { lettersOf } from './letters';
import { obstacleOf, stoppedOf } from './make';
import { optOutMail } from './opt-out';
import * as queries from './queries';
import type { Kind, MessageRow, Outcome } from './queries';
import { isTooLate, reconsider } from './reconsider';
import { sendAtFor, readSendContext, type Room } from './room';
import { stopAddress } from './stopped';
import { tellOf } from './tell';
import { touchGone } from './touched';

export const OUTBOX = 'outbox';

/** Handed over side by side: what a program that is killed leaves in doubt is no more than twice these. */
const AT_ONCE = 8;
const MINUTE_MS = 60_000;
type LiveMail = Awaited<ReturnType<typeof liveMail>>;

/** So many are looked at together, unless somebody writes meanwhile what may keep them. */
const READY_AT_ONCE = 8 * AT_ONCE;
/** After so many batches what has gone becomes touches. */
const TOUCHED_EVERY = 10;
/** What may keep a message that was to go. */
const KEEPS: Topic[] = ['people', 'settings', 'carriers'];

const stampOf = ({ writes }: Context): string =>
  KEEPS.map((topic) => writes.countOf(topic)).join(' ');
/** Waits between the attempts at one message; after the last one it is given up. */
const WAITS_MS = [1, 5, 15, 60, 240, 720].map((minutes) => minutes * MINUTE_MS);

/** Sends what is due; a task that comes again for as long as there is something to send. */
export const outboxHandler: TaskHandler = {
  kind: OUTBOX,
  maxFailures: null,
  leaseMs: 30 * MINUTE_MS,
  async run(ctx) {
    const waitMs = await sendDue(ctx);
    return waitMs === null
      ? { state: 'done', outcome: 'Nothing waits to go out.' }
      : { state: 'again', outcome: 'There is more to send.', waitMs };
  },
};

/** Has what is due sent at the next look. */
export const wakeOutbox = ({ clock }: Context, sql: Sql): Promise<unknown> =>
  wakeTask(sql, OUTBOX, clock.now());

/** How long whoever pressed waits to see it gone. */
const PATIENCE_MS = 3_000;

/** Sends at once what is due; nobody waits for it. */
export const sendSoon = (ctx: Context): Promise<void> =>
  runKind(ctx, OUTBOX).catch((err: unknown) => ctx.log.error({ err }, 'sending failed'));

/** Sends at once what is due, and waits a moment for it: whoever wrote it sees that it has gone. */
export async function sendNow(ctx: Context): Promise<void> {
  await Promise.race([sendSoon(ctx), new Promise((done) => setTimeout(done, PATIENCE_MS).unref())]);
}

/** What was being handed over when the program ended: a gateway knows it by its id, a mail server does not. */
export const recoverSending = async ({ db }: Context): Promise<number> =>
  (await queries.recoverSending(db)).length;

/** Milliseconds until there is more to send; null for nothing. */
export async function sendDue(ctx: Context): Promise<number | null> {
  // Only one pump runs at a time: what is still marked was left so by one that was broken off.
  await recoverSending(ctx);
  let room = await readSendContext(ctx);
  await touchGone(ctx, room);
  await reconsider(ctx, room);
  let [left, mail] = [await allowed(ctx, room), await liveMail(ctx)];
  let [ready, stamp]: [MessageRow[], string] = [[], ''];
  // While one batch is on its way the next is made ready: neither waits for the other.
  let flying: Promise<Over[]> | null = null;
  for (let n = 1; ; n++) {
    const now = stampOf(ctx);
    if (ready.length === 0 || stamp !== now) {
      if (stamp !== now) [room, mail] = [await readSendContext(ctx), await liveMail(ctx)];
      left = await allowed(ctx, room);
      [ready, stamp] = [await readReady(ctx, room, left), now];
    }
    const batch = await mark(ctx, mail, ready.splice(0, AT_ONCE));
    const before = flying;
    flying = batch.length > 0 ? sendAll(ctx, room, mail, batch) : null;
    if (before) await record(ctx, await before);
    if (flying === null && ready.length === 0) break;
    if (n % TOUCHED_EVERY === 0) await touchGone(ctx, room);
  }
  await touchGone(ctx, room);
  const next = await queries.nextDue(ctx.db);
  return next === null ? null : Math.max(Date.parse(next) - ctx.clock.nowMs(), 2_000);
}

/** Hands messages over side by side. */
const sendAll = (
  ctx: Context,
  room: Room,
  mail: LiveMail,
  batch: readonly MessageRow[],
): Promise<Over[]> =>
  Promise.all(
    batch.map(async (message) => ({
      message,
      // What breaks here keeps none of the others from being written down.
      handed: await hand(ctx, room, mail, message).catch((err: unknown): Handed => {
        ctx.log.error({ err, message: message.id }, 'handing a message over failed');
        return { as: 'unclear', words: 'Something went wrong on our side.' };
      }),
    })),
  );

/** Where no day is left on which anything may go. */
const LATER = '2999-12-31T00:00:00Z';

/** Whether an instant lies ahead, by more than it takes to look. */
const isAhead = ({ clock }: Context, at: string): boolean => Date.parse(at) > clock.nowMs() + 5_000;

/** When messages of a kind went within the last minute. */
const lately = new WeakMap<Context, Record<Kind, number[]>>();

function latelyOf(ctx: Context): Record<Kind, number[]> {
  const known = lately.get(ctx) ?? { email: [], text: [] };
  lately.set(ctx, known);
  const since = ctx.clock.realMs() - MINUTE_MS;
  for (const kind of ['email', 'text'] as const)
    known[kind] = known[kind].filter((at) => at > since);
  return known;
}

/** How many more of each kind may go now, by the limits of what takes them. */
async function allowed(ctx: Context, { settings }: Room): Promise<Record<Kind, number>> {
  const since = new Date(instantOf(ctx.clock.today(), '00:00', settings.timeZone)).toISOString();
  const setups = { email: (await liveMail(ctx))?.setup, text: (await liveTexts(ctx))?.setup };
  const now = latelyOf(ctx);
  const left = { email: 0, text: 0 };
  for (const kind of ['email', 'text'] as const) {
    const setup = setups[kind];
    if (!setup) continue;
    const today = setup.perDay - (await queries.countGone(ctx.db, since, kind));
    left[kind] = Math.max(0, Math.min(today, setup.perMinute - now[kind].length));
  }
  return left;
}

/** What may go now, the earliest first, as far as the limits allow. What may not any more is put aside. */
async function readReady(
  ctx: Context,
  room: Room,
  left: Record<Kind, number>,
): Promise<MessageRow[]> {
  for (;;) {
    const now = ctx.clock.now();
    const kinds = (['email', 'text'] as const).filter((kind) => left[kind] > 0);
    const most = Math.min(READY_AT_ONCE, ...kinds.map((kind) => left[kind]));
    const rows = kinds.length > 0 ? await queries.due(ctx.db, kinds, now, most) : [];
    const going = await sorted(ctx, room, rows);
    if (going.length > 0 || rows.length === 0) return going;
  }
}

/** Of what is due, what may go; the rest is put aside. */
async function sorted(
  ctx: Context,
  room: Room,
  rows: readonly MessageRow[],
): Promise<MessageRow[]> {
  if (rows.length === 0) return [];
  const ids = rows.map((row) => row.person_id);
  const readers = new Map((await queries.readReaders(ctx.db, ids)).map((r) => [r.id, r]));
  const stopped = await stoppedOf(ctx.db, [...readers.values()]);
  const [going, aside]: [MessageRow[], Parameters<typeof queries.rewrite>[1][number][]] = [[], []];
  for (const row of rows) {
    const reader = readers.get(row.person_id);
    const away = !reader || reader.away;
    const kept = row.addresses.filter((address) => !stopped.has(address.toLowerCase()));
    const obstacle = away
      ? null
      : obstacleOf(room, reader, { ...row, addresses: kept }, { stopped, wordFault: null });
    const sendAt = away || row.at_once ? ctx.clock.now() : sendAtFor(ctx, room, row, reader);
    if (away) aside.push({ ...row, state: 'cancelled', why: 'They are archived.', remedy: '' });
    else if (row.good_until && isTooLate(ctx, row))
      aside.push({ ...row, state: 'failed', why: 'Its day has passed.', remedy: '' });
    else if (obstacle) aside.push({ ...row, state: 'held', ...obstacle });
    else if (sendAt === null || isAhead(ctx, sendAt))
      aside.push({ ...row, send_at: sendAt ?? LATER });
    else going.push({ ...row, addresses: kept });
  }
  if (aside.length > 0) await queries.rewrite(ctx.db, aside);
  return going;
}

/** Marks messages before they are handed over; answers those that were still to go. */
async function mark(
  ctx: Context,
  mail: LiveMail,
  rows: readonly MessageRow[],
): Promise<MessageRow[]> {
  if (rows.length === 0) return [];
  const refs = rows.map(({ id, kind }) => ({
    id,
    ref: kind === 'email' ? (mail?.carrier.messageId(id) ?? '') : id,
  }));
  const marked = new Set((await queries.claimForSending(ctx.db, refs)).map(({ id }) => id));
  return rows.filter(({ id }) => marked.has(id));
}

async function hand(
  ctx: Context,
  room: Room,
  mail: LiveMail,
  message: MessageRow,
): Promise<Handed> {
  const { id, kind, addresses, subject, words } = message;
  latelyOf(ctx)[kind].push(ctx.clock.realMs());
  if (kind === 'text') {
    const texts = await liveTexts(ctx);
    return texts
      ? texts.carrier.hand({ id, to: addresses[0]!, words })
      : { as: 'later', words: 'No text gateway is set up.' };
  }
  if (!mail) return { as: 'later', words: 'No mail server is set up.' };
  return mail.carrier.hand({
    id,
    to: addresses,
    subject,
    ...lettersOf(ctx, room, message),
    files: await filesOf(ctx, message),
    optOut: message.automatic ? optOutMail(ctx, id, mail.setup.fromAddress) : null,
  });
}

/** The files that go with an e-mail, and the pictures in its words. */
export async function filesOf(
  { db }: Context,
  { files, html }: Pick<MessageRow, 'files' | 'html'>,
): Promise<EmailFile[]> {
  const shown = picturesIn(html);
  if (files.length + shown.length === 0) return [];
  return (await readBytes(db, [...shown, ...files])).map(({ id, name, type, content }, at) => ({
    name,
    type,
    content: Buffer.from(content, 'base64'),
    ...(at < shown.length ? { cid: id } : {}),
  }));
}

interface Over {
  message: MessageRow;
  handed: Handed;
}

async function record(ctx: Context, overs: readonly Over[]): Promise<void> {
  await queries.recordOutcomes(
    ctx.db,
    overs.map(({ message, handed }) => outcomeOf(ctx, message, handed)),
  );
  for (const { message, handed } of overs)
    for (const { address, why } of noSuch(message, handed))
      await stopAddress(ctx, { address, why, personId: message.person_id, kind: message.kind });
  tellOf(
    ctx,
    overs.map(({ message }) => message.person_id),
  );
}

/** The addresses of a message that nobody has, as what took it or did not says. */
function noSuch({ addresses }: MessageRow, handed: Handed): { address: string; why: string }[] {
  if (handed.as === 'taken') return handed.without ?? [];
  const isGone = handed.as === 'refused' && handed.noSuchAddress;
  return isGone ? addresses.map((address) => ({ address, why: handed.words })) : [];
}

function outcomeOf(ctx: Context, message: MessageRow, handed: Handed): Outcome {
  const base = {
    id: message.id,
    why: '',
    remedy: '' as const,
    send_at: message.send_at,
    sent_at: null,
    carrier_ref: null,
  };
  if (handed.as === 'taken')
    return { ...base, state: 'sent', sent_at: ctx.clock.now(), carrier_ref: handed.ref };
  if (handed.as === 'unclear')
    return {
      ...base,
      state: 'held',
      remedy: 'unclear',
      why: `${handed.words} It may have arrived.`,
    };
  if (handed.as === 'refused')
    return {
      ...base,
      state: 'failed',
      remedy: handed.noSuchAddress ? 'address' : 'again',
      why: handed.words,
    };
  // The row was read before it was marked, so this attempt is not among those counted.
  const wait = WAITS_MS[message.attempts];
  if (wait === undefined) return { ...base, state: 'failed', remedy: 'again', why: handed.words };
  const at = new Date(ctx.clock.nowMs() + wait).toISOString();
  return { ...base, state: 'ready', send_at: at, why: handed.words };
}
