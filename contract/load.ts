import { z } from 'zod';

import { TOUCH_KINDS } from '@/core/touches';

import { Day, PersonId } from './common';

/** A touch that finds no day, with what it belongs to and why. */
export const NoDay = z.object({
  personId: PersonId,
  name: z.string(),
  kind: z.enum(TOUCH_KINDS),
  on: Day,
  cadence: z.string(),
  why: z.string(),
});

/** What a plan would add to the coming weeks. */
export const AddedLoad = z.object({
  /** Touches asked for in each week, whether there is room for them or not. */
  load: z.array(
    z.object({
      monday: Day,
      before: z.number().int(),
      after: z.number().int(),
      capacity: z.number().int(),
    }),
  ),
  /** Touches more than now that find no day, and the first of them. */
  noDay: z.number().int(),
  noDayFirst: z.array(NoDay),
  /** Promises that hold today and would be broken, now and then; the first who are not so now. */
  slipsBefore: z.number().int(),
  slipsAfter: z.number().int(),
  slipsFirst: z.array(z.object({ personId: PersonId, name: z.string(), on: Day })),
  /** Touches of anything else that would stand on another day, or in the plan no more, and the first of them. */
  others: z.object({
    moved: z.number().int(),
    gone: z.number().int(),
    /** Those of them that stand on today. */
    fromToday: z.number().int(),
    first: z.array(
      z.object({
        personId: PersonId,
        name: z.string(),
        kind: z.enum(TOUCH_KINDS),
        from: Day,
        to: Day.nullable(),
      }),
    ),
  }),
});
export type AddedLoad = z.infer<typeof AddedLoad>;
