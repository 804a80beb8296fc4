import { backoffMs } from './backoff';

test('the wait grows with each failure and never beyond an hour', () => {
  expect([1, 2, 3, 4, 5, 25, 1_000].map((n) => backoffMs(n) / 60_000)).toEqual([
    1, 4, 16, 60, 60, 60, 60,
  ]);
});
