import { z } from 'zod';

import { Done, PersonId } from './common';
import { endpoint } from './endpoint';
import { LACKS } from './filters';

const subject = 'people';

export const listGaps = endpoint({
  method: 'get',
  path: '/gaps',
  subject,
  shows: ['gaps', 'people', 'lists'],
  summary: 'What is not known, with how many people lack it and were not passed over',
  response: z.object({
    gaps: z.array(z.object({ lack: z.enum(LACKS), people: z.number().int() })),
  }),
});

/** One person of a worklist, with what helps to fill the gap. */
export const GapPerson = z.object({
  id: PersonId,
  version: z.number().int(),
  name: z.string(),
  about: z.string(),
});
export type GapPerson = z.infer<typeof GapPerson>;

export const listGap = endpoint({
  method: 'get',
  path: '/gaps/:lack',
  subject,
  shows: ['gaps', 'people', 'lists'],
  summary: 'The people who lack something, those least in time first',
  params: z.object({ lack: z.enum(LACKS) }),
  response: z.object({ total: z.number().int(), people: z.array(GapPerson) }),
});

export const passOver = endpoint({
  method: 'post',
  path: '/gaps/:lack/pass',
  subject,
  summary: 'Passes somebody over: they are not asked about in this worklist again',
  params: z.object({ lack: z.enum(LACKS) }),
  body: z.object({ personId: PersonId }),
  response: Done,
  errors: ['not_found'],
});

/** A tag that fits a person, and the words that say so. */
export const TagIdea = z.object({
  personId: PersonId,
  name: z.string(),
  tag: z.string(),
  /** The words that led to it, the weightiest first. */
  words: z.array(z.string()),
});
export type TagIdea = z.infer<typeof TagIdea>;

export const suggestTags = endpoint({
  method: 'get',
  path: '/tag-ideas',
  subject,
  shows: ['people', 'notes', 'lists', 'gaps'],
  summary: "Tags that fit people by the owner's own tagging, with the words that led to them",
  response: z.object({
    ideas: z.array(TagIdea),
    total: z.number().int(),
    /** Tags that too few people have for learning. */
    learnt: z.number().int(),
  }),
});

export const takeTags = endpoint({
  method: 'post',
  path: '/tag-ideas/take',
  long: true,
  subject,
  summary: 'Puts suggested tags on, one or many in one action',
  body: z.object({
    ideas: z
      .array(z.object({ personId: PersonId, tag: z.string().max(60) }))
      .min(1)
      .max(5000),
  }),
  response: Done.extend({ people: z.number().int() }),
  errors: ['not_found'],
});

export const passTag = endpoint({
  method: 'post',
  path: '/tag-ideas/pass',
  subject,
  summary: 'Does not suggest this tag for this person again',
  body: z.object({ personId: PersonId, tag: z.string().max(60) }),
  response: Done,
  errors: ['not_found'],
});
