import { need } from '@/core/need';

import { claiming, currentRequest } from './request';
import type { Sql } from './sql';

export type { Row, Sql } from './sql';

/** How alike a word must be to be found when nothing is spelled like it: "marhs" finds "marsh". */
export const WORD_SIMILARITY = 0.45;

/** The database, embedded or on a server. */
export interface Db extends Sql {
  readonly kind: 'pglite' | 'postgres';
  /** Grows with everything that may have changed something. */
  readonly writes: number;
  /**
   * Runs `work` in one transaction; it is rolled back whole when `work` throws. It outlasts a power
   * cut, unless it is only a `part` of something that counts for nothing until it is whole.
   */
  transaction<T>(work: (tx: Sql) => Promise<T>, options?: { part?: boolean }): Promise<T>;
  /** Writes everything into the tables' files; takes turns with what keeps the log. */
  checkpoint(): Promise<void>;
  /** Runs a script of several statements without parameters, for migrations. */
  script(text: string): Promise<void>;
  close(): Promise<void>;
}

/** Exactly one row, or an error that names the query. */
export async function one<T extends object>(
  sql: Sql,
  text: string,
  params: readonly unknown[] = [],
): Promise<T> {
  const rows = await sql.query<T>(text, params);
  if (rows.length !== 1)
    throw new Error(`Expected one row, got ${rows.length}: ${text.slice(0, 120)}`);
  return need(rows[0]);
}

/** The only row, or null when there is none. */
export async function maybeOne<T extends object>(
  sql: Sql,
  text: string,
  params: readonly unknown[] = [],
): Promise<T | null> {
  return (await sql.query<T>(text, params))[0] ?? null;
}

/** Rows for `json_to_recordset($1)`: one statement for any number of rows. */
export const recordset = (rows: readonly object[]): string => JSON.stringify(rows);

/** Statements that change nothing; whatever else is in one, such as a function that writes, is in a transaction. */
export const READS =
  /^\s*(select|with)\b(?!.*\b(insert\s+into|delete\s+from|for\s+update|update\s[^;]*\sset)\b)/is;

/** Counts what may have changed something, each before whoever asked for it hears that it is done. */
export function countingWrites<D extends Omit<Db, 'writes'>>(db: D): D & Db {
  let writes = 0;
  const counted = async <T>(work: Promise<T>): Promise<T> => {
    const result = await work;
    writes += 1;
    return result;
  };
  const transaction: Db['transaction'] = (work, options) =>
    counted(
      claiming((before) =>
        db.transaction(async (tx) => {
          await before(tx);
          return work(tx);
        }, options),
      ),
    );
  return {
    ...db,
    get writes() {
      return writes;
    },
    query: <T extends object>(text: string, params?: readonly unknown[]) => {
      if (READS.test(text)) return db.query<T>(text, params);
      const request = currentRequest();
      if (!request || request.claimed) return counted(db.query<T>(text, params));
      return transaction((tx) => tx.query<T>(text, params));
    },
    transaction,
    script: (text) => counted(db.script(text)),
  };
}
