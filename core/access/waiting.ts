/** Wrong passphrases that cost nothing: a slip of the hand. */
const FREE = 5;
const LONGEST_MS = 30_000;

/**
 * Milliseconds to wait before the next try after so many wrong ones in a row: doubling from one second,
 * and never so long that somebody else’s guessing keeps the owner out.
 */
export const waitAfter = (wrong: number): number =>
  wrong < FREE ? 0 : Math.min(LONGEST_MS, 1_000 * 2 ** (wrong - FREE));
