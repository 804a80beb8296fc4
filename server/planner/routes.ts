import type { Router } from 'express';

import * as api from '@/contract/planner';

import type { Context } from '../context';
import { register } from '../http/register';
import { readAhead } from './ahead';

export function plannerRoutes(router: Router, ctx: Context): void {
  register(router, api.getAhead, ({ query }) => readAhead(ctx, query.weeks));
}
