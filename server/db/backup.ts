import { mkdir, readdir, rename, unlink } from 'node:fs/promises';
import { join, relative } from 'node:path';

import { create } from 'tar';

import type { Db } from './db';
import { flushFile } from './flush';

const KEPT_BACKUPS = 7;
const CONTROL = 'global/pg_control';
const LOG = 'pg_wal/';
const SEGMENT = /^pg_wal\/[0-9A-F]{24}$/;

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
  await db.query('checkpoint');
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

/** Writes everything into one file below `backups/` and keeps the newest few. */
export async function backup(db: Db, dataDir: string, label: string): Promise<void> {
  const dir = join(dataDir, 'backups');
  await mkdir(dir, { recursive: true });
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  const unfinished = join(dir, 'unfinished');
  await copy(db, join(dataDir, 'pg'), unfinished);
  await flushFile(unfinished);
  await rename(unfinished, join(dir, `${stamp}-${label}.tar.gz`));
  const names = (await readdir(dir)).filter((name) => name.endsWith('.tar.gz')).sort();
  for (const name of names.slice(0, -KEPT_BACKUPS)) await unlink(join(dir, name));
}
