import fc from 'fast-check';
import { RRuleTemporal } from 'rrule-temporal';
import { Temporal } from 'temporal-polyfill';

import {
  addDays,
  addMonths,
  daysBetween,
  daysInMonth,
  isLeapYear,
  isPlainDate,
  plainDate,
  toDayNumber,
  toPlainDate,
  weekdayOf,
  weekStart,
  yearlyOn,
} from '.';

const day = fc.integer({ min: -200_000, max: 200_000 });
const iso = (text: string) => Temporal.PlainDate.from(text);

describe('days of the calendar', () => {
  test('day numbers agree with Temporal, a reference library, in both directions', () => {
    fc.assert(
      fc.property(day, (n) => {
        const reference = iso('1970-01-01').add({ days: n });
        expect(toPlainDate(n)).toBe(reference.toString());
        expect(toDayNumber(plainDate(reference.toString()))).toBe(n);
        expect(weekdayOf(n)).toBe(reference.dayOfWeek);
      }),
      { numRuns: 2000 },
    );
  });

  test('adding months clamps to the last day, as Temporal does', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: -600, max: 600 }), (n, months) => {
        const date = toPlainDate(n);
        expect(addMonths(date, months)).toBe(iso(date).add({ months }).toString());
      }),
      { numRuns: 2000 },
    );
  });

  test('clamping forgets the day, so steps are counted from the anchor', () => {
    expect(addMonths(plainDate('2025-01-31'), 1)).toBe('2025-02-28');
    expect(addMonths(plainDate('2025-01-31'), 2)).toBe('2025-03-31');
    expect(addMonths(addMonths(plainDate('2025-01-31'), 1), 1)).toBe('2025-03-28');
    expect(addMonths(plainDate('2024-01-31'), 1)).toBe('2024-02-29');
    expect(addMonths(plainDate('2025-03-31'), -1)).toBe('2025-02-28');
  });

  // Gregorian rule as in ISO 8601:2004, 3.2.1: centuries are common unless divisible by 400.
  test.each([
    [1900, false],
    [2000, true],
    [2024, true],
    [2025, false],
    [2100, false],
    [2400, true],
  ])('%i leap: %s', (year, leap) => {
    expect(isLeapYear(year)).toBe(leap);
    expect(daysInMonth(year, 2)).toBe(leap ? 29 : 28);
  });

  test('days that do not exist are no days', () => {
    for (const text of [
      '2025-02-29',
      '2025-04-31',
      '2025-13-01',
      '2025-00-10',
      '2025-1-1',
      '31/02/2025',
      '',
    ])
      expect(isPlainDate(text)).toBe(false);
    expect(() => plainDate('2025-02-30')).toThrow('"2025-02-30" is not a calendar day');
  });

  test('29 February in common years is kept on the day the owner chose', () => {
    expect(yearlyOn({ month: 2, day: 29 }, 2025)).toBe('2025-02-28');
    expect(yearlyOn({ month: 2, day: 29 }, 2025, 'mar1')).toBe('2025-03-01');
    expect(yearlyOn({ month: 2, day: 29 }, 2028, 'mar1')).toBe('2028-02-29');
  });

  test('weeks begin on Monday (ISO 8601)', () => {
    expect(toPlainDate(weekStart(toDayNumber(plainDate('2026-11-23'))))).toBe('2026-11-23');
    expect(toPlainDate(weekStart(toDayNumber(plainDate('2026-11-22'))))).toBe('2026-11-16');
  });

  test('a day every n days is what RFC 5545 calls FREQ=DAILY;INTERVAL=n', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 400 }), (n, interval) => {
        const start = toPlainDate(n);
        const rule = new RRuleTemporal({
          freq: 'DAILY',
          interval,
          count: 5,
          dtstart: iso(start).toZonedDateTime('UTC') as never,
          temporal: Temporal as never,
        } as never);
        const expected = rule.all().map((at) => at.toPlainDate().toString());
        expect([0, 1, 2, 3, 4].map((k) => addDays(start, k * interval))).toEqual(expected);
      }),
      { numRuns: 100 },
    );
  });

  test('distances add up', () => {
    fc.assert(
      fc.property(day, day, (a, b) => {
        expect(daysBetween(toPlainDate(a), toPlainDate(b))).toBe(b - a);
      }),
    );
  });
});
