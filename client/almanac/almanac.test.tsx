import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import {
  addRule,
  changeGreeting,
  datesOfPerson,
  greetTogether,
  hush,
  listGreetings,
  listOccasions,
  listRules,
  orderRules,
  tryRule,
  type DateShown,
  type GreetingRuleShown,
  type GreetingShown,
} from '@/contract/greetings';
import { readLists } from '@/contract/lists';
import { getSettings } from '@/contract/settings';
import { listTemplates } from '@/contract/templates';
import { listViews } from '@/contract/views';
import { addDays, plainDate } from '@/core/time';
import * as sample from '@/testing/samples';
import {
  choose,
  expectWaiting,
  fakeServer,
  press,
  screen,
  show,
  TODAY,
  type,
  waitFor,
  widen,
} from '@/testing/screen';

import { AlmanacScreen } from './almanac-screen';
import { GreetingsScreen } from './greetings-screen';
import { PersonDates } from './person-dates';
import { RulesScreen } from './rules-screen';

const day = plainDate;
const totals = { greetings: 2, days: 2, minutes: 16, costMinor: 600, most: null };
const DONE = { actionId: sample.id(99), sentence: 'Done so', topics: [] };

const server = () =>
  fakeServer()
    .answer(getSettings, sample.settings())
    .answer(readLists, sample.lists())
    .answer(listViews, { views: [] })
    .answer(listTemplates, { templates: [] })
    .answer(listOccasions, {
      occasions: [
        { occasion: 'birthday', name: 'birthday', people: 12, next: null },
        { occasion: 'holiday.hanukkah', name: 'Hanukkah', people: 20, next: day('2026-12-05') },
      ],
    });

const date = (change: Partial<DateShown> = {}): DateShown => ({
  personId: sample.id(1),
  name: 'Ana Birch',
  occasion: 'birthday',
  dateKey: 'birthday',
  what: 'turns 50',
  round: true,
  hushed: false,
  greeting: {
    key: 'greet:a',
    kind: 'card',
    way: 'hand',
    state: 'planned',
    by: day('2026-11-25'),
    instead: null,
    withNames: [],
  },
  ...change,
});

/** November of 2026 in whole weeks, with some dates on its days. */
const november = (dates: Record<string, DateShown[]>) => {
  const first = day('2026-10-26');
  return {
    today: TODAY,
    total: Object.values(dates).flat().length,
    days: Array.from({ length: 42 }, (_, i) => {
      const on = addDays(first, i);
      return {
        on,
        holidays: on === '2026-11-26' ? [{ name: 'Thanksgiving Day', toGreet: 2 }] : [],
        dates: dates[on] ?? [],
        writeBy: on === '2026-11-25' ? 1 : 0,
        costMinor: on === '2026-11-28' ? 300 : 0,
      };
    }),
  };
};

describe('the almanac', () => {
  const month = november({
    '2026-11-28': [
      date(),
      date({ personId: sample.id(2), name: 'Bo', greeting: null, what: 'birthday' }),
    ],
    '2026-11-03': [
      date({
        personId: sample.id(3),
        name: 'Cy',
        greeting: { ...date().greeting!, state: 'made' },
      }),
    ],
  });
  const open = () => server().answer(getAlmanac, month);

  test('on its way, and away', () =>
    expectWaiting(<AlmanacScreen />, server(), getAlmanac, {
      answer: month,
      shows: 'November: 3 dates, 2 with a greeting',
    }));

  test('says what has to be written by when, and which days have dates; what is to come stands first', async () => {
    widen(1280);
    open();
    show(<AlmanacScreen />);
    await screen.findByText('One card to write, the first by Wednesday.');
    screen.getByRole('button', { name: 'Thursday, November 26, Thanksgiving Day, no dates' });
    screen.getByRole('button', {
      name: 'Wednesday, November 25, no dates, last day to write 1 card',
    });
    expect(
      screen.getAllByRole('link', { name: /^(Ana Birch|Bo|Cy)$/ }).map((one) => one.textContent),
    ).toEqual(['Ana Birch', 'Bo', 'Cy']);
    screen.getByText('A card, to be written by Wednesday.');
    screen.getByText('No greeting.');
    screen.getByText('Greeted.');
    await press('Saturday, November 28, 2 dates');
    expect(screen.queryByText('Cy')).toBeNull();
    await press('Tuesday, November 24, no dates');
    screen.getByText('Nothing on November 24.');
  });

  test('earlier, later, a week, a circle: what is asked for', async () => {
    const asked = open();
    show(<AlmanacScreen />);
    await screen.findByRole('heading', { name: /^November/ });
    const last = () => {
      const paths = asked.asked
        .map(({ path }) => path)
        .filter((path) => path.includes('/almanac?'));
      return Object.fromEntries(new URL(paths.at(-1)!, 'http://x').searchParams);
    };
    expect(last()).toEqual({ from: '2026-10-26', to: '2026-12-06' });
    await press('The month after');
    await waitFor(() => expect(last()).toEqual({ from: '2026-11-30', to: '2027-01-03' }));
    await press('Today');
    await press('Week', 'radio');
    await waitFor(() => expect(last()).toEqual({ from: '2026-11-23', to: '2026-11-29' }));
    await choose('Whose dates', 'Circle: Inner');
    await waitFor(() => expect(last()).toMatchObject({ circleIds: expect.any(String) }));
  });

  test('a year by its months, and what it takes', async () => {
    const months = Array.from({ length: 12 }, (_, i) => ({
      dates: i,
      greetings: i === 11 ? 2 : 0,
      costMinor: 0,
    }));
    open().answer(getAlmanacYear, {
      today: TODAY,
      year: 2026,
      dates: Array.from({ length: 365 }, (_, i) => (i === 0 ? 66 : 0)),
      greetings: Array.from({ length: 365 }, (_, i) => (i === 360 ? 2 : 0)),
      holidays: [],
      months,
      occasions: [{ occasion: 'birthday', name: 'birthday', dates: 66 }],
      minutes: 20,
      costMinor: 300,
      planned: true,
    });
    show(<AlmanacScreen />);
    await press('Year', 'radio');
    await screen.findByRole('heading', { name: '2026: 66 dates, 2 greetings ahead' });
    screen.getByText('2 greetings still to come: 20 minutes of your time, and about $3.00.');
    await press('December: 11 dates, 2 greetings. Open the month');
    await screen.findByRole('heading', { name: /^December/ });
  });
});

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
    totals,
    rules: 1,
    ...change,
  });
  const open = (greetings: GreetingShown[], change: object = {}) => {
    const asked = server()
      .answer(listGreetings, answer(greetings, change))
      .answer(changeGreeting, DONE)
      .answer(greetTogether, DONE);
    show(<GreetingsScreen />);
    return asked;
  };

  test('one is looked at, given other words, another way, and dropped', async () => {
    const asked = open([greeting()]);
    await screen.findByText('A card, on your desk tomorrow');
    await press(/^Look at and change the greeting: Ana Birch/);
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
    await press(/^Look at and change the greeting: Ana Birch/);
    await press('Take it up again');
    expect(asked.sent(changeGreeting)[0]).toEqual({ key: 'greet:a', dropped: false });
    await press(/^Look at and change the greeting: Bo/);
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

const rule = (change: Partial<GreetingRuleShown> = {}): GreetingRuleShown => ({
  id: sample.id(1),
  version: 1,
  name: 'birthday',
  occasion: 'birthday',
  circles: [],
  viewId: null,
  years: 'all',
  kind: 'call',
  way: 'hand',
  leadDays: 0,
  dayRule: 'previous',
  subject: '',
  words: 'Happy day',
  templateId: null,
  active: true,
  year: totals,
  ...change,
});

describe('rules', () => {
  const TRIAL = {
    year: { ...totals, most: { on: day('2026-12-24'), greetings: 9 } },
    today: 12,
    leftOutCount: 0,
    leftOut: [],
    first: [
      {
        personId: sample.id(1),
        name: 'Ana Birch',
        on: day('2026-11-28'),
        what: 'turns 50',
        words: 'Happy day, Ana',
      },
    ],
    faults: [],
  };
  const open = (rules: GreetingRuleShown[]) => {
    widen(1280);
    const asked = server()
      .answer(listRules, { today: TODAY, rules, year: totals })
      .answer(tryRule, TRIAL)
      .answer(addRule, { ...DONE, id: sample.id(5) })
      .answer(orderRules, DONE);
    show(<RulesScreen />);
    return asked;
  };

  test('a pattern is taken over, and says what it would bring before it is kept', async () => {
    const asked = open([]);
    await press('Take over: Round birthdays: a card');
    await screen.findByText('Happy day, Ana');
    screen.getByText(
      /^2 greetings on 2 days: 16 minutes of your time and \$6\.00\. The most on one day: 9/,
    );
    // A rule that would greet very many at once says so.
    screen.getByText('12 greetings would be due today already.');
    await press('Greet by this rule');
    expect(asked.sent(addRule)[0]).toMatchObject({
      occasion: 'birthday',
      kind: 'card',
      years: 'round',
    });
  });

  test('cards need a hand, and are there before the day; e-mails may go by themselves', async () => {
    open([]);
    await press('A new rule');
    await choose('By', 'card');
    screen.getByLabelText('There before the day by');
    expect(screen.queryByRole('radio', { name: 'By itself' })).toBeNull();
    await choose('By', 'e-mail');
    await press('By itself', 'radio');
    expect(screen.queryByLabelText('Where the day is not worked')).toBeNull();
  });

  test('the order is changed, since the first that fits greets', async () => {
    const asked = open([rule(), rule({ id: sample.id(2), kind: 'card' })]);
    await screen.findByText('Of several rules that fit somebody’s date, the first one greets.');
    await press('Move up: birthday, card');
    expect(asked.sent(orderRules)[0]).toEqual({ ids: [sample.id(2), sample.id(1)] });
  });
});

test('on the sheet: when each date is next, and that they are not greeted on it', async () => {
  const { personId: _, name: __, ...shown } = date();
  const asked = server()
    .answer(datesOfPerson, {
      never: false,
      dates: [{ ...shown, next: day('2026-11-28'), doubt: 'The year 1850 can’t be right.' }],
    })
    .answer(hush, DONE);
  show(<PersonDates personId={sample.id(1)} />);
  await screen.findByText('Sat, Nov 28: turns 50');
  screen.getByText('The year 1850 can’t be right.');
  await press('Don’t greet on: turns 50');
  await press('Never greet them');
  expect(asked.sent(hush)).toEqual([
    { occasion: 'birthday', hushed: true },
    { occasion: '', hushed: true },
  ]);
});
