import { listWaiting } from '@/contract/enrolments';
import type { CallOutput } from '@/contract/endpoint';
import { undoAction } from '@/contract/history';
import { listPeople } from '@/contract/people';
import { listCadences } from '@/contract/cadences';
import { listRotas } from '@/contract/rota';
import { getSettings } from '@/contract/settings';
import { getDesk, seeDesk } from '@/contract/touches';
import { plainDate } from '@/core/time';
import * as sample from '@/testing/samples';
import { expectWaiting, fakeServer, press, screen, show, waitFor } from '@/testing/screen';

import { DeskScreen } from './desk-screen';

const DESK: CallOutput<typeof getDesk> = {
  today: plainDate('2026-11-23'),
  workingDay: true,
  capacity: 8,
  minutes: 40,
  items: [],
  made: [],
  moved: [],
  movedCount: 0,
};

const prepared = (change: Partial<typeof DESK> = {}) =>
  fakeServer()
    .answer(getDesk, { ...DESK, ...change })
    .answer(getSettings, sample.settings())
    .answer(listPeople, { total: 12, near: false, rows: [] })
    .answer(listCadences, { cadences: [] })
    .answer(listRotas, { rotas: [] })
    .answer(listWaiting, { total: 0, items: [], heldTotal: 0, held: [] });

const MADE = {
  touchId: sample.id(50),
  actionId: sample.id(51),
  personId: sample.id(2),
  name: 'Bo Birch',
  kind: 'call' as const,
  outcome: 'reached' as const,
};

test('on its way, away, and there again', () =>
  expectWaiting(<DeskScreen />, prepared(), getDesk, {
    answer: DESK,
    shows: 'Nobody is waiting today',
  }));

test('a day off says so', async () => {
  prepared({ workingDay: false });
  show(<DeskScreen />);
  await screen.findByRole('heading', { name: 'A day off' });
});

test('who waits stands by kind of touch, and is said to have been seen', async () => {
  const items = [
    sample.deskItem({ key: 'a', name: 'Ana Vance' }),
    sample.deskItem({ key: 'b', name: 'Bo Birch', kind: 'card' }),
    sample.deskItem({ key: 'c', name: 'Halima Osei' }),
  ];
  const server = prepared({ items });
  show(<DeskScreen />);
  await screen.findByRole('heading', { name: 'Three to reach today' });
  expect(screen.getByText('about 40 min')).toBeTruthy();
  expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
    'Calls, 2',
    'Cards to write, 1',
  ]);
  await waitFor(() => expect(server.sent(seeDesk)).toEqual([{ keys: ['a', 'b', 'c'] }]));
});

test('what is made folds away with its undo', async () => {
  const server = prepared({ items: [sample.deskItem()], made: [MADE] });
  show(<DeskScreen />);
  await screen.findByText(/Bo Birch/);
  expect(screen.getByRole('img', { name: '1 of 2 made' })).toBeTruthy();
  await press(/^Undo/);
  await waitFor(() => expect(server.sent(undoAction)).toHaveLength(1));
});

test('everybody reached is said; so is who found no room', async () => {
  prepared({
    made: [MADE],
    moved: [{ personId: sample.id(3), name: 'Wen Ito', day: plainDate('2026-11-25') }],
    movedCount: 1,
  });
  show(<DeskScreen />);
  await screen.findByRole('heading', { name: 'Everybody meant for today is reached' });
  expect(screen.getByText(/found no room today/)).toBeTruthy();
});

test('the letters of the week and what waits to go out stand with it', async () => {
  prepared({ items: [sample.deskItem()] })
    .answer(listRotas, {
      rotas: [
        {
          cadenceId: sample.id(40),
          name: 'Letters',
          week: 3,
          weeks: 13,
          letters: ['C', 'V'],
          people: 9,
          reached: 4,
        },
      ],
    })
    .answer(listWaiting, {
      total: 1,
      heldTotal: 0,
      held: [],
      items: [
        {
          key: 'w',
          personId: sample.id(2),
          name: 'Bo Birch',
          kind: 'email',
          cadence: 'Quarterly',
          on: plainDate('2026-11-20'),
        },
      ],
    });
  show(<DeskScreen />);
  await screen.findByText('This week C and V, week 3 of 13: 4 of 9 people reached.');
  await press('Which messages');
  expect(screen.getByText('Bo Birch: e-mail of Quarterly, Nov 20')).toBeTruthy();
});
