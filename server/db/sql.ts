/** One row as the driver gives it: dates as 'YYYY-MM-DD', instants as ISO text, numbers as numbers. */
export type Row = Record<string, unknown>;

/** Something that runs SQL with parameters; inside a transaction or not. */
export interface Sql {
  query<T extends object = Row>(text: string, params?: readonly unknown[]): Promise<T[]>;
}
