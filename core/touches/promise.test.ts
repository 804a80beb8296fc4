import fc from 'fast-check';

import { plainDate, toDayNumber } from '@/core/time';

import {
  completes,
  DEFAULT_HOLDS,
  dueDay,
  expectedHold,
  holdOf,
  keptDays,
  outcomesOf,
  slackWords,
  standingOf,
  standingSentence,
  TOUCH_KINDS,
  warmthOf,
} from '.';

const added = 1000;
const input = { promiseDays: 60, lastTouches: [], addedOn: added, graceDays: 14 };

describe('when a promise runs out', () => {
  test('somebody never touched is due after the grace', () => {
    expect(dueDay(input)).toBe(1014);
  });

  test('a conversation keeps all of it, a voicemail half, an attempt nothing', () => {
    expect(dueDay({ ...input, lastTouches: [{ hold: 1, on: 2000 }] })).toBe(2060);
    expect(dueDay({ ...input, lastTouches: [{ hold: 0.5, on: 2000 }] })).toBe(2030);
    expect(dueDay({ ...input, lastTouches: [{ hold: 0, on: 2000 }] })).toBe(1014);
  });

  test('a later voicemail does not shorten what a conversation keeps', () => {
    const lastTouches = [
      { hold: 1, on: 2000 },
      { hold: 0.5, on: 2010 },
    ];
    expect(dueDay({ ...input, lastTouches })).toBe(2060);
  });

  test('nothing promised is never due', () => {
    expect(
      dueDay({ ...input, promiseDays: null, lastTouches: [{ hold: 1, on: 2000 }] }),
    ).toBeNull();
  });

  test('one more touch never makes it run out earlier', () => {
    const touch = fc.record({
      hold: fc.constantFrom(0, 0.25, 0.5, 0.75, 1),
      on: fc.integer({ min: 1000, max: 3000 }),
    });
    fc.assert(
      fc.property(
        fc.array(touch, { minLength: 1 }),
        touch,
        fc.integer({ min: 1, max: 400 }),
        (list, more, promiseDays) => {
          fc.pre(list.some(({ hold }) => hold > 0));
          const before = dueDay({ ...input, promiseDays, lastTouches: list })!;
          expect(
            dueDay({ ...input, promiseDays, lastTouches: [...list, more] })!,
          ).toBeGreaterThanOrEqual(before);
        },
      ),
    );
  });

  test('shares of a promise round half up, exactly, for holds with two decimals', () => {
    expect(keptDays(0.5, 45)).toBe(23);
    expect(keptDays(0.29, 50)).toBe(15); // 14.5, which binary fractions would make 14.49…
    expect(keptDays(1, 180)).toBe(180);
  });
});

describe('warmth', () => {
  test.each([
    [31, 'fresh'],
    [30, 'steady'],
    [13, 'steady'],
    [12, 'soon'],
    [0, 'soon'],
    [-1, 'slipping'],
    [-30, 'slipping'],
    [-31, 'quiet'],
  ] as const)('slack %i of 60 is %s', (slack, warmth) => {
    expect(warmthOf(slack, 60)).toBe(warmth);
  });
});

describe('holds and outcomes', () => {
  test('every outcome that completes a kind has a hold; those that reach nobody have none', () => {
    for (const kind of TOUCH_KINDS)
      for (const outcome of outcomesOf(kind)) {
        if (completes(outcome)) expect(DEFAULT_HOLDS[kind][outcome]).toBeGreaterThan(0);
        else expect(holdOf(kind, outcome)).toBe(0);
      }
  });

  test('a plan counts on what the kind holds when it comes off', () => {
    expect(expectedHold('call')).toBe(1);
    expect(expectedHold('text')).toBe(0.5);
    expect(expectedHold('social')).toBe(0.25);
  });
});

describe('sentences', () => {
  const today = plainDate('2026-11-23');
  const on = plainDate('2026-09-22');
  const standing = standingOf({ promiseDays: 60, due: toDayNumber(on) + 60 }, toDayNumber(today));

  test('where things stand', () => {
    const text = { kind: 'text', outcome: 'sent', on, hold: 1 } as const;
    expect(standingSentence(standing, text, text, on, today)).toBe(
      'You last texted 62 days ago; you promised every 60.',
    );
    expect(standingSentence({ kind: 'none' }, null, null, today, today)).toBe(
      'Here since today, not touched yet; nothing is promised.',
    );
  });

  test.each([
    [0, 'Due today'],
    [1, '1 day left'],
    [33, '33 days left'],
    [-1, 'One day over'],
    [-2, 'Two days over'],
    [-71, '71 days over'],
  ])('slack %i is “%s”', (slack, words) => {
    expect(slackWords(slack)).toBe(words);
  });
});
