import { plainDate, type PlainDate } from '@/core/time';

import type { Sql } from '../db';
import type { Kind, MessageRow } from './queries';

const MOST = 200;

interface Told {
  id: string;
  kind: Kind;
  subject: string;
  words: string;
  cadence: string;
}

/** The messages of a person: those that went, those that did not or not yet, and what came from them. */
export async function storyOf(sql: Sql, personId: string) {
  const gone = await sql.query<Told & { at: string; outcome: MessageRow['outcome'] }>(
    `select id, kind, subject, left(words, 80) as words, cadence, sent_at as at, outcome from delivery
     where person_id = $1::uuid and state = 'sent' order by sent_at desc limit ${MOST}`,
    [personId],
  );
  const waits = await sql.query<Told & { on_day: string; state: MessageRow['state']; why: string }>(
    `select id, kind, subject, left(words, 80) as words, cadence, planned_on as on_day, state, why from delivery
     where person_id = $1::uuid and state in ('held', 'ready', 'failed', 'cancelled') and (state <> 'cancelled' or why <> '')
     order by planned_on desc limit ${MOST}`,
    [personId],
  );
  const came = await sql.query<{
    id: string;
    at: string;
    verdict: string;
    words: string;
    subject: string;
  }>(
    `select id, at, verdict, words, subject from incoming
     where person_id = $1::uuid and verdict in ('answer', 'automatic', 'opt_out') order by at desc limit ${MOST}`,
    [personId],
  );
  return {
    gone,
    waits: waits.map(({ on_day, ...row }) => ({ ...row, on: plainDate(on_day) as PlainDate })),
    came,
  };
}
