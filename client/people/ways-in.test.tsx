import { fireEvent } from '@testing-library/react';

import {
  changePreview,
  listImports,
  previewPeople,
  previewImport,
  runImport,
  undoImport,
  type ImportPreview,
  type IncomingPerson,
} from '@/contract/imports';
import { readLists } from '@/contract/lists';
import {
  addPerson,
  enrichPerson,
  findLookAlikes,
  listPeople,
  readLine,
  type LookAlike,
} from '@/contract/people';
import { changeView, listViews, orderViews, removeView } from '@/contract/views';
import { NO_ADDRESS } from '@/core/people';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { choose, fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { AddScreen } from './add/add-screen';
import { ImportScreen } from '../imports/import-screen';
import { ViewsScreen } from './views-screen';

const ADDED = { actionId: sample.id(8), sentence: 'Added Rosa', topics: [], id: sample.id(9) };
const ALIKE: LookAlike = {
  id: sample.id(3),
  name: 'Roza Lind',
  verdict: 'ask',
  evidence: ['similar name', 'same phone'],
};

const adding = () =>
  fakeServer()
    .answer(readLists, sample.lists())
    .answer(addPerson, ADDED)
    .answer(enrichPerson, ADDED)
    .answer(findLookAlikes, { lookAlikes: [] })
    .answer(readLine, {
      draft: { givenName: 'Rosa', phones: [{ value: '555-0142', label: '' }] },
      unread: ['birthday 31 February'],
      lookAlikes: [ALIKE],
    });

const LINE = /^Name, phone/;

test('one line is read while it is typed, with what could not be read and who may be the same', async () => {
  const server = adding();
  show(<AddScreen />);
  await type(LINE, 'Rosa 555-0142, birthday 31 February');
  await screen.findByText(/would be left out: birthday 31 February/);
  expect(screen.getByText('perhaps: similar name, same phone')).toBeTruthy();
  await choose('Circle', 'Inner');
  await press('Add');
  await waitFor(() => expect(gone).toEqual([`/people/${sample.id(9)}`]));
  expect(server.sent(addPerson)[0]).toMatchObject({
    givenName: 'Rosa',
    circleId: sample.id(90),
    referredBy: null,
  });
});

test('what each part of a line was taken for is shown', async () => {
  adding().answer(readLine, {
    draft: {
      givenName: 'Rosa',
      addresses: [{ ...NO_ADDRESS, line: '12 Quay St', city: 'Port Ellery' }],
      dates: [{ name: 'Wedding', on: '1998-06-05' }],
      roles: ['Past client'],
      circleId: sample.id(90),
      ties: [
        { kind: 'referred_by', name: 'Gideon Marsh' },
        { kind: 'child', name: 'Mia' },
      ],
    },
    unread: [],
    lookAlikes: [],
  });
  show(<AddScreen />);
  await type(LINE, 'Rosa …');
  for (const words of [
    '12 Quay St, Port Ellery',
    'Wedding June 5, 1998',
    'Past client',
    'Inner',
    'Sent by: Gideon Marsh, Child: Mia',
  ])
    expect((await screen.findAllByText(words)).length).toBeGreaterThan(0);
});

test('what is new goes to who is here already', async () => {
  const server = adding();
  show(<AddScreen />);
  await type(LINE, 'Rosa 555-0142');
  await press('Add this to Roza Lind');
  await waitFor(() => expect(server.sent(enrichPerson)).toHaveLength(1));
});

test('the line is there again when it was left, until somebody came of it', async () => {
  adding();
  const { replace } = show(<AddScreen />);
  await type(LINE, 'Rosa 555-0142');
  replace(<></>);
  replace(<AddScreen />);
  expect(screen.getByLabelText(LINE)).toHaveProperty('value', 'Rosa 555-0142');
  await screen.findByText('perhaps: similar name, same phone');
  await press('Add');
  await waitFor(() => expect(screen.getByLabelText(LINE)).toHaveProperty('value', ''));
});

test('a refusal of the line is told beside the button', async () => {
  adding().reply(addPerson, refusal('Give a name, or a phone number or e-mail address.'));
  show(<AddScreen />);
  await type(LINE, 'Rosa');
  await screen.findByText('perhaps: similar name, same phone');
  await press('Add');
  await screen.findByText('Give a name, or a phone number or e-mail address.');
});

test('the short form tells at the field, and takes along the tag and who sent them', async () => {
  at({ tag: 'boat' });
  const server = adding()
    .reply(addPerson, refusal('“soon” is not a phone number.', { field: 'phones.0.value' }))
    .answer(listPeople, { total: 1, near: false, rows: [sample.row(2, 'Halima Osei')] });
  show(<AddScreen />);
  expect(screen.getByText('They get the tag #boat.')).toBeTruthy();
  await press('Form', 'radio');
  await type('First name', 'Rosa');
  await type('Phone', 'soon');
  await press('Somebody sent them…');
  await type('Who sent them', 'hal');
  await press('Halima Osei, Harbor', 'option');
  expect(screen.getByText('Sent by Halima Osei')).toBeTruthy();
  await press('Add');
  await screen.findByText('“soon” is not a phone number.');
  expect(screen.getByLabelText('Phone').getAttribute('aria-invalid')).toBe('true');
  server.answer(addPerson, ADDED);
  await type('Phone', '555-0142');
  await press('Add');
  await waitFor(() => expect(gone).toEqual([`/people/${sample.id(9)}`]));
  expect(server.sent(addPerson).at(-1)).toMatchObject({
    givenName: 'Rosa',
    phones: [{ value: '555-0142', label: '' }],
    tags: ['boat'],
    referredBy: sample.id(2),
  });
});

const PREVIEW: ImportPreview = {
  id: sample.id(77),
  partners: 'tie',
  guessed: 0,
  format: 'csv',
  encoding: 'utf-8',
  delimiter: ',',
  columns: [
    { name: 'First', samples: ['Ana'], by: 'heading', unclear: [] },
    { name: 'Rank', samples: ['7'], by: 'none', unclear: [] },
  ],
  mapping: ['givenName', null],
  people: 120,
  same: {
    sure: 1,
    ask: 1,
    sample: [
      { row: 3, name: 'Bo', other: 'Bo Birch', verdict: 'sure', evidence: ['same e-mail'] },
      { row: 4, name: 'Wen', other: 'Wen Ito', verdict: 'ask', evidence: ['similar name'] },
    ],
  },
  faults: [
    { row: 5, why: 'There is no name and no way to reach them.', leftOut: true },
    { row: 6, why: '“soon” is not a phone number.', leftOut: false },
  ],
  faultCount: 2,
  leftOut: 1,
};

const ANA: IncomingPerson = {
  row: 2,
  name: 'Ana',
  second: false,
  nameGuessed: false,
  facts: [{ what: 'First name', value: 'Ana', from: ['First'] }],
  cells: ['Ana', '7'],
  faults: [],
  same: null,
};
const BO: IncomingPerson = {
  ...ANA,
  row: 6,
  name: 'Bo',
  facts: [{ what: 'First name', value: 'Bo', from: ['First'] }],
  cells: ['Bo', ''],
  faults: ['“soon” is not a phone number.'],
  same: {
    other: 'Bo Birch',
    otherId: sample.id(5),
    verdict: 'sure',
    evidence: ['same e-mail'],
    differs: [{ what: 'Company', here: 'Kelp & Sons', there: 'Net & Loft' }],
  },
};

const importing = () =>
  fakeServer()
    .answer(readLists, sample.lists())
    .answer(listImports, { batches: [] })
    .answer(previewImport, PREVIEW)
    .answer(changePreview, PREVIEW)
    .answer(previewPeople, { total: 2, people: [ANA, BO] });

const paste = async () => {
  show(<ImportScreen />);
  await press('Pasted names', 'radio');
  await type(/^Names and e-mail addresses/, 'Ana <ana@example.com>');
  await press('Read it');
};

test('what a list would bring is shown before anything is written', async () => {
  const server = importing();
  await paste();
  await screen.findByText('120 people to import, 1 row left out, 1 value can’t be read or placed.');
  for (const words of [
    'Bo is Bo Birch: same e-mail',
    'Wen may be Wen Ito: similar name',
    'Row 5: There is no name and no way to reach them.',
    '“soon” is not a phone number.',
    'Company: Kelp & Sons stays, “Net & Loft” goes into a note',
  ])
    expect(await screen.findByText(words)).toBeTruthy();
  expect(server.sent(runImport)).toEqual([]);
  await choose('What Rank holds', 'Suffix');
  await waitFor(() => expect(server.sent(changePreview)).toHaveLength(1));
  expect(server.sent(changePreview)[0]).toMatchObject({ mapping: ['givenName', 'suffix'] });
});

test('a cell is put right where it is seen', async () => {
  const server = importing();
  await paste();
  await press('Change First of Bo: Bo');
  await type('First of Bo', 'Bo Birch');
  fireEvent.blur(screen.getByLabelText('First of Bo'));
  await waitFor(() => expect(server.sent(changePreview)).toHaveLength(1));
  expect(server.sent(changePreview)[0]).toEqual({
    edits: [{ row: 6, column: 0, value: 'Bo Birch' }],
  });
});

test('days that can be read two ways are asked about, once, before anything comes in', async () => {
  const columns = [
    { name: 'Born', samples: ['5/12/80'], by: 'heading' as const, unclear: ['5/12/80'] },
  ];
  const server = importing().answer(previewImport, { ...PREVIEW, columns, mapping: ['birthday'] });
  await paste();
  await screen.findByText('Which comes first in Born? It says 5/12/80.');
  const comeIn = () => screen.getByRole('button', { name: 'Import 120 people' });
  expect(comeIn().getAttribute('aria-disabled')).toBe('true');
  server.answer(changePreview, { ...PREVIEW, columns, mapping: ['birthday@dmy'] });
  await press('The day', 'radio');
  await waitFor(() => expect(comeIn().getAttribute('aria-disabled')).toBe(null));
  expect(server.sent(changePreview)).toEqual([{ mapping: ['birthday@dmy'] }]);
});

test('it comes in with a circle and a tag; a refusal is told at its field', async () => {
  const server = importing().reply(runImport, refusal('At most 60 characters.', { field: 'tag' }));
  await paste();
  await choose('Put them into the circle', 'Inner');
  await type('Tag them', '#fair');
  await press('Let them come in again', 'radio');
  await press('Import 120 people');
  await screen.findByText('At most 60 characters.');
  expect(server.sent(runImport)[0]).toMatchObject({
    circleId: sample.id(90),
    tag: 'fair',
    same: 'add',
    previewId: sample.id(77),
  });
  server.answer(runImport, {
    ...ADDED,
    batchId: sample.id(77),
    people: 120,
    joined: 0,
    differing: 0,
    leftOut: 1,
  });
  await press('Import 120 people');
  await waitFor(() => expect(gone).toEqual([`/people?batch=${sample.id(77)}`]));
});

test('what can’t be read says why, and the way is open to try again', async () => {
  importing().reply(previewImport, refusal('This file is empty.'));
  await paste();
  await screen.findByText('This file is empty.');
  expect(screen.getByDisplayValue('Ana <ana@example.com>')).toBeTruthy();
});

test('what came in before is shown, and taken back', async () => {
  const batch = { fileName: 'fair.csv', at: '2026-11-20T10:00:00Z', people: 9, leftOut: 0 };
  const server = importing().answer(listImports, {
    batches: [
      { ...batch, id: sample.id(77), undone: false },
      { ...batch, id: sample.id(78), undone: true },
    ],
  });
  show(<ImportScreen />);
  await screen.findByText('9 people, taken back');
  await press('Show fair.csv');
  expect(gone).toEqual([`/people?batch=${sample.id(77)}`]);
  await press('Take back fair.csv');
  await waitFor(() => expect(server.sent(undoImport)).toHaveLength(1));
});

const view = (n: number, name: string, change = {}) => ({
  id: sample.id(n),
  name,
  filter: {},
  sort: 'name' as const,
  pinned: false,
  hidden: false,
  people: 2,
  warnings: [],
  ...change,
});

test('no view is kept yet', async () => {
  fakeServer().answer(listViews, { views: [] });
  show(<ViewsScreen />);
  await screen.findByText(/No view is kept yet/);
});

test('views are renamed, pinned, hidden, moved and taken away', async () => {
  const server = fakeServer().answer(listViews, {
    views: [view(1, 'Boats'), view(2, 'Gardens', { hidden: true, warnings: ['A tag is gone.'] })],
  });
  show(<ViewsScreen />);
  await screen.findByText('Gardens, 2 people, hidden');
  expect(screen.getByText('A tag is gone.')).toBeTruthy();
  await press('Pin Boats');
  await press('Show Gardens');
  await press('Move Gardens up');
  await press('Take Boats away');
  server.reply(changeView, refusal('There is a view “Gardens” already.', { field: 'name' }));
  await press('Rename Boats');
  await type('Name', 'Gardens');
  await press('Keep');
  await screen.findByText('There is a view “Gardens” already.');
  expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
  expect(server.sent(changeView)).toEqual([
    { pinned: true },
    { hidden: false },
    { name: 'Gardens' },
  ]);
  expect(server.sent(orderViews)).toEqual([{ ids: [sample.id(2), sample.id(1)] }]);
  expect(server.sent(removeView)).toHaveLength(1);
});
