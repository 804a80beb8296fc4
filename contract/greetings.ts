import { z } from 'zod';

import { RULE_YEARS } from '@/core/almanac';
import { DAY_RULES } from '@/core/calendar';
import { TOUCH_KINDS } from '@/core/touches';

import { CircleId, Day, Done, Id, IdParam, Int4, PersonId, PersonParam, ViewId } from './common';
import { endpoint } from './endpoint';
import { Text } from './record';
import { MOST_SIGNS } from './templates';

const subject = 'almanac';

/** See core/almanac/occasion.ts. */
const Occasion = Text(160).min(1, 'Choose an occasion.');

/** A greeting rule as the owner writes it. */
export const RuleDraft = z.object({
  occasion: Occasion,
  /** Only people of these circles; everybody where there are none. */
  circles: z.array(CircleId).max(50).default([]),
  viewId: ViewId.nullable().default(null),
  years: z.enum(RULE_YEARS).default('all'),
  kind: z.enum(TOUCH_KINDS),
  way: z.enum(['hand', 'auto']).default('hand'),
  leadDays: z.number().int().min(0).max(60, 'At most 60 days before.').default(0),
  /** Where the day is not worked. */
  dayRule: z.enum(DAY_RULES).exclude(['exact']).default('previous'),
  /** Of an e-mail. */
  subject: Text(300).default(''),
  words: Text(MOST_SIGNS).default(''),
  /** The template whose words it says, instead of its own. */
  templateId: Id.nullable().default(null),
  active: z.boolean().default(true),
});
export type RuleDraft = z.infer<typeof RuleDraft>;

/** What greetings come to. */
const Totals = z.object({
  greetings: z.number().int(),
  days: z.number().int(),
  /** Of the owner's time. */
  minutes: z.number().int(),
  costMinor: z.number().int(),
  most: z.object({ on: Day, greetings: z.number().int() }).nullable(),
});
/** What all greeting rules bring in a year. */
export type GreetingTotals = z.infer<typeof Totals>;

const Rule = RuleDraft.extend({
  id: Id,
  version: Int4,
  /** The occasion in words. */
  name: z.string(),
  /** What it brings in the year to come. */
  year: Totals,
});
/** A greeting rule with what it brings in a year. */
export type GreetingRuleShown = z.infer<typeof Rule>;

const READ = [
  'almanac',
  'people',
  'settings',
  'lists',
  'views',
  'plan',
  'templates',
  'messages',
] as const;

export const listRules = endpoint({
  method: 'get',
  path: '/greetings/rules',
  subject,
  shows: READ,
  summary: 'The rules by which people are greeted, in their order, with what each brings in a year',
  response: z.object({ today: Day, rules: z.array(Rule), year: Totals }),
});

export const listOccasions = endpoint({
  method: 'get',
  path: '/greetings/occasions',
  subject,
  shows: READ,
  summary:
    'What people can be greeted on: dates that are on record, and holidays of the year to come',
  response: z.object({
    occasions: z.array(
      z.object({
        occasion: z.string(),
        name: z.string(),
        /** How many have such a date; of a holiday, everybody. */
        people: z.number().int(),
        /** Of a holiday: when it is next. */
        next: Day.nullable(),
      }),
    ),
  }),
});

export const addRule = endpoint({
  method: 'post',
  path: '/greetings/rules',
  subject,
  summary: 'Greets people by a rule from now on',
  body: RuleDraft,
  response: Done.extend({ id: Id }),
  errors: ['invalid', 'not_found'],
});

export const saveRule = endpoint({
  method: 'put',
  path: '/greetings/rules/:id',
  subject,
  summary: 'Changes a rule; greetings that were given stay as they are',
  params: IdParam,
  body: RuleDraft.extend({ version: Int4 }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const removeRule = endpoint({
  method: 'delete',
  path: '/greetings/rules/:id',
  subject,
  summary: 'Takes a rule away, and the greetings that it asked for',
  params: IdParam,
  response: Done,
  errors: ['not_found'],
});

export const orderRules = endpoint({
  method: 'put',
  path: '/greetings/rules/order',
  subject,
  summary: 'Puts the rules into this order: of several that fit, the first greets',
  body: z.object({ ids: z.array(Id).max(500) }),
  response: Done,
});

const LeftOutShown = z.object({
  key: z.string(),
  personId: PersonId,
  name: z.string(),
  on: Day,
  what: z.string(),
  occasion: z.string(),
  why: z.enum(['hushed', 'said_no', 'no_way']),
  sentence: z.string(),
});

export const tryRule = endpoint({
  method: 'post',
  path: '/greetings/rules/try',
  subject,
  long: true,
  summary: 'What a rule would bring in the year to come, and who would be left out; writes nothing',
  body: RuleDraft.extend({ id: Id.nullable().default(null) }),
  response: z.object({
    year: Totals,
    /** Greetings that would be on the desk or go out today. */
    today: z.number().int(),
    leftOutCount: z.number().int(),
    leftOut: z.array(LeftOutShown),
    /** Whom it would greet first. */
    first: z.array(
      z.object({
        personId: PersonId,
        name: z.string(),
        on: Day,
        what: z.string(),
        words: z.string(),
      }),
    ),
    /** What is wrong with its words, whoever reads them. */
    faults: z.array(z.string()),
  }),
  errors: ['invalid', 'not_found'],
});

/** What becomes of a greeting: asked for, too late for the post, on its way out, made, or dropped. */
export const GREETING_STATES = [
  'planned',
  'late',
  'out',
  'held',
  'made',
  'dropped',
  'passed',
] as const;

/** A date of somebody on one of its days. */
export const DateShown = z.object({
  personId: PersonId,
  name: z.string(),
  occasion: z.string(),
  /** Which of their dates. */
  dateKey: z.string(),
  /** What it is this time: "turns 50", "wedding, 25 years". */
  what: z.string(),
  round: z.boolean(),
  /** Whether they are not to be greeted on it. */
  hushed: z.boolean(),
  greeting: z
    .object({
      key: z.string(),
      kind: z.enum(TOUCH_KINDS),
      way: z.enum(['hand', 'auto']),
      state: z.enum(GREETING_STATES),
      /** Of what is mailed: the last day to write it. */
      by: Day.nullable(),
      /** Of what is too late for the post: what is open instead. */
      instead: z.enum(TOUCH_KINDS).nullable(),
      withNames: z.array(z.string()),
    })
    .nullable(),
});
export type DateShown = z.infer<typeof DateShown>;

const GreetingShown = z.object({
  key: z.string(),
  personId: PersonId,
  name: z.string(),
  /** Who is greeted with them. */
  withNames: z.array(z.string()),
  occasion: z.string(),
  what: z.string(),
  on: Day,
  kind: z.enum(TOUCH_KINDS),
  way: z.enum(['hand', 'auto']),
  state: z.enum(GREETING_STATES),
  /** Of what is mailed: the last day to write it. */
  by: Day.nullable(),
  /** The day on which it stands on the desk. */
  planned: Day.nullable(),
  /** Why it is as it is, in a sentence; empty where there is nothing to say. */
  sentence: z.string(),
  /** Other ways that are open to them. */
  instead: z.array(z.enum(TOUCH_KINDS)),
  words: z.string(),
  /** Whether these words were written for it alone. */
  ownWords: z.boolean(),
  messageId: Id.nullable(),
});
/** A greeting to come. */
export type GreetingShown = z.infer<typeof GreetingShown>;

const NearPair = z.object({
  householdId: Id,
  first: z.object({ personId: PersonId, name: z.string(), on: Day }),
  second: z.object({ personId: PersonId, name: z.string(), on: Day }),
});
/** Two birthdays of one home that are close together. */
export type NearPairShown = z.infer<typeof NearPair>;

export const listGreetings = endpoint({
  method: 'get',
  path: '/greetings',
  subject,
  shows: READ,
  summary:
    'The greetings of some weeks before they happen, who is left out and why, and what is to be decided',
  query: z.object({ from: Day, to: Day, personId: PersonId.optional() }),
  response: z.object({
    today: Day,
    total: z.number().int(),
    greetings: z.array(GreetingShown),
    leftOutCount: z.number().int(),
    leftOut: z.array(LeftOutShown),
    near: z.array(NearPair),
    totals: Totals,
    rules: z.number().int(),
  }),
  errors: ['invalid'],
});

const Key = z
  .string()
  .regex(/^greet:/, 'This is no greeting.')
  .max(300);

export const changeGreeting = endpoint({
  method: 'post',
  path: '/greetings/change',
  subject,
  summary: 'Gives one greeting other words, another way, drops it or takes it up again',
  body: z.object({
    key: Key,
    kind: z.enum(TOUCH_KINDS).optional(),
    /** Null for those of its rule. */
    words: Text(MOST_SIGNS).nullable().optional(),
    dropped: z.boolean().optional(),
  }),
  response: Done,
  errors: ['invalid', 'not_found', 'conflict'],
});

export const hush = endpoint({
  method: 'put',
  path: '/people/:id/hushed',
  subject,
  summary:
    'Whether somebody is greeted on an occasion, on one of their dates, or at all; no reason is asked',
  params: PersonParam,
  body: z.object({
    /** An occasion or the key of a date; empty for any. */
    occasion: Text(160),
    hushed: z.boolean(),
  }),
  response: Done,
  errors: ['not_found'],
});

/** A date of somebody, when it is next. */
const PersonDate = DateShown.omit({ personId: true, name: true }).extend({
  next: Day,
  /** What is wrong with it, in a sentence; null for nothing. */
  doubt: z.string().nullable(),
});
/** A date of a person, with how it is greeted. */
export type PersonDate = z.infer<typeof PersonDate>;

export const datesOfPerson = endpoint({
  method: 'get',
  path: '/people/:id/dates',
  subject,
  shows: READ,
  summary: 'The dates of somebody, when each comes next, and how they are greeted on it',
  params: PersonParam,
  response: z.object({
    dates: z.array(PersonDate),
    /** They are not greeted at all. */
    never: z.boolean(),
  }),
  errors: ['not_found'],
});

export const greetTogether = endpoint({
  method: 'put',
  path: '/households/:id/together',
  subject,
  summary: 'Whether birthdays of a home that lie near each other are greeted as one',
  params: IdParam,
  body: z.object({ together: z.boolean().nullable() }),
  response: Done,
  errors: ['not_found'],
});
