import type { Clock } from './clock';
import { newId, type Db, type Sql } from './db';
import type { Thinking } from './planner';

/** What every action may use. */
export interface Context {
  db: Db;
  clock: Clock;
  demo: boolean;
  version: string;
  schema: number;
  /** Where heavy planning is done. */
  thinking: Thinking;
  /** Counts writes: what was computed from the data is valid while it stands still. */
  revision: number;
  /** Whose plan the latest writes changed, by revision; what was older is forgotten. */
  writes: { revision: number; people: readonly string[] | 'everybody' }[];
}

/** Writes of which the context remembers whom they were about. */
const WRITES_REMEMBERED = 200;

/** An action about more people is planned for everybody when it is undone. */
const MOST_ABOUT = 50;

/** Says that the data has changed; `people` when only their plans can have changed by it. */
export function noteWrite(ctx: Context, people: readonly string[] | 'everybody' = 'everybody') {
  ctx.revision += 1;
  ctx.writes.push({ revision: ctx.revision, people });
  if (ctx.writes.length > WRITES_REMEMBERED) ctx.writes.shift();
}

export interface ActionResult {
  sentence: string;
}

/** The people whose plan an action can change; everybody's, when it says nothing. */
type Only = readonly string[] | 'everybody';

/**
 * Runs one action of the owner in one transaction. Everything that it changes is noted under its
 * id, so that it can be undone; its sentence goes into the history.
 */
export async function act<R extends ActionResult>(
  ctx: Context,
  work: (tx: Sql, actionId: string) => Promise<R>,
  { undoes = null, only = 'everybody' }: { undoes?: string | null; only?: Only } = {},
): Promise<R & { actionId: string }> {
  const actionId = newId(ctx.clock.nowMs());
  const result = await ctx.db.transaction(async (tx) => {
    await tx.query(
      `with a as (insert into action (id, at, sentence, undoes) values ($1, $2, '', $3) returning id)
       select set_config('penpal.action', id::text, true) from a`,
      [actionId, ctx.clock.now(), undoes],
    );
    const done = await work(tx, actionId);
    await tx.query('update action set sentence = $2, about = $3::uuid[] where id = $1', [
      actionId,
      done.sentence,
      only !== 'everybody' && only.length <= MOST_ABOUT ? only : null,
    ]);
    return done;
  });
  noteWrite(ctx, only);
  return { ...result, actionId };
}
