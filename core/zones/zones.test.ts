import { instantOf, isTimeZone, todayIn } from '.';
import { plainDate } from '@/core/time';

const utc = (text: string) => Date.parse(text);

describe('zones', () => {
  test('the day differs around the world at one instant', () => {
    const at = utc('2026-11-23T07:30:00Z');
    expect(todayIn('America/Los_Angeles', at)).toBe('2026-11-22');
    expect(todayIn('Europe/Berlin', at)).toBe('2026-11-23');
    expect(todayIn('Pacific/Kiritimati', at)).toBe('2026-11-23');
    expect(todayIn('Pacific/Kiritimati', utc('2026-11-23T10:00:00Z'))).toBe('2026-11-24');
  });

  // United States clock changes of 2026: second Sunday of March, first Sunday of November
  // (15 U.S.C. 260a), from memory.
  test('a time that a clock change skips moves forward', () => {
    const at = instantOf(plainDate('2026-03-08'), '02:30', 'America/Los_Angeles');
    expect(new Date(at).toISOString()).toBe('2026-03-08T10:30:00.000Z'); // 03:30 PDT
  });

  test('a time that happens twice is the first of the two', () => {
    const at = instantOf(plainDate('2026-11-01'), '01:30', 'America/Los_Angeles');
    expect(new Date(at).toISOString()).toBe('2026-11-01T08:30:00.000Z'); // still PDT
  });

  test('the day goes on through both changes', () => {
    for (const [at, day] of [
      ['2026-03-08T09:59:59Z', '2026-03-08'],
      ['2026-03-09T06:59:59Z', '2026-03-08'],
      ['2026-03-09T07:00:00Z', '2026-03-09'],
      ['2026-11-02T07:59:59Z', '2026-11-01'],
      ['2026-11-02T08:00:00Z', '2026-11-02'],
    ] as const)
      expect(todayIn('America/Los_Angeles', utc(at))).toBe(day);
  });

  test('names of zones are checked', () => {
    expect(isTimeZone('America/New_York')).toBe(true);
    expect(isTimeZone('Port/Ellery')).toBe(false);
  });
});
