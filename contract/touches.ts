import { z } from 'zod';

import { OUTCOMES, TOUCH_KINDS } from '@/core/touches';

import { ActionId, Day, Done, Id, PersonId, TouchId } from './common';
import { endpoint } from './endpoint';
import { Standing } from './standing';

const subject = 'touches';

/** A touch that is planned for today. */
export const DeskItem = z.object({
  key: z.string(),
  personId: PersonId,
  name: z.string(),
  kind: z.enum(TOUCH_KINDS),
  /** What asks for it: 'beat', 'follow' …; 'keep' when it is there to keep a promise. */
  source: z.string(),
  reason: z.string(),
  standing: Standing,
  words: z.string(),
  /** The template that the words are of, and which of its wordings. */
  template: z.object({ id: Id, wordingId: Id }).nullable(),
  lastNote: z.object({ on: Day, body: z.string() }).nullable(),
  /** Why now is no time to ring: it is night where they live. */
  quiet: z.string().nullable(),
  /** Why it can't be done this way, when they said no to it. */
  refused: z.string().nullable(),
  /** What is missing to do it this way: "No phone for Ana."; null when nothing is. */
  lacks: z.string().nullable(),
  /** Ways that can be gone instead, the likeliest first. */
  instead: z.array(z.enum(TOUCH_KINDS)),
  phone: z.string(),
  email: z.string(),
});
export type DeskItem = z.infer<typeof DeskItem>;

export const getDesk = endpoint({
  method: 'get',
  path: '/desk',
  subject,
  shows: ['plan', 'touches', 'people', 'notes', 'settings', 'cadences', 'enrolments', 'messages'],
  summary: "Today's touches in the order that keeps most promises, and what was made today",
  response: z.object({
    today: Day,
    workingDay: z.boolean(),
    capacity: z.number().int(),
    minutes: z.number().int(),
    items: z.array(DeskItem),
    made: z.array(
      z.object({
        touchId: TouchId,
        actionId: ActionId.nullable(),
        personId: PersonId,
        name: z.string(),
        kind: z.enum(TOUCH_KINDS),
        outcome: z.enum(OUTCOMES),
      }),
    ),
    /** Due by today but moved on because today is full, with the day they went to. */
    moved: z.array(z.object({ personId: PersonId, name: z.string(), day: Day.nullable() })),
    movedCount: z.number().int(),
    /** People whose promise ran out before today, and the day by which the plan reaches the last of them. */
    backlog: z.object({ overdue: z.number().int(), caughtUpOn: Day.nullable() }),
  }),
});

export const seeDesk = endpoint({
  method: 'post',
  path: '/desk/seen',
  subject,
  summary: 'Says which items the owner has seen on today’s desk: they keep their places',
  body: z.object({ keys: z.array(z.string().max(200)).max(500) }),
  response: z.object({ seen: z.number().int() }),
});

/** A touch as it is logged. */
export const LogTouch = z.object({
  personId: PersonId,
  kind: z.enum(TOUCH_KINDS),
  outcome: z.enum(OUTCOMES),
  /** Today when left out; never later. */
  on: Day.optional(),
  note: z.string().trim().max(10_000).optional(),
  /** The planned item that this settles. */
  itemKey: z.string().max(200).optional(),
  followUp: z
    .object({ on: Day, kind: z.enum(TOUCH_KINDS), words: z.string().trim().max(500) })
    .optional(),
  /** Tags to put on the person, learnt on the way. */
  tags: z.array(z.string().trim().min(1).max(60)).max(20).optional(),
  /** A day learnt: "Baby due", "Birthday". 'MM-DD' or 'YYYY-MM-DD'. */
  date: z
    .object({
      name: z.string().trim().min(1).max(80),
      on: z.string().max(10),
      /** How they are greeted when it comes; null for not at all. */
      greet: z.enum(TOUCH_KINDS).nullable().optional(),
    })
    .optional(),
});
export type LogTouch = z.infer<typeof LogTouch>;

export const logTouch = endpoint({
  method: 'post',
  path: '/touches',
  subject,
  summary: 'Logs a touch; it counts toward the promise and settles the planned item',
  body: LogTouch,
  response: Done.extend({ touchId: TouchId }),
  errors: ['invalid', 'not_found', 'conflict'],
});

export const logPast = endpoint({
  method: 'post',
  path: '/touches/past',
  subject,
  summary: 'Brings in touches made earlier, up to 5,000 at a time, all or none',
  body: z.object({
    touches: z
      .array(
        z.object({
          personId: PersonId,
          kind: z.enum(TOUCH_KINDS),
          outcome: z.enum(OUTCOMES),
          on: Day,
          note: z.string().trim().max(10_000),
        }),
      )
      .min(1)
      .max(5000),
  }),
  response: Done.extend({ touches: z.number().int() }),
  errors: ['invalid', 'not_found'],
});

export const putOff = endpoint({
  method: 'post',
  path: '/desk/put-off',
  subject,
  summary: 'Moves an item of the desk to a later day, or hands it back to the plan',
  /** Without a day it is handed back: the plan takes the day with most room. */
  body: z.object({ itemKey: z.string().max(200), until: Day.nullable() }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const swapItem = endpoint({
  method: 'post',
  path: '/desk/swap',
  subject,
  summary: 'Does an item of the desk another way, such as a text instead of a call',
  body: z.object({ itemKey: z.string().max(200), kind: z.enum(TOUCH_KINDS) }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const listMeant = endpoint({
  method: 'get',
  path: '/desk/meant',
  subject,
  shows: ['plan', 'people', 'touches'],
  summary: 'What the owner meant to do more than a week ago and has not done',
  response: z.object({
    total: z.number().int(),
    /** The oldest of them first. */
    items: z.array(
      z.object({
        id: Id,
        personId: PersonId,
        name: z.string(),
        kind: z.enum(TOUCH_KINDS),
        words: z.string(),
        on: Day,
      }),
    ),
  }),
});

/** What can become of a follow-up that was left undone. */
export const MEANT_FATES = ['keep', 'drop', 'later'] as const;

export const settleMeant = endpoint({
  method: 'post',
  path: '/desk/meant',
  subject,
  summary:
    'Keeps them for the days to come that have most room, drops them, or leaves them for a month',
  body: z.object({ ids: z.array(Id).min(1).max(1000), fate: z.enum(MEANT_FATES) }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const skipItem = endpoint({
  method: 'post',
  path: '/desk/skip',
  subject,
  summary: 'Lets a beat or a follow-up go without doing it',
  body: z.object({ itemKey: z.string().max(200) }),
  response: Done,
  errors: ['invalid', 'not_found'],
});
