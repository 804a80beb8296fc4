import { Router } from 'express';

import type { Context } from '../context';
import { feedAt, feedText } from './feeds';

/**
 * Where calendar programs read, without signing in: who has the address may read it. A wrong or revoked one
 * answers like any other that is not there.
 */
export function feedPages(ctx: Context): Router {
  const router = Router();
  router.get('/:token', async ({ params }, response) => {
    const feed = await feedAt(ctx, params.token.replace(/\.ics$/, ''));
    // It may be read again each time, and is sent again only where it has changed.
    response.setHeader('Cache-Control', 'private, no-cache');
    response.setHeader('X-Robots-Tag', 'noindex');
    if (!feed) return void response.status(404).type('text').send('There is no calendar here.');
    response.type('text/calendar; charset=utf-8').send(await feedText(ctx, feed));
  });
  return router;
}
