import { need } from '@/core/need';
import { monthName, plural, type IsoWeekday } from '@/core/time';

import { isCalendar, roundPeriod, type Rhythm } from './cadence';
import type { Nth, Timing } from './timing';

export const NTH_WORDS: Record<Nth, string> = {
  1: 'first',
  2: 'second',
  3: 'third',
  4: 'fourth',
  [-1]: 'last',
};

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
export const weekdayWord = (weekday: IsoWeekday): string => need(WEEKDAYS[weekday - 1]);

/** When a beat is due, as people say it. Days are counted from 1 for people. */
export function timingWords(timing: Timing): string {
  switch (timing.on) {
    case 'after':
      return `day ${timing.days + 1}`;
    case 'date':
      return `${monthName(timing.month)} ${timing.day}`;
    case 'weekday':
      return `${NTH_WORDS[timing.nth]} ${weekdayWord(timing.weekday)} of ${monthName(timing.month)}`;
    case 'around': {
      const { date, days } = timing;
      if (days === 0) return `on their ${date}`;
      return `${plural(Math.abs(days), 'day')} ${days < 0 ? 'before' : 'after'} their ${date}`;
    }
  }
}

/** How often a cadence comes round: "3 beats every 90 days, without end". */
export function rhythmWords(cadence: Rhythm): string {
  const { beats, rounds } = cadence;
  const count = plural(beats.length, 'beat');
  if (isCalendar(cadence))
    return `${count} a year, ${rounds === null ? 'year after year' : `for ${plural(rounds, 'year')}`}`;
  if (rounds === 1) return `${count}, once`;
  return `${count} every ${plural(roundPeriod(cadence), 'day')}, ${rounds === null ? 'without end' : `${rounds} rounds`}`;
}
