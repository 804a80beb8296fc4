import { maybeOne, type Sql } from '../db';

export interface ServiceRow {
  id: string;
  name: string;
  url: string;
  inside: boolean;
  /** Sealed; see `secretOf`. */
  secret: string;
}

const TOLD_BY = `b.errand ->> 'serviceId' = s.id::text`;

/** All services without their secrets. */
export const readServices = (sql: Sql) =>
  sql.query<Omit<ServiceRow, 'secret'> & { beats: number }>(
    `select s.id, s.name, s.url, s.inside, (select count(*)::int from beat b where ${TOLD_BY}) as beats
     from service s order by lower(s.name)`,
  );

export const isNameTaken = async (sql: Sql, name: string, exceptId: string | null) =>
  (
    await sql.query(
      'select 1 from service where lower(name) = lower($1) and id is distinct from $2::uuid',
      [name, exceptId],
    )
  ).length > 0;

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
  sql.query(
    'insert into service (id, name, url, inside, secret) values ($1::uuid, $2, $3, $4::boolean, $5)',
    [s.id, s.name, s.url, s.inside, s.secret],
  );

export const setSecret = (sql: Sql, id: string, secret: string) =>
  sql.query('update service set secret = $2 where id = $1::uuid', [id, secret]);

export const allSecrets = (sql: Sql) =>
  sql.query<Pick<ServiceRow, 'id' | 'url' | 'secret'>>('select id, url, secret from service');

export const updateService = (sql: Sql, s: Omit<ServiceRow, 'secret'>) =>
  sql.query('update service set name = $2, url = $3, inside = $4::boolean where id = $1::uuid', [
    s.id,
    s.name,
    s.url,
    s.inside,
  ]);

export async function removeService(sql: Sql, id: string): Promise<void> {
  await sql.query(
    `delete from task where kind = '${CALL}' and payload ->> 'serviceId' = $1::text`,
    [id],
  );
  await sql.query('delete from service where id = $1::uuid', [id]);
}

/** Calls are tasks of this kind; see `calls.ts`. */
export const CALL = 'call';

export interface CallRow {
  id: string;
  service: string;
  person_id: string;
  name: string;
  created_at: string;
  state: 'ready' | 'running' | 'done' | 'failed';
  attempts: number;
  run_at: string;
  outcome: string;
}

/** The latest calls to services, about people who are there. */
export const latestCalls = (sql: Sql, limit: number) =>
  sql.query<CallRow>(
    `select t.payload ->> 'itemKey' as id, s.name as service, t.person_id, p.name, t.created_at, t.state,
       t.runs as attempts, t.run_at, t.outcome
     from task t join service s on s.id::text = t.payload ->> 'serviceId' join person p on p.id = t.person_id
     where t.kind = '${CALL}' and p.deleted_on is null
     order by t.created_at desc, t.key desc limit $1::int`,
    [limit],
  );

/** What services were told of a person, with the day of the beat. */
export const callsAbout = (sql: Sql, personId: string) =>
  sql.query<{ id: string; on_day: string; service: string; state: CallRow['state'] }>(
    `select m.id, m.planned_on as on_day, s.name as service, t.state
     from task t join service s on s.id::text = t.payload ->> 'serviceId'
     join item_mark m on m.id = t.payload ->> 'itemKey'
     where t.kind = '${CALL}' and t.person_id = $1::uuid`,
    [personId],
  );
