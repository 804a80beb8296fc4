import { z } from 'zod';

import { WARMTHS } from '@/core/touches';

import { Day } from './common';

/** How somebody stands with their promise: when the next touch is due and how warm they are. */
export const Standing = z.object({
  promiseDays: z.number().int().nullable(),
  due: Day.nullable(),
  slack: z.number().int().nullable(),
  warmth: z.enum(WARMTHS as [string, ...string[]]).nullable() as z.ZodType<
    (typeof WARMTHS)[number] | null
  >,
});
export type Standing = z.infer<typeof Standing>;
