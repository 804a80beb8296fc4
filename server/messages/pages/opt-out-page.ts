import express, { Router } from 'express';

import { escapeHtml } from '@/core/messages';

import { publicPage } from '../../api';
import type { Context } from '../../context';
import { readSettings } from '../../settings';
import { optOut } from '../inbound/inbound';
import { messageOfToken } from './opt-out';

const page = (title: string, body: string): string =>
  publicPage(title, `<h1>${escapeHtml(title)}</h1>${body}`);

/**
 * Where readers say that they want no more e-mail, without signing in. Looking changes nothing, for scanners
 * open every link; only a press does, be it here or in their mail program (RFC 8058).
 */
export function optOutPage(ctx: Context): Router {
  const router = Router();
  router.use((_, response, next) => {
    response.setHeader(
      'Content-Security-Policy',
      "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'",
    );
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  const nothing = page(
    'Nothing to do here',
    '<p>This address is not whole. Open the link from the e-mail once more, or answer the e-mail.</p>',
  );
  router.get('/:token', async ({ params }, response) => {
    const isOurs = messageOfToken(ctx, params.token) !== null;
    const { ownerName } = await readSettings(ctx.db);
    response
      .status(isOurs ? 200 : 404)
      .type('html')
      .send(
        isOurs
          ? page(
              'No more e-mail?',
              `<p>${escapeHtml(ownerName)} will not write to you by e-mail any more.</p><form method="post"><button>No more e-mail, please</button></form>`,
            )
          : nothing,
      );
  });
  const body = express.urlencoded({ extended: false, limit: '4kb', parameterLimit: 10 });
  router.post('/:token', body, async ({ params }, response) => {
    const id = messageOfToken(ctx, params.token);
    const done = id !== null && (await optOut(ctx, id, 'by the link in an e-mail'));
    response
      .status(done ? 200 : 404)
      .type('html')
      .send(done ? page('Done', '<p>You will get no more e-mail.</p>') : nothing);
  });
  return router;
}
