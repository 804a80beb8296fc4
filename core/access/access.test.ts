import { deviceName, waitAfter } from '.';

// User agents as the makers of the browsers publish their form (MDN, "User-Agent", examples from memory).
test.each([
  ['Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0', 'Firefox on Linux'],
  [
    'Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.5 Safari/605.1.15',
    'Safari on Mac',
  ],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 17_5 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) CriOS/126.0 Mobile/15E148 Safari/604.1',
    'Chrome on iPhone',
  ],
  [
    'Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/126.0 Safari/537.36 Edg/126.0',
    'Edge on Windows',
  ],
  [
    'Mozilla/5.0 (Linux; Android 14; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/126.0 Mobile Safari/537.36',
    'Chrome on Android',
  ],
  ['curl/8.5.0', 'Unknown'],
  ['', 'Unknown'],
])('%s is called %s', (agent, name) => expect(deviceName(agent)).toBe(name));

test('a few slips cost nothing, and no wait is longer than half a minute', () => {
  expect([0, 1, 4].map(waitAfter)).toEqual([0, 0, 0]);
  expect([5, 6, 7].map(waitAfter)).toEqual([1_000, 2_000, 4_000]);
  expect([10, 50, 5_000].map(waitAfter)).toEqual([30_000, 30_000, 30_000]);
});
