import { z } from 'zod';

import { TIE_KINDS } from '@/core/people';

import { Day, Done, Id, IdParam, Int4, PersonId, PersonParam } from './common';
import { endpoint } from './endpoint';
import { NamedDate, Text } from './record';

const subject = 'people';

/** A note about a person. */
export const Note = z.object({
  id: Id,
  version: z.number().int(),
  on: Day,
  body: z.string(),
  pinned: z.boolean(),
  /** The words written with a # in it. */
  tags: z.array(z.string()),
});
export type Note = z.infer<typeof Note>;

const Words = Text(10_000).min(1, 'Write something first.');

export const addNote = endpoint({
  method: 'post',
  path: '/people/:id/notes',
  subject,
  summary: 'Writes a dated note; words with a # before them are its tags',
  params: PersonParam,
  body: z.object({
    body: Words,
    /** Days that it tells of, kept as dates of theirs; see `daysInNote`. */
    dates: z.array(NamedDate).max(10).default([]),
  }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const keepDate = endpoint({
  method: 'post',
  path: '/people/:id/dates',
  subject,
  summary: 'Puts a date on the sheet, in place of one of the same name',
  params: PersonParam,
  body: NamedDate,
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const editNote = endpoint({
  method: 'patch',
  path: '/notes/:id',
  subject,
  summary: 'Changes, dates or pins a note; refused if it was changed since',
  params: IdParam,
  body: z.object({ body: Words, pinned: z.boolean(), on: Day }).partial().extend({
    /** The version that the change was made on. */
    version: Int4,
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const removeNote = endpoint({
  method: 'delete',
  path: '/notes/:id',
  subject,
  summary: 'Takes a note away',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

/** A tie between two people, or to somebody who is only a name. */
export const TieShown = z.object({
  id: Id,
  /** Seen from the person whose sheet it is on: 'parent' is the other side of 'child'. */
  kind: z.enum([...TIE_KINDS, 'parent', 'referred']),
  words: z.string(),
  otherId: PersonId.nullable(),
  name: z.string(),
  birthday: z.string().nullable(),
});
export type TieShown = z.infer<typeof TieShown>;

export const addTie = endpoint({
  method: 'post',
  path: '/people/:id/ties',
  subject,
  summary: 'Ties somebody to another person, or to a name that is not in the sphere',
  params: PersonParam,
  body: z.object({
    kind: z.enum([...TIE_KINDS, 'parent', 'referred']),
    otherId: PersonId.nullable().default(null),
    otherName: Text(200).default(''),
    birthday: z
      .string()
      .regex(/^(\d{4}-)?\d{2}-\d{2}$/, 'Give the birthday as YYYY-MM-DD or MM-DD.')
      .nullable()
      .default(null),
    words: Text(300).default(''),
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const removeTie = endpoint({
  method: 'delete',
  path: '/ties/:id',
  subject,
  summary: 'Takes a tie away',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

/** The home of a person with everybody in it. */
export const HouseholdShown = z.object({
  id: Id,
  members: z.array(z.object({ id: PersonId, name: z.string() })),
  /** "Dana & Lee Marsh", for envelopes. */
  formal: z.string(),
  /** "Dana & Lee", after "Dear". */
  familiar: z.string(),
});
export type HouseholdShown = z.infer<typeof HouseholdShown>;

export const joinHousehold = endpoint({
  method: 'post',
  path: '/people/:id/household',
  subject,
  summary: 'Puts somebody into the household of another person',
  params: PersonParam,
  body: z.object({ withId: PersonId }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const leaveHousehold = endpoint({
  method: 'delete',
  path: '/people/:id/household',
  subject,
  summary: 'Takes somebody out of their household, for good until they are joined again',
  params: PersonParam,
  response: Done,
  errors: ['not_found'],
});

export const saveSalutations = endpoint({
  method: 'patch',
  path: '/households/:id',
  subject,
  summary: "Writes a household's salutations by hand; empty lets Pen Pal word them",
  params: IdParam,
  body: z.object({ formal: Text(200), familiar: Text(200) }).partial(),
  response: Done,
  errors: ['not_found'],
});

/** A piece of work done for a person. */
export const Job = z.object({
  id: Id,
  name: z.string(),
  stage: z.string(),
  /** Minor units. */
  valueMinor: z.number().int().nullable(),
  feeMinor: z.number().int().nullable(),
  completedOn: Day.nullable(),
});
export type Job = z.infer<typeof Job>;

const Money = z.number().int().min(0).max(1e13).nullable();
const JobFields = z.object({
  name: Text(200).min(1, 'Name the work.'),
  stage: Text(60),
  valueMinor: Money,
  feeMinor: Money,
  completedOn: Day.nullable(),
});

export const addJob = endpoint({
  method: 'post',
  path: '/people/:id/jobs',
  subject,
  summary: 'Adds work done for a person; a completed day starts the service anniversary',
  params: PersonParam,
  body: JobFields.partial().extend({ name: JobFields.shape.name }),
  response: Done.extend({ id: Id }),
  errors: ['invalid', 'not_found'],
});

export const editJob = endpoint({
  method: 'patch',
  path: '/jobs/:id',
  subject,
  summary: 'Changes work done for a person',
  params: IdParam,
  body: JobFields.partial(),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const removeJob = endpoint({
  method: 'delete',
  path: '/jobs/:id',
  subject,
  summary: 'Takes work away',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

export const savePhoto = endpoint({
  method: 'put',
  path: '/people/:id/photo',
  subject,
  summary: 'Keeps a photo, made small; JPEG, PNG or WebP',
  params: PersonParam,
  /** The bytes of the file, base64; null takes the photo away. */
  body: z.object({ content: z.string().nullable() }),
  response: Done,
  errors: ['invalid', 'not_found', 'too_large'],
});
