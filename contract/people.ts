import { z } from 'zod';

import { ENROLMENT_STATES } from '@/core/cadences';
import { TOUCH_KINDS, OUTCOMES } from '@/core/touches';

import { CadenceId, CircleId, Day, Done, Id, Int4, PersonId, PersonParam, PhotoId } from './common';
import { endpoint } from './endpoint';
import { FilterQuery, PeopleFilter, SORTS } from './filters';
import { PersonDraft, PersonFields, Text } from './record';
import { Standing } from './standing';
import { HouseholdShown, Job, Note, TieShown } from './story';

const subject = 'people';

/** A person as lists show them. */
export const PersonRow = z.object({
  id: PersonId,
  name: z.string(),
  place: z.string(),
  company: z.string(),
  circle: z.string().nullable(),
  tags: z.array(z.string()),
  standing: Standing,
  hasPhone: z.boolean(),
  hasEmail: z.boolean(),
  hasAddress: z.boolean(),
  /** Days before today of the touches made in the last year, the latest first. */
  recent: z.array(z.number().int()),
});
export type PersonRow = z.infer<typeof PersonRow>;

export const listPeople = endpoint({
  method: 'get',
  path: '/people',
  subject,
  shows: ['people', 'touches', 'notes', 'enrolments', 'lists', 'settings'],
  summary: 'People, filtered and sorted, a page at a time',
  query: FilterQuery.extend({
    sort: z.enum(SORTS).default('slack'),
    offset: z.coerce.number().int().min(0).max(10_000_000).default(0),
    limit: z.coerce.number().int().min(1).max(500).default(100),
  }),
  response: z.object({
    total: z.number().int(),
    /** Nobody matches the words as typed: these are spelled or sound alike. */
    near: z.boolean(),
    rows: z.array(PersonRow),
  }),
  errors: ['invalid'],
});

export const countPeople = endpoint({
  method: 'post',
  path: '/people/count',
  subject,
  shows: ['people', 'touches', 'notes', 'enrolments', 'lists', 'settings'],
  summary: 'How many people a filter finds, and what in it points to nothing any more',
  body: z.object({ filter: PeopleFilter }),
  response: z.object({ total: z.number().int(), warnings: z.array(z.string()) }),
  errors: ['invalid'],
});

/** Somebody who is here already and may be the same person. */
export const LookAlike = z.object({
  id: PersonId,
  name: z.string(),
  verdict: z.enum(['sure', 'ask']),
  evidence: z.array(z.string()),
});
export type LookAlike = z.infer<typeof LookAlike>;

export const peopleFacets = endpoint({
  method: 'get',
  path: '/people/facets',
  subject,
  shows: ['people', 'touches', 'lists', 'settings', 'enrolments'],
  summary:
    'How many people a filter finds, by warmth whatever it says of that; and everybody by tag',
  query: FilterQuery,
  response: z.object({
    total: z.number().int(),
    warmth: z.record(z.string(), z.number().int()),
    tags: z.array(z.object({ name: z.string(), people: z.number().int() })),
  }),
});

export const addPerson = endpoint({
  method: 'post',
  path: '/people',
  subject,
  summary: 'Adds one person: a name and any one way to reach them is enough',
  body: PersonDraft,
  response: Done.extend({ id: PersonId }),
  errors: ['invalid'],
});

export const readLine = endpoint({
  method: 'post',
  path: '/people/read-line',
  subject,
  summary: 'Reads one typed line into the parts of a person; writes nothing',
  body: z.object({ line: z.string().max(1000) }),
  response: z.object({
    draft: PersonDraft,
    unread: z.array(z.string()),
    lookAlikes: z.array(LookAlike),
  }),
});

export const findLookAlikes = endpoint({
  method: 'post',
  path: '/people/look-alikes',
  subject,
  summary: 'Who in the sphere may be the person described; writes nothing',
  body: z.object({ draft: PersonDraft }),
  response: z.object({ lookAlikes: z.array(LookAlike) }),
  errors: ['invalid'],
});

export const enrichPerson = endpoint({
  method: 'post',
  path: '/people/:id/enrich',
  subject,
  summary: 'Adds what is new about somebody: empty fields are filled, further ways to reach added',
  params: PersonParam,
  body: PersonDraft,
  response: Done.extend({ id: PersonId }),
  errors: ['invalid', 'not_found'],
});

const TouchMade = z.object({
  id: Id,
  on: Day,
  kind: z.enum(TOUCH_KINDS),
  outcome: z.enum(OUTCOMES),
  hold: z.number(),
});

const PlannedNext = z.object({
  key: z.string(),
  day: Day,
  kind: z.enum(TOUCH_KINDS),
  reason: z.string(),
  words: z.string(),
});

/** Everything on one person's sheet. */
export const PersonSheet = z.object({
  id: PersonId,
  version: z.number().int(),
  name: z.string(),
  fields: PersonFields,
  circle: z
    .object({ id: CircleId, name: z.string(), promiseDays: z.number().int().nullable() })
    .nullable(),
  ownPromiseDays: z.number().int().nullable(),
  tags: z.array(z.string()),
  addedOn: Day,
  archivedOn: Day.nullable(),
  deletedOn: Day.nullable(),
  photoId: PhotoId.nullable(),
  standing: Standing,
  sentence: z.string(),
  touches: z.array(TouchMade),
  notes: z.array(Note),
  ties: z.array(TieShown),
  household: HouseholdShown.nullable(),
  jobs: z.array(Job),
  planned: z.array(PlannedNext),
  /** What a conversation can begin with. */
  talk: z.array(z.object({ about: z.string(), words: z.string() })),
  /** What was left out of a plan, and enrolments that began or stopped: the rest of the story. */
  events: z.array(
    z.object({
      id: z.string(),
      on: Day,
      kind: z.enum(['cadence', 'skipped', 'message']),
      words: z.string(),
      /** The message that it tells of. */
      messageId: Id.optional(),
    }),
  ),
  enrolments: z.array(
    z.object({
      id: Id,
      cadenceId: CadenceId,
      cadence: z.string(),
      startOn: Day,
      state: z.enum(ENROLMENT_STATES),
    }),
  ),
});
export type PersonSheet = z.infer<typeof PersonSheet>;

export const listFacts = endpoint({
  method: 'get',
  path: '/people/facts',
  subject,
  shows: [],
  summary: 'What subjects know of people besides their fields, to be filtered by and exported',
  response: z.object({
    facts: z.array(
      z.object({
        key: z.string(),
        label: z.string(),
        type: z.enum(['text', 'number', 'date', 'flag']),
      }),
    ),
  }),
});

export const getPerson = endpoint({
  method: 'get',
  path: '/people/:id',
  subject,
  shows: ['people', 'notes', 'touches', 'plan', 'enrolments', 'cadences', 'lists', 'services'],
  summary: "One person's sheet",
  params: PersonParam,
  response: PersonSheet,
  errors: ['not_found'],
});

export const editPerson = endpoint({
  method: 'patch',
  path: '/people/:id',
  subject,
  summary: 'Changes one person; refused if somebody else changed them since',
  params: PersonParam,
  body: PersonFields.partial().extend({
    /** The version that the change was made on. */
    version: Int4,
    circleId: CircleId.nullable().optional(),
    ownPromiseDays: z.number().int().min(1).max(3650).nullable().optional(),
    tags: z.array(Text(60)).max(50).optional(),
    /** The tags as they were when they were changed: refused if they are others by now. */
    tagsWere: z.array(z.string()).max(1_000).optional(),
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const eraseImpact = endpoint({
  method: 'get',
  path: '/people/:id/held',
  subject,
  shows: ['people', 'notes', 'touches', 'enrolments', 'services'],
  summary: 'What is kept about somebody, counted, before deleting or erasing',
  params: PersonParam,
  response: z.object({
    name: z.string(),
    held: z.array(z.string()),
    enrolments: z.number().int(),
    /** What backups would still hold of them, and until when; null for nothing. */
    backups: z.string().nullable(),
  }),
  errors: ['not_found'],
});

export const erasePerson = endpoint({
  method: 'post',
  path: '/people/:id/erase',
  subject,
  summary: 'Erases everything about somebody at once, also from the history; cannot be undone',
  params: PersonParam,
  /** The name as shown, typed again, so that a slip erases nobody. */
  body: z.object({ name: z.string().max(400) }),
  response: z.object({ sentence: z.string() }),
  errors: ['invalid', 'not_found'],
});
