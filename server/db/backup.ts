import { mkdir, readdir, rename, rm, stat, unlink } from 'node:fs/promises';
import { join, relative } from 'node:path';

import { create, extract } from 'tar';

import type { Db } from './db';
import { flushFile, gone } from './flush';

/** So many backups are kept, the latest. */
export const KEPT_BACKUPS = 7;
const CONTROL = 'global/pg_control';
const LOG = 'pg_wal/';
const SEGMENT = /^pg_wal\/[0-9A-F]{24}$/;
const SUFFIX = '.tar.gz';

/** Files of a data directory: first where recovery begins, last the log. */
async function filesOf(pgDir: string): Promise<string[]> {
  const entries = await readdir(pgDir, { recursive: true, withFileTypes: true });
  const names = entries.map(({ parentPath, name }) => relative(pgDir, join(parentPath, name)));
  const place = (name: string) => (name === CONTROL ? 0 : name.startsWith(LOG) ? 2 : 1);
  const byDepth = names.sort((a, b) => a.split('/').length - b.split('/').length);
  return byDepth.sort((a, b) => place(a) - place(b));
}

/**
 * Copies a PGlite directory that is in use into one file that `openPglite` can start from, while
 * others go on reading and writing. Made as PostgreSQL makes a base backup (its manual, "Continuous
 * Archiving"): after a checkpoint, at which recovery begins, the files are copied one after the other,
 * and last the log, by which recovery puts right what was written meanwhile. Nobody may make another
 * checkpoint at the same time; `server/upkeep` sees to it.
 */
async function copy(db: Db, pgDir: string, file: string): Promise<void> {
  const beganMs = Date.now();
  await db.checkpoint();
  await create(
    {
      file,
      cwd: pgDir,
      gzip: { level: 1 },
      // As PGlite names them.
      prefix: '/',
      preservePaths: true,
      portable: true,
      noPax: true,
      noDirRecurse: true,
      jobs: 1,
      // Parts of the log from before the checkpoint, or kept for later, are not needed.
      filter: (path, stat) =>
        !SEGMENT.test(path) || (stat as { mtimeMs: number }).mtimeMs > beganMs - 1_000,
    },
    await filesOf(pgDir),
  );
}

/** Files come and go while they are copied: a table that is written anew leaves its old one. */
const TRIES = 5;

async function copyWhole(db: Db, pgDir: string, file: string): Promise<void> {
  for (let left = TRIES; ; left--)
    try {
      return await copy(db, pgDir, file);
    } catch (error) {
      if (left <= 1 || (error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    }
}

/** Where the backups of a data directory are. */
export const backupsDir = (dataDir: string) => join(dataDir, 'backups');

/**
 * Writes everything into one file below `backups/`, aside until it is whole, and keeps the newest few.
 * Answers its name.
 */
export async function backup(db: Db, dataDir: string, label: string): Promise<string> {
  const dir = backupsDir(dataDir);
  await mkdir(dir, { recursive: true });
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  const unfinished = join(dir, 'unfinished');
  const name = `${stamp}-${label}${SUFFIX}`;
  await copyWhole(db, join(dataDir, 'pg'), unfinished);
  await flushFile(unfinished);
  await rename(unfinished, join(dir, name));
  for (const { name: old } of (await backupsIn(dataDir)).slice(KEPT_BACKUPS))
    await unlink(join(dir, old));
  return name;
}

/** A backup as a file. */
export interface BackupFile {
  name: string;
  madeMs: number;
  bytes: number;
}

/** The backups that are there, the newest first; one from the future is older than all others. */
export async function backupsIn(dataDir: string, nowMs = Date.now()): Promise<BackupFile[]> {
  const dir = backupsDir(dataDir);
  const names = (await readdir(dir).catch(() => [])).filter((name) => name.endsWith(SUFFIX));
  const files = await Promise.all(
    names.map(async (name) => {
      const found = await stat(join(dir, name)).catch(gone);
      return found && { name, madeMs: found.mtimeMs, bytes: found.size };
    }),
  );
  const age = ({ madeMs }: BackupFile) => (madeMs > nowMs ? Infinity : nowMs - madeMs);
  return files
    .filter((file) => file !== null)
    .sort((a, b) => age(a) - age(b) || b.name.localeCompare(a.name));
}

/**
 * Unpacks a backup, or the image of an empty database, into a directory that is there only when it is
 * whole.
 */
export async function unpack(file: string, dir: string): Promise<void> {
  const aside = `${dir}.unpacking`;
  await rm(aside, { recursive: true, force: true });
  await mkdir(aside, { recursive: true });
  const faults: unknown[] = [];
  await extract({
    file,
    cwd: aside,
    // What could not be written is otherwise only warned of; that names lose their first slash is meant.
    onwarn: (code, message, data) => {
      if (code !== 'TAR_ENTRY_INFO') faults.push(data instanceof Error ? data : new Error(message));
    },
  });
  if (faults.length > 0) throw faults[0];
  for (const entry of await readdir(aside, { recursive: true, withFileTypes: true }))
    if (entry.isFile()) await flushFile(join(entry.parentPath, entry.name));
  await rename(aside, dir);
}
