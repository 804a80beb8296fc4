import { notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';

/** What is being worked out, or was lately. */
interface Run<A> {
  steps: number;
  answer: A | null;
  fault: unknown;
  stop: AbortController;
}

/** Of those that are done so many are kept, the latest. */
const KEPT = 20;

type Work<A> = (how: { signal: AbortSignal; onStep: (n: number) => void }) => Promise<A>;

/** Long computations that are begun, asked after and called off, each under an id; about `of` steps long. */
export function runs<A extends object>(of: number) {
  const all = new WeakMap<Context, Map<string, Run<A>>>();
  const mine = (ctx: Context): Map<string, Run<A>> => {
    const found = all.get(ctx) ?? new Map<string, Run<A>>();
    all.set(ctx, found);
    return found;
  };
  const find = (ctx: Context, id: string): Run<A> => {
    const run = mine(ctx).get(id);
    if (!run) throw notFound('This trial is not there any more. Try it again.');
    return run;
  };
  const cancel = (ctx: Context, id: string): { cancelled: boolean } => {
    find(ctx, id).stop.abort();
    return { cancelled: mine(ctx).delete(id) };
  };
  return {
    cancel,
    begin(ctx: Context, work: Work<A>): { id: string } {
      const id = newId(ctx.clock.nowMs());
      const run: Run<A> = { steps: 0, answer: null, fault: null, stop: new AbortController() };
      mine(ctx).set(id, run);
      const done = [...mine(ctx)].filter(([, one]) => one.answer ?? one.fault);
      for (const [old] of done.slice(0, -KEPT)) mine(ctx).delete(old);
      work({ signal: run.stop.signal, onStep: (n) => (run.steps = n) }).then(
        (answer) => (run.answer = answer),
        (fault: unknown) => (run.fault = fault),
      );
      return { id };
    },
    read(ctx: Context, id: string) {
      const { steps, answer, fault } = find(ctx, id);
      if (fault) throw fault;
      return answer
        ? { state: 'done' as const, ...answer }
        : { state: 'running' as const, done: steps, of: Math.max(of, steps + 1) };
    },
  };
}
