import { createHash } from 'node:crypto';

import type { RequestHandler, Response } from 'express';

import { conflict, invalid } from '../api';
import type { Context } from '../context';
import { maybeOne } from '../db';
import { underKey } from './request-key';

const HEADER = 'idempotency-key';
/** Answers that are kept in memory, for writes that are no actions of the owner. */
const KEPT = 1_000;
const LARGEST = 64 * 1024;

interface Known {
  asked: string;
  /** What was answered; null when it was refused, so that nothing was done. */
  answer: Promise<object | null>;
}

/**
 * A write under a key is done once: sent again, also at the same moment, after a crash or by an impatient
 * finger, it gets the answer that it got (the Idempotency-Key header of the IETF's HTTPAPI draft). Actions
 * keep key and answer in their own transaction, for as long as they can be undone.
 */
export function onceOnly({ db }: Context): RequestHandler {
  const recent = new Map<string, Known>();
  return async (request, response, next) => {
    const key = request.get(HEADER);
    if (key === undefined || request.method === 'GET') return next();
    if (!/^[\x21-\x7e]{1,100}$/.test(key))
      throw invalid('An idempotency key has 1 to 100 letters, digits or signs.');
    const asked = createHash('sha256')
      .update(`${request.method} ${request.originalUrl} ${JSON.stringify(request.body ?? {})}`)
      .digest('base64url');
    const known = recent.get(key);
    if (known) {
      assertSame(known.asked, asked);
      const answer = await known.answer;
      if (answer) return void replay(response, answer);
    }
    const { said, answer } = listenTo(response);
    recent.set(key, { asked, answer });
    if (recent.size > KEPT) recent.delete(recent.keys().next().value!);
    void answer.then((body) => {
      if (body === null) recent.delete(key);
    });
    const done = await maybeOne<{ asked: string; answer: object | null }>(
      db,
      'select asked, answer from action where request_key = $1',
      [key],
    ).catch((error: unknown) => {
      said(null);
      throw error;
    });
    if (!done) return underKey({ key, asked }, next);
    if (done.asked !== asked || !done.answer) said(null);
    assertSame(done.asked, asked);
    if (!done.answer) throw conflict('This was done already, or is under way.');
    replay(response, done.answer);
  };
}

function assertSame(before: string, now: string): void {
  if (before !== now) throw conflict('This key was used for something else before.');
}

const replay = (response: Response, answer: object) =>
  response.setHeader('Idempotency-Replayed', 'true').json(answer);

/** What a response will say; null for a refusal, for what is too large to keep, and when nobody hears it. */
function listenTo(response: Response) {
  let said!: (answer: object | null) => void;
  const answer = new Promise<object | null>((done) => (said = done));
  const json = response.json.bind(response);
  response.json = (body: object) => {
    const small = JSON.stringify(body).length <= LARGEST;
    said(response.statusCode < 400 && small ? body : null);
    return json(body);
  };
  response.once('close', () => said(null));
  return { said, answer };
}
