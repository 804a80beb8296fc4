import pg from 'pg';

import { countingWrites, WORD_SIMILARITY, type Db, type Row, type Sql } from './db';

const asIs = (text: string) => text;

const PARSERS = new Map<number, (text: string) => unknown>([
  [pg.types.builtins.DATE, asIs],
  [1182, (text) => text.slice(1, -1).split(',').filter(Boolean)], // date[]
  [pg.types.builtins.TIMESTAMPTZ, (text) => new Date(text).toISOString()],
  [pg.types.builtins.INT8, Number],
  [pg.types.builtins.NUMERIC, Number],
]);

/** Any number, as long as every Pen Pal takes the same. */
const LOCK_KEY = 4310;

export class DatabaseHeld extends Error {
  constructor() {
    super(
      'This database is already open in another Pen Pal. Close that one first, or choose another database with PENPAL_DATABASE_URL.',
    );
  }
}

/**
 * Takes the database for this process: two would each plan from a sphere of their own, and drift
 * apart. The server gives it back when the connection ends, however that comes about.
 *
 * @throws DatabaseHeld when another process has it
 */
export async function lockDatabase(url: string): Promise<() => Promise<void>> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const { rows } = await client.query<{ taken: boolean }>(
    'select pg_try_advisory_lock($1) as taken',
    [LOCK_KEY],
  );
  if (!rows[0]?.taken) {
    await client.end();
    throw new DatabaseHeld();
  }
  // Nothing else is asked of this connection; that it breaks is seen by those that are.
  client.on('error', () => {});
  return () => client.end();
}

/** Opens a pool on a PostgreSQL server (15 or later). */
export function openPostgres(url: string): Db {
  const pool = new pg.Pool({
    connectionString: url,
    max: 8,
    options: `-c pg_trgm.word_similarity_threshold=${WORD_SIMILARITY}`,
    types: {
      getTypeParser: ((oid: number, format: 'text') =>
        PARSERS.get(oid) ?? pg.types.getTypeParser(oid, format)) as typeof pg.types.getTypeParser,
    },
  });
  const sqlOn = (on: pg.Pool | pg.PoolClient): Sql => ({
    query: async <T extends object = Row>(text: string, params: readonly unknown[] = []) =>
      (await on.query(text, [...params])).rows as T[],
  });
  return countingWrites({
    kind: 'postgres' as const,
    query: sqlOn(pool).query,
    checkpoint: async () => void (await pool.query('checkpoint')),
    transaction: async (work, { part = false } = {}) => {
      const client = await pool.connect();
      try {
        await client.query('begin');
        if (part) await client.query('set local synchronous_commit = off');
        const result = await work(sqlOn(client));
        await client.query('commit');
        return result;
      } catch (error) {
        await client.query('rollback');
        throw error;
      } finally {
        client.release();
      }
    },
    script: async (text) => {
      await pool.query(text);
    },
    close: () => pool.end(),
  });
}
