const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/**
 * Waits after the first attempts. RFC 5321, section 4.5.4.1, wants at least 30 minutes between attempts
 * of a relay that knows nothing of the reason, and shorter waits at first where they are likely to help,
 * as with a submission server that greylists or limits the rate.
 */
const FIRST_WAITS_MS = [1, 5, 15, 30, 60, 120, 240].map((minutes) => minutes * MINUTE_MS);
const LAST_WAIT_MS = 8 * HOUR_MS;
/** RFC 5321, section 4.5.4.1: giving up takes at least four to five days. */
const GIVE_UP_MS = 5 * 24 * HOUR_MS;

/**
 * Milliseconds until the next attempt after so many that were put off (1 or more); null when it is given up.
 * @param sinceDueMs how long ago it was meant to go
 */
export const retryWaitMs = (attempts: number, sinceDueMs: number): number | null =>
  sinceDueMs >= GIVE_UP_MS ? null : (FIRST_WAITS_MS[attempts - 1] ?? LAST_WAIT_MS);
