import { existsSync } from 'node:fs';
import { access, constants, mkdir } from 'node:fs/promises';
import { join } from 'node:path';

import { backup } from './backup';
import type { Db } from './db';
import { lockDataDir } from './lock';
import { migrate, readMigrations } from './migrate';
import { openPglite } from './pglite';
import { lockDatabase, openPostgres } from './postgres';

export interface OpenOptions {
  /** A PostgreSQL server to use instead of PGlite. */
  url: string | null;
  /** Where PGlite keeps its data. */
  dataDir: string;
  migrationsDir: string;
  /** A migrated, empty database that a new directory starts from, if it is there. */
  image: string;
}

export interface OpenDb {
  db: Db;
  schema: number;
  close(): Promise<void>;
}

const DISK_FULL = (dir: string) => `The disk that holds ${dir} is full. Make room and start again.`;

/** Opens, locks and migrates the database; a PGlite directory is backed up before a migration. */
export async function openDb(options: OpenOptions): Promise<OpenDb> {
  const migrations = await readMigrations(options.migrationsDir);
  if (options.url) {
    const release = await lockDatabase(options.url);
    const db = openPostgres(options.url);
    try {
      const schema = await migrate(db, migrations);
      return {
        db,
        schema,
        close: async () => {
          await db.close();
          await release();
        },
      };
    } catch (error) {
      await db.close();
      await release();
      throw error;
    }
  }
  await assertWritable(options.dataDir);
  const release = await lockDataDir(options.dataDir);
  try {
    const dir = join(options.dataDir, 'pg');
    const image = !existsSync(dir) && existsSync(options.image) ? options.image : undefined;
    const db = await openPglite(dir, image);
    const schema = await migrate(db, migrations, () =>
      backup(db, options.dataDir, 'before-update'),
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

async function assertWritable(dir: string): Promise<void> {
  try {
    await mkdir(dir, { recursive: true });
    await access(dir, constants.W_OK);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw new Error(DISK_FULL(dir));
    throw new Error(
      `Pen Pal can't write to ${dir}. Give it a directory of its own with --data, or change the rights of this one.`,
    );
  }
}
