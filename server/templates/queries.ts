import type { Template, TemplateDraft, Wording } from '@/contract/templates';
import type { OddReader } from '@/core/messages';

import { maybeOne, recordset, type Sql } from '../db';

export interface TemplateRow {
  id: string;
  version: number;
  kind: Template['kind'];
  name: string;
  wordings: Wording[];
  files: string[];
  used_by: Template['usedBy'];
}

const SELECT = `select t.id, t.version, t.kind, t.name, t.wordings, t.files,
  coalesce((select json_agg(u order by u.name) from (
    select c.id as "cadenceId", c.name, count(*)::int as beats from beat b join cadence c on c.id = b.cadence_id
    where b.template_id = t.id group by c.id, c.name
    union all select null, 'Greetings', count(*)::int from greeting_rule g
    where g.template_id = t.id having count(*) > 0) u), '[]') as used_by
  from template t`;

export const readTemplates = (sql: Sql) =>
  sql.query<TemplateRow>(`${SELECT} order by lower(t.name), t.id`);

/** One template with its wordings. */
export const findTemplate = (sql: Sql, id: string) =>
  maybeOne<TemplateRow>(sql, `${SELECT} where t.id = $1::uuid`, [id]);

/** The templates of these ids. */
export const templatesAmong = (sql: Sql, ids: readonly string[]) =>
  sql.query<TemplateRow>(`${SELECT} where t.id = any($1::uuid[])`, [ids]);

const written = ({ id, kind, name, wordings, files }: TemplateDraft & { id: string }) => [
  id,
  kind,
  name,
  JSON.stringify(wordings),
  files,
];

export const insertTemplate = (sql: Sql, template: TemplateDraft & { id: string }) =>
  sql.query(
    `insert into template (id, kind, name, wordings, files) values ($1::uuid, $2, $3, $4::jsonb, $5::uuid[])`,
    written(template),
  );

/** Changes a template that still has this version; answers whether it had. */
export const updateTemplate = async (
  sql: Sql,
  template: TemplateDraft & { id: string },
  version: number,
): Promise<boolean> =>
  (
    await sql.query(
      `update template set kind = $2, name = $3, wordings = $4::jsonb, files = $5::uuid[], version = version + 1
       where id = $1::uuid and version = $6::int returning id`,
      [...written(template), version],
    )
  ).length === 1;

export async function removeTemplate(sql: Sql, id: string): Promise<void> {
  await sql.query('delete from template_version where template_id = $1::uuid', [id]);
  await sql.query('delete from template where id = $1::uuid', [id]);
}

export const insertVersion = (
  sql: Sql,
  row: { id: string; templateId: string; version: number; savedAt: string; draft: unknown },
) =>
  sql.query(
    `insert into template_version (id, template_id, version, saved_at, draft)
     values ($1::uuid, $2::uuid, $3::int, $4::timestamptz, $5::jsonb)`,
    [row.id, row.templateId, row.version, row.savedAt, JSON.stringify(row.draft)],
  );

export const versionsOf = (sql: Sql, templateId: string) =>
  sql.query<{ version: number; saved_at: string; draft: TemplateDraft }>(
    `select version, saved_at, draft from template_version where template_id = $1::uuid
     order by version desc limit 50`,
    [templateId],
  );

/** Which wording of which template each had last, of these people or of everybody. */
export const wordingsUsed = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ person_id: string; template_id: string; wording_id: string }>(
    `select person_id, template_id, wording_id from wording_used
     where $1::uuid[] is null or person_id = any($1::uuid[])`,
    [ids],
  );

/** Notes which wording people have had. */
export const noteWordings = (
  sql: Sql,
  rows: readonly { person_id: string; template_id: string; wording_id: string; at: string }[],
) =>
  sql.query(
    `insert into wording_used (person_id, template_id, wording_id, at)
     select distinct on (r.person_id, r.template_id) r.person_id, r.template_id, r.wording_id, r.at
     from json_to_recordset($1::json) as r (person_id uuid, template_id uuid, wording_id uuid, at timestamptz)
     join template t on t.id = r.template_id order by r.person_id, r.template_id, r.at desc
     on conflict (person_id, template_id) do update set wording_id = excluded.wording_id, at = excluded.at
       where wording_used.at <= excluded.at`,
    [recordset(rows)],
  );

export type Face = OddReader & { id: string; name: string };

const FACE = `p.id, p.name, coalesce(nullif(p.goes_by, ''), p.given_name) as "givenName",
  p.family_name as "familyName", length(p.name)::int as "nameLength",
  coalesce(length(p.birthday) = 5, false) as yearless, coalesce(h.home, 0) as home, coalesce(h.families, 0) as families`;

const HOMES = `left join (select m.household_id, count(*)::int as home, count(distinct lower(m.family_name))::int as families
  from person m where m.household_id is not null and m.archived_on is null and m.deleted_on is null
  group by m.household_id) h on h.household_id = p.household_id`;

/** What tells whether somebody's copy is worth a look before it goes; of these, or of the whole sphere. */
export const readFaces = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<Face>(
    ids
      ? `select ${FACE} from person p ${HOMES} where p.id = any($1::uuid[]) order by p.id`
      : `select ${FACE} from person p ${HOMES} where p.archived_on is null and p.deleted_on is null order by p.id`,
    ids ? [ids] : [],
  );
