import fc from 'fast-check';
import { RRuleTemporal } from 'rrule-temporal';
import { Temporal } from 'temporal-polyfill';

import type { WorkCalendar } from '@/core/calendar';
import { plainDate, toDayNumber, toPlainDate, type IsoWeekday } from '@/core/time';

import {
  datedBeats,
  faultOf,
  NTHS,
  nthWeekday,
  pastThisYear,
  timingFault,
  type Beat,
  type Timing,
  type YearlyDate,
} from '.';

const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
const day = (text: string) => toDayNumber(plainDate(text));
const beat = (timing: Timing, id = JSON.stringify(timing)): Beat => ({
  id,
  timing,
  kind: 'call',
  wordings: [],
  dayRule: 'exact',
  way: 'hand',
});

/** The days of these timings between two days, for a run that starts on `start`. */
function days(
  timings: readonly Timing[],
  start: string,
  to: string,
  more: {
    rounds?: number | null;
    dates?: YearlyDate[];
    leapDay?: 'feb28' | 'mar1';
    gapDays?: number;
  } = {},
): string[] {
  const { rounds = null, gapDays = 30, ...run } = more;
  const cadence = { beats: timings.map((timing) => beat(timing)), rounds, gapDays };
  const span = { from: day(start), to: day(to) };
  return datedBeats(cadence, { start: day(start), ...run }, span, EVERY_DAY).map((d) =>
    toPlainDate(d.nominal),
  );
}

// RFC 5545 §3.8.5.3, the recurrence examples of the standard.
describe('the worked examples of RFC 5545', () => {
  test('yearly in June and July', () => {
    expect(
      days(
        [
          { on: 'date', month: 6, day: 10 },
          { on: 'date', month: 7, day: 10 },
        ],
        '1997-06-10',
        '2001-12-31',
        { rounds: 5 },
      ),
    ).toEqual([
      '1997-06-10',
      '1997-07-10',
      '1998-06-10',
      '1998-07-10',
      '1999-06-10',
      '1999-07-10',
      '2000-06-10',
      '2000-07-10',
      '2001-06-10',
      '2001-07-10',
    ]);
  });

  test('every Thursday in March holds the first to the last of it', () => {
    const ofMarch = NTHS.map((nth) => toPlainDate(nthWeekday(1997, 3, nth, 4)));
    expect(ofMarch).toEqual(['1997-03-06', '1997-03-13', '1997-03-20', '1997-03-27', '1997-03-27']);
  });

  test('the first Friday and the last Sunday of a month', () => {
    expect(toPlainDate(nthWeekday(1997, 9, 1, 5))).toBe('1997-09-05');
    expect(toPlainDate(nthWeekday(1997, 9, -1, 7))).toBe('1997-09-28');
    expect(toPlainDate(nthWeekday(1997, 9, 1, 7))).toBe('1997-09-07');
  });

  test('a start on 31 January by months: kept in long ones, clamped by addMonths, never lost', () => {
    expect(days([{ on: 'date', month: 1, day: 31 }], '2025-01-31', '2027-12-31')).toEqual([
      '2025-01-31',
      '2026-01-31',
      '2027-01-31',
    ]);
  });
});

// 5 U.S.C. 6103(a): Thanksgiving is the fourth Thursday in November, Memorial Day the last Monday
// in May, Labor Day the first in September. The days themselves are from memory.
test.each([
  [2026, 11, 4, 4, '2026-11-26'],
  [2027, 11, 4, 4, '2027-11-25'],
  [2026, 5, -1, 1, '2026-05-25'],
  [2027, 9, 1, 1, '2027-09-06'],
] as const)('in %i, month %i, the day of that rule', (year, month, nth, weekday, on) => {
  expect(toPlainDate(nthWeekday(year, month, nth, weekday))).toBe(on);
});

test('nth weekdays are the ones of a general recurrence library, for any month and year', () => {
  const CODES = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
  fc.assert(
    fc.property(
      fc.integer({ min: 1990, max: 2090 }),
      fc.integer({ min: 1, max: 12 }),
      fc.constantFrom(...NTHS),
      fc.integer({ min: 1, max: 7 }),
      (year, month, nth, weekday) => {
        const rule = new RRuleTemporal({
          freq: 'YEARLY',
          byMonth: [month],
          byDay: [`${nth}${CODES[weekday - 1]}`],
          count: 1,
          dtstart: Temporal.PlainDate.from({ year, month: 1, day: 1 }).toZonedDateTime('UTC'),
          temporal: Temporal,
        } as never);
        expect(toPlainDate(nthWeekday(year, month, nth, weekday as IsoWeekday))).toBe(
          rule.all()[0]!.toPlainDate().toString(),
        );
      },
    ),
    { numRuns: 2000 },
  );
});

describe('a person’s own dates', () => {
  const birthday = (month: number, dayOf: number, year: number | null = null): YearlyDate[] => [
    { name: 'Birthday', month, day: dayOf, year },
  ];

  test('a beat comes days before or after, over the end of a year', () => {
    const around = (offset: number): Timing => ({ on: 'around', date: 'birthday', days: offset });
    expect(
      days([around(-10), around(3)], '2026-11-23', '2028-02-01', { dates: birthday(1, 4) }),
    ).toEqual(['2026-12-25', '2027-01-07', '2027-12-25', '2028-01-07']);
  });

  test('29 February is kept on the day that the owner chose', () => {
    const timing: Timing = { on: 'around', date: 'birthday', days: 0 };
    const on = (leapDay: 'feb28' | 'mar1') =>
      days([timing], '2026-01-01', '2028-12-31', { dates: birthday(2, 29), leapDay });
    expect(on('feb28')).toEqual(['2026-02-28', '2027-02-28', '2028-02-29']);
    expect(on('mar1')).toEqual(['2026-03-01', '2027-03-01', '2028-02-29']);
  });

  test('a date with a year comes from that year on, one that is missing not at all', () => {
    const timing: Timing = { on: 'around', date: 'Birthday', days: 0 };
    expect(days([timing], '2026-01-01', '2028-12-31', { dates: birthday(5, 4, 2027) })).toEqual([
      '2027-05-04',
      '2028-05-04',
    ]);
    expect(days([timing], '2026-01-01', '2028-12-31')).toEqual([]);
  });
});

describe('a year as a round', () => {
  test('who joins midway begins with the next beat; what is past comes next year', () => {
    const year: Timing[] = [2, 5, 8, 11].map((month) => ({ on: 'date', month, day: 15 }));
    expect(days(year, '2026-06-20', '2027-06-30')).toEqual([
      '2026-08-15',
      '2026-11-15',
      '2027-02-15',
      '2027-05-15',
    ]);
  });

  test('pieces that are past for this year are counted', () => {
    const year: Timing[] = [2, 5, 8, 11].map((month) => ({ on: 'date', month, day: 15 }));
    const more: Timing[] = [
      { on: 'weekday', month: 6, nth: 3, weekday: 6 },
      { on: 'after', days: 0 },
      { on: 'around', date: 'birthday', days: 0 },
    ];
    expect(pastThisYear([...year, ...more], day('2026-06-20'))).toBe(2);
    expect(pastThisYear([...year, ...more], day('2026-06-21'))).toBe(3);
  });

  test('it rolls on by itself for as long as it is wanted', () => {
    const on = days([{ on: 'date', month: 3, day: 1 }], '2026-01-01', '2126-12-31');
    expect(on).toHaveLength(101);
    expect(
      days([{ on: 'date', month: 3, day: 1 }], '2026-01-01', '2126-12-31', { rounds: 3 }),
    ).toHaveLength(3);
  });

  test('days after the start, days of the year and dates of the person are mixed in one order', () => {
    expect(
      days(
        [
          { on: 'after', days: 0 },
          { on: 'after', days: 200 },
          { on: 'date', month: 12, day: 20 },
          { on: 'weekday', month: 11, nth: 4, weekday: 4 },
          { on: 'around', date: 'birthday', days: -7 },
        ],
        '2026-11-23',
        '2027-11-23',
        { dates: [{ name: 'birthday', month: 5, day: 4, year: null }] },
      ),
    ).toEqual(['2026-11-23', '2026-11-26', '2026-12-20', '2027-04-27', '2027-06-11', '2027-11-23']);
  });

  const timing: fc.Arbitrary<Timing> = fc.oneof(
    fc.record({ on: fc.constant('after' as const), days: fc.integer({ min: 0, max: 364 }) }),
    fc.record({
      on: fc.constant('date' as const),
      month: fc.integer({ min: 1, max: 12 }),
      day: fc.integer({ min: 1, max: 28 }),
    }),
    fc.record({
      on: fc.constant('weekday' as const),
      month: fc.integer({ min: 1, max: 12 }),
      nth: fc.constantFrom(...NTHS),
      weekday: fc.constantFrom<IsoWeekday>(1, 2, 3, 4, 5, 6, 7),
    }),
    fc.record({
      on: fc.constant('around' as const),
      date: fc.constant('birthday'),
      days: fc.integer({ min: -300, max: 300 }),
    }),
  );

  test('any mixture: in order, each beat and round once, cut anywhere without loss, whole years', () => {
    const start = day('2026-11-23');
    fc.assert(
      fc.property(
        fc.uniqueArray(timing, { minLength: 1, maxLength: 8, selector: (t) => JSON.stringify(t) }),
        fc.integer({ min: 1, max: 1500 }),
        fc.integer({ min: 1, max: 12 }),
        (timings, cut, month) => {
          const cadence = { beats: timings.map((t) => beat(t)), rounds: null, gapDays: 9 };
          const run = { start, dates: [{ name: 'birthday', month, day: 29, year: null }] };
          const of = (from: number, to: number) =>
            datedBeats(cadence, run, { from, to }, EVERY_DAY);
          const all = of(start, start + 1600);
          const nominal = all.map((d) => d.nominal);
          expect(nominal).toEqual(nominal.toSorted((a, b) => a - b));
          const keys = all.map((d) => `${d.beat.id}:${d.round}`);
          expect(new Set(keys).size).toBe(keys.length);
          const parts = [...of(start, start + cut), ...of(start + cut + 1, start + 1600)];
          expect(parts.map((d) => `${d.beat.id}:${d.round}`).sort()).toEqual(keys.sort());
        },
      ),
      { numRuns: 400 },
    );
  });
});

describe('what names no day', () => {
  test.each([
    [
      { on: 'date', month: 2, day: 31 },
      'is meant for a day that does not exist: February has 29 days.',
    ],
    [
      { on: 'date', month: 4, day: 31 },
      'is meant for a day that does not exist: April has 30 days.',
    ],
    [{ on: 'date', month: 0, day: 1 }, 'needs a month.'],
    [{ on: 'date', month: 2, day: 29 }, null],
    [{ on: 'around', date: ' ', days: 3 }, 'needs the name of a date, such as birthday.'],
    [
      { on: 'around', date: 'birthday', days: 301 },
      'lies more than 300 days from the date, nearer to the next year’s.',
    ],
    [{ on: 'after', days: -1 }, 'lies before the first day. Give it a day from 1 on.'],
  ] as [Timing, string | null][])('%j', (timing, fault) => {
    expect(timingFault(timing)).toBe(fault);
  });

  const base = { rounds: null, gapDays: 30 };
  const christmas: Timing = { on: 'date', month: 12, day: 20 };
  test('a year cannot follow on, nor hold a beat after its end', () => {
    expect(faultOf({ ...base, beats: [beat(christmas)], followOn: true })).toMatch(/don’t wait/);
    expect(faultOf({ ...base, beats: [beat(christmas), beat({ on: 'after', days: 400 })] })).toBe(
      'With days of the calendar a round is one year; beat 2 lies after its end.',
    );
    expect(faultOf({ ...base, gapDays: 0, beats: [beat(christmas)] })).toBeNull();
  });
});
