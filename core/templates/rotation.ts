/** A stable number from a text (FNV-1a, 32 bit), so that the same person always gets the same turn. */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++)
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}

/**
 * The place of the wording whose turn it is in a round, of `n`; -1 of none. Each person begins at a place of
 * their own, so that not everybody gets the same text, and goes on by one a round, so that nobody gets it
 * twice running.
 */
export function turnOf(n: number, round: number, personId: string): number {
  return n === 0 ? -1 : (((round + hashOf(personId)) % n) + n) % n;
}

/** The wording whose turn it is in a round; empty where there is none. */
export const wordingOf = (wordings: readonly string[], round: number, personId: string): string =>
  wordings[turnOf(wordings.length, round, personId)] ?? '';

/**
 * The place of the wording for a round where the person had one of the same template before, perhaps by
 * another cadence (`last`): whose turn it is, but never the same one twice running.
 */
export function turnAfter(
  ids: readonly string[],
  round: number,
  personId: string,
  last: string | null,
): number {
  const turn = turnOf(ids.length, round, personId);
  return ids.length > 1 && ids[turn] === last ? (turn + 1) % ids.length : turn;
}
