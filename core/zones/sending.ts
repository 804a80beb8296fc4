import { addDays, type PlainDate } from '@/core/time';

import { isQuiet, timeIn, type QuietHours } from './quiet';
import { instantOf, todayIn } from './instants';

export interface SendingHours extends QuietHours {
  /** Where the reader lives, as far as that is known. */
  zone: string;
  /** Whether nothing is sent on a day: the owner's days off, Sundays and holidays. */
  isFree: (day: PlainDate) => boolean;
}

/** Days after which a calendar without any day for sending is not looked through further. */
const MOST_DAYS = 400;

/**
 * The first instant (epoch milliseconds), not before the one given, at which a message may go: outside the
 * quiet hours of its reader's zone (47 CFR 64.1200 (c)(1) allows 8:00 to 21:00 local time), on no free day.
 * Null where no day is left for it.
 */
export function nextSendable(fromMs: number, hours: SendingHours): number | null {
  const { zone, isFree, quietUntil } = hours;
  let at = fromMs;
  let day = todayIn(zone, at);
  for (let n = 0; n < MOST_DAYS; n++) {
    if (!isFree(day)) {
      const time = timeIn(zone, at);
      if (!isQuiet(time, hours)) return at;
      if (time < quietUntil) return Math.max(at, instantOf(day, quietUntil, zone));
    }
    day = addDays(day, 1);
    at = Math.max(fromMs, instantOf(day, '00:00', zone));
  }
  return null;
}
