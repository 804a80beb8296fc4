import express, { Router } from 'express';
import { rateLimit } from 'express-rate-limit';

import * as api from '@/contract/intake';

import type { Context } from '../context';
import { register } from '../api';
import { placeOf } from '../access';
import { FULL, readForm, saveForm, takeIn } from './actions';
import * as arrivals from './arrivals';
import { closedPage, crowdedPage, formPage, thanksPage, type Answers } from './page';

/** The owner's side: opening, closing and wording the form. */
export function intakeRoutes(router: Router, ctx: Context): void {
  register(router, api.readIntake, async () => ({ form: await readForm(ctx) }));
  register(router, api.saveIntake, ({ body }) => saveForm(ctx, body));
  register(router, api.listArrivals, ({ query }) => arrivals.list(ctx, query.limit));
  register(router, api.addArrival, ({ params }) => arrivals.add(ctx, params.id));
  register(router, api.joinArrival, ({ params, body }) =>
    arrivals.join(ctx, params.id, body.personId, body.take),
  );
  register(router, api.dropArrival, ({ params }) => arrivals.drop(ctx, params.id));
}

const BODY_LIMIT = '16kb';
const HOUR_MS = 3_600_000;
const SENT_AN_HOUR = 20;

/** The public side: a page without script, bounded in size and number, with a trap for machines. */
export function publicForm(ctx: Context): Router {
  const router = Router();
  // It may stand on any page of the owner's, and needs nothing but its own style.
  router.use((_, response, next) => {
    response.removeHeader('X-Frame-Options');
    response.setHeader(
      'Content-Security-Policy',
      "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'",
    );
    next();
  });
  const bounded = rateLimit({
    windowMs: HOUR_MS,
    limit: SENT_AN_HOUR,
    standardHeaders: true,
    legacyHeaders: false,
    // Each household has its own count; behind a proxy that is known, the proxy tells whose it is.
    keyGenerator: ({ ip }) => placeOf(ip ?? ''),
    handler: (_, response) => void response.status(429).type('html').send(crowdedPage()),
  });
  router.get('/', async (_, response) => {
    const form = await readForm(ctx);
    if (!form.open) return void response.status(404).type('html').send(closedPage());
    response.type('html').send(formPage(form));
  });
  const body = express.urlencoded({ extended: false, limit: BODY_LIMIT, parameterLimit: 20 });
  router.post('/', bounded, body, async (request, response) => {
    const form = await readForm(ctx);
    if (!form.open) return void response.status(404).type('html').send(closedPage());
    const answers = textsOf(request.body);
    // People don't see this field; who fills it in is thanked and not heard.
    if (answers.website) return void response.type('html').send(thanksPage(form));
    const fault = await takeIn(ctx, answers);
    if (fault === FULL) response.status(503).type('html').send(crowdedPage());
    else if (fault)
      response
        .status(422)
        .type('html')
        .send(formPage(form, answers, fault));
    else response.type('html').send(thanksPage(form));
  });
  return router;
}

const textsOf = (body: unknown): Answers & { website?: string } =>
  Object.fromEntries(
    Object.entries((body ?? {}) as object).filter(([, value]) => typeof value === 'string'),
  );
