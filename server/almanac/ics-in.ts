import ICAL from 'ical.js';

import {
  MAX_CALENDAR_MB,
  type IncomingDate,
  type readCalendar as readCalendarEndpoint,
} from '@/contract/calendars';
import type { CallOutput } from '@/contract/endpoint';
import {
  BIRTHDAY,
  namedOccasion,
  OLDEST_YEAR,
  readSummary,
  yearlyParts,
  type ReadEvent,
} from '@/core/almanac';
import { decode } from '@/core/intake';
import { need } from '@/core/need';
import { fold } from '@/core/people';
import { dayIn, partsOf, plural, toDayNumber } from '@/core/time';

import { actOnMany } from '../act';
import { invalid, Refusal } from '../api';
import type { Context } from '../context';
import { learn } from '../people';
import * as queries from './queries';

const MOST_EVENTS = 20_000;
const pad = (n: number) => String(n).padStart(2, '0');

/** An event of a file as far as it is a day that comes back. */
interface Found {
  summary: string;
  read: ReadEvent;
  month: number;
  day: number;
  year: number | null;
  /** Addresses of those who take part. */
  emails: string[];
}

/** Reads a file and finds whose days are in it; writes nothing. Recurrences are never expanded. */
export async function readCalendar(
  ctx: Context,
  content: string,
): Promise<CallOutput<typeof readCalendarEndpoint>> {
  const bytes = Buffer.from(content, 'base64');
  if (bytes.length > MAX_CALENDAR_MB * 2 ** 20)
    throw new Refusal(
      'too_large',
      `This file has ${Math.ceil(bytes.length / 2 ** 20)} MB; Pen Pal reads calendars of up to ${MAX_CALENDAR_MB} MB.`,
      'content',
    );
  const thisYear = partsOf(toDayNumber(ctx.clock.today())).year;
  const { events, faults } = eventsIn(textIn(bytes));
  const found: Found[] = [];
  let others = 0;
  for (const event of events) {
    const one = yearlyDay(event, thisYear, ctx.clock.zone);
    if (one) found.push(one);
    else others += 1;
  }
  const people = await knownPeople(ctx);
  return {
    dates: found.flatMap((one) => datesOf(one, people)).map((date, at) => ({ ...date, at })),
    otherEvents: others,
    faults,
  };
}

const FOLD = /\r?\n[ \t]/g;

/** A file as text: unfolded before it is decoded, since a line may be folded within a letter (RFC 5545, 3.1). */
function textIn(bytes: Buffer): string {
  const unfolded = Buffer.from(bytes.toString('latin1').replace(FOLD, ''), 'latin1');
  const isUtf16 = (bytes[0] ?? 0) + (bytes[1] ?? 0) === 0xff + 0xfe;
  return decode(isUtf16 ? bytes : unfolded)?.text.replace(FOLD, '') ?? '';
}

/** The events of all calendars in a text; one that can't be read costs no other. */
function eventsIn(text: string): { events: ICAL.Component[]; faults: string[] } {
  if (!/BEGIN:VCALENDAR/i.test(text))
    throw invalid('This is no iCalendar file: it holds no calendar.', 'content');
  const events: ICAL.Component[] = [];
  const faults: string[] = [];
  const parts = eventTexts(text);
  if (parts.length > MOST_EVENTS)
    throw invalid(
      `Pen Pal reads up to ${MOST_EVENTS} events of a file; this one has more.`,
      'content',
    );
  for (const [at, part] of parts.entries())
    try {
      events.push(new ICAL.Component(ICAL.parse(part) as unknown[] as never));
    } catch {
      faults.push(`Event ${at + 1} can’t be read, and is left out.`);
    }
  return { events, faults };
}

/** What stands between the beginnings and the ends of events, each looked for once. */
function eventTexts(text: string): string[] {
  const found: string[] = [];
  const [BEGIN, END] = ['BEGIN:VEVENT', 'END:VEVENT'];
  const upper = text.toUpperCase();
  for (let at = upper.indexOf(BEGIN); at >= 0;) {
    const end = upper.indexOf(END, at);
    if (end < 0) break;
    found.push(text.slice(at, end + END.length));
    at = upper.indexOf(BEGIN, end);
  }
  return found;
}

const textOf = (event: ICAL.Component, name: string): string =>
  String(event.getFirstPropertyValue(name) ?? '').trim();

/** Whether a rule is how a 29 February is written: the end of the month, or the sixtieth day. */
const isLeapRule = ({ parts }: ICAL.Recur): boolean => {
  const only = (name: string) => String((parts as Record<string, unknown>)[name] ?? '');
  return only('BYYEARDAY') === '60' || (only('BYMONTH') === '2' && only('BYMONTHDAY') === '-1');
};

/**
 * The day on which an event begins: as it is written, in whichever zone; of an instant, the owner's. Midnight is
 * written by programs that mean the day itself.
 */
function dayOf(start: ICAL.Time, zone: string): Pick<ICAL.Time, 'year' | 'month' | 'day'> {
  const isInstant = !start.isDate && start.zone === ICAL.Timezone.utcTimezone;
  if (!isInstant || (start.hour === 0 && start.minute === 0)) return start;
  return partsOf(toDayNumber(dayIn(start.toJSDate().toISOString(), zone)));
}

/** A yearly day of somebody; null for a meeting, or what can't be read as a day. */
function yearlyDay(event: ICAL.Component, thisYear: number, zone: string): Found | null {
  const start = event.getFirstPropertyValue('dtstart');
  if (!(start instanceof ICAL.Time)) return null;
  const first = dayOf(start, zone);
  const { year } = first;
  const rule = event.getFirstPropertyValue('rrule');
  const isYearly = rule instanceof ICAL.Recur && rule.freq === 'YEARLY';
  const { month, day } = isYearly && isLeapRule(rule) ? { month: 2, day: 29 } : first;
  if (!(month >= 1 && month <= 12 && day >= 1 && day <= 31)) return null;
  const isBirthday = /birthday/i.test(textOf(event, 'categories'));
  const read = readSummary(textOf(event, 'summary'), isBirthday);
  if (!read || read.who.length === 0) return null;
  const known = read.name === BIRTHDAY || read.name === 'wedding';
  if (!isYearly && !known) return null;
  // Who does not know the year begins the event with this one, or with one long ago.
  const began = year >= OLDEST_YEAR && year < thisYear - 1 && isYearly ? year : null;
  const emails = event.getAllProperties('attendee').map((one) =>
    String(one.getFirstValue() ?? '')
      .replace(/^mailto:/i, '')
      .toLowerCase(),
  );
  return {
    summary: textOf(event, 'summary'),
    read,
    month,
    day,
    year: read.year ?? began,
    emails,
  };
}

interface Known extends queries.NamedPerson {
  folded: string;
}

async function knownPeople(ctx: Context) {
  const all: Known[] = (await queries.namedPeople(ctx.db)).map((row) => ({
    ...row,
    folded: fold(row.name),
  }));
  const by = (keysOf: (one: Known) => string[]) => {
    const map = new Map<string, Known[]>();
    for (const one of all)
      for (const key of new Set(keysOf(one))) if (key) map.set(key, [...(map.get(key) ?? []), one]);
    return map;
  };
  return {
    byName: by((one) =>
      [
        one.folded,
        fold(`${one.given_name} ${one.family_name}`),
        fold(`${one.goes_by} ${one.family_name}`),
        fold(`${one.family_name} ${one.given_name}`),
      ].map((name) => name.trim()),
    ),
    byPart: by((one) => [fold(one.given_name), fold(one.goes_by), fold(one.family_name)]),
    byEmail: by((one) => one.emails.map((email) => email.toLowerCase())),
  };
}

/** Whose an event is: each of those it names, for certain where one alone is called so. */
function datesOf(
  { summary, read, month, day, year, emails }: Found,
  people: Awaited<ReturnType<typeof knownPeople>>,
): Omit<IncomingDate, 'at'>[] {
  const on = `${year === null ? '' : `${year}-`}${pad(month)}-${pad(day)}`;
  return read.who.map((who) => {
    const [byEmail] = emails.flatMap((email) => people.byEmail.get(email) ?? []);
    const same = people.byName.get(fold(who).trim()) ?? [];
    const certain = byEmail && read.who.length === 1 ? [byEmail] : same;
    const like = certain.length > 0 ? certain : likely(who, people.byPart);
    const before = certain.length === 1 ? recorded(need(certain[0]), read.name) : null;
    return {
      summary,
      on,
      name: read.name,
      people: like.slice(0, 5).map(({ id, name }) => ({ personId: id, name })),
      before,
      state: stateOf(certain.length, like.length, before, on),
    };
  });
}

/** Those of whose names one word is the same. */
const likely = (who: string, byPart: ReadonlyMap<string, Known[]>): Known[] => [
  ...new Set(
    fold(who)
      .split(' ')
      .flatMap((word) => byPart.get(word) ?? []),
  ),
];

/** What is on record of it: the birthday, or a date of that name. */
function recorded(person: Known, name: string): string | null {
  if (name === BIRTHDAY) return person.birthday;
  return person.dates.find((date) => namedOccasion(date.name) === namedOccasion(name))?.on ?? null;
}

function stateOf(
  certain: number,
  like: number,
  before: string | null,
  on: string,
): IncomingDate['state'] {
  if (certain !== 1) return like > 0 ? 'ask' : 'nobody';
  if (before === null) return 'new';
  const [a, b] = [yearlyParts(before, 9999), yearlyParts(on, 9999)];
  const sameDay = a.month === b.month && a.day === b.day;
  return sameDay && (b.year === null || a.year === b.year) ? 'known' : 'differs';
}

/** Writes dates on sheets, as they were confirmed. */
export async function takeDates(
  ctx: Context,
  dates: readonly { personId: string; name: string; on: string }[],
) {
  const what = plural(dates.length, 'date');
  return actOnMany(
    ctx,
    `Taking ${what} in`,
    dates,
    async (tx, some) => {
      for (const { personId, name, on } of some)
        await learn(tx, personId, { tags: [], date: { name, on }, replaces: true });
    },
    () => ({
      dates: dates.length,
      sentence: `Took ${what} in from a calendar`,
      plan: [...new Set(dates.map(({ personId }) => personId))],
      topics: ['people', 'almanac'],
    }),
  );
}
