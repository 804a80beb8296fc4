import type { Topic } from '@/contract/topics';

import type { Context, Plans } from '../context';
import { readMergeValues } from '../templates';
import { channelOf, type SendContext } from './channel';
import { isLate, lateWords } from './check';
import { readContents } from './content';
import { fillIn, NO_DAY, obstacleOf, suppressedOf } from './make';
import { readRecipients } from './recipients';
import type { DeliveryRow } from './row';
import { readSendContext, timesFor } from './schedule';
import { heldFor, readyFor, reviseDeliveries, type Revised } from './table';

const PAGE_SIZE = 300;

/** Writes that may have fixed what holds something. */
const FIXING: Topic[] = ['people', 'settings', 'carriers', 'messages'];

/** What the last look saw: without a change since, nothing that is held can go. */
const seen = new WeakMap<Context, string>();

/**
 * Looks again at what is held: what held it may be fixed by now, or its time may have passed.
 * @param released called after each page of which something may go
 */
export async function releaseHeld(
  ctx: Context,
  context: SendContext,
  released: () => void,
): Promise<void> {
  const stamp = [ctx.clock.today(), ...FIXING.map((topic) => ctx.writes.countOf(topic))].join(' ');
  if (seen.get(ctx) === stamp) return;
  for (let after: string | null = null; ;) {
    const rows: DeliveryRow[] = await heldFor(
      ctx.db,
      ['address', 'consent', 'words', 'carrier', 'days'],
      after,
      PAGE_SIZE,
    );
    const last = rows.at(-1);
    if (!last) break;
    after = last.id;
    const revised = await lookAgain(ctx, context, rows);
    if (revised.length === 0) continue;
    await reviseDeliveries(ctx.db, revised);
    released();
  }
  seen.set(ctx, stamp);
}

/** More people than this are checked when what is for them is due. */
const RECHECKED_AT_ONCE = 200;

/**
 * Looks again at what is to be sent to people who were changed: it goes to the addresses and by the answers
 * that they have now, and the outbox shows it at once.
 */
export async function recheckReady(ctx: Context, people: Plans): Promise<void> {
  if (typeof people === 'string' || people.length > RECHECKED_AT_ONCE) return;
  const rows = await readyFor(ctx.db, people);
  if (rows.length === 0) return;
  const revised = await lookAgain(ctx, await readSendContext(ctx), rows);
  if (revised.length === 0) return;
  await reviseDeliveries(ctx.db, revised);
  ctx.writes.bumpTopics(['messages']);
}

async function lookAgain(
  ctx: Context,
  context: SendContext,
  rows: readonly DeliveryRow[],
): Promise<Revised[]> {
  const ids = [...new Set(rows.map((row) => row.person_id))];
  const recipients = new Map((await readRecipients(ctx.db, ids)).map((r) => [r.id, r]));
  const values = await readMergeValues(ctx, ctx.db, ids);
  const suppressed = await suppressedOf(ctx, ctx.db, rows, recipients);
  const contents = await readContents(
    ctx.db,
    rows.flatMap(({ content_id: id }) => id ?? []),
  );
  return rows.flatMap((row): Revised[] => {
    const recipient = recipients.get(row.person_id);
    const theirs = values.get(row.person_id);
    if (!recipient || !theirs || recipient.away)
      return [{ ...row, state: 'cancelled', why: 'They are archived.', remedy: '' }];
    if (isLate(ctx, row))
      return [{ ...row, state: 'held', remedy: 'late', why: lateWords(ctx, row) }];
    const channel = channelOf(ctx, row.channel);
    // Words that could be filled in are there filled in.
    const html = row.content_id ? (contents.get(row.content_id) ?? '') : '';
    const filled =
      row.remedy === 'words' ? fillIn(channel, { ...row, html }, theirs, context) : null;
    const addresses = channel.addresses(recipient, suppressed);
    const now: Revised = {
      ...row,
      addresses,
      subject: filled?.content.subject ?? row.subject,
      words: filled?.content.words ?? row.words,
      merge_values: filled ? filled.mergeValues : row.merge_values,
    };
    const { sendAt, dueAt } = timesFor(ctx, context, row, recipient);
    const obstacle =
      obstacleOf(
        ctx,
        context,
        recipient,
        { ...row, addresses },
        { suppressed, wordFault: filled?.fault ?? null },
      ) ?? (sendAt === null ? NO_DAY : null);
    if (obstacle)
      return obstacle.why === row.why && obstacle.remedy === row.remedy
        ? []
        : [{ ...row, addresses, state: 'held', ...obstacle }];
    // What was ready keeps its time.
    if (row.state === 'ready')
      return `${addresses}` === `${row.addresses}` ? [] : [{ ...row, addresses }];
    return [{ ...now, state: 'ready', why: '', remedy: '', send_at: sendAt, due_at: dueAt }];
  });
}
