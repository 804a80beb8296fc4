import type { Router } from 'express';

import * as api from '@/contract/messages';
import type { Topic } from '@/contract/topics';

import { register } from '../api';
import type { Context } from '../context';
import * as inbound from './inbound/inbound';
import { poll } from './inbound/poll';
import { previewToMany, writeToMany } from './many';
import { tryOnMe } from './try';
import { start, write } from './write';

export function messageRoutes(router: Router, ctx: Context): void {
  register(router, api.listInbound, ({ query }) => inbound.listInbound(ctx, query.limit));
  register(router, api.previewMany, ({ body }) => previewToMany(ctx, body));
  register(router, api.writeMany, ({ body }) => writeToMany(ctx, body));
  register(router, api.startMessage, ({ body }) => start(ctx, body));
  register(router, api.tryWords, ({ body }) => tryOnMe(ctx, body));
  register(router, api.pollNow, async () => ({
    sentence: await poll(ctx),
    topics: ['messages', 'touches', 'people', 'plan'] satisfies Topic[],
  }));
  register(router, api.unsuppressAddress, ({ body }) => inbound.allowAgain(ctx, body.address));
  register(router, api.placeIncoming, ({ params, body }) => inbound.place(ctx, params.id, body));
  register(router, api.writeMessage, ({ body }) => write(ctx, body));
}
