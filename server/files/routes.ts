import type { Router } from 'express';

import { Id } from '@/contract/common';
import { keepFile } from '@/contract/files';

import { notFound, register } from '../api';
import type { Context } from '../context';
import { keep } from './files';
import { readBytes } from './queries';

/** Types that a browser shows without running anything in them. */
const SHOWN = /^image\/(jpeg|png|gif|webp)$/;

export function fileRoutes(router: Router, ctx: Context): void {
  register(router, keepFile, async ({ body }) => ({ file: await keep(ctx, body) }));
  // A file is bytes, not JSON; one id is one file for good.
  router.get('/files/:id', async (request, response) => {
    const { success, data } = Id.safeParse(request.params.id);
    const [file] = success ? await readBytes(ctx.db, [data]) : [];
    if (!file) throw notFound('This file is not there any more.');
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    response.setHeader('X-Content-Type-Options', 'nosniff');
    if (!SHOWN.test(file.type)) response.attachment(file.name);
    response.type(file.type).send(Buffer.from(file.content, 'base64'));
  });
}
