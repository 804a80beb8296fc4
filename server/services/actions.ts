import type { CallOutput } from '@/contract/endpoint';
import type { listServices } from '@/contract/services';
import { verdictOn } from '@/core/services';
import { todayIn } from '@/core/zones';

import { act, type Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, notFound } from '../http/errors';
import { findOrRefuse } from '../people';
import { payloadOf, type About } from './payload';
import * as q from './queries';
import { post } from './send';
import { newSecret } from './sign';

const CALLS_SHOWN = 100;

export async function read(ctx: Context): Promise<CallOutput<typeof listServices>> {
  const calls = await q.latestCalls(ctx.db, CALLS_SHOWN);
  return {
    today: ctx.clock.today(),
    services: await q.readServices(ctx.db),
    calls: calls.map(({ person_id, created_at, next_at, ...call }) => ({
      ...call,
      personId: person_id,
      on: todayIn(ctx.clock.zone, Date.parse(created_at)),
      nextAt: call.state === 'ready' ? next_at : null,
    })),
  };
}

async function findService(sql: Sql, id: string): Promise<q.ServiceRow> {
  const service = await q.findService(sql, id);
  if (!service) throw notFound('There is no such service.');
  return service;
}

interface Draft {
  name: string;
  url: string;
}

async function assertFree(sql: Sql, { name }: Draft, id: string | null): Promise<void> {
  const taken = (await q.readServices(sql)).some(
    (other) => other.id !== id && other.name.toLowerCase() === name.toLowerCase(),
  );
  if (taken) throw conflict(`There is a service called ${name} already.`);
}

export async function create(ctx: Context, draft: Draft) {
  await assertFree(ctx.db, draft, null);
  return act(ctx, async (tx) => {
    const id = newId(ctx.clock.nowMs());
    await q.insertService(tx, { id, ...draft, secret: newSecret() });
    return { id, sentence: `Added the service ${draft.name}` };
  });
}

export async function save(ctx: Context, id: string, draft: Draft) {
  await findService(ctx.db, id);
  await assertFree(ctx.db, draft, id);
  return act(ctx, async (tx) => {
    await q.updateService(tx, { id, ...draft });
    return { sentence: `Changed the service ${draft.name}` };
  });
}

export async function remove(ctx: Context, id: string) {
  const { name } = await findService(ctx.db, id);
  const telling = await q.cadencesTelling(ctx.db, id);
  if (telling.length > 0)
    throw conflict(`${telling.join(', ')} tells ${name} of people. Change that beat first.`);
  return act(ctx, async (tx) => {
    await q.removeService(tx, id);
    return { sentence: `Removed the service ${name}` };
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
  const call = await q.callState(ctx.db, id);
  if (!call) throw notFound('There is no such call.');
  if (call.state !== 'failed') throw conflict('This call is on its way or was taken.');
  await q.makeReady(ctx.db, id, ctx.clock.now());
  return { sentence: 'The call is made again. What a service was told can’t be taken back.' };
}

/** Has a service told of a person: once for each key. A call that can't be worded is not made. */
export async function tell(
  ctx: Context,
  tx: Sql,
  key: string,
  serviceId: string,
  about: About,
  fault: string | null,
): Promise<void> {
  await q.insertCall(tx, {
    id: key,
    service_id: serviceId,
    person_id: about.personId,
    payload: await payloadOf(tx, 'beat', ctx.clock.now(), about),
    state: fault ? 'failed' : 'ready',
    at: ctx.clock.now(),
    outcome: fault ?? '',
  });
}
