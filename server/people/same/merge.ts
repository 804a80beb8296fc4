import { enrich, type PersonFields } from '@/core/people';
import { plural } from '@/core/time';

import {
  act,
  actInSteps,
  personTables,
  references,
  TABLES,
  undoAction,
  writableColumns,
  type Effects,
  type PersonTable,
} from '../../act';
import { invalid, notFound, Refusal } from '../../api';
import type { Context } from '../../context';
import { maybeOne, type Sql } from '../../db';
import { rewrite } from '../actions';
import { findOrRefuse } from '../find/find';
import { GRACE_DAYS } from '../erase/erase';
import { fieldsOf } from '../record/records';
import { samePairs } from './same';

export type Taken = keyof PersonFields | 'circle';

/** What a merge touches besides the two: whatever hangs on people. */
const MERGED = ['people', 'notes', 'touches', 'enrolments', 'gaps'] as const;
const mergedEffects = (ids: readonly string[]): Effects => ({ plan: ids, topics: MERGED });

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
  { table, person: { columns, merge: how } }: PersonTable,
  keepId: string,
  goneId: string,
): Promise<void> {
  if (how === 'stay') return;
  if (typeof how === 'function') return how(tx, keepId, goneId);
  const both = [keepId, goneId];
  for (const column of columns) {
    if (how !== 'move')
      await tx.query(
        `delete from ${table} t where t.${column} = $2::uuid and exists (select 1 from ${table} k
           where k.${column} = $1::uuid ${how.unless.map((name) => `and k.${name} = t.${name}`).join(' ')})`,
        both,
      );
    await tx.query(`update ${table} set ${column} = $1::uuid where ${column} = $2::uuid`, both);
  }
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
    const left = (id: string): string => (into.has(id) ? left(into.get(id)!) : id);
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

export const listMerged = (ctx: Context) =>
  ctx.db.query<{ goneId: string; gone: string; keepId: string; keep: string; on: never }>(
    `select g.id as "goneId", g.name as gone, k.id as "keepId", k.name as keep, g.deleted_on as on
     from person g join person k on k.id = g.merged_into
     where g.deleted_on >= $1::date - $2::int order by g.deleted_on desc, g.id desc limit 200`,
    [ctx.clock.today(), GRACE_DAYS],
  );

/**
 * Makes two of one again. When nothing changed since, the whole merge is undone; otherwise what was
 * the other's goes back to them, and the one who stayed keeps their later fields.
 */
export async function takeApart(ctx: Context, goneId: string) {
  const merge = await maybeOne<{ action_id: string; only: boolean; keep_id: string }>(
    ctx.db,
    `select c.action_id, c.after ->> 'merged_into' as keep_id,
       (select count(*) = 1 from change o where o.action_id = c.action_id
         and o.table_name = 'person_all' and o.after ->> 'merged_into' is not null) as only
     from change c join action a on a.id = c.action_id and not a.undone and a.undoes is null
     where c.row_id = $1 and c.table_name = 'person_all' and c.after ->> 'merged_into' is not null
     order by c.seq desc limit 1`,
    [goneId],
  );
  if (!merge) throw notFound('This merge can no longer be taken apart.');
  if (merge.only)
    try {
      return await undoAction(ctx, merge.action_id);
    } catch (error) {
      if (!(error instanceof Refusal) || error.code !== 'conflict') throw error;
    }
  return act(ctx, async (tx) => {
    const gone = await findOrRefuse(tx, goneId);
    if (!gone.merged_into) throw notFound('These are two people already.');
    await giveBack(ctx, tx, merge.action_id, goneId);
    return {
      sentence: `${gone.name} is a person of their own again`,
      ...mergedEffects([goneId, merge.keep_id]),
    };
  });
}

/** What the merge took from somebody goes back to them, as far as it is still there. */
async function giveBack(ctx: Context, tx: Sql, actionId: string, goneId: string): Promise<void> {
  const refs = await references(tx);
  for (const { table, rows, person } of personTables(ctx.house.of(TABLES))) {
    if (rows !== 'owner') continue;
    for (const column of person.columns)
      await tx.query(
        `update ${table} t set ${column} = $2::uuid from change c
         where c.action_id = $1::uuid and c.table_name = '${table}' and c.op = 'update'
           and c.row_id = t.id::text and c.before ->> '${column}' = $2::text`,
        [actionId, goneId],
      );
    // Rows that fell away as the twin of another come back, if what they refer to is still there.
    const there = refs
      .filter(({ from, to }) => from === table && to !== 'person_all')
      .map((ref) => `and exists (select 1 from ${ref.to} x where x.id = (r.row).${ref.column})`);
    if (typeof person.merge !== 'object') continue;
    const names = await writableColumns(tx, table);
    for (const column of person.columns)
      await tx.query(
        `insert into ${table} (${names.join(', ')}) select ${names.map((name) => `(r.row).${name}`).join(', ')}
         from (select jsonb_populate_record(null::${table}, c.before) as row from change c
           where c.action_id = $1::uuid and c.table_name = '${table}' and c.op = 'delete'
             and c.before ->> '${column}' = $2::text) r
         where true ${there.join(' ')} on conflict do nothing`,
        [actionId, goneId],
      );
  }
  await tx.query(
    `update person set deleted_on = null, merged_into = null, version = version + 1 where id = $1::uuid`,
    [goneId],
  );
}
