import { join } from 'node:path';

import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Logger } from 'pino';

import type { ApiError, ErrorCode } from '@/contract/endpoint';

import { ownNamesOnly, ownPagesOnly, placeOf, signedInOnly } from '../access';
import { idempotent } from '../act';
import { PUBLIC_PAGES, Refusal, ROUTES } from '../api';
import type { Context } from '../context';
import { DatabaseAway } from '../db';
import { isSecure } from '../guard';
import type { StandIn } from '../lifecycle';
import { Busy } from '../threads';
import { apiPage, openApiDocument } from './openapi';

/** Files of people are the largest requests: 24 MB of them are 32 MB as base64. */
const BODY_LIMIT = '33mb';
const YEAR_SECONDS = 31_536_000;
const MINUTE_MS = 60_000;

export interface AppOptions {
  /** The exported web application; null serves the API alone. */
  webDir: string | null;
  /** Stand-ins for outside services, served beside it in the demo. */
  standIns?: readonly StandIn[];
  log: Logger;
}

/** The web server: public pages, the API behind its guard, and the web application. */
export function createApp(ctx: Context, options: AppOptions): Express {
  const app = bareApp(ctx);
  servePublic(app, ctx);
  app.use(ownNamesOnly(ctx));
  app.use(compression());
  app.use((_, response, next) => {
    ctx.inFlight += 1;
    response.once('close', () => (ctx.inFlight -= 1));
    next();
  });
  app.use('/api', apiRouter(ctx));
  serveStandIns(app, ctx, options.standIns ?? []);
  if (options.webDir) serveWeb(app, options.webDir);
  return app.use(answerFailure(options.log));
}

/** What strangers may reach and nothing else, for an address of its own. */
export function createFormApp(ctx: Context, log: Logger): Express {
  const app = bareApp(ctx).get('/', (_, response) => response.redirect('/form'));
  servePublic(app, ctx);
  return app.use(answerFailure(log));
}

function servePublic(app: Express, ctx: Context): void {
  for (const { path, perMinute, router } of ctx.house.of(PUBLIC_PAGES))
    app.use(path, ...(perMinute === null ? [] : [boundedTo(perMinute)]), router(ctx));
}

function serveStandIns(app: Express, ctx: Context, standIns: readonly StandIn[]): void {
  for (const { keyed } of standIns) if (keyed) app.use('/standins', keyed);
  // What is sent to them is signed; what they show is the owner's.
  app.get('/standins/{*path}', signedInOnly(ctx));
  for (const { shown } of standIns) if (shown) app.use('/standins', shown);
}

const boundedTo = (perMinute: number) =>
  rateLimit({
    windowMs: MINUTE_MS,
    limit: perMinute,
    standardHeaders: true,
    legacyHeaders: false,
    keyGenerator: ({ ip }) => placeOf(ip ?? ''),
  });

function bareApp({ guard }: Context): Express {
  const app = express();
  app.disable('x-powered-by');
  if (guard.reach.origins.length > 0) app.set('trust proxy', guard.reach.proxies);
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
      strictTransportSecurity: isSecure(guard.reach) ? { maxAge: YEAR_SECONDS } : false,
    }),
  );
  return app;
}

function apiRouter(ctx: Context): Router {
  const router = Router();
  router.use(ownPagesOnly(ctx), signedInOnly(ctx));
  router.use(express.json({ limit: BODY_LIMIT }));
  router.use(idempotent(ctx));
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
    throw new Refusal('not_found', `There is nothing at ${request.baseUrl}${request.path}.`);
  });
  return router;
}

/** A refusal says why; anything unexpected keeps its cause for the log and shows none of it. */
function answerFailure(log: Logger): ErrorRequestHandler {
  return (error, request, response, _next) => {
    const refusal = toRefusal(error);
    if (refusal.code === 'internal')
      log.error({ err: error, method: request.method, path: request.path }, 'request failed');
    // Half of a file is out already: it breaks off, so that nobody takes it for the whole.
    if (response.headersSent) return void response.destroy();
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

/**
 * What the database refuses because of what came in (SQLSTATE; PostgreSQL's manual, appendix A), for what
 * no schema and no action has refused before.
 */
const REFUSED_BY_DATABASE: Record<string, [code: ErrorCode, message: string]> = {
  '23503': ['conflict', 'Something that this belongs to is not there any more. Look again.'],
  '23505': ['conflict', 'There is one of this name already, perhaps made in another window.'],
  '22003': ['invalid', 'One of the numbers is too large.'],
  '22007': ['invalid', 'One of the days is none.'],
  '22008': ['invalid', 'One of the days is too far away.'],
  '22021': ['invalid', 'There is a character in it that can’t be kept.'],
  '22P02': ['invalid', 'Something in it is not of the kind that is wanted there.'],
  '22P05': ['invalid', 'There is a character in it that can’t be kept.'],
  '54001': ['invalid', 'This is nested too deep.'],
};

/** What libraries and the database throw says of itself. */
interface Thrown {
  type?: string;
  code?: string;
  status?: number;
  constraint?: string;
}

function toRefusal(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof DatabaseAway) return new Refusal('unavailable', error.message);
  if (error instanceof Busy) return new Refusal('unavailable', error.message);
  const { type, code, status, constraint } = error as Thrown;
  if (constraint === 'request_pkey')
    return new Refusal('conflict', 'This was done already. Reload to see it.');
  if (type === 'entity.too.large')
    return new Refusal('too_large', 'This is more than Pen Pal takes at once. Split it.');
  if (type?.startsWith('entity.') || type === 'encoding.unsupported')
    return new Refusal('invalid', 'This request is not readable as JSON.');
  if (code === 'ENOSPC' || code === '53100')
    return new Refusal(
      'unavailable',
      'The disk is full, so nothing was saved. Make room and try again.',
    );
  const refused = code ? REFUSED_BY_DATABASE[code] : undefined;
  if (refused) return new Refusal(...refused);
  if (status === 404) return new Refusal('not_found', 'There is nothing at this address.');
  if (status && status >= 400 && status < 500)
    return new Refusal('invalid', 'This request can’t be read.');
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
