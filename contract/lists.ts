import { z } from 'zod';

import { OWN_TYPES } from '@/core/people';

import { Done, Id } from './common';
import { endpoint } from './endpoint';
import { OwnField, Text } from './record';

const subject = 'lists';

export const LISTS = ['role', 'standing', 'source', 'circle', 'tag', 'field'] as const;
/** Which of the owner's lists: circles, tags, roles and so on. */
export type ListName = (typeof LISTS)[number];

/** An entry of one of the owner's lists. */
export const Entry = z.object({
  id: Id,
  name: z.string(),
  /** Offered first. */
  pinned: z.boolean(),
  /** Not offered any more; who has it keeps it. */
  retired: z.boolean(),
  people: z.number().int(),
});
export type Entry = z.infer<typeof Entry>;

export const readLists = endpoint({
  method: 'get',
  path: '/lists',
  subject,
  shows: ['lists', 'people'],
  summary: "The owner's lists and own fields, with how many people each entry touches",
  response: z.object({
    role: z.array(Entry),
    standing: z.array(Entry),
    source: z.array(Entry),
    circle: z.array(Entry.extend({ promiseDays: z.number().int().nullable() })),
    tag: z.array(Entry),
    field: z.array(OwnField.extend({ people: z.number().int() })),
  }),
});

const Name = Text(60).min(1, 'Give it a name.');
const Extra = {
  /** Of an own field. */
  type: z.enum(OWN_TYPES).optional(),
  choices: z.array(Text(80).min(1)).max(100).optional(),
  /** Of a circle. */
  promiseDays: z
    .number()
    .int()
    .min(1, 'A promise is at least one day.')
    .max(3650)
    .nullable()
    .optional(),
};
const ListParam = z.object({ list: z.enum(LISTS) });
const EntryParam = z.object({ list: z.enum(LISTS), id: Id });

export const addEntry = endpoint({
  method: 'post',
  path: '/lists/:list',
  subject,
  summary: 'Adds an entry at the end of a list',
  params: ListParam,
  body: z.object({ name: Name, ...Extra }),
  response: Done.extend({ id: Id }),
  errors: ['invalid', 'conflict'],
});

export const changeEntry = endpoint({
  method: 'patch',
  path: '/lists/:list/:id',
  long: true,
  subject,
  summary: 'Renames, pins or retires an entry; a new name changes it for everybody who has it',
  params: EntryParam,
  body: z.object({ name: Name, pinned: z.boolean(), retired: z.boolean() }).partial().extend(Extra),
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid', 'not_found', 'conflict'],
});

export const orderEntries = endpoint({
  method: 'put',
  path: '/lists/:list/order',
  subject,
  summary: 'Puts the entries of a list into this order',
  params: ListParam,
  body: z.object({ ids: z.array(Id).max(2000) }),
  response: Done,
  errors: ['invalid'],
});

export const mergeEntries = endpoint({
  method: 'post',
  path: '/lists/:list/:id/merge',
  long: true,
  subject,
  summary: 'Merges an entry into another of the same list',
  params: EntryParam,
  body: z.object({ into: Id }),
  response: Done.extend({ people: z.number().int() }),
  errors: ['invalid', 'not_found'],
});

export const removeEntry = endpoint({
  method: 'delete',
  path: '/lists/:list/:id',
  long: true,
  subject,
  summary: 'Takes an entry away, also from everybody who has it',
  params: EntryParam,
  response: Done.extend({ people: z.number().int() }),
  errors: ['not_found', 'conflict'],
});
