import { newId } from './ids';

// RFC 9562, appendix A.6: the time of its example UUIDv7 is 2022-02-22 19:22:22 GMT.
test('carry their time in the first 48 bits', () => {
  expect(newId(Date.parse('2022-02-22T19:22:22Z')).slice(0, 13)).toBe('017f22e2-79b0');
});

test('are UUIDs of version 7 (RFC 9562) that sort by the time they were made', () => {
  const ids = Array.from({ length: 10_000 }, () => newId(1_700_000_000_000));
  const uuid7 = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
  expect(ids.every((id) => uuid7.test(id))).toBe(true);
  expect([...ids].sort()).toEqual(ids);
  expect(new Set(ids).size).toBe(ids.length);
  expect(newId(1_900_000_000_000) > ids.at(-1)!).toBe(true);
});

test('go on from the latest when the clock is set back', () => {
  const late = newId(2_000_000_000_000);
  expect(newId(1_000_000_000_000) > late).toBe(true);
});
