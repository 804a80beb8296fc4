import { verdictOn, waitAfter } from '@/core/services';

import type { Context } from '../context';
import type { Sql } from '../db';
import { addTask, type TaskHandler } from '../tasks';
import { payloadOf, type About } from './payload';
import * as queries from './queries';
import { Inside, postTo } from './reach';
import { secretOf } from './secrets';
import { signedHeaders } from './sign';

const ANSWER_WITHIN_MS = 15_000;

interface Answer {
  status: number | null;
  words: string;
  /** It was not sent, and won't be unless the owner changes something. */
  never?: true;
}

/** What is kept of a call until it is made. */
interface Call {
  serviceId: string;
  /** The key of the beat: the call's id, by which a service knows one that it has had. */
  itemKey: string;
  body: unknown;
  /** Why it can't be worded; then it is not made. */
  fault?: string;
}

const taskKey = (itemKey: string) => `${queries.CALL}:${itemKey}`;

/** Sends one signed call. */
export async function post(
  ctx: Context,
  service: queries.ServiceRow,
  id: string,
  payload: unknown,
): Promise<Answer> {
  const secret = secretOf(ctx.keys, service);
  if (!secret) return { status: null, words: NO_SECRET, never: true };
  const body = JSON.stringify(payload);
  const signed = signedHeaders(secret, id, ctx.clock.realMs(), body);
  try {
    const status = await postTo(service.url, {
      headers: { 'content-type': 'application/json', ...signed },
      body,
      withinMs: ANSWER_WITHIN_MS,
      inside: service.inside,
    });
    return { status, words: wordsOf(status) };
  } catch (error) {
    if (error instanceof Inside) return { status: null, words: INSIDE, never: true };
    const late = error instanceof Error && error.name === 'TimeoutError';
    return {
      status: null,
      words: late ? 'It did not answer within 15 seconds.' : 'Nothing answers at its address.',
    };
  }
}

const NO_SECRET = 'Its secret can’t be read any more. Make a new one.';
const INSIDE =
  'Its address is inside this machine or its network. Say so at the service, if that is meant.';

function wordsOf(status: number): string {
  const verdict = verdictOn(status);
  if (verdict === 'delivered') return 'It took the call.';
  return verdict === 'again'
    ? `It could not take it now (${status}).`
    : `It refused it (${status}).`;
}

/** Has a service told of a person: once for each key. A call that can't be worded is not made. */
export async function queueCall(
  ctx: Context,
  tx: Sql,
  itemKey: string,
  serviceId: string,
  about: About,
  fault: string | null,
): Promise<void> {
  const now = ctx.clock.now();
  const body = await payloadOf(tx, 'beat', now, about);
  const payload: Call = { serviceId, itemKey, body, ...(fault ? { fault } : {}) };
  await addTask(tx, {
    key: taskKey(itemKey),
    kind: queries.CALL,
    personId: about.personId,
    payload,
    now,
  });
}

/** Makes a call that was given up once more; answers whether there was such a one. */
export const queueAgain = async (ctx: Context, itemKey: string): Promise<boolean> =>
  (
    await ctx.db.query(
      `update task set state = 'ready', runs = 0, failures = 0, run_at = $2::timestamptz
       where key = $1 and state = 'failed' returning key`,
      [taskKey(itemKey), ctx.clock.now()],
    )
  ).length === 1;

/**
 * Makes a call. It was marked before it is handed over and keeps its id when it is tried again; what
 * fails is tried ever later, then given up.
 */
export const callHandler: TaskHandler<Call> = {
  kind: queries.CALL,
  payload: (stored) => stored as Call,
  maxFailures: 6,
  async run(ctx, { payload, failures }) {
    const { serviceId, itemKey, body, fault } = payload;
    if (fault) return { state: 'failed', outcome: fault };
    const service = await queries.findService(ctx.db, serviceId);
    if (!service) return { state: 'failed', outcome: 'The service is gone.' };
    const { status, words: outcome, never } = await post(ctx, service, itemKey, body);
    if (never) return { state: 'failed', outcome };
    const verdict = verdictOn(status);
    if (verdict === 'delivered') return { state: 'done', outcome };
    const waitMs = verdict === 'again' ? waitAfter(failures + 1) : null;
    return waitMs === null ? { state: 'failed', outcome } : { state: 'retry', outcome, waitMs };
  },
};
