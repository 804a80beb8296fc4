import type { Router } from 'express';

import * as api from '@/contract/imports';

import type { Context } from '../context';
import { Refusal, register, type Via } from '../api';
import { Stopped } from '../threads';
import * as actions from './actions';
import * as looked from './preview';
import { listBatches } from './queries';
import type { FileGiven } from './read';
import { undo } from './take-back';

function given({
  content,
  ...file
}: Omit<FileGiven, 'bytes' | 'edits'> & { content: string }): FileGiven {
  const bytes = Buffer.from(content, 'base64');
  if (bytes.length > api.MAX_FILE_MB * 2 ** 20)
    throw new Refusal('too_large', api.tooLargeSentence(bytes.length), 'content');
  const { fileName, pasted, mapping, partners } = file;
  return { fileName, pasted, mapping, partners, bytes, edits: [] };
}

/** Reads a file for as long as somebody waits for it. */
async function whileAwaited<T>({ response }: Via, read: (signal: AbortSignal) => Promise<T>) {
  const gone = new AbortController();
  response.once('close', () => gone.abort());
  try {
    return await read(gone.signal);
  } catch (error) {
    if (error instanceof Stopped) throw new Refusal('unavailable', 'The file was not read on.');
    throw error;
  }
}

export function importRoutes(router: Router, ctx: Context): void {
  register(router, api.previewImport, ({ body }, via) =>
    whileAwaited(via, (signal) => looked.preview(ctx, given(body), { signal })),
  );
  register(router, api.changePreview, ({ params, body }, via) =>
    whileAwaited(via, (signal) => looked.change(ctx, params.id, body, signal)),
  );
  register(router, api.previewPeople, ({ params, query }) => looked.people(ctx, params.id, query));
  register(router, api.runImport, ({ body }) =>
    actions.run(ctx, {
      ...given(body),
      previewId: body.previewId,
      circleId: body.circleId,
      tag: body.tag,
      same: body.same,
    }),
  );
  register(router, api.listImports, async () => ({
    batches: (await listBatches(ctx.db)).map((row) => ({
      id: row.id,
      fileName: row.file_name,
      at: row.at,
      people: row.people,
      leftOut: row.left_out,
      undone: row.undone,
    })),
  }));
  register(router, api.undoImport, ({ params }) => undo(ctx, params.id));
}
