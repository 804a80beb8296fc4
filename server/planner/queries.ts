import type { Sql } from '../db';

// Days come as whole days since 1970-01-01, which is what the planner computes with.
const EPOCH = `date '1970-01-01'`;
// A promise is never kept by a way to which they said no.
const NOT_REFUSED = (channel: string) =>
  `coalesce(p.consent -> '${channel}' ->> 'answer', '') <> 'no'`;

export const planPeople = (sql: Sql) =>
  sql.query<{
    id: string;
    name: string;
    promise_days: number | null;
    due: number | null;
    last_on: number | null;
    position: number | null;
    has_phone: boolean;
    has_email: boolean;
    has_address: boolean;
  }>(
    `select p.id, p.name, s.promise_days, s.due_on - ${EPOCH} as due, c.position,
       l.last_on, p.phone <> '' and ${NOT_REFUSED('call')} as has_phone,
       p.email <> '' and ${NOT_REFUSED('email')} as has_email,
       p.address_line <> '' and ${NOT_REFUSED('post')} as has_address
     from person p join person_standing s on s.person_id = p.id left join circle c on c.id = p.circle_id
     left join (select person_id, max(on_day) - ${EPOCH} as last_on from last_touch where hold > 0 group by 1) l
       on l.person_id = p.id
     order by p.id`,
  );

export const planEnrolments = (sql: Sql) =>
  sql.query<{
    id: string;
    person_id: string;
    cadence_id: string;
    start: number;
    settled_until: number | null;
  }>(
    `select e.id, e.person_id, e.cadence_id, e.start_on - ${EPOCH} as start, m.until - ${EPOCH} as settled_until
     from enrolment e
     left join (select enrolment_id, max(planned_on) as until from item_mark
                where enrolment_id is not null and fate <> 'put_off' group by 1) m on m.enrolment_id = e.id
     where e.stopped_on is null order by e.person_id, e.id`,
  );

export const planFollowUps = (sql: Sql) =>
  sql.query<{ id: string; person_id: string; on: number; kind: string; words: string }>(
    `select f.id, f.person_id, f.on_day - ${EPOCH} as on, f.kind, f.words from follow_up f
     left join item_mark m on m.id = 'follow:' || f.id and m.fate <> 'put_off'
     where m.id is null order by f.person_id, f.id`,
  );

export const planPutOffs = (sql: Sql) =>
  sql.query<{ id: string; until: number }>(
    `select id, until - ${EPOCH} as until from item_mark where fate = 'put_off'`,
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
