import { need } from '@/core/need';
import type { PersonFields } from '@/core/people';

import type { Sql } from '../../db';
import { updatePeople } from '../queries';
import { fieldsOf, KEYS_VERSION, lookedUpBy, toRecord, type PersonRecord } from '../record/records';

/** Changes the fields of many people in two statements; those that a change leaves alone are not written. */
export async function rewriteMany(
  tx: Sql,
  changes: ReadonlyMap<string, (fields: PersonFields) => PersonFields>,
): Promise<void> {
  if (changes.size === 0) return;
  const rows = await tx.query<PersonRecord>('select * from person where id = any($1::uuid[])', [
    [...changes.keys()],
  ]);
  // Who stays as they are is not written: no new version, nothing to undo.
  const changed = rows.flatMap((row) => {
    const before = fieldsOf(row);
    const after = need(changes.get(row.id))(before);
    if (JSON.stringify(after) === JSON.stringify(before)) return [];
    const base = {
      id: row.id,
      version: row.version,
      circleId: row.circle_id,
      ownPromiseDays: row.own_promise_days,
      addedOn: row.added_on,
      batchId: row.batch_id,
      householdId: row.household_id,
      livesApart: row.lives_apart,
    };
    return [toRecord(after, base)];
  });
  await updatePeople(tx, changed);
}

/** What is known of each of these people. */
export const fieldsOfMany = async (
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, PersonFields>> =>
  new Map(
    (await sql.query<PersonRecord>('select * from person where id = any($1::uuid[])', [ids])).map(
      (row) => [row.id, fieldsOf(row)],
    ),
  );

/** Makes keys and sounds anew for people who have those of an earlier rule; run at start. */
export async function refreshKeys(sql: Sql): Promise<number> {
  const rows = await sql.query<PersonRecord>('select * from person where keys_version < $1::int', [
    KEYS_VERSION,
  ]);
  if (rows.length === 0) return 0;
  const fresh = rows.map((row) => ({ id: row.id, ...lookedUpBy(fieldsOf(row)) }));
  await sql.query(
    `update person p set name = r.name, search_text = r.search_text, sort_name = r.sort_name, keys_version = r.keys_version,
       match_keys = r.match_keys, home_key = r.home_key, sounds = r.sounds
     from json_to_recordset($1::json) as r (id uuid, name text, search_text text, sort_name text, keys_version int,
       match_keys text[], home_key text, sounds text[]) where p.id = r.id`,
    [JSON.stringify(fresh)],
  );
  return rows.length;
}
