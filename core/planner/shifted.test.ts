import { cadence, options, person, today } from '@/testing/plan';

import { othersShifted, plan, type PlanPerson } from '.';

/** Somebody on a cadence of that name, with one beat so many days from today. */
const on = (cadenceId: string, days: number, who: string, change: Partial<PlanPerson> = {}) =>
  person(who, {
    ...change,
    enrolments: [
      {
        id: `${cadenceId} ${who}`,
        cadence: cadence([days], { id: cadenceId, rounds: 1 }),
        run: { start: today },
        settledUntil: null,
      },
    ],
  });
const others = ['Bo', 'Cy'].map((who) => on('other', 0, who));
const room = options({ capacity: 1 });
const told = (after: Parameters<typeof plan>[0], before: Parameters<typeof plan>[0]) =>
  othersShifted(plan(before, room).touches, plan(after, room).touches, 'changed').map(
    ({ touch, to }) => [touch.item.personId, touch.day - today, to === null ? null : to - today],
  );

test('what has no room any more is told, in order; the touches of the cadence itself are not', () => {
  const before = [...others, on('changed', 9, 'Ana')];
  const after = [
    ...['Ada', 'Al'].map((who) => on('changed', 0, who, { promiseDays: 14, due: today + 1 })),
    ...before,
  ];
  expect(told(before, before)).toEqual([]);
  const moved = told(after, before);
  expect(moved.length).toBeGreaterThan(0);
  for (const [who, from, to] of moved) {
    expect(['Bo', 'Cy']).toContain(who);
    expect(Number(to)).toBeGreaterThan(Number(from));
  }
});

test('what is not planned any more falls away', () => {
  expect(told(others.slice(0, 1), others)).toEqual([['Cy', 1, null]]);
});

test('of those who keep a promise the first counts, and none where the cadence keeps it too', () => {
  const promise = { promiseDays: 14, due: today + 5 };
  const shift = told([person('Ana', { ...promise, due: today + 8 })], [person('Ana', promise)]);
  expect(shift).toHaveLength(1);
  expect(Number(shift[0]![2])).toBeGreaterThan(Number(shift[0]![1]));
  expect(told([on('changed', 0, 'Ana', promise)], [person('Ana', promise)])).toEqual([]);
});
