import { plainDate, toDayNumber } from '@/core/time';

import { BEAT, beatKey, beatReason } from '@/core/enrolments';
import { FOLLOW_UP, followUpReason } from '@/core/follow-ups';
import { SOURCES } from '@/core/sources';

import {
  KEEPER,
  keeperReason,
  letGoReason,
  movedReason,
  type Cause,
  type PlannedTouch,
  type PlanItem,
  type ReasonFacts,
} from '.';

const today = plainDate('2026-11-23'); // a Monday
const now = toDayNumber(today);

interface Facts extends ReasonFacts {
  cadenceName: string;
  followUpWords: string;
}

const facts: Facts = {
  cadenceName: 'Quarterly',
  followUpWords: '',
  promiseDays: 60,
  due: now + 4,
  last: { kind: 'call', outcome: 'reached', on: plainDate('2026-09-28') },
  today,
};

const item = (change: Partial<PlanItem>): PlanItem => ({
  key: beatKey('e', 'b', 0),
  source: BEAT,
  personId: 'ana',
  kind: 'call',
  nominal: now,
  earliest: now,
  wanted: now,
  latest: now + 4,
  letGo: Infinity,
  fixed: false,
  hold: 1,
  group: 'c',
  ...change,
});

/** The whole of what is said: the reason of the source, and why it moved. */
function sentence(touch: PlannedTouch, all: Facts): string {
  const { item } = touch;
  const why =
    item.source === BEAT
      ? beatReason(item, all.cadenceName)
      : item.source === FOLLOW_UP
        ? followUpReason(item, all.followUpWords, all.today)
        : keeperReason(all);
  return (
    why +
    movedReason(
      touch,
      all,
      SOURCES.find(({ name }) => name === item.source),
    )
  );
}

const say = (
  change: Partial<PlanItem>,
  cause: Cause = 'as_asked',
  more: Partial<Facts> = {},
  day = now,
) =>
  sentence(
    {
      item: item(change),
      day,
      late: false,
      cause,
      ...(cause === 'distance'
        ? { yieldsTo: { personId: 'ana', kind: 'text' as const, day: now - 3 } }
        : {}),
    },
    { ...facts, ...more },
  );

const keeper = { source: KEEPER };

test.each([
  ['a beat', say({}), 'Quarterly: call.'],
  ['a later round', say({ key: beatKey('e', 'b', 2) }), 'Quarterly, round three: call.'],
  [
    'a beat from a day off',
    say({ nominal: now - 2 }, 'day_off'),
    'Quarterly: call. Moved from last Saturday, a day off.',
  ],
  [
    'a beat that found no room',
    say({ wanted: now - 3 }, 'full'),
    'Quarterly: call. Wanted last Friday; the days before were full.',
  ],
  [
    'a beat too close to another',
    say({}, 'distance'),
    'Quarterly: call. Moved to keep its distance from the text last Friday.',
  ],
  [
    'a beat too close to one at the same home',
    say({}, 'distance', { homeName: 'Lee' }),
    'Quarterly: call. Moved to keep its distance from the text to Lee, at the same home, last Friday.',
  ],
  ['what was put off', say({}, 'put_off'), 'Quarterly: call. You put it off until now.'],
  [
    'a promise running out',
    say(keeper),
    'The promise of 60 days runs out Friday; you were last in touch 56 days ago.',
  ],
  [
    'a promise run out',
    say(keeper, 'full', { due: now - 2 }),
    'Past the promise since last Saturday; you were last in touch 56 days ago.',
  ],
  [
    'a promise run out whose turn is later',
    say(keeper, 'full', { due: now - 2 }, now + 3),
    'Past the promise since last Saturday; you were last in touch 56 days ago. The days before are full.',
  ],
  [
    'somebody new',
    say(keeper, 'early', { last: null }),
    'The promise of 60 days runs out Friday; you have not been in touch yet. Brought forward because the days ahead are full.',
  ],
  [
    'a follow-up',
    say({ source: FOLLOW_UP, nominal: now }, 'as_asked', { followUpWords: 'the rate review' }),
    'You meant to follow up today: the rate review.',
  ],
  [
    'a follow-up without words',
    say({ source: FOLLOW_UP, nominal: now - 1 }, 'day_off'),
    'You meant to follow up yesterday.',
  ],
])('%s', (_, said, sentence) => {
  expect(said).toBe(sentence);
});

test('a beat that finds no day says which touch it yields to, or that the days are full', () => {
  const beat = item({ letGo: now + 8 });
  const yieldsTo = { personId: 'lee', kind: 'card' as const, day: now + 3 };
  expect(letGoReason({ item: beat, yieldsTo }, { today, homeName: 'Lee' })).toBe(
    'Too near to the card to Lee, at the same home, Thursday, until it makes no sense after November 30.',
  );
  expect(letGoReason({ item: beat }, { today })).toBe(
    'The days are full until November 30; after that it makes no sense any more.',
  );
});
