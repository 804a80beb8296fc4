import type { Topic } from '@/contract/topics';

import type { Context, Plans } from '../context';
import { slot } from '../house';
import { addTask } from '../tasks';

interface Effects {
  plan: Plans;
  about?: Plans;
  topics: readonly Topic[];
}

/** What a subject does after others have written: "when people were added, settle the rota". */
export interface Reaction {
  name: string;
  /** It runs after a write that touches one of these. */
  to: readonly Topic[];
  /** Only after actions in many steps. */
  large?: boolean;
  /** Told whom the write was about. Must be idempotent: one that fails is run again. */
  run(ctx: Context, people: Plans): Promise<void>;
}

/** What a subject does after writes to topics that it watches. */
export const REACTIONS = slot<Reaction>('reactions');

/** The kind of task by which a reaction that failed is run again. */
export const REACT_AGAIN = 'react';

/**
 * Runs the reactions to a write. The write is done and stays: a reaction that fails is told in the
 * log and put among the tasks, which run it again, about everybody.
 */
export async function react(
  ctx: Context,
  { plan, about = plan, topics }: Effects,
  large: boolean,
): Promise<void> {
  for (const reaction of ctx.house.of(REACTIONS)) {
    if (reaction.large && !large) continue;
    if (!reaction.to.some((topic) => topics.includes(topic))) continue;
    try {
      await reaction.run(ctx, about);
    } catch (err) {
      ctx.log.error({ err, reaction: reaction.name }, 'a reaction failed and is run again');
      await addTask(ctx.db, {
        key: `${REACT_AGAIN}:${reaction.name}`,
        kind: REACT_AGAIN,
        payload: { name: reaction.name },
        now: ctx.clock.now(),
        again: true,
      });
    }
  }
}
