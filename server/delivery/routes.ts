import type { Router } from 'express';

import * as api from '@/contract/messages';
import { addDays } from '@/core/time';

import { register } from '../api';
import type { Context } from '../context';
import * as batches from './batches';
import * as moves from './moves';
import * as outbox from './outbox';
import { resultsSince } from './outbox-queries';

const RESULT_DAYS = 365;

export function deliveryRoutes(router: Router, ctx: Context): void {
  register(router, api.listOutbox, () => outbox.readOutbox(ctx));
  register(router, api.listSent, ({ query }) => outbox.readSent(ctx, query));
  register(router, api.listResults, async () => ({
    results: await resultsSince(ctx.db, addDays(ctx.clock.today(), -RESULT_DAYS)),
  }));
  register(router, api.holdAll, ({ body }) => moves.holdMany(ctx, body.hold));
  register(router, api.listBatches, ({ query }) => batches.readBatches(ctx, query.limit));
  register(router, api.getBatch, ({ params }) => batches.readBatch(ctx, params.id));
  register(router, api.moveBatch, ({ params, body }) =>
    body.move === 'cancel'
      ? moves.cancelBatch(ctx, params.id)
      : moves.holdMany(ctx, body.move === 'hold', params.id),
  );
  register(router, api.setBatchRate, ({ params, body }) =>
    batches.setRate(ctx, params.id, body.perMinute),
  );
  register(router, api.moveMessage, ({ params, body }) => moves.move(ctx, params.id, body.move));
  register(router, api.changeMessage, ({ params, body }) =>
    moves.changeWords(ctx, params.id, body),
  );
  register(router, api.getMessage, ({ params }) => outbox.readMessage(ctx, params.id));
}
