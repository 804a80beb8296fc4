import type { Db, Sql } from '@/server/db';

/** What a process that was killed says; nothing of it can be caught by what it ran. */
export class Killed extends Error {}

/** A database that answers so many statements and then none any more; what was not committed is gone. */
export function dyingAfter(db: Db, statements: number): Db {
  let left = statements;
  const spend = () => {
    if (left-- <= 0) throw new Killed();
  };
  const spending = (sql: Sql): Sql => ({
    query: (text, params) => {
      spend();
      return sql.query(text, params);
    },
  });
  return Object.assign(Object.create(db) as Db, {
    query: spending(db).query,
    transaction: ((work, how) =>
      db.transaction(async (tx) => {
        const result = await work(spending(tx));
        spend(); // the commit
        return result;
      }, how)) as Db['transaction'],
  });
}
