import {
  changeGreeting,
  greetTogether,
  listGreetings,
  type GreetingShown,
} from '@/contract/greetings';
import { plainDate } from '@/core/time';
import { almanacServer } from '@/testing/almanac-screens';
import * as sample from '@/testing/samples';
import { choose, press, screen, show, TODAY, type, widen } from '@/testing/screen';

import { GreetingsScreen } from './greetings-screen';

const day = plainDate;
const DONE = { actionId: sample.id(99), sentence: 'Done so', topics: [] };

const greeting = (change: Partial<GreetingShown> = {}): GreetingShown => ({
  key: 'greet:a',
  personId: sample.id(1),
  name: 'Ana Birch',
  withNames: [],
  occasion: 'birthday',
  what: 'turns 50',
  on: day('2026-11-28'),
  kind: 'card',
  way: 'hand',
  state: 'planned',
  by: day('2026-11-25'),
  planned: day('2026-11-24'),
  sentence: 'Written by Wednesday, it is there in time.',
  instead: ['text'],
  words: 'Happy fifty',
  ownWords: false,
  messageId: null,
  ...change,
});

describe('greetings ahead', () => {
  const answer = (greetings: GreetingShown[], change: object = {}) => ({
    today: TODAY,
    total: greetings.length,
    greetings,
    leftOutCount: 0,
    leftOut: [],
    near: [],
    totals: sample.greetingTotals(),
    rules: 1,
    ...change,
  });
  const open = (greetings: GreetingShown[], change: object = {}) => {
    const asked = almanacServer()
      .answer(listGreetings, answer(greetings, change))
      .answer(changeGreeting, DONE)
      .answer(greetTogether, DONE);
    show(<GreetingsScreen />);
    return asked;
  };

  test('one is looked at, given other words, another way, and dropped', async () => {
    const asked = open([greeting()]);
    await screen.findByText('A card, on your desk tomorrow');
    await press(/^Edit the greeting: Ana Birch/);
    await type('Words, as its rule says them', 'Fifty, Ana');
    await press('Keep these words');
    await choose('The way it goes', 'text');
    await press('Drop this greeting');
    expect(asked.sent(changeGreeting)).toEqual([
      { key: 'greet:a', words: 'Fifty, Ana' },
      { key: 'greet:a', kind: 'text' },
      { key: 'greet:a', dropped: true },
    ]);
  });

  test('what was dropped is taken up again; what is under Out leads there', async () => {
    const asked = open([
      greeting({ state: 'dropped' }),
      greeting({
        key: 'greet:b',
        name: 'Bo',
        state: 'out',
        way: 'auto',
        kind: 'email',
        messageId: sample.id(8),
      }),
    ]);
    await press(/^Edit the greeting: Ana Birch/);
    await press('Take it up again');
    expect(asked.sent(changeGreeting)[0]).toEqual({ key: 'greet:a', dropped: false });
    await press(/^Edit the greeting: Bo/);
    expect(screen.getByRole('link', { name: 'Its message under Out' }).getAttribute('href')).toBe(
      `/out/${sample.id(8)}`,
    );
  });

  test('two birthdays of a home are asked about once, and who is left out is said', async () => {
    widen(1280);
    const who = (n: number, name: string, on: string) => ({
      personId: sample.id(n),
      name,
      on: day(on),
    });
    const asked = open([greeting()], {
      near: [
        {
          householdId: sample.id(7),
          first: who(1, 'Dana', '2026-12-01'),
          second: who(2, 'Lee', '2026-12-04'),
        },
      ],
      leftOutCount: 1,
      leftOut: [
        {
          key: 'greet:n',
          personId: sample.id(3),
          name: 'Nora',
          on: day('2026-12-02'),
          what: 'birthday',
          occasion: 'birthday',
          why: 'said_no',
          sentence: 'They said no to post.',
        },
      ],
    });
    await screen.findByText('Wed, Dec 2: birthday. They said no to post.');
    await press('One greeting for Dana and Lee');
    expect(asked.sent(greetTogether)).toEqual([{ together: true }]);
  });

  test('without a rule it says where one is made', async () => {
    open([], { rules: 0 });
    await screen.findByText('Nobody is greeted yet');
    screen.getByRole('link', { name: 'To the rules' });
  });
});
