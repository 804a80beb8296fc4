import express, { Router } from 'express';
import { rateLimit } from 'express-rate-limit';

import { placeOf } from '../access';
import type { Context } from '../context';
import { readSettings } from '../settings';
import { optOut } from './back';
import { messageOfToken } from './opt-out';

const escape = (text: string): string =>
  text.replace(/[&<>"']/g, (char) => `&#${char.codePointAt(0)};`);

const page = (title: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<meta name="robots" content="noindex"><title>${escape(title)}</title>
<style>
body{font:17px/1.5 Georgia,serif;background:#FBF7EF;color:#1E2433;max-width:32rem;margin:2rem auto;padding:0 1.2rem}
button{font:inherit;margin-top:1.2rem;padding:.7rem 1.4rem;background:#1E2433;color:#FBF7EF;border:0;border-radius:4px}
</style></head><body><main><h1>${escape(title)}</h1>${body}</main></body></html>`;

const MINUTE_MS = 60_000;
const ASKED_A_MINUTE = 60;

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
  router.use(
    rateLimit({
      windowMs: MINUTE_MS,
      limit: ASKED_A_MINUTE,
      standardHeaders: true,
      legacyHeaders: false,
      keyGenerator: ({ ip }) => placeOf(ip ?? ''),
    }),
  );
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
              `<p>${escape(ownerName)} will not write to you by e-mail any more.</p><form method="post"><button>No more e-mail, please</button></form>`,
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
