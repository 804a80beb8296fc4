import { isTooLate } from '@/core/delivery';
import { spokenDate, type PlainDate } from '@/core/time';
import { todayIn } from '@/core/zones';

import type { Context } from '../context';
import { recordset, type Sql } from '../db';
import { channelOf, type SendContext } from './channel';
import type { Claim, Due } from './claim';
import { NO_DAY, obstacleOf, suppressedOf } from './make';
import { readRecipients } from './recipients';
import type { Remedy, State } from './row';
import { timesFor } from './schedule';

/** A delivery that does not go now, and what becomes of it instead. */
interface Aside {
  id: string;
  version: number;
  state: State;
  why: string;
  remedy: Remedy;
  /** Null keeps the time that it has. */
  send_at: string | null;
}

export interface Checked {
  claims: Omit<Claim, 'ref'>[];
  aside: Aside[];
}

/** Less than this ahead is now: looking takes a while. */
const NOW_MS = 5_000;

/** Sorts what is due: what may go as things are now, and what waits, is held or is cancelled instead. */
export async function checkDue(
  ctx: Context,
  context: SendContext,
  rows: readonly Due[],
): Promise<Checked> {
  const ids = [...new Set(rows.map((row) => row.person_id))];
  const recipients = new Map((await readRecipients(ctx.db, ids)).map((r) => [r.id, r]));
  const suppressed = await suppressedOf(ctx, ctx.db, rows, recipients);
  const checked: Checked = { claims: [], aside: [] };
  for (const row of rows) {
    const recipient = recipients.get(row.person_id);
    const aside = (rest: Pick<Aside, 'state'> & Partial<Aside>) =>
      checked.aside.push({
        id: row.id,
        version: row.version,
        why: '',
        remedy: '',
        send_at: null,
        ...rest,
      });
    if (!recipient || recipient.away) {
      aside({ state: 'cancelled', why: 'They are archived.' });
      continue;
    }
    const addresses = channelOf(ctx, row.channel).addresses(recipient, suppressed);
    const obstacle = obstacleOf(
      ctx,
      context,
      recipient,
      { ...row, addresses },
      { suppressed, wordFault: null },
    );
    const { sendAt } = row.at_once
      ? { sendAt: ctx.clock.now() }
      : timesFor(ctx, context, row, recipient);
    if (isLate(ctx, row)) aside({ state: 'held', remedy: 'late', why: lateWords(ctx, row) });
    else if (obstacle) aside({ state: 'held', ...obstacle });
    else if (sendAt === null) aside({ state: 'held', ...NO_DAY });
    else if (Date.parse(sendAt) > ctx.clock.nowMs() + NOW_MS)
      aside({ state: 'ready', send_at: sendAt });
    else
      checked.claims.push({
        id: row.id,
        version: row.version,
        person_version: recipient.version,
        addresses,
      });
  }
  return checked;
}

type Timed = Pick<Due, 'channel' | 'due_at' | 'good_until' | 'at_once' | 'why'>;

/** Whether it is too late by now to send something that the owner has not asked for again. */
export const isLate = (ctx: Context, row: Timed): boolean =>
  !row.at_once &&
  isTooLate(
    {
      dueMs: Date.parse(row.due_at),
      goodUntil: row.good_until as PlainDate | null,
      lateHours: channelOf(ctx, row.channel).lateHours,
    },
    { ms: ctx.clock.nowMs(), today: ctx.clock.today() },
  );

/** Why something that is too late is not sent, and what kept it until then. */
export function lateWords({ clock }: Context, row: Timed): string {
  const day = spokenDate(todayIn(clock.zone, Date.parse(row.due_at)), clock.today());
  const late = row.good_until
    ? 'Its day has passed.'
    : `It was due ${day} and was not sent in time.`;
  return `${late} ${row.why}`.trim();
}

/** Puts deliveries aside that nobody else has changed since they were looked at. */
export const putAside = (sql: Sql, rows: readonly Aside[]) =>
  sql.query(
    `update delivery d set state = r.state, why = r.why, remedy = r.remedy,
       send_at = coalesce(r.send_at, d.send_at), version = d.version + 1
     from json_to_recordset($1::json) as r (id uuid, version int, state text, why text, remedy text, send_at timestamptz)
     where d.id = r.id and d.version = r.version and d.state = 'ready'`,
    [recordset(rows)],
  );
