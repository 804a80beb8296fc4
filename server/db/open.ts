import { existsSync } from 'node:fs';
import { access, constants, mkdir } from 'node:fs/promises';
import { join } from 'node:path';

import { backup, backupsDir, backupsIn, unpack } from './backup';
import type { Db } from './db';
import { lockDataDir } from './lock';
import { migrate, readMigrations } from './migrate';
import { openPglite } from './pglite';
import { makePrivate } from './rights';
import { openPostgres } from './postgres';
import { DatabaseLock, type LockEvents } from './postgres-lock';

export interface OpenOptions extends LockEvents {
  /** A PostgreSQL server to use instead of PGlite. */
  url: string | null;
  /** Where PGlite keeps its data. */
  dataDir: string;
  migrationsDir: string;
  /** A migrated, empty database that a new directory starts from, if it is there. */
  image: string;
  /** Told when the disk would not keep the log at once, or a connection broke. */
  onFault?: (error: unknown) => void;
}

export interface OpenDb {
  db: Db;
  schema: number;
  close(): Promise<void>;
}

/** Opens, locks and migrates the database; a PGlite directory is backed up before a migration. */
export async function openDb(options: OpenOptions): Promise<OpenDb> {
  const migrations = await readMigrations(options.migrationsDir);
  if (options.url) {
    const lock = await DatabaseLock.take(options.url, options);
    const { onFault } = options;
    const db = openPostgres(options.url, { lock, ...(onFault ? { onFault } : {}) });
    try {
      const schema = await migrate(db, migrations);
      await lock.claimEpoch();
      return {
        db,
        schema,
        close: async () => {
          await db.close();
          await lock.release();
        },
      };
    } catch (error) {
      await db.close();
      await lock.release();
      throw error;
    }
  }
  await assertWritable(options.dataDir);
  const release = await lockDataDir(options.dataDir);
  try {
    const dir = join(options.dataDir, 'pg');
    // Unpacked aside, so that what a killed start leaves behind is never taken for data.
    if (!existsSync(dir) && existsSync(options.image)) await unpack(options.image, dir);
    const db = await openOrSay(dir, options);
    await makePrivate(options.dataDir);
    const schema = await migrate(
      db,
      migrations,
      async () => void (await backup(db, options.dataDir, 'before-update')),
    );
    return {
      db,
      schema,
      close: async () => {
        await db.close();
        await release();
      },
    };
  } catch (error) {
    await release();
    throw error;
  }
}

/** @throws Error that says how to come back to data that opens */
async function openOrSay(dir: string, { dataDir, onFault }: OpenOptions): Promise<Db> {
  try {
    return await openPglite(dir, undefined, onFault ? { onFlushFault: onFault } : {});
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw error;
    const [newest] = await backupsIn(dataDir);
    const way = newest
      ? `restore the newest backup: npm run restore -- ${join(backupsDir(dataDir), newest.name)} --data ${dataDir}`
      : 'put back a copy of it; there is no backup below it yet';
    throw new Error(
      `Pen Pal can't open the data in ${dir}: it is not whole. Move nothing away; ${way}.`,
      {
        cause: error,
      },
    );
  }
}

async function assertWritable(dir: string): Promise<void> {
  try {
    await mkdir(dir, { recursive: true });
    await access(dir, constants.W_OK);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw error;
    throw new Error(
      `Pen Pal can't write to ${dir}. Give it a directory of its own with --data, or change the rights of this one.`,
    );
  }
}
