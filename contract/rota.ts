import { z } from 'zod';

import { NAME_PARTS, PARTICLES } from '@/core/rota';

import { CadenceId, Day, Done, IdParam } from './common';
import { endpoint } from './endpoint';
import { PeopleFilter } from './filters';

const subject = 'cadences';

/** How a cadence calls the sphere by initials. */
export const RotaDraft = z.object({
  namePart: z.enum(NAME_PARTS),
  particles: z.enum(PARTICLES),
  weeks: z
    .number()
    .int()
    .min(1, 'A rota takes at least one week.')
    .max(104, 'A rota takes at most two years.'),
  lettersAWeek: z.number().int().min(1).max(26),
  /** The first day of its first week; moved to the Monday of that week. */
  firstDay: Day,
  /** Letters that are split, with the second letter that begins the second part. */
  cuts: z.record(z.string().regex(/^[A-Z]$/), z.string().regex(/^[B-Z]$/)),
  /** Whom it calls. */
  who: PeopleFilter,
});
export type RotaDraft = z.infer<typeof RotaDraft>;

const Groups = z.object({
  /** Every week with its letters and how many people they are. */
  weeks: z.array(
    z.object({
      monday: Day,
      groups: z.array(z.object({ name: z.string(), people: z.number().int() })),
      people: z.number().int(),
      /** The first of them by name. */
      who: z.array(z.object({ id: z.string(), name: z.string() })),
      now: z.boolean(),
    }),
  ),
  people: z.number().int(),
  /** Letters that alone exceed twice the mean week, each with the cut that halves it best. */
  splits: z.array(
    z.object({
      letter: z.string(),
      cut: z.string(),
      people: z.number().int(),
      first: z.number().int(),
    }),
  ),
});

/** Who gets their letter in which week. */
export const Rota = Groups.extend({
  /** Null while the cadence has no rota: then the weeks are what a new one would be. */
  saved: z.boolean(),
  draft: RotaDraft,
  /** People whom grouping anew would put into another week, and the largest week after it. */
  regrouped: z.object({ people: z.number().int(), largest: z.number().int() }).nullable(),
});
export type Rota = z.infer<typeof Rota>;

export const getRota = endpoint({
  method: 'get',
  path: '/cadences/:id/rota',
  subject,
  shows: ['cadences', 'enrolments', 'people', 'views', 'settings'],
  summary: 'The letter rota of a cadence: the weeks, their letters and people',
  params: IdParam,
  response: Rota,
  errors: ['not_found'],
});

export const tryRota = endpoint({
  method: 'post',
  path: '/cadences/:id/rota/try',
  subject,
  summary: 'The weeks that a rota would make; writes nothing',
  params: IdParam,
  body: RotaDraft,
  response: Groups,
  errors: ['not_found', 'invalid'],
});

export const saveRota = endpoint({
  method: 'put',
  path: '/cadences/:id/rota',
  long: true,
  subject,
  summary: 'Makes a cadence a letter rota, or changes it; people are taken in by themselves',
  params: IdParam,
  body: RotaDraft,
  response: Done,
  errors: ['not_found', 'invalid'],
});

export const regroupRota = endpoint({
  method: 'post',
  path: '/cadences/:id/rota/regroup',
  subject,
  summary: 'Evens the weeks out, moving as few people as it can',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const endRota = endpoint({
  method: 'delete',
  path: '/cadences/:id/rota',
  long: true,
  subject,
  summary: 'Ends a rota and takes everybody off it; the cadence stays',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

/** The rota weeks of today, for the desk. */
export const listRotas = endpoint({
  method: 'get',
  path: '/rotas',
  subject,
  shows: ['cadences', 'enrolments', 'touches', 'people'],
  summary: 'The letters of this week of each rota',
  response: z.object({
    rotas: z.array(
      z.object({
        cadenceId: CadenceId,
        name: z.string(),
        week: z.number().int(),
        weeks: z.number().int(),
        letters: z.array(z.string()),
        people: z.number().int(),
        /** Of them already reached this week. */
        reached: z.number().int(),
      }),
    ),
  }),
});
