import { plainDate } from '@/core/time';

import { whatToTalkAbout, type TalkSource } from '.';

const today = plainDate('2026-11-23');
const source = (change: Partial<TalkSource>): TalkSource => ({
  reached: true,
  lastWords: { on: today, words: 'Met at the market' },
  pinned: [],
  followUps: [],
  ties: [],
  birthday: null,
  dates: [],
  jobs: [],
  interests: [],
  ...change,
});

test('of somebody who was never reached there is a note, and no last time', () => {
  expect(whatToTalkAbout(source({ reached: false }), today)[0]).toEqual({
    about: 'Latest note',
    words: 'Met at the market (today)',
  });
  expect(whatToTalkAbout(source({}), today)[0]!.about).toBe('Last time');
});
