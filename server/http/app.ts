import { join } from 'node:path';

import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, Router } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';

import type { ApiError } from '@/contract/endpoint';

import { Refusal, ROUTES } from '../api';
import type { Context } from '../context';
import { publicForm } from '../intake/routes';
import { apiPage, openApiDocument } from './openapi';

/** Files of people are the largest requests: 24 MB hold a CSV of some 18 MB. */
const BODY_LIMIT = '24mb';

export interface AppOptions {
  /** The exported web application; null serves the API alone. */
  webDir: string | null;
  /** Stand-ins for outside services, served beside it at /standins in the demo. */
  standins?: Router;
  log: Logger;
}

export function createApp(ctx: Context, options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // The web view writes its styles from script.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          connectSrc: ["'self'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.use((_, response, next) => {
    ctx.inFlight += 1;
    response.once('close', () => (ctx.inFlight -= 1));
    next();
  });
  app.use('/api', apiRouter(ctx, options.log));
  app.use('/form', publicForm(ctx), answerFailure(options.log));
  if (options.standins) app.use('/standins', options.standins);
  if (options.webDir) serveWeb(app, options.webDir);
  return app;
}

function apiRouter(ctx: Context, log: Logger): Router {
  const router = Router();
  router.use(express.json({ limit: BODY_LIMIT }));
  router.use((_, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  // Made when somebody asks for it: it takes a tenth of a start.
  let document: object | undefined;
  router.get('/openapi.json', (_, response) => {
    document ??= openApiDocument(ctx.version);
    response.json(document);
  });
  router.get('/', (_, response) => void response.type('html').send(apiPage(ctx.version)));
  for (const serve of ctx.house.of(ROUTES)) serve(router, ctx);
  router.use((request) => {
    throw new Refusal('not_found', `There is nothing at ${request.originalUrl}.`);
  });
  router.use(answerFailure(log));
  return router;
}

/** A refusal says why; anything unexpected keeps its cause for the log and shows none of it. */
function answerFailure(log: Logger): ErrorRequestHandler {
  return (error, request, response, next) => {
    if (response.headersSent) return next(error);
    const refusal = toRefusal(error);
    if (refusal.code === 'internal')
      log.error({ err: error, url: request.originalUrl }, 'request failed');
    const body: ApiError = {
      error: {
        code: refusal.code,
        message: refusal.message,
        ...(refusal.field ? { field: refusal.field } : {}),
        ...(refusal.fields ? { fields: [...refusal.fields] } : {}),
      },
    };
    response.status(refusal.status).json(body);
  };
}

function toRefusal(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  const { type, code } = error as { type?: string; code?: string };
  if (type === 'entity.too.large')
    return new Refusal('too_large', 'This is more than Pen Pal takes at once (24 MB). Split it.');
  if (type?.startsWith('entity.') || type === 'encoding.unsupported')
    return new Refusal('invalid', 'This request is not readable as JSON.');
  if (code === 'ENOSPC' || code === '53100')
    return new Refusal(
      'unavailable',
      'The disk is full, so nothing was saved. Make room and try again.',
    );
  return new Refusal(
    'internal',
    'Something went wrong on our side, and nothing was saved. Try again.',
  );
}

/** Hashed files may be kept for good; a missing one is missing, never the page itself. */
function serveWeb(app: Express, dir: string): void {
  const forGood = { immutable: true, maxAge: '365d', fallthrough: false };
  app.use('/_expo/static', express.static(join(dir, '_expo/static'), forGood));
  app.use('/assets', express.static(join(dir, 'assets'), forGood));
  app.use(express.static(dir, { index: false }));
  app.get('/{*path}', (_, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(dir, 'index.html'));
  });
}
