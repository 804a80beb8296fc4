import type { Router } from 'express';

import * as api from '@/contract/planner';

import type { Context } from '../context';
import { memoizeUntilWrite, register } from '../api';
import { readAhead, readLeast } from './ahead';
import { readConsistency } from './consistency';
import * as proposals from './proposals';
import * as trials from './trials';

export function aheadRoutes(router: Router, ctx: Context): void {
  register(router, api.getAhead, ({ query }) => readAhead(ctx, query.weeks));
  register(router, api.getLeast, ({ query }) => readLeast(ctx, query.weeks));
  register(router, api.startTrial, ({ body }) => trials.start(ctx, body.trial, body.weeks));
  register(router, api.readTrial, async ({ params }) => trials.read(ctx, params.id));
  register(router, api.cancelTrial, async ({ params }) => trials.cancel(ctx, params.id));
  register(router, api.startProposals, ({ body }) => proposals.start(ctx, body.trial, body.weeks));
  register(router, api.readProposals, async ({ params }) => proposals.read(ctx, params.id));
  register(router, api.cancelProposals, async ({ params }) => proposals.cancel(ctx, params.id));
  register(router, api.makeTrial, ({ body }) => trials.make(ctx, body.trial));
  register(
    router,
    api.getConsistency,
    memoizeUntilWrite(ctx, ({ query }) => readConsistency(ctx, query.weeks)),
  );
}
