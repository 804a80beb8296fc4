import {
  dayNumberOf,
  isLeapYear,
  toDayNumber,
  yearlyOn,
  type DayNumber,
  type LeapDayRule,
} from '@/core/time';

import type { SphereDate } from './dates';
import type { AlmanacPerson } from './greetings';
import { BIRTHDAY, FAMILY } from './occasion';

/** What the UIDs of planned touches begin with. */
export const TOUCH_UID = 'touch-';

/** An event of a whole day, as calendars have it. */
export interface CalendarEvent {
  /** The same for the same thing, whatever becomes of it (RFC 5545, 3.8.4.7). */
  uid: string;
  summary: string;
  description: string;
  on: DayNumber;
  /** Whether it comes back each year, and by which part of the rule; null for once. */
  yearly: YearlyRule | null;
}

/**
 * How a day comes back each year (RFC 5545, 3.3.10). A 29 February is the last day of the month, or the
 * sixtieth of the year, which is 1 March in common years.
 */
export type YearlyRule =
  { by: 'day'; month: number; day: number } | { by: 'end of february' } | { by: 'sixtieth day' };

export const yearlyRule = (
  { month, day }: Pick<SphereDate, 'month' | 'day'>,
  leapDay: LeapDayRule,
): YearlyRule =>
  month === 2 && day === 29
    ? { by: leapDay === 'feb28' ? 'end of february' : 'sixtieth day' }
    : { by: 'day', month, day };

type Dated = Pick<AlmanacPerson, 'id' | 'householdId' | 'dates'>;

/**
 * The dates of people as events that come back each year; one for a home where several have the same.
 *
 * @param names whole names by id
 */
export function dateEvents(
  people: Iterable<Dated>,
  names: ReadonlyMap<string, string>,
  { thisYear, leapDay }: { thisYear: number; leapDay: LeapDayRule },
): CalendarEvent[] {
  const groups = new Map<string, { of: { person: Dated; date: SphereDate }[] }>();
  for (const person of people)
    for (const date of person.dates) {
      const { occasion, whose, month, day, year } = date;
      const at = person.householdId ?? person.id;
      // Two of one home may be born on one day; each is an event, as each has an age.
      const own = occasion === BIRTHDAY ? person.id : '';
      const key = [at, own, occasion, whose, month, day, year].join('|');
      const group = groups.get(key);
      if (group) group.of.push({ person, date });
      else groups.set(key, { of: [{ person, date }] });
    }
  return [...groups.values()].map(({ of }) => {
    const [{ person, date }] = of as [(typeof of)[0]];
    const who = of.map((one) => names.get(one.person.id) ?? '').join(' & ');
    const year = date.year ?? thisYear - 1;
    return {
      uid: `${person.id}-${encodeURIComponent(date.key)}`,
      summary: summaryOf(date, who),
      description: date.year === null ? '' : `${begunWord(date)} ${date.year}`,
      on: startOf(date, year, leapDay),
      yearly: yearlyRule(date, leapDay),
    };
  });
}

/** Its first day, which has to be one that the rule itself gives. */
function startOf(
  { month, day }: Pick<SphereDate, 'month' | 'day'>,
  year: number,
  leapDay: LeapDayRule,
): DayNumber {
  return month === 2 && day === 29 && isLeapYear(year)
    ? dayNumberOf({ year, month, day })
    : toDayNumber(yearlyOn({ month, day }, year, leapDay));
}

/** What a birthday's year is, and what the year of any other date is. */
const begunWord = ({ occasion }: SphereDate): string =>
  occasion === BIRTHDAY || occasion === FAMILY ? 'Born in' : 'Since';

function summaryOf({ occasion, name, whose, year }: SphereDate, who: string): string {
  const since = year === null ? '' : ` (${year})`;
  if (occasion === BIRTHDAY) return `${who}: birthday${since}`;
  if (occasion === FAMILY) return `${whose}: birthday${since}, ${who}`;
  return `${who}: ${name}${since}`;
}
