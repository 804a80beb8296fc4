import type { CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import type { previewMany, writeMany } from '@/contract/messages';
import type { Words } from '@/contract/templates';
import { oddnessOf } from '@/core/messages';
import { plural } from '@/core/time';

import { actInSteps, type Step } from '../act';
import { invalid } from '../api';
import type { Context } from '../context';
import { newId, refreshStatistics } from '../db';
import {
  addDeliveries,
  channelOf,
  closeBatch,
  ensureBatches,
  readSendContext,
  renderDeliveries,
  sendNow,
  wakeOutbox,
  type DeliveryRequest,
  type RenderedDelivery,
} from '../delivery';
import { resolveSelection } from '../people';
import { assertFiles, readFaces, tidied, tidiedOrRefused } from '../templates';
import type { MessageKind } from './kinds';

interface ToMany extends Words {
  who: Who;
  kind: MessageKind;
  files?: readonly string[];
  template?: DeliveryRequest['template'];
}

/** So many are previewed before others get their turn. */
const PREVIEW_SIZE = 300;
/** So many at once change what the database knows of its tables. */
const MANY = 1_000;
const READERS_SHOWN = 40;
const LEFT_OUT_SHOWN = 200;

/** Nothing takes it yet: no reason to leave anybody out, for it waits. */
const canGet = ({ state, remedy }: Pick<RenderedDelivery, 'state' | 'remedy'>): boolean =>
  state === 'ready' || remedy === 'carrier';

const requestTo = (
  ctx: Context,
  { who: _, kind: channel, ...written }: ToMany,
  personId: string,
  batch: { key: string; id: string | null },
): DeliveryRequest => ({
  key: `${batch.key}:${personId}`,
  batchId: batch.id,
  personId,
  channel,
  ...written,
  cadence: '',
  beatId: null,
  itemKey: '',
  automatic: true,
  on: ctx.clock.today(),
});

/** Who would get it, the unusual ones first, and who is left out and why; writes nothing. */
export async function previewToMany(
  ctx: Context,
  given: ToMany,
): Promise<CallOutput<typeof previewMany>> {
  const asked = tidied(given.kind, given);
  const ids = await resolveSelection(ctx, asked.who);
  const context = await readSendContext(ctx);
  const ready: string[] = [];
  const out: { personId: string; why: string }[] = [];
  for (let from = 0; from < ids.length; from += PREVIEW_SIZE) {
    const requests = ids
      .slice(from, from + PREVIEW_SIZE)
      .map((id) => requestTo(ctx, asked, id, { key: 'trial', id: null }));
    for (const one of await renderDeliveries(ctx, ctx.db, requests, context))
      if (canGet(one)) ready.push(one.person_id);
      else out.push({ personId: one.person_id, why: one.why });
    await new Promise(setImmediate);
  }
  const shown = out.slice(0, LEFT_OUT_SHOWN);
  const faces = new Map(
    (await readFaces(ctx.db, [...ready, ...shown.map(({ personId }) => personId)])).map((face) => [
      face.id,
      face,
    ]),
  );
  const readers = ready.flatMap((personId) => {
    const face = faces.get(personId);
    return face ? { personId, name: face.name, ...oddnessOf(face) } : [];
  });
  readers.sort((a, b) => a.rank - b.rank);
  return {
    people: ready.length + out.length,
    canGet: ready.length,
    readers: readers.slice(0, READERS_SHOWN),
    leftOutCount: out.length,
    leftOut: shown.map((one) => ({ ...one, name: faces.get(one.personId)?.name ?? '' })),
  };
}

/**
 * Writes to each who can get it, in short steps between which others are answered; who can't is left out,
 * as the preview said. It can be called off, and then nobody gets anything; nothing goes before all is written.
 */
export async function writeToMany(
  ctx: Context,
  { once, ...given }: ToMany & { once: string },
): Promise<CallOutput<typeof writeMany>> {
  const asked = tidiedOrRefused(given.kind, given);
  await assertFiles(ctx.db, asked.files ?? []);
  const ids = await resolveSelection(ctx, asked.who);
  if (ids.length === 0) throw invalid('Select at least one person.', 'who');
  const { nouns } = channelOf(ctx, asked.kind);
  const done = await actInSteps(ctx, `Writing ${nouns.many}`, async (step) => {
    const { batchId, people, leftOut } = await writeBatch(ctx, step, asked, ids, `many:${once}`);
    if (people + leftOut === 0) throw invalid('Select at least one person.', 'who');
    // What lists them is asked at once, and a database that knows nothing of them yet takes seconds.
    if (people > MANY) await refreshStatistics(ctx.db, { sweep: false });
    const rest = leftOut > 0 ? `; ${plural(leftOut, 'person', 'people')} left out` : '';
    return {
      done: {
        people,
        leftOut,
        batchId,
        sentence: `${plural(people, nouns.one, nouns.many)} on the way${rest}. Until one goes it can be held or cancelled under Out`,
        plan: 'nobody' as const,
        topics: ['messages', 'touches'] as const,
      },
      last: async (tx) => {
        await closeBatch(tx, batchId);
        await wakeOutbox(ctx, tx);
      },
    };
  });
  await sendNow(ctx);
  return done;
}

async function writeBatch(
  ctx: Context,
  step: Step,
  asked: ToMany,
  ids: readonly string[],
  key: string,
) {
  const batches = await step((tx) =>
    ensureBatches(tx, [
      {
        id: newId(ctx.clock.nowMs()),
        key,
        label: asked.subject || asked.words.slice(0, 80),
        channel: asked.kind,
        made_at: ctx.clock.now(),
        writing: true,
      },
    ]),
  );
  const batchId = batches.get(key) ?? '';
  const context = await readSendContext(ctx);
  let [people, leftOut] = [0, 0];
  await step.each(ids, async (tx, some) => {
    const requests = some.map((id) => requestTo(ctx, asked, id, { key, id: batchId }));
    const made = await renderDeliveries(ctx, tx, requests, context);
    const going = made.filter(canGet);
    leftOut += made.length - going.length;
    people += await addDeliveries(tx, going);
  });
  return { batchId, people, leftOut };
}
