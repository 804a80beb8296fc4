import { plainDate, toDayNumber, toPlainDate } from '@/core/time';
import { longestKept, standingSentence, type LastMade } from '@/core/touches';

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
  thanksFor: string | null;
}

const facts: Facts = {
  cadenceName: 'Quarterly',
  followUpWords: '',
  thanksFor: null,
  promiseDays: 60,
  due: now + 4,
  last: { kind: 'call', outcome: 'reached', on: plainDate('2026-09-28'), hold: 1 },
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
        ? followUpReason(item, { words: all.followUpWords, thanksFor: all.thanksFor }, all.today)
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
    'a beat that found no room on days when the desk was opened',
    say({ wanted: now - 3 }, 'full', { openedOn: plainDate('2026-11-22') }),
    'Quarterly: call. It was due last Friday and didn’t fit in sooner.',
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
  [
    'a beat that stood on the desk and was not done',
    say({ wanted: now - 3 }, 'full', { stoodOn: plainDate('2026-11-20') }),
    'Quarterly: call. It was on the desk last Friday and is still open.',
  ],
  [
    'a beat of days on which nobody looked',
    say({ wanted: now - 3 }, 'full', { openedOn: plainDate('2026-11-18') }),
    'Quarterly: call. It was due last Friday, and the desk hasn’t been opened since.',
  ],
  [
    'a beat for which a coming day is full',
    say({ wanted: now + 1 }, 'full', { waits: 'full' }, now + 2),
    'Quarterly: call. Moved from tomorrow. No room sooner.',
  ],
  ['what was put off', say({}, 'put_off'), 'Quarterly: call. You put it off until today.'],
  [
    'what is put off until a day to come',
    say({}, 'put_off', {}, now + 4),
    'Quarterly: call. You put it off until Friday.',
  ],
  [
    'nobody answered',
    say({}, 'put_off', { putOffWhy: 'no_answer' }),
    'Quarterly: call. No answer last time.',
  ],
  [
    'they could not talk',
    say({}, 'put_off', { putOffWhy: 'not_now' }),
    'Quarterly: call. Last time wasn’t a good moment.',
  ],
  [
    'what was handed back',
    say({}, 'put_off', { putOffWhy: 'handed_back' }, now + 3),
    'Quarterly: call. You handed it back; Thursday has room.',
  ],
  ['what is done another way keeps its day', say({ kind: 'text' }), 'Quarterly: text.'],
  [
    'a promise running out',
    say(keeper),
    'Your 60-day promise runs out Friday. You were last in touch 56 days ago.',
  ],
  [
    'a promise run out',
    say(keeper, 'full', { due: now - 2 }),
    'Your 60-day promise ran out last Saturday. You were last in touch 56 days ago.',
  ],
  [
    'a promise run out whose turn is later',
    say(keeper, 'full', { due: now - 2, waits: 'full' }, now + 3),
    'Your 60-day promise ran out last Saturday. You were last in touch 56 days ago. No room sooner.',
  ],
  [
    'a promise that half a touch keeps',
    say(keeper, 'as_asked', {
      last: { kind: 'call', outcome: 'left_word', on: plainDate('2026-10-28'), hold: 0.5 },
    }),
    'Your 60-day promise runs out Friday. You were last in touch 26 days ago, which counts half.',
  ],
  [
    'a promise that an earlier touch keeps longer than the last',
    say(keeper, 'as_asked', {
      last: { kind: 'social', outcome: 'done', on: plainDate('2026-11-03'), hold: 0.25 },
      kept: { kind: 'call', outcome: 'reached', on: plainDate('2026-09-28'), hold: 1 },
    }),
    'Your 60-day promise runs out Friday. Your call 56 days ago counts until then.',
  ],
  [
    'a card, for which no moment is a bad one',
    say({ kind: 'card' }, 'put_off', { putOffWhy: 'not_now' }),
    'Quarterly: card.',
  ],
  [
    'a beat that waits for a working day',
    say({ wanted: now + 5 }, 'full', { waits: 'off' }, now + 7),
    'Quarterly: call. Moved from Saturday, a day off.',
  ],
  [
    'a beat that is done before its day',
    say({ wanted: now + 3 }, 'early'),
    'Quarterly: call. Moved up from Thursday, to make room later.',
  ],
  [
    'a promise that a planned touch renews before',
    say(keeper, 'as_asked', { due: now + 40, renewedBy: { kind: 'card', day: now + 19 } }),
    'After the December 12 card, the next is due by January 2, 2027.',
  ],
  [
    'a promise that a touch of this week renews before',
    say(keeper, 'as_asked', { due: now + 40, renewedBy: { kind: 'call', day: now + 3 } }),
    'After Thursday’s call, the next is due by January 2, 2027.',
  ],
  [
    'a first hello that was due',
    say(keeper, 'full', { due: now - 2, last: null }),
    'Your first hello was due last Saturday.',
  ],
  [
    'somebody new',
    say(keeper, 'early', { last: null }),
    'New here. Say hello by Friday. Planned early, to make room later.',
  ],
  [
    'thanks, which nobody meant before',
    say({ source: FOLLOW_UP, nominal: now }, 'as_asked', {
      followUpWords: 'thanks for sending Bo',
      thanksFor: 'Bo',
    }),
    'Thanks for sending Bo.',
  ],
  [
    'a follow-up',
    say({ source: FOLLOW_UP, nominal: now }, 'as_asked', { followUpWords: 'the rate review' }),
    'You meant to follow up today: the rate review.',
  ],
  [
    'a follow-up that was not done',
    say({ source: FOLLOW_UP, nominal: now - 3, wanted: now - 3 }, 'full', {
      followUpWords: 'the rate review',
      stoodOn: plainDate('2026-11-20'),
    }),
    'You meant to follow up last Friday: the rate review.',
  ],
  [
    'a follow-up without words',
    say({ source: FOLLOW_UP, nominal: now - 1 }, 'day_off'),
    'You meant to follow up yesterday.',
  ],
])('%s', (_, said, sentence) => {
  expect(said).toBe(sentence);
});

const on = (days: number) => toPlainDate(now - days);
const promised = (promiseDays: number, slack: number) =>
  ({ kind: 'promised', promiseDays, due: now + slack, slack, warmth: 'steady' }) as const;
const spoke = (days: number): LastMade => ({
  kind: 'call',
  outcome: 'reached',
  on: on(days),
  hold: 1,
});
const leftWord = (days: number): LastMade => ({
  kind: 'call',
  outcome: 'left_word',
  on: on(days),
  hold: 0.5,
});

test.each([
  ['spoken', promised(60, -2), [spoke(62)], 'You last spoke 62 days ago; you promised every 60.'],
  [
    'over, because the last touch counts half',
    promised(180, -59),
    [leftWord(149)],
    'You last left word 149 days ago; that keeps half of the 180 days you promised, so it ran out September 25.',
  ],
  [
    'an earlier conversation keeps it longer than the last word',
    promised(180, 160),
    [leftWord(10), spoke(20)],
    'You last left word 10 days ago; the call 20 days ago keeps the promise of 180 days.',
  ],
  [
    'half a touch that came later keeps it longer',
    promised(180, 50),
    [leftWord(40), spoke(150)],
    'You last left word 40 days ago; that keeps half of the 180 days you promised, so it runs out January 12, 2027.',
  ],
  [
    'nothing promised',
    { kind: 'none' } as const,
    [spoke(9)],
    'You last spoke 9 days ago; nothing is promised.',
  ],
  [
    'never touched',
    promised(60, 4),
    [],
    'Here since last Friday, not touched yet; you promised every 60.',
  ],
])('where somebody stands: %s', (_, standing, made, sentence) => {
  const promise = standing.kind === 'promised' ? standing.promiseDays : null;
  const kept = longestKept(made, promise);
  expect(standingSentence(standing, made[0] ?? null, kept, on(3), today)).toBe(sentence);
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
