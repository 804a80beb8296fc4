import type { Router } from 'express';

import * as api from '@/contract/services';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';

export function serviceRoutes(router: Router, ctx: Context): void {
  register(router, api.listServices, () => actions.read(ctx));
  register(router, api.createService, ({ body }) => actions.create(ctx, body));
  register(router, api.retryCall, ({ body }) => actions.retry(ctx, body.id));
  register(router, api.saveService, ({ params, body }) => actions.save(ctx, params.id, body));
  register(router, api.renewSecret, ({ params }) => actions.renewSecret(ctx, params.id));
  register(router, api.deleteService, ({ params }) => actions.remove(ctx, params.id));
  register(router, api.tryService, ({ params, body }) =>
    actions.tryOut(ctx, params.id, body.personId),
  );
}
