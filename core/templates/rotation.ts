/** A stable number from a text (FNV-1a, 32 bit), so that the same person always gets the same turn. */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++)
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}

/**
 * The place of the wording whose turn it is in a round, of `n`. Each person begins at a place of their
 * own, so that not everybody gets the same text, and goes on by one a round; the one that they had last
 * (`last`, by whatever way it reached them) is passed over, so that nobody gets it twice running.
 */
export function turnOf(
  n: number,
  round: number,
  personId: string,
  last: number | null = null,
): number {
  if (n === 0) return -1;
  const at = (((round + hashOf(personId)) % n) + n) % n;
  return at === last && n > 1 ? (at + 1) % n : at;
}

/** The wording whose turn it is in a round; empty where there is none. */
export const wordingOf = (wordings: readonly string[], round: number, personId: string): string =>
  wordings[turnOf(wordings.length, round, personId)] ?? '';
