import type { EnrolmentState } from '@/core/cadences';
import type { LetGoWhy } from '@/core/enrolments';
import type { Consents, PersonFields } from '@/core/people';

import type { Feed } from '../cadences';
import { newId, one, recordset, type Sql } from '../db';
import { EPOCH } from '../planner';

export interface EnrolCandidate {
  id: string;
  name: string;
  phone: string;
  email: string;
  address_line: string;
  consent: Consents;
  birthday: string | null;
  dates: PersonFields['dates'];
  served_on: string | null;
  already_on: boolean;
}

export const enrolCandidates = (sql: Sql, ids: readonly string[], cadenceId: string) =>
  sql.query<EnrolCandidate>(
    `select p.id, p.name, p.phone, p.email,
       p.address_line, p.consent, p.birthday, p.dates,
       (select max(j.completed_on) from job j where j.person_id = p.id) as served_on, exists (select 1 from enrolment e where e.person_id = p.id
         and e.cadence_id = $2::uuid and e.open) as already_on
     from unnest($1::uuid[]) with ordinality as w (id, n) join person p on p.id = w.id
     where p.archived_on is null and p.deleted_on is null order by w.n`,
    [ids, cadenceId],
  );

export interface NewEnrolment {
  id: string;
  person_id: string;
  cadence_id: string;
  start_on: string;
  /** 'hand' when left out. */
  origin?: 'rota' | 'view' | 'work';
}

export const insertEnrolments = (sql: Sql, rows: readonly NewEnrolment[]) =>
  sql.query(
    `insert into enrolment (id, person_id, cadence_id, start_on, anchor_on, origin)
     select id, person_id, cadence_id, start_on, start_on, coalesce(origin, 'hand') from json_to_recordset($1::json)
       as r (id uuid, person_id uuid, cadence_id uuid, start_on date, origin text)`,
    [recordset(rows)],
  );

/** Puts people on a cadence from these days on, given as days since 1970-01-01. */
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

/** Lets enrolments that have not begun begin on other days, given as days since 1970-01-01. */
export const moveStarts = (sql: Sql, starts: ReadonlyMap<string, number>) =>
  sql.query(
    `update enrolment e set start_on = ${EPOCH} + s.day, anchor_on = ${EPOCH} + s.day
     from unnest($1::uuid[], $2::int[]) as s (id, day) where e.id = s.id`,
    [[...starts.keys()], [...starts.values()]],
  );

export const workCadences = (sql: Sql) =>
  sql.query<{ kind: string; cadence_id: string | null }>(
    'select kind, cadence_id from work_cadence order by kind',
  );

/** A decision of another day takes the place of the one before. */
export const decideWork = (sql: Sql, kind: string, cadenceId: string | null, on: string) =>
  sql.query(
    `insert into work_cadence (id, kind, cadence_id, decided_on) values ($1::uuid, $2, $3::uuid, $4::date)
     on conflict (kind) do update set cadence_id = excluded.cadence_id, decided_on = excluded.decided_on`,
    [newId(), kind, cadenceId, on],
  );

/** Work completed on or after a day, of people who are not put away. */
export const completedWork = (sql: Sql, since: string, people: readonly string[] | null) =>
  sql.query<{ person_id: string; name: string; completed_on: string }>(
    `select j.person_id, j.name, j.completed_on from job j join person p on p.id = j.person_id
     where j.completed_on >= $1::date and p.archived_on is null and p.deleted_on is null
       and ($2::uuid[] is null or j.person_id = any($2::uuid[]))
     order by j.completed_on, j.id`,
    [since, people],
  );

/** Everybody who is or ever was on a cadence. */
export const everOn = (sql: Sql, cadenceId: string) =>
  sql.query<{ person_id: string }>(
    'select distinct person_id from enrolment where cadence_id = $1::uuid',
    [cadenceId],
  );

/** How many a view brought in on a day. */
export const joinedOn = async (sql: Sql, cadenceId: string, day: string): Promise<number> =>
  (
    await sql.query(
      `select 1 from enrolment where cadence_id = $1::uuid and start_on = $2::date and origin = 'view'`,
      [cadenceId, day],
    )
  ).length;

// Mirrors the words of ENROLMENT_STATES; today comes as $1.
const STATE = `case when e.stopped_on is not null then 'stopped' when e.finished_on is not null then 'finished'
  when e.paused_on is not null then 'paused' when e.start_on > $1::date then 'waiting' else 'running' end`;

/** The enrolments of a person, the latest begun first. */
export const enrolmentsOf = (sql: Sql, personId: string, today: string) =>
  sql.query<{
    id: string;
    cadence_id: string;
    cadence: string;
    start_on: string;
    stopped_on: string | null;
    finished_on: string | null;
    paused_on: string | null;
    stop_reason: string;
    state: EnrolmentState;
  }>(
    `select e.id, e.cadence_id, c.name as cadence, e.start_on, e.stopped_on, e.finished_on, e.paused_on,
       e.stop_reason, ${STATE} as state from enrolment e
     join cadence c on c.id = e.cadence_id where e.person_id = $2::uuid order by e.start_on desc, e.id desc`,
    [today, personId],
  );

export const peopleOn = (
  sql: Sql,
  cadenceId: string,
  today: string,
  page: { offset: number; limit: number },
) =>
  sql.query<{
    id: string;
    person_id: string;
    name: string;
    state: EnrolmentState;
    start_on: string;
    total: number;
    paused: number;
  }>(
    `select e.id, e.person_id, p.name, e.start_on, ${STATE} as state, count(*) over ()::int as total,
       count(e.paused_on) over ()::int as paused
     from enrolment e join person p on p.id = e.person_id
     where e.cadence_id = $2::uuid and e.open and p.archived_on is null and p.deleted_on is null
     order by p.sort_name collate "C", e.id offset $3::int limit $4::int`,
    [today, cadenceId, page.offset, page.limit],
  );

/** Enrolments that a change is meant for, with what it needs to know. */
export interface OpenEnrolment {
  id: string;
  person_id: string;
  person: string;
  cadence: string;
  paused_on: string | null;
}

export const openEnrolments = (sql: Sql, ids: readonly string[]) =>
  sql.query<OpenEnrolment & { cadence_id: string }>(
    `select e.id, e.person_id, e.cadence_id, e.paused_on, p.name as person, c.name as cadence
     from enrolment e join person p on p.id = e.person_id join cadence c on c.id = e.cadence_id
     where e.id = any($1::uuid[]) and e.open order by p.sort_name collate "C", e.id`,
    [ids],
  );

export const stopEnrolments = (sql: Sql, ids: readonly string[], on: string, reason: string) =>
  sql.query(
    'update enrolment set stopped_on = $2::date, stop_reason = $3, paused_on = null where id = any($1::uuid[])',
    [ids, on, reason],
  );

export const pauseEnrolments = (sql: Sql, ids: readonly string[], on: string) =>
  sql.query('update enrolment set paused_on = $2::date where id = any($1::uuid[])', [ids, on]);

/** Goes on with the days that were planned; what was missed is passed over. */
export const catchUp = (sql: Sql, ids: readonly string[], today: string) =>
  sql.query(
    `update enrolment set paused_on = null,
       settled_until = greatest(settled_until, $2::date - 1) where id = any($1::uuid[])`,
    [ids, today],
  );

/** Moves what is left by the length of the pause, and with it the days that are settled. */
export async function carryOn(sql: Sql, ids: readonly string[], today: string): Promise<void> {
  await sql.query(
    `update item_mark m set planned_on = m.planned_on + ($2::date - e.paused_on)
     from enrolment e where e.id = any($1::uuid[]) and m.enrolment_id = e.id
       and m.planned_on is not null and m.fate <> 'put_off'`,
    [ids, today],
  );
  await sql.query(
    `update enrolment set anchor_on = anchor_on + ($2::date - paused_on),
       settled_until = settled_until + ($2::date - paused_on), paused_on = null
     where id = any($1::uuid[])`,
    [ids, today],
  );
}

/** Cards and letters that have come due by themselves. */
export const countForPost = async (sql: Sql): Promise<number> =>
  (
    await one<{ n: number }>(
      sql,
      `select count(*)::int as n from item_mark m join person p on p.id = m.person_id
       join beat b on b.id::text = split_part(m.part, ':', 1)
       where m.fate = 'waiting' and b.kind in ('card', 'letter') and p.archived_on is null and p.deleted_on is null`,
    )
  ).n;

export const finishEnrolments = (sql: Sql, ids: readonly string[], on: string) =>
  sql.query('update enrolment set finished_on = $2::date where id = any($1::uuid[])', [ids, on]);

export const isOn = async (sql: Sql, personId: string, cadenceId: string): Promise<boolean> =>
  (
    await sql.query(
      'select 1 from enrolment where person_id = $1::uuid and cadence_id = $2::uuid and open',
      [personId, cadenceId],
    )
  ).length > 0;

/** The rounds that are counted from these days on. */
export const setAnchors = (
  sql: Sql,
  anchors: readonly { id: string; round: number; start: string }[],
) =>
  sql.query(
    `update enrolment e set anchor_round = r.round, anchor_on = r.start
     from json_to_recordset($1::json) as r (id uuid, round int, start date) where e.id = r.id`,
    [recordset(anchors)],
  );

export interface PassedMark {
  id: string;
  person_id: string;
  fate: 'passed' | 'waiting' | 'missed' | 'ran';
  enrolment_id: string;
  planned_on: string;
  why: LetGoWhy | null;
}

/**
 * Notes what has passed and answers which of it was not noted before. What was noted before stays,
 * but for what was put off and has passed since.
 */
export const insertPassed = (sql: Sql, marks: readonly PassedMark[]) =>
  sql.query<{ id: string }>(
    `insert into item_mark (id, person_id, fate, enrolment_id, planned_on, why)
     select * from json_to_recordset($1::json)
       as r (id text, person_id uuid, fate text, enrolment_id uuid, planned_on date, why text)
     on conflict (id) do update set fate = excluded.fate, until = null, why = excluded.why where item_mark.fate = 'put_off'
     returning id`,
    [recordset(marks)],
  );

export const setFeed = (sql: Sql, id: string, feed: Feed | null) =>
  sql.query('update cadence set fed_by = $2::uuid, fed_per_day = $3::int where id = $1::uuid', [
    id,
    feed?.viewId ?? null,
    feed?.perDay ?? null,
  ]);
