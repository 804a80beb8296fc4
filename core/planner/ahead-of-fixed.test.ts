import { GREETING, type PlanGreeting } from '@/core/almanac';

import { movedReason, plan, type PlanPerson } from '.';
import { cadence, options, person, today } from '@/testing/plan';

const greeting = (days: number, change: Partial<PlanGreeting> = {}): PlanGreeting => ({
  key: `greet:ana:birthday:2026`,
  ruleId: 'r',
  on: today + days,
  goesOn: today + days,
  kind: 'call',
  way: 'hand',
  dayRule: 'previous',
  leadDays: 0,
  occasion: 'birthday',
  mail: null,
  others: [],
  instead: [],
  ...change,
});

/** Somebody with a beat on the first day, a text that keeps little, and a greeting some days later. */
const ana = (asks: PlanGreeting[], change: Partial<PlanPerson> = {}): PlanPerson => {
  const texts = cadence([0]);
  const one = person('ana', {
    enrolments: [
      {
        id: 'e',
        cadence: { ...texts, beats: texts.beats.map((b) => ({ ...b, kind: 'text' as const })) },
        run: { start: today },
        settledUntil: null,
      },
    ],
  });
  return { ...one, asks: { ...one.asks, [GREETING]: asks }, ...change };
};

const daysOf = (people: readonly PlanPerson[], opt = options({ days: 20 })) =>
  plan(people, opt).touches.map(({ item, day }) => [item.source, day - today]);

test('a beat yields to a greeting that comes within the distance, and says to what', () => {
  const planned = plan([ana([greeting(2)])], options({ days: 20 })).touches;
  expect(planned.map(({ item, day }) => [item.source, day - today])).toEqual([
    ['greet', 2],
    // Wednesday and three days are Saturday; the next working day is Monday.
    ['beat', 7],
  ]);
  expect(movedReason(planned[1]!, { today: '2026-11-23' as never })).toBe(
    ' Moved to keep its distance from the call Wednesday.',
  );
});

test('one that goes by itself is kept its distance from as well, and takes no place', () => {
  expect(daysOf([ana([greeting(2, { way: 'auto', kind: 'email' })])])).toEqual([['beat', 7]]);
});

test('far enough apart, both stay', () => {
  expect(daysOf([ana([greeting(3)])])).toEqual([
    ['beat', 0],
    ['greet', 3],
  ]);
});

test('a promise that would be broken by waiting does not wait', () => {
  const mail = greeting(2, { way: 'auto', kind: 'email' });
  const promised = { promiseDays: 90, asks: { [GREETING]: [mail] } };
  const keepers = (due: number) =>
    daysOf([ana([], { ...promised, due: today + due })], options({ days: 20 }));
  expect(keepers(3)).toEqual([['keep', 1]]);
  // Wanted on Friday, which is too near to the e-mail of Wednesday: on Monday.
  expect(keepers(7)).toEqual([['keep', 7]]);
});

test('a home keeps its distance from the greeting of one of them', () => {
  const lee = { ...ana([]), id: 'lee', householdId: 'h' };
  const dana = person('dana', { householdId: 'h' });
  const all = [{ ...dana, asks: { ...dana.asks, [GREETING]: [greeting(1)] } }, lee];
  expect(daysOf(all)).toEqual([
    ['greet', 1],
    ['beat', 4],
  ]);
});

test('what was on the desk this morning stays there', () => {
  const keys = plan([ana([])], options({ days: 20 })).touches.map(({ item }) => item.key);
  expect(daysOf([ana([greeting(2)])], options({ days: 20, pinned: keys }))).toEqual([
    ['beat', 0],
    ['greet', 2],
  ]);
});

test('a card that may be written over weeks keeps the distance from what else is planned', () => {
  // Wanted on the eighth day, and pulled forward because many are.
  const mail = { writeBy: today + 18 } as PlanGreeting['mail'];
  const cards = Array.from({ length: 12 }, (_, n) => ({
    ...ana([greeting(24, { kind: 'card', mail, key: `greet:p${n}:x:2026` })]),
    id: `p${n}`,
  }));
  const { touches } = plan(cards, options({ days: 20, capacity: 4 }));
  expect(touches.filter(({ item, day }) => item.kind === 'card' && day < item.wanted)).not.toEqual(
    [],
  );
  for (const { id } of cards) {
    const days = touches.filter(({ item }) => item.personId === id).map(({ day }) => day);
    expect(days).toHaveLength(2);
    expect(Math.abs(days[0]! - days[1]!)).toBeGreaterThanOrEqual(3);
  }
});

test('a greeting that is belated waits its turn, and keeps the distance', () => {
  const late = greeting(-2, { kind: 'text' });
  const [first] = plan([ana([late], { lastOn: today - 1 })], options({ days: 20 })).touches;
  expect(first).toMatchObject({ day: today + 2, item: { fixed: false } });
});
