import {
  addEntry,
  changeEntry,
  mergeEntries,
  orderEntries,
  readLists,
  removeEntry,
} from '@/contract/lists';
import * as sample from '@/testing/samples';
import {
  expectWaiting,
  choose,
  fakeServer,
  press,
  refusal,
  screen,
  show,
  type,
  waitFor,
} from '@/testing/screen';

import { ListsScreen } from './lists-screen';

const open = async () => {
  const server = fakeServer().answer(readLists, sample.lists());
  show(<ListsScreen />);
  await screen.findByText('Past client');
  return server;
};

test('while the lists are on their way it says so; when they can’t be had, why', () =>
  expectWaiting(<ListsScreen />, fakeServer(), readLists, {
    answer: sample.lists(),
    shows: 'Past client',
  }));

test('an empty list says so', async () => {
  fakeServer().answer(readLists, { ...sample.lists(), role: [] });
  show(<ListsScreen />);
  await screen.findByText('Nothing is on this list yet.');
});

test('thousands of tags come a page at a time and can be searched', async () => {
  const tags = Array.from({ length: 3_000 }, (_, n) => ({
    ...sample.lists().tag[0]!,
    id: sample.id(1000 + n),
    name: `tag ${n}`,
  }));
  fakeServer().answer(readLists, { ...sample.lists(), tag: tags });
  show(<ListsScreen />);
  await screen.findByText('Past client');
  await press('Tags', 'radio');
  expect(screen.getAllByRole('listitem')).toHaveLength(50);
  await type('Find in tags', 'tag 2999');
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
});

test('a new entry is added; what is refused stands at its field', async () => {
  const server = await open();
  server.reply(addEntry, refusal('There is a role “Friend” already.', { field: 'name' }));
  await type('A new role', 'Friend');
  await press('Add');
  await screen.findByText('There is a role “Friend” already.');
  expect(screen.getByLabelText('A new role').getAttribute('aria-invalid')).toBe('true');
  server.answer(addEntry, {
    actionId: sample.id(1),
    sentence: 'Added Friends',
    topics: [],
    id: sample.id(2),
  });
  await type('A new role', 'Friends');
  await press('Add');
  await screen.findByText('Added Friends');
  await waitFor(() => expect(screen.getByLabelText('A new role')).toHaveProperty('value', ''));
  expect(server.sent(addEntry)).toEqual([{ name: 'Friend' }, { name: 'Friends' }]);
});

test('a field of one’s own says what it holds', async () => {
  const server = await open();
  await press('Fields of your own', 'radio');
  await type('A new field', 'Boat');
  await choose('What it holds', 'Choice');
  await type('What can be chosen, parted by commas', 'sail, motor');
  await press('Add');
  await waitFor(() =>
    expect(server.sent(addEntry)).toEqual([
      { name: 'Boat', type: 'choice', choices: ['sail', 'motor'] },
    ]),
  );
});

test('an entry is renamed with its promise, and says for how many', async () => {
  const server = await open();
  await press('Circles', 'radio');
  await press(/^Inner/);
  await press('Change Inner');
  await type('Promise, every', '45');
  expect(screen.getByText('This changes it for 2 people.')).toBeTruthy();
  await press('Keep');
  await waitFor(() =>
    expect(server.sent(changeEntry)).toEqual([{ name: 'Inner', promiseDays: 45 }]),
  );
});

test('a promise of no days is refused where it is written, without asking', async () => {
  const server = await open();
  await press('Circles', 'radio');
  await press(/^Inner/);
  await press('Change Inner');
  await type('Promise, every', '0');
  await press('Keep');
  await screen.findByText('A promise is at least one day.');
  await type('Promise, every', 'often');
  await screen.findByText('Write a number.');
  expect(server.sent(changeEntry)).toEqual([]);
});

test('entries are pinned, moved, retired, merged and taken away', async () => {
  const server = await open();
  await press(/^Referral source/);
  await press('Pin Referral source');
  await press('Move Referral source up');
  await press('Retire Referral source');
  await press('Take Referral source away from 2 people');
  await press('Merge Referral source into another');
  await choose('Merge Referral source into', 'Past client');
  await press('Merge');
  await waitFor(() => expect(server.sent(mergeEntries)).toEqual([{ into: sample.id(60) }]));
  expect(server.sent(changeEntry)).toEqual([{ pinned: true }, { retired: true }]);
  expect(server.sent(orderEntries)).toEqual([{ ids: [sample.id(61), sample.id(60)] }]);
  expect(server.sent(removeEntry)).toHaveLength(1);
});
