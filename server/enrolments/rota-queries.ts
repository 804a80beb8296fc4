import type { PeopleFilter } from '@/contract/filters';
import type { NamePart, ParticleRule } from '@/core/rota';

import { maybeOne, one, recordset, type Sql } from '../db';
import { AMONG } from '../planner';

export interface RotaRow {
  id: string;
  cadence_id: string;
  name_part: NamePart;
  particles: ParticleRule;
  weeks: number;
  letters_a_week: number;
  first_monday: string;
  cuts: Record<string, string>;
  assigned: number[];
  who: PeopleFilter;
}

export const readRotas = (sql: Sql) =>
  sql.query<RotaRow & { name: string }>(
    `select r.*, c.name from rota r join cadence c on c.id = r.cadence_id order by lower(c.name), r.id`,
  );

export const findRota = (sql: Sql, cadenceId: string) =>
  maybeOne<RotaRow>(sql, 'select * from rota where cadence_id = $1::uuid', [cadenceId]);

export const writeRota = (sql: Sql, r: RotaRow) =>
  sql.query(
    `insert into rota (id, cadence_id, name_part, particles, weeks, letters_a_week, first_monday, cuts, assigned, who)
     values ($1::uuid, $2::uuid, $3, $4, $5::int, $6::int, $7::date, $8::jsonb, $9::int[], $10::jsonb)
     on conflict (cadence_id) do update set name_part = excluded.name_part, particles = excluded.particles,
       weeks = excluded.weeks, letters_a_week = excluded.letters_a_week, first_monday = excluded.first_monday,
       cuts = excluded.cuts, assigned = excluded.assigned, who = excluded.who`,
    [
      r.id,
      r.cadence_id,
      r.name_part,
      r.particles,
      r.weeks,
      r.letters_a_week,
      r.first_monday,
      JSON.stringify(r.cuts),
      r.assigned,
      JSON.stringify(r.who),
    ],
  );

export const deleteRota = (sql: Sql, cadenceId: string) =>
  sql.query('delete from rota where cadence_id = $1::uuid', [cadenceId]);

/** A round of a rota takes its weeks: the gap makes up what the beats don't. */
export const setPeriod = (sql: Sql, cadenceId: string, gapDays: number) =>
  sql.query(
    'update cadence set rounds = null, follow_on = false, gap_days = $2::int where id = $1::uuid',
    [cadenceId, gapDays],
  );

export const rotaNames = (sql: Sql, ids: readonly string[]) =>
  sql.query<{ id: string; name: string; given: string; family: string }>(
    `select id, name, coalesce(nullif(goes_by, ''), given_name) as given,
       coalesce(nullif(family_name, ''), nullif(company, ''), given_name) as family
     from person where id = any($1::uuid[]) and archived_on is null and deleted_on is null`,
    [ids],
  );

/** Whom the owner put on a rota by hand; they are called whether it is for them or not. */
export const putOn = async (
  sql: Sql,
  cadenceId: string,
  among: readonly string[] | null,
): Promise<string[]> =>
  (
    await sql.query<{ person_id: string }>(
      `select person_id from enrolment where cadence_id = $1::uuid and open and origin = 'hand' and ${AMONG('person_id', 2)}`,
      [cadenceId, among],
    )
  ).map(({ person_id }) => person_id);

/** Everybody who is or was on the cadence, with why they went. */
export const onRota = (sql: Sql, cadenceId: string, among: readonly string[] | null = null) =>
  sql.query<{
    id: string;
    person_id: string;
    open: boolean;
    anchor_round: number;
    anchor_on: string;
    stop_reason: string;
    /** Archived or deleted, for now. */
    away: boolean;
  }>(
    `select e.id, e.person_id, e.open, e.anchor_round, e.anchor_on, e.stop_reason,
       p.archived_on is not null or p.deleted_on is not null as away
     from enrolment e join person_all p on p.id = e.person_id
     where e.cadence_id = $1::uuid and ${AMONG('e.person_id', 2)} order by e.open desc, e.id`,
    [cadenceId, among],
  );

/** Moves the days on which rounds begin, and with them the days that are settled. */
export async function moveAnchors(
  sql: Sql,
  moves: readonly { id: string; days: number }[],
): Promise<void> {
  const rows = recordset(moves);
  const moved = `from json_to_recordset($1::json) as r (id uuid, days int)`;
  await sql.query(
    `update enrolment e set anchor_on = e.anchor_on + r.days, settled_until = e.settled_until + r.days
     ${moved} where e.id = r.id`,
    [rows],
  );
  await sql.query(
    `update item_mark m set planned_on = m.planned_on + r.days ${moved}
     where m.enrolment_id = r.id and m.planned_on is not null and m.fate <> 'put_off'`,
    [rows],
  );
}

export const reachedSince = async (
  sql: Sql,
  personIds: readonly string[],
  monday: string,
): Promise<number> =>
  (
    await one<{ n: number }>(
      sql,
      `select count(distinct person_id)::int as n from touch
       where person_id = any($1::uuid[]) and on_day >= $2::date and hold > 0`,
      [personIds, monday],
    )
  ).n;
