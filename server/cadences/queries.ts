import type { CadenceDraft } from '@/contract/cadences';
import type { Beat, Cadence } from '@/core/cadences';

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
  fed_by: string | null;
  fed_per_day: number | null;
  beats: Beat[];
}

/** A cadence as it is stored, with who is on it. */
export type StoredCadence = Cadence & {
  version: number;
  advice: string;
  active: boolean;
  people: number;
  rota: boolean;
  feed: Feed | null;
};

/** A view whose people join by themselves. */
export interface Feed {
  viewId: string;
  /** So many on each working day; null for all at once. */
  perDay: number | null;
}

/** A call by initials belongs to the week of its letter; after a month it is let go. */
const ROTA_LAPSE_DAYS = 28;

const SELECT = `select c.id, c.version, c.name, c.advice, c.rounds, c.gap_days, c.follow_on, c.hand_over_to,
  c.hand_over_wait, c.active, c.fed_by, c.fed_per_day,
  (select count(*)::int from enrolment e where e.cadence_id = c.id and e.open) as people,
  exists (select 1 from rota r where r.cadence_id = c.id) as rota,
  coalesce((select json_agg(json_build_object('id', b.id, 'timing', b.timing, 'kind', b.kind,
      'wordings', case when b.template_id is null then b.wordings else coalesce((select jsonb_agg(w -> 'words' order by n)
        from template t, jsonb_array_elements(t.wordings) with ordinality as x (w, n)
        where t.id = b.template_id), '[]') end,
      'templateId', b.template_id, 'dayRule', b.day_rule, 'way', b.way, 'errand', b.errand) order by b.position)
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
  feed: row.fed_by ? { viewId: row.fed_by, perDay: row.fed_per_day } : null,
  ...(row.rota ? { lapseDays: ROTA_LAPSE_DAYS } : {}),
});

/** All cadences by name. */
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

/** Switches a cadence on or off. */
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
    `insert into beat (id, cadence_id, position, timing, kind, wordings, template_id, day_rule, way, errand)
     select id, $1::uuid, position, timing, kind, case when "templateId" is null then wordings else '[]' end, "templateId",
       "dayRule", way, errand from json_to_recordset($2::json)
       as r (id uuid, position int, timing jsonb, kind text, wordings jsonb, "templateId" uuid, "dayRule" text, way text,
         errand jsonb)
     on conflict (id) do update set position = excluded.position, timing = excluded.timing,
       kind = excluded.kind, wordings = excluded.wordings, template_id = excluded.template_id, day_rule = excluded.day_rule, way = excluded.way,
       errand = excluded.errand
       where beat.cadence_id = $1::uuid`,
    [cadence.id, recordset(cadence.beats.map((beat, position) => ({ ...beat, position })))],
  );
}
