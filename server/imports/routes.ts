import type { Router } from 'express';

import * as api from '@/contract/imports';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';
import { listBatches } from './queries';

export function importRoutes(router: Router, ctx: Context): void {
  register(router, api.previewImport, async ({ body }) => actions.preview(ctx, body));
  register(router, api.runImport, ({ body }) => actions.run(ctx, body));
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
