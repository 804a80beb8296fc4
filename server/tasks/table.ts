import { maybeOne, type Sql } from '../db';

export interface Task<P = Record<string, unknown>> {
  key: string;
  kind: string;
  person_id: string | null;
  payload: P;
  state: 'ready' | 'running' | 'done' | 'failed';
  created_at: string;
  run_at: string;
  /** How often it was started since it was last due for the first time. */
  runs: number;
  /** How often in a row it failed; any success starts over at 0. */
  failures: number;
  lease_until: string | null;
  outcome: string;
}

export interface NewTask {
  /** Identifies the task: the same key exists once. */
  key: string;
  kind: string;
  personId?: string;
  payload?: object;
  now: string;
  /** Now, when left out. */
  runAt?: string;
  /**
   * Runs it once more even if it already ran. One that is running runs again when it is over: it may
   * have looked before there was anything to see. Left out, the same key is done once and for all.
   */
  again?: boolean;
}

/** Adds a task, or schedules it again; returns whether anything is due that was not before. */
export const addTask = async (sql: Sql, task: NewTask): Promise<boolean> =>
  (
    await sql.query(
      `insert into task (key, kind, person_id, payload, created_at, run_at)
       values ($1, $2, $3::uuid, $4::jsonb, $5::timestamptz, $6::timestamptz)
       on conflict (key) do update set
         payload = excluded.payload,
         rerun = task.state = 'running',
         state = case task.state when 'running' then 'running' else 'ready' end,
         runs = case when task.state in ('done', 'failed') then 0 else task.runs end,
         failures = case when task.state in ('done', 'failed') then 0 else task.failures end,
         lease_until = case task.state when 'running' then task.lease_until end,
         run_at = case task.state when 'running' then task.run_at
           when 'ready' then least(task.run_at, excluded.run_at) else excluded.run_at end
         where $7::boolean
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

/** Runs a task that is the only one of its kind as soon as possible. */
export const wakeTask = (sql: Sql, key: string, now: string) =>
  addTask(sql, { key, kind: key, now, again: true });

/** The task of a key. */
export const findTask = (sql: Sql, key: string) =>
  maybeOne<Task>(sql, 'select * from task where key = $1', [key]);

/**
 * Claims the next task that is due of these kinds and marks it as running before it runs. A run whose
 * lease is over was cut off: it counts as failed and is claimed again. `skip locked` keeps two runners
 * from claiming the same task (PostgreSQL manual, SELECT, The Locking Clause).
 */
export const claimNext = (
  sql: Sql,
  kinds: readonly string[],
  { now, until, inHand }: { now: string; until: string; inHand: readonly string[] },
) =>
  maybeOne<Task>(
    sql,
    `update task t set state = 'running', runs = t.runs + 1, rerun = false, lease_until = $3::timestamptz,
       failures = t.failures + case t.state when 'running' then 1 else 0 end
     where t.key = (
       select key from task where kind = any($1::text[]) and run_at <= $2::timestamptz
         and not key = any($4::text[])
         and (state = 'ready' or state = 'running' and lease_until <= $2::timestamptz)
       order by run_at, key limit 1 for update skip locked)
     returning t.*`,
    [kinds, now, until, inHand],
  );

/** Ends the leases of a process that is gone; only for the process that holds the data alone. */
export const releaseLost = (sql: Sql, now: string) =>
  sql.query(`update task set lease_until = $1::timestamptz where state = 'running'`, [now]);

/**
 * Records the outcome of a run, unless another runner has claimed the task since. If it was added
 * again while it ran, it is due once more.
 */
export const closeTask = (
  sql: Sql,
  { key, runs }: Pick<Task, 'key' | 'runs'>,
  to: { state: Task['state']; runAt: string; failures: number; outcome: string; now: string },
) =>
  sql.query(
    `update task set state = case when rerun then 'ready' else $3 end,
       run_at = case when rerun then $7::timestamptz else $4::timestamptz end,
       failures = $5::int, runs = case when rerun then 0 else runs end,
       rerun = false, outcome = $6, lease_until = null
     where key = $1 and runs = $2::int and state = 'running'`,
    [key, runs, to.state, to.runAt, to.failures, to.outcome, to.now],
  );

/** Marks tasks that no handler knows; they wait for a program that does. */
export const markUnknown = (sql: Sql, kinds: readonly string[]) =>
  sql.query<{ key: string }>(
    `update task set outcome = 'This Pen Pal does not know how to do “' || kind || '”. It waits for one that does.'
     where state in ('ready', 'running') and not kind = any($1::text[]) returning key`,
    [kinds],
  );

/** Deletes up to 500 tasks that ended before an instant; returns how many. */
export const deleteEnded = async (sql: Sql, kinds: readonly string[], before: string) =>
  (
    await sql.query(
      `delete from task where key in (select key from task where state in ('done', 'failed')
         and kind = any($1::text[]) and run_at < $2::timestamptz limit 500) returning key`,
      [kinds, before],
    )
  ).length;

/** The latest tasks for the owner to read: what is still to be done first. */
export const latestTasks = (sql: Sql, limit: number) =>
  sql.query<Pick<Task, 'key' | 'kind' | 'state' | 'runs' | 'failures' | 'run_at' | 'outcome'>>(
    `select key, kind, state, runs, failures, run_at, outcome from task
     order by state in ('done', 'failed'), run_at desc, key limit $1::int`,
    [limit],
  );
