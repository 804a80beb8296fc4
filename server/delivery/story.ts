import { plainDate } from '@/core/time';
import { todayIn } from '@/core/zones';

import type { Sql } from '../db';
import type { StoryPart } from '../people';
import { channelOf } from './channel';
import type { DeliveryRow } from './row';

const MAX_LINES = 200;

type Line = Pick<DeliveryRow, 'id' | 'channel' | 'subject' | 'words' | 'cadence'>;

const sentTo = (sql: Sql, personId: string) =>
  sql.query<Line & { at: string; outcome: DeliveryRow['outcome'] }>(
    `select id, channel, subject, left(words, 80) as words, cadence, sent_at as at, outcome from delivery
     where person_id = $1::uuid and state = 'sent' order by sent_at desc limit ${MAX_LINES}`,
    [personId],
  );

const notSentTo = (sql: Sql, personId: string) =>
  sql.query<Line & { on_day: string; state: DeliveryRow['state']; why: string }>(
    `select id, channel, subject, left(words, 80) as words, cadence, planned_on as on_day, state, why from delivery
     where person_id = $1::uuid and state in ('held', 'ready', 'failed', 'cancelled') and (state <> 'cancelled' or why <> '')
     order by planned_on desc limit ${MAX_LINES}`,
    [personId],
  );

const OUTCOMES: Record<string, string> = {
  '': '',
  delivered: ' Delivered.',
  opened: ' Opened.',
  clicked: ' Link clicked.',
  answered: ' Answered.',
  bounced: ' Bounced.',
  complained: ' Marked as spam.',
  opted_out: ' Unsubscribed.',
};

const capitalized = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const quoted = (text: string) =>
  text ? ` “${text.length > 60 ? `${text.slice(0, 58)}…` : text}”` : '';

/** What was sent to a person and what came of it, and what was not sent or not yet. */
export const deliveryStory: StoryPart = async (ctx, personId) => {
  const what = ({ channel, subject, words, cadence }: Line) =>
    `${capitalized(channelOf(ctx, channel).nouns.one)}${quoted(subject || words)}${cadence ? ` of ${cadence}` : ''}`;
  const event = (row: Line, on: ReturnType<typeof plainDate>, became: string) => ({
    id: `message ${row.id}`,
    on,
    kind: 'message' as const,
    words: `${what(row)} ${became}`,
    messageId: row.id,
  });
  const sent = await sentTo(ctx.db, personId);
  const notSent = await notSentTo(ctx.db, personId);
  return [
    ...sent.map((row) =>
      event(row, todayIn(ctx.clock.zone, Date.parse(row.at)), `sent.${OUTCOMES[row.outcome]}`),
    ),
    ...notSent.map((row) =>
      event(
        row,
        plainDate(row.on_day),
        row.state === 'ready' ? 'goes out soon.' : `did not go: ${row.why}`,
      ),
    ),
  ];
};
