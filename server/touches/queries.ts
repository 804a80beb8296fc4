import { need } from '@/core/need';
import type { Consents } from '@/core/people';
import type { PutOffWhy } from '@/core/planner';
import type { Outcome, TouchKind } from '@/core/touches';

import { maybeOne, recordset, type Sql } from '../db';

export interface TouchRecord {
  id: string;
  person_id: string;
  on_day: string;
  logged_at: string;
  kind: TouchKind;
  outcome: Outcome;
  hold: number;
  /** No work of the owner's: false when left out. */
  automatic?: boolean;
}

/** Adds touches. */
export const insertTouches = (sql: Sql, touches: readonly TouchRecord[]) =>
  sql.query(
    `insert into touch (id, person_id, on_day, logged_at, kind, outcome, hold, automatic)
     select id, person_id, on_day, logged_at, kind, outcome, hold, coalesce(automatic, false)
     from json_to_recordset($1::json) as r (id uuid, person_id uuid, on_day date,
       logged_at timestamptz, kind text, outcome text, hold numeric, automatic boolean)`,
    [recordset(touches)],
  );

/** The same touch for others, whom it reached as well. */
export const copyTouch = (
  sql: Sql,
  touchId: string,
  others: readonly { id: string; person_id: string }[],
) =>
  sql.query(
    `insert into touch (id, person_id, on_day, logged_at, kind, outcome, hold, automatic)
     select r.id, r.person_id, t.on_day, t.logged_at, t.kind, t.outcome, t.hold, t.automatic
     from touch t, json_to_recordset($2::json) as r (id uuid, person_id uuid) where t.id = $1::uuid`,
    [touchId, recordset(others)],
  );

/** The touches of a person, the latest first. */
export const touchesOf = (sql: Sql, personId: string) =>
  sql.query<TouchRecord>(
    'select * from touch where person_id = $1::uuid order by on_day desc, id desc limit 500',
    [personId],
  );

/** Whoever sent somebody that was added on or after a day and is not thanked for it, by hand and not from a file. */
export const thanksOwed = (sql: Sql, since: string, people: readonly string[] | null) =>
  sql.query<{ to: string; came: string; came_name: string }>(
    `select distinct on (t.person_id) t.other_id as to, t.person_id as came, p.name as came_name
     from tie t join person p on p.id = t.person_id join person o on o.id = t.other_id
     where t.kind = 'referred_by' and p.added_on >= $1::date and p.batch_id is null
       and p.archived_on is null and p.deleted_on is null
       and o.archived_on is null and o.deleted_on is null
       and ($2::uuid[] is null or t.person_id = any($2::uuid[]) or t.other_id = any($2::uuid[]))
       and not exists (select 1 from follow_up f where f.thanks_for = t.person_id)
     order by t.person_id, t.id`,
    [since, people],
  );

/** The latest note about each person. */
export const lastNotes = (sql: Sql, personIds: readonly string[]) =>
  sql.query<{ person_id: string; on_day: string; body: string }>(
    `select distinct on (person_id) person_id, on_day, body from note
     where person_id = any($1::uuid[]) order by person_id, on_day desc, id desc`,
    [personIds],
  );

export const deskPeople = (sql: Sql, ids: readonly string[]) =>
  sql.query<{
    id: string;
    name: string;
    phone: string;
    email: string;
    address_line: string;
    region: string;
    country: string;
    consent: Consents;
    promise_days: number | null;
    due: number | null;
  }>(
    `select p.id, p.name, p.phone, p.email, p.address_line,
       coalesce(p.addresses->0->>'region', '') as region, coalesce(p.addresses->0->>'country', '') as country,
       p.consent, s.promise_days, s.due_on - date '1970-01-01' as due
     from person p join person_standing s on s.person_id = p.id where p.id = any($1::uuid[])`,
    [ids],
  );

export const madeOn = (sql: Sql, day: string) =>
  sql.query<{
    touch_id: string;
    action_id: string | null;
    person_id: string;
    name: string;
    kind: TouchKind;
    outcome: Outcome;
  }>(
    `select t.id as touch_id, c.action_id, p.id as person_id, p.name, t.kind, t.outcome
     from touch t join person p on p.id = t.person_id
     left join change c on c.table_name = 'touch' and c.op = 'insert' and c.row_id = t.id::text
     where t.on_day = $1::date and not t.automatic order by t.id desc`,
    [day],
  );

export interface MarkRecord {
  id: string;
  person_id: string;
  fate: 'made' | 'skipped' | 'put_off';
  until: string | null;
  enrolment_id: string | null;
  planned_on: string | null;
  touch_id: string | null;
  kind: TouchKind | null;
  why: PutOffWhy | null;
  /** What to follow up about; empty for nothing. */
  about: string;
}

export const findMark = (sql: Sql, id: string) =>
  maybeOne<MarkRecord>(sql, 'select * from item_mark where id = $1', [id]);

/** Notes what became of a planned touch. */
export const upsertMark = (sql: Sql, mark: MarkRecord) =>
  sql.query(
    `insert into item_mark (id, person_id, fate, until, enrolment_id, planned_on, touch_id, kind, why, about)
     values ($1, $2::uuid, $3, $4::date, $5::uuid, $6::date, $7::uuid, $8, $9, $10)
     on conflict (id) do update set fate = excluded.fate, until = excluded.until, touch_id = excluded.touch_id,
       kind = coalesce(excluded.kind, item_mark.kind), why = excluded.why, about = excluded.about`,
    [
      mark.id,
      mark.person_id,
      mark.fate,
      mark.until,
      mark.enrolment_id,
      mark.planned_on,
      mark.touch_id,
      mark.kind,
      mark.why,
      mark.about,
    ],
  );

/** Another way for an item; the day that it was put off to stays. */
export const swapMark = (sql: Sql, { id, person_id, enrolment_id, planned_on, kind }: MarkRecord) =>
  sql.query(
    `insert into item_mark (id, person_id, fate, enrolment_id, planned_on, kind)
     values ($1, $2::uuid, 'put_off', $3::uuid, $4::date, $5)
     on conflict (id) do update set fate = 'put_off', kind = excluded.kind`,
    [id, person_id, enrolment_id, planned_on, kind],
  );

export const insertFollowUp = (
  sql: Sql,
  f: {
    id: string;
    person_id: string;
    on_day: string;
    kind: TouchKind;
    words: string;
    touch_id: string | null;
    /** Who came, where it thanks for them. */
    thanks_for?: string;
  },
) =>
  sql.query(
    `insert into follow_up (id, person_id, on_day, kind, words, touch_id, thanks_for)
     values ($1::uuid, $2::uuid, $3::date, $4, $5, $6::uuid, $7::uuid)`,
    [f.id, f.person_id, f.on_day, f.kind, f.words, f.touch_id, f.thanks_for ?? null],
  );

export const countPeopleIn = async (sql: Sql, ids: readonly string[]): Promise<number> =>
  need(
    (
      await sql.query<{ n: number }>(
        'select count(*)::int as n from person where id = any($1::uuid[])',
        [ids],
      )
    )[0],
  ).n;
