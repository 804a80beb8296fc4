import { z } from 'zod';

import { ENROLMENT_STATES } from '@/core/cadences';
import { TOUCH_KINDS } from '@/core/touches';

import { CadenceId, Day, Done, EnrolmentId, Id, IdParam, PersonId } from './common';
import { endpoint } from './endpoint';
import { Who } from './filters';
import { AddedLoad } from './load';

const subject = 'cadences';

const Touch = z.object({
  on: Day,
  kind: z.enum(TOUCH_KINDS),
  round: z.number().int(),
  words: z.string(),
  /** Why the words can't be filled for this person, if they can't. */
  fault: z.string().nullable(),
});

const EnrolRequest = z.object({
  cadenceId: CadenceId,
  who: Who,
  startOn: Day,
  /** So many begin on each working day from `startOn` on; null begins with everybody at once. */
  perDay: z
    .number()
    .int()
    .min(1, 'At least one person a day has to begin.')
    .max(20_000)
    .nullable()
    .default(null),
  leaveOut: z.array(PersonId).max(20_000).default([]),
  /** Leaves out whoever lacks something that a beat needs. */
  leaveOutLacking: z.boolean().default(false),
});

export const previewEnrolment = endpoint({
  method: 'post',
  path: '/enrolments/preview',
  subject,
  summary: 'What enrolling would bring: dated touches, load, who lacks what; writes nothing',
  body: EnrolRequest.extend({ samplePersonId: PersonId.nullable() }),
  response: z.object({
    people: z.number().int(),
    alreadyOn: z.number().int(),
    /** The day on which the last of them begins. */
    lastStart: Day.nullable(),
    sample: z.object({ id: Id, name: z.string(), touches: z.array(Touch) }).nullable(),
    candidates: z.array(z.object({ id: PersonId, name: z.string() })),
    lacking: z.array(
      z.object({
        id: Id,
        name: z.string(),
        /** Each in words, with the field of the record that would mend it. */
        lacks: z.array(
          z.object({
            words: z.string(),
            field: z.enum(['phone', 'email', 'address', 'birthday', 'place', 'name']).nullable(),
          }),
        ),
        /** The beats that this keeps from being made as planned. */
        touches: z.number().int(),
      }),
    ),
    /** How many lack something in all; the list holds the first of them. */
    lackingCount: z.number().int(),
    ...AddedLoad.shape,
  }),
  errors: ['invalid', 'not_found'],
});

export const enrol = endpoint({
  method: 'post',
  path: '/enrolments',
  long: true,
  subject,
  summary: 'Enrols people in a cadence, all or none',
  body: EnrolRequest,
  response: Done.extend({ people: z.number().int(), alreadyOn: z.number().int() }),
  errors: ['invalid', 'not_found'],
});

const Several = { ids: z.array(Id).min(1).max(20_000) };

export const stopEnrolments = endpoint({
  method: 'post',
  path: '/enrolments/stop',
  long: true,
  subject,
  summary: 'Takes people off a cadence; touches made stay',
  body: z.object({ ...Several, reason: z.string().trim().max(200) }),
  response: Done,
  errors: ['conflict'],
});

export const pauseEnrolments = endpoint({
  method: 'post',
  path: '/enrolments/pause',
  long: true,
  subject,
  summary: 'Plans nothing from a cadence until it is resumed',
  body: z.object(Several),
  response: Done,
  errors: ['conflict'],
});

/** `carry_on` moves what is left by the length of the pause; `catch_up` keeps the days and passes over what was missed. */
export const RESUME_MODES = ['carry_on', 'catch_up'] as const;

export const resumeEnrolments = endpoint({
  method: 'post',
  path: '/enrolments/resume',
  long: true,
  subject,
  summary: 'Goes on with a paused cadence',
  body: z.object({ ...Several, mode: z.enum(RESUME_MODES) }),
  response: Done,
  errors: ['conflict', 'invalid'],
});

export const listEnrolments = endpoint({
  method: 'get',
  path: '/cadences/:id/people',
  subject,
  shows: ['enrolments', 'cadences', 'people'],
  summary: 'Who is on a cadence, with where they are in it',
  params: IdParam,
  query: z.object({
    offset: z.coerce.number().int().min(0).max(10_000_000).default(0),
    limit: z.coerce.number().int().min(1).max(500).default(100),
  }),
  response: z.object({
    total: z.number().int(),
    paused: z.number().int(),
    people: z.array(
      z.object({
        enrolmentId: EnrolmentId,
        personId: PersonId,
        name: z.string(),
        state: z.enum(ENROLMENT_STATES),
        startOn: Day,
        next: z.object({ day: Day, kind: z.enum(TOUCH_KINDS) }).nullable(),
      }),
    ),
  }),
  errors: ['not_found'],
});

/** What the completion of work of a kind begins; decided once for each kind. */
export const listWorkCadences = endpoint({
  method: 'get',
  path: '/work-cadences',
  subject,
  shows: ['cadences', 'enrolments', 'settings'],
  summary: 'Which cadence begins when work of a kind is completed, for the kinds that were decided',
  response: z.object({
    decided: z.array(z.object({ kind: z.string(), cadenceId: CadenceId.nullable() })),
  }),
});

export const decideWorkCadence = endpoint({
  method: 'put',
  path: '/work-cadences',
  subject,
  summary: 'Decides which cadence begins when work of a kind is completed; null for none',
  body: z.object({ kind: z.string().trim().min(1).max(200), cadenceId: CadenceId.nullable() }),
  response: Done,
  errors: ['invalid', 'not_found'],
});

export const countForPost = endpoint({
  method: 'get',
  path: '/for-the-post',
  subject,
  shows: ['plan', 'enrolments', 'cadences', 'people'],
  summary: 'How many cards and letters have come due by themselves and wait for the post room',
  response: z.object({ total: z.number().int() }),
});
