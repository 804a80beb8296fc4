import type { Router } from 'express';

import * as api from '@/contract/touches';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';
import { logTouch } from './log';
import { noteSeen, readDesk } from './desk';
import { overdueFollowUps, settleMeant } from './overdue';

export function touchRoutes(router: Router, ctx: Context): void {
  register(router, api.getDesk, () => readDesk(ctx));
  register(router, api.seeDesk, ({ body }) => noteSeen(ctx, body.keys));
  register(router, api.listMeant, () => overdueFollowUps(ctx));
  register(router, api.settleMeant, ({ body }) => settleMeant(ctx, body.ids, body.fate));
  register(router, api.logTouch, ({ body }) => logTouch(ctx, body));
  register(router, api.logPast, ({ body }) => actions.logPast(ctx, body.touches));
  register(router, api.putOff, ({ body }) => actions.putOff(ctx, body.itemKey, body.until));
  register(router, api.swapItem, ({ body }) => actions.swap(ctx, body.itemKey, body.kind));
  register(router, api.skipItem, ({ body }) => actions.skip(ctx, body.itemKey));
}
