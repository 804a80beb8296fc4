import { need } from '@/core/need';

import { ALPHABET, initialsOf, OTHER, type ParticleRule } from './initial';

/** Names that are called in the same week: a letter, or a part of it by second letter. */
export interface LetterGroup {
  letter: string;
  /** First and last second letter, for a part of a letter that was split; both empty for all of it. */
  from: string;
  to: string;
}

export const groupName = ({ letter, from, to }: LetterGroup): string => {
  if (letter === OTHER) return 'Others';
  const small = (second: string) => letter + second.toLowerCase();
  return from === '' && to === '' ? letter : `${small(from || 'A')}–${small(to || 'Z')}`;
};

const wholeLetter = (letter: string): LetterGroup => ({ letter, from: '', to: '' });

/** The alphabet with each letter in `cuts` split before that second letter; the others come last. */
export function letterGroups(cuts: Readonly<Record<string, string>>): LetterGroup[] {
  const groups = ALPHABET.flatMap((letter) => {
    const cut = cuts[letter];
    if (!cut) return [wholeLetter(letter)];
    const before = String.fromCharCode(cut.charCodeAt(0) - 1);
    return [
      { letter, from: 'A', to: before },
      { letter, from: cut, to: 'Z' },
    ];
  });
  return [...groups, wholeLetter(OTHER)];
}

/** The place in `groups` that a name falls into; names of a single letter into the first part. */
export function groupOf(
  name: string,
  groups: readonly LetterGroup[],
  particles: ParticleRule,
): number {
  const { letter, second } = initialsOf(name, particles);
  return groups.findIndex(
    (group) => group.letter === letter && (group.to === '' || second <= group.to),
  );
}

/** How many of the names fall into each group. */
export function countGroups(
  names: readonly string[],
  groups: readonly LetterGroup[],
  particles: ParticleRule,
): number[] {
  const counts = groups.map(() => 0);
  for (const name of names) {
    const group = groupOf(name, groups, particles);
    counts[group] = (counts[group] ?? 0) + 1;
  }
  return counts;
}

/**
 * Letters that alone exceed twice the mean week, each with the second letter that cuts it most
 * evenly: Sa–Sk and Sl–Sz for a cut before L.
 */
export function splitOffers(
  names: readonly string[],
  weeks: number,
  particles: ParticleRule,
): { letter: string; cut: string; people: number; first: number }[] {
  const seconds = new Map<string, number[]>();
  for (const name of names) {
    const { letter, second } = initialsOf(name, particles);
    if (letter === OTHER) continue;
    const counts = seconds.get(letter) ?? ALPHABET.map(() => 0);
    const at = second === '' ? 0 : second.charCodeAt(0) - 65;
    counts[at] = (counts[at] ?? 0) + 1;
    seconds.set(letter, counts);
  }
  const limit = (2 * names.length) / weeks;
  return [...seconds]
    .map(([letter, counts]) => ({ letter, ...evenCut(counts) }))
    .filter(({ people, first }) => people > limit && first > 0 && first < people)
    .sort((a, b) => b.people - a.people);
}

function evenCut(counts: readonly number[]): { cut: string; people: number; first: number } {
  const people = counts.reduce((sum, n) => sum + n, 0);
  let best = { cut: 'N', people, first: 0 };
  let before = 0;
  for (let i = 1; i < counts.length; i++) {
    before += need(counts[i - 1]);
    if (Math.abs(people - 2 * before) < Math.abs(people - 2 * best.first))
      best = { cut: need(ALPHABET[i]), people, first: before };
  }
  return best;
}
