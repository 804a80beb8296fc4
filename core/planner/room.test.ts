import { plainDate, toDayNumber } from '@/core/time';

import type { PlanItem } from './items';
import { roomiestDay } from './room';
import type { PlannedTouch } from './types';

// A Monday.
const TODAY = toDayNumber(plainDate('2026-11-02'));
const options = {
  today: TODAY,
  calendar: { workingDays: [1, 2, 3, 4, 5] as const, daysOff: new Set([TODAY + 3]) },
};
const item = (change: Partial<PlanItem> = {}): PlanItem => ({
  key: 'keep:a:1',
  source: 'keep',
  personId: 'a',
  kind: 'call',
  nominal: TODAY + 4,
  earliest: TODAY - 3,
  wanted: TODAY,
  latest: TODAY + 4,
  letGo: Infinity,
  fixed: false,
  hold: 1,
  ...change,
});
/** So many touches on each of the days after today. */
const touches = (...load: number[]): PlannedTouch[] =>
  load.flatMap((n, at) =>
    Array.from({ length: n }, (_, i) => ({
      item: item({ key: `other:${at}:${i}`, personId: `b${i}` }),
      day: TODAY + 1 + at,
      late: false,
      cause: 'as_asked' as const,
    })),
  );

test('what is handed back goes where most room is, the earlier of equals', () => {
  expect(roomiestDay({ touches: touches(5, 2, 0, 2) }, options, item())).toBe(TODAY + 2);
});

test('days off have no room, and a promise is not broken for an emptier day', () => {
  // Thursday is off, Friday the last day of the promise, the Monday after empty.
  expect(roomiestDay({ touches: touches(5, 5, 0, 4) }, options, item())).toBe(TODAY + 4);
});

test('a beat comes before the next one is due, what is late within a week', () => {
  const beat = item({ source: 'beat', latest: TODAY + 1, letGo: TODAY + 3 });
  expect(roomiestDay({ touches: touches(5, 4) }, options, beat)).toBe(TODAY + 2);
  const late = item({ latest: TODAY - 9 });
  expect(roomiestDay({ touches: touches(5, 4, 0, 3) }, options, late)).toBe(TODAY + 7);
});

test('it does not count against itself, and needs no working day in its window', () => {
  const own: PlannedTouch = { item: item(), day: TODAY + 1, late: false, cause: 'as_asked' };
  expect(roomiestDay({ touches: [own, ...touches(0, 1, 0, 1)] }, options, item())).toBe(TODAY + 1);
  const weekend = { ...options, today: TODAY + 4 };
  expect(roomiestDay({ touches: [] }, weekend, item({ latest: TODAY + 5 }))).toBe(TODAY + 7);
  const never = { ...options, calendar: { workingDays: [], daysOff: new Set<number>() } };
  expect(roomiestDay({ touches: [] }, never, item())).toBe(TODAY + 1);
});
