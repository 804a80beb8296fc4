import { Temporal } from 'temporal-polyfill';

import { plainDate, type PlainDate } from '@/core/time';

/** The calendar day that it is at `instantMs` (epoch milliseconds) in an IANA time zone. */
export function todayIn(zone: string, instantMs: number): PlainDate {
  const zoned = Temporal.Instant.fromEpochMilliseconds(instantMs).toZonedDateTimeISO(zone);
  return plainDate(zoned.toPlainDate().toString());
}

/**
 * The instant (epoch milliseconds) of a wall-clock time on a day in a zone. A time that a clock
 * change skips moves forward by the gap; one that happens twice is the first of the two.
 */
export function instantOf(date: PlainDate, time: string, zone: string): number {
  return Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(zone, {
    disambiguation: 'compatible',
  }).epochMilliseconds;
}

/** Whether the text names a time zone that this machine knows. */
export function isTimeZone(zone: string): boolean {
  try {
    Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(zone);
    return true;
  } catch {
    return false;
  }
}
