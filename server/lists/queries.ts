import type { ListName } from '@/contract/lists';
import type { OwnField, OwnType } from '@/core/people';

import { maybeOne, newId, one, recordset, type Sql } from '../db';

export interface EntryRow {
  id: string;
  name: string;
  pinned: boolean;
  retired: boolean;
  people: number;
}

/** Where a list is kept, and the condition by which person `p` has its entry `e`. */
const KEPT: Record<ListName, { table: string; where: string; has: string }> = {
  role: { table: 'list_entry', where: `e.list = 'role'`, has: 'e.name = any(p.roles)' },
  standing: { table: 'list_entry', where: `e.list = 'standing'`, has: 'p.standing = e.name' },
  source: { table: 'list_entry', where: `e.list = 'source'`, has: 'p.source = e.name' },
  circle: { table: 'public."circle"', where: 'true', has: 'p.circle_id = e.id' },
  tag: {
    table: 'tag',
    where: 'true',
    has: 'exists (select 1 from person_tag pt where pt.person_id = p.id and pt.tag_id = e.id)',
  },
  field: { table: 'own_field', where: 'true', has: 'p.own ? e.id::text' },
};

/** The entries of a list in the owner's order, with how many people who are not deleted have each. */
export const readEntries = <T extends EntryRow = EntryRow>(sql: Sql, list: ListName) =>
  sql.query<T>(
    `select e.*, (select count(*)::int from person p where p.deleted_on is null and ${KEPT[list].has}) as people
     from ${KEPT[list].table} e where ${KEPT[list].where}
     order by e.position, lower(e.name)`,
    [],
  );

export const findEntry = (sql: Sql, list: ListName, id: string) =>
  maybeOne<EntryRow & { type?: OwnType; choices?: string[] }>(
    sql,
    `select e.*, (select count(*)::int from person p where p.deleted_on is null and ${KEPT[list].has}) as people
     from ${KEPT[list].table} e where ${KEPT[list].where} and e.id = $1::uuid`,
    [id],
  );

export async function findByName(sql: Sql, list: ListName, name: string): Promise<string | null> {
  const row = await maybeOne<{ id: string }>(
    sql,
    `select e.id from ${KEPT[list].table} e where ${KEPT[list].where} and lower(e.name) = lower($1)`,
    [name],
  );
  return row?.id ?? null;
}

export async function nextPosition(sql: Sql, list: ListName): Promise<number> {
  const { n } = await one<{ n: number }>(
    sql,
    `select coalesce(max(e.position), -1) + 1 as n from ${KEPT[list].table} e where ${KEPT[list].where}`,
  );
  return n;
}

/** Which of these rows of a table of lists somebody has. */
export async function entriesInUse(
  sql: Sql,
  table: string,
  ids: readonly string[],
): Promise<string[]> {
  const lists = Object.values(KEPT).filter(
    (kept) => kept.table.replaceAll(/"|public\./g, '') === table,
  );
  const used: string[] = [];
  for (const { table: from, where, has } of lists) {
    const rows = await sql.query<{ id: string }>(
      `select e.id from ${from} e where e.id = any($1::uuid[]) and ${where}
         and exists (select 1 from person p where ${has})`,
      [ids],
    );
    used.push(...rows.map(({ id }) => id));
  }
  return used;
}

/** Writes some columns of one entry. */
export async function writeEntry(
  sql: Sql,
  list: ListName,
  id: string,
  values: Record<string, unknown>,
): Promise<void> {
  const names = Object.keys(values);
  if (names.length === 0) return;
  const set = names.map((name, i) => `${name} = $${i + 2}`).join(', ');
  await sql.query(`update ${KEPT[list].table} set ${set} where id = $1::uuid`, [
    id,
    ...Object.values(values),
  ]);
}

export async function insertEntry(
  sql: Sql,
  list: ListName,
  values: Record<string, unknown>,
): Promise<void> {
  const all = KEPT[list].table === 'list_entry' ? { ...values, list } : values;
  const names = Object.keys(all);
  await sql.query(
    `insert into ${KEPT[list].table} (${names.join(', ')}) values (${names.map((_, i) => `$${i + 1}`).join(', ')})`,
    Object.values(all),
  );
}

export const deleteEntry = (sql: Sql, list: ListName, id: string) =>
  sql.query(`delete from ${KEPT[list].table} where id = $1::uuid`, [id]);

export const writeOrder = (sql: Sql, list: ListName, ids: readonly string[]) =>
  sql.query(
    `update ${KEPT[list].table} e set position = o.n::int - 1
     from unnest($1::uuid[]) with ordinality as o (id, n) where e.id = o.id and e.position <> o.n - 1`,
    [ids],
  );

/**
 * Names that are new to a list are put at its end, so that they can be chosen again. Answers every
 * name as the list writes it, by the name as it was asked for.
 */
export async function ensureEntries(
  sql: Sql,
  list: 'role' | 'standing' | 'source',
  names: readonly string[],
): Promise<Map<string, string>> {
  const wanted = [...new Set(names.filter(Boolean))];
  if (wanted.length === 0) return new Map();
  // What is the same in lower case is for the database alone to say, which keeps each name once.
  const known = async () =>
    new Map(
      (
        await sql.query<{ asked: string; name: string }>(
          `select n.asked, e.name from unnest($2::text[]) n (asked)
           join list_entry e on e.list = $1 and lower(e.name) = lower(n.asked)`,
          [list, wanted],
        )
      ).map(({ asked, name }) => [asked, name]),
    );
  const present = await known();
  const missing = wanted.filter((name) => !present.has(name));
  if (missing.length === 0) return present;
  const position = await nextPosition(sql, list);
  await sql.query(
    `insert into list_entry (id, list, name, position)
     select id, $2, name, position from json_to_recordset($1::json) as r (id uuid, name text, position int)
     on conflict do nothing`,
    [recordset(missing.map((name, i) => ({ id: newId(), name, position: position + i }))), list],
  );
  return known();
}

/** Everybody who has an entry, the deleted ones as well. */
export const holdersOf = async (sql: Sql, list: ListName, id: string): Promise<string[]> =>
  (
    await sql.query<{ id: string }>(
      `select p.id from person p join ${KEPT[list].table} e on ${KEPT[list].has}
       where ${KEPT[list].where} and e.id = $1::uuid order by p.id`,
      [id],
    )
  ).map((row) => row.id);

/** Those meant: some of them, or all. */
type Among = readonly string[] | null;
const among = (id: string) => `($3::uuid[] is null or ${id} = any($3::uuid[]))`;

/** Writes the new name of an entry in people, or takes it away from them. */
export function renameInPeople(
  sql: Sql,
  list: 'role' | 'standing' | 'source',
  from: string,
  to: string | null,
  some: Among,
) {
  const isRole = list === 'role';
  const set = isRole
    ? `roles = case when $2::text is null or $2::text = any(roles) then array_remove(roles, $1)
         else array_replace(roles, $1, $2::text) end`
    : `${list} = coalesce($2::text, '')`;
  return sql.query(
    `update person set ${set}, version = version + 1
     where ${isRole ? '$1 = any(roles)' : `${list} = $1`} and ${among('id')}`,
    [from, to, some],
  );
}

export const moveCircle = (sql: Sql, from: string, to: string | null, some: Among) =>
  sql.query(
    `update person set circle_id = $2::uuid, version = version + 1
     where circle_id = $1::uuid and ${among('id')}`,
    [from, to, some],
  );

/** Who has the one tag gets the other (once), or none. */
export const moveTag = (sql: Sql, from: string, to: string | null, some: Among) =>
  sql.query(
    `with had as (
       delete from person_tag where tag_id = $1::uuid and ${among('person_id')} returning person_id)
     insert into person_tag (id, person_id, tag_id)
       select gen_random_uuid(), person_id, $2::uuid from had where $2::uuid is not null
     on conflict (person_id, tag_id) do nothing`,
    [from, to, some],
  );

/** Values of one own field go to another where that is empty, or away. */
export const moveOwn = (sql: Sql, from: string, to: string | null, some: Among) =>
  sql.query(
    `update person set version = version + 1,
       own = case when $2::text is null or own ? $2 then own - $1
         else (own - $1) || jsonb_build_object($2::text, own -> $1) end
     where own ? $1 and ${among('id')}`,
    [from, to, some],
  );

/** The owner's own fields in their order. */
export const readOwnFields = (sql: Sql) =>
  sql.query<OwnField & { pinned: boolean; retired: boolean }>(
    'select id, name, type, choices, pinned, retired from own_field order by position, lower(name)',
  );

/** Own fields by these names, those that are missing made at the end of the list; answers their ids. */
export async function ensureFields(
  sql: Sql,
  fields: readonly { name: string; type: OwnType }[],
): Promise<string[]> {
  const ids: string[] = [];
  for (const { name, type } of fields) {
    const cut = name.slice(0, 60);
    const present = await findByName(sql, 'field', cut);
    const id = present ?? newId();
    if (!present)
      await insertEntry(sql, 'field', {
        id,
        name: cut,
        position: await nextPosition(sql, 'field'),
        type,
        choices: [],
      });
    ids.push(id);
  }
  return ids;
}
