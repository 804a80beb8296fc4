import { createHash } from 'node:crypto';

import ical, {
  ICalAlarmType,
  ICalEventRepeatingFreq,
  type ICalCalendar,
  type ICalEventData,
} from 'ical-generator';

import type { CalendarEvent, YearlyRule } from '@/core/almanac';
import { toPlainDate, type DayNumber, type PlainDate } from '@/core/time';

/** What calendars were told of an event before. */
interface Told {
  digest: string;
  sequence: number;
  changed_at: string;
}

interface CalendarAsked {
  name: string;
  zone: string;
  alarmMinutes: number | null;
  today: PlainDate;
  told: ReadonlyMap<string, Told>;
}

/** What is the same as long as an event is the same. */
export const digestOf = ({ uid: _, ...event }: CalendarEvent): string =>
  createHash('sha256').update(JSON.stringify(event)).digest('base64url').slice(0, 22);

const DOMAIN = 'pen-pal';
const HOURS_FRESH = 4;

/** Noon: of a whole day only the date is written, as it is in UTC whatever the machine's zone. */
const asDate = (day: DayNumber): Date => new Date(`${toPlainDate(day)}T12:00:00Z`);

const ruleOf = (rule: YearlyRule): ICalEventData['repeating'] => {
  const yearly = { freq: ICalEventRepeatingFreq.YEARLY };
  if (rule.by === 'day') return { ...yearly, byMonth: rule.month, byMonthDay: rule.day };
  if (rule.by === 'end of february') return { ...yearly, byMonth: 2, byMonthDay: -1 };
  return `RRULE:FREQ=YEARLY;BYYEARDAY=60`;
};

/**
 * Events as an iCalendar text (RFC 5545 with the properties of RFC 7986). The same events give the same bytes:
 * an event keeps its stamp and its number until it changes, and then has the next number.
 */
export function toCalendar(
  events: readonly CalendarEvent[],
  { name, zone, alarmMinutes, today, told }: CalendarAsked,
): string {
  const calendar: ICalCalendar = ical({
    name,
    prodId: { company: 'Pen Pal', product: 'Almanac', language: 'EN' },
    ttl: HOURS_FRESH * 3600,
  });
  // Whole days lie in no zone; the calendar is told the owner's for what it shows beside them.
  calendar.x('X-WR-TIMEZONE', zone);
  for (const event of events) {
    const known = told.get(event.uid);
    const isSame = known?.digest === digestOf(event);
    const stamp = isSame ? new Date(known.changed_at) : new Date(`${today}T00:00:00Z`);
    const made = calendar.createEvent({
      id: `${event.uid}@${DOMAIN}`,
      sequence: known ? known.sequence + (isSame ? 0 : 1) : 0,
      stamp,
      start: asDate(event.on),
      allDay: true,
      summary: event.summary,
      ...(event.description ? { description: event.description } : {}),
      ...(event.yearly ? { repeating: ruleOf(event.yearly) } : {}),
    });
    if (alarmMinutes !== null) {
      const seconds = alarmMinutes * 60;
      made.createAlarm({
        type: ICalAlarmType.display,
        ...(seconds >= 0 ? { triggerBefore: seconds } : { triggerAfter: -seconds }),
        description: event.summary,
      });
    }
  }
  return calendar.toString();
}
