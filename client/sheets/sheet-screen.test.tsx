import { listCadences } from '@/contract/cadences';
import { decideWorkCadence, listWorkCadences } from '@/contract/enrolments';
import { readLists } from '@/contract/lists';
import { editPerson, getPerson, listFacts, listPeople, type PersonSheet } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import {
  addJob,
  addNote,
  addTie,
  editJob,
  editNote,
  joinHousehold,
  keepDate,
  leaveHousehold,
  removeJob,
  removeTie,
  saveSalutations,
} from '@/contract/story';
import { changeMany } from '@/contract/many';
import { plainDate } from '@/core/time';
import { at } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  choose,
  fakeServer,
  NEVER,
  press,
  refusal,
  screen,
  show,
  type,
  waitFor,
  within,
} from '@/testing/screen';

import { SheetScreen } from './sheet-screen';

const prepared = (change: Partial<PersonSheet> = {}) => {
  at({ id: sample.id(1) });
  return fakeServer()
    .answer(getPerson, sample.sheet(change))
    .answer(getSettings, sample.settings())
    .answer(readLists, sample.lists())
    .answer(listFacts, { facts: [] })
    .answer(listWorkCadences, { decided: [] })
    .answer(listCadences, { cadences: [sample.cadence()] });
};

const open = async (change: Partial<PersonSheet> = {}) => {
  const server = prepared(change);
  show(<SheetScreen />);
  await screen.findByRole('heading', { name: 'Teodora Vance' });
  await screen.findByRole('option', { name: 'Rate' });
  return server;
};

const editsOf = (server: ReturnType<typeof fakeServer>) => server.sent(editPerson);

test('while it is on its way it says so; who is gone is told', async () => {
  const server = prepared().reply(getPerson, NEVER);
  const { unmount } = show(<SheetScreen />);
  expect(screen.getByText('One moment')).toBeTruthy();
  unmount();
  server.reply(
    getPerson,
    refusal('This person is not in your sphere any more.', { code: 'not_found' }),
  );
  show(<SheetScreen />);
  await screen.findByText('This person is not in your sphere any more.');
});

test('where things stand, what comes next and what was are on one sheet', async () => {
  await open();
  for (const words of [
    'You talked 56 days ago.',
    'Next: call, Friday',
    'Call, reached.',
    'Kitchen half done',
    'May 4, 1980',
  ])
    expect(screen.getByText(words)).toBeTruthy();
});

test('a fact is changed where it stands, on the version that is shown', async () => {
  const server = await open();
  await press('Change first name');
  await type('First name', 'Dora');
  await press('Keep');
  await waitFor(() => expect(editsOf(server)).toEqual([{ givenName: 'Dora', version: 3 }]));
  expect(screen.queryByLabelText('First name')).toBeNull();
});

test('a choice is kept by choosing', async () => {
  const server = await open();
  await press('Change circle');
  await choose('Circle', 'Wider, every 180 days');
  await waitFor(() => expect(editsOf(server)).toEqual([{ circleId: sample.id(91), version: 3 }]));
});

test('words are listed and parted by commas', async () => {
  const server = await open();
  await press('Change tags');
  await type('Tags', 'garden, #boat; choir');
  await press('Keep');
  await waitFor(() =>
    expect(editsOf(server)).toEqual([
      { tags: ['garden', 'boat', 'choir'], tagsWere: ['garden'], version: 3 },
    ]),
  );
});

test('a birthday is read as people write it; what is no day is refused at its field', async () => {
  const server = await open();
  await press('Change birthday');
  await type('Birthday', '31 february');
  await press('Keep');
  await screen.findByText('There is no day “31 february”. Write it as May 4 or May 4, 1980.');
  await type('Birthday', '9 june');
  await press('Keep');
  await waitFor(() => expect(editsOf(server)).toEqual([{ birthday: '06-09', version: 3 }]));
});

test('phones are several rows; the one at fault says so, and nothing typed is lost', async () => {
  const server = await open();
  server.reply(editPerson, refusal('“later” is not a phone number.', { field: 'phones.1.value' }));
  await press('Change phone');
  await press('Another phone');
  await type('phone 2', 'later');
  await press('Keep');
  await screen.findByText('“later” is not a phone number.');
  expect(screen.getByLabelText('phone 2').getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByLabelText('phone 1').getAttribute('aria-invalid')).toBeNull();
  server.answer(editPerson, { actionId: sample.id(5), sentence: 'Kept', topics: [] });
  await press('Use first: phone 2');
  await type('phone 1', '555-0144');
  await press('Keep');
  await screen.findByText('Kept');
  expect(editsOf(server).at(-1)).toEqual({
    phones: [
      { value: '555-0144', label: '' },
      { value: '(541) 555-0142', label: 'mobile' },
    ],
    version: 3,
  });
});

test('what another window kept meanwhile is told, and what was typed can be kept on it', async () => {
  const server = await open();
  await press('Change first name');
  await type('First name', 'Dora');
  server.answer(
    getPerson,
    sample.sheet({
      version: 4,
      fields: { ...sample.sheet().fields, givenName: 'Thea' },
    }),
  );
  server.reply(
    editPerson,
    refusal('Teodora was changed in another window meanwhile.', { code: 'conflict' }),
  );
  await press('Keep');
  await screen.findByText('Teodora was changed in another window meanwhile.');
  await screen.findByText('By now it is: Thea');
  expect(screen.getByLabelText('First name')).toHaveProperty('value', 'Dora');
  server.answer(editPerson, { actionId: sample.id(5), sentence: 'Kept', topics: [] });
  await press('Keep');
  await waitFor(() => expect(editsOf(server).at(-1)).toEqual({ givenName: 'Dora', version: 4 }));
});

test('what was typed into a fact is there when one comes back, and can be given up', async () => {
  prepared();
  const { replace } = show(<SheetScreen />);
  await screen.findByRole('heading', { name: 'Teodora Vance' });
  await press('Change first name');
  await type('First name', 'Dora');
  replace(<></>);
  replace(<SheetScreen />);
  expect(await screen.findByDisplayValue('Dora')).toBeTruthy();
  expect(screen.getByText('Typed before and not kept yet.')).toBeTruthy();
  await press('Start over');
  expect(screen.getByLabelText('First name')).toHaveProperty('value', 'Teodora');
});

test('a fact that is not known is one choice away', async () => {
  const server = await open();
  await choose('Add a fact', 'Address');
  await type('Street and number', '14 Harbor Row');
  await type('Latitude', '38.2');
  await press('Keep');
  await waitFor(() => expect(editsOf(server)).toHaveLength(1));
  expect(editsOf(server)[0]).toMatchObject({
    addresses: [{ line: '14 Harbor Row', lat: 38.2, lon: null }],
  });
});

test('fields of one’s own are filled by their kind', async () => {
  const server = await open({
    fields: { ...sample.sheet().fields, own: { [sample.id(66)]: 'sail' } },
  });
  await choose('Add a fact', 'Rate');
  await type('Rate', '4.5');
  await press('Keep');
  await waitFor(() => expect(editsOf(server)).toHaveLength(1));
  expect(editsOf(server)[0]).toEqual({
    own: { [sample.id(66)]: 'sail', [sample.id(65)]: '4.5' },
    version: 3,
  });
});

test('dates have names and days', async () => {
  const server = await open();
  await choose('Add a fact', 'Dates');
  await type('Day of date 1', 'june 9, 2012');
  await press('Another date');
  await press('Keep');
  await waitFor(() =>
    expect(editsOf(server)).toEqual([
      { dates: [{ name: 'Wedding', on: '2012-06-09' }], version: 3 },
    ]),
  );
});

test('consent is answered with the day and where it came from', async () => {
  const server = await open();
  expect(screen.getByText('Yes, February 1, asked at the fair')).toBeTruthy();
  await press('Change consent to texts');
  await press('No', 'radio');
  await type('Where it came from', 'said so');
  await press('Keep');
  await waitFor(() => expect(editsOf(server)).toHaveLength(1));
  expect(editsOf(server)[0]).toMatchObject({
    consent: {
      call: { answer: 'yes' },
      text: { answer: 'no', on: '2026-11-23', cameFrom: 'said so' },
    },
  });
});

test('a note is written, changed and pinned', async () => {
  const server = await open();
  await type('Write a note', 'Loft next');
  await press('Keep the note');
  await waitFor(() => expect(server.sent(addNote)).toEqual([{ body: 'Loft next', dates: [] }]));
  await press('Pin the note Kitchen half done');
  await press('Change the note Kitchen half done');
  await type('Note', 'Kitchen done');
  await type('Day', 'yesterday');
  await press('Keep');
  await waitFor(() =>
    expect(server.sent(editNote)).toEqual([
      { pinned: true, version: 1 },
      { body: 'Kitchen done', on: '2026-11-22', version: 1 },
    ]),
  );
});

test('a day that a note tells of is kept as a date of theirs where that is wanted', async () => {
  const server = await open();
  await type('Write a note', 'Moving on December 3, baby due in March');
  await press('Baby due, March 1, 2027', 'checkbox');
  await press('Moving, December 3', 'checkbox');
  await press('Moving, December 3', 'checkbox');
  await press('Keep the note');
  await waitFor(() =>
    expect(server.sent(addNote)).toMatchObject([
      { dates: [{ name: 'Baby due', on: '2027-03-01' }] },
    ]),
  );
});

test('a day in a note that was kept before is put on the sheet', async () => {
  const note = {
    ...sample.sheet().notes[0]!,
    body: 'Baby due in March',
    on: plainDate('2026-10-01'),
  };
  const server = await open({ notes: [note] });
  await press('Keep as a date: Baby due, March 1, 2027');
  await waitFor(() =>
    expect(server.sent(keepDate)).toEqual([{ name: 'Baby due', on: '2027-03-01' }]),
  );
});

test('the story is searched and shown by parts', async () => {
  await open();
  await press('Notes', 'radio');
  expect(screen.queryByText('Call, reached.')).toBeNull();
  await press('Everything', 'radio');
  await type('Find in the story', 'half');
  expect(screen.getByText('Kitchen half done')).toBeTruthy();
  await type('Find in the story', 'nothing such');
  expect(screen.getByText('Nothing here yet.')).toBeTruthy();
});

test('completed work asks once for its kind whether a cadence begins with it', async () => {
  const job = { id: sample.id(70), stage: '', valueMinor: null, feeMinor: null };
  const server = await open({
    jobs: [{ ...job, name: 'Home loan', completedOn: plainDate('2026-11-20') }],
  });
  server.answer(decideWorkCadence, { actionId: sample.id(8), sentence: 'Decided', topics: [] });
  await screen.findByText(/^“Home loan” is completed\./);
  await choose('Cadence', 'Quarterly');
  await press('Begin it');
  await waitFor(() =>
    expect(server.sent(decideWorkCadence)).toEqual([
      { kind: 'Home loan', cadenceId: sample.id(40) },
    ]),
  );
});

test('work is added with its fee, changed and taken away', async () => {
  const server = await open({
    jobs: [
      {
        id: sample.id(70),
        name: 'Loan for the house',
        stage: '',
        valueMinor: 30_000_000,
        feeMinor: null,
        completedOn: plainDate('2025-06-01'),
      },
    ],
  });
  expect(screen.getByText('completed June 1, 2025 · worth $300,000')).toBeTruthy();
  await press('Add work');
  await press('Keep');
  await screen.findByText('Name the work.');
  await type('What it is', 'Loan for the loft');
  await type('Fee', '2,500');
  await press('Keep');
  await waitFor(() => expect(server.sent(addJob)).toHaveLength(1));
  expect(server.sent(addJob)[0]).toMatchObject({ name: 'Loan for the loft', feeMinor: 250_000 });
  await press('Change Loan for the house');
  await type('Worth', 'a lot');
  await press('Keep');
  await screen.findByText(/^Write an amount/);
  expect(server.sent(editJob)).toEqual([]);
  await press('Take Loan for the house away');
  await waitFor(() => expect(server.sent(removeJob)).toHaveLength(1));
});

test('a tie is made with somebody found, or with a name', async () => {
  const server = await open();
  server.answer(listPeople, { total: 1, near: false, rows: [sample.row(2, 'Halima Osei')] });
  await press('Add a tie');
  await choose('Tie', 'Child');
  await type('Birthday, if known', '4 may');
  await type('Who', 'hal');
  expect(await screen.findByRole('option', { name: 'Halima Osei, Harbor' })).toBeTruthy();
  await press('Just the name “hal”');
  await waitFor(() => expect(server.sent(addTie)).toHaveLength(1));
  expect(server.sent(addTie)[0]).toMatchObject({
    kind: 'child',
    birthday: '05-04',
    otherName: 'hal',
    otherId: null,
  });
});

test('a home is shared, worded and left; a tie is untied', async () => {
  const server = await open({
    ties: [
      { id: sample.id(80), kind: 'partner', words: '', otherId: null, name: 'Lee', birthday: null },
    ],
    household: {
      id: sample.id(81),
      members: [
        { id: sample.id(1), name: 'Teodora Vance' },
        { id: sample.id(2), name: 'Lee Vance' },
      ],
      formal: 'Teodora & Lee Vance',
      familiar: 'Teodora & Lee',
    },
  });
  expect(screen.getByText('Mail to Teodora & Lee Vance; Dear Teodora & Lee')).toBeTruthy();
  await press('Address otherwise');
  await type('On envelopes', 'The Vances');
  await press('Keep');
  await waitFor(() =>
    expect(server.sent(saveSalutations)).toEqual([
      { formal: 'The Vances', familiar: 'Teodora & Lee' },
    ]),
  );
  await press('Mail of their own');
  await press('Untie Lee');
  await waitFor(() => expect(server.sent(removeTie)).toHaveLength(1));
  expect(server.sent(leaveHousehold)).toHaveLength(1);
  server.answer(listPeople, { total: 1, near: false, rows: [sample.row(3, 'Bo Birch')] });
  await press('Add to this home');
  await type('Shares a home with', 'bo');
  await press('Bo Birch, Harbor', 'option');
  await waitFor(() => expect(server.sent(joinHousehold)).toEqual([{ withId: sample.id(3) }]));
});

test('the record is archived, and deleting says what is kept about them first', async () => {
  const server = await open();
  await press('Archive');
  await waitFor(() =>
    expect(server.sent(changeMany)).toEqual([
      { who: { ids: [sample.id(1)] }, change: { do: 'archive' } },
    ]),
  );
  await press('Keep at hand');
  expect(editsOf(server)).toEqual([{ favourite: true, version: 3 }]);
  await press('Delete…');
  const sheet = within(screen.getByRole('dialog', { name: 'Delete Teodora Vance' }));
  expect(sheet.getByText(/They can come back for 30 days/)).toBeTruthy();
});
