import type { CellEdit, Partners, ReadFile } from '@/core/intake';
import type { ColumnUse } from '@/core/people';
import type { Pair } from '@/core/same';
import { orderIn } from '@/core/time';

import { Refusal } from '../api';
import type { Context } from '../context';
import { readOwnFields } from '../lists';
import { readKnown } from '../people';
import { readSettings } from '../settings';
import { checkPeople } from './check';

export interface FileGiven {
  fileName: string;
  bytes: Buffer;
  pasted: boolean;
  /** Null to guess. */
  mapping: (ColumnUse | null)[] | null;
  partners: Partners;
  edits: CellEdit[];
}

/** Files from here on hold hundreds of people: they are compared with everybody, read once, as they are read. */
const LARGE_BYTES = 40_000;

/**
 * Reads a file or a pasted list; refuses with a sentence what can't be read at all. Asked to look, it also
 * answers whom of a large one somebody may be; null where that is still to be found.
 */
export async function readFile(
  ctx: Context,
  { bytes, pasted, mapping, partners, edits }: FileGiven,
  { look, signal }: { look: boolean; signal?: AbortSignal },
): Promise<{ file: ReadFile; pairs: Pair[] | null }> {
  const { locale, country } = await readSettings(ctx.db);
  const task = {
    bytes,
    pasted,
    mapping,
    partners,
    edits,
    own: await readOwnFields(ctx.db),
    today: ctx.clock.today(),
    order: orderIn(locale),
    country,
    present: look && bytes.length > LARGE_BYTES ? await readKnown(ctx.db) : null,
  };
  const result = await ctx.threads.run('readFile', task, signal && { signal });
  if (!result.ok) {
    const { reason, sentence, field } = result.fault;
    throw new Refusal(reason, sentence, field);
  }
  const { people, faults } = result.file;
  await checkPeople(people, faults);
  faults.sort((a, b) => a.row - b.row);
  return { file: result.file, pairs: result.pairs ?? null };
}
