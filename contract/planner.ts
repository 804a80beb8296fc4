import { z } from 'zod';

import { Day, Id } from './common';
import { endpoint } from './endpoint';

export const getAhead = endpoint({
  method: 'get',
  path: '/ahead',
  subject: 'planner',
  summary: 'The load of the coming weeks against capacity, and whose promise will be broken',
  query: z.object({ weeks: z.coerce.number().int().min(1).max(52).default(13) }),
  response: z.object({
    today: Day,
    capacity: z.number().int(),
    promises: z.number().int(),
    overdue: z.number().int(),
    weeks: z.array(
      z.object({
        monday: Day,
        beats: z.number().int(),
        keepers: z.number().int(),
        followUps: z.number().int(),
        capacity: z.number().int(),
      }),
    ),
    slips: z.array(z.object({ personId: Id, name: z.string(), on: Day })),
    slipCount: z.number().int(),
    /** Touches a day at which no further promise is broken; null when no number would do. */
    leastCapacity: z.number().int().nullable(),
  }),
});
