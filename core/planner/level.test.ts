import fc from 'fast-check';

import { EVERY_DAY, options, person, personOf, sphereRow, today, WEEKDAYS } from '@/testing/plan';

import { firstSlips, plan, type PlanItem, type TouchSource } from '.';

// The days of a plan are alike where its touches leave it free to. Resource leveling: the sum of squares of the
// daily loads, within each touch's window (Burgess and Killebrew 1962), against the optimum by exhaustive search.

interface Window {
  earliest: number;
  wanted: number;
  latest: number;
}

const WINDOW = 'window';
const windows: TouchSource = {
  name: WINDOW,
  items: (personId, asks) => {
    const { earliest, wanted, latest } = asks as Window;
    const item: PlanItem = {
      key: `${WINDOW}:${personId}`,
      source: WINDOW,
      personId,
      kind: 'text',
      nominal: today + wanted,
      earliest: today + earliest,
      wanted: today + wanted,
      latest: today + latest,
      letGo: Infinity,
      fixed: false,
      hold: 0,
    };
    return [item];
  },
};

const squares = (loads: readonly number[]) => loads.reduce((sum, n) => sum + n * n, 0);

/** The smallest sum of squares of any days within the windows. */
function levelest(all: readonly Window[], days: number): number {
  const loads = new Array<number>(days).fill(0);
  const place = (i: number): number => {
    const one = all[i];
    if (!one) return squares(loads);
    let best = Infinity;
    for (let day = one.earliest; day <= one.latest; day++) {
      loads[day]! += 1;
      best = Math.min(best, place(i + 1));
      loads[day]! -= 1;
    }
    return best;
  };
  return place(0);
}

const DAYS = 6;
/** From one touch a day on a day may be held back; with so few squares no day of the optimum is fuller than that. */
const CAPACITY = 3;
const MOST_SQUARES = 15;
const anyWindow = fc
  .tuple(fc.nat(DAYS - 1), fc.nat(DAYS - 1), fc.nat(DAYS - 1))
  .map((days) => days.toSorted((a, b) => a - b))
  .map(([earliest, wanted, latest]) => ({
    earliest: earliest!,
    wanted: wanted!,
    latest: latest!,
  }));

function loadsOf(all: readonly Window[], capacity: number): number[] {
  const people = all.map((one, i) => ({ ...person(`p${i}`), asks: { [WINDOW]: one } }));
  const { touches } = plan(
    people,
    options({ days: DAYS, capacity, calendar: EVERY_DAY, sources: [windows] }),
  );
  expect(touches).toHaveLength(all.length);
  for (const { item, day } of touches) {
    expect(day).toBeGreaterThanOrEqual(item.earliest);
    expect(day).toBeLessThanOrEqual(item.latest);
  }
  return Array.from(
    { length: DAYS },
    (_, at) => touches.filter(({ day }) => day === today + at).length,
  );
}

test('days are nearly as alike as they can be made', () => {
  let [mine, best, asWanted, spread] = [0, 0, 0, 0];
  fc.assert(
    fc.property(fc.array(anyWindow, { minLength: 4, maxLength: 8 }), (all) => {
      const optimum = levelest(all, DAYS);
      fc.pre(optimum <= MOST_SQUARES);
      mine += squares(loadsOf(all, CAPACITY));
      best += optimum;
      const wanted = new Array<number>(DAYS).fill(0);
      for (const one of all) wanted[one.wanted]! += 1;
      asWanted += squares(wanted);
      spread += all.length ** 2 / DAYS;
    }),
    { numRuns: 300, seed: 6 },
  );
  // Variance over that of perfectly even days: what is left of the way from the wanted days to the best ones.
  const left = (mine - best) / (asWanted - best);
  expect(best).toBeGreaterThan(spread);
  expect(left).toBeLessThan(0.25);
});

test('a heap on one day is laid over the days after it, as far as each may wait', () => {
  const heap = Array.from({ length: 12 }, () => ({ earliest: 0, wanted: 0, latest: 3 }));
  expect(loadsOf(heap, 9)).toEqual([3, 3, 3, 3, 0, 0]);
});

test('few touches stay on the day they are wanted', () => {
  const few = Array.from({ length: 5 }, () => ({ earliest: 0, wanted: 1, latest: 5 }));
  expect(loadsOf(few, 15)).toEqual([0, 5, 0, 0, 0, 0]);
});

test('a heap that may be begun early is', () => {
  const heap = Array.from({ length: 12 }, () => ({ earliest: 0, wanted: 5, latest: 5 }));
  expect(loadsOf(heap, 20)).toEqual([2, 2, 2, 2, 2, 2]);
});

test('one touch alone keeps the day it is wanted on', () => {
  expect(loadsOf([{ earliest: 0, wanted: 3, latest: 5 }], 20)).toEqual([0, 0, 0, 1, 0, 0]);
});

test('leveling breaks no promise where there is room for all', () => {
  const sphere = fc.array(
    sphereRow.map((row) => ({ ...row, due: Math.abs(row.due), followUp: null, home: null })),
    { minLength: 5, maxLength: 30 },
  );
  fc.assert(
    fc.property(sphere, (rows) => {
      const people = rows.map(personOf);
      const free = options({ capacity: 40, calendar: WEEKDAYS });
      const slips = (capacity: number) => firstSlips(plan(people, { ...free, capacity })).length;
      expect(slips(40)).toBeLessThanOrEqual(slips(1_000_000));
    }),
    { numRuns: 200, seed: 7 },
  );
});
