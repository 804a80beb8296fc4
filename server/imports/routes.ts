import type { Router } from 'express';

import * as api from '@/contract/imports';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';
import * as looked from './preview';
import { listBatches } from './queries';
import type { FileGiven } from './read';

const given = ({
  content,
  ...file
}: Omit<FileGiven, 'bytes' | 'edits'> & { content: string }): FileGiven => ({
  fileName: file.fileName,
  pasted: file.pasted,
  mapping: file.mapping,
  partners: file.partners,
  bytes: Buffer.from(content, 'base64'),
  edits: [],
});

export function importRoutes(router: Router, ctx: Context): void {
  register(router, api.previewImport, ({ body }) => looked.preview(ctx, given(body)));
  register(router, api.changePreview, ({ params, body }) => looked.change(ctx, params.id, body));
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
  register(router, api.undoImport, ({ params }) => actions.undo(ctx, params.id));
}
