import { z } from 'zod';

import { CHANNELS } from '@/core/people';

import { CircleId, Done, Id } from './common';
import { endpoint } from './endpoint';
import { Who } from './filters';
import { Text } from './record';

const Name = Text(60).min(1, 'Give it a name.');

/** One change that is made to everybody meant. */
export const Change = z.discriminatedUnion('do', [
  z.object({ do: z.literal('circle'), circleId: CircleId.nullable() }),
  z.object({ do: z.literal('addTag'), tag: Name }),
  z.object({ do: z.literal('removeTag'), tag: Name }),
  z.object({ do: z.literal('addRole'), role: Name }),
  z.object({ do: z.literal('removeRole'), role: Name }),
  z.object({ do: z.literal('standing'), standing: Text(60) }),
  z.object({ do: z.literal('source'), source: Text(200) }),
  z.object({ do: z.literal('promise'), days: z.number().int().min(1).max(3650).nullable() }),
  z
    .object({
      do: z.literal('consent'),
      channel: z.enum(CHANNELS),
      answer: z.enum(['yes', 'no']).nullable(),
      /** Where they said so; needed for all but "not asked". */
      cameFrom: Text(200).default(''),
    })
    .refine(({ answer, cameFrom }) => answer === null || cameFrom !== '', {
      message: 'Say where it came from.',
      path: ['cameFrom'],
    }),
  z.object({
    do: z.literal('own'),
    fieldId: Id,
    value: z.union([z.string().max(2000), z.number(), z.boolean()]).nullable(),
  }),
  z.object({ do: z.literal('archive') }),
  z.object({ do: z.literal('delete') }),
  /** Back into the sphere, from the archive or from among the deleted. */
  z.object({ do: z.literal('restore') }),
]);
export type Change = z.infer<typeof Change>;

const subject = 'people';

export const previewMany = endpoint({
  method: 'post',
  path: '/people/change/preview',
  long: true,
  subject,
  summary: 'Whom a change would touch, who stays as they are and why; writes nothing',
  body: z.object({ who: Who, change: Change }),
  response: z.object({
    meant: z.number().int(),
    changed: z.number().int(),
    /** Who can't be or need not be changed, by reason. */
    rest: z.array(
      z.object({ why: z.string(), people: z.number().int(), names: z.array(z.string()) }),
    ),
    /** What it does besides, such as taking them off cadences. */
    besides: z.array(z.string()),
  }),
  errors: ['invalid', 'not_found'],
});

export const changeMany = endpoint({
  method: 'post',
  path: '/people/change',
  long: true,
  subject,
  summary: 'Changes one or many people in one action with one undo',
  body: z.object({ who: Who, change: Change }),
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid', 'not_found'],
});
