import { z } from 'zod';

import { NTHS, WAYS } from '@/core/cadences';
import { DAY_RULES } from '@/core/calendar';
import { TOUCH_KINDS } from '@/core/touches';

import { CadenceId, Day, Done, Id, IdParam, Int4, PersonId, ServiceId, ViewId } from './common';
import { endpoint } from './endpoint';
import { Who } from './filters';
import { AddedLoad } from './load';

const subject = 'cadences';

const Month = z.number().int().min(1, 'Choose a month.').max(12, 'Choose a month.');
const Weekday = z.union(
  [1, 2, 3, 4, 5, 6, 7].map((n) => z.literal(n as 1 | 2 | 3 | 4 | 5 | 6 | 7)),
);

export const Timing = z.discriminatedUnion('on', [
  z.object({
    on: z.literal('after'),
    days: z.number().int().min(0, 'A beat cannot lie before the first day.').max(36_500),
  }),
  z.object({ on: z.literal('date'), month: Month, day: z.number().int().min(1).max(31) }),
  z.object({
    on: z.literal('weekday'),
    month: Month,
    nth: z.union(NTHS.map((n) => z.literal(n))),
    weekday: Weekday,
  }),
  z.object({
    on: z.literal('around'),
    date: z.string().trim().max(80),
    days: z.number().int().min(-36_500).max(36_500),
  }),
]);

/** One touch of a cadence: when, how and with which words. */
export const Beat = z.object({
  id: Id,
  timing: Timing,
  kind: z.enum(TOUCH_KINDS),
  /** What to say, in one or several wordings that take turns. */
  wordings: z
    .array(z.string().trim().min(1).max(10_000))
    .max(24, 'A beat holds at most 24 wordings.')
    .default([]),
  /** The template whose words it says, instead of its own. */
  templateId: Id.nullish(),
  dayRule: z.enum(DAY_RULES),
  way: z.enum(WAYS).default('hand'),
  /** Instead of a touch, in a beat of the kind `other` that goes by itself. */
  errand: z
    .discriminatedUnion('to', [
      z.object({ to: z.literal('cadence'), cadenceId: CadenceId }),
      z.object({ to: z.literal('service'), serviceId: ServiceId }),
    ])
    .nullish(),
});
export type Beat = z.infer<typeof Beat>;

const HandOver = z.object({
  cadenceId: CadenceId,
  waitDays: z.number().int().min(0).max(36_500),
});

/** A cadence as the owner writes it. */
export const CadenceDraft = z.object({
  name: z.string().trim().min(1, 'Give the cadence a name.').max(120),
  /** Short advice on consent and frequency. */
  advice: z.string().trim().max(500).default(''),
  beats: z
    .array(Beat)
    .max(1000, 'A cadence holds at most 1,000 beats.')
    .refine((beats) => new Set(beats.map(({ id }) => id)).size === beats.length, {
      message: 'One beat is there twice.',
    }),
  /** Null repeats without end. */
  rounds: z.number().int().min(1, 'A cadence runs at least one round.').max(10_000).nullable(),
  gapDays: z.number().int().min(0).max(36_500),
  /** Count the next round from the day on which the last beat was really made. */
  followOn: z.boolean().default(false),
  /** What follows the last round; null ends there. */
  handOver: HandOver.nullable().default(null),
});
export type CadenceDraft = z.infer<typeof CadenceDraft>;

const Feed = z.object({
  viewId: ViewId,
  /** So many begin on each working day; null for all at once. */
  perDay: z.number().int().min(1, 'At least one person a day has to begin.').max(20_000).nullable(),
});
export type Feed = z.infer<typeof Feed>;

/** A cadence as it is kept. */
export const Cadence = CadenceDraft.extend({
  id: Id,
  version: z.number().int(),
  /** Switched off, it plans nothing for anybody. */
  active: z.boolean(),
  /** On it now, those who are paused among them. */
  people: z.number().int(),
  /** Whether it calls people by their initials. */
  rota: z.boolean(),
  /** The view whose people join it by themselves. */
  feed: Feed.nullable(),
});
export type Cadence = z.infer<typeof Cadence>;

export const listCadences = endpoint({
  method: 'get',
  path: '/cadences',
  subject,
  shows: ['cadences', 'enrolments', 'people', 'views'],
  summary: 'All cadences with their beats',
  response: z.object({ cadences: z.array(Cadence) }),
});

export const getCadence = endpoint({
  method: 'get',
  path: '/cadences/:id',
  subject,
  shows: ['cadences', 'enrolments', 'people', 'views'],
  summary: 'One cadence',
  params: IdParam,
  response: Cadence,
  errors: ['not_found'],
});

export const createCadence = endpoint({
  method: 'post',
  path: '/cadences',
  subject,
  summary: 'Saves a new cadence',
  body: CadenceDraft,
  response: Done.extend({ id: Id }),
  errors: ['invalid'],
});

export const saveCadence = endpoint({
  method: 'put',
  path: '/cadences/:id',
  subject,
  summary: 'Saves a changed cadence; refused if it was changed elsewhere since',
  params: IdParam,
  body: CadenceDraft.extend({ version: Int4 }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const switchCadence = endpoint({
  method: 'post',
  path: '/cadences/:id/switch',
  subject,
  summary: 'Switches a cadence off for everybody, or on again',
  params: IdParam,
  body: z.object({ active: z.boolean() }),
  response: Done,
  errors: ['not_found'],
});

export const feedCadence = endpoint({
  method: 'put',
  path: '/cadences/:id/feed',
  subject,
  summary: 'Lets everybody who is in a view, now or later, join a cadence by themselves',
  params: IdParam,
  body: z.object({ feed: Feed.nullable() }),
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const deleteCadence = endpoint({
  method: 'delete',
  path: '/cadences/:id',
  subject,
  summary: 'Deletes a cadence that nobody was ever on',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const listVersions = endpoint({
  method: 'get',
  path: '/cadences/:id/versions',
  subject,
  shows: ['cadences'],
  summary: 'What a cadence was before each change, the latest first',
  params: IdParam,
  response: z.object({
    versions: z.array(
      z.object({ version: z.number().int(), savedAt: z.string(), draft: CadenceDraft }),
    ),
  }),
  errors: ['not_found'],
});

/** Touches of each week before and after a change. */
export const tryCadence = endpoint({
  method: 'post',
  path: '/cadences/try',
  subject,
  summary: 'What a draft would do to those on the cadence and to the weeks ahead; writes nothing',
  body: z.object({
    /** The cadence that the draft would change; null for a new one. */
    id: Id.nullable(),
    draft: CadenceDraft,
    /** People meant to join today, beside those on it. */
    who: Who.nullable(),
  }),
  response: z.object({
    /** People on it, and those meant to join. */
    running: z.number().int(),
    joining: z.number().int(),
    changed: z.object({
      people: z.number().int(),
      moved: z.number().int(),
      added: z.number().int(),
      dropped: z.number().int(),
      turned: z.number().int(),
      examples: z.array(
        z.object({
          personId: PersonId,
          name: z.string(),
          changes: z.array(
            z.object({ kind: z.enum(TOUCH_KINDS), from: Day.nullable(), to: Day.nullable() }),
          ),
        }),
      ),
    }),
    /** What stands in the plan of the coming weeks and would stand on another day, or in it no more. */
    planned: z.object({
      moved: z.number().int(),
      added: z.number().int(),
      gone: z.number().int(),
      goneFirst: z.array(
        z.object({
          personId: PersonId,
          name: z.string(),
          kind: z.enum(TOUCH_KINDS),
          on: Day,
        }),
      ),
    }),
    ...AddedLoad.shape,
  }),
  errors: ['invalid', 'not_found'],
});
