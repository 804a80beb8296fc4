import type { Db } from './db';

interface TableState {
  name: string;
  stale: boolean;
  /** Holds many rows that are gone, or that are not known yet to be seen by everybody. */
  unswept: boolean;
}

// As the autovacuum daemon of a PostgreSQL server decides (its defaults: scale factors 0.1 and 0.2,
// thresholds of 50 rows, of 1,000 where they are new: an index alone is read only where a sweep went); a table of which nothing was ever known is stale as soon as it has rows.
const STATES = `select c.relname::text as name,
    (s.n_mod_since_analyze > 50 + 0.1 * greatest(c.reltuples, 0)
      or c.reltuples < 0 and pg_relation_size(c.oid) > 0) as stale,
    (s.n_dead_tup > 50 + 0.2 * greatest(c.reltuples, 0)
      or s.n_ins_since_vacuum > 1000 + 0.2 * greatest(c.reltuples, 0)) as unswept
  from pg_stat_user_tables s join pg_class c on c.oid = s.relid where s.schemaname = 'public'`;

/**
 * Keeps what the database knows of its tables true, and sweeps away rows that are gone, in those
 * tables where enough has changed. PGlite has nobody who does this; a server does it by itself. One
 * table at a time, so that others are served in between. Answers the tables that were worked on.
 *
 * @param sweep false in the middle of something large: sweeping goes through whole indexes
 */
export async function refreshStatistics(db: Db, { sweep = true } = {}): Promise<string[]> {
  if (db.kind !== 'pglite') return [];
  await db.query('select pg_stat_force_next_flush()');
  const tables = await db.query<TableState>(STATES);
  const worked: string[] = [];
  for (const { name, stale, unswept } of tables) {
    if (!stale && !(unswept && sweep)) continue;
    await new Promise(setImmediate);
    if (unswept && sweep) await db.query(`vacuum (truncate false) public."${name}"`);
    await new Promise(setImmediate);
    await db.query(`analyze public."${name}"`);
    worked.push(name);
  }
  return worked;
}
