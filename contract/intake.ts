import { z } from 'zod';

import { Day, Done, Id, IdParam, PersonId } from './common';
import { endpoint } from './endpoint';
import { Text } from './record';

const subject = 'intake';

/** The form on a public page by which people write in. */
export const IntakeForm = z.object({
  /** Whether the page answers at all. */
  open: z.boolean(),
  heading: Text(120),
  words: Text(600),
  /** Said after it was sent. */
  thanks: Text(300),
  /** The sentence beside the box for e-mail consent; empty leaves the box out. */
  consentWords: Text(300),
});
export type IntakeForm = z.infer<typeof IntakeForm>;

export const readIntake = endpoint({
  method: 'get',
  path: '/intake',
  subject,
  shows: ['intake'],
  summary: 'The web form by which people add themselves',
  response: z.object({ form: IntakeForm }),
});

export const saveIntake = endpoint({
  method: 'put',
  path: '/intake',
  subject,
  summary: 'Opens, closes or words the web form',
  body: IntakeForm,
  response: Done,
  errors: ['invalid'],
});

/** What somebody sent by the form, and who it may be. */
const Arrival = z.object({
  id: Id,
  on: Day,
  name: z.string(),
  email: z.string(),
  phone: z.string(),
  message: z.string(),
  consent: z.boolean(),
  /** Who is here already and may be meant, the likeliest first, with what is known of them. */
  known: z.array(
    z.object({
      personId: PersonId,
      name: z.string(),
      verdict: z.enum(['sure', 'ask']),
      evidence: z.array(z.string()),
      emails: z.array(z.string()),
      phones: z.array(z.string()),
      /** Their answer about e-mail until now. */
      consent: z.enum(['yes', 'no']).nullable(),
    }),
  ),
});
/** What somebody sent by the form. */
export type Arrival = z.infer<typeof Arrival>;

export const listArrivals = endpoint({
  method: 'get',
  path: '/intake/arrivals',
  subject,
  shows: ['intake', 'people'],
  summary: 'What came by the web form and waits for the owner, the oldest first',
  query: z.object({ limit: z.coerce.number().int().min(1).max(200).default(50) }),
  response: z.object({ total: z.number().int(), arrivals: z.array(Arrival) }),
});

export const addArrival = endpoint({
  method: 'post',
  path: '/intake/arrivals/:id/add',
  subject,
  summary: 'Adds who sent it as somebody new',
  params: IdParam,
  response: Done.extend({ id: PersonId }),
  errors: ['not_found', 'conflict', 'invalid'],
});

/** What of an arrival is taken over. */
export const TAKEABLE = ['email', 'phone', 'message', 'consent'] as const;
/** A field that the form may ask for. */
export type Takeable = (typeof TAKEABLE)[number];

export const joinArrival = endpoint({
  method: 'post',
  path: '/intake/arrivals/:id/join',
  subject,
  summary: 'Adds to somebody who is here what the owner chose of it, after what is known already',
  params: IdParam,
  body: z.object({ personId: PersonId, take: z.array(z.enum(TAKEABLE)).max(TAKEABLE.length) }),
  response: Done.extend({ id: PersonId }),
  errors: ['not_found', 'conflict', 'invalid'],
});

export const dropArrival = endpoint({
  method: 'post',
  path: '/intake/arrivals/:id/drop',
  subject,
  summary: 'Takes it off the list; nobody is added',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});
