import type { Topic } from '@/contract/topics';

import type { DeliveryResult } from '../carriers';
import type { Context } from '../context';
import { runKind, type TaskHandler } from '../tasks';
import type { Outgoing, SendContext } from './channel';
import { checkDue, putAside, type Checked } from './check';
import {
  asOutgoing,
  claimDeliveries,
  inFlightOf,
  nextDueAt,
  readDue,
  recoverSending,
  unclaimDeliveries,
  type Due,
} from './claim';
import { readAllowance, spend, type Allowance } from './limits';
import { OUTBOX } from './queue';
import { releaseHeld } from './release';
import { readSendContext } from './schedule';
import { recordResults, type Handed } from './settle';

/** Claimed together: what a program that is killed leaves in doubt is no more than twice this. */
const CLAIM_SIZE = 64;
const ALLOWANCE_MS = 1_000;
/** Results recorded together, unless nothing else is under way. */
const RECORD_SIZE = CLAIM_SIZE;
const MIN_WAIT_MS = 2_000;
const MINUTE_MS = 60_000;

/** Sends what is due; a task that comes again for as long as there is something to send. */
export const outboxHandler: TaskHandler = {
  kind: OUTBOX,
  maxFailures: null,
  leaseMs: 30 * MINUTE_MS,
  async run(ctx) {
    const waitMs = await sendDue(ctx);
    return waitMs === null
      ? { state: 'done', outcome: 'Nothing is waiting to be sent.' }
      : { state: 'again', outcome: 'There is more to send.', waitMs };
  },
};

/** How long whoever wrote something waits to see it sent. */
const PATIENCE_MS = 3_000;

/** Sends what is due now; nobody waits for it. */
export const sendSoon = (ctx: Context): void =>
  ctx.background.run(() =>
    runKind(ctx, OUTBOX).catch((err: unknown) => ctx.log.error({ err }, 'sending failed')),
  );

/** Sends what is due now and waits a moment, so that whoever wrote it sees that it was sent. */
export const sendNow = (ctx: Context): Promise<void> =>
  new Promise((done) => {
    setTimeout(done, PATIENCE_MS).unref();
    ctx.background.run(() =>
      runKind(ctx, OUTBOX)
        .catch((err: unknown) => ctx.log.error({ err }, 'sending failed'))
        .finally(done),
    );
  });

/** What may keep a delivery that was to go. */
const WATCHED: Topic[] = ['people', 'settings', 'carriers'];
const stampOf = ({ writes }: Context): string =>
  WATCHED.map((topic) => writes.countOf(topic)).join(' ');

/** One run of sending: what was claimed, what is being handed over, what came of it. */
interface Run {
  context: SendContext;
  stamp: string;
  allowance: Allowance | null;
  claimed: Outgoing[];
  sending: Set<Promise<void>>;
  handed: Handed[];
  contents: Map<string, string>;
  /** Whether more may be due. */
  more: boolean;
}

/**
 * Sends what is due. Claiming the next, handing over and recording go on side by side, so that a mail server
 * never waits for the database. Returns the milliseconds until there is more to send; null for nothing.
 */
export async function sendDue(ctx: Context): Promise<number | null> {
  await recoverSending(ctx);
  const run: Run = {
    context: await readSendContext(ctx),
    stamp: stampOf(ctx),
    allowance: null,
    claimed: [],
    sending: new Set(),
    handed: [],
    contents: new Map(),
    more: true,
  };
  const releasing = oneAtATime(() =>
    releaseHeld(ctx, run.context, () => {
      run.more = true;
    }),
  );
  releasing.start();
  const claiming = oneAtATime(() => claimMore(ctx, run));
  const recording = oneAtATime(() => record(ctx, run));
  try {
    for (;;) {
      while (run.claimed.length > 0 && run.sending.size < concurrencyOf(run))
        startSending(ctx, run);
      if (run.more && run.claimed.length < CLAIM_SIZE / 2) claiming.start();
      const isLast = run.sending.size === 0 && run.claimed.length === 0 && !run.more;
      if (run.handed.length >= RECORD_SIZE || (isLast && run.handed.length > 0)) recording.start();
      const under = [
        ...run.sending,
        ...[claiming, recording, releasing].flatMap((one) => one.running()),
      ];
      if (under.length === 0) break;
      await Promise.race(under);
    }
  } finally {
    await Promise.allSettled([claiming, recording, releasing].flatMap((one) => one.running()));
    await windDown(ctx, run);
  }
  const next = await nextDueAt(ctx.db);
  return next === null ? null : Math.max(Date.parse(next) - ctx.clock.nowMs(), MIN_WAIT_MS);
}

/** Work that is started again only when it is over. */
function oneAtATime(work: () => Promise<void>) {
  let current: Promise<void> | null = null;
  return {
    start() {
      current ??= work().finally(() => (current = null));
    },
    running: (): Promise<void>[] => (current ? [current] : []),
  };
}

const concurrencyOf = ({ context, claimed }: Run): number => {
  const [next] = claimed;
  return (next && context.carriers.get(next.channel)?.concurrency) ?? 1;
};

/** Claims the next ones, as far as the limits allow. */
async function claimMore(ctx: Context, run: Run): Promise<void> {
  run.more = false;
  if (ctx.background.stopping.aborted) return;
  if (run.stamp !== stampOf(ctx))
    Object.assign(run, { stamp: stampOf(ctx), context: await readSendContext(ctx) });
  const allowance = await allowanceOf(ctx, run);
  const channels = [...allowance.channels].flatMap(([name, n]) => (n > 0 ? [name] : []));
  if (channels.length === 0) return;
  const rows = await readDue(ctx.db, {
    channels,
    now: ctx.clock.now(),
    limit: Math.min(CLAIM_SIZE, ...channels.map((name) => allowance.channels.get(name) ?? 0)),
    without: [...allowance.batches].flatMap(([id, n]) => (n > 0 ? [] : [id])),
  });
  if (rows.length === 0) return;
  run.more = true;
  const { claims, aside } = await checkDue(
    ctx,
    run.context,
    withinBatches(rows, allowance.batches),
  );
  if (aside.length > 0) await putAside(ctx.db, aside);
  const outgoing = await claimAll(ctx, run, claims, rows);
  for (const one of outgoing) spend(allowance, one);
  run.claimed.push(...outgoing);
}

/**
 * Claims what was checked, with its rich words. Each counts as in flight from before it is claimed, so that
 * nobody takes it for left over, and no longer if it can't be claimed or read.
 */
async function claimAll(
  ctx: Context,
  run: Run,
  claims: Checked['claims'],
  rows: readonly Due[],
): Promise<Outgoing[]> {
  const channelOfRow = new Map(rows.map(({ id, channel }) => [id, channel]));
  const flying = inFlightOf(ctx);
  const mine = claims.filter(({ id }) => !flying.has(id));
  for (const { id } of mine) flying.add(id);
  const kept = new Set<string>();
  try {
    const claimed = await claimDeliveries(
      ctx.db,
      mine.map((claim) => ({
        ...claim,
        ref: run.context.carriers.get(channelOfRow.get(claim.id) ?? '')?.refOf(claim.id) ?? '',
      })),
    );
    const outgoing = await asOutgoing(ctx.db, claimed, run.contents);
    for (const { id } of outgoing) kept.add(id);
    return outgoing;
  } finally {
    for (const { id } of mine) if (!kept.has(id)) flying.delete(id);
  }
}

/** What the limits still allow, read anew every second and counted down between. */
async function allowanceOf(ctx: Context, run: Run): Promise<Allowance> {
  const now = performance.now();
  if (!run.allowance || now - run.allowance.readAt > ALLOWANCE_MS)
    run.allowance = await readAllowance(ctx, run.context, now);
  return run.allowance;
}

/** Of what is due, what the rates of their batches allow. */
function withinBatches<R extends { batch_id: string | null }>(
  rows: readonly R[],
  allowance: ReadonlyMap<string, number>,
): R[] {
  const left = new Map(allowance);
  return rows.filter(({ batch_id: id }) => {
    const n = id === null ? undefined : left.get(id);
    if (id === null || n === undefined) return true;
    left.set(id, n - 1);
    return n > 0;
  });
}

function startSending(ctx: Context, run: Run): void {
  const delivery = run.claimed.shift();
  if (!delivery) return;
  const carrier = run.context.carriers.get(delivery.channel);
  const sending = (carrier ? carrier.send(delivery) : Promise.resolve(GONE))
    // What breaks here keeps none of the others from being recorded.
    .catch((err: unknown): DeliveryResult => {
      ctx.log.error({ err, delivery: delivery.id }, 'handing a delivery over failed');
      return { as: 'unclear', words: 'Something went wrong on our side.' };
    })
    .then((result) => {
      run.handed.push({ delivery, result });
      run.sending.delete(sending);
    });
  run.sending.add(sending);
}

const GONE: DeliveryResult = { as: 'later', words: 'Nothing is set up that takes it any more.' };

async function record(ctx: Context, run: Run): Promise<void> {
  const handed = run.handed.splice(0);
  try {
    await recordResults(ctx, handed);
  } finally {
    for (const { delivery } of handed) inFlightOf(ctx).delete(delivery.id);
  }
}

/** Ends a run: what was not handed over yet is given back, what is under way is waited for and recorded. */
async function windDown(ctx: Context, run: Run): Promise<void> {
  const back = run.claimed.splice(0);
  if (back.length > 0) await unclaimDeliveries(ctx.db, back);
  for (const { id } of back) inFlightOf(ctx).delete(id);
  await Promise.all(run.sending);
  if (run.handed.length > 0) await record(ctx, run);
}
