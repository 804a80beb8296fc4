import type { LetGoWhy } from '@/core/enrolments';
import { plainDate } from '@/core/time';

import type { Sql } from '../db';
import type { StoryEvent, StoryPart } from '../people';
import { enrolmentsOf } from './queries';

const LET_GO_WORDS: Record<LetGoWhy, string> = {
  overtaken: 'the next one came due first',
  day_past: 'its day had passed',
  lapsed: 'its time had passed',
};

const FATE_WORDS = {
  skipped: (what: string) => `Skipped ${what}.`,
  passed: (what: string, why: LetGoWhy | null) =>
    `Let go of ${what}${why ? `: ${LET_GO_WORDS[why]}` : ''}.`,
  missed: (what: string) =>
    `Not sent by itself: ${what}. Its day had passed when Pen Pal was opened again.`,
  waiting: (what: string) => `Due to go out by itself: ${what}. It waits for the post room.`,
};

/** Planned touches that were left out, with the cadence they came from. */
async function leftOut(sql: Sql, personId: string): Promise<StoryEvent[]> {
  const rows = await sql.query<{
    id: string;
    planned_on: string;
    cadence: string | null;
    fate: keyof typeof FATE_WORDS;
    why: LetGoWhy | null;
  }>(
    `select m.id, m.planned_on, m.fate, m.why, c.name as cadence from item_mark m
     left join enrolment e on e.id = m.enrolment_id left join cadence c on c.id = e.cadence_id
     left join beat b on b.id::text = split_part(m.part, ':', 1)
     where m.person_id = $1::uuid and m.planned_on is not null and m.source <> 'greet' and (m.fate in ('skipped', 'passed', 'missed')
       -- Messages tell of themselves.
       or m.fate = 'waiting' and b.kind in ('card', 'letter'))`,
    [personId],
  );
  return rows.map(({ id, planned_on, cadence, fate, why }) => ({
    id,
    on: plainDate(planned_on),
    kind: 'skipped',
    words: FATE_WORDS[fate](cadence ? `a touch of ${cadence}` : 'a planned touch', why),
  }));
}

/** What was left out of a plan, and cadences that began, stopped, finished or rest. */
export const enrolmentStory: StoryPart = async (ctx, personId) => {
  const enrolments = await enrolmentsOf(ctx.db, personId, ctx.clock.today());
  const at = (id: string, on: string | null, words: string): StoryEvent[] =>
    on ? [{ id: `${id} ${words}`, on: plainDate(on), kind: 'cadence', words }] : [];
  return [
    ...(await leftOut(ctx.db, personId)),
    ...enrolments.flatMap(({ id, cadence, stop_reason, ...e }) => [
      // What never began has no beginning to tell of.
      ...(neverBegan(e) ? [] : at(id, e.start_on, `${cadence} begins.`)),
      ...at(
        id,
        e.stopped_on,
        `Taken off ${cadence}${neverBegan(e) ? ' before it began' : ''}${stop_reason ? `: ${stop_reason}` : ''}.`,
      ),
      ...at(id, e.finished_on, `${cadence} is finished.`),
      ...at(id, e.paused_on, `${cadence} is paused.`),
    ]),
  ];
};

const neverBegan = (e: { start_on: string; stopped_on: string | null }) =>
  e.stopped_on !== null && e.stopped_on < e.start_on;
