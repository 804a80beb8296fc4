import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import type { PGlite } from '@electric-sql/pglite';

import { mountSmallDisk, type SmallDisk } from '@/testing/small-disk';

import { restartable } from './panic';
import { openPglite } from './pglite';

let dir: string;
beforeEach(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-panic-'));
});
afterEach(() => rm(dir, { recursive: true, force: true }));

const PANIC = Object.assign(new Error('No space left on device'), { severity: 'PANIC' });

/** Answers with its name, until the statement that it does not survive. */
function fake(name: string) {
  const execProtocol = jest.fn(async (statement: unknown) => {
    if (statement === 'panic') throw PANIC;
    if (statement === 'error') throw new Error('syntax');
    return name;
  });
  const pg = { execProtocol, execProtocolStream: execProtocol, close: jest.fn() };
  return pg as unknown as PGlite & { execProtocol: (statement: string) => Promise<string> };
}

describe('what ended with a panic', () => {
  test('is asked nothing any more, and one is started in its place', async () => {
    const [first, second] = [fake('first'), fake('second')];
    const asked = first.execProtocol;
    const again = jest.fn(async () => second);
    const server = restartable(first, again);
    await expect(first.execProtocol('error')).rejects.toThrow('syntax');
    expect(await server.live()).toBe(first);
    await expect(first.execProtocolStream('panic' as never)).rejects.toBe(PANIC);
    await expect(first.execProtocol('rollback')).rejects.toBe(PANIC);
    expect(asked).not.toHaveBeenCalledWith('rollback');
    expect(await Promise.all([server.live(), server.live()])).toEqual([second, second]);
    expect(again).toHaveBeenCalledTimes(1);
    await server.close();
    expect(first.close).not.toHaveBeenCalled();
    expect(second.close).toHaveBeenCalledTimes(1);
  });

  test('is tried again by whoever asks next, and left alone when it closes', async () => {
    const first = fake('first');
    const again = jest.fn().mockRejectedValueOnce(new Error('full')).mockResolvedValue(fake('b'));
    const server = restartable(first, again);
    await first.execProtocol('panic').catch(() => {});
    await server.close();
    await expect(server.live()).rejects.toThrow('full');
    expect(await (await server.live()).execProtocol('x' as never)).toBe('b');
  });
});

/** Ends with a panic, as the disk has no room for what a checkpoint writes. */
async function panicOn(disk: SmallDisk) {
  const db = await openPglite(join(disk.dir, 'pg'), process.env.PENPAL_TEST_IMAGE);
  await db.script('create table kept (n int)');
  await db.query('insert into kept values (1)');
  disk.fill();
  await expect(db.checkpoint()).rejects.toMatchObject({ code: 'ENOSPC' });
  const grow = "create table grown as select repeat('x', 2000) from generate_series(1, 2000)";
  await expect(db.transaction((tx) => tx.query(grow))).rejects.toMatchObject({ code: '53100' });
  expect(await db.query('select n from kept')).toEqual([{ n: 1 }]);
  await expect(db.query('checkpoint')).rejects.toMatchObject({ severity: 'PANIC' });
  return db;
}

test('a full disk ends the database, which says so and comes back with everything once there is room', async () => {
  const disk = mountSmallDisk(join(dir, 'disk'));
  if (!disk) return;
  try {
    const db = await panicOn(disk);
    await expect(db.query('select n from kept')).rejects.toMatchObject({ code: 'ENOSPC' });
    await disk.makeRoom();
    await db.transaction(async (tx) => void (await tx.query('insert into kept values (2)')));
    expect(await db.query('select n from kept order by n')).toEqual([{ n: 1 }, { n: 2 }]);
    await db.checkpoint();
    await db.close();
  } finally {
    disk.remove();
  }
});

test('closed with a full disk, it is whole at the next start', async () => {
  const disk = mountSmallDisk(join(dir, 'disk'));
  if (!disk) return;
  try {
    await (await panicOn(disk)).close();
    await disk.makeRoom();
    const db = await openPglite(join(disk.dir, 'pg'));
    expect(await db.query('select n from kept')).toEqual([{ n: 1 }]);
    disk.fill();
    await db.close();
    await disk.makeRoom();
    const again = await openPglite(join(disk.dir, 'pg'));
    expect(await again.query('select n from kept')).toEqual([{ n: 1 }]);
    await again.close();
  } finally {
    disk.remove();
  }
});
