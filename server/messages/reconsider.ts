import type { Topic } from '@/contract/topics';
import { toDayNumber, type PlainDate } from '@/core/time';

import type { Context } from '../context';
import { readMergeValues } from '../templates';
import { addressesOf, fillIn, obstacleOf, stoppedOf } from './make';
import * as queries from './queries';
import type { MessageRow } from './queries';
import { sendAtFor, type Room } from './room';

const AT_ONCE = 300;
/** What goes by itself is not sent later than this after its day. */
const LATE_DAYS = 7;

/** Writes that may remedy something. */
const MENDING: Topic[] = ['people', 'settings', 'carriers', 'messages'];

/** Whether the day that something was planned for is too long ago. */
export const isTooLate = (
  { clock }: Context,
  { planned_on, good_until }: Pick<MessageRow, 'planned_on' | 'good_until'>,
): boolean =>
  good_until
    ? clock.today() > good_until
    : toDayNumber(clock.today()) - toDayNumber(planned_on as PlainDate) > LATE_DAYS;

/** What the last look had seen: without a change since, nothing held can go. */
const seen = new WeakMap<Context, string>();

/** Looks again at what was held: what kept it may be mended by now, or its time may have passed. */
export async function reconsider(ctx: Context, room: Room): Promise<void> {
  const { writes } = ctx;
  const stamp = [ctx.clock.today(), ...MENDING.map((topic) => writes.countOf(topic))].join(' ');
  if (seen.get(ctx) === stamp) return;
  for (let after: string | null = null; ;) {
    const rows: MessageRow[] = await queries.heldFor(
      ctx.db,
      ['address', 'consent', 'words', 'carrier'],
      after,
      AT_ONCE,
    );
    if (rows.length === 0) break;
    after = rows.at(-1)!.id;
    const changed = await lookAgain(ctx, room, rows);
    if (changed.length > 0) await queries.rewrite(ctx.db, changed);
  }
  seen.set(ctx, stamp);
}

async function lookAgain(ctx: Context, room: Room, rows: readonly MessageRow[]) {
  const ids = [...new Set(rows.map((row) => row.person_id))];
  const readers = new Map((await queries.readReaders(ctx.db, ids)).map((r) => [r.id, r]));
  const values = await readMergeValues(ctx, ctx.db, ids);
  const stopped = await stoppedOf(ctx.db, [...readers.values()]);
  return rows.flatMap((row) => {
    const reader = readers.get(row.person_id);
    if (!reader || reader.away)
      return {
        ...row,
        state: 'cancelled' as const,
        why: 'They are archived.',
        remedy: '' as const,
      };
    if (row.automatic && isTooLate(ctx, row))
      return {
        ...row,
        state: 'failed' as const,
        remedy: '' as const,
        why: `${row.why} Its time has passed.`,
      };
    // Words that could be filled in stand there filled in.
    const words =
      row.remedy === 'words'
        ? fillIn(row, values.get(row.person_id)!, room)
        : { texts: row, fault: null };
    const addresses = addressesOf(reader, row.kind, stopped);
    const { subject, words: text, html } = words.texts;
    const now = { ...row, addresses, subject, words: text, html };
    const obstacle = obstacleOf(room, reader, now, { stopped, wordFault: words.fault });
    if (obstacle)
      return obstacle.why === row.why
        ? []
        : { ...row, addresses, why: obstacle.why, remedy: obstacle.remedy };
    const sendAt = sendAtFor(ctx, room, row, reader);
    return { ...now, state: 'ready' as const, why: '', remedy: '' as const, send_at: sendAt };
  });
}
