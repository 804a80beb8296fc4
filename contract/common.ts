import { z } from 'zod';

import { isPlainDate, type PlainDate } from '@/core/time';

import { TOPICS } from './topics';

export const Id = z.uuid();
export type Id = string;

/** A calendar day, 'YYYY-MM-DD'. */
export const Day = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, 'Give the day as YYYY-MM-DD.')
  .refine(isPlainDate, 'There is no such day in the calendar.')
  .meta({ format: 'date', example: '2026-11-23' }) as unknown as z.ZodType<PlainDate, string>;

export const IdParam = z.object({ id: Id });

/** What every write answers with: the action that can be undone, and what it did in one sentence. */
export const Done = z.object({
  actionId: Id,
  sentence: z.string(),
  /** What it touched: whoever shows these reads again. */
  topics: z.array(z.enum(TOPICS)),
});
export type Done = z.infer<typeof Done>;

/** A comma-separated list in a query string. */
export const listOf = <T extends z.ZodType<unknown, string>>(item: T) =>
  z
    .string()
    .transform((text) => text.split(',').filter(Boolean))
    .pipe(z.array(item));
