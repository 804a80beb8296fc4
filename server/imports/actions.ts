import type { Mapping } from '@/contract/imports';
import type { ReadFile } from '@/core/intake';
import { formatPhone, displayName } from '@/core/people';
import { plural } from '@/core/time';

import { actInSteps, emptyingOrder, KEPT_DAYS, personTables, references, TABLES } from '../act';
import type { Context } from '../context';
import { newId } from '../db';
import { conflict, invalid, notFound, Refusal } from '../api';
import { readOwnFields } from '../lists';
import { assertCircle, namesOf } from '../people';
import { findDoubles, joinsOf } from './joining';
import * as queries from './queries';
import { prepare, writeTargets, type Batch } from './write';

const FAULTS_SHOWN = 200;
const SAMPLE_ROWS = 8;
const SAME_SHOWN = 50;

interface File {
  fileName: string;
  content: string;
  pasted: boolean;
  mapping: Mapping | null;
}

/** Reads a file or a pasted list; refuses with a sentence what can't be read at all. */
async function read(
  ctx: Context,
  { content, pasted, mapping }: File,
  signal?: AbortSignal,
): Promise<ReadFile> {
  const file = {
    bytes: Buffer.from(content, 'base64'),
    pasted,
    mapping,
    own: await readOwnFields(ctx.db),
    today: ctx.clock.today(),
  };
  const result = await ctx.threads.run('readFile', file, signal && { signal });
  if (result.ok) return result.file;
  const { reason, sentence, field } = result.fault;
  throw new Refusal(reason, sentence, field);
}

/** What the file would bring; nothing is written. */
export async function preview(ctx: Context, file: File) {
  const { people, faults, ...rest } = await read(ctx, file);
  return {
    ...rest,
    people: people.length,
    sample: people.slice(0, SAMPLE_ROWS).map(({ row, fields }) => ({
      row,
      name: displayName(fields),
      reach: [formatPhone(fields.phones[0]?.value ?? ''), fields.emails[0]?.value]
        .filter(Boolean)
        .join(', '),
    })),
    same: await previewSame(ctx, people),
    faults: faults.slice(0, FAULTS_SHOWN),
    faultCount: faults.length,
    leftOut: faults.filter((fault) => fault.leftOut).length,
  };
}

async function previewSame(ctx: Context, people: Awaited<ReturnType<typeof read>>['people']) {
  const { pairs, placeOf } = await findDoubles(ctx, people);
  const sure = new Set<number>();
  const ask = new Set<number>();
  const shown: { place: number; other: string; pair: (typeof pairs)[number] }[] = [];
  for (const pair of pairs) {
    const [x, y] = [placeOf.get(pair.a), placeOf.get(pair.b)];
    // Of two in the file the later one is the double.
    const place = Math.max(x ?? -1, y ?? -1);
    if (sure.has(place) || ask.has(place)) continue;
    (pair.verdict === 'sure' ? sure : ask).add(place);
    if (shown.length < SAME_SHOWN)
      shown.push({ place, other: place === y ? pair.a : pair.b, pair });
  }
  const names = await namesOf(
    ctx.db,
    shown.map(({ other }) => other).filter((id) => !placeOf.has(id)),
  );
  return {
    sure: sure.size,
    ask: ask.size,
    sample: shown.map(({ place, other, pair }) => {
      const inFile = placeOf.get(other);
      return {
        row: people[place]!.row,
        name: displayName(people[place]!.fields),
        other:
          inFile === undefined
            ? (names.get(other) ?? '')
            : `${displayName(people[inFile]!.fields)}, also in the file`,
        verdict: pair.verdict as 'sure' | 'ask',
        evidence: pair.evidence,
      };
    }),
  };
}

export async function run(
  ctx: Context,
  file: File & { circleId: string | null; tag: string | null; same: 'join' | 'add' },
) {
  const today = ctx.clock.today();
  await assertCircle(ctx.db, file.circleId);
  return actInSteps(ctx, `Importing ${file.fileName}`, async (step, actionId) => {
    const { people, faults } = await read(ctx, file, step.signal);
    if (people.length === 0)
      throw invalid(
        file.pasted
          ? 'Nothing here can be read as a person.'
          : 'No row of this file can be read as a person.',
        'content',
      );
    const leftOut = faults.filter((fault) => fault.leftOut).length;
    const joins =
      file.same === 'join' ? joinsOf(await findDoubles(ctx, people, step.signal)) : new Map();
    const batch: Batch = {
      batchId: newId(ctx.clock.nowMs()),
      today,
      at: ctx.clock.now(),
      circleId: file.circleId,
      tag: file.tag,
    };
    const prepared = await step(async (tx) => {
      await queries.insertBatch(tx, {
        id: batch.batchId,
        file_name: file.fileName,
        at: batch.at,
        people: 0,
        left_out: leftOut,
        action_id: actionId,
      });
      await queries.hideBatch(tx, batch.batchId);
      return prepare(tx, people, joins);
    });
    const { targets } = prepared;
    await step.each(targets, async (tx, some) => {
      await queries.seeBatch(tx, batch.batchId);
      await writeTargets(tx, some, prepared, batch);
    });
    const added = targets.filter(({ isNew }) => isNew).length;
    const joined = targets.length - added;
    const also = joined > 0 ? `; ${plural(joined, 'person was', 'people were')} here already` : '';
    return {
      done: {
        batchId: batch.batchId,
        people: added,
        joined,
        leftOut,
        sentence: `Imported ${plural(added, 'person', 'people')} from ${file.fileName}${also}`,
        plan: 'everybody',
        topics: ['people', 'notes', 'touches', 'lists', 'imports'],
      },
      // From here on everybody sees them.
      last: (tx) => queries.showBatch(tx, batch.batchId, added),
    };
  });
}

/**
 * Takes a batch back. Somebody with whom something has happened since (a touch, a note, a cadence)
 * stays, because undoing the import must not lose it.
 */
export async function undo(ctx: Context, batchId: string) {
  const batch = await queries.findBatch(ctx.db, batchId);
  if (!batch) throw notFound('There is no such import.');
  if (batch.undone) throw conflict('This import was undone already.');
  if (!(await queries.isRemembered(ctx.db, batch)))
    throw conflict(
      `This import is longer ago than the ${KEPT_DAYS} days for which Pen Pal keeps what it takes to undo.`,
    );
  const tables = emptyingOrder(personTables(ctx.house.of(TABLES)), await references(ctx.db));
  const ids = await queries.batchPeople(ctx.db, batchId);
  return actInSteps(ctx, `Taking back ${batch.file_name}`, async (step) => {
    let removed = 0;
    await step.each(ids, async (tx, some) => {
      removed += await queries.removeUntouched(tx, batch, some, tables);
    });
    const kept = batch.people - removed;
    const rest = kept > 0 ? `; ${kept} kept, because something has happened with them since` : '';
    return {
      done: {
        removed,
        kept,
        sentence: `Took back ${plural(removed, 'person', 'people')} of ${batch.file_name}${rest}`,
        plan: 'everybody',
        topics: ['people', 'notes', 'touches', 'lists', 'imports'],
      },
      last: (tx) => queries.markBatchUndone(tx, batchId),
    };
  });
}
