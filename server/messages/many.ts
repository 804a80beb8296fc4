import type { CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import type { previewMany, writeMany } from '@/contract/messages';
import type { Words } from '@/contract/templates';
import { oddnessOf } from '@/core/messages';
import { plural } from '@/core/time';

import { invalid } from '../api';
import type { Context } from '../context';
import { refreshStatistics } from '../db';
import { idsMeant } from '../people';
import { assertFiles, readFaces, tidied, tidiedOrRefused } from '../templates';
import { makeMessages, type Made, type Wanted } from './make';
import { sendNow, wakeOutbox } from './pump';
import type { Kind } from './queries';
import { put } from './queue';
import { readSendContext } from './room';
import { tellOf } from './tell';

interface ToMany extends Words {
  who: Who;
  kind: Kind;
  files?: readonly string[];
  template?: Wanted['template'];
}

/** So many are made before others get their turn. */
const AT_ONCE = 300;
/** So many at once change what the database knows of its messages. */
const MANY = 1_000;
const READERS_SHOWN = 40;
const LEFT_OUT_SHOWN = 200;

/** Nothing takes it yet: no reason to leave anybody out, for it waits. */
const canGet = ({ state, remedy }: Made): boolean => state === 'ready' || remedy === 'carrier';

/** The messages to these people, a part at a time. */
async function* madeFor(ctx: Context, asked: ToMany, key: string): AsyncGenerator<Made[]> {
  const ids = await idsMeant(ctx, asked.who);
  const room = await readSendContext(ctx);
  const { who: _, ...written } = asked;
  for (let from = 0; from < ids.length; from += AT_ONCE) {
    const wanted = ids.slice(from, from + AT_ONCE).map((personId): Wanted => ({
      key: `${key}:${personId}`,
      personId,
      ...written,
      cadence: '',
      beatId: null,
      itemKey: '',
      automatic: true,
      on: ctx.clock.today(),
    }));
    yield await makeMessages(ctx, ctx.db, wanted, room);
    await new Promise(setImmediate);
  }
}

/** Who would get it, the odd ones first, and who is left out and why; writes nothing. */
export async function previewToMany(
  ctx: Context,
  asked: ToMany,
): Promise<CallOutput<typeof previewMany>> {
  const all: Made[] = [];
  for await (const part of madeFor(ctx, tidied(asked.kind, asked), 'trial')) all.push(...part);
  const ready = all.filter(canGet);
  const out = all.filter((message) => !canGet(message));
  const faces = new Map(
    (
      await readFaces(
        ctx.db,
        [...ready, ...out.slice(0, LEFT_OUT_SHOWN)].map(({ person_id }) => person_id),
      )
    ).map((face) => [face.id, face]),
  );
  const readers = ready.flatMap(({ person_id }) => {
    const face = faces.get(person_id);
    return face ? { personId: person_id, name: face.name, ...oddnessOf(face) } : [];
  });
  readers.sort((a, b) => a.rank - b.rank);
  return {
    people: all.length,
    canGet: ready.length,
    readers: readers.slice(0, READERS_SHOWN),
    leftOutCount: out.length,
    leftOut: out.slice(0, LEFT_OUT_SHOWN).map(({ person_id, why }) => ({
      personId: person_id,
      name: faces.get(person_id)?.name ?? '',
      why,
    })),
  };
}

/** Writes to each who can get it; who can't is left out, as the preview said. */
export async function writeToMany(
  ctx: Context,
  { once, ...given }: ToMany & { once: string },
): Promise<CallOutput<typeof writeMany>> {
  const asked = tidiedOrRefused(given.kind, given);
  await assertFiles(ctx.db, asked.files ?? []);
  let [people, leftOut] = [0, 0];
  for await (const part of madeFor(ctx, asked, `many:${once}`)) {
    const going = part.filter(canGet);
    leftOut += part.length - going.length;
    people += await put(ctx.db, going);
  }
  if (people + leftOut === 0) throw invalid('Nobody is meant.', 'who');
  // What lists them is asked at once, and a database that knows nothing of them yet takes seconds.
  if (people > MANY) await refreshStatistics(ctx.db);
  await wakeOutbox(ctx, ctx.db);
  await sendNow(ctx);
  tellOf(ctx, []);
  const what = plural(people, asked.kind === 'email' ? 'e-mail' : 'text');
  const rest = leftOut > 0 ? `; ${plural(leftOut, 'person', 'people')} left out` : '';
  return {
    people,
    leftOut,
    sentence: `${what} on the way${rest}. Until one goes it can be held or cancelled under Out`,
    topics: ['messages', 'touches', 'plan'],
  };
}
