import fc from 'fast-check';

import type { Cadence } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { isWorkingDay } from '@/core/calendar';
import { plainDate, toDayNumber } from '@/core/time';
import { DEFAULT_HOLDS } from '@/core/touches';

import { firstSlips, keeperLead, leastCapacity, plan, weeklyLoad, type Plan, type PlanOptions, type PlanPerson } from '.';

const today = toDayNumber(plainDate('2026-11-23')); // a Monday
const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
const WEEKDAYS: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };

const options = (change: Partial<PlanOptions> = {}): PlanOptions => ({
  today,
  days: 91,
  calendar: WEEKDAYS,
  capacity: 5,
  madeToday: 0,
  minDistanceDays: 3,
  holds: DEFAULT_HOLDS,
  putOffs: new Map(),
  pinned: [],
  ...change,
});

const person = (id: string, change: Partial<PlanPerson> = {}): PlanPerson => ({
  id,
  promiseDays: null,
  due: null,
  lastOn: null,
  weight: 1,
  keeperKind: 'call',
  enrolments: [],
  followUps: [],
  ...change,
});

const cadence = (days: readonly number[], change: Partial<Cadence> = {}): Cadence => ({
  id: 'c',
  name: 'Quarterly',
  rounds: null,
  gapDays: 30,
  beats: days.map((afterDays) => ({ id: `b${afterDays}`, afterDays, kind: 'call', words: '', dayRule: 'next' })),
  ...change,
});

const onDay = (result: Plan, day: number) =>
  result.touches.filter((t) => t.day === day).map(({ item }) => item.personId);

describe('what is planned', () => {
  test('a promise about to run out is kept on the last day that will do', () => {
    const result = plan([person('ana', { promiseDays: 30, due: today + 3 })], options());
    expect(result.touches[0]).toMatchObject({ day: today + 3, late: false, cause: 'as_asked' });
    expect(result.slips).toEqual([]);
  });

  test('a promise that runs out on a weekend is kept on the Friday', () => {
    const result = plan([person('ana', { promiseDays: 30, due: today + 5 })], options());
    expect(result.touches[0]!.day).toBe(today + 4);
  });

  test('a beat keeps the promise, so that no keeper is needed', () => {
    const ana = person('ana', {
      promiseDays: 60,
      due: today + 9,
      enrolments: [{ id: 'e', cadence: cadence([7, 30]), start: today, settledUntil: null }],
    });
    const kinds = plan([ana], options({ days: 30 })).touches.map(({ item }) => item.source);
    expect(kinds).toEqual(['beat']);
  });

  test('of beats that have passed undone only the latest is still open', () => {
    const ana = person('ana', {
      enrolments: [{ id: 'e', cadence: cadence([0, 30, 60]), start: today - 65, settledUntil: null }],
    });
    const [first] = plan([ana], options()).touches;
    expect(first).toMatchObject({ day: today, late: true, item: { beat: { beatId: 'b60', round: 0 } } });
  });

  test('settled beats do not come back', () => {
    const ana = person('ana', {
      enrolments: [{ id: 'e', cadence: cadence([0, 30]), start: today, settledUntil: today }],
    });
    expect(plan([ana], options()).touches[0]!.item.nominal).toBe(today + 30);
  });

  test('what was put off comes on its new day, and says so', () => {
    const ana = person('ana', { promiseDays: 30, due: today });
    const putOffs = new Map([[`keep:ana:${today}`, today + 2]]);
    expect(plan([ana], options({ putOffs })).touches[0]).toMatchObject({ day: today + 2, cause: 'put_off' });
  });

  test('a follow-up is fixed: it comes before everything else and ignores the distance', () => {
    const people = [
      person('ana', { promiseDays: 30, due: today - 10 }),
      person('bo', { lastOn: today - 1, followUps: [{ id: 'f', on: today, kind: 'call' }] }),
    ];
    expect(onDay(plan(people, options({ capacity: 1 })), today)).toEqual(['bo']);
  });

  test('one person is not touched twice within the distance', () => {
    const ana = person('ana', {
      enrolments: [
        { id: 'e', cadence: cadence([0]), start: today, settledUntil: null },
        { id: 'f', cadence: cadence([1]), start: today, settledUntil: null },
      ],
    });
    const result = plan([ana], options({ days: 14 }));
    expect(result.touches.map(({ day, cause }) => [day - today, cause])).toEqual([
      [0, 'as_asked'],
      [3, 'distance'],
    ]);
  });

  test('what the owner has seen this morning keeps its place when something more urgent comes', () => {
    const people = [person('ana', { promiseDays: 30, due: today }), person('bo', { promiseDays: 30, due: today })];
    const opt = options({ capacity: 1 });
    expect(onDay(plan(people, opt), today)).toEqual(['ana']);
    const pinned = { ...opt, pinned: [`keep:bo:${today}`] };
    expect(onDay(plan(people, pinned), today)).toEqual(['bo']);
  });

  test('overdue promises never starve, nor do they break the next ones', () => {
    const overdue = Array.from({ length: 40 }, (_, i) => person(`late${i}`, { promiseDays: 90, due: today - 5 - i }));
    const inTime = Array.from({ length: 12 }, (_, i) => person(`near${i}`, { promiseDays: 90, due: today + 3 + (i % 2) }));
    const result = plan([...overdue, ...inTime], options({ capacity: 4 }));
    expect(result.slips).toEqual([]);
    expect(onDay(result, today).filter((id) => id.startsWith('late')).length).toBeGreaterThanOrEqual(1);
    expect(result.overdue).toBe(40);
  });

  test('an owner back after three months finds days that can be done, not a heap', () => {
    const away = Array.from({ length: 120 }, (_, i) =>
      person(`p${i}`, {
        promiseDays: 60,
        due: today - 30 - (i % 60),
        enrolments: [{ id: `e${i}`, cadence: cadence([0, 30, 60]), start: today - 100 - (i % 30), settledUntil: null }],
      }),
    );
    const result = plan(away, options({ capacity: 8 }));
    for (let day = today; day < today + 91; day++) expect(onDay(result, day).length).toBeLessThanOrEqual(8);
    const firstOf = new Set(result.touches.filter(({ day }) => day < today + 35).map(({ item }) => item.personId));
    expect(firstOf.size).toBe(120);
  });
});

describe('no room at all', () => {
  const people = [person('ana', { promiseDays: 30, due: today + 2 })];
  test.each([
    ['no capacity', options({ capacity: 0 })],
    ['no working days', options({ calendar: { workingDays: [], daysOff: new Set() } })],
    ['every day off', options({ calendar: { ...WEEKDAYS, daysOff: new Set(Array.from({ length: 91 }, (_, i) => today + i)) } })],
  ])('%s: nothing is placed, and the slip is told', (_, opt) => {
    const result = plan(people, opt);
    expect(result.touches).toEqual([]);
    expect(result.slips).toEqual([{ personId: 'ana', on: today + 3, until: null }]);
    expect(result.unplaced).toHaveLength(1);
  });

  test('no capacity is enough when there are no working days', () => {
    expect(leastCapacity(people, options({ calendar: { workingDays: [], daysOff: new Set() } }))).toBeNull();
  });
});

/** Promises short enough to be told apart and long enough not to come round within the horizon. */
const smallCase = fc.record({
  capacity: fc.integer({ min: 1, max: 2 }),
  people: fc.array(
    fc.record({ due: fc.integer({ min: 0, max: 7 }), promiseDays: fc.constantFrom(16, 24, 32, 40, 100) }),
    { minLength: 1, maxLength: 9 },
  ),
});

/** The largest number of people that can be placed in their windows: exhaustive, by augmenting paths. */
function mostInTime(windows: readonly [number, number][], days: number, capacity: number): number {
  const slots: (number | null)[] = Array.from({ length: days * capacity }, () => null);
  const place = (i: number, tried: Set<number>): boolean => {
    const [from, to] = windows[i]!;
    for (let s = from * capacity; s < (to + 1) * capacity; s++) {
      if (tried.has(s)) continue;
      tried.add(s);
      if (slots[s] === null || place(slots[s]!, tried)) {
        slots[s] = i;
        return true;
      }
    }
    return false;
  };
  return windows.filter((_, i) => place(i, new Set())).length;
}

describe('against exhaustive search', () => {
  const run = ({ capacity, people }: { capacity: number; people: { due: number; promiseDays: number }[] }) => {
    const days = 8;
    const windows = people.map(({ due, promiseDays }): [number, number] => [
      Math.max(0, due - keeperLead(promiseDays)),
      due,
    ]);
    const planned = plan(
      people.map(({ due, promiseDays }, i) => person(`p${i}`, { due: today + due, promiseDays })),
      options({ calendar: EVERY_DAY, days, capacity }),
    );
    const inTime = planned.touches.filter(({ late }) => !late).length;
    return { inTime, most: mostInTime(windows, days, capacity), room: days * capacity };
  };

  test('whatever can be kept is kept, whenever all of it can (Jackson 1955, Horn 1974)', () => {
    let feasible = 0;
    fc.assert(
      fc.property(smallCase, (given) => {
        const { inTime, most } = run(given);
        if (most < given.people.length) return;
        feasible += 1;
        expect(inTime).toBe(given.people.length);
      }),
      { numRuns: 2000, seed: 7 },
    );
    expect(feasible).toBeGreaterThan(300);
  });

  test('when not all can be kept, only the share of broken ones is given up', () => {
    fc.assert(
      fc.property(smallCase, (given) => {
        const { inTime, most, room } = run(given);
        expect(inTime).toBeLessThanOrEqual(most);
        expect(inTime).toBeGreaterThanOrEqual(most - Math.floor(room / 4));
      }),
      { numRuns: 2000, seed: 11 },
    );
  });
});

const sphere = fc.array(
  fc.record({
    promiseDays: fc.option(fc.integer({ min: 5, max: 200 })),
    due: fc.integer({ min: -60, max: 120 }),
    lastOn: fc.option(fc.integer({ min: -20, max: 0 })),
    beats: fc.uniqueArray(fc.integer({ min: 0, max: 80 }), { maxLength: 4 }),
    start: fc.integer({ min: -90, max: 30 }),
    followUp: fc.option(fc.integer({ min: -5, max: 40 })),
  }),
  { maxLength: 40 },
);

const toPeople = (rows: readonly (typeof sphere extends fc.Arbitrary<infer R> ? R : never)[number][]) =>
  rows.map((row, i) =>
    person(`p${i}`, {
      promiseDays: row.promiseDays,
      due: row.promiseDays === null ? null : today + row.due,
      lastOn: row.lastOn === null ? null : today + row.lastOn,
      enrolments:
        row.beats.length === 0
          ? []
          : [{ id: `e${i}`, cadence: cadence(row.beats.toSorted((a, b) => a - b)), start: today + row.start, settledUntil: null }],
      followUps: row.followUp === null ? [] : [{ id: `f${i}`, on: today + row.followUp, kind: 'call' }],
    }),
  );

describe('always', () => {
  test('no day over its room, nothing on a day off, nothing before its time, lateness told, distance kept', () => {
    fc.assert(
      fc.property(sphere, fc.integer({ min: 0, max: 6 }), (rows, capacity) => {
        const opt = options({ capacity, days: 60 });
        const result = plan(toPeople(rows), opt);
        const perDay = new Map<number, number>();
        const lastOf = new Map<string, number>();
        for (const { item, day, late } of result.touches) {
          perDay.set(day, (perDay.get(day) ?? 0) + 1);
          expect(isWorkingDay(day, opt.calendar)).toBe(true);
          expect(day).toBeGreaterThanOrEqual(item.earliest);
          expect(late).toBe(day > item.latest);
          expect(day).toBeLessThan(item.letGo);
          const last = lastOf.get(item.personId);
          if (last !== undefined && !item.fixed) expect(day - last).toBeGreaterThanOrEqual(3);
          lastOf.set(item.personId, day);
        }
        for (const n of perDay.values()) expect(n).toBeLessThanOrEqual(capacity);
        const keys = result.touches.map(({ item }) => item.key);
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: 400 },
    );
  });

  test('the same input gives the same plan, and does not depend on what was planned before', () => {
    fc.assert(
      fc.property(sphere, (rows) => {
        const people = toPeople(rows);
        expect(plan(people, options())).toEqual(plan(people, options()));
      }),
      { numRuns: 50 },
    );
  });

  test('planning again with this morning’s desk pinned changes nothing', () => {
    fc.assert(
      fc.property(sphere, (rows) => {
        const people = toPeople(rows);
        const opt = options();
        const first = plan(people, opt);
        const pinned = first.touches.filter(({ day }) => day === today).map(({ item }) => item.key);
        expect(onDay(plan(people, { ...opt, pinned }), today)).toEqual(onDay(first, today));
      }),
      { numRuns: 200 },
    );
  });

  test('every promise is either kept through the days planned or told as a slip', () => {
    fc.assert(
      fc.property(sphere, fc.integer({ min: 0, max: 3 }), (rows, capacity) => {
        const people = toPeople(rows).filter(({ due }) => due !== null && due >= today);
        const result = plan(people, options({ capacity, days: 60 }));
        const slipped = new Set(firstSlips(result).map(({ personId }) => personId));
        const touched = new Set(result.touches.map(({ item }) => item.personId));
        for (const { id, due } of people)
          if (due! < today + 59 && !touched.has(id)) expect(slipped.has(id)).toBe(true);
      }),
      { numRuns: 200 },
    );
  });

  test('more room breaks no promise that less room kept', () => {
    fc.assert(
      fc.property(smallCase, ({ people, capacity }) => {
        const all = people.map(({ due, promiseDays }, i) => person(`p${i}`, { due: today + due, promiseDays }));
        const slips = (n: number) => plan(all, options({ calendar: EVERY_DAY, days: 8, capacity: n })).slips.length;
        expect(slips(capacity + 1)).toBeLessThanOrEqual(slips(capacity));
      }),
      { numRuns: 300 },
    );
  });
});

describe('the load of promises', () => {
  const people = [30, 60, 90, 180].flatMap((promiseDays, c) =>
    Array.from({ length: [24, 58, 92, 66][c]! }, (_, i) =>
      person(`${promiseDays}-${i}`, { promiseDays, due: today + ((i * 37) % promiseDays) }),
    ),
  );

  test('over a year it approaches the sum of 1/P a day, within 5 %', () => {
    const owed = people.reduce((sum, { promiseDays }) => sum + 365 / promiseDays!, 0);
    const result = plan(people, options({ days: 365, capacity: 50 }));
    expect(result.touches.length / owed).toBeGreaterThan(0.95);
    expect(result.touches.length / owed).toBeLessThan(1.05);
    expect(result.slips).toEqual([]);
  });

  test('weeks carry what the plan placed, against what the days can hold', () => {
    const opt = options({ capacity: 6 });
    const result = plan(people, opt);
    const weeks = weeklyLoad(result, opt);
    expect(weeks).toHaveLength(13);
    expect(weeks.reduce((sum, w) => sum + w.beats + w.keepers + w.followUps, 0)).toBe(result.touches.length);
    for (const week of weeks) {
      expect(week.capacity).toBe(30);
      expect(week.keepers).toBeLessThanOrEqual(30);
    }
  });

  test('the least room at which nobody slips is the least', () => {
    const opt = options({ capacity: 2 });
    const least = leastCapacity(people, opt)!;
    expect(plan(people, { ...opt, capacity: least }).slips).toEqual([]);
    expect(plan(people, { ...opt, capacity: least - 1 }).slips.length).toBeGreaterThan(0);
  });
});
