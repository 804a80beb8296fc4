import {
  listImports,
  previewImport,
  previewPeople,
  runImport,
  undoImport,
} from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { editPerson, getPerson, listPeople, peopleFacets } from '@/contract/people';
import { addNote, editNote } from '@/contract/story';
import { undoAction } from '@/contract/history';
import { getSettings } from '@/contract/settings';
import { logTouch } from '@/contract/touches';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add } = sphereOf(() => api);

const CSV = `Client,E-mail,Mobile,Tags,Closeness,Last spoke,Notes
Rosa Lind,rosa@example.com,555-0142,garden,Inner,2026-10-01,Kitchen half done
"Marsh, Gideon",gideon@example.org,,,,,
,,,,,,
,,,,Inner,,
Bad,mail@@,,,Platinum,,
`;
const file = { fileName: 'clients.csv', content: base64(CSV), mapping: null };
const more = { circleId: null, tag: 'came in' };

test('a preview writes nothing and says what it could not read', async () => {
  const preview = await api.call(previewImport, { body: file });
  expect(preview.mapping).toEqual([
    'name',
    'email',
    'phone@mobile',
    'tags',
    'circle',
    'lastTouch',
    'notes',
  ]);
  expect(preview.people).toBe(3);
  expect(preview.faults).toEqual([
    { row: 5, why: 'It has neither a name nor a way to reach anybody.', leftOut: true },
    { row: 6, why: '“mail@@” is not an e-mail address; it is kept in the note.', leftOut: false },
  ]);
  expect((await api.call(peopleFacets)).total).toBe(0);
});

test('one batch comes in, can be found again, and is taken back as one', async () => {
  const done = await api.call(runImport, { body: { ...file, ...more } });
  expect(done).toMatchObject({
    people: 3,
    leftOut: 1,
    sentence: 'Imported 3 people from clients.csv',
  });
  const { rows } = await api.call(listPeople, { query: { batchId: done.batchId, sort: 'name' } });
  expect(rows.map(({ name }) => name)).toEqual(['Bad', 'Rosa Lind', 'Gideon Marsh']);
  const rosa = await api.call(getPerson, { params: { id: rows[1]!.id } });
  expect(rosa).toMatchObject({
    circle: { name: 'Inner' },
    tags: ['came in', 'garden'],
    notes: [{ body: 'Kitchen half done' }],
    sentence: 'You last spoke 53 days ago; you promised every 30.',
  });
  const bad = await api.call(getPerson, { params: { id: rows[0]!.id } });
  expect(bad).toMatchObject({
    circle: null,
    notes: [{ body: 'E-mail: mail@@\nCircle: Platinum' }],
  });
  const undone = await api.call(undoImport, { params: { id: done.batchId } });
  expect(undone).toMatchObject({ removed: 3, kept: 0 });
  expect((await api.call(listPeople, { query: {} })).total).toBe(0);
  expect((await api.call(listImports)).batches[0]).toMatchObject({ undone: true });
  expect(await api.refusal(undoImport, { params: { id: done.batchId } })).toMatchObject({
    code: 'conflict',
  });

  await api.call(undoAction, { params: { id: undone.actionId } });
  expect((await api.call(listPeople, { query: { batchId: done.batchId } })).total).toBe(3);
});

test('who is joined keeps what is there; what the file says otherwise goes into a note, is counted, and seen before', async () => {
  const id = await add({
    givenName: 'Bo',
    familyName: 'Birch',
    email: 'bo@example.com',
    company: 'Kelp & Sons',
    birthday: '05-04',
  });
  const content = base64(
    'First name,Last name,E-mail,Company,Phone,Birthday,Circle\nBo,Birch,bo@example.com,Net & Loft,555-0160,1980-05-04,Inner',
  );
  const body = { fileName: 'fair.csv', content, mapping: null };
  const { id: previewId } = await api.call(previewImport, { body });
  const { people } = await api.call(previewPeople, {
    params: { id: previewId },
    query: { show: 'same' },
  });
  expect(people).toMatchObject([
    {
      name: 'Bo Birch',
      same: {
        otherId: id,
        verdict: 'sure',
        differs: [{ what: 'Company', here: 'Kelp & Sons', there: 'Net & Loft' }],
      },
    },
  ]);
  const done = await api.call(runImport, {
    body: { fileName: 'fair.csv', previewId, circleId: null, tag: null },
  });
  expect(done).toMatchObject({ people: 0, joined: 1, differing: 1 });
  expect(done.sentence).toMatch(
    /1 person was here already; 1 detail said otherwise went into notes$/,
  );
  const one = await api.call(getPerson, { params: { id } });
  expect(one.fields).toMatchObject({
    company: 'Kelp & Sons',
    birthday: '1980-05-04',
    phones: [{ value: '555-0160' }],
  });
  expect(one.notes.map(({ body }) => body).sort()).toEqual([
    'Circle: Inner',
    'Said otherwise in fair.csv:\nCompany: Net & Loft',
  ]);
});

test('taking a batch back keeps those with whom something has happened since', async () => {
  const done = await api.call(runImport, { body: { ...file, ...more, same: 'add' } });
  const { rows } = await api.call(listPeople, { query: { batchId: done.batchId, sort: 'name' } });
  const [bad, rosa] = rows;
  await api.call(logTouch, { body: { personId: rosa!.id, kind: 'call', outcome: 'reached' } });
  await api.call(addNote, { params: { id: bad!.id }, body: { body: 'Called back' } });
  const undone = await api.call(undoImport, { params: { id: done.batchId } });
  expect(undone).toMatchObject({ removed: 1, kept: 2 });
  expect(undone.sentence).toBe(
    'Took back 1 person of clients.csv; 2 kept, because something has happened with them since: Rosa Lind, Bad',
  );
});

const fair = (who: string) => ({
  fileName: 'fair.csv',
  content: base64(
    `First name,Last name,E-mail,Phone,Tags,Role,Notes,Spouse,Last contact
${who},Fox,${who}@example.com,555-0170,fair,Surveyor,Met at the fair,Ada Fox,2026-11-01`,
  ),
  mapping: null,
  circleId: null,
  tag: null,
});
const roles = async () => (await api.call(readLists)).role.map(({ name }) => name);

test('taking a batch back takes back what it did to somebody who was here, and to the lists', async () => {
  const id = await add({ givenName: 'Cy', familyName: 'Fox', email: 'cy@example.com' });
  const before = [await api.call(getPerson, { params: { id } }), await roles()];
  const done = await api.call(runImport, { body: fair('Cy') });
  expect(done).toMatchObject({ people: 0, joined: 1 });
  expect(await api.call(getPerson, { params: { id } })).toMatchObject({
    fields: { phones: [{ value: '555-0170' }], roles: ['Surveyor'] },
    tags: ['fair'],
    notes: [{ body: 'Met at the fair' }],
    ties: [{ kind: 'partner', name: 'Ada Fox' }],
    touches: [{ on: '2026-11-01' }],
  });
  expect(await roles()).toContain('Surveyor');
  const undone = await api.call(undoImport, { params: { id: done.batchId } });
  expect(undone.sentence).toBe('Took back 0 people of fair.csv');
  expect([await api.call(getPerson, { params: { id } }), await roles()]).toEqual(before);
  expect((await api.call(peopleFacets)).tags.map(({ name }) => name)).not.toContain('fair');
});

test('a household of two who stay, stays', async () => {
  const content = base64('Name,Address,City\nOda & Per Reef,1 Gull Row,Port Ellery');
  const done = await api.call(runImport, {
    body: { fileName: 'pair.csv', content, mapping: null, circleId: null, tag: null },
  });
  const { rows } = await api.call(listPeople, { query: { batchId: done.batchId, sort: 'name' } });
  expect(rows.map(({ name }) => name)).toEqual(['Oda Reef', 'Per Reef']);
  const [oda, per] = rows;
  await api.call(addNote, { params: { id: oda!.id }, body: { body: 'Called' } });
  await api.call(addNote, { params: { id: per!.id }, body: { body: 'Called too' } });
  const home = async () => (await api.call(getPerson, { params: { id: oda!.id } })).household;
  const before = await home();
  expect(before).not.toBeNull();
  expect(await api.call(undoImport, { params: { id: done.batchId } })).toMatchObject({
    removed: 0,
    kept: 2,
  });
  expect(await home()).toEqual(before);
});

test('what the owner changed since stays, and is named', async () => {
  const id = await add({ givenName: 'Di', familyName: 'Fox', email: 'di@example.com' });
  const done = await api.call(runImport, { body: fair('Di') });
  const { version, notes } = await api.call(getPerson, { params: { id } });
  await api.call(editPerson, {
    params: { id },
    body: { version, phones: [{ value: '555-0171', label: '' }] },
  });
  await api.call(editNote, {
    params: { id: notes[0]!.id },
    body: { body: 'Met at the fair, sells boats', version: notes[0]!.version },
  });
  const undone = await api.call(undoImport, { params: { id: done.batchId } });
  expect(undone.sentence).toBe(
    'Took back 0 people of fair.csv; what you changed since stays: Di Fox',
  );
  expect(await api.call(getPerson, { params: { id } })).toMatchObject({
    fields: { phones: [{ value: '555-0171' }], roles: [] },
    tags: [],
    notes: [{ body: 'Met at the fair, sells boats' }],
    ties: [],
    touches: [],
  });
});

test.each([
  ['', 'This file is empty.', 'invalid'],
  [`Name\n${'Ana\n'.repeat(100_000)}`, /^This file has 100,000 rows/, 'too_large'],
  ['City\nPort Ellery', 'No row of this file can be read as a person.', 'invalid'],
] as const)('a file that can not be read is refused whole', async (text, message, code) => {
  const before = (await api.call(peopleFacets)).total;
  const refusal = await api.refusal(runImport, {
    body: { fileName: 'bad.csv', content: base64(text), mapping: null, ...more },
  });
  expect(refusal.code).toBe(code);
  expect(refusal.message).toMatch(message);
  expect((await api.call(peopleFacets)).total).toBe(before);
});

test('a mapping for other columns is refused', async () => {
  expect(await api.refusal(previewImport, { body: { ...file, mapping: ['name'] } })).toMatchObject({
    message: 'The columns of this file are not the ones that were mapped. Choose it again.',
  });
});

test('an unknown circle leaves nothing half-written', async () => {
  const before = await api.call(listImports);
  const body = { ...file, circleId: '0190a000-0000-7000-8000-0000000000ff', tag: null };
  expect(await api.refusal(runImport, { body })).toMatchObject({ code: 'not_found' });
  expect(await api.call(listImports)).toEqual(before);
  expect((await api.call(getSettings)).circles).toHaveLength(4);
});
