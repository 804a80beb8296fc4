import type { Router } from 'express';

import * as api from '@/contract/gaps';

import type { Context } from '../context';
import { register } from '../api';
import * as actions from './actions';

export function gapRoutes(router: Router, ctx: Context): void {
  register(router, api.listGaps, () => actions.gaps(ctx));
  register(router, api.listGap, ({ params }) => actions.worklist(ctx, params.lack));
  register(router, api.passOver, ({ params, body }) =>
    actions.pass(ctx, params.lack, body.personId),
  );
  register(router, api.suggestTags, () => actions.ideas(ctx));
  register(router, api.takeTags, ({ body }) => actions.take(ctx, body.ideas));
  register(router, api.passTag, ({ body }) => actions.passTag(ctx, body.personId, body.tag));
}
