// @ts-expect-error -- it brings no types
import KNN from 'ml-knn';
// @ts-expect-error -- it brings no types
import { MultinomialNB } from 'ml-naivebayes';

import { Random } from '@/demo/random';

import { tagIdeas, tellingWords, type Described } from '.';

// Held against general learners of the registry (ml-naivebayes, ml-knn) on spheres with known answers:
// each interest is talked about by some, most of whom are tagged; the tags left out are to be found.

/** Sounds that words are made of. */
const SOUNDS = 'ba ke lo mi nu ra se to vi wu da fe go hi ju pa'.split(' ');
const wordOf = (n: number) =>
  SOUNDS[n % 16]! + SOUNDS[(n >> 4) % 16]! + SOUNDS[(n * 7) % 16]! + SOUNDS[(n * 3 + 5) % 16]!;

interface Sphere {
  people: Described[];
  /** Who is given which tag by their words and does not have it, as "id tag". */
  left: Set<string>;
}

/** 240 people; 10 interests of which some 19 people each talk, and all but `without` of them are tagged. */
function sphereOf(seed: number, without: number): Sphere {
  const random = new Random(seed);
  const common = Array.from({ length: 120 }, (_, i) => wordOf(900 + i));
  const topics = Array.from({ length: 10 }, (_, t) =>
    Array.from({ length: 5 }, (_, i) => wordOf(t * 40 + i)),
  );
  const left = new Set<string>();
  const people = Array.from({ length: 240 }, (_, i) => ({
    id: `p${i}`,
    words: Array.from({ length: 12 }, () => random.pick(common)),
    tags: [] as string[],
  }));
  topics.forEach((words, t) => {
    const chosen = new Set<number>();
    while (chosen.size < 16 + without) chosen.add(Math.floor(random.next() * 240));
    [...chosen].forEach((at, n) => {
      const person = people[at]!;
      for (let k = 0; k < 2; k++) person.words.push(random.pick(words));
      if (n < without) left.add(`${person.id} tag${t}`);
      else person.tags.push(`tag${t}`);
    });
    // Such a word is said by the way as well.
    for (let k = 0; k < 3; k++)
      people[Math.floor(random.next() * 240)]!.words.push(random.pick(words));
  });
  return {
    left,
    people: people.map(({ id, words, tags }) => ({ id, text: words.join(' '), tags })),
  };
}

/** Rows of 0 and 1 for the words of each person. */
function rowsOf(people: readonly Described[]): number[][] {
  const sets = people.map(({ text }) => tellingWords(text));
  const all = [...new Set(sets.flatMap((set) => [...set]))];
  return sets.map((set) => all.map((word) => (set.has(word) ? 1 : 0)));
}

type Finder = (people: readonly Described[]) => string[];

/** Every tag learnt by a classifier from all people, then asked about those without it. */
const learner =
  (train: (rows: number[][], labels: number[]) => (rows: number[][]) => number[]): Finder =>
  (people) => {
    const rows = rowsOf(people);
    const tags = [...new Set(people.flatMap((person) => person.tags))];
    return tags.flatMap((tag) => {
      const labels = people.map((person) => (person.tags.includes(tag) ? 1 : 0));
      const said = train(rows, labels)(rows);
      return people.flatMap(({ id }, i) =>
        labels[i] === 0 && said[i] === 1 ? [`${id} ${tag}`] : [],
      );
    });
  };

const FINDERS: Record<string, Finder> = {
  ours: (people) => tagIdeas(people).map(({ id, tag }) => `${id} ${tag}`),
  'naive Bayes': learner((rows, labels) => {
    const model = new MultinomialNB();
    model.train(rows, labels);
    return (asked) => model.predict(asked) as number[];
  }),
  'nearest neighbours': learner((rows, labels) => {
    const model = new KNN(rows, labels, { k: 3 });
    return (asked) => model.predict(asked) as number[];
  }),
};

function measure(without: number) {
  const sums = new Map(Object.keys(FINDERS).map((name) => [name, { right: 0, found: 0, left: 0 }]));
  for (let seed = 1; seed <= 3; seed++) {
    const { people, left } = sphereOf(seed, without);
    for (const [name, find] of Object.entries(FINDERS)) {
      const found = find(people);
      const sum = sums.get(name)!;
      sum.right += found.filter((one) => left.has(one)).length;
      sum.found += found.length;
      sum.left += left.size;
    }
  }
  return new Map(
    [...sums].map(([name, { right, found, left }]) => {
      const [precision, recall] = [found === 0 ? 0 : right / found, right / left];
      const f1 = precision + recall === 0 ? 0 : (2 * precision * recall) / (precision + recall);
      return [name, { precision, recall, f1 }];
    }),
  );
}

test('on the whole more is found, and more of it is right, than by the general learners', () => {
  for (const without of [2, 3, 6]) {
    const by = measure(without);
    const ours = by.get('ours')!;
    expect(ours.recall).toBeGreaterThan(0.5);
    expect(ours.precision).toBeGreaterThan(0.4);
    for (const [name, { f1 }] of by)
      if (name !== 'ours') expect([name, without, ours.f1 > f1]).toEqual([name, without, true]);
  }
});

test.each([2, 3, 6])('sixteen tagged, %i alike without: all of them are proposed', (without) => {
  const random = new Random(1);
  const common = Array.from({ length: 120 }, (_, i) => wordOf(900 + i));
  const about = (own: string) =>
    [...Array.from({ length: 6 }, () => random.pick(common)), own].join(' ');
  const people = Array.from({ length: 240 }, (_, i) => ({
    id: `p${i}`,
    text: about(i < 16 + without ? 'roses in the greenhouse' : ''),
    tags: i < 16 ? ['garden'] : [],
  }));
  const alike = Array.from({ length: without }, (_, i) => `p${16 + i}`);
  expect(tagIdeas(people).map(({ id }) => id)).toEqual(expect.arrayContaining(alike));
});
