import { createHash } from 'node:crypto';

import ICAL from 'ical.js';

import type { CalendarEvent, YearlyRule } from '@/core/almanac';
import { need } from '@/core/need';
import { toPlainDate, type PlainDate } from '@/core/time';

import type { ToldRow } from './feed-queries';

interface CalendarAsked {
  name: string;
  zone: string;
  alarmMinutes: number | null;
  today: PlainDate;
  /** The number and stamp of each event, by its UID; without one it has not been told before. */
  told: ReadonlyMap<string, ToldRow>;
}

/** What is the same as long as an event is the same. */
export const digestOf = ({ uid: _, ...event }: CalendarEvent): string =>
  createHash('sha256').update(JSON.stringify(event)).digest('base64url').slice(0, 22);

const DOMAIN = 'pen-pal';
// Lines of 75 octets at most (RFC 5545, 3.1): the space that begins a folded line is one of them.
ICAL.foldLength = 74;
/** How long a calendar may go without looking again. */
const FRESH = 'PT4H';

/** A property as jCal has it (RFC 7265): name, parameters, type, value. */
type Property = [name: string, parameters: object, type: string, value: unknown];

const RULES: Record<Exclude<YearlyRule['by'], 'day'>, object> = {
  'end of february': { freq: 'YEARLY', bymonth: 2, bymonthday: -1 },
  'sixtieth day': { freq: 'YEARLY', byyearday: 60 },
};

const ruleOf = (rule: YearlyRule): object =>
  rule.by === 'day'
    ? { freq: 'YEARLY', bymonth: rule.month, bymonthday: rule.day }
    : RULES[rule.by];

/** Minutes before the day begins, negative after it has, as a duration (RFC 5545, 3.3.6). */
const durationOf = (minutes: number): string => `${minutes > 0 ? '-' : ''}PT${Math.abs(minutes)}M`;

/**
 * Events as an iCalendar text (RFC 5545 with the properties of RFC 7986). The same events give the same bytes:
 * an event keeps its stamp and its number until it changes, and then has the next number.
 */
export function toCalendar(
  events: readonly CalendarEvent[],
  { name, zone, alarmMinutes, today, told }: CalendarAsked,
): string {
  const alarm = (summary: string) => [
    'valarm',
    [
      ['action', {}, 'text', 'DISPLAY'],
      ['trigger', {}, 'duration', durationOf(need(alarmMinutes))],
      ['description', {}, 'text', summary],
    ] satisfies Property[],
    [],
  ];
  const parts = events.map((event) => {
    const known = told.get(event.uid);
    const stamp = known ? new Date(known.changed_at).toISOString() : `${today}T00:00:00.000Z`;
    const properties: Property[] = [
      ['uid', {}, 'text', `${event.uid}@${DOMAIN}`],
      ['sequence', {}, 'integer', known?.sequence ?? 0],
      ['dtstamp', {}, 'date-time', stamp.replace(/\.\d+/, '')],
      ['dtstart', {}, 'date', toPlainDate(event.on)],
      ['summary', {}, 'text', event.summary],
    ];
    if (event.description) properties.push(['description', {}, 'text', event.description]);
    if (event.yearly) properties.push(['rrule', {}, 'recur', ruleOf(event.yearly)]);
    return ['vevent', properties, alarmMinutes === null ? [] : [alarm(event.summary)]];
  });
  const head: Property[] = [
    ['version', {}, 'text', '2.0'],
    ['prodid', {}, 'text', '-//Pen Pal//Almanac//EN'],
    ['name', {}, 'text', name],
    ['x-wr-calname', {}, 'unknown', name],
    ['refresh-interval', {}, 'duration', FRESH],
    // Whole days lie in no zone; it is told the owner's for what it shows beside them.
    ['x-wr-timezone', {}, 'unknown', zone],
  ];
  return `${ICAL.stringify(['vcalendar', head, parts] as never)}\r\n`;
}
