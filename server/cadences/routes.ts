import type { Router } from 'express';

import * as api from '@/contract/cadences';

import { register } from '../api';
import type { Context } from '../context';
import * as actions from './actions';
import { readCadences } from './queries';

export function cadenceRoutes(router: Router, ctx: Context): void {
  register(router, api.listCadences, async () => ({
    cadences: (await readCadences(ctx.db)).map(actions.toAnswer),
  }));
  register(router, api.getCadence, async ({ params }) =>
    actions.toAnswer(await actions.find(ctx, params.id)),
  );
  register(router, api.createCadence, ({ body }) => actions.create(ctx, body));
  register(router, api.saveCadence, ({ params, body }) => actions.save(ctx, params.id, body));
  register(router, api.switchCadence, ({ params, body }) =>
    actions.setActive(ctx, params.id, body.active),
  );
  register(router, api.deleteCadence, ({ params }) => actions.remove(ctx, params.id));
  register(router, api.listVersions, ({ params }) => actions.versions(ctx, params.id));
}
