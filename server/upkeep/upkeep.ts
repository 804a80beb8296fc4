import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

import type { Db } from '../db';
import { backup } from '../db';
import { flushFile } from '../db/flush';

const HOUR_MS = 3_600_000;
const BACKUP_EVERY_MS = 24 * HOUR_MS;
/** PGlite runs no checkpointer, so its log grows until it is told to make one. */
const WAL_LIMIT_BYTES = 64 * 1024 * 1024;

async function sizeOf(dir: string): Promise<number> {
  const sizes = await Promise.all(
    (await readdir(dir)).map(async (name) => (await stat(join(dir, name))).size),
  );
  return sizes.reduce((sum, size) => sum + size, 0);
}

const turns = new WeakMap<Db, Promise<unknown>>();

/** One after the other: a checkpoint in the middle of a backup would take away the log it needs. */
function inTurn<T>(db: Db, work: () => Promise<T>): Promise<T> {
  const mine = (turns.get(db) ?? Promise.resolve()).then(work, work);
  turns.set(db, mine);
  return mine;
}

/** Writes everything into the tables' files, when the log is long, and asks the disk to keep them. */
export const checkpointWhenLong = (
  db: Db,
  dataDir: string,
  longBytes = WAL_LIMIT_BYTES,
): Promise<boolean> => inTurn(db, () => checkpoint(db, dataDir, longBytes));

async function checkpoint(db: Db, dataDir: string, longBytes: number): Promise<boolean> {
  const pgDir = join(dataDir, 'pg');
  if ((await sizeOf(join(pgDir, 'pg_wal'))) <= longBytes) return false;
  await db.query('checkpoint');
  for (const entry of await readdir(pgDir, { recursive: true, withFileTypes: true }))
    if (entry.isFile()) await flushFile(join(entry.parentPath, entry.name));
  return true;
}

async function newestBackupMs(dataDir: string): Promise<number> {
  const dir = join(dataDir, 'backups');
  const names = (await readdir(dir).catch(() => [])).filter((name) => name.endsWith('.gz'));
  const times = await Promise.all(names.map(async (name) => (await stat(join(dir, name))).mtimeMs));
  return Math.max(0, ...times);
}

/** Makes a backup unless the newest is of the last day, by the machine's own clock. */
export const backupDaily = (db: Db, dataDir: string, nowMs: number): Promise<boolean> =>
  inTurn(db, async () => {
    if (nowMs - (await newestBackupMs(dataDir)) <= BACKUP_EVERY_MS) return false;
    await backup(db, dataDir, 'daily');
    return true;
  });
