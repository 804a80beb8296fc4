import { Temporal } from 'temporal-polyfill';

/** Hours in which nobody is called, nor written to by itself: 'HH:MM', over midnight where they wrap. */
export interface QuietHours {
  quietFrom: string;
  quietUntil: string;
}

/** The time of day in a zone at an instant, as 'HH:MM'. */
export const timeIn = (zone: string, instantMs: number): string =>
  Temporal.Instant.fromEpochMilliseconds(instantMs)
    .toZonedDateTimeISO(zone)
    .toPlainTime()
    .toString({ smallestUnit: 'minute' });

/** Whether a time of day is a quiet one. The last minute before `quietUntil` is, that minute is not. */
export function isQuiet(time: string, { quietFrom, quietUntil }: QuietHours): boolean {
  if (quietFrom === quietUntil) return false;
  return quietFrom < quietUntil
    ? time >= quietFrom && time < quietUntil
    : time >= quietFrom || time < quietUntil;
}
