import { z } from 'zod';

import { Done, Id, IdParam } from './common';
import { endpoint } from './endpoint';

const subject = 'history';

export const RecentAction = z.object({
  id: Id,
  at: z.string(),
  sentence: z.string(),
  undone: z.boolean(),
});
export type RecentAction = z.infer<typeof RecentAction>;

export const listActions = endpoint({
  method: 'get',
  path: '/actions',
  subject,
  shows: ['history'],
  summary: 'What was done lately, the latest first',
  query: z.object({ limit: z.coerce.number().int().min(1).max(200).default(50) }),
  response: z.object({ actions: z.array(RecentAction) }),
});

export const undoAction = endpoint({
  method: 'post',
  path: '/actions/:id/undo',
  long: true,
  subject,
  summary: 'Undoes one action',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const getWork = endpoint({
  method: 'get',
  path: '/work',
  subject,
  shows: ['history'],
  summary: 'What large action is under way, and how far it is',
  response: z.object({
    work: z
      .object({ what: z.string(), done: z.number().int(), of: z.number().int().nullable() })
      .nullable(),
  }),
});

export const cancelWork = endpoint({
  method: 'post',
  path: '/work/cancel',
  subject,
  summary: 'Calls off the large action that is under way; everything it did is taken back',
  response: z.object({ cancelled: z.boolean() }),
});

export const listTasks = endpoint({
  method: 'get',
  path: '/tasks',
  subject,
  shows: ['history', 'services'],
  summary: 'What is done by itself: what is still to be done, then what was, with what came of it',
  response: z.object({
    tasks: z.array(
      z.object({
        key: z.string(),
        kind: z.string(),
        state: z.enum(['ready', 'running', 'done', 'failed']),
        runs: z.number().int(),
        failures: z.number().int(),
        runAt: z.string(),
        outcome: z.string(),
      }),
    ),
  }),
});
