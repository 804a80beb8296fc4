import type { Context } from '../context';
import { RECURRING, type Recurring, type TaskHandler } from './handlers';
import { addTask, deleteEnded } from './table';

/** The kind of the recurring steps; the key contains the step's name and its day. */
const RECUR = 'recur';

const keyOf = (name: string, day: string) => `${RECUR}:${name}:${day}`;

/** Runs the recurring step that the payload names. */
export const recurringHandler: TaskHandler<string> = {
  kind: RECUR,
  payload: (stored) => (stored as { name: string }).name,
  async run(ctx, { payload: name }) {
    const step = ctx.house.of(RECURRING).find((one) => one.name === name);
    if (!step) return { state: 'failed', outcome: `There is no step “${name}” any more.` };
    return { state: 'done', outcome: await step.run(ctx) };
  },
};

/** Runs a recurring step of today once more, at the next poll. */
export const recurAgain = ({ db, clock }: Context, name: string): Promise<boolean> =>
  addTask(db, {
    key: keyOf(name, clock.today()),
    kind: RECUR,
    payload: { name },
    now: clock.now(),
    again: true,
  });

/** Adds today's recurring steps; those that follow writes run once more when `again`. */
export async function addRecurring(
  { db, clock }: Context,
  steps: readonly Recurring[],
  again: boolean,
): Promise<void> {
  for (const { name, afterWrites } of steps)
    await addTask(db, {
      key: keyOf(name, clock.today()),
      kind: RECUR,
      payload: { name },
      now: clock.now(),
      again: again && afterWrites === true,
    });
}

const RETENTION_DAYS = 90;
const DAY_MS = 86_400_000;

/** Deletes recurring steps that ended long ago; other tasks are for their subjects to delete. */
export const deleteOldSteps: Recurring = {
  name: 'delete-old-steps',
  async run({ db, clock }) {
    const before = new Date(clock.nowMs() - RETENTION_DAYS * DAY_MS).toISOString();
    return `${await deleteEnded(db, [RECUR], before)} deleted`;
  },
};
