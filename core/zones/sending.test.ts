import fc from 'fast-check';

import { isQuiet, nextSendable, timeIn, todayIn } from '.';

const HOURS = { quietFrom: '21:00', quietUntil: '08:00' };
const never = () => false;
const next = (at: string, zone: string, isFree: (day: string) => boolean = never) => {
  const found = nextSendable(Date.parse(at), { ...HOURS, zone, isFree });
  return found === null ? null : new Date(found).toISOString();
};

// 47 CFR 64.1200 (c)(1): between 8 a.m. and 9 p.m., local time at the called party's location.
test.each([
  ['by day at once', '2026-11-23T17:00:00Z', 'America/Los_Angeles', '2026-11-23T17:00:00.000Z'],
  [
    'late in the evening: the next morning',
    '2026-11-24T05:00:00Z',
    'America/Los_Angeles',
    '2026-11-24T16:00:00.000Z',
  ],
  [
    'before eight: at eight',
    '2026-11-23T11:30:00Z',
    'America/New_York',
    '2026-11-23T13:00:00.000Z',
  ],
  [
    'the same instant elsewhere',
    '2026-11-23T11:30:00Z',
    'Europe/Berlin',
    '2026-11-23T11:30:00.000Z',
  ],
  // Clocks of the United States go back on November 1, 2026: eight is an hour later in UTC.
  [
    'over the night of a clock change',
    '2026-11-01T05:30:00Z',
    'America/Los_Angeles',
    '2026-11-01T16:00:00.000Z',
  ],
  [
    'and of the one in spring',
    '2026-03-08T06:30:00Z',
    'America/Los_Angeles',
    '2026-03-08T15:00:00.000Z',
  ],
])('%s', (_, at, zone, sent) => expect(next(at, zone)).toBe(sent));

test('a time that the clocks skip is the first one after it', () => {
  const hours = { quietFrom: '21:00', quietUntil: '02:30', zone: 'America/Los_Angeles' };
  const at = nextSendable(Date.parse('2026-03-08T07:00:00Z'), { ...hours, isFree: never });
  expect(new Date(at!).toISOString()).toBe('2026-03-08T10:30:00.000Z'); // 03:30 PDT
});

test('free days are passed over, all of them; without any other day there is none', () => {
  const weekend = (day: string) => [0, 6].includes(new Date(day).getUTCDay());
  expect(next('2026-11-28T01:00:00Z', 'America/Los_Angeles', weekend)).toBe(
    '2026-11-28T01:00:00.000Z',
  );
  expect(next('2026-11-28T06:00:00Z', 'America/Los_Angeles', weekend)).toBe(
    '2026-11-30T16:00:00.000Z',
  );
  expect(next('2026-11-23T17:00:00Z', 'America/Los_Angeles', () => true)).toBeNull();
});

test('whenever it is asked, it is no quiet hour, no free day, and nothing before', () => {
  const zones = [
    'America/Los_Angeles',
    'Europe/Berlin',
    'Australia/Lord_Howe',
    'Asia/Kathmandu',
    'Pacific/Apia',
  ];
  const time = fc
    .integer({ min: 0, max: 1439 })
    .map(
      (m) => `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`,
    );
  fc.assert(
    fc.property(
      fc.integer({ min: Date.parse('2026-01-01'), max: Date.parse('2028-01-01') }),
      fc.constantFrom(...zones),
      time,
      time,
      fc.integer({ min: 0, max: 6 }),
      (from, zone, quietFrom, quietUntil, off) => {
        const isFree = (day: string) => new Date(day).getUTCDay() === off;
        const at = nextSendable(from, { zone, quietFrom, quietUntil, isFree })!;
        expect(at).toBeGreaterThanOrEqual(from);
        expect(isFree(todayIn(zone, at))).toBe(false);
        // Where the clocks skip the end of the quiet hours, it is later than that.
        expect(isQuiet(timeIn(zone, at), { quietFrom, quietUntil })).toBe(false);
      },
    ),
    { numRuns: 1000 },
  );
});
