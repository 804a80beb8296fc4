const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/**
 * Waits after the first, second … attempt that failed, after the schedule that the Standard Webhooks
 * specification gives as an example, without its first five seconds.
 */
const WAITS_MS = [5 * MINUTE_MS, 30 * MINUTE_MS, 2 * HOUR_MS, 5 * HOUR_MS, 10 * HOUR_MS];

/** Milliseconds until the next attempt, after so many; null when it is given up. */
export const waitAfter = (attempts: number): number | null => WAITS_MS[attempts - 1] ?? null;

export type Verdict = 'delivered' | 'again' | 'refused';

/**
 * What an answer means: 2xx took it; a service that is away, busy or broken is tried again; any other
 * answer will not change by asking again. `null` stands for no answer at all.
 */
export function verdictOn(status: number | null): Verdict {
  if (status === null || status >= 500 || status === 408 || status === 429) return 'again';
  return status >= 200 && status < 300 ? 'delivered' : 'refused';
}
