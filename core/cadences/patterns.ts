import type { DayRule } from '@/core/calendar';
import type { TouchKind } from '@/core/touches';

import type { Beat, Cadence } from './cadence';
import { BIRTHDAY, SERVICE, type Timing } from './timing';

/** A ready-made cadence to copy and change. */
export interface Pattern {
  key: string;
  /** Whom it is for, in a few words. */
  forWhom: string;
  /** What it does, in one or two sentences. */
  about: string;
  /** Whether it calls by initials. */
  rota?: boolean;
  cadence: Omit<Cadence, 'id' | 'handOver' | 'beats'> & {
    advice: string;
    beats: readonly Omit<Beat, 'id'>[];
  };
}

const beat = (
  timing: Timing | number,
  kind: TouchKind,
  wordings: string | readonly string[],
  dayRule: DayRule = 'next',
): Omit<Beat, 'id'> => ({
  timing: typeof timing === 'number' ? { on: 'after', days: timing } : timing,
  kind,
  wordings: typeof wordings === 'string' ? [wordings] : wordings,
  dayRule,
  way: 'hand',
});

const date = (month: number, day: number): Timing => ({ on: 'date', month, day });
const before = (name: string, days: number): Timing => ({ on: 'around', date: name, days });

const ASK_FIRST =
  'Text and e-mail only those who said yes to it, and stop at the first no. A call or a card is welcome more often than we think.';

export const PATTERNS: readonly Pattern[] = [
  {
    key: 'first-year',
    forWhom: 'A new client, once the work is done',
    about:
      'The first year decides whether they remember you. Closer together at first, then wider, to the first anniversary.',
    cadence: {
      name: 'The first year after',
      advice: ASK_FIRST,
      rounds: 1,
      gapDays: 0,
      followOn: false,
      beats: [
        beat(2, 'call', 'How did it all go, {{ first_name }}? Is anything still open?'),
        beat(14, 'card', 'Thank you, {{ first_name }}, for the trust. By hand, three lines.'),
        beat(30, 'text', 'A month in, {{ first_name }}. Is there anything I can sort out for you?'),
        beat(90, 'call', 'What do you know now that you would have liked to know before?'),
        beat(180, 'email', 'Half a year on: the one thing worth a look at this point.'),
        beat(270, 'social', 'A word on something they shared lately.'),
        beat(
          364,
          'call',
          'A year already, {{ first_name }}. How has it been, and who else should I be looking after?',
        ),
      ],
    },
  },
  {
    key: 'quarterly',
    forWhom: 'Past clients',
    about:
      'One touch a month in three ways in turn, so that each of them hears your voice once a quarter.',
    cadence: {
      name: 'Past clients, month by month',
      advice: 'Twelve touches a year are few enough for anybody who liked working with you.',
      rounds: null,
      gapDays: 30,
      followOn: false,
      beats: [
        beat(0, 'call', [
          'What has changed since we spoke, {{ first_name }}?',
          'I was thinking of you, {{ first_name }}. What are you busy with these days?',
          'Quick call, nothing to sell: how are you all?',
        ]),
        beat(30, 'social', 'A word on something they shared lately.'),
        beat(61, 'text', [
          'Thinking of you, {{ first_name }}. Anything I can look up for you?',
          'Saw something today that made me think of you, {{ first_name }}. All well?',
        ]),
      ],
    },
  },
  {
    key: 'inner',
    forWhom: 'The few who stand by you',
    about: 'Every three weeks, always in person, and twice a year something in their hand.',
    cadence: {
      name: 'The ones who stand by me',
      advice: 'Never sell in these. Ask, listen, write it down.',
      rounds: null,
      gapDays: 21,
      followOn: true,
      beats: [
        beat(0, 'call', [
          'Coffee this week, {{ first_name }}?',
          'A walk on Friday, {{ first_name }}?',
        ]),
        beat(21, 'text', 'What came of the thing you told me about, {{ first_name }}?'),
        beat(42, 'visit', 'Drop by with something small.'),
        beat(63, 'call', 'Who have you met lately that I should know?'),
        beat(84, 'gift', 'Something chosen for {{ first_name }} alone.'),
      ],
    },
  },
  {
    key: 'source',
    forWhom: 'Those who send you people',
    about:
      'Keeps you in mind with people of other trades, and gives before it asks: every other touch is about their work.',
    cadence: {
      name: 'Those who send people',
      advice: 'Say what became of everybody they sent, as far as those people agree.',
      rounds: null,
      gapDays: 28,
      followOn: false,
      beats: [
        beat(
          0,
          'call',
          'Whom are you looking for at the moment, {{ first_name }}? I keep my ears open.',
        ),
        beat(28, 'email', 'Something from my side of the fence that {{ company }} can use.'),
        beat(56, 'visit', 'Lunch. Their stories first.'),
        beat(84, 'card', 'Thank you, by hand, for one thing they did this quarter.'),
      ],
    },
  },
  {
    key: 'won-back',
    forWhom: 'Quiet people, whom you lost sight of',
    about: 'Four tries in ten weeks, each lighter than the last. Then it ends, without a fuss.',
    cadence: {
      name: 'Picking up the thread',
      advice: 'Begin with a card or a call. After the fourth try leave them in peace.',
      rounds: 1,
      gapDays: 0,
      followOn: false,
      beats: [
        beat(
          0,
          'card',
          'It has been too long, {{ first_name }}, and that is my doing. How are you?',
        ),
        beat(
          10,
          'call',
          'I wrote you a card. I just wanted to hear how you are, {{ first_name }}.',
        ),
        beat(35, 'text', 'No need to answer, {{ first_name }}: I am around if you ever need me.'),
        beat(70, 'email', 'The last from me for now, with my direct number, should you want it.'),
      ],
    },
  },
  {
    key: 'year',
    forWhom: 'Everybody, through the year',
    about:
      'Some two pieces a month on days of the calendar, in mixed kinds. It rolls on by itself; whoever joins midway begins with the next one.',
    cadence: {
      name: 'The year',
      advice: 'Who gets all of these needs little else. Leave out those on a closer cadence.',
      rounds: null,
      gapDays: 0,
      followOn: false,
      beats: [
        beat(date(1, 8), 'call', 'A good new year. What are the plans, {{ first_name }}?'),
        beat(date(1, 26), 'email', 'Papers for the tax year: what to look out for.'),
        beat(date(2, 12), 'text', 'Thinking of you both in the cold, {{ first_name }}.'),
        beat(date(3, 5), 'letter', 'What the last year brought in {{ place }}, on one page.'),
        beat(date(3, 20), 'social', 'First signs of spring: a word on one of theirs.'),
        beat(date(4, 9), 'email', 'Three things to have looked at before the summer.'),
        beat(date(4, 24), 'call', 'How is the house, {{ first_name }}? Does anybody need a hand?'),
        beat(
          { on: 'weekday', month: 5, nth: -1, weekday: 5 },
          'card',
          'Before the long weekend: a card with the good addresses of the season.',
          'previous',
        ),
        beat(date(6, 11), 'text', 'Anything I can look up for you before everybody is away?'),
        beat(date(7, 9), 'social', 'A word on their summer.'),
        beat(date(8, 13), 'email', 'Half of the year in figures, short.'),
        beat(date(9, 10), 'call', 'Back from the summer: what is next, {{ first_name }}?'),
        beat(date(9, 28), 'letter', 'The autumn letter: what I learnt this year.'),
        beat(date(10, 15), 'text', 'Clocks and smoke alarms: the yearly nudge.'),
        beat(
          { on: 'weekday', month: 11, nth: 2, weekday: 4 },
          'card',
          'Thank you for being one of the people I get to work for.',
        ),
        beat(date(12, 10), 'gift', 'Something small, taken round in person where it can be.'),
      ],
    },
  },
  {
    key: 'letters',
    forWhom: 'Everybody, by initial',
    about:
      'Two letters a week call the whole sphere once in 13 weeks. The weeks are made even by the names you have; nobody needs a tag.',
    rota: true,
    cadence: {
      name: 'Once a quarter, by letter',
      advice: 'The calls of a week can be made on any of its days.',
      rounds: null,
      gapDays: 91,
      followOn: false,
      beats: [
        beat(0, 'call', [
          'It is your letter this week, {{ first_name }}: how are you?',
          'Just going through my people, {{ first_name }}. What is new?',
        ]),
      ],
    },
  },
  {
    key: 'referral',
    forWhom: 'Somebody who has just sent you a client',
    about: 'Thanks at once, word of how it went, and thanks again when it is done.',
    cadence: {
      name: 'After somebody sent me a client',
      advice: 'Tell only what the new client is happy to have told.',
      rounds: 1,
      gapDays: 0,
      followOn: false,
      beats: [
        beat(0, 'call', 'Thank you, {{ first_name }}. I will look after them well.'),
        beat(3, 'card', 'By hand: thank you for the trust.'),
        beat(30, 'text', 'They are in good hands, {{ first_name }}. Thank you again.'),
        beat(90, 'gift', 'Something chosen for {{ first_name }}.'),
      ],
    },
  },
  {
    key: 'own-days',
    forWhom: 'Anybody whose dates you know',
    about:
      'A card before the birthday, a call on the day the work was done, whichever of the dates you have.',
    cadence: {
      name: 'Their own days',
      advice: 'A birthday that you know from the papers is not one that they told you.',
      rounds: null,
      gapDays: 0,
      followOn: false,
      beats: [
        beat(before(BIRTHDAY, -6), 'card', 'For your day, {{ first_name }}.', 'previous'),
        beat(before(BIRTHDAY, 0), 'text', 'All good wishes today, {{ first_name }}.', 'nearest'),
        beat(
          before(SERVICE, 0),
          'call',
          'To the day. How has it been, {{ first_name }}?',
          'nearest',
        ),
      ],
    },
  },
];
