import { z } from 'zod';

import { Done, Id, IdParam } from './common';
import { endpoint } from './endpoint';
import { PeopleFilter, SORTS } from './filters';

const subject = 'views';

/** A filter with its order, under a name. */
export const SavedView = z.object({
  id: Id,
  name: z.string(),
  filter: PeopleFilter,
  sort: z.enum(SORTS),
  pinned: z.boolean(),
  hidden: z.boolean(),
  people: z.number().int(),
  /** What in it points to nothing any more. */
  warnings: z.array(z.string()),
});
export type SavedView = z.infer<typeof SavedView>;

export const listViews = endpoint({
  method: 'get',
  path: '/views',
  subject,
  shows: ['views', 'people', 'touches', 'notes', 'enrolments', 'lists', 'settings'],
  summary: 'The saved views in their order, each with how many people it finds now',
  response: z.object({ views: z.array(SavedView) }),
});

const Name = z.string().trim().min(1, 'Name the view.').max(60, 'At most 60 characters.');

export const saveView = endpoint({
  method: 'post',
  path: '/views',
  subject,
  summary: 'Keeps a filter as a view',
  body: z.object({ name: Name, filter: PeopleFilter, sort: z.enum(SORTS) }),
  response: Done.extend({ id: Id }),
  errors: ['invalid', 'conflict'],
});

export const changeView = endpoint({
  method: 'patch',
  path: '/views/:id',
  subject,
  summary: 'Renames, pins, hides a view or gives it another filter',
  params: IdParam,
  body: z
    .object({
      name: Name,
      filter: PeopleFilter,
      sort: z.enum(SORTS),
      pinned: z.boolean(),
      hidden: z.boolean(),
    })
    .partial(),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const orderViews = endpoint({
  method: 'put',
  path: '/views/order',
  subject,
  summary: 'Puts the views into this order',
  body: z.object({ ids: z.array(Id).max(500) }),
  response: Done,
});

export const removeView = endpoint({
  method: 'delete',
  path: '/views/:id',
  subject,
  summary: 'Takes a view away; the people in it stay as they are',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});
