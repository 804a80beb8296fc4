import { TOPICS } from '@/contract/topics';

import { conflict, notFound } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { act } from './act';
import {
  changedLater,
  changedSince,
  findAction,
  idsIn,
  markUndone,
  revert,
  runsOf,
  type Run,
} from './changes';
import { actInSteps } from './steps';
import { personTables, TABLES } from './tables';

/** A row that refers to one that goes, or stands where one comes back. */
const isInTheWay = (error: unknown) =>
  ['23503', '23505'].includes((error as { code?: string }).code ?? '');

/** Changes from which on an action is undone in steps. */
const MANY = 1_000;

/**
 * Takes one action back: rows it added go, rows it changed or removed return as they were. Refused
 * whole when something later builds on it, so that undoing never loses newer work. Undoing an undo
 * does the action again.
 */
export async function undoAction(ctx: Context, id: string) {
  const action = await findAction(ctx.db, id);
  if (!action) throw notFound('This can no longer be undone.');
  if (action.undone) throw conflict('This was undone already.');
  const runs = await runsOf(ctx.db, id);
  // What was sent is the better reason to refuse: said before anything that only changed since.
  for (const run of runs) await assertUnsettled(ctx, ctx.db, id, run);
  const finish = async (tx: Sql) => {
    await markUndone(tx, id, true);
    if (action.undoes) await markUndone(tx, action.undoes, false);
  };
  const done = {
    sentence: action.undoes ? 'Done again.' : `Undone: ${action.sentence}`,
    plan: action.about ?? ('everybody' as const),
    // What was done before topics were noted may have touched anything.
    topics: action.topics.length > 0 ? action.topics : TOPICS,
  };
  try {
    if (runs.reduce((sum, { changes }) => sum + changes, 0) > MANY)
      return await actInSteps(
        ctx,
        `Undoing “${action.sentence}”`,
        async (step) => {
          for (const [i, run] of runs.entries()) {
            await step((tx) => undoRun(ctx, tx, id, run));
            step.at(i + 1, runs.length);
          }
          return { done, last: finish };
        },
        { undoes: id },
      );
    return await act(
      ctx,
      async (tx) => {
        for (const run of runs) await undoRun(ctx, tx, id, run);
        await finish(tx);
        return done;
      },
      { undoes: id },
    );
  } catch (error) {
    if (isInTheWay(error)) throw conflict('Something newer builds on this. Undo that first.');
    throw error;
  }
}

const CHANGED = 'Something changed since then, so undoing this would lose the newer change.';

async function undoRun(ctx: Context, tx: Sql, actionId: string, run: Run): Promise<void> {
  if (run.op === 'update' && (await changedSince(tx, actionId, run)).length > 0)
    throw conflict(CHANGED);
  if (run.op === 'insert' && (await changedLater(tx, actionId, run)).length > 0)
    throw conflict(CHANGED);
  await assertUnsettled(ctx, tx, actionId, run);
  if (run.table_name === 'person_all' && run.op === 'insert')
    await dropWhatCameByItself(ctx, tx, await idsIn(tx, actionId, run));
  await revert(tx, actionId, run);
}

/** Refuses to take back what cannot come back, such as a message that was sent. */
async function assertUnsettled(ctx: Context, tx: Sql, actionId: string, run: Run): Promise<void> {
  if (run.op !== 'insert') return;
  const settled = ctx.house.of(TABLES).find(({ table }) => table === run.table_name)?.settled;
  if (!settled) return;
  const ids = await idsIn(tx, actionId, run);
  const rows = await tx.query(
    `select 1 from ${run.table_name} t where t.id = any($1::uuid[]) and (${settled}) limit 1`,
    [ids],
  );
  if (rows.length > 0) throw conflict('Some of it was sent already, so this can’t be undone.');
}

/** Rows that came by themselves are not the owner's doing, and go with whom they are about. */
export async function dropWhatCameByItself(ctx: Context, tx: Sql, personIds: readonly string[]) {
  for (const { table, person } of personTables(ctx.house.of(TABLES)))
    if (person.automatic)
      await tx.query(
        `delete from ${table} t where t.person_id = any($1::uuid[]) and ${person.automatic}`,
        [personIds],
      );
}
