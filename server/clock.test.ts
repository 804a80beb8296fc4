import { plainDate } from '@/core/time';

import { createClock, setToday } from './clock';
import { readConfig } from './config';

describe('the clock', () => {
  test('tells the owner’s day, not the machine’s', () => {
    const at = () => Date.parse('2026-11-24T06:30:00Z');
    expect(createClock('America/Los_Angeles', at).today()).toBe('2026-11-23');
    expect(createClock('Europe/Berlin', at).today()).toBe('2026-11-24');
  });

  test('can be set to any day, and goes on from there', () => {
    let now = Date.parse('2026-11-23T20:00:00Z');
    const clock = createClock('America/Los_Angeles', () => now);
    setToday(clock, plainDate('2028-02-28'));
    expect(clock.today()).toBe('2028-02-28');
    expect(clock.now().slice(0, 10)).toBe('2028-02-28');
    now += 24 * 3_600_000;
    expect(clock.today()).toBe('2028-02-29');
  });

  test('a shifted day is not moved by a clock change on the way', () => {
    // 23:30 in summer time, shifted into winter.
    const clock = createClock('America/Los_Angeles', () => Date.parse('2026-07-02T06:30:00Z'));
    setToday(clock, plainDate('2026-12-01'));
    expect(clock.today()).toBe('2026-12-01');
  });
});

describe('the command line', () => {
  test('begins with this machine only, on port 4310, with the owner’s own data', () => {
    expect(readConfig([], {})).toMatchObject({
      host: '127.0.0.1',
      port: 4310,
      dataDir: 'data/own',
      databaseUrl: null,
      mode: 'own',
      today: null,
    });
  });

  test('the demo has data of its own; --empty begins without it', () => {
    expect(readConfig(['--demo'], {})).toMatchObject({ mode: 'demo', dataDir: 'data/demo' });
    expect(readConfig(['--demo', '--empty'], {})).toMatchObject({
      mode: 'own',
      dataDir: 'data/own',
    });
  });

  test('what is given wins over the environment', () => {
    const env = {
      PENPAL_PORT: '5000',
      PENPAL_DATA: '/srv/penpal',
      PENPAL_DATABASE_URL: 'postgres://db',
    };
    expect(readConfig(['--port', '6000'], env)).toMatchObject({
      port: 6000,
      dataDir: '/srv/penpal',
      databaseUrl: 'postgres://db',
    });
  });

  test.each([
    [['--port', 'x'], '“x” is not a port. Choose one from 1024 to 65535.'],
    [['--today', '2025-02-29'], '“2025-02-29” is not a day. Write it as 2026-11-23.'],
    [['--nonsense'], /Unknown option '--nonsense'/],
  ])('%j is refused', (argv, sentence) => {
    expect(() => readConfig(argv, {})).toThrow(sentence);
  });
});
