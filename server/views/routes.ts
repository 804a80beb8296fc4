import type { Router } from 'express';

import * as api from '@/contract/views';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';

export function viewRoutes(router: Router, ctx: Context): void {
  register(router, api.listViews, () => actions.list(ctx));
  register(router, api.saveView, ({ body }) => actions.save(ctx, body));
  register(router, api.orderViews, ({ body }) => actions.order(ctx, body.ids));
  register(router, api.changeView, ({ params, body }) => actions.change(ctx, params.id, body));
  register(router, api.removeView, ({ params }) => actions.remove(ctx, params.id));
}
