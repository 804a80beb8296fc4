import { join } from 'node:path';

import { openPglite } from '@/server/db/pglite';

import { open, putBack, rowsOf } from '../db';

/**
 * Loads every row of a directory that nobody has open into a new database of the PostgreSQL server that
 * is named in the environment, where types, checks and unique keys are held by each row that comes in,
 * and references by being made anew afterwards. Answers what was refused.
 */
export async function refusedByPostgres(dataDir: string): Promise<string[]> {
  const from = await openPglite(join(dataDir, 'pg'));
  const rows = await rowsOf(from);
  await from.close();
  const { db, close } = await open();
  try {
    await putBack({ db, rows });
    const references = await db.query<{ again: string }>(
      `select format('alter table %s drop constraint %I, add constraint %2$I %s',
         conrelid::regclass, conname, pg_get_constraintdef(oid)) as again
       from pg_constraint where contype = 'f' and connamespace = 'public'::regnamespace`,
    );
    for (const { again } of references) await db.script(again);
    return [];
  } catch (error) {
    return [`refused by PostgreSQL: ${String(error)}`];
  } finally {
    await close();
  }
}
