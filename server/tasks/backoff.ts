const MINUTE_MS = 60_000;
/** No wait is longer: what is mended by then is noticed within the hour. */
const LONGEST_MS = 60 * MINUTE_MS;

/**
 * The wait after so many failures in a row (1 or more): a minute, then four times as long each time,
 * at most an hour.
 */
export const backoffMs = (failures: number): number =>
  Math.min(LONGEST_MS, MINUTE_MS * 4 ** Math.min(failures - 1, 10));
