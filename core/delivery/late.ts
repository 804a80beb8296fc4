import type { PlainDate } from '@/core/time';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** What names no day may still go so long after its time. */
const LATE_DAYS = 2;

export interface Lateness {
  /** When it was meant to go, in milliseconds. */
  dueMs: number;
  /** The last day on which it makes sense, of what was meant for a day. */
  goodUntil: PlainDate | null;
  /** How late its channel allows it to be, in hours; null for no limit of its own. */
  lateHours: number | null;
}

/**
 * Whether it is too late to send something without asking the owner again, as after a machine was off
 * for weeks. What was meant for a day is too late after it; a text after some hours; the rest after two
 * days. (Common practice, no source.)
 */
export function isTooLate(
  { dueMs, goodUntil, lateHours }: Lateness,
  now: { ms: number; today: PlainDate },
): boolean {
  if (goodUntil) return now.today > goodUntil;
  const allowed = lateHours === null ? LATE_DAYS * DAY_MS : lateHours * HOUR_MS;
  return now.ms - dueMs > allowed;
}
