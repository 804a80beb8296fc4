import { listOutbox } from '@/contract/messages';
import type { CallOutput } from '@/contract/endpoint';
import { undoAction } from '@/contract/history';
import { getPerson, listPeople, peopleFacets } from '@/contract/people';
import { listCadences } from '@/contract/cadences';
import { listRotas } from '@/contract/rota';
import { listArrivals } from '@/contract/intake';
import { getSettings } from '@/contract/settings';
import { getDesk, listMeant, seeDesk, settleMeant } from '@/contract/touches';
import { plainDate } from '@/core/time';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { expectWaiting, fakeServer, press, screen, show, waitFor, widen } from '@/testing/screen';

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
  backlog: { overdue: 0, caughtUpOn: null },
};

const prepared = (change: Partial<typeof DESK> = {}) =>
  fakeServer()
    .answer(getDesk, { ...DESK, ...change })
    .answer(getSettings, sample.settings())
    .answer(listPeople, { total: 12, near: false, rows: [] })
    .answer(listCadences, { cadences: [] })
    .answer(listRotas, { rotas: [] })
    .answer(listMeant, { total: 0, items: [] })
    .answer(listOutbox, sample.out())
    .answer(listArrivals, { total: 0, arrivals: [] });

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

test('somebody can be added from the desk', async () => {
  prepared({ items: [sample.deskItem()] });
  show(<DeskScreen />);
  await press('Add a person');
  expect(gone).toEqual(['/people/add']);
});

test('after weeks away one line says how much is overdue and when it is worked off', async () => {
  prepared({
    items: [sample.deskItem()],
    backlog: { overdue: 24, caughtUpOn: plainDate('2026-12-18') },
  });
  show(<DeskScreen />);
  expect(
    await screen.findByText('24 people are overdue. The plan catches up by December 18.'),
  ).toBeTruthy();
});

test.each([
  [0, 'You’re keeping every promise. See Ahead for the coming weeks.'],
  [24, 'Nothing is planned for today. See Ahead for the coming weeks.'],
])('an empty desk with %d people overdue', async (overdue, words) => {
  prepared({ workingDay: false, backlog: { overdue, caughtUpOn: null } }).answer(peopleFacets, {
    total: 30,
    warmth: { soon: 3 },
    tags: [],
  });
  show(<DeskScreen />);
  expect(await screen.findByText(words)).toBeTruthy();
});

test('everybody reached is said; so is who found no room', async () => {
  prepared({
    made: [MADE],
    moved: [{ personId: sample.id(3), name: 'Wen Ito', day: plainDate('2026-11-25') }],
    movedCount: 1,
  });
  show(<DeskScreen />);
  await screen.findByRole('heading', { name: 'Everybody meant for today is reached' });
  expect(screen.getByText('1 touch moved from today to later days.')).toBeTruthy();
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
    .answer(listOutbox, sample.out({ goingToday: 4, waitingTotal: 2, sentToday: 1 }));
  show(<DeskScreen />);
  await screen.findByText('This week C and V, week 3 of 13: 4 of 9 people reached.');
  const out = screen.getByText('Out by itself: one gone today, four to go, two wait for you.');
  expect(out.closest('[href]')!.getAttribute('href')).toBe('/out');
});

test('with room, whoever’s turn it is stands beside the list, or whoever is taken in hand', async () => {
  widen();
  const items = [
    sample.deskItem({ key: 'a', name: 'Ana Vance', personId: sample.id(1) as never }),
    sample.deskItem({ key: 'b', name: 'Bo Birch', personId: sample.id(2) as never }),
  ];
  const server = prepared({ items }).answer(seeDesk, { seen: 2 }).answer(getPerson, sample.sheet());
  show(<DeskScreen />);
  await screen.findByRole('link', { name: 'Open the sheet' });
  const asked = () => server.asked.map(({ path }) => path).filter((path) => /people\//.test(path));
  expect(asked()).toEqual([`/api/people/${sample.id(1)}`]);
  await press('Log Bo Birch');
  expect(gone).toEqual([`/?hand=${sample.id(2)}`]);
  at({ hand: sample.id(2) });
  show(<DeskScreen />);
  await waitFor(() => expect(asked()).toContain(`/api/people/${sample.id(2)}`));
});

test('what was meant long ago is gathered in one look, each kept, dropped or left, or all at once', async () => {
  const thing = (n: number, name: string) => ({
    id: sample.id(60 + n),
    personId: sample.id(n) as never,
    name,
    kind: 'call' as const,
    words: 'the rate review',
    on: plainDate('2026-10-01'),
  });
  const server = prepared()
    .answer(listMeant, { total: 2, items: [thing(2, 'Bo Birch'), thing(3, 'Wen Ito')] })
    .answer(settleMeant, { actionId: sample.id(8), sentence: 'Dropped 1 thing', topics: [] });
  show(<DeskScreen />);
  await screen.findByText('Two things you meant to do');
  expect(screen.queryByText('Call, Oct 1: the rate review')).toBeNull();
  await press('Look at them');
  expect(screen.getAllByText('Call, Oct 1: the rate review')).toHaveLength(2);
  await press('Drop: Bo Birch');
  await waitFor(() => expect(server.sent(settleMeant)).toHaveLength(1));
  await press('Keep: all');
  await waitFor(() =>
    expect(server.sent(settleMeant)).toEqual([
      { ids: [sample.id(62)], fate: 'drop' },
      { ids: [sample.id(62), sample.id(63)], fate: 'keep' },
    ]),
  );
});
