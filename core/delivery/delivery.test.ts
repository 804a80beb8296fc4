import { plainDate } from '@/core/time';

import { isTooLate, retryWaitMs } from '.';

const HOUR = 3_600_000;
const due = Date.parse('2026-11-23T18:00:00Z');
const at = (hours: number, today = '2026-11-23') => ({
  ms: due + hours * HOUR,
  today: plainDate(today),
});

describe('too late to send without asking', () => {
  const text = { dueMs: due, goodUntil: null, lateHours: 4 };
  const email = { dueMs: due, goodUntil: null, lateHours: null };
  const birthday = { ...email, goodUntil: plainDate('2026-11-23') };

  test.each([
    ['a text within its hours', text, at(3.9), false],
    ['a text after them', text, at(4.1), true],
    ['an email of yesterday', email, at(30, '2026-11-24'), false],
    ['an email of three days ago', email, at(72, '2026-11-26'), true],
    ['an email of 404 days ago', email, at(404 * 24, '2028-01-01'), true],
    ['a birthday wish on its day', birthday, at(5), false],
    ['a birthday wish the day after', birthday, at(9, '2026-11-24'), true],
  ])('%s', (_, lateness, now, late) => expect(isTooLate(lateness, now)).toBe(late));
});

test('retries come ever later and end after five days (RFC 5321, section 4.5.4.1)', () => {
  const waits: number[] = [];
  for (let since = 0, n = 1; ; n++) {
    const wait = retryWaitMs(n, since);
    if (wait === null) break;
    waits.push(wait);
    since += wait;
  }
  expect(waits).toEqual(waits.toSorted((a, b) => a - b));
  const days = waits.reduce((sum, wait) => sum + wait, 0) / (24 * HOUR);
  expect(days).toBeGreaterThanOrEqual(4);
  expect(days).toBeLessThan(6);
});
