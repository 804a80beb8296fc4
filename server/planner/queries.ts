import type { NamedDate } from '@/core/people';
import type { TouchKind } from '@/core/touches';

import { newId, type Sql } from '../db';

// Days come as whole days since 1970-01-01, which is what the planner computes with.
const EPOCH = `date '1970-01-01'`;
// A promise is never kept by a way to which they said no.
const NOT_REFUSED = (channel: string) =>
  `coalesce(p.consent -> '${channel}' ->> 'answer', '') <> 'no'`;

/** People among the ids in $1, or everybody when that is null. */
const AMONG = (column: string) => `($1::uuid[] is null or ${column} = any($1::uuid[]))`;

export const planPeople = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{
    id: string;
    name: string;
    promise_days: number | null;
    added_on: number;
    position: number | null;
    household_id: string | null;
    has_phone: boolean;
    has_email: boolean;
    has_address: boolean;
  }>(
    `select p.id, p.name, coalesce(p.own_promise_days, c.promise_days) as promise_days,
       p.added_on - ${EPOCH} as added_on, c.position, p.household_id,
       p.phone <> '' and ${NOT_REFUSED('call')} as has_phone,
       p.email <> '' and ${NOT_REFUSED('email')} as has_email,
       p.address_line <> '' and ${NOT_REFUSED('post')} as has_address
     from person p left join circle c on c.id = p.circle_id
     where p.archived_on is null and p.deleted_on is null and ${AMONG('p.id')} order by p.id`,
    [ids],
  );

/** The latest day of each hold, which is all that a promise needs to know of the touches. */
export const planLast = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ person_id: string; hold: number; on: number }>(
    `select person_id, hold::float8 as hold, on_day - ${EPOCH} as on from last_touch
     where hold > 0 and ${AMONG('person_id')}`,
    [ids],
  );

export interface EnrolmentRow {
  id: string;
  person_id: string;
  cadence_id: string;
  anchor_round: number;
  anchor_on: number;
  settled_until: number | null;
  passed_over: number | null;
}

/** Enrolments that are planned from: neither ended nor paused, of cadences that are switched on. */
export const planEnrolments = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<EnrolmentRow>(
    `select e.id, e.person_id, e.cadence_id, e.anchor_round, e.anchor_on - ${EPOCH} as anchor_on,
       greatest(m.until, e.settled_until) - ${EPOCH} as settled_until, e.settled_until - ${EPOCH} as passed_over
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
    `select m.enrolment_id, substr(m.id, length('beat:') + 38) as touch
     from item_mark m join enrolment e on e.id = m.enrolment_id join cadence c on c.id = e.cadence_id
     where (c.version > 1 or c.id = $2::uuid) and e.open and m.fate <> 'put_off' and m.id like 'beat:%'
       and m.planned_on > (select max(planned_on) - 800 from item_mark) and ${AMONG('m.person_id')}`,
    [ids, changing],
  );

export const planFollowUps = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ id: string; person_id: string; on: number; kind: string; words: string }>(
    `select f.id, f.person_id, f.on_day - ${EPOCH} as on, f.kind, f.words from follow_up f
     left join item_mark m on m.id = 'follow:' || f.id and m.fate <> 'put_off'
     where m.id is null and ${AMONG('f.person_id')} order by f.person_id, f.id`,
    [ids],
  );

export const planPutOffs = (sql: Sql) =>
  sql.query<{ id: string; until: number; kind: TouchKind | null }>(
    `select id, until - ${EPOCH} as until, kind from item_mark where fate = 'put_off'`,
  );

export const pinsOf = async (sql: Sql, day: string): Promise<string[]> =>
  (
    await sql.query<{ item_key: string }>(
      'select item_key from desk_pin where day = $1::date order by position',
      [day],
    )
  ).map(({ item_key }) => item_key);

export const addPins = (sql: Sql, day: string, from: number, keys: readonly string[]) =>
  sql.query(
    `insert into desk_pin (day, position, item_key)
     select $1::date, $2::int + (n - 1)::int, key from unnest($3::text[]) with ordinality as k (key, n)
     on conflict do nothing`,
    [day, from, keys],
  );

/** Items of today's desk that are settled or put off: they used up their place for today. */
export const usedPins = async (sql: Sql, day: string): Promise<number> =>
  (
    await sql.query<{ n: number }>(
      `select count(*)::int as n from desk_pin d join item_mark m on m.id = d.item_key
       where d.day = $1::date and (m.fate <> 'put_off' or m.until > $1::date)`,
      [day],
    )
  )[0]!.n;

/** Promises and the days on which they run out, if circles promised otherwise. Mirrors person_standing. */
export const standingsWith = (sql: Sql, circles: Readonly<Record<string, number | null>>) =>
  sql.query<{ person_id: string; promise_days: number | null; due: number | null }>(
    `with other as (select key::uuid as id, value::int as days from jsonb_each_text($1::jsonb)),
       promised as (select p.id, p.added_on, coalesce(p.own_promise_days, o.days) as days
         from person p join other o on o.id = p.circle_id
         where p.archived_on is null and p.deleted_on is null)
     select w.id as person_id, w.days as promise_days, case when w.days is not null then
       coalesce((select max(l.on_day + round(l.hold * w.days)::int) from last_touch l
         where l.person_id = w.id and l.hold > 0), w.added_on + s.grace_days) - ${EPOCH} end as due
     from promised w cross join settings s`,
    [JSON.stringify(circles)],
  );

export const setPromise = (sql: Sql, circleId: string, days: number | null) =>
  sql.query('update circle set promise_days = $2::int where id = $1::uuid', [circleId, days]);

export const startEnrolments = (
  sql: Sql,
  cadenceId: string,
  ids: readonly string[],
  days: readonly number[],
) =>
  sql.query(
    `insert into enrolment (id, person_id, cadence_id, start_on, anchor_on)
     select e.id, e.person_id, $1::uuid, ${EPOCH} + e.day, ${EPOCH} + e.day
     from unnest($2::uuid[], $3::uuid[], $4::int[]) as e (id, person_id, day)`,
    [cadenceId, ids.map(() => newId()), ids, days],
  );

/** Touches made and planned by week and kind; see `consistency.ts`. */
export const madeByWeek = (sql: Sql, from: string) =>
  sql.query<{ monday: string; kind: string; n: number }>(
    `select date_trunc('week', on_day)::date as monday, kind, count(*)::int as n from touch
     where on_day >= $1::date and hold > 0 group by 1, 2 order by 1, 2`,
    [from],
  );

export const letGoByWeek = (sql: Sql, from: string) =>
  sql.query<{ monday: string; n: number }>(
    `select date_trunc('week', planned_on)::date as monday, count(*)::int as n from item_mark
     where fate in ('skipped', 'passed') and planned_on >= $1::date group by 1`,
    [from],
  );

/** Items that stood on a desk, each in the week in which it first did. */
export const deskByWeek = (sql: Sql, from: string) =>
  sql.query<{ monday: string; n: number }>(
    `select date_trunc('week', first)::date as monday, count(*)::int as n
     from (select min(day) as first from desk_pin group by item_key) d
     where first >= $1::date group by 1`,
    [from],
  );
