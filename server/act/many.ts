import type { Context } from '../context';
import type { Sql } from '../db';
import { act, type Acted } from './act';
import { actInSteps } from './steps';

/** So many at most are changed in one transaction, which others can wait for. */
export const FEW = 100;

/**
 * An action on each of `all`: in one transaction when they are few, else in steps that let others
 * through, with progress, and taken back whole when it is called off.
 *
 * @param change changes some of them
 * @param done what was done, once all are changed
 */
export function actOnMany<T, R extends Acted>(
  ctx: Context,
  what: string,
  all: readonly T[],
  change: (tx: Sql, some: readonly T[], actionId: string) => Promise<unknown>,
  done: () => R,
) {
  if (all.length <= FEW)
    return act(ctx, async (tx, actionId) => {
      if (all.length > 0) await change(tx, all, actionId);
      return done();
    });
  return actInSteps(ctx, what, async (step, actionId) => {
    await step.each(all, (tx, some) => change(tx, some, actionId));
    return { done: done() };
  });
}
