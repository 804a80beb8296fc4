import type { NamedDate } from '@/core/people';

import type { Sql } from '../db';
import { AMONG, EPOCH } from '../planner';

export interface EnrolmentRow {
  id: string;
  person_id: string;
  cadence_id: string;
  anchor_round: number;
  anchor_on: number;
  settled_until: number | null;
  skipped_until: number | null;
}

/** Enrolments that are planned from: neither ended nor paused, of cadences that are switched on. */
export const planEnrolments = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<EnrolmentRow>(
    `select e.id, e.person_id, e.cadence_id, e.anchor_round, e.anchor_on - ${EPOCH} as anchor_on,
       greatest(m.until, e.settled_until) - ${EPOCH} as settled_until, e.settled_until - ${EPOCH} as skipped_until
     from enrolment e join cadence c on c.id = e.cadence_id and c.active
     left join (select enrolment_id, max(planned_on) as until from item_mark
                where enrolment_id is not null and fate not in ('put_off', 'waiting', 'missed', 'ran') and ${AMONG('person_id')}
                group by 1) m on m.enrolment_id = e.id
     where e.open and e.paused_on is null and ${AMONG('e.person_id')} order by e.person_id, e.id`,
    [ids],
  );

/** Dates of those who are on a cadence that is planned around dates. */
export const planDates = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{
    person_id: string;
    birthday: string | null;
    dates: NamedDate[];
    served_on: string | null;
  }>(
    `select p.id as person_id, p.birthday, p.dates,
       (select max(j.completed_on) from job j where j.person_id = p.id) as served_on
     from person p where ${AMONG('p.id')} and p.id in (
       select e.person_id from enrolment e where e.open and e.cadence_id in (
         select cadence_id from beat where timing ->> 'on' = 'around'))`,
    [ids],
  );

/**
 * Settled beats of cadences that were changed, and of one that is about to be: a beat that was made
 * may stand on a later day then.
 */
export const planSettled = (
  sql: Sql,
  ids: readonly string[] | null,
  changing: string | null = null,
) =>
  sql.query<{ enrolment_id: string; touch: string }>(
    `select m.enrolment_id, m.part as touch
     from item_mark m join enrolment e on e.id = m.enrolment_id join cadence c on c.id = e.cadence_id
     where (c.version > 1 or c.id = $2::uuid) and e.open and m.fate <> 'put_off' and m.source = 'beat'
       and m.planned_on > (select max(planned_on) - 800 from item_mark) and ${AMONG('m.person_id')}`,
    [ids, changing],
  );
