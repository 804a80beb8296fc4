import type { Consents, PersonFields } from '@/core/people';
import type { CadenceDraft } from '@/contract/cadences';
import type { Beat, Cadence, EnrolmentState } from '@/core/cadences';

import { recordset, type Sql } from '../db';

interface CadenceRow {
  id: string;
  version: number;
  name: string;
  advice: string;
  rounds: number | null;
  gap_days: number;
  follow_on: boolean;
  hand_over_to: string | null;
  hand_over_wait: number;
  active: boolean;
  people: number;
  rota: boolean;
  beats: Beat[];
}

export type StoredCadence = Cadence & {
  version: number;
  advice: string;
  active: boolean;
  people: number;
  rota: boolean;
};

/** A call by initials belongs to the week of its letter; it is let go after the week that follows. */
const ROTA_LAPSE_DAYS = 14;

const SELECT = `select c.id, c.version, c.name, c.advice, c.rounds, c.gap_days, c.follow_on, c.hand_over_to,
  c.hand_over_wait, c.active,
  (select count(*)::int from enrolment e where e.cadence_id = c.id and e.open) as people,
  exists (select 1 from rota r where r.cadence_id = c.id) as rota,
  coalesce((select json_agg(json_build_object('id', b.id, 'timing', b.timing, 'kind', b.kind,
      'wordings', b.wordings, 'dayRule', b.day_rule, 'way', b.way) order by b.position)
    from beat b where b.cadence_id = c.id), '[]') as beats
  from cadence c`;

const toCadence = (row: CadenceRow): StoredCadence => ({
  id: row.id,
  version: row.version,
  name: row.name,
  advice: row.advice,
  beats: row.beats,
  rounds: row.rounds,
  gapDays: row.gap_days,
  followOn: row.follow_on,
  handOver: row.hand_over_to ? { cadenceId: row.hand_over_to, waitDays: row.hand_over_wait } : null,
  active: row.active,
  people: row.people,
  rota: row.rota,
  ...(row.rota ? { lapseDays: ROTA_LAPSE_DAYS } : {}),
});

export const readCadences = async (sql: Sql): Promise<StoredCadence[]> =>
  (await sql.query<CadenceRow>(`${SELECT} order by lower(c.name), c.id`)).map(toCadence);

export async function findCadence(sql: Sql, id: string): Promise<StoredCadence | null> {
  const [row] = await sql.query<CadenceRow>(`${SELECT} where c.id = $1::uuid`, [id]);
  return row ? toCadence(row) : null;
}

/** A cadence as it is written: the rhythm and the advice. */
export type WrittenCadence = Cadence & { advice: string };

const written = (c: WrittenCadence) => [
  c.id,
  c.name,
  c.advice,
  c.rounds,
  c.gapDays,
  c.followOn,
  c.handOver?.cadenceId ?? null,
  c.handOver?.waitDays ?? 0,
];

export const insertCadence = (sql: Sql, cadence: WrittenCadence) =>
  sql.query(
    `insert into cadence (id, name, advice, rounds, gap_days, follow_on, hand_over_to, hand_over_wait)
     values ($1::uuid, $2, $3, $4::int, $5::int, $6::boolean, $7::uuid, $8::int)`,
    written(cadence),
  );

/** Writes the cadence if it is still at `version`; answers whether it was. */
export async function updateCadence(
  sql: Sql,
  cadence: WrittenCadence,
  version: number,
): Promise<boolean> {
  const rows = await sql.query(
    `update cadence set name = $2, advice = $3, rounds = $4::int, gap_days = $5::int,
       follow_on = $6::boolean, hand_over_to = $7::uuid, hand_over_wait = $8::int, version = version + 1
     where id = $1::uuid and version = $9::int returning id`,
    [...written(cadence), version],
  );
  return rows.length === 1;
}

export const setActive = (sql: Sql, id: string, active: boolean) =>
  sql.query('update cadence set active = $2::boolean where id = $1::uuid', [id, active]);

export const everEnrolled = async (sql: Sql, id: string): Promise<boolean> =>
  (await sql.query('select 1 from enrolment where cadence_id = $1::uuid limit 1', [id])).length > 0;

export async function removeCadence(sql: Sql, id: string): Promise<void> {
  for (const table of ['rota', 'cadence_version', 'beat'])
    await sql.query(`delete from ${table} where cadence_id = $1::uuid`, [id]);
  await sql.query('delete from cadence where id = $1::uuid', [id]);
}

export const insertVersion = (
  sql: Sql,
  row: { id: string; cadenceId: string; version: number; savedAt: string; draft: unknown },
) =>
  sql.query(
    `insert into cadence_version (id, cadence_id, version, saved_at, draft)
     values ($1::uuid, $2::uuid, $3::int, $4::timestamptz, $5::jsonb)`,
    [row.id, row.cadenceId, row.version, row.savedAt, JSON.stringify(row.draft)],
  );

export const versionsOf = (sql: Sql, cadenceId: string) =>
  sql.query<{ version: number; saved_at: string; draft: CadenceDraft }>(
    `select version, saved_at, draft from cadence_version where cadence_id = $1::uuid
     order by version desc limit 50`,
    [cadenceId],
  );

/** Makes the stored beats these ones: changed ones keep their ids, so that rounds go on. */
export async function writeBeats(sql: Sql, cadence: Cadence): Promise<void> {
  await sql.query('delete from beat where cadence_id = $1::uuid and not (id = any($2::uuid[]))', [
    cadence.id,
    cadence.beats.map(({ id }) => id),
  ]);
  await sql.query(
    `insert into beat (id, cadence_id, position, timing, kind, wordings, day_rule, way)
     select id, $1::uuid, position, timing, kind, wordings, "dayRule", way from json_to_recordset($2::json)
       as r (id uuid, position int, timing jsonb, kind text, wordings jsonb, "dayRule" text, way text)
     on conflict (id) do update set position = excluded.position, timing = excluded.timing,
       kind = excluded.kind, wordings = excluded.wordings, day_rule = excluded.day_rule, way = excluded.way
       where beat.cadence_id = $1::uuid`,
    [cadence.id, recordset(cadence.beats.map((beat, position) => ({ ...beat, position })))],
  );
}

export interface EnrolCandidate {
  id: string;
  name: string;
  given_name: string;
  goes_by: string;
  family_name: string;
  company: string;
  phone: string;
  email: string;
  place: string;
  address_line: string;
  own: PersonFields['own'];
  consent: Consents;
  birthday: string | null;
  dates: PersonFields['dates'];
  served_on: string | null;
  already_on: boolean;
}

export const enrolCandidates = (sql: Sql, ids: readonly string[], cadenceId: string) =>
  sql.query<EnrolCandidate>(
    `select p.id, p.name, p.given_name, p.goes_by, p.family_name, p.company, p.phone, p.email, p.place,
       p.address_line, p.own, p.consent, p.birthday, p.dates,
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
}

export const insertEnrolments = (sql: Sql, rows: readonly NewEnrolment[]) =>
  sql.query(
    `insert into enrolment (id, person_id, cadence_id, start_on, anchor_on)
     select id, person_id, cadence_id, start_on, start_on from json_to_recordset($1::json)
       as r (id uuid, person_id uuid, cadence_id uuid, start_on date)`,
    [recordset(rows)],
  );

// Mirrors the words of ENROLMENT_STATES; today comes as $1.
const STATE = `case when e.stopped_on is not null then 'stopped' when e.finished_on is not null then 'finished'
  when e.paused_on is not null then 'paused' when e.start_on > $1::date then 'waiting' else 'running' end`;

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

export const waitingMarks = (sql: Sql, limit: number) =>
  sql.query<{
    id: string;
    person_id: string;
    name: string;
    planned_on: string;
    cadence: string;
    cadence_id: string;
    total: number;
  }>(
    `select m.id, m.person_id, p.name, m.planned_on, c.name as cadence, c.id as cadence_id,
       count(*) over ()::int as total
     from item_mark m join person p on p.id = m.person_id join enrolment e on e.id = m.enrolment_id
     join cadence c on c.id = e.cadence_id
     where m.fate = 'waiting' and p.archived_on is null and p.deleted_on is null
     order by m.planned_on, m.id limit $1::int`,
    [limit],
  );

export const finishEnrolment = (sql: Sql, id: string, on: string) =>
  sql.query('update enrolment set finished_on = $2::date where id = $1::uuid', [id, on]);

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
  fate: 'passed' | 'waiting';
  enrolment_id: string;
  planned_on: string;
}

/** Notes what has passed; what was noted before stays, but for what was put off and has passed since. */
export const insertPassed = (sql: Sql, marks: readonly PassedMark[]) =>
  sql.query(
    `insert into item_mark (id, person_id, fate, enrolment_id, planned_on)
     select * from json_to_recordset($1::json)
       as r (id text, person_id uuid, fate text, enrolment_id uuid, planned_on date)
     on conflict (id) do update set fate = excluded.fate, until = null where item_mark.fate = 'put_off'`,
    [recordset(marks)],
  );
