/** Of 0 to 4: from here on, guessing it takes longer than anybody has. */
const STRONG = 3;

/**
 * Why a passphrase is too easy to guess, in words; null for one that is not. Judged by a kept library
 * with its lists of passwords that were found out elsewhere (OWASP ASVS 2.1.7). Loaded when wanted: its
 * lists are large.
 */
export async function weakness(passphrase: string): Promise<string | null> {
  const { ZxcvbnFactory } = await import('@zxcvbn-ts/core');
  const { adjacencyGraphs, dictionary } = await import('@zxcvbn-ts/language-common');
  const judged = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs }).check(passphrase, [
    'pen',
    'pal',
    'penpal',
  ]);
  if (judged.score >= STRONG) return null;
  return 'This one is easy to guess. Four or five words that have nothing to do with each other are hard to guess and easy to keep in mind.';
}
