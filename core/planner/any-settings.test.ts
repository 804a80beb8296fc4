import fc from 'fast-check';

import { SOURCES } from '@/core/sources';
import { weekStart } from '@/core/time';
import { MINUTES, TOUCH_KINDS } from '@/core/touches';
import { EVERY_DAY, options, personOf, sphereRow, today, WEEKDAYS } from '@/testing/plan';

import { bestPlan, outlook, type PlanItem, type PlanOptions, type TouchSource } from '.';

// Whatever the owner sets, whoever is in the sphere and however long they were away: nothing throws, and every
// touch that is planned stands in a week of the load.

/** Items with any window, also ones that may be done in the days planned and are wanted after them. */
const anyItem = fc
  .record({
    kind: fc.constantFrom(...TOUCH_KINDS),
    earliest: fc.integer({ min: -400, max: 120 }),
    lead: fc.integer({ min: 0, max: 60 }),
    grace: fc.integer({ min: 0, max: 60 }),
    lapse: fc.constantFrom(1, 30, Infinity),
    fixed: fc.boolean(),
    hold: fc.constantFrom(0, 0.25, 1),
  })
  .map(({ kind, earliest, lead, grace, lapse, fixed, hold }) => {
    const wanted = today + earliest + lead;
    const latest = wanted + grace;
    return {
      kind,
      nominal: wanted,
      earliest: today + earliest,
      wanted,
      latest,
      letGo: latest + lapse,
      fixed,
      hold,
    };
  });

const ANY = 'any';
const anySource: TouchSource = {
  name: ANY,
  items: (personId, asks) =>
    (asks as Omit<PlanItem, 'key' | 'source' | 'personId'>[]).map((item, n) => ({
      ...item,
      key: `${ANY}:${personId}:${n}`,
      source: ANY,
      personId,
    })),
};

const anySphere = fc.array(
  fc.record({
    row: sphereRow,
    away: fc.constantFrom(0, 0, 30, 400),
    items: fc.array(anyItem, { maxLength: 4 }),
  }),
  { maxLength: 14 },
);

const most = fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined });
const anySettings = fc
  .record({
    days: fc.constantFrom(1, 5, 28, 56, 91, 364),
    capacity: fc.integer({ min: 0, max: 30 }),
    minutesPerDay: fc.option(fc.integer({ min: 0, max: 240 })),
    call: most,
    card: most,
    minDistanceDays: fc.integer({ min: 0, max: 30 }),
    workingDays: fc.subarray([1, 2, 3, 4, 5, 6, 7] as const),
    made: fc.integer({ min: 0, max: 8 }),
  })
  .map(({ call, card, minutesPerDay, workingDays, made, ...rest }): Partial<PlanOptions> => ({
    ...rest,
    calendar: { ...(workingDays.length === 7 ? EVERY_DAY : WEEKDAYS), workingDays },
    made: { call: made },
    sources: [...SOURCES, anySource],
    limits: {
      minutesPerDay,
      minutes: MINUTES,
      perKind: { ...(call === undefined ? {} : { call }), ...(card === undefined ? {} : { card }) },
    },
  }));

test('nothing throws, and every touch has a day and a week', () => {
  let beyond = 0;
  fc.assert(
    fc.property(anySphere, anySettings, (sphere, settings) => {
      const { sources, ...opt } = options(settings);
      const people = sphere.map(({ row, away, items }, i) => {
        const person = personOf({ ...row, due: row.due - away, start: row.start - away }, i);
        return { ...person, asks: { ...person.asks, [ANY]: items } };
      });
      const load = outlook({ people, options: opt, search: true }, sources);
      const mondays = load.weeks.map(({ monday }) => monday);
      expect(mondays[0]).toBe(weekStart(today));
      const planned = load.weeks.reduce((sum, { asked, keepers }) => sum + asked + keepers, 0);
      const touches = bestPlan(people, { ...opt, sources }).touches;
      expect(planned).toBe(touches.length);
      for (const { item, day } of touches) {
        expect(mondays).toContain(weekStart(day));
        if (item.wanted > today + opt.days - 1) beyond += 1;
      }
    }),
    { numRuns: 300, seed: 27 },
  );
  // What is wanted after the days planned was brought into them.
  expect(beyond).toBeGreaterThan(20);
});
