import type { Db } from './db';
import { migrate, readMigrations, schemaVersion } from './migrate';
import { openPglite } from './pglite';

let db: Db;
beforeEach(async () => {
  db = await openPglite(null, process.env.PENPAL_TEST_IMAGE);
});
afterEach(() => db.close());

const next = (text: string, number = 900) => ({ number, name: `${number}-next.sql`, text });

test('a migration that is missing is applied once, after a backup', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const backup = jest.fn(async () => {});
  const all = [...shipped, next('create table extra (n int)')];
  expect(await migrate(db, all, backup)).toBe(900);
  expect(await migrate(db, all, backup)).toBe(900);
  expect(backup).toHaveBeenCalledTimes(1);
  expect(await db.query('select * from extra')).toEqual([]);
});

test('one that fails leaves the database as it was', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const before = await schemaVersion(db);
  await expect(
    migrate(db, [...shipped, next('create table extra (n int); select 1/0')]),
  ).rejects.toThrow('division by zero');
  expect(await schemaVersion(db)).toBe(before);
  expect(await db.query(`select to_regclass('extra') as found`)).toEqual([{ found: null }]);
});

test('data that a newer program has changed is refused with a sentence', async () => {
  const shipped = await readMigrations('server/db/migrations');
  await migrate(db, [...shipped, next('select 1')]);
  await expect(migrate(db, shipped)).rejects.toThrow(
    `This data was last opened by a newer Pen Pal (schema 900; this one knows ${shipped.at(-1)!.number}).`,
  );
});

test('days, instants, large and exact numbers come as the program wants them', async () => {
  const [row] = await db.query(
    `select date '2026-11-23' as day, timestamptz '2026-11-23 08:00:00-08' as at, 5::bigint as big, 0.25::numeric as exact`,
  );
  expect(row).toEqual({ day: '2026-11-23', at: '2026-11-23T16:00:00.000Z', big: 5, exact: 0.25 });
});
