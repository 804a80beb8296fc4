import { plainDate } from '@/core/time';

import { whatToTalkAbout, type TalkSource } from '.';

const today = plainDate('2026-11-23');
const source = (change: Partial<TalkSource>): TalkSource => ({
  reached: true,
  lastWords: { on: today, words: 'Met at the market' },
  looks: [],
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

test('what they opened, and where they followed it to, is told as people name it', () => {
  const looks = [
    { subject: 'Rates this fall', on: plainDate('2026-11-20'), link: '' },
    {
      subject: 'Boat show',
      on: today,
      link: 'https://www.example.com/boats/?from=letter#top',
    },
  ];
  expect(whatToTalkAbout(source({ lastWords: null, looks }), today)).toEqual([
    { about: 'Opened lately', words: '“Rates this fall” (3 days ago)' },
    { about: 'Opened lately', words: '“Boat show” and its link to example.com/boats (today)' },
  ]);
});
