import type { Consents, PersonFields } from '@/core/people';
import type { Beat, Cadence } from '@/core/cadences';

import { recordset, type Sql } from '../db';

interface CadenceRow {
  id: string;
  version: number;
  name: string;
  rounds: number | null;
  gap_days: number;
  people: number;
  beats: Beat[];
}

export type StoredCadence = Cadence & { version: number; people: number };

const SELECT = `select c.id, c.version, c.name, c.rounds, c.gap_days,
  (select count(*)::int from enrolment e where e.cadence_id = c.id and e.stopped_on is null) as people,
  coalesce((select json_agg(json_build_object('id', b.id, 'afterDays', b.after_days, 'kind', b.kind,
      'words', b.words, 'dayRule', b.day_rule) order by b.after_days, b.position)
    from beat b where b.cadence_id = c.id), '[]') as beats
  from cadence c`;

const toCadence = (row: CadenceRow): StoredCadence => ({
  id: row.id,
  version: row.version,
  name: row.name,
  beats: row.beats,
  rounds: row.rounds,
  gapDays: row.gap_days,
  people: row.people,
});

export const readCadences = async (sql: Sql): Promise<StoredCadence[]> =>
  (await sql.query<CadenceRow>(`${SELECT} order by lower(c.name), c.id`)).map(toCadence);

export async function findCadence(sql: Sql, id: string): Promise<StoredCadence | null> {
  const [row] = await sql.query<CadenceRow>(`${SELECT} where c.id = $1::uuid`, [id]);
  return row ? toCadence(row) : null;
}

export const insertCadence = (sql: Sql, cadence: Cadence) =>
  sql.query(
    'insert into cadence (id, name, rounds, gap_days) values ($1::uuid, $2, $3::int, $4::int)',
    [cadence.id, cadence.name, cadence.rounds, cadence.gapDays],
  );

/** Writes the cadence if it is still at `version`; answers whether it was. */
export async function updateCadence(sql: Sql, cadence: Cadence, version: number): Promise<boolean> {
  const rows = await sql.query(
    `update cadence set name = $2, rounds = $3::int, gap_days = $4::int, version = version + 1
     where id = $1::uuid and version = $5::int returning id`,
    [cadence.id, cadence.name, cadence.rounds, cadence.gapDays, version],
  );
  return rows.length === 1;
}

/** Makes the stored beats these ones: changed ones keep their ids, so that rounds go on. */
export async function writeBeats(sql: Sql, cadence: Cadence): Promise<void> {
  await sql.query('delete from beat where cadence_id = $1::uuid and not (id = any($2::uuid[]))', [
    cadence.id,
    cadence.beats.map(({ id }) => id),
  ]);
  await sql.query(
    `insert into beat (id, cadence_id, position, after_days, kind, words, day_rule)
     select id, $1::uuid, position, "afterDays", kind, words, "dayRule" from json_to_recordset($2::json)
       as r (id uuid, position int, "afterDays" int, kind text, words text, "dayRule" text)
     on conflict (id) do update set position = excluded.position, after_days = excluded.after_days,
       kind = excluded.kind, words = excluded.words, day_rule = excluded.day_rule
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
  already_on: boolean;
}

export const enrolCandidates = (sql: Sql, ids: readonly string[], cadenceId: string) =>
  sql.query<EnrolCandidate>(
    `select p.id, p.name, p.given_name, p.goes_by, p.family_name, p.company, p.phone, p.email, p.place,
       p.address_line, p.own, p.consent, exists (select 1 from enrolment e where e.person_id = p.id
         and e.cadence_id = $2::uuid and e.stopped_on is null) as already_on
     from unnest($1::uuid[]) with ordinality as w (id, n) join person p on p.id = w.id
     where p.archived_on is null and p.deleted_on is null order by w.n`,
    [ids, cadenceId],
  );

export const insertEnrolments = (
  sql: Sql,
  rows: readonly { id: string; person_id: string; cadence_id: string; start_on: string }[],
) =>
  sql.query(
    `insert into enrolment (id, person_id, cadence_id, start_on)
     select * from json_to_recordset($1::json) as r (id uuid, person_id uuid, cadence_id uuid, start_on date)`,
    [recordset(rows)],
  );

export const enrolmentsOf = (sql: Sql, personId: string) =>
  sql.query<{
    id: string;
    cadence_id: string;
    cadence: string;
    start_on: string;
    stopped_on: string | null;
    stop_reason: string;
  }>(
    `select e.id, e.cadence_id, c.name as cadence, e.start_on, e.stopped_on, e.stop_reason from enrolment e
     join cadence c on c.id = e.cadence_id where e.person_id = $1::uuid order by e.start_on desc, e.id desc`,
    [personId],
  );

export const stopEnrolment = (sql: Sql, id: string, on: string, reason: string) =>
  sql.query<{ person: string; cadence: string }>(
    `update enrolment e set stopped_on = $2::date, stop_reason = $3 from person p, cadence c
     where e.id = $1::uuid and e.stopped_on is null and p.id = e.person_id and c.id = e.cadence_id
     returning p.name as person, c.name as cadence`,
    [id, on, reason],
  );
