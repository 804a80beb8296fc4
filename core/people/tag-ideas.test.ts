import { Random } from '@/demo/random';

import { surprise, tagIdeas, tellingWords, type Described } from '.';

// Dunning 1993, "Accurate Methods for the Statistics of Surprise and Coincidence", formula for two
// binomials; the first value is 2·(6·ln(26/6) + 20·ln(26/20)), worked by hand.
test.each([
  [6, 6, 0, 20, 28.1],
  [5, 10, 5, 10, 0],
  [1, 10, 5, 10, 0],
])('the surprise of %i of %i against %i of %i', (a, n, b, m, value) => {
  expect(surprise(a, n, b, m)).toBeCloseTo(value, 1);
});

test('words that say nothing are left out, and s of the plural', () => {
  expect([...tellingWords('She called about the boats and a café')]).toEqual(['boat', 'cafe']);
});

const described = (id: string, text: string, ...tags: string[]): Described => ({ id, text, tags });

test('what goes with a tag is learnt from few, and explained by its words', () => {
  const people = [
    ...Array.from({ length: 5 }, (_, i) => described(`s${i}`, 'mainsail, regatta', 'sailing')),
    ...Array.from({ length: 30 }, (_, i) =>
      described(`o${i}`, `kitchen ${i % 2 ? 'garden' : 'loft'}`),
    ),
    described('new', 'won the regatta, new mainsail'),
  ];
  expect(tagIdeas(people)).toMatchObject([
    { id: 'new', tag: 'sailing', words: ['mainsail', 'regatta'] },
  ]);
});

test('a tag that fewer than four have teaches nothing', () => {
  const people = [
    ...Array.from({ length: 3 }, (_, i) => described(`s${i}`, 'mainsail', 'sailing')),
    ...Array.from({ length: 30 }, (_, i) => described(`o${i}`, 'kitchen')),
    described('new', 'mainsail'),
  ];
  expect(tagIdeas(people)).toEqual([]);
});

test('where tags have nothing to do with the words, next to nothing is suggested', () => {
  const random = new Random(5);
  const words = Array.from(
    { length: 60 },
    (_, i) => `word${String.fromCharCode(97 + (i % 26))}${'x'.repeat(i % 7)}`,
  );
  const people = Array.from({ length: 300 }, (_, i) =>
    described(
      `p${i}`,
      Array.from({ length: 8 }, () => random.pick(words)).join(' '),
      ...['a', 'b', 'c', 'd', 'e'].filter(() => random.chance(0.1)),
    ),
  );
  expect(tagIdeas(people).length).toBeLessThan(15);
});
