/** One row as the driver gives it: dates as 'YYYY-MM-DD', instants as ISO text, numbers as numbers. */
export type Row = Record<string, unknown>;

/** Something that runs SQL with parameters; inside a transaction or not. */
export interface Sql {
  query<T extends object = Row>(text: string, params?: readonly unknown[]): Promise<T[]>;
}

/** How alike a word must be to be found when nothing is spelled like it: "marhs" finds "marsh". */
export const WORD_SIMILARITY = 0.45;

export interface Db extends Sql {
  readonly kind: 'pglite' | 'postgres';
  /**
   * Runs `work` in one transaction; it is rolled back whole when `work` throws. It outlasts a power
   * cut, unless it is only a `part` of something that counts for nothing until it is whole.
   */
  transaction<T>(work: (tx: Sql) => Promise<T>, options?: { part?: boolean }): Promise<T>;
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
  return rows[0]!;
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
