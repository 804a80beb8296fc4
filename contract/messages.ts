import { z } from 'zod';

import { Day, Done, Id, IdParam, Int4, PersonId } from './common';
import { endpoint } from './endpoint';
import { KeptFile, MOST_FILES } from './files';
import { Who } from './filters';
import { Words } from './templates';
import { TOPICS } from './topics';

const subject = 'messages';

/** Channels over which the owner can write. */
export const MESSAGE_KINDS = ['email', 'text'] as const;
export const MESSAGE_STATES = ['held', 'ready', 'sending', 'sent', 'failed', 'cancelled'] as const;
/** What can become of a sent message, the weightiest last. */
export const MESSAGE_OUTCOMES = [
  '',
  'delivered',
  'opened',
  'clicked',
  'answered',
  'bounced',
  'complained',
  'opted_out',
] as const;
/** What would let a message go that does not. */
export const REMEDIES = [
  '',
  'address',
  'consent',
  'words',
  'carrier',
  'release',
  'unclear',
  'again',
  /** The calendar has no day for it. */
  'days',
  /** Its time has passed: it goes only if the owner asks for it. */
  'late',
] as const;

/** What a machine did, which is no action of the owner's. */
const Polled = z.object({ sentence: z.string(), topics: z.array(z.enum(TOPICS)) });

const Message = z.object({
  id: Id,
  version: z.number().int(),
  personId: PersonId,
  name: z.string(),
  batchId: Id.nullable(),
  /** Its channel, and what one of it is called. */
  kind: z.string(),
  noun: z.object({ one: z.string(), many: z.string() }),
  addresses: z.array(z.string()),
  subject: z.string(),
  state: z.enum(MESSAGE_STATES),
  /** Why it does not go, in a sentence. */
  why: z.string(),
  remedy: z.enum(REMEDIES),
  outcome: z.enum(MESSAGE_OUTCOMES),
  /** The cadence that brought it; empty for what the owner wrote. */
  cadence: z.string(),
  on: Day,
  sendAt: z.string().nullable(),
  /** The hour where the reader lives, where that is another than the owner's: "1:40". */
  there: z.string().nullable(),
  sentAt: z.string().nullable(),
});
/** A delivery as the outbox lists it. */
export type Message = z.infer<typeof Message>;

export const listOutbox = endpoint({
  method: 'get',
  path: '/messages/outbox',
  subject,
  shows: ['messages', 'people', 'settings', 'carriers'],
  summary: 'Scheduled messages, and those that are held or failed, with the reason',
  response: z.object({
    today: Day,
    timeZone: z.string(),
    /** Of each channel, whether something is set up that takes its messages. */
    carriers: z.record(z.string(), z.boolean()),
    waitingTotal: z.number().int(),
    /** Of those that wait, what has done so for days, and since when. */
    waitsLong: z.object({ total: z.number().int(), since: Day }).nullable(),
    waiting: z.array(Message),
    goingTotal: z.number().int(),
    goingToday: z.number().int(),
    going: z.array(Message),
    sentToday: z.number().int(),
  }),
});
/** A page of the outbox. */
export type Out = z.infer<(typeof listOutbox)['response']>;

export const listSent = endpoint({
  method: 'get',
  path: '/messages/sent',
  subject,
  shows: ['messages', 'people'],
  summary: 'What has gone out, the latest first, with what came of it',
  query: z.object({
    /** The last one of the page before. */
    after: Id.optional(),
    personId: PersonId.optional(),
    limit: z.coerce.number().int().min(1).max(200).default(50),
  }),
  response: z.object({ timeZone: z.string(), messages: z.array(Message) }),
});

export const getMessage = endpoint({
  method: 'get',
  path: '/messages/:id',
  subject,
  shows: ['messages', 'people'],
  summary: 'One message with its exact words, and everything that was reported of it',
  params: IdParam,
  response: Message.extend({
    timeZone: z.string(),
    words: z.string(),
    /** Rich words; empty for plain ones. And the whole letter, as a page of its own. */
    html: z.string(),
    page: z.string(),
    files: z.array(KeptFile),
    events: z.array(z.object({ id: Id, kind: z.string(), at: z.string(), detail: z.string() })),
  }),
  errors: ['not_found'],
});
/** A delivery with its words and what became of it. */
export type MessageWhole = z.infer<(typeof getMessage)['response']>;

/** What the owner can do with a message that waits or failed. */
export const MOVES = ['hold', 'release', 'cancel', 'now', 'went', 'again'] as const;

export const moveMessage = endpoint({
  method: 'post',
  path: '/messages/:id/move',
  subject,
  summary:
    'Holds a message back, lets it go, sends it now, or cancels it, as long as it has not gone',
  params: IdParam,
  body: z.object({ move: z.enum(MOVES) }),
  response: Done,
  errors: ['not_found', 'conflict', 'invalid'],
});

export const holdAll = endpoint({
  method: 'post',
  path: '/messages/hold-all',
  subject,
  summary: 'Holds everything back that would go, or lets go what was held back by hand',
  body: z.object({ hold: z.boolean() }),
  response: Done,
});

const Batch = z.object({
  id: Id,
  label: z.string(),
  kind: z.string(),
  madeAt: z.string(),
  /** It is still being written: nothing of it goes yet. */
  writing: z.boolean(),
  /** At most so many a minute; null for as many as the carrier takes. */
  perMinute: z.number().int().nullable(),
  version: z.number().int(),
  /** How many of its messages are in each state, or had each outcome. */
  counts: z.record(z.string(), z.number().int()),
});

export const listBatches = endpoint({
  method: 'get',
  path: '/batches',
  subject,
  shows: ['messages'],
  summary: 'What messages were made for together, the latest first, with what became of them',
  query: z.object({ limit: z.coerce.number().int().min(1).max(200).default(50) }),
  response: z.object({ batches: z.array(Batch) }),
});

export const getBatch = endpoint({
  method: 'get',
  path: '/batches/:id',
  subject,
  shows: ['messages'],
  summary: 'One batch with its progress and its results',
  params: IdParam,
  response: Batch,
  errors: ['not_found'],
});

export const moveBatch = endpoint({
  method: 'post',
  path: '/batches/:id/move',
  subject,
  long: true,
  summary: 'Holds, releases or cancels what of a batch was not sent yet',
  params: IdParam,
  body: z.object({ move: z.enum(['hold', 'release', 'cancel']) }),
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const setBatchRate = endpoint({
  method: 'patch',
  path: '/batches/:id',
  subject,
  summary: 'Sets how many messages of a batch are sent a minute at most',
  params: IdParam,
  body: z.object({ perMinute: z.number().int().min(1).max(100_000).nullable() }),
  response: Done,
  errors: ['not_found'],
});

/** What goes with words. */
const Along = {
  files: z.array(Id).max(MOST_FILES, `At most ${MOST_FILES} files go with an e-mail.`).default([]),
  /** The template that the words were begun from, and which of its wordings. */
  template: z.object({ id: Id, wordingId: Id }).nullable().default(null),
};

export const changeMessage = endpoint({
  method: 'patch',
  path: '/messages/:id',
  subject,
  summary: 'Changes the words of a message that has not gone',
  params: IdParam,
  body: Words.extend({ version: Int4 }),
  response: Done,
  errors: ['not_found', 'conflict', 'invalid'],
});

const TemplateFaults = z.array(z.object({ field: z.string(), sentence: z.string() }));

export const startMessage = endpoint({
  method: 'post',
  path: '/messages/start',
  subject,
  summary:
    'Words filled in for one person, to whom they would go, and what keeps them; writes nothing',
  body: Words.extend({ personId: PersonId, kind: z.enum(MESSAGE_KINDS) }),
  response: z.object({
    subject: z.string(),
    words: z.string(),
    /** The whole letter of a rich e-mail, as a page of its own; empty for plain words. */
    page: z.string(),
    addresses: z.array(z.string()),
    /** Why it can't go, in a sentence. */
    why: z.string(),
    faults: TemplateFaults,
    /** When it would go, where that is not at once: it is night there. */
    sendAt: z.string().nullable(),
    there: z.string().nullable(),
  }),
  errors: ['not_found'],
});
/** A message as it begins: to whom, and what could be written with. */
export type Started = z.infer<(typeof startMessage)['response']>;

export const tryWords = endpoint({
  method: 'post',
  path: '/messages/try',
  subject,
  summary: 'Sends words to the owner, as one person would have them; keeps nothing',
  body: Words.extend({
    personId: PersonId,
    kind: z.enum(MESSAGE_KINDS),
    files: Along.files,
  }),
  response: z.object({ works: z.boolean(), outcome: z.string() }),
  errors: ['not_found', 'invalid'],
});

export const writeMessage = endpoint({
  method: 'post',
  path: '/messages',
  subject,
  summary: 'Writes to one person; it goes at once, or when the night is over where they live',
  body: Words.extend({
    personId: PersonId,
    kind: z.enum(MESSAGE_KINDS),
    ...Along,
    /** What of the desk is done with it. */
    itemKey: z.string().max(200).nullable().default(null),
  }),
  response: Done.extend({ id: Id }),
  errors: ['not_found', 'invalid', 'conflict'],
});

const ToMany = Words.extend({ who: Who, kind: z.enum(MESSAGE_KINDS) });

export const previewMany = endpoint({
  method: 'post',
  path: '/messages/many/preview',
  subject,
  long: true,
  summary:
    'Who would get a message to many, the odd ones first, and who is left out and why; writes nothing',
  body: ToMany,
  response: z.object({
    people: z.number().int(),
    canGet: z.number().int(),
    readers: z.array(
      z.object({ personId: PersonId, name: z.string(), odd: z.string().nullable() }),
    ),
    leftOutCount: z.number().int(),
    leftOut: z.array(z.object({ personId: PersonId, name: z.string(), why: z.string() })),
  }),
  errors: ['invalid'],
});
/** Who would get a mailing, and who would be left out. */
export type Readers = z.infer<(typeof previewMany)['response']>;

export const writeMany = endpoint({
  method: 'post',
  path: '/messages/many',
  subject,
  long: true,
  summary:
    'Writes to many, one message to each who can get it; each goes in the hours of its reader',
  body: ToMany.extend({
    ...Along,
    /** Of this one writing: sent again, it is written once. */
    once: Id,
  }),
  response: Done.extend({ batchId: Id, people: z.number().int(), leftOut: z.number().int() }),
  errors: ['invalid'],
});

const Incoming = z.object({
  id: Id,
  kind: z.enum(MESSAGE_KINDS),
  from: z.string(),
  fromName: z.string(),
  subject: z.string(),
  words: z.string(),
  at: z.string(),
  verdict: z.enum(['answer', 'automatic', 'report', 'opt_out', 'opt_in']),
  personId: PersonId.nullable(),
  name: z.string(),
});
/** An answer, bounce or report that came in. */
export type Incoming = z.infer<typeof Incoming>;

export const listInbound = endpoint({
  method: 'get',
  path: '/messages/inbound',
  subject,
  shows: ['messages', 'people'],
  summary: 'What came in, the latest first; of whom nobody knows, before all else',
  query: z.object({ limit: z.coerce.number().int().min(1).max(200).default(50) }),
  response: z.object({
    timeZone: z.string(),
    unknown: z.array(Incoming),
    incoming: z.array(Incoming),
    stopped: z.array(
      z.object({
        address: z.string(),
        at: z.string(),
        why: z.string(),
        personId: PersonId.nullable(),
        name: z.string(),
      }),
    ),
  }),
});

export const listResults = endpoint({
  method: 'get',
  path: '/messages/results',
  subject,
  shows: ['messages'],
  summary: 'What came of the messages of a year, by what brought them',
  response: z.object({
    results: z.array(
      z.object({
        /** The cadence and which of its beats; empty for what the owner wrote. */
        cadence: z.string(),
        beat: z.number().int().nullable(),
        /** The template whose words they were; empty for none. */
        template: z.string(),
        kind: z.string(),
        sent: z.number().int(),
        /** Known to have arrived: reported, or opened, followed, answered. */
        delivered: z.number().int(),
        opened: z.number().int(),
        clicked: z.number().int(),
        answered: z.number().int(),
        bounced: z.number().int(),
        optedOut: z.number().int(),
      }),
    ),
  }),
});
/** How messages with the same words did. */
export type Result = z.infer<(typeof listResults)['response']>['results'][number];

export const placeIncoming = endpoint({
  method: 'post',
  path: '/messages/inbound/:id/place',
  subject,
  summary: 'Says who wrote it: somebody here, somebody new, or nobody of the sphere',
  params: IdParam,
  body: z.object({
    as: z.enum(['person', 'new', 'nobody']),
    personId: PersonId.nullable().default(null),
  }),
  response: Done,
  errors: ['not_found', 'invalid'],
});

export const unsuppressAddress = endpoint({
  method: 'post',
  path: '/messages/suppressed/use',
  subject,
  summary: 'Writes to an address again that had come back',
  body: z.object({ address: z.string().max(300) }),
  response: Done,
  errors: ['not_found'],
});

export const pollNow = endpoint({
  method: 'post',
  path: '/messages/poll',
  subject,
  long: true,
  summary: 'Looks into the mailbox and asks the text gateway now, instead of at the next look',
  response: Polled,
});
