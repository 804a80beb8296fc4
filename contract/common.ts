import { z } from 'zod';

import { isPlainDate, type PlainDate } from '@/core/time';

import { TOPICS } from './topics';

/** An id of a row: a UUID. */
export const Id = z.uuid();

declare const KIND: unique symbol;
/** An id of one kind of thing: where it is wanted, one of another kind does not fit. */
export type IdOf<Kind extends string> = string & { readonly [KIND]?: Kind };
const idOf = <Kind extends string>() => Id as unknown as z.ZodType<IdOf<Kind>, IdOf<Kind>>;

/** The id of a person. */
export const PersonId = idOf<'person'>();
export type PersonId = z.infer<typeof PersonId>;
/** The id of a circle. */
export const CircleId = idOf<'circle'>();
export type CircleId = z.infer<typeof CircleId>;
/** The id of a cadence. */
export const CadenceId = idOf<'cadence'>();
/** The id of an enrolment. */
export const EnrolmentId = idOf<'enrolment'>();
/** The id of an import batch. */
export const BatchId = idOf<'import batch'>();
/** The id of a service that is called over HTTP. */
export const ServiceId = idOf<'service'>();
/** The id of an action, by which it is undone. */
export const ActionId = idOf<'action'>();
/** The id of a touch. */
export const TouchId = idOf<'touch'>();
/** The id of a saved view. */
export const ViewId = idOf<'view'>();
/** The id of a photo. */
export const PhotoId = idOf<'photo'>();

/** A calendar day, 'YYYY-MM-DD'. */
export const Day = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, 'Give the day as YYYY-MM-DD.')
  .refine(isPlainDate, 'There is no such day in the calendar.')
  .meta({ format: 'date', example: '2026-11-23' }) as unknown as z.ZodType<PlainDate, string>;

/** A number that the database keeps as one of 32 bits. */
export const Int4 = z.number().int().min(-2_147_483_648).max(2_147_483_647);

/** The path parameter of one row. */
export const IdParam = z.object({ id: Id });
/** The path parameter of one person. */
export const PersonParam = z.object({ id: PersonId });

/** What every write answers with: the action that can be undone, and what it did in one sentence. */
export const Done = z.object({
  actionId: ActionId,
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
