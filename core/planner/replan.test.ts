import fc from 'fast-check';

import { plan, replan, withHomes, type Plan, type PlanPerson } from '.';
import { options, person, personOf, sphereRow, today } from '@/testing/plan';

const promised = (id: string, due: number, change: Partial<PlanPerson> = {}) =>
  person(id, { promiseDays: 30, due: today + due, ...change });

const daysOf = ({ touches }: Plan, ids: ReadonlySet<string>) =>
  touches
    .filter(({ item }) => ids.has(item.personId))
    .map(({ item, day }) => `${item.key} ${day}`)
    .sort();

/** What of these people is fixed, by key: its day. */
const fixedOf = ({ touches }: Plan, ids: ReadonlySet<string>) =>
  new Map(
    touches
      .filter(({ item }) => item.fixed && ids.has(item.personId))
      .map(({ item, day }) => [item.key, day]),
  );

const brokenOf = ({ slips }: Plan, ids: ReadonlySet<string>) =>
  slips.filter(({ personId }) => ids.has(personId)).length;

describe('planning again after something changed for a few', () => {
  const rows = fc.array(sphereRow, { minLength: 2, maxLength: 25 });

  test('serves them as well as a plan of everybody, or says that only that will do', () => {
    let quick = 0;
    fc.assert(
      fc.property(rows, fc.nat(), sphereRow, fc.integer({ min: 1, max: 5 }), (all, n, as, room) => {
        const opt = options({ capacity: room, days: 60 });
        const people = all.map(personOf);
        const at = n % people.length;
        const now = people.map((one, i) => (i === at ? personOf(as, i) : one));
        const changed = withHomes(people, new Set([`p${at}`]));
        const again = replan(plan(people, opt), now, changed, opt)?.plan;
        if (!again) return;
        quick += 1;
        const whole = plan(now, opt);
        // What is fixed stands no later than in a plan of everybody, and no more promises are broken.
        const fixed = fixedOf(again, changed);
        expect([...fixed.keys()].sort()).toEqual([...fixedOf(whole, changed).keys()].sort());
        for (const [key, day] of fixedOf(whole, changed))
          expect(fixed.get(key)).toBeLessThanOrEqual(day);
        expect(brokenOf(again, changed)).toBeLessThanOrEqual(brokenOf(whole, changed));
      }),
      { numRuns: 500 },
    );
    expect(quick).toBeGreaterThan(100);
  });

  test('moves nobody else but those called in today, keeps the room of each day, loses nobody', () => {
    fc.assert(
      fc.property(rows, fc.nat(), fc.integer({ min: 1, max: 4 }), (all, n, capacity) => {
        const opt = options({ capacity, days: 60 });
        const people = all.map(personOf);
        const before = plan(people, opt);
        const one = people[n % people.length]!;
        const now = people.map((p) => (p === one ? { ...p, due: today + 90, lastOn: today } : p));
        const ids = withHomes(people, new Set([one.id]));
        const after = replan(before, now, ids, opt)?.plan;
        if (!after) return;
        const waited = before.touches.filter(
          ({ item, day }) => item.wanted <= today && day > today,
        );
        const moved = withHomes(now, new Set([...ids, ...waited.map(({ item }) => item.personId)]));
        const rest = new Set(people.map(({ id }) => id).filter((id) => !moved.has(id)));
        expect(daysOf(after, rest)).toEqual(daysOf(before, rest));
        const perDay = new Map<number, number>();
        for (const { day } of after.touches) perDay.set(day, (perDay.get(day) ?? 0) + 1);
        for (const count of perDay.values()) expect(count).toBeLessThanOrEqual(capacity);
        const days = after.touches.map(({ day }) => day);
        expect(days).toEqual(days.toSorted((a, b) => a - b));
      }),
      { numRuns: 300 },
    );
  });

  test('with nothing changed it is the same plan', () => {
    const people = [promised('ana', 4), promised('bo', 9)];
    const before = plan(people, options());
    expect(replan(before, people, new Set(['ana']), options())!.plan).toEqual(before);
  });

  test('somebody who is gone leaves the plan', () => {
    const before = plan([promised('ana', 4)], options());
    expect(replan(before, [], new Set(['ana']), options())!.plan.touches).toEqual([]);
  });

  test('a place that has become free goes to the next one the same moment', () => {
    const opt = options({ capacity: 1, days: 20 });
    const people = [promised('ana', 0), promised('bo', 0), promised('cy', 1)];
    const before = plan(people, opt);
    const of = (result: Plan) => result.touches.slice(0, 1).map(({ item }) => item.personId);
    expect(of(before)).toEqual(['ana']);
    const rang = people.map((one) => (one.id === 'ana' ? promised('ana', 30) : one));
    expect(of(replan(before, rang, new Set(['ana']), opt)!.plan)).toEqual(['bo']);
  });

  test('a follow-up on a day that is full needs a plan of everybody, and stands on its day there', () => {
    const opt = options({ capacity: 1, days: 20 });
    const filled = [0, 1, 2, 3, 4, 7, 8, 9].map((days, i) => promised(`full${i}`, days));
    const people = [...filled, person('cy')];
    const followUps = [{ id: 'f', on: today + 7, kind: 'call' as const }];
    const now = [...filled, person('cy', { followUps })];
    expect(replan(plan(people, opt), now, new Set(['cy']), opt)).toBeNull();
    expect(plan(now, opt).touches.find(({ item }) => item.personId === 'cy')!.day).toBe(today + 7);
  });
});
