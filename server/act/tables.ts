import type { Sql } from '../db';
import { slot } from '../house';

/** How rows that hold a person's id live through what happens to people. */
export interface OfPerson {
  /** The columns that hold the id. */
  columns: readonly string[];
  /**
   * What merging two people does with the rows of the one who goes: they move to the one who stays;
   * move unless the one who stays has one with the same values (`unless`; of the owner's rows the other
   * is deleted); move, but rows with the person's id in their `key` are copied under a key with the id
   * of the one who stays; stay behind; or more.
   */
  merge: 'move' | 'stay' | { unless: readonly string[] } | { key: string } | MergeRows;
  /** What is said of them before somebody is erased: "2 gifts". Nothing, when left out. */
  label?: readonly [one: string, many: string];
  /** Something has happened with whoever has such a row: taking an import back keeps them. */
  countsAsHistory?: boolean;
  /** Which rows (`t`) came by themselves: they go with their person and keep no undo from being possible. */
  automatic?: string;
}

/** Moves the rows of the person who goes to the one who stays. */
export type MergeRows = (tx: Sql, keepId: string, goneId: string) => Promise<void>;

/** A table, as the subject that owns it declares it. */
export interface Table {
  table: string;
  /**
   * Whose rows they are: the owner's are undoable and have an `id`; what machines report is only
   * ever added to; what is computed can be thrown away and made anew.
   */
  rows: 'owner' | 'machine' | 'computed';
  person?: OfPerson;
  /** Which rows (`t`) can't be taken back any more with the action that added them. */
  settled?: string;
  /** Which rows (`t`) nothing refers to any more: they go when somebody is erased. */
  orphan?: string;
}

/** The tables of a subject, for undo, merge, erase and export. */
export const TABLES = slot<Table>('tables');

/** A table whose rows are about people. */
export interface PersonTable extends Table {
  person: OfPerson;
}

/** Those of the tables whose rows are about people. */
export const personTables = (tables: readonly Table[]): PersonTable[] =>
  tables.filter((t): t is PersonTable => t.person !== undefined);

/** A row of `from` in whose `column` stands the id of a row of `to`. */
export interface Reference {
  from: string;
  column: string;
  to: string;
}

/** Which tables refer to which, as the database itself knows it. */
export const references = (sql: Sql) =>
  sql.query<Reference>(
    `select f.relname::text as "from", a.attname::text as "column", t.relname::text as "to"
     from pg_constraint c join pg_class f on f.oid = c.conrelid join pg_class t on t.oid = c.confrelid
     join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
     where c.contype = 'f' and c.connamespace = 'public'::regnamespace`,
  );

/** What is wrong with the declarations, in sentences: tables that are not there, or not declared. */
export async function tableFaults(sql: Sql, tables: readonly Table[]): Promise<string[]> {
  const columns = await sql.query<{ table: string; column: string }>(
    `select c.relname::text as "table", a.attname::text as "column" from pg_class c
     join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
     where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace`,
  );
  const there = new Set(columns.flatMap((c) => [c.table, `${c.table}.${c.column}`]));
  const faults: string[] = [];
  for (const { table, rows, person } of tables) {
    if (!there.has(table)) faults.push(`The table ${table} is declared and is not there.`);
    for (const column of [
      ...(person?.columns ?? []),
      ...(person || rows === 'owner' ? ['id'] : []),
    ])
      if (there.has(table) && !there.has(`${table}.${column}`))
        faults.push(`The table ${table} is declared with a column ${column}, which it lacks.`);
  }
  const declared = new Map(tables.map((t) => [t.table, t]));
  for (const { table } of columns)
    if (!declared.has(table) && !faults.some((fault) => fault.includes(` ${table} `)))
      faults.push(`The table ${table} is declared by no subject.`);
  for (const { from, column, to } of await references(sql))
    if (to === 'person_all' && !declared.get(from)?.person?.columns.includes(column))
      faults.push(`The table ${from} refers to people by ${column}, which no subject declares.`);
  return faults;
}

/** Those of people first on which no other of them depends, so that they can be emptied in order. */
export function emptyingOrder(
  tables: readonly PersonTable[],
  refs: readonly Reference[],
): PersonTable[] {
  const order: PersonTable[] = [];
  const visit = (table: PersonTable) => {
    if (order.includes(table)) return;
    for (const { from, to } of refs)
      if (to === table.table && from !== to) {
        const child = tables.find((t) => t.table === from);
        if (child) visit(child);
      }
    order.push(table);
  };
  for (const table of tables) visit(table);
  return order;
}
