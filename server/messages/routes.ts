import type { Router } from 'express';

import * as api from '@/contract/messages';
import type { Topic } from '@/contract/topics';
import { addDays } from '@/core/time';

import { register } from '../api';
import type { Context } from '../context';
import * as back from './back';
import { look } from './look';
import * as outbox from './outbox';
import { previewToMany, writeToMany } from './many';
import { resultsSince } from './queries';
import { tryOnMe } from './try';
import { start, write } from './write';

export { optOutPage } from './opt-out-page';
export { seenPages } from './seen-pages';

export function messageRoutes(router: Router, ctx: Context): void {
  register(router, api.listOutbox, () => outbox.readOutbox(ctx));
  register(router, api.listSent, ({ query }) => outbox.readSent(ctx, query));
  register(router, api.listInbound, ({ query }) => back.listIn(ctx, query.limit));
  register(router, api.listResults, async () => ({
    results: await resultsSince(ctx.db, addDays(ctx.clock.today(), -365)),
  }));
  register(router, api.previewMany, ({ body }) => previewToMany(ctx, body));
  register(router, api.writeMany, ({ body }) => writeToMany(ctx, body));
  register(router, api.startMessage, ({ body }) => start(ctx, body));
  register(router, api.tryWords, ({ body }) => tryOnMe(ctx, body));
  register(router, api.holdAll, ({ body }) => outbox.holdAll(ctx, body.hold));
  register(router, api.pollNow, async () => ({
    sentence: await look(ctx),
    topics: ['messages', 'touches', 'people', 'plan'] satisfies Topic[],
  }));
  register(router, api.unsuppressAddress, ({ body }) => back.trust(ctx, body.address));
  register(router, api.placeIncoming, ({ params, body }) => back.place(ctx, params.id, body));
  register(router, api.writeMessage, ({ body }) => write(ctx, body));
  register(router, api.getMessage, ({ params }) => outbox.readMessage(ctx, params.id));
  register(router, api.changeMessage, ({ params, body }) => outbox.change(ctx, params.id, body));
  register(router, api.moveMessage, ({ params, body }) => outbox.move(ctx, params.id, body.move));
}
