import { spawnSync } from 'node:child_process';
import { mkdtemp, readdir, readFile, rm, utimes, writeFile } from 'node:fs/promises';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';

import { DataDirHeld, lockDataDir } from './lock';

let dir: string;
beforeEach(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-lock-'));
});
afterEach(() => rm(dir, { recursive: true, force: true }));

const lockFile = () => join(dir, 'penpal.lock');
const hold = (change: object) =>
  writeFile(
    lockFile(),
    JSON.stringify({
      id: 'before',
      pid: process.pid,
      startedTicks: null,
      host: hostname(),
      since: '2026-11-23T08:00:00.000Z',
      ...change,
    }),
  );
const deadPid = () => spawnSync(process.execPath, ['-e', '']).pid;

test('a second one is refused, and the holder is named', async () => {
  const release = await lockDataDir(dir);
  await expect(lockDataDir(dir)).rejects.toThrow(DataDirHeld);
  await expect(lockDataDir(dir)).rejects.toThrow(
    new RegExp(`already open in another Pen Pal \\(process ${process.pid} on ${hostname()}`),
  );
  await release();
  await (
    await lockDataDir(dir)
  )();
  expect(await readdir(dir)).toEqual([]);
});

test('a dead holder does not keep it', async () => {
  await hold({ pid: deadPid() });
  await (
    await lockDataDir(dir)
  )();
});

test('nor does another process that was given the same number', async () => {
  await hold({ startedTicks: '1' });
  await (
    await lockDataDir(dir)
  )();
});

test.each(['', '{', 'null', '{"pid":"x"}', 'somebody else was here'])(
  'a lock that can’t be read (%j) keeps nobody out',
  async (text) => {
    await writeFile(lockFile(), text);
    await (
      await lockDataDir(dir)
    )();
  },
);

test('a machine that was renamed, or a new container, is not kept out by its own old lock', async () => {
  await hold({ host: 'before-it-was-renamed' });
  const minuteAgo = new Date(Date.now() - 60_000);
  await utimes(lockFile(), minuteAgo, minuteAgo);
  await (
    await lockDataDir(dir)
  )();
});

test('a holder on another machine is believed', async () => {
  await hold({ pid: deadPid(), host: 'elsewhere' });
  await expect(lockDataDir(dir)).rejects.toThrow('on elsewhere');
});

test.each([1, 2, 3, 4, 5])(
  'of many that try at once over a dead lock, one gets it (%i)',
  async () => {
    await hold({ pid: deadPid() });
    const tries = await Promise.allSettled(Array.from({ length: 20 }, () => lockDataDir(dir)));
    expect(tries.filter(({ status }) => status === 'fulfilled')).toHaveLength(1);
    expect(JSON.parse(await readFile(lockFile(), 'utf8'))).toMatchObject({ pid: process.pid });
  },
);
