import type { CallOutput } from '@/contract/endpoint';
import type { getMessage, listOutbox, listSent, Message } from '@/contract/messages';
import { addDays, plainDate } from '@/core/time';
import { instantOf } from '@/core/zones';

import { notFound } from '../api';
import type { Context } from '../context';
import { readFiles } from '../files';
import { channelOf, CHANNELS, type SendContext } from './channel';
import { htmlOf } from './content';
import * as queries from './outbox-queries';
import type { ShownRow } from './outbox-queries';
import { hourThere, readSendContext } from './schedule';
import { countSent } from './table';

const SHOWN = 100;
/** What waits for so many days, though nobody held it, is told on the desk. */
const LONG_DAYS = 2;
/** What was given up is shown for so many days. */
const FAILED_DAYS = 14;

const iso = (at: string | null) => (at === null ? null : new Date(at).toISOString());

export const toMessage = (ctx: Context, context: SendContext, row: ShownRow): Message => ({
  id: row.id,
  version: row.version,
  batchId: row.batch_id,
  personId: row.person_id,
  name: row.name,
  kind: row.channel,
  noun: channelOf(ctx, row.channel).nouns,
  addresses: row.addresses,
  subject: row.subject,
  state: row.state,
  why: row.why,
  remedy: row.remedy,
  outcome: row.outcome,
  cadence: row.cadence,
  on: plainDate(row.planned_on),
  sendAt: iso(row.send_at),
  there: hourThere(context, row, iso(row.send_at)),
  sentAt: iso(row.sent_at),
});

/** What goes out next, and what waits for the owner. */
export async function readOutbox(ctx: Context): Promise<CallOutput<typeof listOutbox>> {
  const context = await readSendContext(ctx);
  const { timeZone } = context.settings;
  const today = ctx.clock.today();
  const midnight = (day: typeof today) => new Date(instantOf(day, '00:00', timeZone)).toISOString();
  const failedSince = addDays(today, -FAILED_DAYS);
  const waiting = await queries.waiting(ctx.db, failedSince, SHOWN);
  const waits = await queries.countWaiting(ctx.db, failedSince, addDays(today, -LONG_DAYS));
  const upcoming = await queries.upcoming(ctx.db, SHOWN);
  const counted = await queries.countUpcoming(ctx.db, midnight(addDays(today, 1)));
  return {
    today,
    timeZone,
    carriers: Object.fromEntries(
      ctx.house.of(CHANNELS).map(({ name }) => [name, Boolean(context.carriers.get(name))]),
    ),
    waitingTotal: waits.total,
    waitsLong: waits.long > 0 ? { total: waits.long, since: plainDate(waits.since) } : null,
    waiting: waiting.map((row) => toMessage(ctx, context, row)),
    goingTotal: counted.total,
    goingToday: counted.soon,
    going: upcoming.map((row) => toMessage(ctx, context, row)),
    sentToday: await countSent(ctx.db, midnight(today)),
  };
}

export async function readSent(
  ctx: Context,
  page: { after?: string | undefined; personId?: string | undefined; limit: number },
): Promise<CallOutput<typeof listSent>> {
  const context = await readSendContext(ctx);
  const { after = null, personId = null, limit } = page;
  const rows = await queries.sentPage(ctx.db, { after, personId, limit });
  return {
    timeZone: context.settings.timeZone,
    messages: rows.map((row) => toMessage(ctx, context, row)),
  };
}

export async function findOrRefuse(ctx: Context, id: string): Promise<ShownRow> {
  const row = await queries.findDelivery(ctx.db, id);
  if (!row) throw notFound('There is no such message.');
  return row;
}

export async function readMessage(
  ctx: Context,
  id: string,
): Promise<CallOutput<typeof getMessage>> {
  const row = await findOrRefuse(ctx, id);
  const events = await queries.eventsOf(ctx.db, id);
  const context = await readSendContext(ctx);
  const html = (await htmlOf(ctx.db, [row])).get(id) ?? '';
  return {
    ...toMessage(ctx, context, row),
    timeZone: context.settings.timeZone,
    words: row.words,
    html,
    page: channelOf(ctx, row.channel).preview(ctx, context, { ...row, html }),
    files: await readFiles(ctx.db, row.files),
    events: events.map(({ at, ...event }) => ({ ...event, at: new Date(at).toISOString() })),
  };
}
