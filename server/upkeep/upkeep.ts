import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

import { backup, backupsIn, flushFile, inTurn, type BackupFile, type Db } from '../db';

const HOUR_MS = 3_600_000;
/** PGlite runs no checkpointer, so its log grows until it is told to make one. */
const WAL_LIMIT_BYTES = 64 * 1024 * 1024;

async function sizeOf(dir: string): Promise<number> {
  const sizes = await Promise.all(
    (await readdir(dir)).map(async (name) => (await stat(join(dir, name))).size),
  );
  return sizes.reduce((sum, size) => sum + size, 0);
}

const turns = new WeakMap<Db, ReturnType<typeof inTurn>>();

/** One after the other: a checkpoint in the middle of a backup would take away the log it needs. */
export function oneAtATime<T>(db: Db, work: () => Promise<T>): Promise<T> {
  const turn = turns.get(db) ?? inTurn();
  turns.set(db, turn);
  return turn(work);
}

/** Writes everything into the tables' files, when the log is long, and asks the disk to keep them. */
export const checkpointWhenLong = (
  db: Db,
  dataDir: string,
  longBytes = WAL_LIMIT_BYTES,
): Promise<boolean> => oneAtATime(db, () => checkpoint(db, dataDir, longBytes));

async function checkpoint(db: Db, dataDir: string, longBytes: number): Promise<boolean> {
  const pgDir = join(dataDir, 'pg');
  if ((await sizeOf(join(pgDir, 'pg_wal'))) <= longBytes) return false;
  await db.checkpoint();
  for (const entry of await readdir(pgDir, { recursive: true, withFileTypes: true }))
    if (entry.isFile()) await flushFile(join(entry.parentPath, entry.name));
  return true;
}

/** While there are so few, everything is new and a day is long: then one every hour. */
const FEW = 3;

/** Whether a backup is wanted, given those that are there; one that is dated ahead counts for nothing. */
export function isBackupDue(files: readonly Pick<BackupFile, 'madeMs'>[], nowMs: number): boolean {
  const made = files.map(({ madeMs }) => madeMs).filter((ms) => ms <= nowMs);
  const every = made.length < FEW ? HOUR_MS : 24 * HOUR_MS;
  return nowMs - Math.max(0, ...made) > every;
}

/** Makes a backup when one is due, by the machine's own clock; answers its name. */
export const backupWhenDue = (db: Db, dataDir: string, nowMs: number): Promise<string | null> =>
  oneAtATime(db, async () =>
    isBackupDue(await backupsIn(dataDir, nowMs), nowMs) ? backup(db, dataDir, 'daily') : null,
  );
