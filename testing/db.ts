import pg from 'pg';

import { migrate, readMigrations, type Db } from '@/server/db';
import { openPglite } from '@/server/db/pglite';
import { openPostgres } from '@/server/db/postgres';

// Opening a database takes most of the time of a test. So a file of tests opens one, and before each
// further test puts everything in it back as it was at first.

interface Kept {
  db: Db;
  close(): Promise<void>;
  /** What is in it at first: per table the rows, as JSON. */
  rows: Map<string, string>;
  shape: string;
}

let kept: Kept | null = null;
let taken = false;

/** An empty database for one test. */
export async function takeTestDb(): Promise<{ db: Db; giveBack(): Promise<void> }> {
  // Two at once, or after a test that changed the tables: another one.
  if (taken || (kept && (await shapeOf(kept.db)) !== kept.shape)) {
    const other = await open();
    return { db: other.db, giveBack: other.close };
  }
  if (kept) await putBack(kept);
  else {
    const opened = await open();
    kept = { ...opened, rows: await rowsOf(opened.db), shape: await shapeOf(opened.db) };
  }
  taken = true;
  return { db: kept.db, giveBack: async () => void (taken = false) };
}

/** Called at the end of a file of tests. */
(globalThis as { closeTestDb?: () => Promise<void> }).closeTestDb = async () => {
  await kept?.close();
  kept = null;
};

/** In memory from the image, or a new one on the server that is named. */
export async function open(): Promise<{ db: Db; close(): Promise<void> }> {
  const url = process.env.PENPAL_DATABASE_URL;
  if (!url) {
    const db = await openPglite(null, process.env.PENPAL_TEST_IMAGE);
    return { db, close: () => db.close() };
  }
  const admin = new pg.Client({ connectionString: url });
  await admin.connect();
  const name = `penpal_test_${process.pid}_${Date.now()}`;
  await admin.query(`create database ${name}`);
  const db = openPostgres(url.replace('/postgres?', `/${name}?`));
  await migrate(db, await readMigrations('server/db/migrations'));
  return {
    db,
    close: async () => {
      await db.close();
      await admin.query(`drop database ${name}`);
      await admin.end();
    },
  };
}

/** Changes with every table, column, index, function or trigger that is made, changed or dropped. */
async function shapeOf(db: Db): Promise<string> {
  const [row] = await db.query<{ shape: string }>(
    `select md5(string_agg(part, ',' order by part)) as shape from (
       select oid || ' ' || relname as part from pg_class where relnamespace = 'public'::regnamespace
       union all select attrelid || ' ' || attnum || ' ' || attname || ' ' || atttypid from pg_attribute
         where attnum > 0 and attrelid in (select oid from pg_class where relnamespace = 'public'::regnamespace)
       union all select oid || ' ' || tgenabled::text from pg_trigger
       union all select oid::text from pg_constraint
       union all select oid || ' ' || md5(prosrc) from pg_proc where pronamespace = 'public'::regnamespace) s`,
  );
  return row!.shape;
}

/** Per table its rows, as JSON. */
export async function rowsOf(db: Db): Promise<Map<string, string>> {
  const tables = await db.query<{ name: string }>(
    `select relname::text as name from pg_class
     where relkind = 'r' and relnamespace = 'public'::regnamespace and relname <> 'migration'`,
  );
  const rows = new Map<string, string>();
  for (const { name } of tables) {
    const [row] = await db.query<{ all: string }>(
      `select coalesce(jsonb_agg(t), '[]')::text as all from public."${name}" t`,
    );
    rows.set(name, row!.all);
  }
  return rows;
}

/** Empties every table and fills it with these rows. */
export async function putBack({ db, rows }: Pick<Kept, 'db' | 'rows'>): Promise<void> {
  const tables = [...rows.keys()].map((name) => `public."${name}"`).join(', ');
  const columns = await db.query<{ table: string; columns: string }>(
    `select table_name as table, string_agg(quote_ident(column_name), ', ') as columns
     from information_schema.columns where table_schema = 'public' and is_generated = 'NEVER' group by 1`,
  );
  const columnsOf = new Map(columns.map((row) => [row.table, row.columns]));
  await db.transaction(async (tx) => {
    await tx.query('set local session_replication_role = replica');
    await tx.query(`truncate ${tables} restart identity`);
    for (const [name, all] of rows)
      if (all !== '[]')
        await tx.query(
          `insert into public."${name}" (${columnsOf.get(name)}) overriding system value
           select ${columnsOf.get(name)} from jsonb_populate_recordset(null::public."${name}", $1::jsonb)`,
          [all],
        );
  });
}
