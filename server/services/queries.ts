import type { CALL_STATES } from '@/contract/services';

import { maybeOne, type Sql } from '../db';

export interface ServiceRow {
  id: string;
  name: string;
  url: string;
  secret: string;
}

const TOLD_BY = `b.errand ->> 'serviceId' = s.id::text`;

export const readServices = (sql: Sql) =>
  sql.query<ServiceRow & { beats: number }>(
    `select s.*, (select count(*)::int from beat b where ${TOLD_BY}) as beats
     from service s order by lower(s.name)`,
  );

export const findService = (sql: Sql, id: string) =>
  maybeOne<ServiceRow>(sql, 'select * from service where id = $1::uuid', [id]);

/** Names of the cadences that tell a service of people. */
export const cadencesTelling = async (sql: Sql, id: string): Promise<string[]> =>
  (
    await sql.query<{ name: string }>(
      `select distinct c.name from service s join beat b on ${TOLD_BY} join cadence c on c.id = b.cadence_id
       where s.id = $1::uuid order by c.name`,
      [id],
    )
  ).map(({ name }) => name);

export const insertService = (sql: Sql, s: ServiceRow) =>
  sql.query('insert into service (id, name, url, secret) values ($1::uuid, $2, $3, $4)', [
    s.id,
    s.name,
    s.url,
    s.secret,
  ]);

export const updateService = (sql: Sql, s: Omit<ServiceRow, 'secret'>) =>
  sql.query('update service set name = $2, url = $3 where id = $1::uuid', [s.id, s.name, s.url]);

export async function removeService(sql: Sql, id: string): Promise<void> {
  await sql.query('delete from service_call where service_id = $1::uuid', [id]);
  await sql.query('delete from service where id = $1::uuid', [id]);
}

export interface CallRow {
  id: string;
  service_id: string;
  person_id: string;
  payload: unknown;
  state: (typeof CALL_STATES)[number];
  attempts: number;
}

/** Notes a call to be made; the same one once. */
export const insertCall = (
  sql: Sql,
  call: Pick<CallRow, 'id' | 'service_id' | 'person_id' | 'payload'> & {
    state: CallRow['state'];
    at: string;
    outcome: string;
  },
) =>
  sql.query(
    `insert into service_call (id, service_id, person_id, payload, state, created_at, next_at, outcome)
     values ($1, $2::uuid, $3::uuid, $4::jsonb, $5, $6::timestamptz, $6::timestamptz, $7)
     on conflict (id) do nothing`,
    [
      call.id,
      call.service_id,
      call.person_id,
      JSON.stringify(call.payload),
      call.state,
      call.at,
      call.outcome,
    ],
  );

/**
 * Takes the calls that are due and marks them as handed over until `until`: should this process die,
 * they are taken again then, with the same id.
 */
export const takeDue = (sql: Sql, now: string, until: string, limit: number) =>
  sql.query<CallRow & Pick<ServiceRow, 'url' | 'secret'>>(
    `update service_call c set state = 'handed_over', attempts = c.attempts + 1, next_at = $2::timestamptz
     from service s where s.id = c.service_id and c.id in (
       select id from service_call where state in ('ready', 'handed_over') and next_at <= $1::timestamptz
       order by next_at limit $3::int)
     returning c.*, s.url, s.secret`,
    [now, until, limit],
  );

export const noteOutcome = (
  sql: Sql,
  id: string,
  state: CallRow['state'],
  nextAt: string,
  outcome: string,
) =>
  sql.query(
    `update service_call set state = $2, next_at = $3::timestamptz, outcome = $4 where id = $1`,
    [id, state, nextAt, outcome],
  );

/** Makes a call that was given up ready again; answers whether there was one. */
export const makeReady = async (sql: Sql, id: string, now: string): Promise<boolean> =>
  (
    await sql.query(
      `update service_call set state = 'ready', attempts = 0, next_at = $2::timestamptz
       where id = $1 and state = 'failed' returning id`,
      [id, now],
    )
  ).length === 1;

export const callState = (sql: Sql, id: string) =>
  maybeOne<Pick<CallRow, 'state'>>(sql, 'select state from service_call where id = $1', [id]);

export const latestCalls = (sql: Sql, limit: number) =>
  sql.query<
    Omit<CallRow, 'payload' | 'service_id'> & {
      service: string;
      name: string;
      created_at: string;
      next_at: string;
      outcome: string;
    }
  >(
    `select c.id, s.name as service, c.person_id, p.name, c.created_at, c.state, c.attempts, c.next_at, c.outcome
     from service_call c join service s on s.id = c.service_id join person p on p.id = c.person_id
     where p.deleted_on is null order by c.created_at desc, c.id desc limit $1::int`,
    [limit],
  );
