import { z } from 'zod';

import { Day, Done, PersonId } from './common';
import { endpoint } from './endpoint';
import { PersonFields } from './record';

const subject = 'people';

const Side = z.object({
  id: PersonId,
  name: z.string(),
  circle: z.string().nullable(),
  addedOn: Day,
  touches: z.number().int(),
  notes: z.number().int(),
  fields: PersonFields,
  /** What the two are called whom this one record names, as "Dana & Lee Marsh" does; null for one person. */
  couple: z.tuple([z.string(), z.string()]).nullable(),
});
/** One of two people who may be the same. */
export type Side = z.infer<typeof Side>;

/** Two records that may be one person, with what speaks for it. */
export const SamePair = z.object({
  a: Side,
  b: Side,
  verdict: z.enum(['sure', 'ask']),
  evidence: z.array(z.string()),
});
export type SamePair = z.infer<typeof SamePair>;

export const listSame = endpoint({
  method: 'get',
  path: '/same',
  subject,
  shows: ['people'],
  summary: 'Pairs that surely or perhaps are one person, the likeliest first',
  query: z.object({ limit: z.coerce.number().int().min(1).max(100).default(20) }),
  response: z.object({ sure: z.number().int(), ask: z.number().int(), pairs: z.array(SamePair) }),
});

export const getPair = endpoint({
  method: 'get',
  path: '/same/pair',
  subject,
  shows: ['people', 'notes', 'touches'],
  summary: 'Two people side by side, with what speaks for and against their being one',
  query: z.object({ a: PersonId, b: PersonId }),
  response: z.object({
    a: Side,
    b: Side,
    verdict: z.enum(['sure', 'ask', 'different']),
    evidence: z.array(z.string()),
  }),
  errors: ['invalid', 'not_found'],
});

const Pair = { a: PersonId, b: PersonId };

export const keepApart = endpoint({
  method: 'post',
  path: '/same/apart',
  subject,
  summary: 'Says that two are different people; they are not asked about again',
  body: z.object(Pair),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const splitCouple = endpoint({
  method: 'post',
  path: '/same/split',
  subject,
  summary:
    'Makes two people of a record that names a couple; all that is known stays with the first, the home is both’s',
  body: z.object({ id: PersonId }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const mergePeople = endpoint({
  method: 'post',
  path: '/same/merge',
  subject,
  summary: 'Makes one person of two, field by field; both stories are kept',
  body: z.object({
    keepId: PersonId,
    goneId: PersonId,
    /** Fields whose value is taken from the one who goes; lists are always united. */
    take: z.array(z.union([PersonFields.keyof(), z.literal('circle')])).max(40),
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const mergeSure = endpoint({
  method: 'post',
  path: '/same/merge-sure',
  long: true,
  subject,
  summary: 'Merges every pair that is surely one person, in one action; the older record is kept',
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid'],
});

export const listMerged = endpoint({
  method: 'get',
  path: '/same/merged',
  subject,
  shows: ['people'],
  summary: 'Who was merged in the last 30 days and can be taken apart again',
  response: z.object({
    merged: z.array(
      z.object({ goneId: PersonId, gone: z.string(), keepId: PersonId, keep: z.string(), on: Day }),
    ),
  }),
});

export const takeApart = endpoint({
  method: 'post',
  path: '/same/take-apart',
  subject,
  summary: 'Makes two people again of one, also after later changes',
  body: z.object({ goneId: PersonId }),
  response: Done,
  errors: ['not_found', 'conflict'],
});
