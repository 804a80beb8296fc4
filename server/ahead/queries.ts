import type { Sql } from '../db';
import { EPOCH } from '../planner';

/** Promises and the days on which they run out, if circles promised otherwise. Mirrors standing_now. */
export const standingsWith = (sql: Sql, circles: Readonly<Record<string, number | null>>) =>
  sql.query<{
    person_id: string;
    circle_id: string;
    promise_days: number | null;
    due: number | null;
  }>(
    `with other as (select key::uuid as id, value::int as days from jsonb_each_text($1::jsonb)),
       promised as (select p.id, p.circle_id, p.added_on, coalesce(p.own_promise_days, o.days) as days
         from person p join other o on o.id = p.circle_id
         where p.archived_on is null and p.deleted_on is null)
     select w.id as person_id, w.circle_id, w.days as promise_days, case when w.days is not null then
       coalesce((select max(l.on_day + round(l.hold * w.days)::int) from last_touch l
         where l.person_id = w.id and l.hold > 0), w.added_on + s.grace_days) - ${EPOCH} end as due
     from promised w cross join settings s`,
    [JSON.stringify(circles)],
  );

export const setPromise = (sql: Sql, circleId: string, days: number | null) =>
  sql.query('update circle set promise_days = $2::int where id = $1::uuid', [circleId, days]);

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
