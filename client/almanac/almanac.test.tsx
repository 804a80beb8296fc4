import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import { datesOfPerson, hush, type DateShown } from '@/contract/greetings';
import { addDays, plainDate } from '@/core/time';
import { almanacServer } from '@/testing/almanac-screens';
import * as sample from '@/testing/samples';
import {
  choose,
  expectWaiting,
  press,
  screen,
  show,
  TODAY,
  waitFor,
  widen,
} from '@/testing/screen';

import { AlmanacScreen } from './almanac-screen';
import { PersonDates } from './person-dates';

const day = plainDate;
const DONE = { actionId: sample.id(99), sentence: 'Done so', topics: [] };

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
  const open = () => almanacServer().answer(getAlmanac, month);

  test('on its way, and away', () =>
    expectWaiting(<AlmanacScreen />, almanacServer(), getAlmanac, {
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

test('on the sheet: when each date is next, and that they are not greeted on it', async () => {
  const { personId: _, name: __, ...shown } = date();
  const asked = almanacServer()
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
