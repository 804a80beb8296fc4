import type { CallOutput } from '@/contract/endpoint';
import type { listServices } from '@/contract/services';
import { verdictOn } from '@/core/services';
import { todayIn } from '@/core/zones';

import { act } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { findOrRefuse } from '../people';
import { findTask } from '../tasks';
import { conflict, notFound } from '../api';
import { post, queueAgain } from './calls';
import { payloadOf, type About } from './payload';
import * as queries from './queries';
import { sealSecret } from './secrets';
import { newSecret } from './sign';

const CALLS_SHOWN = 100;

/** What the states of tasks mean for calls. */
const STATES = {
  ready: 'ready',
  running: 'handed_over',
  done: 'delivered',
  failed: 'failed',
} as const;

export async function read(ctx: Context): Promise<CallOutput<typeof listServices>> {
  const calls = await queries.latestCalls(ctx.db, CALLS_SHOWN);
  return {
    today: ctx.clock.today(),
    services: await queries.readServices(ctx.db),
    calls: calls.map(({ person_id, created_at, run_at, state, ...call }) => ({
      ...call,
      state: STATES[state],
      personId: person_id,
      on: todayIn(ctx.clock.zone, Date.parse(created_at)),
      nextAt: state === 'ready' ? run_at : null,
    })),
  };
}

async function findService(sql: Sql, id: string): Promise<queries.ServiceRow> {
  const service = await queries.findService(sql, id);
  if (!service) throw notFound('There is no such service.');
  return service;
}

interface Draft {
  name: string;
  url: string;
  inside: boolean;
}

async function assertFree(sql: Sql, { name }: Draft, id: string | null): Promise<void> {
  if (await queries.isNameTaken(sql, name, id))
    throw conflict(`There is a service called ${name} already.`);
}

export async function create(ctx: Context, draft: Draft) {
  await assertFree(ctx.db, draft, null);
  return act(ctx, async (tx) => {
    const id = newId(ctx.clock.nowMs());
    const secret = newSecret();
    await queries.insertService(tx, { id, ...draft, secret: sealSecret(ctx.keys, id, secret) });
    return {
      id,
      secret,
      sentence: `Added the service ${draft.name}`,
      plan: 'nobody',
      topics: ['services'],
    };
  });
}

export async function save(ctx: Context, id: string, draft: Draft) {
  await findService(ctx.db, id);
  await assertFree(ctx.db, draft, id);
  return act(ctx, async (tx) => {
    await queries.updateService(tx, { id, ...draft });
    return { sentence: `Changed the service ${draft.name}`, plan: 'nobody', topics: ['services'] };
  });
}

/** Another secret, for when the old one was lost or told to somebody. */
export async function renewSecret(ctx: Context, id: string) {
  const { name } = await findService(ctx.db, id);
  return act(ctx, async (tx) => {
    const secret = newSecret();
    await queries.setSecret(tx, id, sealSecret(ctx.keys, id, secret));
    return {
      secret,
      sentence: `Made a new secret for the service ${name}`,
      plan: 'nobody',
      topics: ['services'],
    };
  });
}

export async function remove(ctx: Context, id: string) {
  const { name } = await findService(ctx.db, id);
  const telling = await queries.cadencesTelling(ctx.db, id);
  if (telling.length > 0)
    throw conflict(`${telling.join(', ')} tells ${name} of people. Change that beat first.`);
  return act(ctx, async (tx) => {
    await queries.removeService(tx, id);
    return { sentence: `Removed the service ${name}`, plan: 'nobody', topics: ['services'] };
  });
}

/** Sends one call at once, to see that the service takes it; nothing is kept of it. */
export async function tryOut(ctx: Context, id: string, personId: string) {
  const service = await findService(ctx.db, id);
  await findOrRefuse(ctx.db, personId);
  const about: About = { personId, cadence: 'A trial', words: '', on: ctx.clock.today() };
  const payload = await payloadOf(ctx.db, 'trial', ctx.clock.now(), about);
  const { status, words } = await post(ctx, service, `trial:${newId()}`, payload);
  return {
    delivered: verdictOn(status) === 'delivered',
    outcome: words,
    sent: JSON.stringify(payload, null, 2),
  };
}

export async function retry(ctx: Context, id: string) {
  if (await queueAgain(ctx, id))
    return { sentence: 'The call is made again. What a service was told can’t be taken back.' };
  const known = await findTask(ctx.db, `${queries.CALL}:${id}`);
  if (!known) throw notFound('There is no such call.');
  throw conflict('This call is on its way or was taken.');
}
