import { z } from 'zod';

import { CircleId, Day, Done, Id, IdParam, PersonId, ViewId } from './common';
import { endpoint } from './endpoint';
import { Text } from './record';

const subject = 'almanac';

export const FEED_SHOWS = ['dates', 'touches'] as const;

/** What a calendar feed is to show. */
export const FeedDraft = z.object({
  name: Text(80).min(1, 'Give it a name.'),
  shows: z.array(z.enum(FEED_SHOWS)).min(1, 'Choose what it shows.').max(2),
  /** Only people of a circle, or in a view; everybody where both are null. */
  circleId: CircleId.nullable().default(null),
  viewId: ViewId.nullable().default(null),
  /** Minutes before the day begins at which an alarm sounds; negative after it has begun; null for none. */
  alarmMinutes: z.number().int().min(-1440).max(43_200).nullable().default(null),
});
export type FeedDraft = z.infer<typeof FeedDraft>;

const Feed = FeedDraft.extend({ id: Id, madeOn: Day, events: z.number().int() });
/** A private address at which calendar programs read dates and touches. */
export type CalendarFeed = z.infer<typeof Feed>;

export const listFeeds = endpoint({
  method: 'get',
  path: '/calendars',
  subject,
  shows: ['almanac', 'people', 'plan', 'views', 'lists', 'settings'],
  summary: 'The addresses at which calendars read, without the addresses themselves',
  response: z.object({ feeds: z.array(Feed) }),
});

/** The path at which a calendar reads; shown this once. */
const Made = Done.extend({ id: Id, path: z.string() });

export const addFeed = endpoint({
  method: 'post',
  path: '/calendars',
  secret: true,
  subject,
  summary: 'Makes a private address at which calendars read dates or planned touches',
  body: FeedDraft,
  response: Made,
  errors: ['invalid', 'not_found'],
});

export const renewFeed = endpoint({
  method: 'post',
  path: '/calendars/:id/renew',
  secret: true,
  subject,
  summary: 'Gives a calendar another address; the one before answers no more',
  params: IdParam,
  response: Made,
  errors: ['not_found'],
});

export const removeFeed = endpoint({
  method: 'delete',
  path: '/calendars/:id',
  subject,
  summary: 'Takes an address away: whoever reads it gets nothing any more',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

/** An iCalendar file may have so many megabytes, of 2^20 bytes. */
export const MAX_CALENDAR_MB = 10;

export const INCOMING_STATES = ['new', 'known', 'differs', 'ask', 'nobody'] as const;

/** A date that a file holds, and whose it may be. */
const Incoming = z.object({
  /** Its place in the file. */
  at: z.number().int(),
  summary: z.string(),
  /** 'MM-DD' or 'YYYY-MM-DD'. */
  on: z.string(),
  /** What the date would be called; "birthday" becomes their birthday. */
  name: z.string(),
  state: z.enum(INCOMING_STATES),
  /** Whom it is of for certain, or may be of, the likeliest first. */
  people: z.array(z.object({ personId: PersonId, name: z.string() })),
  /** What is on record there already. */
  before: z.string().nullable(),
});
/** A date read from somebody else's calendar, with the person it may belong to. */
export type IncomingDate = z.infer<typeof Incoming>;

export const readCalendar = endpoint({
  method: 'post',
  path: '/calendars/read',
  subject,
  long: true,
  summary: 'Reads an iCalendar file and finds whose dates are in it; writes nothing',
  body: z.object({
    fileName: z.string().max(255),
    /** The bytes of the file, base64. */
    content: z.string(),
  }),
  response: z.object({
    dates: z.array(Incoming),
    /** Events that are no yearly days, and so are left out. */
    otherEvents: z.number().int(),
    faults: z.array(z.string()),
  }),
  errors: ['invalid', 'too_large'],
});

export const takeDates = endpoint({
  method: 'post',
  path: '/calendars/take',
  subject,
  long: true,
  summary: 'Writes dates on the sheets of people, as they were confirmed one by one',
  body: z.object({
    dates: z
      .array(
        z.object({
          personId: PersonId,
          name: Text(80).min(1, 'Name the date.'),
          on: z.string().regex(/^(\d{4}-)?\d{2}-\d{2}$/, 'Give the day as YYYY-MM-DD or MM-DD.'),
        }),
      )
      .min(1, 'Choose a date.')
      .max(5_000),
  }),
  response: Done.extend({ dates: z.number().int() }),
  errors: ['invalid', 'not_found', 'conflict'],
});
