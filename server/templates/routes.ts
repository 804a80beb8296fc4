import type { Router } from 'express';

import * as api from '@/contract/templates';

import { register } from '../api';
import type { Context } from '../context';
import * as actions from './actions';
import { check, read } from './check';

export function templateRoutes(router: Router, ctx: Context): void {
  register(router, api.listTemplates, () => actions.list(ctx));
  register(router, api.addTemplate, ({ body }) => actions.add(ctx, body));
  register(router, api.checkWords, ({ body }) => check(ctx, body));
  register(router, api.readWords, ({ body }) => read(ctx, body));
  register(router, api.listTemplateVersions, ({ params }) => actions.versions(ctx, params.id));
  register(router, api.getTemplate, ({ params }) => actions.find(ctx, params.id));
  register(router, api.saveTemplate, ({ params, body }) => actions.save(ctx, params.id, body));
  register(router, api.removeTemplate, ({ params }) => actions.remove(ctx, params.id));
}
