import { z } from 'zod';

import { Day, Done, Id, IdParam, PersonId } from './common';
import { endpoint } from './endpoint';

const subject = 'services';

export const CALL_STATES = ['ready', 'handed_over', 'delivered', 'failed'] as const;

const isAddress = (text: string): boolean => {
  try {
    return Boolean(new URL(text));
  } catch {
    return false;
  }
};

const hasLogin = ({ username, password }: URL): boolean => username !== '' || password !== '';

const url = z
  .string()
  .trim()
  .max(2000)
  .refine((text) => /^https?:\/\/[^\s/]+/i.test(text) && isAddress(text), {
    message: 'Give a web address that begins with https:// or http://.',
  })
  .refine((text) => !isAddress(text) || !hasLogin(new URL(text)), {
    message: 'Leave name and password out of the address: calls are signed instead.',
  });

const Service = z.object({
  id: Id,
  name: z.string(),
  url: z.string(),
  /** The owner says that its address is inside this machine or its network. */
  inside: z.boolean(),
  /** Beats that tell it of people. */
  beats: z.number().int(),
});
/** A service that beats call over HTTP, without its secret. */
export type Service = z.infer<typeof Service>;

const ServiceCall = z.object({
  id: z.string(),
  service: z.string(),
  personId: PersonId,
  name: z.string(),
  on: Day,
  state: z.enum(CALL_STATES),
  attempts: z.number().int(),
  /** When it is tried again, while it is not delivered. */
  nextAt: z.string().nullable(),
  /** What came of the last attempt. */
  outcome: z.string(),
});

const ServiceDraft = z.object({
  name: z.string().trim().min(1, 'Give the service a name.').max(120),
  url,
  inside: z.boolean().default(false),
});

/** With it the service checks that a call comes from here. Shown this once; nobody can read it again. */
const Secret = z.object({ secret: z.string() });

export const listServices = endpoint({
  method: 'get',
  path: '/services',
  subject,
  shows: ['services', 'cadences', 'people'],
  summary: 'Outside services that cadences can tell of people, and the latest calls to them',
  response: z.object({ today: Day, services: z.array(Service), calls: z.array(ServiceCall) }),
});

export const createService = endpoint({
  method: 'post',
  path: '/services',
  secret: true,
  subject,
  summary: 'Adds an outside service; its secret is made here and answered this once',
  body: ServiceDraft,
  response: Done.extend({ id: Id, ...Secret.shape }),
  errors: ['invalid', 'conflict'],
});

export const saveService = endpoint({
  method: 'put',
  path: '/services/:id',
  subject,
  summary: 'Changes the name or the address of a service',
  params: IdParam,
  body: ServiceDraft,
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const renewSecret = endpoint({
  method: 'post',
  path: '/services/:id/secret',
  secret: true,
  subject,
  summary: 'Makes a new secret, answered this once; calls are signed with it from now on',
  params: IdParam,
  response: Done.extend(Secret.shape),
  errors: ['not_found'],
});

export const deleteService = endpoint({
  method: 'delete',
  path: '/services/:id',
  subject,
  summary: 'Removes a service that no cadence tells of people, with the list of calls to it',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const tryService = endpoint({
  method: 'post',
  path: '/services/:id/try',
  subject,
  summary: 'Sends one call about a person at once, marked as a trial, and says what came of it',
  params: IdParam,
  body: z.object({ personId: PersonId }),
  response: z.object({ delivered: z.boolean(), outcome: z.string(), sent: z.string() }),
  errors: ['not_found'],
});

export const retryCall = endpoint({
  method: 'post',
  path: '/services/calls/retry',
  subject,
  summary: 'Tries a call again that was given up',
  body: z.object({ id: z.string().max(200) }),
  response: z.object({ sentence: z.string() }),
  errors: ['not_found', 'conflict'],
});
