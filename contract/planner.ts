import { z } from 'zod';

import { TOUCH_KINDS } from '@/core/touches';

import { CadenceId, Day, Done, Id, PersonId } from './common';
import { endpoint } from './endpoint';
import { Who } from './filters';
import { NoDay } from './load';

const subject = 'planner';

const Weeks = z.coerce.number().int().min(1).max(52).default(13);

/** A promise broken from a day on, until it is kept again; null when that is not in the days planned. */
const Breach = z.object({ personId: PersonId, name: z.string(), on: Day, until: Day.nullable() });

/** The weeks as they are; null in it is still being worked out: {@link getLeast} waits for it. */
const Ahead = z.object({
  capacity: z.number().int(),
  promises: z.number().int(),
  /** Promises that are broken already; with those that will be, each person is counted once. */
  overdue: z.array(Breach),
  overdueCount: z.number().int(),
  /** The day by which all of those are kept again; null when that is not in the days planned. */
  caughtUpOn: Day.nullable(),
  weeks: z.array(
    z.object({
      monday: Day,
      /** Touches that a cadence or a follow-up asks for. */
      asked: z.number().int(),
      /** Touches that are there only to keep a promise. */
      keepers: z.number().int(),
      capacity: z.number().int(),
    }),
  ),
  slips: z.array(Breach),
  slipCount: z.number().int(),
  /** Beats that find no day in time and are let go. */
  letGo: z.number().int(),
  /** The first of them, each with what it yields to. */
  letGoFirst: z.array(NoDay),
  /** Touches a day at which no promise is broken that more room would keep. */
  leastCapacity: z.number().int().nullable(),
  /** Promises that no number of touches a day would keep. */
  unkeepable: z.number().int().nullable(),
});
/** The coming weeks: load by week and what can't be kept. */
export type Ahead = z.infer<typeof Ahead>;

const Least = z.object({ leastCapacity: z.number().int(), unkeepable: z.number().int() });

const Outlook = Ahead.extend(Least.shape);
/** The load of the coming weeks in figures. */
export type Outlook = z.infer<typeof Outlook>;

export const getAhead = endpoint({
  method: 'get',
  path: '/ahead',
  subject,
  shows: ['plan', 'people', 'cadences', 'settings'],
  summary: 'The load of the coming weeks against capacity, and whose promise will be broken',
  query: z.object({ weeks: Weeks }),
  response: Ahead.extend({ today: Day }),
});

export const getLeast = endpoint({
  method: 'get',
  path: '/ahead/least',
  long: true,
  subject,
  shows: ['plan', 'people', 'cadences', 'settings'],
  summary: 'The least touches a day that would keep every promise that can be kept',
  query: z.object({ weeks: Weeks }),
  response: Least,
});

/** What could be otherwise; what is left out stays as it is. */
export const Trial = z.object({
  capacity: z.number().int().min(0).max(500).optional(),
  minutesPerDay: z.number().int().min(0).max(1440).nullable().optional(),
  /** Promises by circle, in days; null promises nothing. */
  circles: z.record(Id, z.number().int().min(1).max(3650).nullable()).optional(),
  /** Touches of a kind a day; null for no limit of its own. */
  perKind: z
    .partialRecord(z.enum(TOUCH_KINDS), z.number().int().min(0).max(500).nullable())
    .optional(),
  /** Cadences that would be switched off. */
  rest: z.array(CadenceId).max(100).optional(),
  /** Cadences that those who have not begun would begin so many on each working day. */
  spread: z
    .array(z.object({ cadenceId: CadenceId, perDay: z.number().int().min(1).max(20_000) }))
    .max(100)
    .optional(),
  /** Further days off. */
  daysOff: z.array(Day).max(366).optional(),
  /** People who would join a cadence, so many on each working day from today on. */
  join: z
    .object({
      cadenceId: CadenceId,
      who: Who,
      perDay: z.number().int().min(1).max(20_000).nullable(),
    })
    .optional(),
});
export type Trial = z.infer<typeof Trial>;

export const startTrial = endpoint({
  method: 'post',
  path: '/ahead/trials',
  subject,
  summary: 'Begins to work out what the weeks would be if things were otherwise',
  body: z.object({ trial: Trial, weeks: Weeks }),
  response: z.object({ id: Id }),
  errors: ['invalid', 'not_found'],
});

export const readTrial = endpoint({
  method: 'get',
  path: '/ahead/trials/:id',
  subject,
  shows: [],
  summary: 'How far a trial is, and its outcome once it is done',
  params: z.object({ id: Id }),
  response: z.union([
    z.object({ state: z.literal('running'), done: z.number().int(), of: z.number().int() }),
    z.object({ state: z.literal('done'), outlook: Outlook }),
  ]),
  errors: ['not_found'],
});

export const cancelTrial = endpoint({
  method: 'delete',
  path: '/ahead/trials/:id',
  subject,
  summary: 'Stops working out a trial',
  params: z.object({ id: Id }),
  response: z.object({ cancelled: z.boolean() }),
  errors: ['not_found'],
});

/** A change after which every promise is kept that can be, what it costs, and the trial that makes it. */
const Proposal = z.object({
  trial: Trial,
  title: z.string(),
  cost: z.string(),
  /** Promises that no room would keep either. */
  slipCount: z.number().int(),
});
/** A change of settings that would keep every promise. */
export type Proposal = z.infer<typeof Proposal>;

export const startProposals = endpoint({
  method: 'post',
  path: '/ahead/proposals',
  subject,
  summary: 'Begins to look for the gentlest changes that keep every promise that can be kept',
  body: z.object({ trial: Trial, weeks: Weeks }),
  response: z.object({ id: Id }),
  errors: ['invalid', 'not_found'],
});

export const readProposals = endpoint({
  method: 'get',
  path: '/ahead/proposals/:id',
  subject,
  shows: [],
  summary: 'How far the search is, and what it found, the gentlest first',
  params: z.object({ id: Id }),
  response: z.union([
    z.object({ state: z.literal('running'), done: z.number().int(), of: z.number().int() }),
    z.object({ state: z.literal('done'), proposals: z.array(Proposal) }),
  ]),
  errors: ['not_found'],
});

export const cancelProposals = endpoint({
  method: 'delete',
  path: '/ahead/proposals/:id',
  subject,
  summary: 'Stops looking for them',
  params: z.object({ id: Id }),
  response: z.object({ cancelled: z.boolean() }),
  errors: ['not_found'],
});

export const makeTrial = endpoint({
  method: 'post',
  path: '/ahead/make',
  subject,
  summary: 'Makes what was tried so: settings, promises and starts, all or none',
  body: z.object({ trial: Trial }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const getConsistency = endpoint({
  method: 'get',
  path: '/consistency',
  subject,
  shows: ['touches', 'plan'],
  summary: 'What was planned, made and let go, by week and kind',
  query: z.object({ weeks: Weeks }),
  response: z.object({
    weeks: z.array(
      z.object({
        monday: Day,
        planned: z.number().int(),
        made: z.number().int(),
        letGo: z.number().int(),
        kinds: z.array(z.object({ kind: z.string(), made: z.number().int() })),
      }),
    ),
  }),
});
