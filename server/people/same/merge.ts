import { need } from '@/core/need';
import { enrich, type PersonFields } from '@/core/people';
import { plural } from '@/core/time';

import {
  act,
  actInSteps,
  personTables,
  TABLES,
  writableColumns,
  type Effects,
  type PersonTable,
} from '../../act';
import { invalid, notFound } from '../../api';
import type { Context } from '../../context';
import type { Sql } from '../../db';
import { rewrite } from '../actions';
import { findOrRefuse } from '../find/find';
import { fieldsOf } from '../record/records';
import { samePairs } from './same';

export type Taken = keyof PersonFields | 'circle';

/** What a merge touches besides the two: whatever hangs on people. */
const MERGED = ['people', 'notes', 'touches', 'enrolments', 'gaps'] as const;
export const mergedEffects = (ids: readonly string[]): Effects => ({ plan: ids, topics: MERGED });

/** Makes one person of two. Everything that happened with either is kept with the one who stays. */
async function mergeInto(
  ctx: Context,
  tx: Sql,
  keepId: string,
  goneId: string,
  take: readonly Taken[],
): Promise<{ keep: string; gone: string }> {
  const [keep, gone] = [await findOrRefuse(tx, keepId), await findOrRefuse(tx, goneId)];
  if (keep.deleted_on || gone.deleted_on)
    throw notFound('One of the two is not in your sphere any more.');
  await rewrite(tx, keep, mergedFields(fieldsOf(keep), fieldsOf(gone), take), keep.version, {
    circleId: take.includes('circle') ? gone.circle_id : (keep.circle_id ?? gone.circle_id),
    ownPromiseDays: keep.own_promise_days ?? gone.own_promise_days,
  });
  for (const table of personTables(ctx.house.of(TABLES)))
    await mergeRows(tx, table, keepId, goneId);
  await tx.query(
    `update person p set deleted_on = $3::date, merged_into = $1::uuid, household_id = null,
       version = version + 1 where id = $2::uuid`,
    [keepId, goneId, ctx.clock.today()],
  );
  await tx.query(
    `update person set household_id = coalesce(household_id, $2::uuid),
       photo_id = coalesce(photo_id, $3::uuid), added_on = least(added_on, $4::date),
       archived_on = null where id = $1::uuid`,
    [keepId, gone.household_id, gone.photo_id, gone.added_on],
  );
  return { keep: keep.name, gone: gone.name };
}

/** What is known of the one who stays, with what is chosen and what is new of the other. */
function mergedFields(
  keep: PersonFields,
  gone: PersonFields,
  take: readonly Taken[],
): PersonFields {
  const chosen = Object.fromEntries(
    take.filter((key) => key !== 'circle').map((key) => [key, gone[key]]),
  ) as Partial<PersonFields>;
  const lists = Object.keys(chosen).filter((key) =>
    Array.isArray(chosen[key as keyof PersonFields]),
  );
  for (const key of lists) delete chosen[key as keyof PersonFields];
  const merged = enrich({ ...keep, ...chosen }, gone);
  merged.consent = mergedConsent(keep, gone);
  return merged;
}

/** A no is never lost by merging; of two yeses the later counts. */
function mergedConsent(keep: PersonFields, gone: PersonFields): PersonFields['consent'] {
  const merged = { ...keep.consent };
  for (const [channel, answer] of Object.entries(gone.consent)) {
    const present = merged[channel as keyof typeof merged];
    const later = !present || answer.on > present.on;
    if (
      !present ||
      (answer.answer === 'no' && present.answer === 'yes') ||
      (answer.answer === present.answer && later)
    )
      merged[channel as keyof typeof merged] = answer;
  }
  return merged;
}

/** Does with the rows of a table what its subject declared. */
async function mergeRows(
  tx: Sql,
  { table, rows, person: { columns, merge: how } }: PersonTable,
  keepId: string,
  goneId: string,
): Promise<void> {
  if (how === 'stay') return;
  if (typeof how === 'function') return how(tx, keepId, goneId);
  const both = [keepId, goneId];
  for (const column of columns) {
    let which = '';
    if (how !== 'move' && 'key' in how) {
      await copyKeyed(tx, { table, column, key: how.key }, both);
      which = `and position($2::text in t.${how.key}) = 0`;
    } else if (how !== 'move') {
      const twin = `exists (select 1 from ${table} k
        where k.${column} = $1::uuid ${how.unless.map((name) => `and k.${name} = t.${name}`).join(' ')})`;
      // What machines report is never deleted by the owner.
      if (rows === 'owner')
        await tx.query(`delete from ${table} t where t.${column} = $2::uuid and ${twin}`, both);
      else which = `and not ${twin}`;
    }
    await tx.query(
      `update ${table} t set ${column} = $1::uuid where t.${column} = $2::uuid ${which}`,
      both,
    );
  }
}

/** What is kept under a key with the id of the one who goes holds for the one who stays as well. */
async function copyKeyed(
  tx: Sql,
  { table, column, key }: { table: string; column: string; key: string },
  both: readonly string[],
): Promise<void> {
  const names = await writableColumns(tx, table);
  const values = names.map((name) => {
    if (name === `"${column}"`) return '$1::uuid';
    return name === `"${key}"` ? `replace(t.${key}, $2::text, $1::text)` : `t.${name}`;
  });
  await tx.query(
    `insert into ${table} (${names.join(', ')}) select ${values.join(', ')} from ${table} t
     where t.${column} = $2::uuid and position($2::text in t.${key}) > 0 on conflict do nothing`,
    both,
  );
}

export async function merge(ctx: Context, keepId: string, goneId: string, take: readonly Taken[]) {
  if (keepId === goneId) throw invalid('Somebody can’t be merged with themselves.', 'goneId');
  return act(ctx, async (tx) => {
    const { keep, gone } = await mergeInto(ctx, tx, keepId, goneId, take);
    const sentence =
      keep === gone ? `Merged two records of ${keep}` : `Merged ${gone} into ${keep}`;
    return { sentence, ...mergedEffects([keepId, goneId]) };
  });
}

const MERGED_AT_ONCE = 200;

/** Merges the surest pairs in one action; the record that was added first stays. */
export async function mergeSure(ctx: Context) {
  const sure = (await samePairs(ctx)).filter(({ verdict }) => verdict === 'sure');
  const pairs = sure.slice(0, MERGED_AT_ONCE);
  if (pairs.length === 0) throw invalid('There is no pair that is surely one person.');
  return actInSteps(ctx, `Merging ${plural(pairs.length, 'pair')}`, async (step) => {
    // Of three records of one person each is merged into the one that is left.
    const into = new Map<string, string>();
    const left = (id: string): string => (into.has(id) ? left(need(into.get(id))) : id);
    for (const [i, { a, b }] of pairs.entries()) {
      const [keep, gone] = [left(a), left(b)].sort() as [string, string];
      if (keep === gone) continue;
      await step((tx) => mergeInto(ctx, tx, keep, gone, []));
      step.at(i + 1, pairs.length);
      into.set(gone, keep);
    }
    const sentence = `Merged ${plural(into.size, 'pair', 'pairs')}`;
    const done = { people: into.size, sentence, ...mergedEffects([...into].flat()) };
    return { done };
  });
}
