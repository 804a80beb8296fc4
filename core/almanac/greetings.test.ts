import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { RRuleTemporal } from 'rrule-temporal';

import type { WorkCalendar } from '@/core/calendar';
import { plainDate, toDayNumber, toPlainDate, weekdayOf, type LeapDayRule } from '@/core/time';
import { DEFAULT_HOLDS } from '@/core/touches';

import {
  almanacOf,
  greetingItem,
  greetingsOf,
  isRound,
  mailPlan,
  namedOccasion,
  occurrencesOf,
  planGreeting,
  reachOf,
  ruleBook,
  yearlyParts,
  type AlmanacPerson,
  type GreetingRule,
  type SphereDate,
} from '.';
import { ruleOf } from './fixtures';

const day = (text: string) => toDayNumber(plainDate(text));
const date = (on: string, change: Partial<SphereDate> = {}): SphereDate => ({
  key: 'birthday',
  occasion: 'birthday',
  name: 'birthday',
  whose: '',
  ...yearlyParts(on, 2026),
  ...change,
});
const person = (id: string, change: Partial<AlmanacPerson> = {}): AlmanacPerson => ({
  id,
  name: id.toUpperCase(),
  called: id.toUpperCase(),
  householdId: null,
  together: null,
  circleId: null,
  views: new Set(),
  addedOn: day('2020-01-01'),
  dates: [],
  hushed: [],
  blocked: {},
  notAsked: {},
  reach: 'near',
  ...change,
});
const rule = ruleOf;
const greet = (people: AlmanacPerson[], rules: GreetingRule[], change: object = {}) =>
  greetingsOf(people, {
    from: day('2026-01-01'),
    to: day('2026-12-31'),
    leapDay: 'feb28',
    book: ruleBook(rules),
    feasts: [],
    settled: new Set(),
    ...change,
  });

describe('dates', () => {
  // Somebody born on a 29 February, 2024 to 2032.
  test.each<[LeapDayRule, string[]]>([
    [
      'feb28',
      [
        '2024-02-29',
        '2025-02-28',
        '2026-02-28',
        '2027-02-28',
        '2028-02-29',
        '2029-02-28',
        '2030-02-28',
        '2031-02-28',
        '2032-02-29',
      ],
    ],
    [
      'mar1',
      [
        '2024-02-29',
        '2025-03-01',
        '2026-03-01',
        '2027-03-01',
        '2028-02-29',
        '2029-03-01',
        '2030-03-01',
        '2031-03-01',
        '2032-02-29',
      ],
    ],
  ])('a leap day by the rule %s', (leapDay, days) => {
    const found = occurrencesOf([date('02-29')], day('2024-01-01'), day('2032-12-31'), leapDay);
    expect(found.map(({ on }) => toPlainDate(on))).toEqual(days);
  });

  // Outside check: a recurrence library by others, on random birthdays.
  test('yearly days are those of a recurrence library', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1900, max: 2025 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 28 }),
        (year, month, of) => {
          const text = `${year}-${String(month).padStart(2, '0')}-${String(of).padStart(2, '0')}`;
          const dtstart = Temporal.ZonedDateTime.from(`${text}T12:00[UTC]`);
          const theirs = new RRuleTemporal({ freq: 'YEARLY', dtstart })
            .between(new Date('2026-01-01T00:00:00Z'), new Date('2031-12-31T23:00:00Z'), true)
            .map((at) => at.toPlainDate().toString());
          const ours = occurrencesOf([date(text)], day('2026-01-01'), day('2031-12-31'), 'feb28');
          expect(ours.map(({ on }) => toPlainDate(on))).toEqual(theirs);
          expect(ours.map(({ count, on }) => Number(toPlainDate(on).slice(0, 4)) - count!)).toEqual(
            ours.map(() => year),
          );
        },
      ),
    );
  });

  test('a year in the future, or that nobody can have been born in, counts as not known', () => {
    expect(yearlyParts('1850-04-01', 2026).year).toBeNull();
    expect(yearlyParts('2031-04-01', 2026).year).toBeNull();
    expect(yearlyParts('04-01', 2026)).toEqual({ year: null, month: 4, day: 1 });
    // Due next spring: it begins then, and is one the year after.
    const due = [date('2027-04-01')];
    expect(occurrencesOf(due, day('2026-01-01'), day('2027-12-31'), 'feb28')).toEqual([]);
    expect(occurrencesOf(due, day('2028-01-01'), day('2028-12-31'), 'feb28')).toMatchObject([
      { count: 1 },
    ]);
  });

  test('round counts, and names that mean a wedding', () => {
    const round = Array.from({ length: 101 }, (_, n) => n).filter(isRound);
    expect(round).toEqual([1, 5, 10, 20, 25, 30, 40, 50, 60, 70, 75, 80, 90, 100]);
    expect(
      ['Wedding', 'wedding day', ' Wedding  anniversary', 'Anniversary'].map(namedOccasion),
    ).toEqual(Array(4).fill('wedding'));
    expect(namedOccasion('Moved in')).toBe('named.moved in');
  });

  test('the almanac is in the order of its days', () => {
    const people = fc.array(
      fc.record({ month: fc.integer({ min: 1, max: 12 }), of: fc.integer({ min: 1, max: 28 }) }),
    );
    fc.assert(
      fc.property(people, (all) => {
        const some = all.map(({ month, of }, i) => ({
          id: `p${i}`,
          dates: [date(`${String(month).padStart(2, '0')}-${String(of).padStart(2, '0')}`)],
        }));
        const year = almanacOf(some, day('2026-01-01'), day('2026-12-31'), 'feb28');
        expect(year).toHaveLength(all.length);
        expect(year.map(({ on }) => on)).toEqual(year.map(({ on }) => on).sort((a, b) => a - b));
      }),
    );
  });
});

describe('homes', () => {
  const twins = (change: Partial<AlmanacPerson> = {}) => [
    person('a', { householdId: 'h', dates: [date('1980-05-04')], ...change }),
    person('b', { householdId: 'h', dates: [date('1980-05-04')], ...change }),
  ];

  test('one greeting for those of one home with one day, and none twice', () => {
    expect(greet(twins(), [rule()]).greetings).toMatchObject([
      { personId: 'a', others: [{ personId: 'b' }], count: 46 },
    ]);
    const settled = new Set(['greet:b:birthday:2026']);
    expect(greet(twins(), [rule()], { settled }).greetings).toEqual([]);
  });

  test('whoever can be reached stands for the others', () => {
    const [a, b] = twins();
    const blocked = { card: { why: 'No address.', saidNo: false } };
    expect(greet([{ ...a!, blocked }, b!], [rule({ kind: 'card' })]).greetings).toMatchObject([
      { personId: 'b', kind: 'card' },
    ]);
  });

  test('who said no is left out, and the other greeted alone', () => {
    const [a, b] = twins();
    const blocked = { card: { why: 'They said no to post.', saidNo: true } };
    const all = greet([{ ...a!, blocked }, b!], [rule({ kind: 'card' })]);
    expect(all.greetings).toMatchObject([{ personId: 'b', others: [] }]);
    expect(all.leftOut).toMatchObject([{ personId: 'a', why: 'said_no' }]);
  });

  test('nobody is greeted twice for one date, however homes are made up', () => {
    const anybody = fc.record({
      home: fc.constantFrom(null, 'h', 'i'),
      of: fc.integer({ min: 1, max: 9 }),
      together: fc.constantFrom(null, true, false),
    });
    fc.assert(
      fc.property(fc.array(anybody, { maxLength: 9 }), (all) => {
        const people = all.map(({ home, of, together }, i) =>
          person(`p${i}`, {
            householdId: home,
            // One home has one answer.
            together:
              home && all.find((one) => one.home === home)!.together !== together
                ? all.find((one) => one.home === home)!.together
                : together,
            dates: [date(`05-0${of}`)],
          }),
        );
        const { greetings } = greet(people, [rule()]);
        const keys = greetings.flatMap(({ key, others }) => [key, ...others.map((o) => o.key)]);
        expect(keys.sort()).toEqual(people.map(({ id }) => `greet:${id}:birthday:2026`).sort());
      }),
    );
  });
});

describe('in time for the post', () => {
  const calendar: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };
  // Thanksgiving and Christmas of 2026: days without post (5 U.S.C. 6103).
  const post = { holidays: new Set([day('2026-11-26'), day('2026-12-25')]) };
  const plan = (wanted: string, transitDays: number, productionDays = 0) => {
    const { inHome, handOver, writeBy } = mailPlan(day(wanted), {
      transitDays,
      productionDays,
      post,
      calendar,
    });
    return [inHome, handOver, writeBy].map(toPlainDate);
  };

  // By hand, with a calendar of 2026 beside it.
  test.each([
    // Saturday is a day of post, Sunday is not.
    ['2026-12-07', 2, 0, ['2026-12-07', '2026-12-04', '2026-12-04']],
    ['2026-12-06', 2, 0, ['2026-12-05', '2026-12-03', '2026-12-03']],
    // Over Thanksgiving.
    ['2026-11-28', 3, 1, ['2026-11-28', '2026-11-24', '2026-11-23']],
    // On Christmas there is no post: it is there on the 24th.
    ['2026-12-25', 5, 1, ['2026-12-24', '2026-12-18', '2026-12-17']],
    // Handed over on a Saturday at the latest, which is not worked: on Friday.
    ['2026-12-08', 2, 0, ['2026-12-08', '2026-12-05', '2026-12-04']],
  ])(
    'to be there on %s after %i days under way and %i of making',
    (wanted, transit, made, days) => {
      expect(plan(wanted, transit, made)).toEqual(days);
    },
  );

  test('never on a Sunday or a holiday, never late, and a longer way never later', () => {
    const anyDay = fc.integer({ min: day('2026-01-01'), max: day('2027-12-31') });
    fc.assert(
      fc.property(
        anyDay,
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 0, max: 5 }),
        (on, transitDays, productionDays) => {
          const times = { transitDays, productionDays, post, calendar };
          const { inHome, handOver, writeBy } = mailPlan(on, times);
          for (const at of [inHome, handOver]) {
            expect(weekdayOf(at)).not.toBe(7);
            expect(post.holidays.has(at)).toBe(false);
          }
          expect(inHome <= on && handOver <= inHome && writeBy <= handOver).toBe(true);
          const longer = mailPlan(on, { ...times, transitDays: transitDays + 1 });
          expect(longer.handOver).toBeLessThan(handOver);
        },
      ),
    );
  });

  test('how far it is, by what stands at the beginning of the codes', () => {
    const at = (postalCode: string, country = '') => ({ postalCode, country });
    expect(reachOf(at('00012'), at('00019'))).toBe('near');
    expect(reachOf(at('00012'), at('04110'))).toBe('region');
    expect(reachOf(at('00012'), at('94110'))).toBe('country');
    expect(reachOf(at('00012'), at(''))).toBe('country');
    expect(reachOf(at('00012', 'US'), at('1010', 'AT'))).toBe('abroad');
  });

  test('too late for it, the quickest open way is taken; unless the owner decided for it', () => {
    const [greeting] = greet(
      [person('a', { dates: [date('12-01')] })],
      [rule({ kind: 'card', leadDays: 1 })],
    ).greetings;
    const times = { mailClass: 'first' as const, productionDays: 1, post, calendar };
    const planned = planGreeting(greeting!, times);
    const item = (today: string, change: object = {}) =>
      greetingItem('a', planned, {
        today: day(today),
        until: day('2026-12-31'),
        calendar,
        holds: DEFAULT_HOLDS,
        putOffs: new Map(),
        ...change,
      });
    expect(toPlainDate(planned.mail!.writeBy)).toBe('2026-11-26');
    expect(item('2026-11-26')).toMatchObject({ kind: 'card' });
    expect(item('2026-11-27')).toMatchObject({ kind: 'text', wanted: day('2026-12-01') });
    const swaps = new Map([[greeting!.key, 'card' as const]]);
    expect(item('2026-11-27', { swaps })).toMatchObject({ kind: 'card' });
    // Belated for a week, then let go.
    expect(item('2026-12-08')).not.toBeNull();
    expect(item('2026-12-09')).toBeNull();
  });
});
