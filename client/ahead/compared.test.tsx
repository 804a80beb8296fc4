import type { Outlook } from '@/contract/planner';

import { compared, leastSentence } from './compared';

const outlook = (change: Partial<Outlook>): Outlook => ({
  capacity: 9,
  promises: 240,
  overdue: [],
  overdueCount: 0,
  caughtUpOn: null,
  weeks: [],
  slips: [],
  slipCount: 12,
  letGo: 4,
  letGoFirst: [],
  leastCapacity: 13,
  unkeepable: 0,
  ...change,
});

test.each([
  [
    'better',
    outlook({ slipCount: 0 }),
    'None of 240 promises would run out, instead of 12. 13 touches a working day would keep them all.',
  ],
  [
    'worse, with beats that find no day',
    outlook({ slipCount: 30, letGo: 9 }),
    '30 of 240 promises would run out, where it is now 12. 13 touches a working day would keep them all. 5 more beats would find no day.',
  ],
  [
    'the same',
    outlook({}),
    'The same: 12 of 240 promises would run out. 13 touches a working day would keep them all.',
  ],
])('an outcome that is %s is said beside the one that is', (_, then, sentence) => {
  expect(compared(outlook({}), then)).toBe(sentence);
});

test('promises that no number of touches would keep are told apart', () => {
  expect(leastSentence(outlook({ unkeepable: 2, leastCapacity: 1 }))).toBe(
    '2 would run out with any number of touches: your days off or other limits, what you put off, or the distance between touches leave no day in time. 1 touch a working day would keep the others.',
  );
});
