import { act } from '@testing-library/react';

import { changeMany, previewMany } from '@/contract/many';
import { readLists } from '@/contract/lists';
import { exportColumns, exportPeople } from '@/contract/exports';
import { countPeople, listFacts, listPeople, peopleFacets } from '@/contract/people';
import { listViews, saveView } from '@/contract/views';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  choose,
  fakeServer,
  press,
  screen,
  show,
  type,
  UNREACHABLE,
  waitFor,
  widen,
  within,
} from '@/testing/screen';

import { PeopleList } from './people-list';

const NAMES = ['Ana Vance', 'Bo Birch', 'Halima Osei'];
const VIEW = {
  id: sample.id(30),
  name: 'Boats',
  filter: { tags: ['boat'] },
  sort: 'name' as const,
  pinned: false,
  hidden: false,
  people: 2,
  warnings: [],
};

const prepared = (names = NAMES, total = names.length) =>
  fakeServer()
    .answer(listPeople, { total, near: false, rows: names.map((name, n) => sample.row(n, name)) })
    .answer(peopleFacets, { total, warmth: { soon: 3 }, tags: [] })
    .answer(listViews, { views: [VIEW] })
    .answer(listFacts, { facts: [] })
    .answer(readLists, sample.lists());

const open = async () => {
  const server = prepared();
  show(<PeopleList openId={null} />);
  await screen.findByText('Ana Vance');
  return server;
};

const asked = (server: ReturnType<typeof fakeServer>) =>
  server.asked.map(({ path }) => path).filter((path) => path.startsWith('/api/people?'));

test('nobody yet, nobody found, and a server that is away are told apart', async () => {
  const server = prepared([]);
  const { unmount } = show(<PeopleList openId={null} />);
  await screen.findByText('Nobody is here yet. Add or import people.');
  await type('Search people', 'zz');
  await screen.findByText('Nobody matches. Loosen the search or the filters.');
  unmount();
  server.reply(listPeople, UNREACHABLE);
  show(<PeopleList openId={null} />);
  await screen.findByText(/can’t be reached/);
});

test('each row leads to a sheet, and says how they stand', async () => {
  await open();
  const link = screen.getByRole('link', { name: /Halima Osei/ });
  expect(link.getAttribute('href')).toBe(`/people/${sample.id(2)}`);
  expect(within(link).getByText('4 days left')).toBeTruthy();
});

test('of thousands only what is in view is on the page, and its pages are read', async () => {
  const server = prepared(NAMES, 20_000);
  show(<PeopleList openId={null} />);
  await screen.findByText('20,000');
  expect(screen.getAllByRole('listitem').length).toBeLessThan(40);
  expect(asked(server).length).toBeLessThan(4);
});

test('a search asks for what fits best first, and clearing it goes back', async () => {
  const server = await open();
  await type('Search people', 'a');
  await waitFor(() => expect(asked(server).at(-1)).toContain('sort=match'));
  await type('Search people', '');
  expect(screen.getByLabelText('Order')).toHaveProperty('value', 'slack');
});

test('names that are only near are told as such', async () => {
  prepared().answer(listPeople, { total: 1, near: true, rows: [sample.row(1, 'Gideon Marsh')] });
  show(<PeopleList openId={null} />);
  await screen.findByText('Nobody is spelled like that. These are near.');
});

test('warmth filters; a view brings its own filter and order', async () => {
  const server = await open();
  await press('Soon, 3', 'checkbox');
  await waitFor(() => expect(asked(server).at(-1)).toContain('warmths=soon'));
  await choose('View', 'Boats (2)');
  await waitFor(() => expect(asked(server).at(-1)).toContain('tags=boat'));
  expect(asked(server).at(-1)).toContain('sort=name');
  await press('Clear all');
  await waitFor(() => expect(screen.queryByText('Clear all')).toBeNull());
});

test('adding while a tag is looked at takes the tag along', async () => {
  await open();
  await choose('View', 'Boats (2)');
  await press('Add somebody');
  expect(gone).toEqual(['/people/add?tag=boat']);
});

test('the address may say which batch is meant', async () => {
  at({ batch: sample.id(77) });
  const server = await open();
  await waitFor(() => expect(asked(server).at(-1)).toContain(sample.id(77)));
});

test('many are chosen one by one or all, and one change is shown before it is made', async () => {
  const server = await open();
  server.answer(previewMany, {
    meant: 2,
    changed: 1,
    rest: [{ why: 'has it already', people: 1, names: ['Bo Birch'] }],
    besides: ['One is taken off a cadence.'],
  });
  await press('Choose');
  await press(/Ana Vance/, 'checkbox');
  await press(/Bo Birch/, 'checkbox');
  expect(screen.getByText('2 people selected')).toBeTruthy();
  await press('Change');
  await type('Tag', 'boat');
  await screen.findByText('1 person of 2 will be changed.');
  expect(screen.getByText('1 stays as they are: has it already. Bo Birch')).toBeTruthy();
  await press('Change 1 person');
  await waitFor(() =>
    expect(server.sent(changeMany)).toEqual([
      {
        who: { ids: [sample.id(0), sample.id(1)] },
        change: { do: 'addTag', tag: 'boat' },
      },
    ]),
  );
});

test('what is left empty changes nobody; taking away and where a consent came from are said', async () => {
  const server = await open();
  server.answer(previewMany, { meant: 1, changed: 1, rest: [], besides: [] });
  server.answer(readLists, { ...sample.lists(), field: [] });
  await press('Choose');
  await press(/Ana Vance/, 'checkbox');
  await press('Change');
  for (const what of ['Set the standing', 'Set a promise of their own', 'Note consent']) {
    await choose('What to do', what);
    await act(() => new Promise((done) => setTimeout(done, 30)));
    expect(screen.queryByText('1 person of 1 will be changed.')).toBeNull();
  }
  await choose('To what', 'Calls');
  await choose('Answer', 'Yes');
  expect(server.sent(previewMany)).toEqual([]);
  await type('Where it came from', 'the fair');
  await screen.findByText('1 person of 1 will be changed.');
  await choose('What to do', 'Set a promise of their own');
  await press('That of their circle', 'checkbox');
  await press('Change 1 person');
  await waitFor(() =>
    expect(server.sent(changeMany)).toMatchObject([{ change: { do: 'promise', days: null } }]),
  );
  expect(server.sent(previewMany)[0]).toMatchObject({
    change: { do: 'consent', channel: 'call', answer: 'yes', cameFrom: 'the fair' },
  });
});

test('all of a filter are meant by the filter', async () => {
  const server = await open();
  server.answer(previewMany, { meant: 3, changed: 3, rest: [], besides: [] });
  await press('Choose');
  await press('Select all 3');
  await press('Change');
  await choose('What to do', 'Archive');
  await screen.findByText('3 people of 3 will be changed.');
  await press('Change 3 people');
  await waitFor(() =>
    expect(server.sent(changeMany)).toEqual([{ who: { filter: {} }, change: { do: 'archive' } }]),
  );
});

test('people go out with the columns that are chosen', async () => {
  const server = await open();
  server
    .answer(exportColumns, {
      columns: [
        { key: 'givenName', label: 'First name' },
        { key: 'familyName', label: 'Last name' },
      ],
      chosen: ['givenName'],
    })
    .answer(exportPeople, { path: '/api/exports/x', fileName: 'people.csv', people: 3 });
  await press('Choose');
  await press('Select all 3');
  await press('Export');
  await screen.findByText('First name');
  await press('Last name', 'checkbox');
  // The navigation of a link that is pressed by the program is nothing that the test page knows.
  const fetched = jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    expect([this.pathname, this.download]).toEqual(['/api/exports/x', 'people.csv']);
  });
  const [, inSheet] = screen.getAllByRole('button', { name: 'Export' });
  inSheet!.click();
  await screen.findByText('3 people go into people.csv');
  expect(fetched).toHaveBeenCalledTimes(1);
  expect(server.sent(exportPeople)).toEqual([
    { who: { filter: {} }, format: 'csv', columns: ['givenName', 'familyName'] },
  ]);
});

test('lines and groups are counted while they are written, and kept as a view', async () => {
  const server = await open();
  server.answer(countPeople, { total: 2, warnings: ['The tag “sail” is gone.'] });
  await press('More filters');
  await press('Add a line');
  await screen.findByText('Fill in what is still empty, and the count follows.');
  await choose('Line 1: one more', 'garden');
  await screen.findByText('2 people');
  expect(screen.getByText('The tag “sail” is gone.')).toBeTruthy();
  await press('Add a group');
  await press('Remove group');
  await type('Its name', 'Gardens');
  await press('Keep');
  await waitFor(() => expect(server.sent(saveView)).toHaveLength(1));
  expect(server.sent(saveView)[0]).toMatchObject({
    name: 'Gardens',
    filter: { rules: { match: 'all', of: [{ field: 'tag', values: ['garden'] }] } },
  });
  await press('Show them');
  await screen.findByText('More filters, 1 set');
});

test('with room, each row shows the year of a person', async () => {
  await open();
  const dots = () => screen.getByRole('link', { name: /Ana Vance/ }).querySelectorAll('circle');
  expect(dots()).toHaveLength(0);
  act(() => widen());
  expect(dots()).toHaveLength(2);
});
