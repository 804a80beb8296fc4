import type { CellEdit, Partners, ReadFile } from '@/core/intake';
import type { ColumnUse } from '@/core/people';
import { orderIn } from '@/core/time';

import { Refusal } from '../api';
import type { Context } from '../context';
import { readOwnFields } from '../lists';
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

/** Reads a file or a pasted list; refuses with a sentence what can't be read at all. */
export async function readFile(
  ctx: Context,
  { bytes, pasted, mapping, partners, edits }: FileGiven,
  signal?: AbortSignal,
): Promise<ReadFile> {
  const { locale } = await readSettings(ctx.db);
  const file = {
    bytes,
    pasted,
    mapping,
    partners,
    edits,
    own: await readOwnFields(ctx.db),
    today: ctx.clock.today(),
    order: orderIn(locale),
  };
  const result = await ctx.threads.run('readFile', file, signal && { signal });
  if (!result.ok) {
    const { reason, sentence, field } = result.fault;
    throw new Refusal(reason, sentence, field);
  }
  const { people, faults } = result.file;
  await checkPeople(people, faults);
  faults.sort((a, b) => a.row - b.row);
  return result.file;
}
