import { Router } from 'express';

import { publicPage } from '../../api';
import type { Context } from '../../context';
import { findDelivery, htmlOf, report, type ShownRow } from '../../delivery';
import { readSettings } from '../../settings';
import { linksOf } from '../letters';
import { whatIsSigned } from './seen';

/** One point that can be seen through. */
const POINT = Buffer.from('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', 'base64');

/** Machines that look mail over open it, and all its links, at once (common practice, no source). */
const TOO_SOON_MS = 2_000;

/**
 * What letters ask for when they are opened and their links followed, without signing in. An altered token
 * shows and tells nothing; a link leads nowhere but where the letter says.
 */
export function seenPages(ctx: Context): Router {
  const router = Router();
  router.use((_, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  router.get('/to/:token', async ({ params, method, headers }, response) => {
    const [id = '', n = ''] = whatIsSigned(ctx, params.token)?.split('.') ?? [];
    const message = id ? await findDelivery(ctx.db, id) : null;
    const html = message && (await htmlOf(ctx.db, [message])).get(message.id);
    const target = message && linksOf({ ...message, html: html ?? '' })[Number(n)];
    if (!message || !target)
      return void response
        .status(404)
        .type('html')
        .send(publicPage('Nothing here', '<p>This address is not whole.</p>'));
    if (method === 'GET' && headers['sec-purpose'] === undefined)
      await note(ctx, message, 'clicked', target);
    response.redirect(302, target);
  });
  router.get('/:token', async ({ params }, response) => {
    const id = whatIsSigned(ctx, params.token.replace(/\.gif$/, ''));
    const message = id ? await findDelivery(ctx.db, id) : null;
    if (message) await note(ctx, message, 'opened', '');
    response.type('gif').send(POINT);
  });
  return router;
}

/** Notes it once a day, as long as the owner wants to know. */
async function note(
  ctx: Context,
  message: ShownRow,
  kind: 'opened' | 'clicked',
  detail: string,
): Promise<void> {
  const { seesOpens, seesClicks } = await readSettings(ctx.db);
  if (!(kind === 'opened' ? seesOpens : seesClicks) || message.sent_at === null) return;
  if (ctx.clock.nowMs() - Date.parse(message.sent_at) < TOO_SOON_MS) return;
  const key = `${kind}:${message.id}:${ctx.clock.today()}:${detail}`;
  await report(ctx, message, { key, kind, detail });
}
