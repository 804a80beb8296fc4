import pg from 'pg';

import { WORD_SIMILARITY, type Db, type Row, type Sql } from './db';

const asIs = (text: string) => text;

const PARSERS = new Map<number, (text: string) => unknown>([
  [pg.types.builtins.DATE, asIs],
  [1182, (text) => text.slice(1, -1).split(',').filter(Boolean)], // date[]
  [pg.types.builtins.TIMESTAMPTZ, (text) => new Date(text).toISOString()],
  [pg.types.builtins.INT8, Number],
  [pg.types.builtins.NUMERIC, Number],
]);

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
  return {
    kind: 'postgres',
    query: sqlOn(pool).query,
    transaction: async (work) => {
      const client = await pool.connect();
      try {
        await client.query('begin');
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
    dump: async () => null,
    close: () => pool.end(),
  };
}
