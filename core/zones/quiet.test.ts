import { isQuiet, timeIn, zoneOfAddress } from '.';

const NIGHT = { quietFrom: '21:00', quietUntil: '08:00' };

test.each([
  ['20:59', false],
  ['21:00', true],
  ['23:59', true],
  ['00:00', true],
  ['07:59', true],
  ['08:00', false],
  ['12:00', false],
])('over midnight: %s is quiet, %s', (time, quiet) => {
  expect(isQuiet(time, NIGHT)).toBe(quiet);
});

test('within a day, and not at all', () => {
  const noon = { quietFrom: '12:00', quietUntil: '13:30' };
  expect(['11:59', '12:00', '13:29', '13:30'].map((t) => isQuiet(t, noon))).toEqual([
    false,
    true,
    true,
    false,
  ]);
  expect(isQuiet('03:00', { quietFrom: '00:00', quietUntil: '00:00' })).toBe(false);
});

test('the time of day is that of the zone, through a clock change', () => {
  const at = Date.parse('2026-11-23T14:10:00Z');
  expect(timeIn('America/New_York', at)).toBe('09:10');
  expect(timeIn('America/Los_Angeles', at)).toBe('06:10');
  // United States clock changes of 2026 (15 U.S.C. 260a), from memory: after March 8 an hour later.
  expect(timeIn('America/New_York', Date.parse('2026-03-09T14:10:00Z'))).toBe('10:10');
});

test.each([
  [{ region: 'NY', country: '' }, 'US', 'America/New_York'],
  [{ region: 'hawaii ', country: 'USA' }, 'DE', 'Pacific/Honolulu'],
  [{ region: '', country: 'Germany' }, 'US', 'Europe/Berlin'],
  [{ region: '', country: 'France' }, 'US', 'Europe/Paris'],
  [{ region: '', country: 'fr' }, 'US', 'Europe/Paris'],
  // A state in two zones, a country of many, and one that nobody knows tell nothing.
  [{ region: 'TX', country: '' }, 'US', null],
  [{ region: '', country: 'Australia' }, 'US', null],
  [{ region: '', country: 'Port Ellery' }, 'US', null],
  [{ region: '', country: '' }, '', null],
])('an address tells its zone where it does so for certain: %j in %s', (address, owners, zone) => {
  expect(zoneOfAddress(address, owners)).toBe(zone);
});
