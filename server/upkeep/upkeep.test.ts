import {
  cp,
  mkdir,
  mkdtemp,
  readdir,
  readFile,
  rm,
  stat,
  utimes,
  writeFile,
} from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { create } from 'tar';

import { backup, unpack } from '../db';
import { openPglite } from '../db/pglite';
import { checkBackup, checkedIn, openBackup } from './check';
import { backupWhenDue, checkpointWhenLong, isBackupDue } from './upkeep';

let dir: string;
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-upkeep-'));
});
afterAll(() => rm(dir, { recursive: true, force: true }));

const backups = async () =>
  (await readdir(join(dir, 'backups'))).filter((name) => name.endsWith('.gz'));
const image = () => process.env.PENPAL_TEST_IMAGE;

test('a backup a day, from which everything can be had again', async () => {
  const db = await openPglite(join(dir, 'pg'), image());
  await db.query(
    `insert into person (id, name, added_on) values ('0190a000-0000-7000-8000-0000000000aa', 'Ana', '2026-11-23')`,
  );
  const now = Date.now();
  await backupWhenDue(db, dir, now);
  await backupWhenDue(db, dir, now + 1_800_000);
  expect(await backups()).toHaveLength(1);
  await backupWhenDue(db, dir, now + 25 * 3_600_000);
  expect(await backups()).toHaveLength(2);
  await db.close();
  const [first] = await backups();
  const restored = await openPglite(null, join(dir, 'backups', first!));
  expect(await restored.query('select name from person')).toEqual([{ name: 'Ana' }]);
  await restored.close();
});

test('others go on writing while a backup is made, and it holds all that was there when it began', async () => {
  const data = join(dir, 'busy');
  await mkdir(data);
  const db = await openPglite(join(data, 'pg'), image());
  const add = (from: number, to: number) =>
    db.query(
      `insert into person (id, name, search_text, added_on)
       select gen_random_uuid(), 'P' || n, md5(n::text) || repeat(md5((n + 1)::text), 20), '2026-11-23'
       from generate_series($1::int, $2::int) n`,
      [from, to],
    );
  await add(1, 4_000);
  let making = true;
  const made = backup(db, data, 'busy').then(() => (making = false));
  let n = 4_000;
  for (; making; n += 50) {
    await add(n + 1, n + 50);
    await new Promise((done) => setTimeout(done, 40));
    await db.query(`update person set company = 'Firm' where name = 'P' || ($1::int)`, [n]);
  }
  await made;
  await db.close();
  expect(n).toBeGreaterThan(4_100);
  const [name] = await readdir(join(data, 'backups'));
  const restored = await openPglite(null, join(data, 'backups', name!));
  const [row] = await restored.query<{ people: number; first: number }>(
    `select count(*)::int as people, (count(*) filter (where name in (select 'P' || n from generate_series(1, 4000) n)))::int as first from person`,
  );
  expect(row!.first).toBe(4_000);
  // What came meanwhile is there up to some moment, each statement whole.
  expect(row!.people % 50).toBe(0);
  expect(row!.people).toBeLessThanOrEqual(n);
  // The indexes tell the same as the table, and it can be written to.
  await restored.script('set enable_seqscan = off; reindex table person_all');
  await restored.query(`update person set company = 'New'`);
  expect(
    await restored.query(
      `select id from person where search_text like '%${'0'.repeat(4)}%' and company <> 'New'`,
    ),
  ).toEqual([]);
  await restored.close();
});

test('only the newest seven are kept', async () => {
  const [name] = await backups();
  for (let i = 0; i < 9; i++) {
    const old = join(dir, 'backups', `2020-01-0${i}-daily.tar.gz`);
    await cp(join(dir, 'backups', name!), old);
    await utimes(old, 0, 0);
  }
  for (const recent of (await backups()).filter((n) => !n.startsWith('2020')))
    await utimes(join(dir, 'backups', recent), 0, 0);
  const db = await openPglite(join(dir, 'pg'));
  await backupWhenDue(db, dir, Date.now());
  await db.close();
  expect(await backups()).toHaveLength(7);
  expect((await backups()).at(-1)).not.toMatch(/^2020/);
});

test('a long log is written into the tables, and starts anew', async () => {
  const db = await openPglite(join(dir, 'pg'));
  const insert = `insert into note (id, person_id, on_day, body, search_text)
    select gen_random_uuid(), '0190a000-0000-7000-8000-0000000000aa', '2026-11-23', repeat(md5(n::text), 60), '' from generate_series(1, 4000) n`;
  await db.query(insert);
  const wal = join(dir, 'pg/pg_wal');
  const redo = async () =>
    (await db.query<{ at: string }>('select redo_lsn::text as at from pg_control_checkpoint()'))[0]!
      .at;
  const before = await redo();
  const sizes = await Promise.all(
    (await readdir(wal)).map(async (n) => (await stat(join(wal, n))).size),
  );
  const long = sizes.reduce((a, b) => a + b, 0);
  expect(await checkpointWhenLong(db, dir, long + 1)).toBe(false);
  expect(await redo()).toBe(before);
  expect(await checkpointWhenLong(db, dir, long - 1)).toBe(true);
  expect(await redo()).not.toBe(before);

  // Asked for while a backup is made, it waits: the backup needs the log from its own checkpoint on.
  await db.query(insert);
  const order: string[] = [];
  const backingUp = backupWhenDue(db, dir, Date.now() + 25 * 3_600_000).then(() =>
    order.push('backup'),
  );
  await new Promise((done) => setTimeout(done, 100));
  await db.query(insert);
  await checkpointWhenLong(db, dir, 1).then(() => order.push('checkpoint'));
  await backingUp;
  expect(order).toEqual(['backup', 'checkpoint']);
  await db.close();
  const restored = await openPglite(null, join(dir, 'backups', (await backups()).at(-1)!));
  const [row] = await restored.query<{ n: number }>('select count(*)::int as n from note');
  expect(row!.n).toBeGreaterThanOrEqual(8_000);
  await restored.close();
});

const HOUR = 3_600_000;

test.each([
  ['there is none', [], true],
  ['the first is half an hour old', [-0.5], false],
  ['the first is two hours old: everything is new', [-2], true],
  ['three are there, the newest of the last day', [-2, -30, -60], false],
  ['three are there, the newest older than a day', [-25, -30, -60], true],
  ['one is dated 2036, as a wrong clock left it', [90_000], true],
  ['one is dated ahead, and one is of now', [90_000, -0.1], false],
])('a backup when %s', (_, hours, due) => {
  const now = Date.now();
  const files = (hours as number[]).map((h) => ({ madeMs: now + h * HOUR }));
  expect(isBackupDue(files, now)).toBe(due);
});

test('a backup is opened in a place of its own, and what came of it stands beside it', async () => {
  const [name] = await backups();
  expect(await checkBackup(dir, name!, null)).toMatchObject({ people: 1, fault: null });
  const whole = await readFile(join(dir, 'backups', name!));
  const cut = 'cut-off.tar.gz';
  await writeFile(join(dir, 'backups', cut), whole.subarray(0, whole.length >> 1));
  await writeFile(join(dir, 'backups', 'empty.tar.gz'), '');
  for (const file of [cut, 'empty.tar.gz'])
    expect((await checkBackup(dir, file, null)).fault).toBe('It does not open.');
  expect(Object.keys(await checkedIn(dir)).sort()).toEqual([name, cut, 'empty.tar.gz'].sort());
  // Nothing of the scratch is left.
  expect((await readdir(join(dir, 'backups'))).filter((n) => n.startsWith('scratch'))).toEqual([]);
});

test('what is damaged inside a table is found', async () => {
  const scratch = await mkdtemp(join(tmpdir(), 'penpal-damaged-'));
  const [name] = await backups();
  await unpack(join(dir, 'backups', name!), join(scratch, 'pg'));
  const db = await openPglite(join(scratch, 'pg'));
  const [table] = await db.query<{ path: string }>(
    `select pg_relation_filepath('person_all') as path`,
  );
  await db.close();
  const path = join(scratch, 'pg', table!.path);
  const page = await readFile(path);
  // Line pointers that lead nowhere.
  page.fill(0x5a, 24, 40);
  await writeFile(path, page);
  await create(
    {
      file: join(scratch, 'damaged.tar.gz'),
      cwd: join(scratch, 'pg'),
      gzip: true,
      prefix: '/',
      preservePaths: true,
    },
    ['.'],
  );
  expect((await openBackup(join(scratch, 'damaged.tar.gz'), scratch)).fault).not.toBeNull();
  await rm(scratch, { recursive: true });
});
