import { parse } from 'cookie';
import type { CookieOptions, Request } from 'express';

import type { Via } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { isSecure, LASTS, type Session } from '../guard';

const SESSION = 'penpal';
/** Of a device that was signed in once: whoever guesses elsewhere does not make it wait. */
const KNOWN = 'penpal-known';
const KNOWN_FOR_MS = 365 * 86_400_000;

/** With the prefix that ties a secure cookie to this host alone (RFC 6265bis, 4.1.3). */
const nameOf = (ctx: Context, name: string) =>
  isSecure(ctx.guard.reach) ? `__Host-${name}` : name;

const options = (ctx: Context): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: isSecure(ctx.guard.reach),
  path: '/',
});

const valueOf = (ctx: Context, request: Request, name: string) =>
  parse(request.headers.cookie ?? '')[nameOf(ctx, name)];

/** The session of the device that asks; null when it is not signed in. */
export async function sessionOf(ctx: Context, request: Request): Promise<Session | null> {
  const token = valueOf(ctx, request, SESSION);
  const { passphrase, sessions } = ctx.guard;
  return token ? sessions.find(token, await passphrase.id(), ctx.clock.realMs()) : null;
}

export function giveSession(ctx: Context, { response }: Via, token: string, stay: boolean): void {
  response.cookie(nameOf(ctx, SESSION), token, {
    ...options(ctx),
    // Without an age it goes when the browser is closed.
    ...(stay ? { maxAge: LASTS.stay.forMs } : {}),
  });
  const id = newId();
  response.cookie(nameOf(ctx, KNOWN), `${id}.${ctx.keys.sign(id)}`, {
    ...options(ctx),
    maxAge: KNOWN_FOR_MS,
  });
}

export const takeSession = (ctx: Context, { response }: Via) =>
  response.clearCookie(nameOf(ctx, SESSION), options(ctx));

/** Whom wrong tries are counted against: a device that was signed in once, or an address. */
export function countedAs(ctx: Context, request: Request): string {
  const [id = '', signature = ''] = (valueOf(ctx, request, KNOWN) ?? '').split('.');
  if (id && ctx.keys.isSigned(id, signature)) return id;
  return placeOf(request.ip ?? '');
}

/** An address; of IPv6 the network, of which one household has many addresses. */
export const placeOf = (ip: string): string =>
  ip.includes(':') && !ip.startsWith('::ffff:') ? ip.split(':').slice(0, 4).join(':') : ip;
