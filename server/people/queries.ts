import type { PeopleFilter, PeopleSort, Who } from '@/contract/people';

import { maybeOne, one, recordset, type Sql } from '../db';
import { filterSql, ORDER, Params, warmthSql, whoSql } from './filter';

export interface PersonRecord {
  id: string;
  version: number;
  given_name: string;
  family_name: string;
  goes_by: string;
  company: string;
  email: string;
  phone: string;
  address_line: string;
  city: string;
  region: string;
  postal_code: string;
  place: string;
  birthday: string | null;
  roles: string[];
  source: string;
  circle_id: string | null;
  own_promise_days: number | null;
  added_on: string;
  batch_id: string | null;
  name: string;
  search_text: string;
}

const FROM = 'from person p join person_standing s on s.person_id = p.id';

export interface ListedPerson {
  id: string;
  name: string;
  place: string;
  company: string;
  circle: string | null;
  tags: string[];
  promise_days: number | null;
  due: string | null;
  has_phone: boolean;
  has_email: boolean;
  has_address: boolean;
  recent: number[];
}

export async function listPeople(
  sql: Sql,
  filter: PeopleFilter,
  sort: PeopleSort,
  page: { offset: number; limit: number },
  today: string,
): Promise<{ total: number; rows: ListedPerson[] }> {
  const params = new Params();
  const where = filterSql(filter, today, params);
  const [day, limit, offset] = [params.add(today), params.add(page.limit), params.add(page.offset)];
  // The page is cut first; what each row shows is looked up only for the rows on it.
  const rows = await sql.query<ListedPerson & { total: number; at: number }>(
    `with page as materialized (
       select p.id, s.promise_days, s.due_on, count(*) over ()::int as total,
         row_number() over (order by ${ORDER[sort]})::int as at
       ${FROM} where ${where} order by ${ORDER[sort]} limit ${limit}::int offset ${offset}::int)
     select page.total, page.at, p.id, p.name, p.place, p.company, c.name as circle, page.promise_days,
       page.due_on as due, p.phone <> '' as has_phone, p.email <> '' as has_email,
       p.address_line <> '' as has_address,
       array(select g.name from person_tag pt join tag g on g.id = pt.tag_id
             where pt.person_id = p.id order by lower(g.name)) as tags,
       array(select ${day}::date - t.on_day from touch t
             where t.person_id = p.id and t.hold > 0 and t.on_day > ${day}::date - 365
             order by t.on_day desc limit 24) as recent
     from page join person p on p.id = page.id left join circle c on c.id = p.circle_id
     order by page.at`,
    params.values,
  );
  if (rows.length > 0 || page.offset === 0) return { total: rows[0]?.total ?? 0, rows };
  return { total: await countPeople(sql, { filter }, today), rows };
}

export async function countPeople(sql: Sql, who: Who, today: string): Promise<number> {
  const params = new Params();
  const where = whoSql(who, today, params);
  const row = await one<{ n: number }>(
    sql,
    `select count(*)::int as n ${FROM} where ${where}`,
    params.values,
  );
  return row.n;
}

/** Ids of the people meant, in the order of their names. */
export async function idsOf(sql: Sql, who: Who, today: string): Promise<string[]> {
  const params = new Params();
  const where = whoSql(who, today, params);
  const rows = await sql.query<{ id: string }>(
    `select p.id ${FROM} where ${where} order by ${ORDER.name}`,
    params.values,
  );
  return rows.map(({ id }) => id);
}

export const facetCounts = (sql: Sql, today: string) =>
  sql.query<{ warmth: string | null; people: number }>(
    `select ${warmthSql('$1')} as warmth, count(*)::int as people ${FROM} group by 1`,
    [today],
  );

export const tagCounts = (sql: Sql) =>
  sql.query<{ name: string; people: number }>(
    `select g.name, count(*)::int as people from tag g join person_tag pt on pt.tag_id = g.id
     group by g.id order by count(*) desc, lower(g.name)`,
  );

export const findPerson = (sql: Sql, id: string) =>
  maybeOne<PersonRecord & { promise_days: number | null; due_on: string | null; tags: string[] }>(
    sql,
    `select p.*, s.promise_days, s.due_on,
       array(select g.name from person_tag pt join tag g on g.id = pt.tag_id
             where pt.person_id = p.id order by lower(g.name)) as tags
     ${FROM} where p.id = $1::uuid`,
    [id],
  );

export const circleOf = async (sql: Sql, id: string | null) =>
  id === null
    ? null
    : maybeOne<{ id: string; name: string; promiseDays: number | null }>(
        sql,
        'select id, name, promise_days as "promiseDays" from circle where id = $1::uuid',
        [id],
      );

const COLUMNS = `id uuid, version int, given_name text, family_name text, goes_by text, company text,
  email text, phone text, address_line text, city text, region text, postal_code text, place text,
  birthday text, roles text[], source text, circle_id uuid, own_promise_days int, added_on date,
  batch_id uuid, name text, search_text text`;
const NAMES = COLUMNS.replace(/ (uuid|int|text|date)(\[\])?/g, '');

export const insertPeople = (sql: Sql, people: readonly PersonRecord[]) =>
  sql.query(
    `insert into person (${NAMES}) select ${NAMES} from json_to_recordset($1::json) as r (${COLUMNS})`,
    [recordset(people)],
  );

/** Writes the whole row if it is still at `version`; answers whether it was. */
export async function updatePerson(
  sql: Sql,
  person: PersonRecord,
  version: number,
): Promise<boolean> {
  const set = NAMES.split(/,\s*/)
    .filter((name) => name !== 'id' && name !== 'version')
    .map((name) => `${name} = r.${name}`)
    .join(', ');
  const rows = await sql.query(
    `update person p set ${set}, version = p.version + 1
     from json_to_recordset($1::json) as r (${COLUMNS})
     where p.id = r.id and p.version = $2::int returning p.id`,
    [recordset([person]), version],
  );
  return rows.length === 1;
}

export async function setCircle(
  sql: Sql,
  who: Who,
  circleId: string | null,
  today: string,
): Promise<number> {
  const params = new Params();
  const circle = params.add(circleId);
  const where = whoSql(who, today, params);
  const rows = await sql.query(
    `update person set circle_id = ${circle}::uuid, version = version + 1
     where id in (select p.id ${FROM} where ${where}) and circle_id is distinct from ${circle}::uuid
     returning id`,
    params.values,
  );
  return rows.length;
}

/** Makes the tags that are missing; answers the id of each by its name in lower case. */
export async function ensureTags(
  sql: Sql,
  names: readonly { id: string; name: string }[],
): Promise<Map<string, string>> {
  await sql.query(
    `insert into tag (id, name) select id, name from json_to_recordset($1::json) as r (id uuid, name text)
     on conflict ((lower(name))) do nothing`,
    [recordset(names)],
  );
  const rows = await sql.query<{ id: string; name: string }>(
    'select id, lower(name) as name from tag where lower(name) = any($1::text[])',
    [names.map(({ name }) => name.toLowerCase())],
  );
  return new Map(rows.map(({ id, name }) => [name, id]));
}

export const insertTaggings = (
  sql: Sql,
  rows: readonly { id: string; person_id: string; tag_id: string }[],
) =>
  sql.query<{ id: string }>(
    `insert into person_tag (id, person_id, tag_id)
     select id, person_id, tag_id from json_to_recordset($1::json) as r (id uuid, person_id uuid, tag_id uuid)
     on conflict (person_id, tag_id) do nothing returning id`,
    [recordset(rows)],
  );

export const removeTaggings = (sql: Sql, personId: string, keepTagIds: readonly string[]) =>
  sql.query(
    'delete from person_tag where person_id = $1::uuid and not (tag_id = any($2::uuid[]))',
    [personId, keepTagIds],
  );

export interface NoteRecord {
  id: string;
  person_id: string;
  on_day: string;
  body: string;
  search_text: string;
}

export const insertNotes = (sql: Sql, notes: readonly NoteRecord[]) =>
  sql.query(
    `insert into note (id, person_id, on_day, body, search_text)
     select * from json_to_recordset($1::json) as r (id uuid, person_id uuid, on_day date, body text, search_text text)`,
    [recordset(notes)],
  );

export const notesOf = (sql: Sql, personId: string) =>
  sql.query<{ id: string; on_day: string; body: string }>(
    'select id, on_day, body from note where person_id = $1::uuid order by on_day desc, id desc limit 200',
    [personId],
  );
