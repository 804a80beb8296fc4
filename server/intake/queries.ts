import { maybeOne, one, type Sql } from '../db';

export interface ArrivalRow {
  id: string;
  on_day: string;
  name: string;
  email: string;
  phone: string;
  message: string;
  consent: boolean;
}

export const insertArrival = (sql: Sql, row: ArrivalRow) =>
  sql.query(
    `insert into arrival (id, on_day, name, email, phone, message, consent)
     values ($1::uuid, $2::date, $3, $4, $5, $6, $7::boolean)`,
    [row.id, row.on_day, row.name, row.email, row.phone, row.message, row.consent],
  );

export const countWaiting = async (sql: Sql): Promise<number> =>
  (await one<{ n: number }>(sql, 'select count(*)::int as n from arrival where fate is null')).n;

export const waitingArrivals = (sql: Sql, limit: number) =>
  sql.query<ArrivalRow>(
    `select id, on_day, name, email, phone, message, consent from arrival
     where fate is null order by on_day, id limit $1::int`,
    [limit],
  );

export const findArrival = (sql: Sql, id: string) =>
  maybeOne<ArrivalRow & { fate: string | null }>(
    sql,
    'select id, on_day, name, email, phone, message, consent, fate from arrival where id = $1::uuid',
    [id],
  );

/** Says what became of one that waits; answers whether it still waited. */
export const settleArrival = async (
  sql: Sql,
  id: string,
  fate: 'added' | 'joined',
  personId: string,
): Promise<boolean> =>
  (
    await sql.query(
      `update arrival set fate = $2, person_id = $3::uuid where id = $1::uuid and fate is null returning id`,
      [id, fate, personId],
    )
  ).length > 0;

export const deleteArrival = (sql: Sql, id: string) =>
  sql.query('delete from arrival where id = $1::uuid', [id]);

/** What is known of people who may be meant. */
export const knownOf = (sql: Sql, ids: readonly string[]) =>
  sql.query<{
    id: string;
    emails: { value: string }[];
    phones: { value: string }[];
    answer: 'yes' | 'no' | null;
  }>(
    `select id, emails, phones, consent -> 'email' ->> 'answer' as answer from person
     where id = any($1::uuid[])`,
    [ids],
  );
