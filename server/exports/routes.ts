import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';

import type { Router } from 'express';

import { PersonId } from '@/contract/common';
import * as api from '@/contract/exports';

import type { Context } from '../context';
import { notFound, register } from '../api';
import * as actions from './actions';
import { findPrepared } from './prepared';

export function exportRoutes(router: Router, ctx: Context): void {
  register(router, api.exportColumns, () => actions.columns(ctx));
  register(router, api.exportPeople, ({ body }) => actions.exportPeople(ctx, body));
  // Files for other programs are no JSON; a long one goes out as it is written.
  router.get('/exports/:id', async (request, response) => {
    const { fileName, mime, parts } = findPrepared(ctx, request.params.id);
    response.attachment(fileName).type(mime);
    // Whoever breaks off the download has had enough of it.
    await pipeline(Readable.from(parts()), response).catch((error: NodeJS.ErrnoException) => {
      if (error.code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
    });
  });
  router.get('/people/:id/card.vcf', async (request, response) => {
    const { success, data } = PersonId.safeParse(request.params.id);
    const card = success ? await actions.card(ctx, data) : null;
    if (!card) throw notFound('This person is not in your sphere any more.');
    response.attachment(card.fileName).type('text/vcard;charset=utf-8').send(card.text);
  });
}
