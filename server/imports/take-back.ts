import { need } from '@/core/need';
import { plural } from '@/core/time';

import {
  actInSteps,
  changedLater,
  changedSince,
  emptyingOrder,
  idsIn,
  isForeignKeyFault,
  KEPT_DAYS,
  personTables,
  references,
  revert,
  runsOf,
  TABLES,
  type Run,
  type Step,
} from '../act';
import { conflict, notFound } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { entriesInUse } from '../lists';
import { namesOf, refreshKeys } from '../people';
import * as queries from './queries';
import type { BatchRow } from './queries';

/** So many are named whom taking back left something of. */
const NAMED = 5;

/**
 * Takes a batch back: who came in and is as they came goes, and everything else that the import did is
 * put back: what it added to people who were here, entries of lists, ties, notes, touches. What the
 * owner changed since stays, and is named.
 */
export async function undo(ctx: Context, batchId: string) {
  const batch = await queries.findBatch(ctx.db, batchId);
  if (!batch) throw notFound('There is no such import.');
  if (batch.undone) throw conflict('This import was undone already.');
  if (!(await queries.isRemembered(ctx.db, batch)))
    throw conflict(
      `This import is longer ago than the ${KEPT_DAYS} days for which Pen Pal keeps what it takes to undo.`,
    );
  const tables = emptyingOrder(personTables(ctx.house.of(TABLES)), await references(ctx.db));
  const ids = await queries.batchPeople(ctx.db, batchId);
  return actInSteps(ctx, `Taking back ${batch.file_name}`, async (step) => {
    let removed = 0;
    await step.each(ids, async (tx, some) => {
      removed += await queries.removeUntouched(tx, batch, some, tables);
    });
    const stayed = await queries.batchPeople(ctx.db, batchId);
    const changed = await putBack(ctx, batch, new Set(stayed), step);
    const kept = batch.people - removed;
    const why = [
      kept > 0 && `${kept} kept, because something has happened with them since`,
      changed.size > 0 && 'what you changed since stays',
    ].filter(Boolean);
    const whom =
      why.length > 0 ? `; ${why.join('; ')}: ${await named(ctx, [...stayed, ...changed])}` : '';
    return {
      done: {
        removed,
        kept,
        sentence: `Took back ${plural(removed, 'person', 'people')} of ${batch.file_name}${whom}`,
        plan: 'everybody',
        topics: ['people', 'notes', 'touches', 'lists', 'imports'],
      },
      last: (tx) => queries.markBatchUndone(tx, batchId),
    };
  });
}

/** Some names, and how many more there are. */
async function named(ctx: Context, ids: readonly string[]): Promise<string> {
  const names = [...(await namesOf(ctx.db, ids.slice(0, NAMED))).values()];
  const more = ids.length - names.length;
  return `${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

/**
 * Puts back what the import did besides bringing people in, but for those who stay. Answers who of those
 * who were here has been changed since by the owner, so that it stays.
 */
async function putBack(
  ctx: Context,
  batch: BatchRow,
  stayed: ReadonlySet<string>,
  step: Step,
): Promise<Set<string>> {
  const actionId = need(batch.action_id);
  const changed = new Set<string>();
  const back = async (run: Run): Promise<void> => {
    try {
      await step((tx) => putRunBack(ctx, tx, actionId, run, { stayed, changed }));
    } catch (error) {
      if (!isForeignKeyFault(error)) throw error;
      // Something that stays hangs on a row, such as a household that somebody is in: that row stays.
      if (run.first === run.last) return;
      for (let seq = run.last; seq >= run.first; seq--)
        await back({ ...run, first: seq, last: seq, changes: 1 });
    }
  };
  const runs = await runsOf(ctx.db, actionId);
  for (const [i, run] of runs.entries()) {
    const isDone =
      run.table_name === 'import_batch' ||
      (run.op === 'insert' &&
        (run.table_name === 'person_all' || !(await isThere(ctx, actionId, run))));
    if (!isDone) await back(run);
    step.at(i + 1, runs.length);
  }
  await step((tx) => queries.makeKeysStale(tx, [...changed]));
  await step(refreshKeys);
  return changed;
}

/** Whether a row that was put in is still there: most have gone with whom they were about. */
const isThere = async (ctx: Context, actionId: string, run: Run): Promise<boolean> =>
  queries.someAreThere(ctx.db, run.table_name, await idsIn(ctx.db, actionId, run));

interface Sparing {
  stayed: ReadonlySet<string>;
  changed: Set<string>;
}

async function putRunBack(
  ctx: Context,
  tx: Sql,
  actionId: string,
  run: Run,
  { stayed, changed }: Sparing,
): Promise<void> {
  const table = ctx.house.of(TABLES).find((declared) => declared.table === run.table_name);
  const spare = new Set<string>();
  const rows = await idsIn(tx, actionId, run);
  if (run.table_name === 'person_all') {
    for (const id of await changedSince(tx, actionId, run)) if (!stayed.has(id)) changed.add(id);
    for (const id of rows) if (stayed.has(id)) spare.add(id);
  } else if (run.op === 'insert') {
    for (const id of await changedLater(tx, actionId, run)) spare.add(id);
    for (const id of await entriesInUse(tx, run.table_name, rows)) spare.add(id);
  }
  if (table?.person)
    for (const id of await queries.rowsOfPeople(tx, table.table, table.person.columns, rows, [
      ...stayed,
    ]))
      spare.add(id);
  await revert(tx, actionId, run, { kept: true, spare: [...spare] });
}
