import type { Request, RequestHandler } from 'express';

import * as contract from '@/contract/access';
import type { Endpoint } from '@/contract/endpoint';
import { need } from '@/core/need';

import { Refusal } from '../api';
import type { Context } from '../context';
import { sessionOf } from './cookies';
import { hostsOf, isGuarded } from '../guard';

/** Answers only to names that are its own (against DNS rebinding; RFC 9110, 7.4 and 15.5.20). */
export function ownNamesOnly({ guard }: Context): RequestHandler {
  const hosts = hostsOf(guard.reach);
  return (request, response, next) => {
    const name = (request.headers.host ?? '').replace(/:\d+$/, '').toLowerCase();
    if (hosts.has(name)) return next();
    response
      .status(421)
      .type('text')
      .send('Pen Pal is not known under this address. Its owner can name it with PENPAL_ORIGIN.');
  };
}

/** Whether a request comes from a page of ours: what its Origin says, where it says one. */
function isOurs(origin: string, request: Request, origins: readonly string[]): boolean {
  if (origins.includes(origin)) return true;
  const known = origins.some((one) => new URL(one).host === request.headers.host);
  // Behind a proxy the scheme is part of the address; on the machine itself there is only this one.
  return !known && origin === `http://${request.headers.host}`;
}

/**
 * Refuses what other pages make a browser send: by the Fetch Metadata and the Origin that browsers add
 * (W3C Fetch Metadata, resource isolation), and by wanting JSON, which no form of another page can send.
 */
export function ownPagesOnly({ guard }: Context): RequestHandler {
  return (request, _, next) => {
    const site = request.headers['sec-fetch-site'];
    const reads = request.method === 'GET' || request.method === 'HEAD';
    const visits = reads && request.headers['sec-fetch-mode'] === 'navigate';
    if (site && site !== 'same-origin' && site !== 'none' && !visits)
      throw new Refusal('forbidden', 'Another page asked for this, and other pages may not.');
    if (reads) return next();
    const { origin } = request.headers;
    if (origin !== undefined && !isOurs(origin, request, guard.reach.origins))
      throw new Refusal('forbidden', 'Another page asked for this, and other pages may not.');
    if (!/^application\/json\s*(;|$)/i.test(request.headers['content-type'] ?? ''))
      throw new Refusal(
        'invalid',
        'What is written is sent as JSON (Content-Type: application/json).',
      );
    next();
  };
}

const OPEN = new Set(
  (Object.values(contract) as Partial<Endpoint>[])
    .filter(({ open }) => open)
    .map(({ method, path }) => `${need(method).toUpperCase()} ${path}`),
);

/** Lets in who is signed in, where others can reach this Pen Pal. */
export function signedInOnly(ctx: Context): RequestHandler {
  if (!isGuarded(ctx.guard.reach)) return (_, __, next) => next();
  return async (request, _, next) => {
    if (OPEN.has(`${request.method} ${request.path}`) || (await sessionOf(ctx, request)))
      return next();
    throw new Refusal('signed_out', 'Sign in with the passphrase first.');
  };
}
