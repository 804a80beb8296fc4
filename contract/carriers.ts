import { z } from 'zod';

import { Done } from './common';
import { endpoint } from './endpoint';

const subject = 'carriers';

const Host = z
  .string()
  .trim()
  .min(1, 'Give the name of the server.')
  .max(253)
  .regex(/^[\w.:-]+$/, 'This is no name of a server.');
const Port = z.number().int().min(1).max(65_535);
/** TLS from the start, TLS after STARTTLS, or none: on this machine only. */
const Security = z.enum(['tls', 'starttls', 'none']);
const User = z.string().trim().max(254);
const Email = z.email('Give an e-mail address.').max(254);
const Rate = {
  perMinute: z.number().int().min(1).max(100_000).default(20),
  perDay: z.number().int().min(1).max(100_000).default(400),
};

/** How a mail server (SMTP) is reached. */
export const MailSetup = z.object({
  host: Host,
  port: Port,
  security: Security,
  user: User,
  fromAddress: Email,
  fromName: z.string().trim().max(120),
  /** Whom to ask for the records of the domain, such as 9.9.9.9; empty for whom this machine asks. */
  resolver: z
    .string()
    .trim()
    .max(60)
    .regex(/^$|^\[?[\d.a-f:]+\]?(?::\d+)?$/i, 'Give the address of a name server, or nothing.')
    .default(''),
  ...Rate,
});
export type MailSetup = z.infer<typeof MailSetup>;

/** How a mailbox (IMAP or POP3) is read. */
export const MailboxSetup = z
  .object({
    protocol: z.enum(['imap', 'pop3']),
    host: Host,
    port: Port,
    security: Security,
    user: User,
  })
  .refine(({ protocol, security }) => protocol === 'imap' || security !== 'starttls', {
    path: ['security'],
    message: 'A POP3 mailbox is read with TLS from the start.',
  });
export type MailboxSetup = z.infer<typeof MailboxSetup>;

/** How a text gateway is reached. */
export const TextsSetup = z.object({
  url: z
    .url({
      protocol: /^https?$/,
      error: 'Give a web address that begins with https:// or http://.',
    })
    .max(2000),
  /** The number that readers see. */
  from: z.string().trim().min(1, 'Give the number that texts come from.').max(40),
  /** Whether readers know the number as the owner's; else the owner is introduced by name. */
  ownNumber: z.boolean(),
  ...Rate,
});
export type TextsSetup = z.infer<typeof TextsSetup>;

export const CARRIER_KINDS = ['mail', 'mailbox', 'texts'] as const;
/** What can be set up to send or receive. */
export type CarrierKind = (typeof CARRIER_KINDS)[number];

/** A carrier as it is set up; its password never leaves the server again. */
const shown = <T extends z.ZodType>(setup: T) =>
  z.object({ setup, hasSecret: z.boolean() }).nullable();

/** The key that e-mails are signed with, as it is to be published in the domain's records. */
const Signing = z.object({ name: z.string(), record: z.string() });

const Carriers = z.object({
  /** Null where e-mails are not signed here; many mail servers sign them themselves. */
  signing: Signing.nullable(),
  mail: shown(MailSetup),
  mailbox: shown(MailboxSetup),
  texts: shown(TextsSetup),
});
/** What is set up, without its passwords. */
export type Carriers = z.infer<typeof Carriers>;

export const readCarriers = endpoint({
  method: 'get',
  path: '/carriers',
  subject,
  shows: ['carriers'],
  summary: 'What takes messages away and brings answers, without its passwords',
  response: Carriers,
});

/** Left out, the password stays as it is. */
const Secret = z.string().max(1000).optional();

const saving = <T extends z.ZodType>(kind: CarrierKind, Setup: T) =>
  endpoint({
    method: 'put',
    path: `/carriers/${kind}`,
    subject,
    summary: 'Sets a carrier up',
    body: z.object({ setup: Setup, secret: Secret }),
    response: Done,
    errors: ['invalid'],
  });

/** Sets the mail server up. */
export const saveMail = saving('mail', MailSetup);
/** Sets the mailbox up. */
export const saveMailbox = saving('mailbox', MailboxSetup);
/** Sets the text gateway up. */
export const saveTexts = saving('texts', TextsSetup);

export const removeCarrier = endpoint({
  method: 'delete',
  path: '/carriers/:kind',
  subject,
  summary: 'Removes a carrier; what waits for it stays',
  params: z.object({ kind: z.enum(CARRIER_KINDS) }),
  response: Done,
  errors: ['not_found'],
});

export const tryCarrier = endpoint({
  method: 'post',
  path: '/carriers/:kind/try',
  subject,
  long: true,
  summary: 'Tries a carrier as it is set up: a message to the owner, or a look into the mailbox',
  params: z.object({ kind: z.enum(CARRIER_KINDS) }),
  response: z.object({ works: z.boolean(), outcome: z.string() }),
  errors: ['not_found', 'invalid'],
});

export const makeSigningKey = endpoint({
  method: 'post',
  path: '/carriers/mail/signing',
  subject,
  summary:
    'Makes a key with which e-mails are signed from now on (DKIM); the private half never leaves',
  response: Done.extend(Signing.shape),
  errors: ['not_found'],
});

const Judged = z.object({
  what: z.enum(['SPF', 'DKIM', 'DMARC']),
  /** Where its record stands. */
  name: z.string(),
  ok: z.boolean(),
  sentence: z.string(),
});

export const checkDomain = endpoint({
  method: 'post',
  path: '/carriers/mail/check',
  subject,
  long: true,
  summary:
    'Looks at the records of the sending domain: who may send, which key signs, what becomes of the rest',
  body: z.object({
    /** Records as they would be published, by name, instead of looking them up. */
    given: z
      .record(z.string().max(300), z.array(z.string().max(4000)).max(20))
      .nullable()
      .default(null),
  }),
  response: z.object({ domain: z.string(), judged: z.array(Judged) }),
  errors: ['not_found', 'unavailable'],
});
