import type { PeopleFilter, PeopleSort, Who } from '@/contract/filters';
import { need } from '@/core/need';

import { maybeOne, one, recordset, type Sql } from '../db';
import type { Asking } from './find/conditions';
import {
  filterSql,
  isGuessed,
  ORDER,
  searchOrder,
  searchWords,
  standSql,
  whoSql,
  type Stand,
} from './find/filter';
import { Params } from './find/params';
import { PERSON_COLUMNS, type PersonRecord } from './record/records';
import { warmthSql } from './find/warmth';

// Who is archived or deleted has no standing; the filter says who of them is meant.
const FROM = 'from person p left join person_standing s on s.person_id = p.id';

/** Whether a filter asks about promises; then the standing of everybody is needed. */
const needsStanding = (filter: PeopleFilter): boolean =>
  Boolean(filter.warmths?.length || filter.rules);

const isEmptyList = (value: unknown) => Array.isArray(value) && value.length === 0;

const isInSphere = (filter: PeopleFilter) => (filter.among ?? 'sphere') === 'sphere';

/** Whether a filter leaves out nobody in the sphere. */
const isEverybody = (filter: PeopleFilter): boolean =>
  isInSphere(filter) &&
  Object.entries(filter).every(
    ([key, value]) => key === 'among' || value === undefined || value === '' || isEmptyList(value),
  );

// Standings are those of everybody in the sphere, and much narrower than people.
const EVERYBODY = `select (select count(*) from person_standing)::int
    - (select count(*) from arriving a join person_all p on p.batch_id = a.batch_id
         join person_standing s on s.person_id = p.id)::int as n`;

/** Of standings read without people: those who are just coming in are not there yet. */
const ARRIVED = `(not exists (select 1 from arriving) or s.person_id in (select id from person))`;

/** By slack, everybody in the sphere is read along the index of standings, which are theirs alone. */
function fromOf(filter: PeopleFilter, sort: PeopleSort): string {
  if (sort === 'slack' && isInSphere(filter))
    return 'from person_standing s join person p on p.id = s.person_id';
  return sort === 'slack' || needsStanding(filter) ? FROM : 'from person p';
}

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
  asking: Asking,
): Promise<{ total: number; near: boolean; rows: ListedPerson[] }> {
  const typed = await standOf(sql, { filter });
  const { total, rows } = await listAs(sql, filter, typed, sort, page, asking);
  const stand = total > 0 ? typed : otherwise({ filter }, typed);
  if (stand === typed) return { total, rows, near: typed === 'near' && total > 0 };
  const alike = await listAs(sql, filter, stand, sort, page, asking);
  return { ...alike, near: alike.total > 0 };
}

async function listAs(
  sql: Sql,
  filter: PeopleFilter,
  stand: Stand,
  sort: PeopleSort,
  page: { offset: number; limit: number },
  asking: Asking,
): Promise<{ total: number; rows: ListedPerson[] }> {
  const params = new Params();
  const where = filterSql(filter, asking, params, stand);
  // By match, names that begin with the words come first; no standing is needed to cut the page.
  const order = sort === 'match' ? searchOrder(filter, params) : ORDER[sort];
  const [day, limit, offset] = [
    params.add(asking.today),
    params.add(page.limit),
    params.add(page.offset),
  ];
  // A page of everybody is read along an index and they are counted apart; of a filter, whose rows
  // are all looked at, both come at once. What each row shows is looked up only for the rows on it.
  const total = isEverybody(filter) ? (await one<{ n: number }>(sql, EVERYBODY)).n : null;
  const rows = await sql.query<ListedPerson & { total: number; at: number }>(
    `with page as materialized (
       select q.*, row_number() over ()::int as at from (
         select p.id, ${total === null ? 'count(*) over ()::int' : `${total}`} as total
         ${fromOf(filter, sort)}
         where ${where} order by ${order} limit ${limit}::int offset ${offset}::int) q)
     select page.total, page.at, p.id, p.name, p.place, p.company, c.name as circle, s.promise_days,
       s.due_on as due, p.phone <> '' as has_phone, p.email <> '' as has_email,
       p.address_line <> '' as has_address,
       array(select g.name from person_tag pt join tag g on g.id = pt.tag_id
             where pt.person_id = p.id order by lower(g.name)) as tags,
       array(select ${day}::date - t.on_day from touch t
             where t.person_id = p.id and t.hold > 0 and t.on_day > ${day}::date - 365
             order by t.on_day desc limit 24) as recent
     from page join person p on p.id = page.id left join person_standing s on s.person_id = p.id
     left join circle c on c.id = p.circle_id
     order by page.at`,
    params.values,
  );
  const found =
    total ??
    (rows.length > 0 || page.offset === 0
      ? (rows[0]?.total ?? 0)
      : await countAs(sql, { filter }, stand, asking));
  return { total: found, rows };
}

/** How many people a selection finds. */
export async function countPeople(sql: Sql, who: Who, asking: Asking): Promise<number> {
  const typed = await standOf(sql, who);
  const found = await countAs(sql, who, typed, asking);
  const stand = found > 0 ? typed : otherwise(who, typed);
  return stand === typed ? found : countAs(sql, who, stand, asking);
}

async function countAs(sql: Sql, who: Who, stand: Stand, asking: Asking): Promise<number> {
  const params = new Params();
  const where = whoSql(who, asking, params, stand);
  const row = await one<{ n: number }>(
    sql,
    `select count(*)::int as n ${FROM} where ${where}`,
    params.values,
  );
  return row.n;
}

/** Ids of the people meant, as a list shows them, in the order of their names. */
export async function idsOf(sql: Sql, who: Who, asking: Asking): Promise<string[]> {
  const typed = await standOf(sql, who);
  const found = await idsAs(sql, who, typed, asking);
  const stand = found.length > 0 ? typed : otherwise(who, typed);
  return stand === typed ? found : idsAs(sql, who, stand, asking);
}

/**
 * Ids of those whom something that goes on by itself is for, a rota or a feed: nobody who is only
 * spelled alike. Only those `among` these, where it is given.
 */
export async function exactIdsOf(
  sql: Sql,
  filter: PeopleFilter,
  asking: Asking,
  among: readonly string[] | null = null,
): Promise<string[]> {
  const stand = await standOf(sql, { filter });
  return stand === 'near' ? [] : idsAs(sql, { filter }, stand, asking, among);
}

async function idsAs(
  sql: Sql,
  who: Who,
  stand: Stand,
  asking: Asking,
  among: readonly string[] | null = null,
): Promise<string[]> {
  const params = new Params();
  const where = whoSql(who, asking, params, stand);
  const rows = await sql.query<{ id: string }>(
    `select p.id ${FROM} where ${where} ${among ? `and p.id = any(${params.add(among)}::uuid[])` : ''}
     order by ${ORDER.name}`,
    params.values,
  );
  return rows.map(({ id }) => id);
}

interface WarmthCount {
  warmth: string | null;
  people: number;
}

/** How many people a filter finds, by their warmth. */
export async function countByWarmth(
  sql: Sql,
  filter: PeopleFilter,
  asking: Asking,
): Promise<WarmthCount[]> {
  const typed = await standOf(sql, { filter });
  const found = await countByWarmthAs(sql, filter, typed, asking);
  const stand = found.length > 0 ? typed : otherwise({ filter }, typed);
  return stand === typed ? found : countByWarmthAs(sql, filter, stand, asking);
}

function countByWarmthAs(sql: Sql, filter: PeopleFilter, stand: Stand, asking: Asking) {
  const params = new Params();
  const warmth = warmthSql(params.add(asking.today));
  const of = isEverybody(filter)
    ? `from person_standing s where ${ARRIVED}`
    : `${FROM} where ${filterSql(filter, asking, params, stand)}`;
  return sql.query<WarmthCount>(
    `select ${warmth} as warmth, count(*)::int as people ${of} group by 1`,
    params.values,
  );
}

/** Where the words of a search stand; asked first, because each case has a quick way of its own. */
async function standOf(sql: Sql, who: Who): Promise<Stand> {
  const words = searchWords(('filter' in who && who.filter.text) || '');
  if (words.length === 0) return 'record';
  const params = new Params();
  const at = await one<{ record: boolean; elsewhere: boolean }>(
    sql,
    standSql(words, params),
    params.values,
  );
  if (at.elsewhere) return 'anywhere';
  return at.record ? 'record' : 'near';
}

/** How to look when nobody was found as typed: for words that are spelled or sound alike. */
const otherwise = (who: Who, typed: Stand): Stand =>
  'filter' in who && searchWords(who.filter.text ?? '').some(isGuessed) ? 'near' : typed;

export const tagCounts = (sql: Sql) =>
  sql.query<{ name: string; people: number }>(
    `select g.name, c.people from tag g join (
       select pt.tag_id, count(*)::int as people
       from person_tag pt join person_standing s on s.person_id = pt.person_id
       where ${ARRIVED} group by pt.tag_id) c on c.tag_id = g.id
     order by c.people desc, lower(g.name)`,
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

/** One circle; null for none. */
export const circleOf = async (sql: Sql, id: string | null) =>
  id === null
    ? null
    : maybeOne<{ id: string; name: string; promiseDays: number | null }>(
        sql,
        'select id, name, promise_days as "promiseDays" from circle where id = $1::uuid',
        [id],
      );

const NAMES = PERSON_COLUMNS.replace(/ (uuid|int|text|date|jsonb|boolean)(\[\])?(?=,|$)/g, '');

const isEmpty = (value: unknown): boolean =>
  value === '' ||
  value === null ||
  value === false ||
  (typeof value === 'object' && Object.keys(value).length === 0);

/** Inserts people; columns that are empty in all of them are left to their defaults, which is quicker. */
export async function insertPeople(sql: Sql, people: readonly PersonRecord[]): Promise<void> {
  if (people.length === 0) return;
  const columns = PERSON_COLUMNS.split(/,\s*/)
    .map((column) => ({ column, name: need(column.split(' ')[0]) }))
    .filter(({ name }) => people.some((person) => !isEmpty(person[name])));
  const names = columns.map(({ name }) => name);
  const rows = people.map((person) =>
    Object.fromEntries(names.map((name) => [name, person[name]])),
  );
  await sql.query(
    `insert into person (${names.join(', ')}) select ${names.join(', ')}
     from json_to_recordset($1::json) as r (${columns.map(({ column }) => column).join(', ')})`,
    [recordset(rows)],
  );
}

/** Writes whole rows that are still at the version they carry; answers how many were. */
export async function updatePeople(sql: Sql, people: readonly PersonRecord[]): Promise<number> {
  const set = NAMES.split(/,\s*/)
    .filter((name) => name !== 'id' && name !== 'version')
    .map((name) => `${name} = r.${name}`)
    .join(', ');
  const rows = await sql.query(
    `update person p set ${set}, version = p.version + 1
     from json_to_recordset($1::json) as r (${PERSON_COLUMNS})
     where p.id = r.id and p.version = r.version returning p.id`,
    [recordset(people)],
  );
  return rows.length;
}

/** Makes the tags that are missing; answers the id of each by its name as it was asked for. */
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
    'select t.id, n.name from unnest($1::text[]) n (name) join tag t on lower(t.name) = lower(n.name)',
    [names.map(({ name }) => name)],
  );
  return new Map(rows.map(({ id, name }) => [name, id]));
}

export const tagsOf = async (sql: Sql, personId: string): Promise<string[]> =>
  (
    await sql.query<{ name: string }>(
      'select g.name from person_tag pt join tag g on g.id = pt.tag_id where pt.person_id = $1::uuid',
      [personId],
    )
  ).map(({ name }) => name);

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

/** Names by id. */
export const namesOf = async (sql: Sql, ids: readonly string[]): Promise<Map<string, string>> =>
  new Map(
    (
      await sql.query<{ id: string; name: string }>(
        'select id, name from person where id = any($1::uuid[])',
        [ids],
      )
    ).map(({ id, name }) => [id, name]),
  );

/** Two people at most who are called so. */
export const idsByName = async (sql: Sql, name: string): Promise<string[]> =>
  (
    await sql.query<{ id: string }>(
      'select id from person where deleted_on is null and lower(name) = lower($1) limit 2',
      [name.trim()],
    )
  ).map(({ id }) => id);
