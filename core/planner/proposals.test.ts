import { firstSlips } from './ahead';
import { options, person, today } from '@/testing/plan';
import { plan } from './plan';
import { proposals, type Lever } from './proposals';
import { SOURCES } from '@/core/sources';

/** Thirty people whose promise of ten days runs out within the week, and room for two a day. */
const people = Array.from({ length: 30 }, (_, i) =>
  person(`p${i}`, { promiseDays: 10, due: today + 1 + (i % 5), lastOn: today - 9 }),
);
const { sources: _, ...plain } = options({ capacity: 2, minDistanceDays: 1 });

const longer = (days: number, ids: readonly string[]) =>
  Object.fromEntries(ids.map((id, i) => [id, { promiseDays: days, due: today + days + 2 * i }]));

const found = (levers: readonly Lever[], change: Partial<typeof plain> = {}) =>
  proposals({ people, options: { ...plain, ...change }, levers }, SOURCES);

test('each keeps everybody, the gentlest first, and the least room among them', () => {
  const everybody = people.map(({ id }) => id);
  const levers: Lever[] = [
    {
      steps: [
        { key: 'too little', share: 0.1, patch: { people: longer(11, everybody.slice(0, 3)) } },
        { key: 'much', share: 9, patch: { people: longer(90, everybody) } },
        { key: 'enough', share: 0.2, patch: { people: longer(60, everybody) } },
      ],
    },
  ];
  const [first, second, ...more] = found(levers);
  expect(more).toEqual([]);
  expect(first).toMatchObject({ key: 'enough', slips: 0 });
  expect(first!.fewer).toBeGreaterThan(0);
  expect(second).toMatchObject({ key: null, slips: 0 });
  const slipsAt = (capacity: number) =>
    firstSlips(plan(people, { ...plain, sources: SOURCES, capacity })).length;
  expect(slipsAt(second!.capacity!)).toBe(0);
  expect(slipsAt(second!.capacity! - 1)).toBeGreaterThan(0);
});

test('where all can be kept nothing is proposed; nor what would not be enough', () => {
  expect(found([], { capacity: 40 })).toEqual([]);
  const little: Lever = { steps: [{ key: 'x', share: 0, patch: { people: longer(11, ['p1']) } }] };
  expect(found([little]).map(({ key }) => key)).toEqual([null]);
});

test('what is not enough by itself comes with less room than would do alone', () => {
  const third = people.slice(0, 12).map(({ id }) => id);
  const half: Lever = {
    steps: [{ key: 'half', share: 0.01, patch: { people: longer(90, third) } }],
  };
  const all = found([half]);
  const [both, room] = ['half', null].map((key) => all.find((one) => one.key === key)!);
  expect(both!.slips).toBe(0);
  expect(both!.capacity).toBeLessThan(room!.capacity!);
  expect(both!.capacity).toBeGreaterThan(plain.capacity);
});

test('where a limit of a kind is in the way more room is none, and the limit is', () => {
  const limits = { ...plain.limits, perKind: { call: 1 } };
  const lever: Lever = {
    steps: [2, 4, 12].map((call) => ({
      key: `up to ${call}`,
      share: call,
      patch: { limits: { perKind: { call } } },
    })),
  };
  const [only, ...more] = found([lever], { capacity: 12, limits });
  expect(more).toEqual([]);
  expect(only).toMatchObject({ key: 'up to 12', slips: 0, capacity: null });
});
