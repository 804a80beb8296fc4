import type { Context } from '../context';

/** What is under way in many steps: there is one at a time. */
export interface Work {
  what: string;
  done: number;
  /** Null while it is not known. */
  of: number | null;
  stop: AbortController;
  /** Requests that wait for this work itself. */
  own: number;
}

const works = new WeakMap<Context, Work>();

export const workOf = (ctx: Context): Work | undefined => works.get(ctx);

export function startWork(ctx: Context, what: string): Work {
  const work = {
    what,
    done: 0,
    of: null,
    stop: new AbortController(),
    own: Math.min(1, ctx.inFlight),
  };
  works.set(ctx, work);
  return work;
}

export const endWork = (ctx: Context): boolean => works.delete(ctx);

/** How far a long action is; null where none is under way. */
export function progressOf(ctx: Context) {
  const work = works.get(ctx);
  return { work: work ? { what: work.what, done: work.done, of: work.of } : null };
}

/** Calls off what is under way; everything it did is taken back. */
export function cancelWork(ctx: Context): { cancelled: boolean } {
  const work = works.get(ctx);
  work?.stop.abort();
  return { cancelled: work !== undefined };
}
