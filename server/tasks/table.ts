import { maybeOne, type Sql } from '../db';

export interface Task {
  key: string;
  kind: string;
  person_id: string | null;
  payload: Record<string, unknown>;
  state: 'ready' | 'running' | 'done' | 'failed';
  created_at: string;
  run_at: string;
  attempts: number;
  lease_until: string | null;
  outcome: string;
}

export interface NewTask {
  /** What it is; the same thing exists once. */
  key: string;
  kind: string;
  personId?: string;
  payload?: object;
  now: string;
  /** Now, when left out. */
  runAt?: string;
  /** One that is over is run again; otherwise the same thing is done once and for all. */
  again?: boolean;
}

/** Notes something to be done; answers whether it is new. */
export const addTask = async (sql: Sql, task: NewTask): Promise<boolean> =>
  (
    await sql.query(
      `insert into task (key, kind, person_id, payload, created_at, run_at)
       values ($1, $2, $3::uuid, $4::jsonb, $5::timestamptz, $6::timestamptz)
       on conflict (key) do update set payload = excluded.payload, state = 'ready', attempts = 0,
         run_at = excluded.run_at, lease_until = null
         where $7::boolean and task.state in ('done', 'failed')
       returning key`,
      [
        task.key,
        task.kind,
        task.personId ?? null,
        JSON.stringify(task.payload ?? {}),
        task.now,
        task.runAt ?? task.now,
        task.again ?? false,
      ],
    )
  ).length === 1;

/**
 * Has a task that is its kind's only one run now, whenever it was to run; one that is running is run once
 * more when it is over, for it may have looked already where there is something now.
 */
export const wakeTask = (sql: Sql, key: string, now: string) =>
  sql.query(
    `insert into task (key, kind, payload, created_at, run_at)
     values ($1::text, $1::text, '{}', $2::timestamptz, $2::timestamptz)
     on conflict (key) do update set
       state = case task.state when 'running' then 'running' else 'ready' end,
       payload = case task.state when 'running' then task.payload || '{"woken": true}' else task.payload end,
       attempts = case task.state when 'running' then task.attempts else 0 end,
       lease_until = case task.state when 'running' then task.lease_until end,
       run_at = case task.state when 'running' then task.run_at else excluded.run_at end`,
    [key, now],
  );

export const findTask = (sql: Sql, key: string) =>
  maybeOne<Task>(sql, 'select * from task where key = $1', [key]);

/**
 * Takes what is due of these kinds and marks it as running before it is run. What was running and
 * has not been heard of within its lease is taken again: its process ended. Two runners never take
 * the same one.
 */
export const takeDue = async (
  sql: Sql,
  kinds: readonly string[],
  {
    now,
    until,
    limit,
    inHand,
  }: { now: string; until: string; limit: number; inHand: readonly string[] },
) => {
  const taken = await sql.query<Task>(
    `update task t set state = 'running', attempts = t.attempts + 1, payload = t.payload - 'woken', lease_until = $3::timestamptz
     where t.key in (
       select key from task where kind = any($1::text[]) and run_at <= $2::timestamptz
         and not key = any($5::text[])
         and (state = 'ready' or state = 'running' and lease_until <= $2::timestamptz)
       order by run_at, key limit $4::int for update skip locked)
     returning t.*`,
    [kinds, now, until, limit, inHand],
  );
  // What an update gives back comes in no order.
  return taken.sort((a, b) => (a.run_at + a.key < b.run_at + b.key ? -1 : 1));
};

/** Frees what a process that has ended left running; only for who holds the data alone. */
export const freeLost = (sql: Sql, now: string) =>
  sql.query(`update task set lease_until = $1::timestamptz where state = 'running'`, [now]);

/** Writes what came of a run, unless somebody else has taken the task since; one that was woken meanwhile is due again. */
export const closeTask = (
  sql: Sql,
  { key, attempts }: Pick<Task, 'key' | 'attempts'>,
  to: { state: Task['state']; runAt: string; outcome: string; now: string },
) =>
  sql.query(
    `update task set state = case when payload ? 'woken' then 'ready' else $3 end,
       run_at = case when payload ? 'woken' then $6::timestamptz else $4::timestamptz end,
       attempts = case when payload ? 'woken' then 0 else attempts end,
       payload = payload - 'woken', outcome = $5, lease_until = null
     where key = $1 and attempts = $2::int and state = 'running'`,
    [key, attempts, to.state, to.runAt, to.outcome, to.now],
  );

/** Says of tasks that nobody handles that nobody does; they wait for a program that can. */
export const noteStranded = (sql: Sql, kinds: readonly string[]) =>
  sql.query<{ key: string }>(
    `update task set outcome = 'This Pen Pal does not know how to do “' || kind || '”. It waits for one that does.'
     where state in ('ready', 'running') and not kind = any($1::text[]) returning key`,
    [kinds],
  );

/** Forgets some of what is over since before an instant; answers how many. */
export const forgetOver = async (sql: Sql, kinds: readonly string[], before: string) =>
  (
    await sql.query(
      `delete from task where key in (select key from task where state in ('done', 'failed')
         and kind = any($1::text[]) and run_at < $2::timestamptz limit 500) returning key`,
      [kinds, before],
    )
  ).length;

/** What was done by itself lately or is still to be done, for the owner to read. */
export const latestTasks = (sql: Sql, limit: number) =>
  sql.query<Pick<Task, 'key' | 'kind' | 'state' | 'attempts' | 'run_at' | 'outcome'>>(
    `select key, kind, state, attempts, run_at, outcome from task
     order by state in ('done', 'failed'), run_at desc, key limit $1::int`,
    [limit],
  );
