import type { CallOutput } from '@/contract/endpoint';
import type {
  changeMessage,
  getMessage,
  listSent,
  listOutbox,
  Message,
  MOVES,
} from '@/contract/messages';
import type { Words } from '@/contract/templates';
import type { Topic } from '@/contract/topics';
import { addDays, plainDate, plural } from '@/core/time';
import { instantOf } from '@/core/zones';

import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { readFiles } from '../files';
import { readMergeValues, tidiedOrRefused } from '../templates';
import { shownLetter } from './letters';
import { fillIn } from './make';
import { sendNow, wakeOutbox } from './pump';
import * as queries from './queries';
import type { ShownRow, State } from './queries';
import { hourThere, readSendContext, type Room } from './room';
import { tellOf } from './tell';
import { touchGone } from './touched';

const SHOWN = 100;
/** What waits for so many days, though nobody held it back, is told on the desk. */
const LONG_DAYS = 2;
/** What was given up is told for so many days. */
const FAILED_DAYS = 14;

const TOPICS: Topic[] = ['messages', 'touches', 'plan'];

const iso = (at: string | null) => (at === null ? null : new Date(at).toISOString());

export const toMessage = (room: Room, row: ShownRow): Message => ({
  id: row.id,
  version: row.version,
  personId: row.person_id,
  name: row.name,
  kind: row.kind,
  addresses: row.addresses,
  subject: row.subject,
  state: row.state,
  why: row.why,
  remedy: row.remedy,
  outcome: row.outcome,
  cadence: row.cadence,
  on: plainDate(row.planned_on),
  sendAt: iso(row.send_at),
  there: hourThere(room, row, iso(row.send_at)),
  sentAt: iso(row.sent_at),
});

/** What goes out next, and what waits for the owner. */
export async function readOutbox(ctx: Context): Promise<CallOutput<typeof listOutbox>> {
  const room = await readSendContext(ctx);
  const { timeZone } = room.settings;
  const today = ctx.clock.today();
  const midnight = (day: typeof today) => new Date(instantOf(day, '00:00', timeZone)).toISOString();
  const failedSince = addDays(today, -FAILED_DAYS);
  const waiting = await queries.waiting(ctx.db, failedSince, SHOWN);
  const waits = await queries.countWaiting(ctx.db, failedSince, addDays(today, -LONG_DAYS));
  const going = await queries.going(ctx.db, SHOWN);
  const [counted] = await queries.countGoing(ctx.db, midnight(addDays(today, 1)));
  return {
    today,
    timeZone,
    carriers: room.hasCarrier,
    waitingTotal: waits.total,
    waitsLong: waits.long > 0 ? { total: waits.long, since: plainDate(waits.since) } : null,
    waiting: waiting.map((row) => toMessage(room, row)),
    goingTotal: counted!.total,
    goingToday: counted!.soon,
    going: going.map((row) => toMessage(room, row)),
    sentToday: await queries.countGone(ctx.db, midnight(today)),
  };
}

export async function readSent(
  ctx: Context,
  page: { after?: string | undefined; personId?: string | undefined; limit: number },
): Promise<CallOutput<typeof listSent>> {
  const room = await readSendContext(ctx);
  const { after = null, personId = null, limit } = page;
  const rows = await queries.gone(ctx.db, { after, personId, limit });
  return {
    timeZone: room.settings.timeZone,
    messages: rows.map((row) => toMessage(room, row)),
  };
}

async function find(ctx: Context, id: string): Promise<ShownRow> {
  const row = await queries.findMessage(ctx.db, id);
  if (!row) throw notFound('There is no such message.');
  return row;
}

export async function readMessage(
  ctx: Context,
  id: string,
): Promise<CallOutput<typeof getMessage>> {
  const row = await find(ctx, id);
  const events = await queries.eventsOf(ctx.db, id);
  const room = await readSendContext(ctx);
  return {
    ...toMessage(room, row),
    timeZone: room.settings.timeZone,
    words: row.words,
    html: row.html,
    page: row.html ? shownLetter(ctx, room, row) : '',
    files: await readFiles(ctx.db, row.files),
    events: events.map(({ at, ...event }) => ({ ...event, at: iso(at)! })),
  };
}

type Move = (typeof MOVES)[number];

const OWN_HOLD = 'You held it back.';

/** From which states a move leads where. */
const MOVED: Record<
  Move,
  { from: State[]; to: Parameters<typeof queries.moveFrom>[3]; words: string }
> = {
  hold: {
    from: ['ready'],
    to: { state: 'held', why: OWN_HOLD, remedy: 'release' },
    words: 'is held back',
  },
  release: { from: ['held'], to: { state: 'ready' }, words: 'goes in its time' },
  cancel: { from: ['held', 'ready', 'failed'], to: { state: 'cancelled' }, words: 'is cancelled' },
  now: {
    from: ['held', 'ready', 'failed'],
    to: { state: 'ready', atOnce: true },
    words: 'goes now',
  },
  again: { from: ['held', 'failed'], to: { state: 'ready' }, words: 'is tried again' },
  went: { from: ['held'], to: { state: 'sent' }, words: 'counts as sent' },
};

export async function move(ctx: Context, id: string, what: Move) {
  const row = await find(ctx, id);
  const { from, to, words } = MOVED[what];
  const unmended = ['address', 'consent', 'words', 'carrier'].includes(row.remedy);
  if (row.state === 'held' && unmended && to.state === 'ready') throw invalid(row.why);
  if (what === 'went' && row.remedy !== 'unclear') throw conflict('It has not gone.');
  const sendAt = what === 'now' || what === 'again' ? ctx.clock.now() : undefined;
  const moved = await queries.moveFrom(ctx.db, id, from, {
    ...to,
    ...(sendAt ? { sendAt } : {}),
    ...(what === 'went' ? { sentAt: ctx.clock.now() } : {}),
  });
  if (!moved) throw conflict(whereItIs(row.state));
  if (to.state === 'ready') await wakeOutbox(ctx, ctx.db);
  if (what === 'went') await touchGone(ctx, await readSendContext(ctx));
  if (sendAt) await sendNow(ctx);
  tellOf(ctx, [row.person_id]);
  return { sentence: `The ${nounOf(row)} to ${row.name} ${words}`, topics: TOPICS };
}

const nounOf = ({ kind }: ShownRow) => (kind === 'email' ? 'e-mail' : 'text');

const whereItIs = (state: State): string =>
  state === 'sent' || state === 'sending'
    ? 'It has gone already.'
    : state === 'cancelled'
      ? 'It is cancelled already.'
      : 'It is somewhere else by now. Look again.';

/** Holds back everything that would go, or lets go what was held back by hand. */
export async function holdAll(ctx: Context, hold: boolean) {
  const rows = hold
    ? await queries.moveAll(
        ctx.db,
        { state: 'ready', remedy: '' },
        { state: 'held', why: OWN_HOLD, remedy: 'release' },
      )
    : await queries.moveAll(
        ctx.db,
        { state: 'held', remedy: 'release' },
        { state: 'ready', why: '', remedy: '' },
      );
  if (!hold) await wakeOutbox(ctx, ctx.db);
  tellOf(ctx, []);
  const count = plural(rows.length, 'message');
  return { sentence: `${count} ${hold ? 'held back' : 'on the way again'}`, topics: TOPICS };
}

/** Changes the words of a message that has not gone. */
export async function change(
  ctx: Context,
  id: string,
  { version, ...given }: Words & { version: number },
): Promise<CallOutput<typeof changeMessage>> {
  const row = await find(ctx, id);
  if (row.version !== version)
    throw conflict('It was changed in another window meanwhile. Look at it again.');
  const values = (await readMergeValues(ctx, ctx.db, [row.person_id])).get(row.person_id)!;
  const filled = fillIn(
    { ...row, ...tidiedOrRefused(row.kind, given) },
    values,
    await readSendContext(ctx),
  );
  if (filled.fault) throw invalid(filled.fault, 'words');
  // Words were all that kept it; anything else is looked at when it goes.
  const mended = row.state === 'held' && row.remedy === 'words';
  const state = mended ? { state: 'ready' as const, why: '', remedy: '' as const } : {};
  const changed = await queries.rewrite(ctx.db, [{ ...row, ...filled.texts, ...state }]);
  if (changed.length === 0) throw conflict(whereItIs(row.state));
  if (mended) await wakeOutbox(ctx, ctx.db);
  tellOf(ctx, [row.person_id]);
  return { sentence: `Changed the ${nounOf(row)} to ${row.name}`, topics: TOPICS };
}
