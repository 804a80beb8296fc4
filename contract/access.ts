import { z } from 'zod';

import { Id, IdParam } from './common';
import { endpoint } from './endpoint';

const subject = 'access';

/** Characters of a passphrase (OWASP ASVS 2.1.1 and 2.1.2). */
export const PASSPHRASE_LENGTH = { least: 12, most: 128 } as const;

const Typed = z.string().min(1, 'Type the passphrase.').max(PASSPHRASE_LENGTH.most);
const NewPassphrase = z
  .string()
  .min(PASSPHRASE_LENGTH.least, `At least ${PASSPHRASE_LENGTH.least} characters.`)
  .max(PASSPHRASE_LENGTH.most, `At most ${PASSPHRASE_LENGTH.most} characters.`);

export const readAccess = endpoint({
  method: 'get',
  path: '/access',
  subject,
  open: true,
  shows: ['access'],
  summary:
    'Whether the passphrase is wanted here, whether there is one, and whether this is a signed-in device',
  response: z.object({
    /** Others can reach this Pen Pal, so that everything but its public pages wants the passphrase. */
    guarded: z.boolean(),
    passphrase: z.boolean(),
    signedIn: z.boolean(),
  }),
});

const SignedIn = z.object({ signedIn: z.boolean() });

export const signIn = endpoint({
  method: 'post',
  path: '/access/sign-in',
  secret: true,
  subject,
  open: true,
  summary:
    'Lets this device in; after some wrong passphrases each try waits longer, at most half a minute',
  body: z.object({
    passphrase: Typed,
    /** A device of the owner’s own: it stays signed in for a month. */
    stay: z.boolean().default(false),
  }),
  response: SignedIn,
  errors: ['invalid', 'too_soon', 'conflict'],
});

export const signOut = endpoint({
  method: 'post',
  path: '/access/sign-out',
  subject,
  open: true,
  summary: 'Ends the session of this device',
  response: SignedIn,
});

export const listDevices = endpoint({
  method: 'get',
  path: '/access/devices',
  subject,
  shows: ['access'],
  summary: 'The devices that are signed in',
  response: z.object({
    devices: z.array(
      z.object({
        id: Id,
        /** What it says of itself, such as "Firefox on Linux". */
        name: z.string(),
        since: z.string(),
        seen: z.string(),
        until: z.string(),
        /** The one that asks. */
        here: z.boolean(),
      }),
    ),
  }),
});

const Ended = z.object({ ended: z.number().int() });

export const endDevice = endpoint({
  method: 'delete',
  path: '/access/devices/:id',
  subject,
  summary: 'Signs a device out; it can’t be undone, only signed in again',
  params: IdParam,
  response: Ended,
  errors: ['not_found'],
});

export const endOtherDevices = endpoint({
  method: 'post',
  path: '/access/devices/end-others',
  subject,
  summary: 'Signs out every device but the one that asks',
  response: Ended,
});

export const setPassphrase = endpoint({
  method: 'put',
  path: '/access/passphrase',
  secret: true,
  subject,
  summary: 'Sets the passphrase and signs out every other device; can’t be undone',
  body: z.object({
    /** The one until now; needed where the passphrase is wanted. */
    current: z.string().max(PASSPHRASE_LENGTH.most).default(''),
    passphrase: NewPassphrase,
  }),
  response: Ended,
  errors: ['invalid', 'too_soon'],
});
