import { z } from 'zod';

import { DAY_RULES } from '@/core/calendar';
import { TOUCH_KINDS } from '@/core/touches';

import { Day, Done, Id, IdParam } from './common';
import { endpoint } from './endpoint';
import { Who } from './filters';

const subject = 'cadences';

export const Beat = z.object({
  id: Id,
  afterDays: z.number().int().min(0, 'A beat cannot lie before the first day.').max(36_500),
  kind: z.enum(TOUCH_KINDS),
  words: z.string().trim().max(2000),
  dayRule: z.enum(DAY_RULES),
});
export type Beat = z.infer<typeof Beat>;

export const CadenceDraft = z.object({
  name: z.string().trim().min(1, 'Give the cadence a name.').max(120),
  beats: z.array(Beat).max(1000, 'A cadence holds at most 1,000 beats.'),
  /** Null repeats without end. */
  rounds: z.number().int().min(1, 'A cadence runs at least one round.').max(10_000).nullable(),
  gapDays: z.number().int().min(0).max(36_500),
});
export type CadenceDraft = z.infer<typeof CadenceDraft>;

export const Cadence = CadenceDraft.extend({
  id: Id,
  version: z.number().int(),
  people: z.number().int(),
});
export type Cadence = z.infer<typeof Cadence>;

export const listCadences = endpoint({
  method: 'get',
  path: '/cadences',
  subject,
  summary: 'All cadences with their beats',
  response: z.object({ cadences: z.array(Cadence) }),
});

export const getCadence = endpoint({
  method: 'get',
  path: '/cadences/:id',
  subject,
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
  body: CadenceDraft.extend({ version: z.number().int() }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

const Touch = z.object({
  on: Day,
  kind: z.enum(TOUCH_KINDS),
  round: z.number().int(),
  words: z.string(),
  /** Why the words can't be filled for this person, if they can't. */
  fault: z.string().nullable(),
});

const EnrolRequest = z.object({ cadenceId: Id, who: Who, startOn: Day });

export const previewEnrolment = endpoint({
  method: 'post',
  path: '/enrolments/preview',
  subject,
  summary: 'What enrolling would bring: dated touches, load, who lacks what; writes nothing',
  body: EnrolRequest.extend({ samplePersonId: Id.nullable() }),
  response: z.object({
    people: z.number().int(),
    alreadyOn: z.number().int(),
    sample: z.object({ id: Id, name: z.string(), touches: z.array(Touch) }).nullable(),
    candidates: z.array(z.object({ id: Id, name: z.string() })),
    lacking: z.array(
      z.object({
        id: Id,
        name: z.string(),
        lacks: z.array(z.enum(['phone', 'email', 'address', 'consent'])),
      }),
    ),
    load: z.array(
      z.object({
        monday: Day,
        before: z.number().int(),
        after: z.number().int(),
        capacity: z.number().int(),
      }),
    ),
    slipsBefore: z.number().int(),
    slipsAfter: z.number().int(),
  }),
  errors: ['invalid', 'not_found'],
});

export const enrol = endpoint({
  method: 'post',
  path: '/enrolments',
  subject,
  summary: 'Enrols people in a cadence, all or none',
  body: EnrolRequest.extend({ leaveOut: z.array(Id).max(20_000) }),
  response: Done.extend({ people: z.number().int(), alreadyOn: z.number().int() }),
  errors: ['invalid', 'not_found'],
});

export const stopEnrolment = endpoint({
  method: 'post',
  path: '/enrolments/:id/stop',
  subject,
  summary: 'Takes a person off a cadence; touches made stay',
  params: IdParam,
  body: z.object({ reason: z.string().trim().max(200) }),
  response: Done,
  errors: ['not_found', 'conflict'],
});
