import type { Router } from 'express';

import * as api from '@/contract/history';

import { cancelWork, progressOf, recentActions, undoAction } from '../act';
import { register } from '../api';
import type { Context } from '../context';
import { latestTasks } from '../tasks';

const TASKS_SHOWN = 100;

export function historyRoutes(router: Router, ctx: Context): void {
  register(router, api.listActions, async ({ query }) => ({
    actions: await recentActions(ctx.db, query.limit),
  }));
  register(router, api.undoAction, ({ params }) => undoAction(ctx, params.id));
  register(router, api.getWork, async () => progressOf(ctx));
  register(router, api.cancelWork, async () => cancelWork(ctx));
  register(router, api.listTasks, async () => ({
    tasks: (await latestTasks(ctx.db, TASKS_SHOWN)).map(({ run_at, ...task }) => ({
      ...task,
      runAt: run_at,
    })),
  }));
}
