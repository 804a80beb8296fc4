import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';

import { maybeOne, one, type Db } from './db';

export interface Migration {
  number: number;
  name: string;
  text: string;
}

/** Reads the migrations of a directory in their order. */
export async function readMigrations(dir: string): Promise<Migration[]> {
  const names = (await readdir(dir)).filter((name) => /^\d{3}-.+\.sql$/.test(name)).sort();
  return Promise.all(
    names.map(async (name) => ({
      number: Number(name.slice(0, 3)),
      name,
      text: await readFile(join(dir, name), 'utf8'),
    })),
  );
}

/** The number of the newest migration that the database has; 0 for an empty one. */
export async function schemaVersion(db: Db): Promise<number> {
  const table = await maybeOne<{ found: string | null }>(
    db,
    `select to_regclass('migration')::text as found`,
  );
  if (!table?.found) return 0;
  const { number } = await one<{ number: number }>(
    db,
    'select coalesce(max(number), 0)::int as number from migration',
  );
  return number;
}

/**
 * Applies the migrations that the database lacks, each in a transaction; `beforeChange` runs first
 * when there is something to apply to a database that holds data. Refuses a database that a newer
 * program has already changed.
 */
export async function migrate(
  db: Db,
  migrations: readonly Migration[],
  beforeChange: () => Promise<void> = async () => {},
): Promise<number> {
  const present = await schemaVersion(db);
  const newest = migrations.at(-1)?.number ?? 0;
  if (present > newest)
    throw new Error(
      `This data was last opened by a newer Pen Pal (schema ${present}; this one knows ${newest}). Start that version, or restore a backup.`,
    );
  const missing = migrations.filter(({ number }) => number > present);
  if (missing.length > 0 && present > 0) await beforeChange();
  for (const { number, name, text } of missing) {
    const script = `begin;
      create table if not exists migration (number int primary key, name text not null);
      insert into migration (number, name) values (${number}, '${name.replaceAll("'", "''")}');
      ${text}
      ; commit;`;
    try {
      await db.script(script);
    } catch (error) {
      await db.script('rollback');
      throw error;
    }
  }
  return newest;
}
