import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

import type { Db } from './db';
import { flushFile } from './flush';
import { backup } from './open';

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

/** Writes everything into the tables' files and asks the disk to keep all of them. */
async function checkpoint(db: Db, pgDir: string): Promise<void> {
  await db.query('checkpoint');
  for (const entry of await readdir(pgDir, { recursive: true, withFileTypes: true }))
    if (entry.isFile()) await flushFile(join(entry.parentPath, entry.name));
}

async function newestBackupMs(dataDir: string): Promise<number> {
  const dir = join(dataDir, 'backups');
  const names = await readdir(dir).catch(() => []);
  const times = await Promise.all(names.map(async (name) => (await stat(join(dir, name))).mtimeMs));
  return Math.max(0, ...times);
}

/** What a data directory needs now and then: a checkpoint when its log is long, a backup a day. */
export async function upkeep(db: Db, dataDir: string, nowMs: number): Promise<void> {
  const pgDir = join(dataDir, 'pg');
  if ((await sizeOf(join(pgDir, 'pg_wal'))) > WAL_LIMIT_BYTES) await checkpoint(db, pgDir);
  if (nowMs - (await newestBackupMs(dataDir)) > BACKUP_EVERY_MS) await backup(db, dataDir, 'daily');
}

/** Runs the upkeep every hour; answers how to stop it. A failure is told and tried again. */
export function startUpkeep(db: Db, dataDir: string, tell: (error: unknown) => void): () => void {
  const run = () => void upkeep(db, dataDir, Date.now()).catch(tell);
  const timer = setInterval(run, HOUR_MS);
  timer.unref();
  return () => clearInterval(timer);
}
