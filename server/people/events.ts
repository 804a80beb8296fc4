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

/** What was left out of a plan, and cadences that began or stopped. */
export async function eventsOf(
  sql: Sql,
  personId: string,
  enrolments: readonly {
    id: string;
    cadence: string;
    start_on: string;
    stopped_on: string | null;
    stop_reason: string;
  }[],
): Promise<Event[]> {
  const skipped = await sql.query<{ id: string; planned_on: string; cadence: string | null }>(
    `select m.id, m.planned_on, c.name as cadence from item_mark m
     left join enrolment e on e.id = m.enrolment_id left join cadence c on c.id = e.cadence_id
     where m.person_id = $1::uuid and m.fate = 'skipped' and m.planned_on is not null`,
    [personId],
  );
  return [
    ...skipped.map(({ id, planned_on, cadence }) => ({
      id,
      on: plainDate(planned_on),
      kind: 'skipped' as const,
      words: `Skipped${cadence ? ` a touch of ${cadence}` : ' a planned touch'}.`,
    })),
    ...enrolments.flatMap(({ id, cadence, start_on, stopped_on, stop_reason }): Event[] => [
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
    ]),
  ];
}
