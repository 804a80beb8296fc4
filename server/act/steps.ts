import { TOPICS } from '@/contract/topics';

import { conflict } from '../api';
import type { Context } from '../context';
import { refreshStatistics, type Sql } from '../db';
import { Stopped } from '../threads';
import { answer, beginAction, closeAction, noteUnder, type Acted } from './act';
import { forgetRun, revert, runsOf, type Run } from './changes';
import { endWork, startWork, workOf, type Work } from './progress';

/** Runs one short part of a long action; others are served before the next one. */
export interface Step {
  <T>(work: (tx: Sql) => Promise<T>): Promise<T>;
  /** Works on all of these, so many in each part as others can wait for, and says how far it is. */
  each<T>(
    all: readonly T[],
    work: (tx: Sql, some: readonly T[]) => Promise<unknown>,
  ): Promise<void>;
  /** Says how far it is. */
  at(done: number, of: number): void;
  signal: AbortSignal;
}

/** Called off by the owner while it was under way. */
export class CalledOff extends Error {}

/** Milliseconds that a part is to take; its size follows from what the one before it took. */
const PART_MS = 150;
const FIRST_PART = 50;
const [SMALLEST_PART, LARGEST_PART] = [10, 1_000];

/** How many come next, after so many took so long. */
const nextPart = (size: number, ms: number): number =>
  Math.round(
    Math.min(
      LARGEST_PART,
      Math.max(SMALLEST_PART, size * Math.min(2, Math.max(0.5, PART_MS / ms))),
    ),
  );

/** Milliseconds that a step waits for others at most. */
const MOST_PATIENCE_MS = 150;

/** Lets others go first: whoever is being answered gets all that they ask of the database. */
async function letOthersGo(ctx: Context, own: number): Promise<void> {
  // Whoever has just knocked is heard within a few turns.
  for (let turn = 0; turn < 3; turn++) await new Promise(setImmediate);
  for (let waited = 0; ctx.inFlight > own && waited < MOST_PATIENCE_MS; waited += 2)
    await new Promise((done) => setTimeout(done, 2));
}

/**
 * Runs a large action in many short transactions, so that nobody else waits for long. It can be
 * called off, and then, as when a step fails, all of it is taken back; what a process that ended in
 * the middle left behind is taken back at the next start ({@link rollBackUnfinished}).
 *
 * @param work the steps; answers what was done, and what to write in the step that makes it whole
 */
export async function actInSteps<R extends Acted>(
  ctx: Context,
  what: string,
  work: (
    step: Step,
    actionId: string,
  ) => Promise<{ done: R; last?: (tx: Sql) => Promise<unknown> }>,
  { undoes = null }: { undoes?: string | null } = {},
) {
  const other = workOf(ctx);
  if (other)
    throw conflict(`${other.what} is under way. Try again when it is done, or call it off first.`);
  const own = startWork(ctx, what);
  try {
    const actionId = await ctx.db.transaction((tx) =>
      beginAction(ctx, tx, { undoes, running: true }),
    );
    try {
      const { done, last } = await work(stepper(ctx, own, actionId), actionId);
      await ctx.db.transaction(async (tx) => {
        await noteUnder(tx, actionId);
        await last?.(tx);
        await closeAction(tx, actionId, done);
      });
      return await answer(ctx, actionId, done, { large: true });
    } catch (error) {
      await rollBack(ctx, actionId, own.own);
      if (error instanceof CalledOff || error instanceof Stopped)
        throw conflict(`${what} was called off. Everything is as it was before.`);
      throw error;
    }
  } finally {
    endWork(ctx);
  }
}

function stepper(ctx: Context, own: Work, actionId: string): Step {
  const { signal } = own.stop;
  let [steps, refreshAt] = [0, 4];
  const step = async <T>(work: (tx: Sql) => Promise<T>): Promise<T> => {
    await letOthersGo(ctx, own.own);
    // What was planned for a table when it was empty is ruinous when it is full.
    if (++steps === refreshAt) {
      await refreshStatistics(ctx.db, { sweep: false });
      refreshAt *= 4;
    }
    if (signal.aborted) throw new CalledOff();
    return ctx.db.transaction(
      async (tx) => {
        await noteUnder(tx, actionId);
        return work(tx);
      },
      { part: true },
    );
  };
  const at = (done: number, of: number) => void Object.assign(own, { done, of });
  const each: Step['each'] = async (all, work) => {
    for (let [from, size] = [0, FIRST_PART]; from < all.length;) {
      const some = all.slice(from, from + size);
      let began = 0;
      await step(async (tx) => {
        began = performance.now();
        await work(tx, some);
      });
      from += some.length;
      at(from, all.length);
      size = nextPart(some.length, performance.now() - began);
    }
  };
  return Object.assign(step, { each, at, signal });
}

/** Takes back everything an action did, in short steps, and forgets it. */
async function rollBack(ctx: Context, actionId: string, own = 0): Promise<void> {
  for (const run of await runsOf(ctx.db, actionId)) {
    await letOthersGo(ctx, own);
    await takeBack(ctx, actionId, run);
  }
  // It was not done, so the request may be sent again under its key.
  await ctx.db.transaction(async (tx) => {
    await tx.query(
      'delete from request where key = (select request_key from action where id = $1::uuid)',
      [actionId],
    );
    await tx.query('delete from action where id = $1::uuid', [actionId]);
  });
  ctx.writes.bumpTopics(TOPICS);
  ctx.writes.markStale('everybody');
}

/** Whether something hangs on a row that was to go. */
export const isForeignKeyFault = (error: unknown) => (error as { code?: string }).code === '23503';

async function takeBack(ctx: Context, actionId: string, run: Run): Promise<void> {
  try {
    await ctx.db.transaction(async (tx) => {
      // Somebody else may have changed other columns of the same rows meanwhile: theirs stay.
      await revert(tx, actionId, run, { kept: true });
      await forgetRun(tx, actionId, run);
    });
  } catch (error) {
    if (!isForeignKeyFault(error)) throw error;
    // Something of somebody else's hangs on a row by now, such as a tag given on: that row stays.
    if (run.changes === 1) return;
    for (let seq = run.last; seq >= run.first; seq--)
      await takeBack(ctx, actionId, { ...run, first: seq, last: seq, changes: 1 });
  }
}

/** Takes back the large actions that a process which ended in the middle left behind. */
export async function rollBackUnfinished(ctx: Context): Promise<number> {
  const rows = await ctx.db.query<{ id: string }>('select id from action where running');
  for (const { id } of rows) await rollBack(ctx, id);
  return rows.length;
}
