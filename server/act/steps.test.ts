import { cancelWork, getWork, listActions, undoAction } from '@/contract/history';
import { listImports, runImport, undoImport } from '@/contract/imports';
import { changeMany } from '@/contract/many';
import { addPerson, countPeople, editPerson, getPerson, listPeople } from '@/contract/people';
import { health } from '@/contract/settings';
import { base64, startTestApi, type TestApi } from '@/testing/api';

import { rollBackUnfinished } from '.';
import { actInSteps } from './steps';

const CIRCLE = '0190a000-0000-7000-8000-000000000001';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());

const file = (rows: number, first = 0) =>
  base64(
    ['First name,Last name,E-mail,Tags']
      .concat(
        Array.from({ length: rows }, (_, i) => `Given${i},Lind${i},p${first + i}@example.com,boat`),
      )
      .join('\n'),
  );
const bring = (rows: number, first = 0) =>
  api.call(runImport, {
    body: {
      fileName: 'many.csv',
      content: file(rows, first),
      mapping: null,
      circleId: null,
      tag: null,
    },
  });
const count = async () => (await api.call(countPeople, { body: { filter: {} } })).total;

/** Everything that the owner has, but what was noted of actions. */
async function everything() {
  const tables = await api.ctx.db.query<{ name: string }>(
    `select c.relname::text as name from pg_class c where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace
       and c.relname not in ('task', 'memo', 'person_standing') order by 1`,
  );
  const all: Record<string, unknown[]> = {};
  for (const { name } of tables)
    all[name] = await api.ctx.db.query(
      `select to_jsonb(t) as row from public."${name}" t order by 1`,
    );
  return all;
}

/** Compares counts first: thousands of rows too many say no more than their number. */
async function expectSame(before: Awaited<ReturnType<typeof everything>>) {
  const now = await everything();
  const counts = (all: typeof now) =>
    Object.entries(all).map(([name, rows]) => [name, rows.length]);
  expect(counts(now)).toEqual(counts(before));
  expect(now).toEqual(before);
}

/** Waits until a large action is under way and has done something. */
async function underWay() {
  for (;;) {
    const { work } = await api.call(getWork);
    if (work && work.done > 0) return work;
    await new Promise((done) => setTimeout(done, 5));
  }
}

test('people who come in are seen by nobody until all of them are here; others are served meanwhile', async () => {
  await api.call(addPerson, { body: { givenName: 'Ana', email: 'ana@example.com' } });
  const importing = bring(4_000);
  const work = await underWay();
  expect(work).toMatchObject({ what: 'Importing many.csv', of: 4_000 });
  const seen = new Set<number>();
  while ((await api.call(getWork)).work) {
    seen.add(await count());
    await api.call(health);
  }
  await importing;
  // The last look may come after the end.
  seen.delete(4_001);
  expect([...seen]).toEqual([1]);
  expect(await count()).toBe(4_001);
});

test('an import that is called off leaves nothing behind', async () => {
  await api.call(addPerson, { body: { givenName: 'Ana', email: 'p7@example.com' } });
  const before = await everything();
  const importing = bring(2_500).catch((error: Error) => error.message);
  await underWay();
  expect(await api.call(cancelWork)).toEqual({ cancelled: true });
  expect(await importing).toBe(
    'Importing many.csv was called off. Everything is as it was before.',
  );
  await expectSame(before);
  expect(await api.call(getWork)).toEqual({ work: null });
});

test('a second large action waits its turn with a sentence', async () => {
  const importing = bring(3_000);
  await underWay();
  await expect(bring(300, 5_000)).rejects.toThrow('Importing many.csv is under way.');
  await importing;
  expect(await count()).toBe(3_000);
});

test('what a process that ended left half-done is taken back at the next start', async () => {
  await bring(400);
  const before = await everything();
  const all = (await api.call(listPeople, { query: { limit: 500 } })).rows.map(({ id }) => id);
  let stuck = () => {};
  void actInSteps(api.ctx, 'Half', async (step) => {
    await step((tx) =>
      tx.query(
        `update person set company = 'Half', version = version + 1 where id = any($1::uuid[])`,
        [all.slice(0, 200)],
      ),
    );
    await new Promise<void>((done) => (stuck = done));
    throw new Error('never');
  }).catch(() => {});
  await new Promise((done) => setTimeout(done, 50));
  expect(await everything()).not.toEqual(before);
  expect(await rollBackUnfinished(api.ctx)).toBe(1);
  await expectSame(before);
  stuck();
});

test('what somebody else changed meanwhile stays when a large action is taken back', async () => {
  await bring(2_500);
  const body = { who: { filter: {} }, change: { do: 'circle' as const, circleId: CIRCLE } };
  const changing = api.call(changeMany, { body }).catch((error: Error) => error.message);
  await underWay();
  const changed = await api.ctx.db.query<{ id: string; version: number }>(
    'select id, version from person where circle_id is not null limit 1',
  );
  const [one] = changed;
  await api.call(editPerson, {
    params: { id: one!.id },
    body: { version: one!.version, company: 'New firm' },
  });
  await api.call(cancelWork);
  expect(await changing).toMatch(/called off/);
  const sheet = await api.call(getPerson, { params: { id: one!.id } });
  expect(sheet).toMatchObject({ fields: { company: 'New firm' }, circle: null });
  expect(await api.ctx.db.query('select 1 from person where circle_id is not null')).toEqual([]);
});

test('large actions are undone and taken back in steps, whole', async () => {
  const { batchId } = await bring(900);
  const before = await everything();
  const { actionId, people } = await api.call(changeMany, {
    body: { who: { filter: {} }, change: { do: 'addTag', tag: 'all' } },
  });
  expect(people).toBe(900);
  await api.call(undoAction, { params: { id: actionId } });
  const { action: _, change: __, request: ___, ...after } = await everything();
  expect(after).toEqual(
    Object.fromEntries(Object.entries(before).filter(([name]) => name in after)),
  );
  expect(await api.call(undoImport, { params: { id: batchId } })).toMatchObject({
    removed: 900,
    kept: 0,
  });
  expect(await count()).toBe(0);
  const { actions } = await api.call(listActions, { query: { limit: 1 } });
  await api.call(undoAction, { params: { id: actions[0]!.id } });
  expect(await count()).toBe(900);
  expect((await api.call(listImports)).batches[0]).toMatchObject({ undone: false, people: 900 });
});
