import { readFile } from 'node:fs/promises';

import {
  addPerson,
  countPeople,
  erasePerson,
  eraseImpact,
  getPerson,
  listFacts,
  listPeople,
} from '@/contract/people';
import { exportColumns } from '@/contract/exports';
import { undoAction } from '@/contract/history';
import { runImport, undoImport } from '@/contract/imports';
import { mergePeople, takeApart } from '@/contract/same';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { exportFile } from '@/testing/export';
import { addGift, listGifts } from '@/testing/gifts/contract';
import { gifts } from '@/testing/gifts/subject';

import { tableFaults, TABLES } from './act';
import { House } from './house';
import { SUBJECTS } from './subjects';

// The worked example of docs/adding-a-subject.md: one declaration, and everything that the house does
// with tables of people is done with this one as well.

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi({ subjects: [...SUBJECTS, gifts] });
  await api.ctx.db.script(await readFile('testing/gifts/gift.sql', 'utf8'));
});
afterAll(() => api.close());

const person = async (givenName: string) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101' } })).id;
const give = (id: string, what = 'a jar of honey') =>
  api.call(addGift, { params: { id }, body: { on: '2026-11-20' as never, what } });
const given = async (id: string) =>
  (await api.call(listGifts, { params: { id } })).gifts.map(({ what }) => what);

test('it is told in the story, undone, and done again', async () => {
  const ana = await person('Ana');
  const { actionId, topics } = await give(ana);
  expect(topics).toEqual(['people', 'history']);
  const { events } = await api.call(getPerson, { params: { id: ana } });
  expect(events.map(({ words }) => words)).toContain('Given: a jar of honey.');
  const undone = await api.call(undoAction, { params: { id: actionId } });
  expect(await given(ana)).toEqual([]);
  await api.call(undoAction, { params: { id: undone.actionId } });
  expect(await given(ana)).toEqual(['a jar of honey']);
});

test('merging two people moves it, taking them apart provides it back', async () => {
  const [bo, twin] = [await person('Bo'), await person('Bob')];
  await give(twin, 'a book');
  await api.call(mergePeople, { body: { keepId: bo, goneId: twin, take: [] } });
  expect(await given(bo)).toEqual(['a book']);
  await give(bo, 'tea');
  await api.call(takeApart, { body: { goneId: twin } });
  expect(await given(twin)).toEqual(['a book']);
  expect(await given(bo)).toEqual(['tea']);
});

test('before erasing it is said, and then it is gone', async () => {
  const cy = await person('Cy');
  await give(cy);
  await give(cy, 'a pen');
  expect((await api.call(eraseImpact, { params: { id: cy } })).held).toContain('2 gifts');
  await api.call(erasePerson, { params: { id: cy }, body: { name: 'Cy' } });
  expect(await api.ctx.db.query('select 1 from gift where person_id = $1::uuid', [cy])).toEqual([]);
});

test('who was given something since is kept when an import is taken back', async () => {
  const content = base64('First name,E-mail\nDi,di@example.com\nEd,ed@example.com');
  const { batchId } = await api.call(runImport, {
    body: { fileName: 'two.csv', content, mapping: null, circleId: null, tag: null },
  });
  const { rows } = await api.call(listPeople, { query: { batchId } });
  await give(rows.find(({ name }) => name === 'Di')!.id);
  expect(await api.call(undoImport, { params: { id: batchId } })).toMatchObject({
    removed: 1,
    kept: 1,
  });
});

test('it can be filtered by and exported', async () => {
  const fay = await person('Fay');
  for (const what of ['one', 'two', 'three']) await give(fay, what);
  expect(await api.call(listFacts)).toEqual({
    facts: [{ key: 'gifts', label: 'Gifts given', type: 'number' }],
  });
  const filter = {
    rules: {
      match: 'all' as const,
      of: [{ field: 'fact:gifts', test: 'atLeast' as const, values: [3] }],
    },
  };
  expect((await api.call(countPeople, { body: { filter } })).total).toBe(1);
  const { columns } = await api.call(exportColumns);
  expect(columns).toContainEqual({ key: 'fact:gifts', label: 'Gifts given' });
  const { content } = await exportFile(api.url, {
    who: { ids: [fay] },
    format: 'csv',
    columns: ['givenName', 'fact:gifts'],
  });
  expect(content).toMatch(/Gifts given\r\nFay,3/);
});

describe('a declaration that is wrong is told in words', () => {
  const faults = (subject: typeof gifts) =>
    tableFaults(api.ctx.db, new House([...SUBJECTS, subject]).of(TABLES));

  test('a table that is not there', async () => {
    const provides = [TABLES({ table: 'presents', rows: 'owner' }), gifts.provides[0]!];
    expect(await faults({ name: 'wrong', provides })).toEqual([
      'The table presents is declared and is not there.',
    ]);
  });

  test('a column that is not there', async () => {
    const person = { columns: ['whom'], merge: 'move' as const };
    const provides = [TABLES({ table: 'gift', rows: 'owner', person })];
    expect(await faults({ name: 'wrong', provides })).toEqual([
      'The table gift is declared with a column whom, which it lacks.',
      'The table gift refers to people by person_id, which no subject declares.',
    ]);
  });

  test('a table that nobody declares', async () => {
    expect(await faults({ name: 'nothing', provides: [] })).toEqual([
      'The table gift is declared by no subject.',
      'The table gift refers to people by person_id, which no subject declares.',
    ]);
  });
});

test('every table of the database is declared by one subject, and watched if it is the owner’s', async () => {
  const tables = new House([...SUBJECTS, gifts]).of(TABLES);
  expect(await tableFaults(api.ctx.db, tables)).toEqual([]);
  expect(new Set(tables.map(({ table }) => table)).size).toBe(tables.length);
  const watched = await api.ctx.db.query<{ table: string }>(
    `select distinct c.relname::text as "table" from pg_trigger t join pg_class c on c.oid = t.tgrelid
     join pg_proc f on f.oid = t.tgfoid where f.proname = 'note_update' order by 1`,
  );
  expect(watched.map(({ table }) => table)).toEqual(
    tables
      .filter(({ rows }) => rows === 'owner')
      .map(({ table }) => table)
      .sort(),
  );
});

test('the view of people has every column of their table', async () => {
  const columns = (table: string) =>
    api.ctx.db.query(
      `select column_name as name from information_schema.columns where table_name = $1 order by ordinal_position`,
      [table],
    );
  expect(await columns('person')).toEqual(await columns('person_all'));
});
