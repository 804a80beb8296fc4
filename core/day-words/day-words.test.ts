import fc from 'fast-check';

import { addDays, longDate, plainDate, spokenDate, toDayNumber } from '@/core/time';

import { readDay } from '.';

// A Wednesday.
const today = plainDate('2026-11-25');

test.each([
  ['today', '2026-11-25'],
  ['tomorrow', '2026-11-26'],
  ['Friday', '2026-11-27'],
  ['next friday', '2026-12-04'],
  ['in 2 weeks', '2026-12-09'],
  ['3 days', '2026-11-28'],
  ['4 May', '2027-05-04'],
  ['Nov 30', '2026-11-30'],
  ['5/4', '2027-05-04'],
  ['11/30/26', '2026-11-30'],
  ['30.11.2026', '2026-11-30'],
  ['dec 24th', '2026-12-24'],
  ['2026-02-28', '2026-02-28'],
  // What was is meant, whichever way the field leans.
  ['last tuesday', '2026-11-24'],
  ['a week ago', '2026-11-18'],
])('“%s” is %s', (text, day) => expect(readDay(text, today)).toBe(day));

test.each([
  ['Friday', '2026-11-20'],
  ['4 May', '2026-05-04'],
  ['Nov 30', '2025-11-30'],
  ['yesterday', '2026-11-24'],
  ['Nov 30, 2026', '2026-11-30'],
])('of what was, “%s” is %s', (text, day) => expect(readDay(text, today, 'back')).toBe(day));

test.each([
  '',
  'soon',
  'March',
  '31 February',
  '2026-02-30',
  'Friday noon',
  'May 4 or 5',
  'May 4 to 9',
  'call her friday',
  'in the morning',
])('“%s” is no day', (text) => expect(readDay(text, today)).toBeNull());

test('day and month change places with the order of the owner', () => {
  expect(readDay('5/4/2027', today, 'ahead', 'mdy')).toBe('2027-05-04');
  expect(readDay('5/4/2027', today, 'ahead', 'dmy')).toBe('2027-04-05');
});

test('what we write ourselves is read as the same day', () => {
  const days = fc.integer({ min: -400, max: 4000 }).map((n) => addDays(today, n));
  fc.assert(
    fc.property(days, (day) => {
      const year = `, ${day.slice(0, 4)}`;
      const long = longDate(day, today);
      expect(readDay(long.includes(year) ? long : long + year, today)).toBe(day);
    }),
  );
});

test('spoken days of the coming week are read back', () => {
  for (let n = 0; n < 7; n++) {
    const day = addDays(today, n);
    expect(toDayNumber(readDay(spokenDate(day, today), today)!)).toBe(toDayNumber(day));
  }
});
