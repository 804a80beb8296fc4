import type { Router } from 'express';

import * as api from '@/contract/upkeep';

import { register } from '../api';
import type { Context } from '../context';
import * as actions from './actions';

export function upkeepRoutes(router: Router, ctx: Context): void {
  register(router, api.readUpkeep, () => actions.read(ctx));
  register(router, api.backUpNow, () => actions.backUpNow(ctx));
}
