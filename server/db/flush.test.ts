import { mkdtemp, rm, writeFile, mkdir } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { walFlusher } from './flush';
import { openPglite } from './pglite';

// The module itself, whose functions can be replaced.
const fs = jest.requireActual<typeof import('node:fs/promises')>('node:fs/promises');

let dir: string;
beforeEach(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-flush-'));
});
afterEach(async () => {
  jest.restoreAllMocks();
  await rm(dir, { recursive: true, force: true });
});

test.each(['stat', 'open'] as const)(
  'a part of the log that a checkpoint takes away before %s is nothing to keep',
  async (call) => {
    const segment = join(dir, 'pg_wal', '000000010000000000000001');
    await mkdir(join(dir, 'pg_wal'));
    await writeFile(segment, 'x');
    const real = fs[call] as (...args: unknown[]) => Promise<unknown>;
    const spy = jest.spyOn(fs, call as 'stat').mockImplementation((async (...args: unknown[]) => {
      await rm(segment);
      return real(...args);
    }) as never);
    await walFlusher(dir)();
    expect(spy).toHaveBeenCalledTimes(1);
  },
);

test('what the disk would not keep at once is told, and fails nobody who was told that it is done', async () => {
  const faults: unknown[] = [];
  const db = await openPglite(join(dir, 'pg'), process.env.PENPAL_TEST_IMAGE, {
    onFlushFault: (fault) => faults.push(fault),
  });
  const eio = Object.assign(new Error('EIO'), { code: 'EIO' });
  const spy = jest.spyOn(fs, 'open').mockRejectedValue(eio);
  const add = (name: string) =>
    db.transaction((tx) =>
      tx.query(
        `insert into person (id, name, added_on) values (gen_random_uuid(), $1, '2026-11-23')`,
        [name],
      ),
    );
  await add('Ana');
  expect(faults).toEqual([eio]);
  spy.mockRestore();
  await add('Bo');
  expect(faults).toHaveLength(1);
  expect(await db.query('select name from person order by name')).toEqual([
    { name: 'Ana' },
    { name: 'Bo' },
  ]);
  await db.close();
});

test('a single statement is on the disk when it is answered, as a transaction is; reading flushes nothing', async () => {
  const db = await openPglite(join(dir, 'pg'), process.env.PENPAL_TEST_IMAGE);
  const file = await fs.open(join(dir, 'pg', 'PG_VERSION'));
  const spy = jest.spyOn(Object.getPrototypeOf(file) as typeof file, 'datasync');
  await file.close();
  const flushes = async (work: () => Promise<unknown>) => {
    spy.mockClear();
    await work();
    return spy.mock.calls.length > 0;
  };
  const add = `insert into memo (key, value) values ('a', '1')`;
  expect(await flushes(() => db.query('select 1'))).toBe(false);
  expect(await flushes(() => db.query(add))).toBe(true);
  expect(await flushes(() => db.query(`update memo set value = '2' where key = 'a'`))).toBe(true);
  expect(
    await flushes(() =>
      db.query(`with gone as (delete from memo where key = 'a' returning 1) select * from gone`),
    ),
  ).toBe(true);
  expect(await flushes(() => db.script(`${add}; delete from memo`))).toBe(true);
  await db.close();
});

test('writes and checkpoints at the same time: none of them fails', async () => {
  const faults: unknown[] = [];
  const db = await openPglite(join(dir, 'pg'), process.env.PENPAL_TEST_IMAGE, {
    onFlushFault: (fault) => faults.push(fault),
  });
  const note = 'x'.repeat(200_000);
  await db.script('create table filler (t text)');
  await Promise.all([
    ...Array.from({ length: 120 }, (_, i) =>
      db.transaction((tx) => tx.query('insert into filler values ($1)', [i + note])),
    ),
    ...Array.from({ length: 12 }, () => db.checkpoint()),
  ]);
  expect(faults).toEqual([]);
  expect(await db.query('select count(*)::int as n from filler')).toEqual([{ n: 120 }]);
  await db.close();
});
