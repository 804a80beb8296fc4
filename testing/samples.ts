import type { Message, Out, Result } from '@/contract/messages';
import type { Beat, Cadence } from '@/contract/cadences';
import type { CallOutput } from '@/contract/endpoint';
import { RuleDraft, type GreetingRuleShown, type GreetingTotals } from '@/contract/greetings';
import type { PersonRow, PersonSheet } from '@/contract/people';
import type { Outlook } from '@/contract/planner';
import type { getSettings } from '@/contract/settings';
import type { DeskItem } from '@/contract/touches';
import { NOBODY } from '@/core/people';
import { addDays, plainDate } from '@/core/time';

/** Ids by number: they only have to be told apart, and to be ids. */
export const id = (n: number) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const day = plainDate;
export const DUE = day('2026-11-27');

export const standing = { promiseDays: 60, due: DUE, slack: 4, warmth: 'soon' as const };

/** One person with something in every part of their sheet. */
export const sheet = (change: Partial<PersonSheet> = {}): PersonSheet => ({
  id: id(1),
  version: 3,
  name: 'Teodora Vance',
  fields: {
    ...NOBODY,
    wouldReferOn: null,
    givenName: 'Teodora',
    familyName: 'Vance',
    phones: [{ value: '(541) 555-0142', label: 'mobile' }],
    emails: [{ value: 'teodora@example.com', label: '' }],
    birthday: '1980-05-04',
    consent: { call: { answer: 'yes', on: day('2026-02-01'), cameFrom: 'asked at the fair' } },
  },
  circle: { id: id(90), name: 'Inner', promiseDays: 60 },
  ownPromiseDays: null,
  tags: ['garden'],
  addedOn: day('2025-03-10'),
  archivedOn: null,
  deletedOn: null,
  photoId: null,
  standing,
  sentence: 'You talked 56 days ago.',
  touches: [
    {
      id: id(11),
      on: day('2026-09-28'),
      kind: 'call',
      outcome: 'reached',
      hold: 1,
    },
  ],
  notes: [
    {
      id: id(12),
      version: 1,
      on: day('2026-09-22'),
      body: 'Kitchen half done',
      pinned: false,
      tags: [],
    },
  ],
  ties: [],
  household: null,
  jobs: [],
  planned: [
    { key: 'keep:1', day: DUE, kind: 'call', reason: 'To keep the promise.', words: 'How is it?' },
  ],
  talk: [{ about: 'Last time', words: 'Kitchen' }],
  events: [],
  enrolments: [],
  ...change,
});

export const row = (n: number, name: string): PersonRow => ({
  id: id(n),
  name,
  place: 'Harbor',
  company: '',
  circle: 'Inner',
  tags: [],
  standing,
  hasPhone: true,
  hasEmail: true,
  hasAddress: false,
  recent: [12, 80],
});

export const deskItem = (change: Partial<DeskItem> = {}): DeskItem => ({
  key: 'beat:1',
  template: null,
  personId: id(1),
  name: 'Teodora Vance',
  kind: 'call',
  source: 'beat',
  reason: 'Quarterly: call.',
  standing,
  words: 'How was the winter?',
  lastNote: { on: day('2026-09-22'), body: 'Kitchen half done' },
  quiet: null,
  refused: null,
  lacks: null,
  instead: ['text', 'social'],
  phone: '(541) 555-0142',
  email: '',
  ...change,
});

export const settings = (
  change: Partial<CallOutput<typeof getSettings>['settings']> = {},
): CallOutput<typeof getSettings> => ({
  settings: {
    ownerName: 'Marisol Quane',
    ownerEmail: '',
    ownerPhone: '',
    ownerCompany: '',
    ownerAddress: '',
    signature: '',
    timeZone: 'America/Los_Angeles',
    capacity: 8,
    workingDays: [1, 2, 3, 4, 5],
    daysOff: [],
    minDistanceDays: 3,
    mostTries: 3,
    graceDays: 14,
    seesOpens: false,
    faiths: [],
    mailClass: 'first',
    productionDays: 1,
    seesClicks: false,
    autoNeedsYes: true,
    thanksKind: 'card' as const,
    quietFrom: '21:00',
    quietUntil: '08:00',
    minutesPerDay: null,
    kinds: {},
    leapDay: 'feb28',
    country: '',
    region: '',
    holidaysWorked: [],
    currency: 'USD',
    locale: 'en-US',
    ...change,
  },
  freeDays: [],
  circles: [{ id: id(90), name: 'Inner', position: 0, promiseDays: 60, people: 4 }],
  demo: false,
  clock: null,
  today: day('2026-11-23'),
});

const entry = (n: number, name: string) => ({
  id: id(n),
  name,
  pinned: false,
  retired: false,
  people: 2,
});

export const lists = () => ({
  role: [entry(60, 'Past client'), entry(61, 'Referral source')],
  standing: [entry(62, 'New')],
  source: [entry(63, 'Web form')],
  circle: [
    { ...entry(90, 'Inner'), promiseDays: 60 },
    { ...entry(91, 'Wider'), promiseDays: 180 },
  ],
  tag: [entry(64, 'garden')],
  field: [
    { ...entry(65, 'Rate'), type: 'number' as const, choices: [] },
    { ...entry(66, 'Boat'), type: 'choice' as const, choices: ['sail', 'motor'] },
  ],
});

export const beat = (n: number, change: Partial<Beat> = {}): Beat => ({
  id: id(n),
  timing: { on: 'after', days: 30 * (n - 1) },
  kind: 'call',
  wordings: ['How is the house?'],
  dayRule: 'next',
  way: 'hand',
  ...change,
});

export const cadence = (change: Partial<Cadence> = {}): Cadence => ({
  id: id(40),
  version: 2,
  name: 'Quarterly',
  advice: '',
  beats: [beat(1), beat(2, { kind: 'card' })],
  rounds: null,
  gapDays: 60,
  followOn: false,
  handOver: null,
  active: true,
  people: 3,
  rota: false,
  feed: null,
  ...change,
});

export const outlook = (change: Partial<Outlook> = {}): Outlook => ({
  capacity: 8,
  promises: 240,
  overdue: [],
  overdueCount: 0,
  caughtUpOn: null,
  weeks: Array.from({ length: 13 }, (_, n) => ({
    monday: addDays(plainDate('2026-11-23'), 7 * n),
    asked: 10 + n,
    keepers: 5,
    capacity: 40,
  })),
  slips: [],
  slipCount: 0,
  letGo: 0,
  letGoFirst: [],
  leastCapacity: 6,
  unkeepable: 0,
  ...change,
});

/** An e-mail that goes out by itself today. */
export const message = (change: Partial<Message> = {}): Message => ({
  id: id(70),
  version: 1,
  batchId: null,
  personId: id(2),
  name: 'Bo Birch',
  kind: 'email',
  noun: { one: 'e-mail', many: 'e-mails' },
  addresses: ['bo@example.com'],
  subject: 'Half a year on',
  state: 'ready',
  why: '',
  remedy: '',
  outcome: '',
  cadence: 'Quarterly',
  on: day('2026-11-23'),
  sendAt: '2026-11-23T18:10:00.000Z',
  there: null,
  sentAt: null,
  ...change,
});

/** What goes out, with nothing in it. */
/** What came of messages. */
export const result = (change: Partial<Result> = {}): Result => ({
  cadence: '',
  beat: null,
  template: '',
  kind: 'email',
  sent: 0,
  delivered: 0,
  opened: 0,
  clicked: 0,
  answered: 0,
  bounced: 0,
  optedOut: 0,
  ...change,
});

export const out = (change: Partial<Out> = {}): Out => ({
  today: day('2026-11-23'),
  timeZone: 'America/Los_Angeles',
  carriers: { email: true, text: true },
  waitingTotal: change.waiting?.length ?? 0,
  waitsLong: null,
  waiting: [],
  goingTotal: change.going?.length ?? 0,
  goingToday: change.going?.length ?? 0,
  going: [],
  sentToday: 0,
  ...change,
});

/** What some greetings come to. */
export const greetingTotals = (change: Partial<GreetingTotals> = {}): GreetingTotals => ({
  greetings: 2,
  days: 2,
  minutes: 16,
  costMinor: 600,
  most: null,
  ...change,
});

/** A rule that greets everybody on their birthday. */
export const greetingRule = (change: Partial<GreetingRuleShown> = {}): GreetingRuleShown => ({
  ...RuleDraft.parse({ occasion: 'birthday', kind: 'call', words: 'Happy day' }),
  id: id(1),
  version: 1,
  name: 'birthday',
  year: greetingTotals(),
  ...change,
});
