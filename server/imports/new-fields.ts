import { fieldTypeOf } from '@/core/intake';
import { need } from '@/core/need';
import { partsOfUse, type ColumnUse } from '@/core/people';

import type { Step } from '../act';
import type { Context } from '../context';
import { ensureFields } from '../lists';
import { readFile, type FileGiven } from './read';

/**
 * Makes the fields of the owner's that columns of a file are to become, and has the columns fill them. A
 * field of that name which is there already is filled.
 */
export async function makeFields(ctx: Context, file: FileGiven, step: Step): Promise<void> {
  const { mapping } = file;
  if (!mapping?.some((use) => use && partsOfUse(use).to === 'newField')) return;
  const { columns, rows } = (await readFile(ctx, file, { look: false, signal: step.signal })).file;
  const wanted = mapping.flatMap((use, i) =>
    use && partsOfUse(use).to === 'newField'
      ? [
          {
            i,
            name: need(columns[i]).name,
            type: fieldTypeOf(rows.map(({ cells }) => cells[i] ?? '')),
          },
        ]
      : [],
  );
  const ids = await step((tx) => ensureFields(tx, wanted));
  file.mapping = mapping.map((use, i): ColumnUse | null => {
    const place = wanted.findIndex((field) => field.i === i);
    return place < 0 ? use : (`own:${need(ids[place])}` as const);
  });
}
