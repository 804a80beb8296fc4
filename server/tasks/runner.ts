import { setInterval } from 'node:timers';

import type { Context } from '../context';
import { HANDLERS, RECURRING, type Ran, type Recurring, type TaskHandler } from './handlers';
import {
  addTask,
  closeTask,
  forgetOver,
  freeLost,
  noteStranded,
  takeDue,
  type Task,
} from './table';

const MINUTE_MS = 60_000;
const LEASE_MS = 10 * MINUTE_MS;
const MOST_RUNS = 5;
const AT_ONCE = 20;
/** Rounds of taking what is due, so that tasks that make tasks come to an end. */
const MOST_ROUNDS = 200;

/** The kind of the recurring steps; the key holds the step's name and its day. */
export const RECUR = 'recur';

const later = (ctx: Context, ms: number) => new Date(ctx.clock.nowMs() + ms).toISOString();

const recurKey = ({ name }: Recurring, day: string) => `${RECUR}:${name}:${day}`;

/** Does a recurring step, of which the task's payload says the name. */
export const recurringHandler: TaskHandler = {
  kind: RECUR,
  async run(ctx, { payload }) {
    const step = ctx.house.of(RECURRING).find(({ name }) => name === payload.name);
    if (!step) return { state: 'failed', words: `Nothing is called “${payload.name}” any more.` };
    return { state: 'done', words: await step.run(ctx) };
  },
};

/** Has a recurring step of today done once more, at the next look. */
export const recurAgain = ({ db, clock }: Context, name: string): Promise<boolean> =>
  addTask(db, {
    key: `${RECUR}:${name}:${clock.today()}`,
    kind: RECUR,
    payload: { name },
    now: clock.now(),
    again: true,
  });

/** Notes today's recurring steps; those that follow writes are run once more when `again`. */
async function noteRecurring(ctx: Context, again: boolean): Promise<void> {
  const now = ctx.clock.now();
  for (const step of ctx.house.of(RECURRING))
    await addTask(ctx.db, {
      key: recurKey(step, ctx.clock.today()),
      kind: RECUR,
      payload: { name: step.name },
      now,
      again: again && step.afterWrites === true,
    });
}

/**
 * Does what is due, each task for itself: one that fails stops nobody else. It is tried again ever
 * later, and given up after its last run with its outcome in words. Answers how many were run.
 */
export async function runDue(ctx: Context, { again = false } = {}): Promise<number> {
  await noteRecurring(ctx, again);
  const handlers = new Map(ctx.house.of(HANDLERS).map((handler) => [handler.kind, handler]));
  const kinds = [...handlers.keys()];
  let count = 0;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const longest = Math.max(...[...handlers.values()].map(({ leaseMs }) => leaseMs ?? LEASE_MS));
    const due = await takeDue(ctx.db, kinds, {
      now: ctx.clock.now(),
      until: later(ctx, longest),
      limit: AT_ONCE,
      inHand: [...inHandOf(ctx)],
    });
    if (due.length === 0) break;
    for (const task of due) {
      await runOne(ctx, handlers.get(task.kind)!, task);
      count += 1;
    }
  }
  return count;
}

/** Does at once what is due of one kind, instead of at the next look. */
export async function runKind(ctx: Context, kind: string): Promise<void> {
  const handler = ctx.house.of(HANDLERS).find((one) => one.kind === kind)!;
  for (;;) {
    const due = await takeDue(ctx.db, [kind], {
      now: ctx.clock.now(),
      until: later(ctx, handler.leaseMs ?? LEASE_MS),
      limit: AT_ONCE,
      inHand: [...inHandOf(ctx)],
    });
    if (due.length === 0) return;
    for (const task of due) await runOne(ctx, handler, task);
  }
}

/**
 * What this process is running: a demo's day that is moved must not take it for lost, because its
 * lease seems to be over.
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
    if (task.attempts > (handler.most ?? MOST_RUNS))
      await close(ctx, handler, task, {
        state: 'failed',
        words: 'It never came to an end: each time the program ended first.',
      });
    else await attempt(ctx, handler, task);
  } finally {
    inHandOf(ctx).delete(task.key);
  }
}

async function attempt(ctx: Context, handler: TaskHandler, task: Task): Promise<void> {
  try {
    if ('within' in handler)
      await ctx.db.transaction(async (tx) => {
        const words = await handler.within(ctx, tx, task);
        const now = ctx.clock.now();
        await closeTask(tx, task, { state: 'done', runAt: task.run_at, outcome: words, now });
      });
    else await close(ctx, handler, task, await handler.run(ctx, task));
  } catch (err) {
    ctx.log.error({ err, task: task.key }, 'a task failed');
    const words = `It went wrong: ${err instanceof Error ? err.message : String(err)}`;
    await close(ctx, handler, task, { state: 'again', words, waitMs: waitAfter(task.attempts) });
  }
}

/** A minute, then four times as long each time. */
const waitAfter = (attempts: number): number => MINUTE_MS * 4 ** (attempts - 1);

async function close(ctx: Context, handler: TaskHandler, task: Task, ran: Ran): Promise<void> {
  const givenUp = ran.state === 'again' && task.attempts >= (handler.most ?? MOST_RUNS);
  await closeTask(ctx.db, task, {
    state: ran.state === 'again' ? (givenUp ? 'failed' : 'ready') : ran.state,
    runAt: ran.state === 'again' && !givenUp ? later(ctx, ran.waitMs) : ctx.clock.now(),
    outcome: ran.words,
    now: ctx.clock.now(),
  });
}

const KEPT_DAYS = 90;

/** Forgets recurring steps that are long over; what other tasks leave behind is for their subjects to say. */
export const forgetSteps: Recurring = {
  name: 'forget-old-steps',
  async run(ctx) {
    const before = later(ctx, -KEPT_DAYS * 24 * 60 * MINUTE_MS);
    return `${await forgetOver(ctx.db, [RECUR], before)} forgotten`;
  },
};

const LOOK_EVERY_MS = MINUTE_MS;
/** Looks after which what was written meanwhile may bring something to do by itself. */
const ROUND_EVERY = 15;

/** Looks for what is due now and every minute; says of tasks that nobody handles that nobody does. */
export async function keepRunning(ctx: Context): Promise<{ stop(): Promise<void> }> {
  await freeLost(ctx.db, ctx.clock.now());
  const stranded = await noteStranded(
    ctx.db,
    ctx.house.of(HANDLERS).map(({ kind }) => kind),
  );
  for (const { key } of stranded) ctx.log.warn({ task: key }, 'nobody knows how to do this task');
  let [looks, seen] = [0, ctx.writes.revision];
  let running: Promise<unknown> | null = null;
  const look = () => {
    looks += 1;
    const again = ctx.writes.revision !== seen && looks % ROUND_EVERY === 0;
    if (again) seen = ctx.writes.revision;
    running ??= runDue(ctx, { again })
      .catch((err: unknown) => ctx.log.error({ err }, 'looking for tasks failed'))
      .finally(() => (running = null));
  };
  look();
  const timer = setInterval(look, LOOK_EVERY_MS);
  timer.unref();
  return {
    stop: async () => {
      clearInterval(timer);
      await running;
    },
  };
}
