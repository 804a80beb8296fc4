import { plainDate, toDayNumber } from '@/core/time';

import { fill, MERGE_FIELDS } from '@/core/templates';

import { faultOf, PATTERNS, timingWords, rhythmWords, yearShape } from '.';

const start = toDayNumber(plainDate('2026-11-23'));
const WEEKDAYS = { workingDays: [1, 2, 3, 4, 5] as const, daysOff: new Set<number>() };
const beatsOf = (pattern: (typeof PATTERNS)[number]) =>
  pattern.cadence.beats.map((beat, i) => ({ ...beat, id: `b${i}` }));

test('there are at least eight patterns, each with a name of its own', () => {
  expect(PATTERNS.length).toBeGreaterThanOrEqual(8);
  expect(new Set(PATTERNS.map(({ cadence }) => cadence.name)).size).toBe(PATTERNS.length);
});

describe.each(PATTERNS.map((pattern) => [pattern.key, pattern] as const))('%s', (_, pattern) => {
  const beats = beatsOf(pattern);
  test('can be run as it is, with words for every beat that can be filled', () => {
    expect(faultOf({ ...pattern.cadence, beats })).toBeNull();
    const values = Object.fromEntries(MERGE_FIELDS.map(({ key }) => [key, key]));
    for (const { wordings } of beats) {
      expect(wordings.length).toBeGreaterThan(0);
      for (const words of wordings) expect(fill(words, values).ok).toBe(true);
    }
  });

  test('makes a year without a silence of more than four months, in its first year', () => {
    const shape = yearShape({ ...pattern.cadence, beats }, start, WEEKDAYS);
    expect(shape.touches.length).toBeGreaterThan(0);
    if (pattern.cadence.rounds === null && pattern.key !== 'own-days')
      expect(shape.longestSilence).toBeLessThanOrEqual(125);
  });
});

// Common practice, no source: a programme through the year has some two to four touches a month
// at most, and at least one.
test('the year programme touches in every month, in at least five kinds, at most four times', () => {
  const year = PATTERNS.find(({ key }) => key === 'year')!;
  const { touches, byKind } = yearShape({ ...year.cadence, beats: beatsOf(year) }, start, WEEKDAYS);
  expect(byKind.length).toBeGreaterThanOrEqual(5);
  expect(touches.length).toBeGreaterThanOrEqual(16);
  const months = Array.from({ length: 13 }, (_, m) =>
    byKind.reduce((sum, kind) => sum + kind.months[m]!, 0),
  );
  for (const month of months.slice(1, 12)) {
    expect(month).toBeGreaterThanOrEqual(1);
    expect(month).toBeLessThanOrEqual(4);
  }
});

test('timings and rhythms are said as people say them', () => {
  expect([
    timingWords({ on: 'after', days: 30 }),
    timingWords({ on: 'date', month: 5, day: 4 }),
    timingWords({ on: 'weekday', month: 11, nth: 2, weekday: 4 }),
    timingWords({ on: 'weekday', month: 5, nth: -1, weekday: 5 }),
    timingWords({ on: 'around', date: 'birthday', days: -7 }),
    timingWords({ on: 'around', date: 'birthday', days: 0 }),
  ]).toEqual([
    'day 31',
    'May 4',
    'second Thursday of November',
    'last Friday of May',
    '7 days before their birthday',
    'on their birthday',
  ]);
  const quarterly = PATTERNS.find(({ key }) => key === 'quarterly')!;
  expect(rhythmWords({ ...quarterly.cadence, beats: beatsOf(quarterly) })).toBe(
    '3 beats every 91 days, without end',
  );
});
