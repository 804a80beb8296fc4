import { Router } from 'express';

import { LIST_SERVICE } from '@/demo';
import { listService } from '@/standins';

import type { Context } from '../context';
import type { StandIn } from '../lifecycle';
import { secretAt } from './secrets';

/** A list service that takes the demo's calls. */
export const standInService = async (ctx: Context): Promise<StandIn> => ({
  shown: Router().use(
    '/list',
    listService(() => secretAt(ctx, LIST_SERVICE)),
  ),
});
