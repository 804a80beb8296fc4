import { verdictOn, waitAfter } from '@/core/services';

import type { Context } from '../context';
import * as q from './queries';
import { signedHeaders } from './sign';

const ANSWER_WITHIN_MS = 15_000;
/** So few that all of them can time out before the first counts as lost. */
const AT_ONCE = 20;
/** A call that was handed over and of which nothing was heard is taken again after this. */
const LOST_AFTER_MS = 10 * 60_000;

interface Answer {
  status: number | null;
  words: string;
}

/** Sends one signed call. Follows no redirects, because the owner named the address. */
export async function post(
  ctx: Context,
  { url, secret }: Pick<q.ServiceRow, 'url' | 'secret'>,
  id: string,
  payload: unknown,
): Promise<Answer> {
  const body = JSON.stringify(payload);
  const headers = signedHeaders(secret, id, ctx.clock.realMs(), body);
  try {
    const { status } = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body,
      redirect: 'manual',
      signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
    });
    return { status, words: wordsOf(status) };
  } catch (error) {
    const late = error instanceof Error && error.name === 'TimeoutError';
    return {
      status: null,
      words: late ? 'It did not answer within 15 seconds.' : 'Nothing answers at its address.',
    };
  }
}

function wordsOf(status: number): string {
  const verdict = verdictOn(status);
  if (verdict === 'delivered') return 'It took the call.';
  return verdict === 'again'
    ? `It could not take it now (${status}).`
    : `It refused it (${status}).`;
}

/**
 * Sends what is due. Each call is marked before it is handed over and keeps its id, by which a
 * service knows one that it has had; what fails is tried again ever later, then given up.
 */
export async function sendDue(ctx: Context): Promise<number> {
  const later = (ms: number) => new Date(ctx.clock.nowMs() + ms).toISOString();
  const due = await q.takeDue(ctx.db, ctx.clock.now(), later(LOST_AFTER_MS), AT_ONCE);
  for (const call of due) {
    const { status, words } = await post(ctx, call, call.id, call.payload);
    const verdict = verdictOn(status);
    const wait = verdict === 'again' ? waitAfter(call.attempts) : null;
    const state = verdict === 'delivered' ? 'delivered' : wait === null ? 'failed' : 'ready';
    await q.noteOutcome(ctx.db, call.id, state, later(wait ?? 0), words);
  }
  return due.length;
}
