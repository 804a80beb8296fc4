import { verdictOn, waitAfter } from '.';

test('attempts come ever later, and end', () => {
  const waits = [1, 2, 3, 4, 5].map((attempts) => waitAfter(attempts)!);
  expect(waits).toEqual(waits.toSorted((a, b) => a - b));
  expect(waits[0]).toBe(5 * 60_000);
  expect(waitAfter(6)).toBeNull();
});

// RFC 9110: 408 Request Timeout; RFC 6585: 429 Too Many Requests.
test.each([
  [200, 'delivered'],
  [204, 'delivered'],
  [301, 'refused'],
  [400, 'refused'],
  [408, 'again'],
  [410, 'refused'],
  [429, 'again'],
  [500, 'again'],
  [503, 'again'],
  [null, 'again'],
] as const)('an answer of %s means: %s', (status, verdict) => {
  expect(verdictOn(status)).toBe(verdict);
});
