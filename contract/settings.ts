import { z } from 'zod';

import { FAITHS, MAIL_CLASS_NAMES } from '@/core/almanac';
import { OUTCOMES, TOUCH_KINDS } from '@/core/touches';

import { Day, Done, Id } from './common';
import { endpoint } from './endpoint';

/** A circle of the sphere and what it is promised. */
export const Circle = z.object({
  id: Id,
  name: z.string(),
  /** 0 is the closest. */
  position: z.number().int(),
  promiseDays: z.number().int().nullable(),
  people: z.number().int(),
});
export type Circle = z.infer<typeof Circle>;

const isLocale = (tag: string): boolean => {
  try {
    return Intl.NumberFormat.supportedLocalesOf(tag).length > 0;
  } catch {
    return false;
  }
};
const isCurrency = (code: string): boolean => /^[A-Z]{3}$/.test(code);

const Weekday = z.union(
  [1, 2, 3, 4, 5, 6, 7].map((n) => z.literal(n as 1 | 2 | 3 | 4 | 5 | 6 | 7)),
);

/** What a kind of touch takes, costs and keeps, where the owner changed it. */
export const KindChange = z.object({
  minutes: z.number().int().min(0).max(600).optional(),
  costMinor: z.number().int().min(0).max(10_000_000).optional(),
  perDay: z.number().int().min(0).max(500).nullable().optional(),
  holds: z.partialRecord(z.enum(OUTCOMES), z.number().min(0).max(1)).optional(),
});

/** 'HH:MM'; a time without its leading nought is given one. */
const TimeOfDay = z
  .string()
  .trim()
  .transform((text) => text.padStart(5, '0'))
  .refine((text) => /^([01]\d|2[0-3]):[0-5]\d$/.test(text), 'Write a time such as 21:00.');

/** The owner's settings. */
export const Settings = z.object({
  ownerName: z.string().trim().max(120),
  /** What stands below e-mails and in merge fields. */
  ownerEmail: z.union([z.literal(''), z.email('Give an e-mail address.').max(254)]),
  ownerPhone: z.string().trim().max(60),
  ownerCompany: z.string().trim().max(120),
  /** Postal, on one or several lines. */
  ownerAddress: z.string().trim().max(400),
  signature: z.string().trim().max(1000),
  timeZone: z.string(),
  /** Touches on a working day. */
  capacity: z.number().int().min(0).max(500),
  workingDays: z.array(Weekday),
  daysOff: z.array(Day).max(1000),
  minDistanceDays: z.number().int().min(1).max(60),
  /** Tries in a row without an answer after which another way is planned. */
  mostTries: z.number().int().min(1).max(20),
  /** Days until somebody new counts as due. */
  graceDays: z.number().int().min(0).max(365),
  /** Minutes on a working day; null for no limit. */
  minutesPerDay: z.number().int().min(0).max(1440).nullable(),
  kinds: z.partialRecord(z.enum(TOUCH_KINDS), KindChange),
  /** Whether what goes by itself waits until somebody said yes to it; else it keeps to a no alone. */
  autoNeedsYes: z.boolean(),
  /** Whether e-mails that go by themselves or to many tell that they were opened, and that a link was followed. */
  seesOpens: z.boolean(),
  seesClicks: z.boolean(),
  /** Hours in which nobody is called, nor written to by itself, in the zone where they live. */
  quietFrom: TimeOfDay,
  quietUntil: TimeOfDay,
  /** How whoever sent somebody is thanked; null plans no thanks. */
  thanksKind: z.enum(TOUCH_KINDS).nullable(),
  /** Where a 29 February falls in common years. */
  leapDay: z.enum(['feb28', 'mar1']),
  /** Whose public holidays are days off; none when empty. */
  country: z.string().max(2),
  region: z.string().max(10),
  /** Names of public holidays that are worked all the same. */
  holidaysWorked: z.array(z.string().max(120)).max(200),
  /** Faiths whose feasts the almanac shows. */
  faiths: z.array(z.enum(FAITHS)),
  /** How cards and letters are sent: by it goes how long they are under way. */
  mailClass: z.enum(MAIL_CLASS_NAMES),
  /** Working days between writing something and handing it over. */
  productionDays: z.number().int().min(0).max(30),
  /** ISO 4217: what amounts are in. */
  currency: z
    .string()
    .refine((code) => isCurrency(code), 'This is not a currency. Try one like USD.'),
  /** BCP 47: how numbers and amounts are written. */
  locale: z
    .string()
    .refine((tag) => isLocale(tag), 'This is not a language tag. Try one like en-US.'),
});
export type Settings = z.infer<typeof Settings>;

const subject = 'settings';

export const getSettings = endpoint({
  method: 'get',
  path: '/settings',
  subject,
  shows: ['settings', 'lists', 'people'],
  summary: "The owner's days, capacity and circles",
  response: z.object({
    settings: Settings,
    /** Days off and public holidays, from last year to five years ahead. */
    freeDays: z.array(Day),
    circles: z.array(Circle),
    demo: z.boolean(),
    /** What looks wrong with the clock of the machine, in a sentence; null for nothing. */
    clock: z.string().nullable(),
    today: Day,
  }),
});

export const saveSettings = endpoint({
  method: 'patch',
  path: '/settings',
  subject,
  summary: "Changes the owner's days or capacity",
  body: Settings.partial(),
  response: Done,
  errors: ['invalid'],
});

export const health = endpoint({
  method: 'get',
  path: '/health',
  subject,
  shows: ['settings'],
  summary: 'Version, database and clock',
  response: z.object({
    version: z.string(),
    database: z.object({ kind: z.enum(['pglite', 'postgres']), schema: z.number().int() }),
    clock: z.object({ today: Day, now: z.string(), timeZone: z.string(), demo: z.boolean() }),
  }),
});

export const moveClock = endpoint({
  method: 'post',
  path: '/clock/forward',
  subject,
  summary: "Moves the application's day forward (demo only)",
  body: z.object({ days: z.number().int().min(1).max(366) }),
  response: z.object({ today: Day }),
  errors: ['forbidden'],
});
