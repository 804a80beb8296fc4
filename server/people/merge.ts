import { enrich, type PersonFields } from '@/core/people';
import { plural } from '@/core/time';

import { act, type Context } from '../context';
import { maybeOne, type Sql } from '../db';
import { undoAction } from '../history';
import { invalid, notFound, Refusal } from '../http/errors';
import { findOrRefuse, rewrite } from './actions';
import { GRACE_DAYS } from './erase';
import { fieldsOf } from './records';
import { samePairs } from './same';

export type Taken = keyof PersonFields | 'circle';

/** Tables whose rows simply go over to the one who is kept. */
const MOVED = ['touch', 'note', 'follow_up', 'item_mark', 'job'] as const;

/** Makes one person of two. Everything that happened with either is kept with the one who stays. */
async function mergeInto(
  tx: Sql,
  keepId: string,
  goneId: string,
  take: readonly Taken[],
  today: string,
): Promise<{ keep: string; gone: string }> {
  const [keep, gone] = [await findOrRefuse(tx, keepId), await findOrRefuse(tx, goneId)];
  if (keep.deleted_on || gone.deleted_on)
    throw notFound('One of the two is not in your sphere any more.');
  await rewrite(tx, keep, mergedFields(fieldsOf(keep), fieldsOf(gone), take), keep.version, {
    circleId: take.includes('circle') ? gone.circle_id : (keep.circle_id ?? gone.circle_id),
    ownPromiseDays: keep.own_promise_days ?? gone.own_promise_days,
  });
  await moveRows(tx, keepId, goneId);
  await tx.query(
    `update person p set deleted_on = $3::date, merged_into = $1::uuid, household_id = null,
       version = version + 1 where id = $2::uuid`,
    [keepId, goneId, today],
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

async function moveRows(tx: Sql, keepId: string, goneId: string): Promise<void> {
  const both = [keepId, goneId];
  for (const table of MOVED)
    await tx.query(`update ${table} set person_id = $1::uuid where person_id = $2::uuid`, both);
  await tx.query(
    `update photo set person_id = $1::uuid where person_id = $2::uuid
       and not exists (select 1 from photo where person_id = $1::uuid)`,
    both,
  );
  // On the same cadence twice: the one who stays goes on, the other's round is stopped.
  await tx.query(
    `update enrolment e set stopped_on = e.start_on, stop_reason = 'Merged'
     where e.person_id = $2::uuid and e.open and exists (select 1 from enrolment k
       where k.person_id = $1::uuid and k.cadence_id = e.cadence_id and k.open)`,
    both,
  );
  await tx.query('update enrolment set person_id = $1::uuid where person_id = $2::uuid', both);
  for (const [table, column] of [
    ['person_tag', 'tag_id'],
    ['passed_over', 'what'],
  ]) {
    await tx.query(
      `delete from ${table} where person_id = $2::uuid and ${column} in
         (select ${column} from ${table} where person_id = $1::uuid)`,
      both,
    );
    await tx.query(`update ${table} set person_id = $1::uuid where person_id = $2::uuid`, both);
  }
  await tx.query('delete from not_same where a = any($1::uuid[]) and b = any($1::uuid[])', [both]);
  await moveTies(tx, keepId, goneId);
}

/** Ties between the two fall away, and those that both have are kept once. */
async function moveTies(tx: Sql, keepId: string, goneId: string): Promise<void> {
  const both = [keepId, goneId];
  await tx.query(
    `delete from tie t where (t.person_id = any($1::uuid[]) and t.other_id = any($1::uuid[]))`,
    [both],
  );
  for (const [mine, other] of [
    ['person_id', 'other_id'],
    ['other_id', 'person_id'],
  ]) {
    await tx.query(
      `delete from tie t where t.${mine} = $2::uuid and t.${other} is not null and exists (select 1 from tie k
         where k.${mine} = $1::uuid and k.${other} = t.${other} and k.kind = t.kind)`,
      both,
    );
    await tx.query(`update tie set ${mine} = $1::uuid where ${mine} = $2::uuid`, both);
  }
}

export async function merge(ctx: Context, keepId: string, goneId: string, take: readonly Taken[]) {
  if (keepId === goneId) throw invalid('Somebody can’t be merged with themselves.', 'goneId');
  return act(ctx, async (tx) => {
    const { keep, gone } = await mergeInto(tx, keepId, goneId, take, ctx.clock.today());
    const sentence =
      keep === gone ? `Merged two records of ${keep}` : `Merged ${gone} into ${keep}`;
    return { sentence };
  });
}

const MERGED_AT_ONCE = 200;

/** Merges the surest pairs in one action; the record that was added first stays. */
export async function mergeSure(ctx: Context) {
  const sure = (await samePairs(ctx)).filter(({ verdict }) => verdict === 'sure');
  const pairs = sure.slice(0, MERGED_AT_ONCE);
  if (pairs.length === 0) throw invalid('There is no pair that is surely one person.');
  return act(ctx, async (tx) => {
    // Of three records of one person each is merged into the one that is left.
    const into = new Map<string, string>();
    const left = (id: string): string => (into.has(id) ? left(into.get(id)!) : id);
    let people = 0;
    for (const { a, b } of pairs) {
      const [keep, gone] = [left(a), left(b)].sort() as [string, string];
      if (keep === gone) continue;
      await mergeInto(tx, keep, gone, [], ctx.clock.today());
      into.set(gone, keep);
      people += 1;
    }
    return { people, sentence: `Merged ${plural(people, 'pair', 'pairs')}` };
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
  const merge = await maybeOne<{ action_id: string; only: boolean }>(
    ctx.db,
    `select c.action_id, (select count(*) = 1 from change o where o.action_id = c.action_id
         and o.table_name = 'person' and o.after ->> 'merged_into' is not null) as only
     from change c join action a on a.id = c.action_id and not a.undone and a.undoes is null
     where c.row_id = $1 and c.table_name = 'person' and c.after ->> 'merged_into' is not null
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
    await giveBack(tx, merge.action_id, goneId);
    return { sentence: `${gone.name} is a person of their own again` };
  });
}

/** What the merge took from somebody goes back to them, as far as it is still there. */
async function giveBack(tx: Sql, actionId: string, goneId: string): Promise<void> {
  for (const table of [...MOVED, 'photo', 'enrolment', 'person_tag', 'passed_over'])
    await tx.query(
      `update ${table} t set person_id = $2::uuid from change c
       where c.action_id = $1::uuid and c.table_name = $3 and c.op = 'update'
         and c.row_id = t.id::text and c.before ->> 'person_id' = $2::text`,
      [actionId, goneId, table],
    );
  await tx.query(
    `insert into person_tag (id, person_id, tag_id)
     select (c.before ->> 'id')::uuid, $2::uuid, g.id from change c
     join tag g on g.id = (c.before ->> 'tag_id')::uuid
     where c.action_id = $1::uuid and c.table_name = 'person_tag' and c.op = 'delete'
       and c.before ->> 'person_id' = $2::text
     on conflict do nothing`,
    [actionId, goneId],
  );
  for (const column of ['person_id', 'other_id'])
    await tx.query(
      `update tie t set ${column} = $2::uuid from change c
       where c.action_id = $1::uuid and c.table_name = 'tie' and c.op = 'update'
         and c.row_id = t.id::text and c.before ->> '${column}' = $2::text`,
      [actionId, goneId],
    );
  await tx.query(
    `update person set deleted_on = null, merged_into = null, version = version + 1 where id = $1::uuid`,
    [goneId],
  );
}
