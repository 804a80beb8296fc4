import { plannedDesk, STRICT_ORDERS } from '@/testing/simulator/desks';
import { cadence, onDay, options, person, today } from '@/testing/plan';
import { live, randomWorld, type World } from '@/testing/simulator/world';

import { plan, type Plan, type TouchSource } from '.';

const AWAY = 90;
type Desk = ReturnType<typeof plannedDesk>;

/** The same sphere after three months in which nobody was reached. */
function afterAbsence(seed: number, load: number): World {
  const world = randomWorld(seed, { capacity: 6, load, sure: true });
  for (const soul of world.souls) {
    soul.until -= AWAY;
    soul.broken = soul.until < world.today;
  }
  return world;
}

/** Promises that are broken after so many days of following a desk, over some spheres: of the inner circle, and all. */
function brokenAfter(desk: Desk, days: number): { inner: number; all: number } {
  const sum = { inner: 0, all: 0 };
  for (let seed = 1; seed <= 15; seed++) {
    const world = afterAbsence(seed, 0.8);
    live(world, days, desk);
    const broken = world.souls.filter((soul) => soul.broken);
    sum.all += broken.length;
    sum.inner += broken.filter(({ circle }) => circle === 0).length;
  }
  return sum;
}

test('after three months away the inner circle is first', () => {
  const mine = brokenAfter(plannedDesk(), 5).inner;
  for (const other of ['earliest deadline', 'at random'] as const)
    expect(mine).toBeLessThan(brokenAfter(STRICT_ORDERS[other], 5).inner / 2);
});

test('and twenty days later hardly more is broken than in the order that catches up soonest', () => {
  const others = Object.values(STRICT_ORDERS).map((desk) => brokenAfter(desk, 20).all);
  expect(brokenAfter(plannedDesk(), 20).all).toBeLessThan(Math.min(...others) * 1.02);
});

test('what can wait and still be in time leaves the first days to the inner circle', () => {
  const inner = Array.from({ length: 8 }, (_, i) =>
    person(`inner${i}`, { promiseDays: 30, due: today - 60, weight: 0 }),
  );
  const others = Array.from({ length: 6 }, (_, i) =>
    person(`other${i}`, {
      promiseDays: 90,
      due: today + 10,
      weight: 3,
      enrolments: [
        { id: `e${i}`, cadence: cadence([0]), run: { start: today }, settledUntil: null },
      ],
    }),
  );
  const result = plan([...others, ...inner], options({ capacity: 5 }));
  expect(onDay(result, today).toSorted()).toEqual(inner.slice(0, 5).map(({ id }) => id));
  expect(onDay(result, today + 1)).toEqual(expect.arrayContaining(['inner5', 'inner6', 'inner7']));
  expect(result.slips).toEqual([]);
});

test('what is belated waits for what keeps promises', () => {
  const greeting = {
    key: 'greet:ana:1',
    source: 'greet',
    personId: 'ana',
    kind: 'text' as const,
    nominal: today - 3,
    earliest: today - 3,
    wanted: today - 3,
    latest: today - 3,
    letGo: today + 5,
    fixed: false,
    hold: 0.5,
  };
  const source: TouchSource = { name: 'greet', items: () => [greeting] };
  const inner = Array.from({ length: 4 }, (_, i) =>
    person(`inner${i}`, { promiseDays: 30, due: today - 60, weight: 0 }),
  );
  const ana = { ...person('ana', { weight: 3 }), asks: { greet: null } };
  const { touches } = plan([ana, ...inner], options({ capacity: 2, sources: [source] }));
  expect(onDay({ touches } as Plan, today)).toEqual(['inner0', 'inner1']);
  expect(touches.findIndex(({ item }) => item.personId === 'ana')).toBeGreaterThan(3);
});
