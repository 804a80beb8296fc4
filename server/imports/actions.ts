import { formatPhone, displayName } from '@/core/people';
import { plural } from '@/core/time';

import { act, type Context } from '../context';
import { newId } from '../db';
import { conflict, invalid, notFound } from '../http/errors';
import { readOwnFields } from '../lists';
import { assertCircle, namesOf } from '../people';
import { findDoubles, joinsOf } from './joining';
import * as q from './queries';
import { readFile, type File } from './read';
import { writePeople } from './write';

const FAULTS_SHOWN = 200;
const SAMPLE_ROWS = 8;
const SAME_SHOWN = 50;

const read = async (ctx: Context, file: File) =>
  readFile(file, await readOwnFields(ctx.db), ctx.clock.today());

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
  const { pairs, placeOf } = await findDoubles(ctx.db, people);
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
  const { people, faults } = await read(ctx, file);
  const today = ctx.clock.today();
  if (people.length === 0)
    throw invalid(
      file.pasted
        ? 'Nothing here can be read as a person.'
        : 'No row of this file can be read as a person.',
      'content',
    );
  const leftOut = faults.filter((fault) => fault.leftOut).length;
  return act(ctx, async (tx, actionId) => {
    await assertCircle(tx, file.circleId);
    const batchId = newId(ctx.clock.nowMs());
    const at = ctx.clock.now();
    const joins = file.same === 'join' ? joinsOf(await findDoubles(tx, people)) : new Map();
    await q.insertBatch(tx, {
      id: batchId,
      file_name: file.fileName,
      at,
      people: 0,
      left_out: leftOut,
      action_id: actionId,
    });
    const { added, joined } = await writePeople(tx, people, joins, {
      batchId,
      today,
      at,
      circleId: file.circleId,
      tag: file.tag,
    });
    await q.countBatch(tx, batchId, added);
    const also = joined > 0 ? `; ${plural(joined, 'person was', 'people were')} here already` : '';
    const sentence = `Imported ${plural(added, 'person', 'people')} from ${file.fileName}${also}`;
    return { batchId, people: added, joined, leftOut, sentence };
  });
}

/**
 * Takes a batch back. Somebody with whom something has happened since (a touch, a note, a cadence)
 * stays, because undoing the import must not lose it.
 */
export async function undo(ctx: Context, batchId: string) {
  return act(ctx, async (tx) => {
    const batch = await q.findBatch(tx, batchId);
    if (!batch) throw notFound('There is no such import.');
    if (batch.undone) throw conflict('This import was undone already.');
    const removed = await q.removeUntouched(tx, batch);
    await q.markBatchUndone(tx, batchId);
    const kept = batch.people - removed;
    const rest = kept > 0 ? `; ${kept} kept, because something has happened with them since` : '';
    return {
      removed,
      kept,
      sentence: `Took back ${plural(removed, 'person', 'people')} of ${batch.file_name}${rest}`,
    };
  });
}
