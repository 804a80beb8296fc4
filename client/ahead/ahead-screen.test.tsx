import { act } from '@testing-library/react';

import { listCadences } from '@/contract/cadences';
import {
  cancelTrial,
  getAhead,
  getLeast,
  getConsistency,
  makeTrial,
  readProposals,
  readTrial,
  startProposals,
  startTrial,
  type Outlook,
} from '@/contract/planner';
import { getSettings } from '@/contract/settings';
import { plainDate } from '@/core/time';
import { gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  expectWaiting,
  choose,
  fakeServer,
  press,
  refusal,
  screen,
  show,
  TODAY,
  type,
  waitFor,
  widen,
  within,
} from '@/testing/screen';

import { AheadScreen } from './ahead-screen';

const prepared = (change: Partial<Outlook> = {}) =>
  fakeServer()
    .answer(getAhead, { ...sample.outlook(change), today: TODAY })
    .answer(getConsistency, { weeks: [] })
    .answer(getSettings, sample.settings())
    .answer(startProposals, { id: sample.id(9) })
    .answer(readProposals, { state: 'done', proposals: [] })
    .answer(listCadences, { cadences: [sample.cadence()] });

const open = async (change: Partial<Outlook> = {}) => {
  const server = prepared(change);
  show(<AheadScreen />);
  await screen.findByText('What if');
  await screen.findByLabelText('Inner, every');
  return server;
};

test('on its way, and away', () =>
  expectWaiting(<AheadScreen />, prepared(), getAhead, {
    answer: { ...sample.outlook(), today: TODAY },
    shows: 'What if',
  }));

test.each([
  [{}, 'You can keep all 240 promises', '6 touches a working day would already do; you allow 8.'],
  [
    { slipCount: 12, leastCapacity: 11 },
    'You can keep all but 12 of 240 promises',
    '11 touches a working day is the least at which no further promise is broken; you allow 8.',
  ],
])('whether the promises can be kept stands at the top (%#)', async (change, title, room) => {
  await open(change);
  expect(screen.getByRole('heading', { name: title })).toBeTruthy();
  expect(screen.getByText(room)).toBeTruthy();
  await press('Change my days');
  expect(gone).toEqual(['/more']);
});

test('in a very large sphere the least room comes after the rest', async () => {
  const later = sample.outlook({ slipCount: 12 });
  prepared()
    .answer(getAhead, { ...later, today: TODAY, leastCapacity: null, unkeepable: null })
    .answer(getLeast, { leastCapacity: 400, unkeepable: 0 });
  show(<AheadScreen />);
  expect(await screen.findByText(/^400 touches a working day is the least/)).toBeTruthy();
});

test('where the least room can’t be worked out, it says why', async () => {
  const later = sample.outlook({ slipCount: 12 });
  prepared()
    .answer(getAhead, { ...later, today: TODAY, leastCapacity: null, unkeepable: null })
    .reply(getLeast, refusal('Too much is being worked out at once.'));
  show(<AheadScreen />);
  expect(await screen.findByText('Too much is being worked out at once.')).toBeTruthy();
});

test('what has run out and what will: the head adds up to the lists below it', async () => {
  const breach = (n: number, name: string, until: string | null) => ({
    personId: sample.id(n),
    name,
    on: plainDate('2026-11-20'),
    until: until === null ? null : plainDate(until),
  });
  await open({
    overdueCount: 2,
    overdue: [breach(2, 'Bo Birch', '2026-11-24'), breach(3, 'Wen Ito', null)],
    slipCount: 1,
    slips: [breach(4, 'Cy Fox', null)],
  });
  expect(
    screen.getByRole('heading', { name: 'You can keep all but 3 of 240 promises' }),
  ).toBeTruthy();
  expect(
    screen.getByText(
      '2 have run out already and 1 will. The plan doesn’t catch up in the weeks ahead.',
    ),
  ).toBeTruthy();
  expect(screen.getByText('Nov 20, kept again Nov 24')).toBeTruthy();
  for (const name of [/^Bo Birch/, /^Wen Ito/, /^Cy Fox/])
    expect(screen.getByRole('link', { name })).toBeTruthy();
});

test('without a promise nothing is weighed', async () => {
  await open({ promises: 0 });
  expect(screen.getByRole('heading', { name: 'Nothing is promised yet' })).toBeTruthy();
  expect(screen.queryByText('Change my days')).toBeNull();
});

test('who slips leads to their sheet; what finds no day says why', async () => {
  await open({
    slipCount: 3,
    slips: [{ personId: sample.id(2), name: 'Bo Birch', on: plainDate('2026-12-04'), until: null }],
    letGo: 1,
    letGoFirst: [
      {
        personId: sample.id(3),
        name: 'Wen Ito',
        kind: 'card',
        on: plainDate('2026-12-24'),
        cadence: 'Year',
        why: 'The days around are full.',
      },
    ],
  });
  const slip = screen.getByRole('link', { name: /Bo Birch/ });
  expect(slip.getAttribute('href')).toBe(`/people/${sample.id(2)}`);
  expect(screen.getByText('and 2 more')).toBeTruthy();
  await press('Show them');
  expect(screen.getByText('Year. The days around are full.')).toBeTruthy();
});

const PROPOSALS = [
  {
    trial: { circles: { [sample.id(5)]: 225 } },
    title: 'Outer every 225 days instead of 180',
    cost: '84 people hear from you less often: 21 touches fewer in these weeks.',
    slipCount: 0,
  },
  { trial: { capacity: 11 }, title: 'Room for 11', cost: '30 minutes more.', slipCount: 0 },
];

test('what would fix it: the gentlest first, looked at, and made in one press', async () => {
  const server = prepared({ slipCount: 12, leastCapacity: 11 })
    .answer(startProposals, { id: sample.id(9) })
    .answer(readProposals, { state: 'done', proposals: PROPOSALS })
    .answer(startTrial, { id: sample.id(10) })
    .answer(readTrial, { state: 'done', outlook: sample.outlook({ slipCount: 0 }) })
    .answer(makeTrial, { actionId: sample.id(8), sentence: 'Changed 1 promise', topics: [] });
  show(<AheadScreen />);
  await screen.findByText('Outer every 225 days instead of 180');
  expect(server.sent(startProposals)).toEqual([{ trial: {}, weeks: 13 }]);
  await press('Preview Room for 11');
  await screen.findByText(/^None of 240 promises would run out, instead of 12/);
  expect(server.sent(startTrial)).toEqual([{ trial: { capacity: 11 }, weeks: 13 }]);
  await press('Make it so: Outer every 225 days instead of 180');
  await waitFor(() => expect(server.sent(makeTrial)).toEqual([{ trial: PROPOSALS[0]!.trial }]));
});

test('where all is kept nothing is looked for', async () => {
  const server = await open();
  await act(() => new Promise((done) => setTimeout(done, 500)));
  expect(server.sent(startProposals)).toEqual([]);
});

test('the load is drawn, and there in figures', async () => {
  widen();
  await open();
  expect(
    await screen.findByRole('img', {
      name: 'Touches a week for 13 weeks: at most 27, against room for 40.',
    }),
  ).toBeTruthy();
  await press('In figures');
  const rows = within(await screen.findByRole('table')).getAllByRole('row');
  expect(rows[1]!.textContent).toBe('Nov 231051540');
});

test('the year ahead is asked for', async () => {
  const server = await open();
  await press('52 weeks', 'radio');
  await waitFor(() =>
    expect(server.asked.some(({ path }) => path === '/api/ahead?weeks=52')).toBe(true),
  );
});

test('the weeks behind are counted by kind', async () => {
  const weeks = [
    {
      monday: plainDate('2026-11-16'),
      planned: 9,
      made: 7,
      letGo: 1,
      kinds: [
        { kind: 'card', made: 2 },
        { kind: 'call', made: 5 },
      ],
    },
  ];
  prepared().answer(getConsistency, { weeks });
  show(<AheadScreen />);
  await screen.findByText(
    '7 touches made in 13 weeks, 1 let go. What was neither was planned anew.',
  );
  expect(screen.getByText('call 5, card 2')).toBeTruthy();
});

describe('what if', () => {
  const id = sample.id(99);

  test('wishes are worked out, told beside what is, and made so', async () => {
    const server = await open({ slipCount: 12 });
    // Nothing is wished for yet: what is so stands there in grey.
    expect(screen.getByLabelText('Inner, every')).toMatchObject({ value: '', placeholder: '60' });
    server
      .answer(startTrial, { id })
      .answer(readTrial, { state: 'done', outlook: sample.outlook({ slipCount: 0 }) });
    await type('Touches a working day', '11');
    await type('Inner, every', '90');
    await type('Time off from', 'Dec 24');
    await type('until', 'Dec 26');
    await screen.findByText(/^None of 240 promises would run out, instead of 12\./);
    const trial = {
      capacity: 11,
      circles: { [sample.id(90)]: 90 },
      daysOff: ['2026-12-24', '2026-12-25', '2026-12-26'],
    };
    await waitFor(() => expect(server.sent(startTrial).at(-1)).toEqual({ trial, weeks: 13 }));
    await press('Make it so');
    await waitFor(() => expect(server.sent(makeTrial)).toEqual([{ trial }]));
    await waitFor(() => expect(screen.queryByText('Make it so')).toBeNull());
  });

  test('a start can be tried, and what takes long called off', async () => {
    const server = await open();
    server
      .answer(startTrial, { id })
      .answer(readTrial, { state: 'running', done: 2, of: 9 })
      .answer(cancelTrial, { cancelled: true });
    await choose('Begin with everybody', 'Quarterly');
    await screen.findByText('Plans worked out: 2 of 9');
    expect(server.sent(startTrial).at(-1)).toEqual({
      trial: { join: { cadenceId: sample.id(40), who: { filter: {} }, perDay: 3 } },
      weeks: 13,
    });
    await press('Call it off');
    await waitFor(() => expect(screen.queryByText(/^Plans worked out/)).toBeNull());
    expect(server.sent(cancelTrial)).toHaveLength(1);
  });

  test('what can’t be worked out says why', async () => {
    const server = await open();
    server.reply(startTrial, refusal('The cadence is gone.'));
    await type('Touches a working day', '3');
    await screen.findByText('The cadence is gone.');
  });

  test('wishing for what is already so asks for nothing', async () => {
    const server = await open();
    await type('Touches a working day', '8');
    await type('Inner, every', '60');
    await new Promise((done) => setTimeout(done, 500));
    expect(server.sent(startTrial)).toEqual([]);
  });
});
