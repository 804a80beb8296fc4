import { createHash } from 'node:crypto';

import type { RequestHandler, Response } from 'express';

import { conflict, invalid } from '../api';
import type { Context } from '../context';
import { maybeOne, underRequest, type KeyedRequest } from '../db';

const HEADER = 'idempotency-key';
/** A longer response is not stored: a retry is told that it was done. */
const LARGEST_ANSWER = 256 * 1024;

/**
 * Makes a write under a key happen once (the Idempotency-Key header of the IETF's HTTPAPI draft; RFC 9110,
 * section 9.2.2, calls this idempotent). Sent again, also at the same moment, after a crash or by an
 * impatient finger, it gets the response that it got the first time. The key is stored in the transaction
 * of the first thing that the request writes; the response follows before it is sent.
 */
export function idempotent(ctx: Context): RequestHandler {
  const inFlight = new Map<string, Promise<void>>();
  return async (request, response, next) => {
    const key = request.get(HEADER);
    if (key === undefined || request.method === 'GET') return next();
    if (!/^[\x21-\x7e]{1,100}$/.test(key))
      throw invalid('An idempotency key has 1 to 100 letters, digits or signs.');
    const hash = createHash('sha256')
      .update(`${request.method} ${request.originalUrl} ${JSON.stringify(request.body ?? {})}`)
      .digest('base64url');
    while (inFlight.has(key)) await inFlight.get(key);
    const ended = new Promise<void>((done) => response.once('close', done));
    inFlight.set(key, ended);
    void ended.then(() => inFlight.delete(key));
    const before = await findRequest(ctx, key);
    if (before) return replay(response, before, hash);
    const keyed: KeyedRequest = {
      key,
      hash,
      at: ctx.clock.now(),
      claim: null,
      claimed: false,
      secret: false,
    };
    storeAnswer(ctx, response, keyed);
    underRequest(keyed, next);
  };
}

interface StoredRequest {
  hash: string;
  status: number | null;
  answer: object | null;
}

const findRequest = ({ db }: Context, key: string) =>
  maybeOne<StoredRequest>(db, 'select hash, status, answer from request where key = $1', [key]);

function replay(response: Response, { hash, status, answer }: StoredRequest, asked: string): void {
  if (hash !== asked) throw conflict('This key was used for something else before.');
  if (!answer || status === null) throw conflict('This was done already. Reload to see it.');
  response.status(status).setHeader('Idempotency-Replayed', 'true').json(answer);
}

/** Stores the final response of a request that wrote something, then sends it. */
function storeAnswer({ db, log }: Context, response: Response, keyed: KeyedRequest): void {
  const send = response.json.bind(response);
  response.json = (body: object) => {
    response.json = send;
    const text = JSON.stringify(body);
    // What failed on our side after something was written stays unanswered: a retry is told that much.
    if (
      !keyed.claimed ||
      keyed.secret ||
      text.length > LARGEST_ANSWER ||
      response.statusCode >= 500
    )
      return send(body);
    db.query('update request set status = $2::int, answer = $3::jsonb where key = $1', [
      keyed.key,
      response.statusCode,
      text,
    ])
      .catch((err: unknown) => log.error({ err }, 'a response could not be stored'))
      .finally(() => send(body));
    return response;
  };
}
