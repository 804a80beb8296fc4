import type { Router } from 'express';

import * as api from '@/contract/lists';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';

export function listRoutes(router: Router, ctx: Context): void {
  register(router, api.readLists, () => actions.readAll(ctx));
  register(router, api.addEntry, ({ params, body }) => actions.add(ctx, params.list, body));
  register(router, api.orderEntries, ({ params, body }) =>
    actions.order(ctx, params.list, body.ids),
  );
  register(router, api.changeEntry, ({ params, body }) =>
    actions.change(ctx, params.list, params.id, body),
  );
  register(router, api.mergeEntries, ({ params, body }) =>
    actions.merge(ctx, params.list, params.id, body.into),
  );
  register(router, api.removeEntry, ({ params }) => actions.remove(ctx, params.list, params.id));
}
