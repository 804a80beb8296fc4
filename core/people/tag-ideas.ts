import { need } from '@/core/need';

import { fold } from './names';

/** What is written about a person, and the tags they have. */
export interface Described {
  id: string;
  text: string;
  tags: readonly string[];
}

export interface TagIdea {
  id: string;
  tag: string;
  /** Log-odds: how much likelier the words are with the tag than without. */
  score: number;
  /** The words that led to it, the weightiest first. */
  words: string[];
}

/** A tag is learnt from so many people; fewer say more about them than about the tag. */
export const LEARNT_FROM = 4;
/** A word counts when so many people with the tag have it … */
const WORD_IN = 2;
/** … and chance would bring them together less than once in a thousand times (G², one degree of freedom). */
const BY_CHANCE = 10.83;
/** Suggested from this log-odds on: likelier than three to one. */
const LIKELY = Math.log(3);
const WORDS_SHOWN = 3;

const STOP = new Set(
  'a about after all also am an and any are as at be been but by can could did do does for from get go had has have he her here him his how i if in into is it its just like me met more my new no not now of off on once one or our out over said say she so some than that the their them then there they this to too up us very was we well were what when where which who will with would you your call called told asked wants talk talked today'.split(
    ' ',
  ),
);

/** The words of a text that can tell something, without plural s, each once. */
export function tellingWords(text: string): Set<string> {
  const words = fold(text).match(/\p{L}{3,}/gu) ?? [];
  return new Set(
    words.filter((w) => !STOP.has(w)).map((w) => (w.length > 4 ? w.replace(/s$/, '') : w)),
  );
}

/**
 * Tags that fit people who don't have them, learnt from those who do: naive Bayes over the words
 * present. For each tag and word the weight is the log of how much more often people with the tag
 * have the word than the others (Laplace-smoothed); they add up to the log-odds, beginning with how
 * rare the tag is. Whoever is looked at does not count among those others: it is the question whether
 * they belong to them. Small enough to be explained by the words themselves.
 */
export function tagIdeas(people: readonly Described[]): TagIdea[] {
  const words = new Map(people.map((p) => [p.id, tellingWords(p.text)]));
  const all = new Map<string, number>();
  for (const set of words.values()) for (const word of set) all.set(word, (all.get(word) ?? 0) + 1);
  const byTag = new Map<string, Described[]>();
  for (const person of people)
    for (const tag of person.tags) byTag.set(tag, [...(byTag.get(tag) ?? []), person]);
  const ideas: TagIdea[] = [];
  for (const [tag, tagged] of byTag) {
    if (tagged.length < LEARNT_FROM || tagged.length === people.length) continue;
    const weights = weigh(tagged, people.length, words, all);
    const prior = Math.log(tagged.length / (people.length - tagged.length));
    const has = new Set(tagged.map(({ id }) => id));
    for (const { id } of people) {
      if (has.has(id)) continue;
      const telling = [...need(words.get(id))]
        .flatMap((word) => (weights.has(word) ? [{ word, weight: need(weights.get(word)) }] : []))
        .sort((a, b) => b.weight - a.weight || (a.word < b.word ? -1 : 1));
      const score = telling.reduce((sum, { weight }) => sum + weight, prior);
      if (telling.length === 0 || score < LIKELY) continue;
      ideas.push({ id, tag, score, words: telling.slice(0, WORDS_SHOWN).map(({ word }) => word) });
    }
  }
  return ideas.sort((a, b) => b.score - a.score || (a.id < b.id ? -1 : 1));
}

function weigh(
  tagged: readonly Described[],
  total: number,
  words: ReadonlyMap<string, ReadonlySet<string>>,
  all: ReadonlyMap<string, number>,
): Map<string, number> {
  const within = new Map<string, number>();
  for (const { id } of tagged)
    for (const word of need(words.get(id))) within.set(word, (within.get(word) ?? 0) + 1);
  const weights = new Map<string, number>();
  for (const [word, count] of within) {
    if (count < WORD_IN) continue;
    const others = need(all.get(word)) - count;
    if (surprise(count, tagged.length, others, total - tagged.length) < BY_CHANCE) continue;
    const inside = (count + 1) / (tagged.length + 2);
    // Without the one that is asked about, who has the word.
    const outside = Math.max(1, others) / (total - tagged.length + 1);
    weights.set(word, Math.log(inside / outside));
  }
  return weights;
}

/**
 * Dunning's log-likelihood ratio G² (1993) for a word that `a` of `n` people with the tag have and
 * `b` of the `m` others; 0 when it is not more frequent with the tag.
 * @example surprise(6, 6, 0, 20) // 28.1
 */
export function surprise(a: number, n: number, b: number, m: number): number {
  if (a * m <= b * n) return 0;
  const share = (a + b) / (n + m);
  const term = (seen: number, of: number) =>
    (seen > 0 ? seen * Math.log(seen / (of * share)) : 0) +
    (of > seen ? (of - seen) * Math.log((of - seen) / (of * (1 - share))) : 0);
  return 2 * (term(a, n) + term(b, m));
}
