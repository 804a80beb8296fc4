import { z } from 'zod';

import { TESTS, type Group as CoreGroup } from '@/core/people';
import { WARMTHS } from '@/core/touches';

import { BatchId, CadenceId, CircleId, listOf, PersonId } from './common';
import { findPlainFault } from './plain';

const Condition = z.object({
  field: z.string().max(60),
  test: z.enum(TESTS),
  values: z.array(z.union([z.string().max(200), z.number()])).max(200),
});

/** Conditions and groups of which all, any or none must hold; groups may stand in groups. */
export const Group: z.ZodType<CoreGroup, CoreGroup> = z
  .object({
    match: z.enum(['all', 'any', 'none']),
    get of() {
      return z.array(z.union([Condition, Group])).max(100);
    },
  })
  .meta({ id: 'FilterGroup' });

/** What a record can lack that a filter finds. */
export const LACKS = [
  'name',
  'phone',
  'email',
  'address',
  'place',
  'birthday',
  'circle',
  'consent',
] as const;
/** See {@link LACKS}. */
export type Lack = (typeof LACKS)[number];

const Warmth = z.enum(WARMTHS);

/** A filter over people; everything given must hold. What is not known is refused: it would mean everybody. */
export const PeopleFilter = z.strictObject({
  text: z.string().max(200).optional(),
  circleIds: z.array(CircleId).max(50).optional(),
  warmths: z.array(Warmth).optional(),
  tags: z.array(z.string()).max(50).optional(),
  cadenceId: CadenceId.optional(),
  batchId: BatchId.optional(),
  lacks: z.enum(LACKS).optional(),
  /** Who is in the sphere, put away, or deleted and still returnable. */
  among: z.enum(['sphere', 'archived', 'deleted']).optional(),
  rules: Group.optional(),
});
export type PeopleFilter = z.infer<typeof PeopleFilter>;

/** Orders in which people can be listed. */
export const SORTS = ['slack', 'name', 'added', 'match'] as const;
/** See {@link SORTS}. */
export type PeopleSort = (typeof SORTS)[number];

/** Whom an action on many is for: single people, or everybody whom a filter finds at that moment. */
export const Who = z.union([
  z.object({ ids: z.array(PersonId).min(1).max(20_000) }),
  z.object({ filter: PeopleFilter }),
]);
export type Who = z.infer<typeof Who>;

/** A group written as JSON in a query string. */
const RulesText = z
  .string()
  .max(12_000)
  .transform((text, context) => {
    try {
      const rules = JSON.parse(text) as unknown;
      const fault = findPlainFault(rules);
      if (!fault) return rules;
      context.addIssue({ code: 'custom', message: fault.message });
      return z.NEVER;
    } catch {
      context.addIssue({ code: 'custom', message: 'The filter can’t be read.' });
      return z.NEVER;
    }
  })
  .pipe(Group as z.ZodType<CoreGroup, unknown>);

/** The filter as it stands in a query string. */
export const FilterQuery = z.object({
  text: z.string().max(200).optional(),
  circleIds: listOf(CircleId).optional(),
  warmths: listOf(Warmth).optional(),
  tags: listOf(z.string()).optional(),
  cadenceId: CadenceId.optional(),
  batchId: BatchId.optional(),
  lacks: z.enum(LACKS).optional(),
  among: z.enum(['sphere', 'archived', 'deleted']).optional(),
  rules: RulesText.optional(),
});

/** A filter in the form that {@link FilterQuery} reads. */
export const toFilterQuery = (filter: PeopleFilter): z.input<typeof FilterQuery> => ({
  ...(filter.text ? { text: filter.text } : {}),
  ...(filter.circleIds?.length ? { circleIds: filter.circleIds.join(',') } : {}),
  ...(filter.warmths?.length ? { warmths: filter.warmths.join(',') } : {}),
  ...(filter.tags?.length ? { tags: filter.tags.join(',') } : {}),
  ...(filter.cadenceId ? { cadenceId: filter.cadenceId } : {}),
  ...(filter.batchId ? { batchId: filter.batchId } : {}),
  ...(filter.lacks ? { lacks: filter.lacks } : {}),
  ...(filter.among ? { among: filter.among } : {}),
  ...(filter.rules?.of.length ? { rules: JSON.stringify(filter.rules) } : {}),
});
