import type { Db } from './db';

/**
 * Removes what was deleted from the files themselves: tables and their indexes are written anew, what is
 * known of their contents (statistics) is made anew, and the log begins anew. PostgreSQL otherwise only
 * marks rows as gone and writes over them some day. A PostgreSQL server is its administrator's to clean.
 */
export async function scrub(db: Db): Promise<void> {
  if (db.kind !== 'pglite') return;
  const tables = await db.query<{ name: string }>(
    `select format('%I.%I', schemaname, tablename) as name from pg_tables where schemaname = 'public'`,
  );
  for (const { name } of tables) {
    await db.query(`vacuum (full, analyze) ${name}`);
    await new Promise(setImmediate);
  }
  await db.query('vacuum full pg_statistic');
  // The log up to here is not needed once all is in the tables' files; the next part of it is new.
  await db.checkpoint();
  await db.query('select pg_switch_wal()');
  await db.checkpoint();
}
