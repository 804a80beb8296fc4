import { plural } from '@/core/time';
import { holdsOf, kindSetups } from '@/core/touches';

import { actInSteps } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { invalid } from '../api';
import { readOwnFields } from '../lists';
import { assertCircle } from '../people';
import { readSettings } from '../settings';
import { findDoubles, joinsOf } from './joining';
import { makeFields } from './new-fields';
import { dropPreview, findPreview } from './previews';
import { readFile, type FileGiven } from './read';
import * as queries from './queries';
import { prepare, writeTargets, type Batch } from './write';
import { namesMeant, tiesToWrite, writeTies } from './write-ties';

/** A file, or a preview of it with what was put right there. */
function fileMeant(ctx: Context, given: FileGiven & { previewId: string | null }): FileGiven {
  if (!given.previewId) return given;
  const { fileName, bytes, pasted, mapping, partners, edits } = findPreview(ctx, given.previewId);
  return { fileName, bytes, pasted, mapping: given.mapping ?? mapping, partners, edits };
}

const nobodyIn = ({ pasted }: FileGiven) =>
  invalid(
    pasted
      ? 'Nothing here can be read as a person.'
      : 'No row of this file can be read as a person.',
    'content',
  );

const newBatch = async (
  ctx: Context,
  file: Pick<Batch, 'circleId' | 'tag' | 'fileName'>,
): Promise<Batch> => ({
  batchId: newId(ctx.clock.nowMs()),
  today: ctx.clock.today(),
  at: ctx.clock.now(),
  circleId: file.circleId,
  tag: file.tag,
  fileName: file.fileName,
  own: await readOwnFields(ctx.db),
  holds: holdsOf(kindSetups((await readSettings(ctx.db)).kinds)),
});

/** From here on those who come in are seen by this import alone. */
async function beginBatch(tx: Sql, batch: Batch, leftOut: number, actionId: string): Promise<void> {
  await queries.insertBatch(tx, {
    id: batch.batchId,
    file_name: batch.fileName,
    at: batch.at,
    people: 0,
    left_out: leftOut,
    action_id: actionId,
  });
  await queries.hideBatch(tx, batch.batchId);
}

function sentenceOf(
  fileName: string,
  { added, joined, differing }: { added: number; joined: number; differing: number },
): string {
  const also = [
    joined > 0 && `; ${plural(joined, 'person was', 'people were')} here already`,
    differing > 0 && `; ${plural(differing, 'detail')} said otherwise went into notes`,
  ];
  return `Imported ${plural(added, 'person', 'people')} from ${fileName}${also.filter(Boolean).join('')}`;
}

/** Brings a list in, in steps; it can be called off. @throws Refusal where nobody can be read in it */
export async function run(
  ctx: Context,
  given: FileGiven & {
    previewId: string | null;
    circleId: string | null;
    tag: string | null;
    same: 'join' | 'add';
  },
) {
  await assertCircle(ctx.db, given.circleId);
  const file = { ...given, ...fileMeant(ctx, given) };
  return actInSteps(ctx, `Importing ${file.fileName}`, async (step, actionId) => {
    await makeFields(ctx, file, step);
    const look = file.same === 'join';
    const read = await readFile(ctx, file, { look, signal: step.signal });
    const { pairs } = read;
    const { people, faults } = read.file;
    if (people.length === 0) throw nobodyIn(file);
    const leftOut = faults.filter((fault) => fault.leftOut).length;
    const joins = look ? joinsOf(await findDoubles(ctx, people, pairs, step.signal)) : new Map();
    const batch = await newBatch(ctx, file);
    const prepared = await step(async (tx) => {
      await beginBatch(tx, batch, leftOut, actionId);
      return prepare(tx, people, joins);
    });
    const { targets } = prepared;
    let differing = 0;
    await step.each(targets, async (tx, some) => {
      await queries.seeBatch(tx, batch.batchId);
      differing += (await writeTargets(tx, some, prepared, batch)).differing;
    });
    const named = await step((tx) => namesMeant(tx, people, prepared.idAt));
    await step.each(tiesToWrite(targets), async (tx, some) => {
      await queries.seeBatch(tx, batch.batchId);
      await writeTies(tx, some, named);
    });
    if (given.previewId) dropPreview(ctx, given.previewId);
    const added = targets.filter(({ isNew }) => isNew).length;
    const joined = targets.length - added;
    return {
      done: {
        batchId: batch.batchId,
        people: added,
        joined,
        differing,
        leftOut,
        sentence: sentenceOf(file.fileName, { added, joined, differing }),
        plan: 'everybody',
        topics: ['people', 'notes', 'touches', 'lists', 'imports'],
      },
      // From here on everybody sees them.
      last: (tx) => queries.showBatch(tx, batch.batchId, added),
    };
  });
}
