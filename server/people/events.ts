import { plainDate, type PlainDate } from '@/core/time';

import type { Sql } from '../db';

/** Follow-ups that were promised and are not done. */
export const openFollowUps = async (sql: Sql, personId: string) =>
  (
    await sql.query<{ on_day: string; words: string }>(
      `select f.on_day, f.words from follow_up f
       left join item_mark m on m.id = 'follow:' || f.id and m.fate <> 'put_off'
       where f.person_id = $1::uuid and m.id is null order by f.on_day`,
      [personId],
    )
  ).map(({ on_day, words }) => ({ on: plainDate(on_day), words }));

interface Event {
  id: string;
  on: PlainDate;
  kind: 'cadence' | 'skipped';
  words: string;
}

const FATE_WORDS = {
  skipped: (what: string) => `Skipped ${what}.`,
  passed: (what: string) =>
    `Let go of ${what}: the next one came due first, or its day had passed.`,
  missed: (what: string) =>
    `Not sent by itself: ${what}. Its day had passed when Pen Pal was opened again.`,
  waiting: (what: string) =>
    `Ready to go out by itself: ${what}. It waits for sending to be set up.`,
};

const also = (id: string, on: string | null, words: string): Event[] =>
  on ? [{ id: `${id} ${words}`, on: plainDate(on), kind: 'cadence', words }] : [];

/** Services that were told of the person, or could not be. */
async function toldServices(sql: Sql, personId: string): Promise<Event[]> {
  const calls = await sql.query<{ id: string; on_day: string; service: string; state: string }>(
    `select c.id, m.planned_on as on_day, s.name as service, c.state from service_call c
     join service s on s.id = c.service_id join item_mark m on m.id = c.id
     where c.person_id = $1::uuid`,
    [personId],
  );
  return calls.map(({ id, on_day, service, state }) => ({
    id,
    on: plainDate(on_day),
    kind: 'cadence',
    words: state === 'failed' ? `${service} could not be told.` : `${service} is told of them.`,
  }));
}

/** What was left out of a plan, services told, and cadences that began or stopped. */
export async function eventsOf(
  sql: Sql,
  personId: string,
  enrolments: readonly {
    id: string;
    cadence: string;
    start_on: string;
    stopped_on: string | null;
    finished_on: string | null;
    paused_on: string | null;
    stop_reason: string;
  }[],
): Promise<Event[]> {
  const undone = await sql.query<{
    id: string;
    planned_on: string;
    cadence: string | null;
    fate: keyof typeof FATE_WORDS;
  }>(
    `select m.id, m.planned_on, m.fate, c.name as cadence from item_mark m
     left join enrolment e on e.id = m.enrolment_id left join cadence c on c.id = e.cadence_id
     where m.person_id = $1::uuid and m.fate in ('skipped', 'passed', 'waiting', 'missed')
       and m.planned_on is not null`,
    [personId],
  );
  return [
    ...(await toldServices(sql, personId)),
    ...undone.map(({ id, planned_on, cadence, fate }) => ({
      id,
      on: plainDate(planned_on),
      kind: 'skipped' as const,
      words: FATE_WORDS[fate](cadence ? `a touch of ${cadence}` : 'a planned touch'),
    })),
    ...enrolments.flatMap(({ id, cadence, start_on, stopped_on, stop_reason, ...e }): Event[] => [
      { id, on: plainDate(start_on), kind: 'cadence', words: `${cadence} begins.` },
      ...(stopped_on
        ? [
            {
              id: `${id} stop`,
              on: plainDate(stopped_on),
              kind: 'cadence' as const,
              words: `Taken off ${cadence}${stop_reason ? `: ${stop_reason}` : ''}.`,
            },
          ]
        : []),
      ...also(id, e.finished_on, `${cadence} is finished.`),
      ...also(id, e.paused_on, `${cadence} is paused.`),
    ]),
  ];
}
