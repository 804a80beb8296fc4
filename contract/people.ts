import { z } from 'zod';

import { TOUCH_KINDS, OUTCOMES, WARMTHS } from '@/core/touches';

import { Day, Done, Id, IdParam, listOf } from './common';
import { endpoint } from './endpoint';

const subject = 'people';

const Text = (max: number) => z.string().trim().max(max, `At most ${max} characters.`);

export const PersonFields = z.object({
  givenName: Text(120),
  familyName: Text(120),
  /** The name they go by, where it is not the given name. */
  goesBy: Text(120),
  company: Text(200),
  email: Text(254),
  phone: Text(60),
  addressLine: Text(300),
  city: Text(120),
  region: Text(60),
  postalCode: Text(20),
  place: Text(120),
  /** 'MM-DD' or 'YYYY-MM-DD'. */
  birthday: z
    .string()
    .regex(/^(\d{4}-)?\d{2}-\d{2}$/, 'Give the birthday as YYYY-MM-DD or MM-DD.')
    .nullable(),
  roles: z.array(Text(60)).max(20),
  source: Text(200),
});
export type PersonFields = z.infer<typeof PersonFields>;

/** The parts of a person that can be given when adding one; all may be left out. */
export const PersonDraft = PersonFields.partial().extend({
  circleId: Id.nullable().optional(),
  tags: z.array(Text(60)).max(50).optional(),
  note: Text(10_000).optional(),
});
export type PersonDraft = z.infer<typeof PersonDraft>;

export const Standing = z.object({
  promiseDays: z.number().int().nullable(),
  due: Day.nullable(),
  slack: z.number().int().nullable(),
  warmth: z.enum(WARMTHS as [string, ...string[]]).nullable() as z.ZodType<
    (typeof WARMTHS)[number] | null
  >,
});
export type Standing = z.infer<typeof Standing>;

export const PersonRow = z.object({
  id: Id,
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

export const LACKS = ['phone', 'email', 'address', 'circle'] as const;

/** A filter over people; everything given must hold. */
export const PeopleFilter = z.object({
  text: z.string().max(200).optional(),
  circleIds: z.array(Id).max(50).optional(),
  warmths: z.array(z.enum(['fresh', 'steady', 'soon', 'slipping', 'quiet'])).optional(),
  tags: z.array(z.string()).max(50).optional(),
  cadenceId: Id.optional(),
  batchId: Id.optional(),
  lacks: z.enum(LACKS).optional(),
});
export type PeopleFilter = z.infer<typeof PeopleFilter>;

export const SORTS = ['slack', 'name', 'added'] as const;
export type PeopleSort = (typeof SORTS)[number];

/** Whom an action on many is for: single people, or everybody whom a filter finds at that moment. */
export const Who = z.union([
  z.object({ ids: z.array(Id).min(1).max(20_000) }),
  z.object({ filter: PeopleFilter }),
]);
export type Who = z.infer<typeof Who>;

export const listPeople = endpoint({
  method: 'get',
  path: '/people',
  subject,
  summary: 'People, filtered and sorted, a page at a time',
  query: z.object({
    text: z.string().max(200).optional(),
    circleIds: listOf(Id).optional(),
    warmths: listOf(z.enum(['fresh', 'steady', 'soon', 'slipping', 'quiet'])).optional(),
    tags: listOf(z.string()).optional(),
    cadenceId: Id.optional(),
    batchId: Id.optional(),
    lacks: z.enum(LACKS).optional(),
    sort: z.enum(SORTS).default('slack'),
    offset: z.coerce.number().int().min(0).default(0),
    limit: z.coerce.number().int().min(1).max(500).default(100),
  }),
  response: z.object({ total: z.number().int(), rows: z.array(PersonRow) }),
});

export const peopleFacets = endpoint({
  method: 'get',
  path: '/people/facets',
  subject,
  summary: 'How many people there are by warmth, circle and tag',
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
  response: Done.extend({ id: Id }),
  errors: ['invalid'],
});

export const readLine = endpoint({
  method: 'post',
  path: '/people/read-line',
  subject,
  summary: 'Reads one typed line into the parts of a person; writes nothing',
  body: z.object({ line: z.string().max(1000) }),
  response: z.object({ draft: PersonDraft, unread: z.array(z.string()) }),
});

const TouchMade = z.object({
  id: Id,
  on: Day,
  kind: z.enum(TOUCH_KINDS),
  outcome: z.enum(OUTCOMES),
  hold: z.number(),
  note: z.string(),
});

const PlannedNext = z.object({
  key: z.string(),
  day: Day,
  kind: z.enum(TOUCH_KINDS),
  reason: z.string(),
  words: z.string(),
});

export const PersonSheet = z.object({
  id: Id,
  version: z.number().int(),
  name: z.string(),
  fields: PersonFields,
  circle: z
    .object({ id: Id, name: z.string(), promiseDays: z.number().int().nullable() })
    .nullable(),
  ownPromiseDays: z.number().int().nullable(),
  tags: z.array(z.string()),
  addedOn: Day,
  standing: Standing,
  sentence: z.string(),
  touches: z.array(TouchMade),
  notes: z.array(z.object({ id: Id, on: Day, body: z.string() })),
  planned: z.array(PlannedNext),
  enrolments: z.array(
    z.object({
      id: Id,
      cadenceId: Id,
      cadence: z.string(),
      startOn: Day,
      state: z.enum(['waiting', 'running', 'finished', 'stopped']),
    }),
  ),
});
export type PersonSheet = z.infer<typeof PersonSheet>;

export const getPerson = endpoint({
  method: 'get',
  path: '/people/:id',
  subject,
  summary: "One person's sheet",
  params: IdParam,
  response: PersonSheet,
  errors: ['not_found'],
});

export const editPerson = endpoint({
  method: 'patch',
  path: '/people/:id',
  subject,
  summary: 'Changes one person; refused if somebody else changed them since',
  params: IdParam,
  body: PersonFields.partial().extend({
    /** The version that the change was made on. */
    version: z.number().int(),
    circleId: Id.nullable().optional(),
    ownPromiseDays: z.number().int().min(1).max(3650).nullable().optional(),
    tags: z.array(Text(60)).max(50).optional(),
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const addNote = endpoint({
  method: 'post',
  path: '/people/:id/notes',
  subject,
  summary: 'Writes a dated note',
  params: IdParam,
  body: z.object({ body: Text(10_000).min(1, 'Write something first.') }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const setCircle = endpoint({
  method: 'post',
  path: '/people/set-circle',
  subject,
  summary: 'Puts one or many people into a circle',
  body: z.object({ who: Who, circleId: Id.nullable() }),
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid', 'not_found'],
});

export const addTag = endpoint({
  method: 'post',
  path: '/people/add-tag',
  subject,
  summary: 'Puts a tag on one or many people',
  body: z.object({ who: Who, tag: Text(60).min(1, 'Name the tag.') }),
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid'],
});
