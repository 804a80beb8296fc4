import { deviceName } from '@/core/access';
import { need } from '@/core/need';
import { plural } from '@/core/time';

import { conflict, invalid, notFound, Refusal, type Via } from '../api';
import type { Context } from '../context';
import { isGuarded, untilMs, weakness } from '../guard';
import { countedAs, giveSession, sessionOf, takeSession } from './cookies';

/** Longer than any name of a device is needed. */
const AGENT_LENGTH = 300;

/** Tries a passphrase, slower after wrong ones. */
async function assertRight(ctx: Context, { request }: Via, text: string, field: string) {
  const { passphrase, tries } = ctx.guard;
  const from = countedAs(ctx, request);
  const seconds = tries.secondsToWait(from, ctx.clock.realMs());
  if (seconds > 0)
    throw new Refusal(
      'too_soon',
      `That was wrong several times. Wait ${plural(seconds, 'second')}, then try again.`,
    );
  // Counted before it is known, so that a hundred tries at once don't count as one.
  tries.failed(from, ctx.clock.realMs());
  if (await passphrase.matches(text)) return tries.succeeded(from);
  ctx.log.warn({ from: request.ip }, 'a wrong passphrase');
  throw invalid('That is not the passphrase.', field);
}

export async function signIn(
  ctx: Context,
  via: Via,
  { passphrase, stay }: { passphrase: string; stay: boolean },
) {
  const id = await ctx.guard.passphrase.id();
  if (!id)
    throw conflict(
      'No passphrase was set yet. Set one on the machine where Pen Pal runs: npm run passphrase',
    );
  await assertRight(ctx, via, passphrase, 'passphrase');
  const before = await sessionOf(ctx, via.request);
  if (before) await ctx.guard.sessions.end([before.id]);
  const device = deviceName((via.request.headers['user-agent'] ?? '').slice(0, AGENT_LENGTH));
  const token = await ctx.guard.sessions.begin(
    { device, passphrase: id, stay },
    ctx.clock.realMs(),
  );
  giveSession(ctx, via, token, stay);
  return { signedIn: true };
}

export async function signOut(ctx: Context, via: Via) {
  const session = await sessionOf(ctx, via.request);
  if (session) await ctx.guard.sessions.end([session.id]);
  takeSession(ctx, via);
  return { signedIn: false };
}

export async function readAccess(ctx: Context, { request }: Via) {
  const guarded = isGuarded(ctx.guard.reach);
  return {
    guarded,
    passphrase: (await ctx.guard.passphrase.id()) !== null,
    signedIn: !guarded || (await sessionOf(ctx, request)) !== null,
  };
}

const lasting = async (ctx: Context) =>
  ctx.guard.sessions.all(await ctx.guard.passphrase.id(), ctx.clock.realMs());

export async function listDevices(ctx: Context, { request }: Via) {
  const here = await sessionOf(ctx, request);
  const all = (await lasting(ctx)).toSorted((a, b) => b.seen_at.localeCompare(a.seen_at));
  return {
    devices: all.map((session) => ({
      id: session.id,
      name: session.device,
      since: session.made_at,
      seen: session.seen_at,
      until: new Date(untilMs(session)).toISOString(),
      here: session.id === here?.id,
    })),
  };
}

export async function endDevice(ctx: Context, id: string) {
  const ended = await ctx.guard.sessions.end([id]);
  if (ended === 0) throw notFound('This device is not signed in any more.');
  ctx.writes.bumpTopics(['access']);
  return { ended };
}

export async function endOthers(ctx: Context, { request }: Via) {
  const here = await sessionOf(ctx, request);
  const others = (await lasting(ctx)).filter(({ id }) => id !== here?.id);
  return { ended: await ctx.guard.sessions.end(others.map(({ id }) => id)) };
}

/** Sets the passphrase; where it is wanted, only who knows the one until now may. */
export async function setPassphrase(
  ctx: Context,
  via: Via,
  { current, passphrase }: { current: string; passphrase: string },
) {
  if (isGuarded(ctx.guard.reach)) await assertRight(ctx, via, current, 'current');
  const weak = await weakness(passphrase);
  if (weak) throw invalid(weak, 'passphrase');
  const { sessions } = ctx.guard;
  const here = await sessionOf(ctx, via.request);
  const ended = (await lasting(ctx)).length - (here ? 1 : 0);
  await ctx.guard.passphrase.set(passphrase);
  await sessions.endAll();
  if (here) {
    const stay = here.idle_minutes > 60;
    const id = need(await ctx.guard.passphrase.id());
    const token = await sessions.begin(
      { device: here.device, passphrase: id, stay },
      ctx.clock.realMs(),
    );
    giveSession(ctx, via, token, stay);
  }
  return { ended };
}
