const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

/** So far behind what was seen before a clock may be: it was set right a little. */
const BACK_MS = HOUR_MS;
/** So far ahead of it: Pen Pal did not run for a while, or the clock jumped; which, nobody can tell. */
const AHEAD_MS = 10 * DAY_MS;

/** Whether a clock (milliseconds since 1970) can be trusted, given what it said when it was last looked at. */
export const clockDoubt = (seenMs: number | null, nowMs: number): 'back' | 'ahead' | null => {
  if (seenMs === null) return null;
  if (nowMs < seenMs - BACK_MS) return 'back';
  return nowMs > seenMs + AHEAD_MS ? 'ahead' : null;
};

/** For so long after a doubt nothing is erased or forgotten for having become old. */
export const HELD_AFTER_DOUBT_MS = DAY_MS;
