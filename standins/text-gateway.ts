import { randomUUID } from 'node:crypto';

import express, { Router } from 'express';

export interface Texted {
  id: string;
  message: string;
  to: string;
  text: string;
}

interface Told {
  id: string;
  type: 'delivered' | 'failed' | 'received';
  at: string;
  message?: string;
  from?: string;
  text?: string;
  code?: string;
  reason?: string;
}

export interface TextGateway {
  router: Router;
  /** Everything that was taken, each once. */
  taken: Texted[];
  /** A text that somebody sends to the owner. */
  receive(from: string, text: string, at?: string): void;
}

/** What becomes of a text; words are an answer. */
export type TextOutcome = 'delivered' | 'failed' | 'silent' | { answers: string };

/**
 * A small text gateway, standing in for a real one (docs/carriers.md): takes each id once, reports what
 * became of it, and hands over what was sent to the owner. All of it is gone when it ends.
 */
export function textGateway(
  key: string | (() => Promise<string | null>),
  outcome: (text: Texted) => TextOutcome = () => 'delivered',
): TextGateway {
  const taken: Texted[] = [];
  const told: Told[] = [];
  const tell = (event: Omit<Told, 'id' | 'at'>, at = new Date().toISOString()) =>
    void told.push({ id: randomUUID(), at, ...event });
  const router = Router();
  const signedIn = async (given: string | undefined) =>
    given === `Bearer ${typeof key === 'string' ? key : await key()}`;
  router.use(async (request, response, next) => {
    if (await signedIn(request.get('authorization'))) return next();
    response.status(401).json({ error: 'The key is wrong.' });
  });
  router.post('/messages', express.json(), (request, response) => {
    const { id, to, text } = request.body as { id: string; to: string; text: string };
    const known = taken.find(({ message }) => message === id);
    if (known) return void response.status(202).json({ id: known.id });
    if (!/^[+\d][\d\s().-]{5,}$/.test(to))
      return void response
        .status(422)
        .json({ error: 'This is no number.', code: 'invalid_number' });
    const one: Texted = { id: randomUUID(), message: id, to, text };
    taken.push(one);
    response.status(202).json({ id: one.id });
    const what = outcome(one);
    if (what === 'failed')
      tell({
        type: 'failed',
        message: id,
        code: 'no_such_number',
        reason: 'There is no such number.',
      });
    else if (what !== 'silent') tell({ type: 'delivered', message: id });
    if (typeof what === 'object') tell({ type: 'received', from: to, text: what.answers });
  });
  router.get('/events', (request, response) => {
    const after = String(request.query.after ?? '');
    const from = Number(after) || 0;
    const events = told.slice(from, from + 500);
    response.json({ next: String(from + events.length), events });
  });
  return {
    router,
    taken,
    receive: (from, text, at) => tell({ type: 'received', from, text }, at),
  };
}
