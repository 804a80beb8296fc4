import type { PutOffWhy } from '@/core/planner';
import type { LastMade, TouchKind } from '@/core/touches';

import { one, type Sql } from '../db';

/** Days come as whole days since 1970-01-01, which is what the planner computes with. */
export const EPOCH = `date '1970-01-01'`;
// A promise is never kept by a way to which they said no.
const NOT_REFUSED = (channel: string) =>
  `coalesce(p.consent -> '${channel}' ->> 'answer', '') <> 'no'`;

/** People among the ids in parameter `n`, or everybody when that is null. */
export const AMONG = (column: string, n = 1) =>
  `($${n}::uuid[] is null or ${column} = any($${n}::uuid[]))`;

export const planPeople = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{
    id: string;
    name: string;
    promise_days: number | null;
    added_on: number;
    position: number | null;
    household_id: string | null;
    has_phone: boolean;
    has_text: boolean;
    has_email: boolean;
    has_address: boolean;
  }>(
    `select p.id, p.name, coalesce(p.own_promise_days, c.promise_days) as promise_days,
       p.added_on - ${EPOCH} as added_on, c.position, p.household_id,
       p.phone <> '' and ${NOT_REFUSED('call')} as has_phone,
       p.phone <> '' and ${NOT_REFUSED('text')} as has_text,
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

/** In which ways people were tried at least so often without an answer since they were last reached. */
export const planUnanswered = (sql: Sql, ids: readonly string[] | null, tries: number) =>
  sql.query<{ person_id: string; kind: TouchKind; tries: number }>(
    `select t.person_id, t.kind, count(*)::int as tries from touch t
     where t.outcome = 'no_answer' and ${AMONG('t.person_id')} and not exists
       (select 1 from last_touch l where l.person_id = t.person_id and l.hold > 0 and l.on_day >= t.on_day)
     group by t.person_id, t.kind having count(*) >= $2`,
    [ids, tries],
  );

export const planPutOffs = (sql: Sql) =>
  sql.query<{
    id: string;
    until: number | null;
    kind: TouchKind | null;
    why: PutOffWhy | null;
    about: string;
  }>(
    `select id, until - ${EPOCH} as until, kind, why, about from item_mark where fate = 'put_off'`,
  );

/** The last day before `day` on whose desk each item stood, not long ago. */
export const stoodBefore = (sql: Sql, day: string) =>
  sql.query<{ item_key: string; day: string }>(
    `select item_key, max(day) as day from desk_pin
     where day < $1::date and day >= $1::date - 60 group by item_key`,
    [day],
  );

export const pinsOf = async (sql: Sql, day: string): Promise<string[]> =>
  (
    await sql.query<{ item_key: string }>(
      'select item_key from desk_pin where day = $1::date order by position',
      [day],
    )
  ).map(({ item_key }) => item_key);

/** Puts keys that are not there yet behind those that are. */
export const addPins = (sql: Sql, day: string, keys: readonly string[]) =>
  sql.query(
    `insert into desk_pin (day, position, item_key)
     select $1::date, coalesce((select max(position) + 1 from desk_pin where day = $1::date), 0) + (n - 1)::int, key
     from unnest($2::text[]) with ordinality as k (key, n)
     on conflict do nothing`,
    [day, keys],
  );

/** Touches made today, by kind. */
export const madeByKind = (sql: Sql, day: string) =>
  sql.query<{ kind: TouchKind; n: number }>(
    'select kind, count(*)::int as n from touch where on_day = $1::date and not automatic group by kind',
    [day],
  );

/** Items of today's desk that were let go or put off without a touch: nobody else takes their place. */
export const vacatedPins = async (sql: Sql, day: string): Promise<number> =>
  (
    await one<{ n: number }>(
      sql,
      `select count(*)::int as n from desk_pin d join item_mark m on m.id = d.item_key
       where d.day = $1::date and (m.fate = 'skipped' or m.fate = 'put_off' and m.until > $1::date)
         and not exists (select 1 from touch t where t.person_id = m.person_id and t.on_day = $1::date)`,
      [day],
    )
  ).n;

type MadeRow = LastMade & { person_id: string };

/** The latest touch of each person that reached somebody or left something behind. */
export const lastTouches = (sql: Sql, personIds: readonly string[]) =>
  sql.query<MadeRow>(
    `select distinct on (person_id) person_id, on_day as on, kind, outcome, hold::float8 as hold from touch
     where person_id = any($1::uuid[]) and hold > 0 order by person_id, on_day desc, id desc`,
    [personIds],
  );

/** The touch of each person that keeps their promise longest. */
export const keptBy = (sql: Sql, personIds: readonly string[]) =>
  sql.query<MadeRow>(
    `select distinct on (t.person_id) t.person_id, t.on_day as on, t.kind, t.outcome, t.hold::float8 as hold
     from touch t join person_standing s on s.person_id = t.person_id and s.promise_days is not null
     where t.person_id = any($1::uuid[]) and t.hold > 0
     order by t.person_id, t.on_day + round(t.hold * s.promise_days)::int desc, t.on_day desc`,
    [personIds],
  );
