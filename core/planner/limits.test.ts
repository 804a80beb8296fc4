import fc from 'fast-check';

import type { Beat } from '@/core/cadences';
import { enrolmentsIn, withEnrolments } from '@/core/enrolments';
import { DEFAULT_HOLDS, MINUTES, type TouchKind } from '@/core/touches';

import { leastCapacity, plan, type Limits, type PlanPerson } from '.';
import { cadence, options, person, today } from '@/testing/plan';

const limits = (change: Partial<Limits>): Limits => ({
  minutesPerDay: null,
  minutes: MINUTES,
  perKind: {},
  ...change,
});

const beat = (days: number, change: Partial<Beat> = {}): Beat => ({
  ...cadence([days]).beats[0]!,
  ...change,
});

/** One person on a cadence of one beat of each kind, on these days. */
const on = (id: string, beats: readonly Beat[], change: Partial<PlanPerson> = {}) =>
  person(id, {
    enrolments: [
      {
        id: `e${id}`,
        cadence: { ...cadence([]), beats, gapDays: 30 },
        run: { start: today },
        settledUntil: null,
      },
    ],
    ...change,
  });

const daysOf = (people: readonly PlanPerson[], opt = options()) =>
  plan(people, opt).touches.map(({ item, day }) => [item.personId, item.kind, day - today]);

describe('what a day can hold', () => {
  const six = (kind: TouchKind) => [1, 2, 3, 4, 5, 6].map((n) => on(`p${n}`, [beat(0, { kind })]));

  test('a kind that is limited spreads over days, and lets others go before', () => {
    const planned = daysOf(
      [...six('call'), on('text', [beat(0, { kind: 'text' })])],
      options({ days: 3, limits: limits({ perKind: { call: 2 } }) }),
    );
    expect(planned.filter(([, kind]) => kind === 'call').map(([, , day]) => day)).toEqual([
      0, 0, 1, 1, 2, 2,
    ]);
    expect(planned).toContainEqual(['text', 'text', 0]);
  });

  test('minutes are counted: three visits of half an hour fill a day of ninety minutes', () => {
    const planned = daysOf(
      six('visit'),
      options({ days: 2, capacity: 20, limits: limits({ minutesPerDay: 90 }) }),
    );
    expect(planned.map(([, , day]) => day)).toEqual([0, 0, 0, 1, 1, 1]);
  });

  test('a touch longer than a day takes all of one, and is not lost', () => {
    const planned = daysOf(
      six('visit').slice(0, 2),
      options({ days: 5, limits: limits({ minutesPerDay: 20 }) }),
    );
    expect(planned.map(([, , day]) => day)).toEqual([0, 1]);
  });

  test('calls due on one day are begun early when a day holds few of them', () => {
    const people = [1, 2, 3, 4].map((n) => person(`p${n}`, { promiseDays: 60, due: today + 3 }));
    const result = plan(people, options({ days: 5, limits: limits({ perKind: { call: 1 } }) }));
    expect(result.slips).toEqual([]);
    expect(result.touches.map(({ day }) => day - today)).toEqual([0, 1, 2, 3]);
  });

  test('what was made today counts toward its kind, its minutes and the day', () => {
    const made = { call: 2 };
    const first = (change: Partial<Limits>, capacity = 20) =>
      daysOf(six('call'), options({ days: 3, capacity, made, limits: limits(change) }))[0]![2];
    expect(first({ perKind: { call: 2 } })).toBe(1);
    expect(first({ minutesPerDay: 2 * MINUTES.call })).toBe(1);
    expect(first({}, 2)).toBe(1);
    expect(first({ perKind: { call: 3 } })).toBe(0);
  });

  test('a beat that stands in for a keeper needs room of its own kind', () => {
    const people = [1, 2, 3].map((n) =>
      on(`p${n}`, [beat(0, { kind: 'call' })], {
        promiseDays: 30,
        due: today,
        keeperKind: 'text',
      }),
    );
    const planned = daysOf(people, options({ days: 3, limits: limits({ perKind: { call: 2 } }) }));
    expect(planned.filter(([, , day]) => day === 0)).toEqual([
      ['p1', 'call', 0],
      ['p2', 'call', 0],
      ['p3', 'text', 0],
    ]);
  });

  test('nothing that may not be done on any day stops the rest', () => {
    const planned = plan(
      [...six('call'), on('text', [beat(0, { kind: 'text' })])],
      options({ days: 5, limits: limits({ perKind: { call: 0 } }) }),
    );
    expect(planned.touches.map(({ item }) => item.personId)).toEqual(['text']);
    expect(planned.unplaced).toHaveLength(6);
  });
});

describe('no crowding', () => {
  test('two people of one home keep the distance between them, and it is said to whom', () => {
    const home = { householdId: 'marsh' };
    const { touches } = plan(
      [on('dana', [beat(0)], home), on('lee', [beat(1)], home)],
      options({ days: 7 }),
    );
    expect(touches.map(({ item, day }) => [item.personId, day - today])).toEqual([
      ['dana', 0],
      ['lee', 3],
    ]);
    expect(touches[1]!.yieldsTo).toEqual({ personId: 'dana', kind: 'call', day: today });
  });

  test('of two beats that collide the one that holds more stays on its day', () => {
    const both = on('ana', [beat(0, { kind: 'social' })]);
    const [call] = enrolmentsIn(on('ana2', [beat(0, { kind: 'call' })]));
    const { touches } = plan(
      [withEnrolments(both, [...enrolmentsIn(both), call!])],
      options({ days: 7 }),
    );
    expect(touches.map(({ item, day }) => [item.kind, day - today])).toEqual([
      ['call', 0],
      ['social', 3],
    ]);
  });

  test('of three that collide each keeps the distance from the one before', () => {
    const one = (kind: TouchKind) => enrolmentsIn(on(`ana${kind}`, [beat(0, { kind })]));
    const ana = withEnrolments(person('ana'), [...one('social'), ...one('text'), ...one('call')]);
    const { touches } = plan([ana], options({ days: 14 }));
    expect(touches.map(({ item, day }) => [item.kind, day - today])).toEqual([
      ['call', 0],
      ['text', 3],
      ['social', 7],
    ]);
  });

  test('one that finds no day before the next is due is let go, and says what it yielded to', () => {
    const often = on('ana', [beat(0, { kind: 'text' }), beat(2, { id: 'b2', kind: 'text' })]);
    const [call] = enrolmentsIn(on('x', [beat(0)]));
    const { letGo } = plan(
      [withEnrolments(often, [...enrolmentsIn(often), call!])],
      options({ days: 14 }),
    );
    expect(letGo[0]).toMatchObject({
      item: { kind: 'text', nominal: today },
      yieldsTo: { kind: 'call', day: today },
    });
  });
});

describe('promises before distances', () => {
  test('a weak beat does not leave a promise without its day', () => {
    // Two days before the promise runs out a word online, where that holds nothing, would keep the
    // call away for three days.
    const ana = on('ana', [beat(2, { kind: 'social' })], { promiseDays: 40, due: today + 4 });
    const holds = { ...DEFAULT_HOLDS, social: { done: 0 } };
    const { touches, slips } = plan([ana], options({ days: 9, holds }));
    expect(slips).toEqual([]);
    expect(touches.map(({ item, day }) => [item.source, day - today])).toEqual([
      ['keep', 2],
      ['beat', 7],
    ]);
    expect(touches[1]!.yieldsTo).toEqual({ personId: 'ana', kind: 'call', day: today + 2 });
  });

  test('two promises of one home are both kept when both run out on one day', () => {
    const home = { householdId: 'marsh', promiseDays: 30, due: today + 3 };
    const { slips } = plan([person('dana', home), person('lee', home)], options({ days: 20 }));
    expect(slips).toEqual([]);
  });

  test('the least room keeps what any room would, in a sphere of beats, homes and promises', () => {
    const spheres = fc.array(
      fc.record({
        due: fc.integer({ min: 0, max: 20 }),
        promiseDays: fc.constantFrom(20, 30, 60, 90),
        days: fc.uniqueArray(fc.integer({ min: 0, max: 25 }), { maxLength: 3 }),
        home: fc.constantFrom('a', null, null, null),
      }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(spheres, (rows) => {
        const people = rows.map(({ due, promiseDays, days, home }, i) => ({
          ...(days.length > 0
            ? on(
                `p${i}`,
                days.map((d) => beat(d, { id: `b${d}`, kind: 'social' })),
              )
            : person(`p${i}`)),
          promiseDays,
          due: today + due,
          householdId: home,
        }));
        const slips = (capacity: number) =>
          plan(people, options({ days: 30, capacity })).slips.length;
        const least = leastCapacity(people, options({ days: 30 }));
        expect(slips(least.capacity)).toBeLessThanOrEqual(least.slips);
        expect(least.slips).toBe(slips(1000));
        if (least.capacity > 0 && least.slips === 0)
          expect(slips(least.capacity - 1)).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });
});

describe('days of the year', () => {
  const newYear = beat(0, { timing: { on: 'date', month: 11, day: 16 } });
  const run = { start: today - 300 };
  const withBeat = (settledUntil: number | null) =>
    person('ana', {
      enrolments: [{ id: 'e', cadence: { ...cadence([]), beats: [newYear] }, run, settledUntil }],
    });

  test('are made up for within a week', () => {
    expect(daysOf([withBeat(null)], options({ days: 7 }))).toEqual([['ana', 'call', 0]]);
  });

  test('and never later', () => {
    expect(daysOf([withBeat(null)], options({ today: today + 1, days: 7 }))).toEqual([]);
  });

  test('a touch that goes out by itself is not on the desk', () => {
    expect(daysOf([on('ana', [beat(0, { kind: 'email', way: 'auto' })])])).toEqual([]);
  });
});

describe('a round that follows on', () => {
  const monthly = { ...cadence([0, 20]), followOn: true, gapDays: 10 };
  const since = (start: number, settledUntil: number | null) =>
    person('ana', {
      enrolments: [{ id: 'e', cadence: monthly, run: { start }, settledUntil }],
    });

  test('waits for its last beat, however late that is made', () => {
    const [first, second] = plan([since(today - 60, today - 60)], options()).touches;
    expect(first).toMatchObject({ day: today, item: { key: 'beat:e:b20:0' } });
    expect(second).toMatchObject({ day: today + 10, item: { key: expect.stringMatching(/:1$/) } });
  });

  test('begins on time when the last beat is', () => {
    const [, , third] = plan([since(today, null)], options()).touches;
    expect(third).toMatchObject({ day: today + 30, item: { key: 'beat:e:b0:1' } });
  });
});
