import { z } from 'zod';

import { Done } from './common';
import { endpoint } from './endpoint';
import { Text } from './record';

const subject = 'intake';

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
