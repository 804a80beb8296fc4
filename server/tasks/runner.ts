import { setInterval } from 'node:timers';

import type { Context } from '../context';
import { backoffMs } from './backoff';
import { HANDLERS, RECURRING, type TaskHandler, type TaskResult } from './handlers';
import { claimNext, closeTask, markUnknown, releaseLost, type Task } from './table';
import { addRecurring } from './recurring';

const MINUTE_MS = 60_000;
const LEASE_MS = 10 * MINUTE_MS;
const MAX_FAILURES = 5;
/** Tasks run in one poll, so that tasks that add tasks come to an end. */
const MAX_TASKS = 4_000;

const later = (ctx: Context, ms: number) => new Date(ctx.clock.nowMs() + ms).toISOString();

const maxFailuresOf = ({ maxFailures }: TaskHandler): number =>
  maxFailures === undefined ? MAX_FAILURES : (maxFailures ?? Infinity);

/**
 * Runs what is due, each task on its own, so that one that fails stops nobody else. A failed task is
 * tried again after a growing wait and given up after its last failure, with its outcome in words.
 * Returns how many ran.
 */
export async function runDue(ctx: Context, { again = false } = {}): Promise<number> {
  await addRecurring(ctx, ctx.house.of(RECURRING), again);
  return runAll(ctx, ctx.house.of(HANDLERS), MAX_TASKS);
}

/** Runs what is due of one kind now, instead of at the next poll. */
export async function runKind(ctx: Context, kind: string): Promise<void> {
  const handlers = ctx.house.of(HANDLERS).filter((one) => one.kind === kind);
  await runAll(ctx, handlers, Infinity);
}

async function runAll(
  ctx: Context,
  all: readonly TaskHandler[],
  maxTasks: number,
): Promise<number> {
  const handlers = new Map(all.map((handler) => [handler.kind, handler]));
  const longest = Math.max(...all.map(({ leaseMs }) => leaseMs ?? LEASE_MS));
  let count = 0;
  while (count < maxTasks && !ctx.background.stopping.aborted) {
    const task = await claimNext(ctx.db, [...handlers.keys()], {
      now: ctx.clock.now(),
      until: later(ctx, longest),
      inHand: [...inHandOf(ctx)],
    });
    const handler = task && handlers.get(task.kind);
    if (!handler) break;
    await runOne(ctx, handler, task);
    count += 1;
  }
  return count;
}

/**
 * What this process is running: when the demo's day is moved, its leases seem to be over, but it is
 * not lost.
 */
const inHand = new WeakMap<Context, Set<string>>();

function inHandOf(ctx: Context): Set<string> {
  const keys = inHand.get(ctx) ?? new Set<string>();
  inHand.set(ctx, keys);
  return keys;
}

async function runOne(ctx: Context, handler: TaskHandler, task: Task): Promise<void> {
  inHandOf(ctx).add(task.key);
  try {
    // Claimed after a lost run that was one too many.
    if (task.failures >= maxFailuresOf(handler))
      await close(ctx, handler, task, {
        state: 'failed',
        outcome: 'It never finished: Pen Pal stopped each time.',
      });
    else await attempt(ctx, handler, task);
  } finally {
    inHandOf(ctx).delete(task.key);
  }
}

async function attempt(ctx: Context, handler: TaskHandler, stored: Task): Promise<void> {
  try {
    const task: Task<unknown> = { ...stored, payload: handler.payload?.(stored.payload) ?? {} };
    if ('within' in handler)
      await ctx.db.transaction(async (tx) => {
        const outcome = await handler.within(ctx, tx, task);
        const now = ctx.clock.now();
        const to = { state: 'done', runAt: task.run_at, failures: 0, outcome, now } as const;
        await closeTask(tx, task, to);
      });
    else await close(ctx, handler, stored, await handler.run(ctx, task));
  } catch (err) {
    ctx.log.error({ err, task: stored.key }, 'a task failed');
    const outcome = `It went wrong: ${err instanceof Error ? err.message : String(err)}`;
    await close(ctx, handler, stored, { state: 'retry', outcome });
  }
}

async function close(
  ctx: Context,
  handler: TaskHandler,
  task: Task,
  result: TaskResult,
): Promise<void> {
  const failures = result.state === 'retry' ? task.failures + 1 : 0;
  const givenUp = failures >= maxFailuresOf(handler);
  const comesAgain = result.state === 'again' || (result.state === 'retry' && !givenUp);
  const waitMs =
    result.state === 'again'
      ? result.waitMs
      : result.state === 'retry'
        ? (result.waitMs ?? backoffMs(failures))
        : 0;
  await closeTask(ctx.db, task, {
    state: comesAgain ? 'ready' : result.state === 'done' ? 'done' : 'failed',
    runAt: comesAgain ? later(ctx, waitMs) : ctx.clock.now(),
    failures,
    outcome: result.outcome,
    now: ctx.clock.now(),
  });
}

const POLL_MS = MINUTE_MS;
/** How long after a write what follows writes runs again. */
const AFTER_WRITES_MS = 15 * MINUTE_MS;

/** Runs what is due now and every minute; logs tasks that no handler knows. */
export async function startTasks(ctx: Context): Promise<{ stop(): Promise<void> }> {
  await releaseLost(ctx.db, ctx.clock.now());
  const kinds = ctx.house.of(HANDLERS).map(({ kind }) => kind);
  for (const { key } of await markUnknown(ctx.db, kinds))
    ctx.log.warn({ task: key }, 'no handler knows this task');
  const poll = poller(ctx);
  const running = () => void poll();
  running();
  const timer = setInterval(running, POLL_MS);
  timer.unref();
  return {
    stop: async () => {
      clearInterval(timer);
      await poll.pending();
    },
  };
}

/**
 * One look at what is due; looks never overlap. What follows writes runs with the first look that
 * begins a quarter of an hour after the last such one, however long the looks between took.
 */
export function poller(ctx: Context, now: () => number = () => performance.now()) {
  let [seen, roundAt] = [ctx.writes.revision, now()];
  let running: Promise<unknown> | null = null;
  const poll = (): Promise<unknown> => {
    if (running || ctx.background.stopping.aborted) return running ?? Promise.resolve();
    const again = ctx.writes.revision !== seen && now() - roundAt >= AFTER_WRITES_MS;
    if (again) [seen, roundAt] = [ctx.writes.revision, now()];
    running = runDue(ctx, { again })
      .catch((err: unknown) => ctx.log.error({ err }, 'polling for tasks failed'))
      .finally(() => (running = null));
    return running;
  };
  return Object.assign(poll, { pending: async () => void (await running) });
}
