import type { Topic } from '@/contract/topics';

import type { Context, Plans } from '../context';
import { currentRequest, newId, type Sql } from '../db';
import { react } from './reactions';

/** What an action touches: whose plans it can change, and what screens must read again. */
export interface Effects {
  plan: Plans;
  topics: readonly Topic[];
  /** Whom it was about, where their plans are not changed by it alone; the plans' people otherwise. */
  about?: Plans;
}

/** What an action did, in a sentence, and what follows from it. */
export interface Acted extends Effects {
  sentence: string;
}

/** What a write answers with, beside what the action itself says. */
export interface Outcome {
  actionId: string;
  topics: Topic[];
}

/** An action about more people is planned for everybody when it is undone. */
const MOST_ABOUT = 50;

/** What undoing has to know of the effects; see {@link effectsOf}. */
const aboutOf = ({ plan }: Effects): readonly string[] | null => {
  if (plan === 'nobody') return [];
  return plan !== 'everybody' && plan.length <= MOST_ABOUT ? plan : null;
};

export async function beginAction(
  ctx: Context,
  tx: Sql,
  { undoes = null, running = false }: { undoes?: string | null; running?: boolean } = {},
): Promise<string> {
  const actionId = newId(ctx.clock.nowMs());
  await tx.query(
    `insert into action (id, at, sentence, undoes, running, request_key)
     values ($1::uuid, $2::timestamptz, '', $3::uuid, $4::boolean, $5)`,
    [actionId, ctx.clock.now(), undoes, running, currentRequest()?.key ?? null],
  );
  await noteUnder(tx, actionId);
  return actionId;
}

/** What changes from here on in this transaction is noted under the action. */
export const noteUnder = (tx: Sql, actionId: string) =>
  tx.query(`select set_config('penpal.action', $1, true)`, [actionId]);

export const closeAction = (tx: Sql, actionId: string, done: Acted) =>
  tx.query(
    `update action set sentence = $2, about = $3::uuid[], topics = $4::text[], running = false
     where id = $1::uuid`,
    [actionId, done.sentence, aboutOf(done), done.topics],
  );

/** What is answered of an action. */
function bodyOf<R extends Acted>(actionId: string, done: R) {
  const { plan: _, topics: __, about: ___, ...rest } = done;
  return { ...rest, actionId, topics: topicsOf(done) };
}

/** The topics of an action for those who show them: every action stands in the history. */
export const topicsOf = ({ plan, topics }: Effects): Topic[] => [
  ...new Set<Topic>([...topics, 'history', ...(plan === 'nobody' ? [] : (['plan'] as const))]),
];

/**
 * Runs one action of the owner in one transaction. Everything that it changes is noted under its
 * id, so that it can be undone; its sentence goes into the history. It says whose plans it can
 * change and what screens must read again; after the commit the other subjects react.
 */
export async function act<R extends Acted>(
  ctx: Context,
  work: (tx: Sql, actionId: string) => Promise<R>,
  { undoes = null }: { undoes?: string | null } = {},
): Promise<Omit<R, keyof Effects> & Outcome & { sentence: string }> {
  const { actionId, done } = await ctx.db.transaction((tx) =>
    actIn(ctx, tx, (id) => work(tx, id), { undoes }),
  );
  return answer(ctx, actionId, done);
}

/**
 * Runs an action within a transaction that does more: the caller has it answered after the commit. Work
 * that throws has to throw before it writes anything.
 */
export async function actIn<R extends Acted>(
  ctx: Context,
  tx: Sql,
  work: (actionId: string) => Promise<R>,
  { undoes = null }: { undoes?: string | null } = {},
): Promise<{ actionId: string; done: R }> {
  const actionId = await beginAction(ctx, tx, { undoes });
  try {
    const done = await work(actionId);
    await closeAction(tx, actionId, done);
    return { actionId, done };
  } catch (error) {
    await tx.query('delete from action where id = $1::uuid', [actionId]).catch(() => {});
    throw error;
  } finally {
    await noteUnder(tx, '').catch(() => {});
  }
}

/** After the commit: plans are known to be stale, others react, and the screens are told. */
export async function answer<R extends Acted>(
  ctx: Context,
  actionId: string,
  done: R,
  { large = false } = {},
) {
  ctx.writes.bumpTopics(done.topics);
  ctx.writes.markStale(done.plan);
  await react(ctx, done, large);
  return bodyOf(actionId, done);
}
