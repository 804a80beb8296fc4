import { setTimeout as wait } from 'node:timers/promises';

import pg from 'pg';

import { countingWrites, READS, WORD_SIMILARITY, type Db, type Row, type Sql } from './db';
import { DatabaseAway, type DatabaseLock } from './postgres-lock';

const asIs = (text: string) => text;

const PARSERS = new Map<number, (text: string) => unknown>([
  [pg.types.builtins.DATE, asIs],
  [1182, (text) => text.slice(1, -1).split(',').filter(Boolean)], // date[]
  [pg.types.builtins.TIMESTAMPTZ, (text) => new Date(text).toISOString()],
  [pg.types.builtins.INT8, Number],
  [pg.types.builtins.NUMERIC, Number],
]);

export interface PostgresOptions {
  /** Held while anything is written; null in tests that have the server to themselves. */
  lock?: DatabaseLock | null;
  /** Told of connections that break while nobody uses them. */
  onFault?: (fault: unknown) => void;
}

/** How long a server that restarts is waited for. */
const PATIENCE_MS = 15_000;
const RETRY_MS = 250;

/**
 * Classes 08 (connection exception) and 57P (operator intervention) of the PostgreSQL manual, appendix A,
 * and what the driver and the system say of a connection that broke.
 */
function isConnectionFault(error: unknown): boolean {
  const { code = '', message = '' } = error as { code?: string; message?: string };
  return (
    /^(08|57P0)/.test(code) ||
    /^(ECONN|EPIPE|ENOENT|ETIMEDOUT|EHOSTUNREACH)/.test(code) ||
    /connection (terminated|error)|Client was closed|not queryable/i.test(message)
  );
}

function openPool(url: string, onFault: (fault: unknown) => void): pg.Pool {
  const pool = new pg.Pool({
    connectionString: url,
    max: 8,
    options: `-c pg_trgm.word_similarity_threshold=${WORD_SIMILARITY}`,
    types: {
      getTypeParser: ((oid: number, format: 'text') =>
        PARSERS.get(oid) ?? pg.types.getTypeParser(oid, format)) as typeof pg.types.getTypeParser,
    },
  });
  // Without a listener an idle connection that breaks would end the process (node-postgres, Pool events).
  pool.on('error', onFault);
  // One that breaks while it is in use has a listener of its own.
  pool.on('connect', (client) => client.on('error', onFault));
  return pool;
}

/** Runs work again while the connection breaks; for work that has changed nothing when it fails. */
async function ridingOut<T>(work: () => Promise<T>): Promise<T> {
  for (let waited = 0; ; waited += RETRY_MS)
    try {
      return await work();
    } catch (error) {
      if (!isConnectionFault(error)) throw error;
      if (waited >= PATIENCE_MS) throw new DatabaseAway(CUT, { cause: error });
      await wait(RETRY_MS);
    }
}

/** Opens a pool on a PostgreSQL server (15 or later). Cut connections and a server that restarts are ridden out. */
export function openPostgres(
  url: string,
  { lock = null, onFault = () => {} }: PostgresOptions = {},
): Db {
  const pool = openPool(url, onFault);
  const sqlOn = (on: pg.Pool | pg.PoolClient): Sql => ({
    query: async <T extends object = Row>(text: string, params: readonly unknown[] = []) =>
      (await on.query(text, [...params])).rows as T[],
  });
  /** A connection with an open transaction that holds the database. */
  const begin = () =>
    ridingOut(async () => {
      await lock?.held();
      const client = await pool.connect();
      try {
        await client.query('begin');
        await lock?.assertOurs(client);
        return client;
      } catch (error) {
        client.release(true);
        throw error;
      }
    });
  const transaction: Db['transaction'] = async (work, { part = false } = {}) => {
    const client = await begin();
    let broken = false;
    try {
      if (part) await client.query('set local synchronous_commit = off');
      const result = await work(sqlOn(client));
      await client.query('commit');
      return result;
    } catch (error) {
      broken = isConnectionFault(error);
      if (broken) throw new DatabaseAway(CUT, { cause: error });
      await client.query('rollback').catch(() => (broken = true));
      throw error;
    } finally {
      client.release(broken);
    }
  };
  return countingWrites({
    kind: 'postgres' as const,
    query: <T extends object>(text: string, params?: readonly unknown[]) =>
      READS.test(text)
        ? ridingOut(() => sqlOn(pool).query<T>(text, params))
        : transaction((tx) => tx.query<T>(text, params)),
    checkpoint: async () => void (await pool.query('checkpoint')),
    transaction,
    script: async (text) => {
      await pool.query(text);
    },
    close: () => pool.end(),
  });
}

// A commit that was under way may be there: the key of the request tells when it is sent again.
const CUT = 'The connection to the database broke. Your change may have been saved; try again.';
