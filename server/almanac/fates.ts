import type { GREETING_STATES } from '@/contract/greetings';

import type { Context } from '../context';
import { deliveriesByKey } from '../delivery';
import { keyOfMark } from './lookup';
import * as queries from './queries';

type State = (typeof GREETING_STATES)[number];
type Message = Awaited<ReturnType<typeof deliveriesByKey>>[number];

/** What became of a greeting, and the message that it is. */
export interface Fate {
  state: State;
  message: Message | null;
}

/** What became of greetings so far, by the key of each mark; those that are still to be given are not in it. */
export async function readFates(
  ctx: Context,
  personIds: readonly string[],
  keys: readonly string[],
): Promise<Map<string, Fate>> {
  const marks = await queries.readMarks(ctx.db, [...new Set(personIds)]);
  const messages = new Map((await deliveriesByKey(ctx.db, keys)).map((row) => [row.key, row]));
  const today = ctx.clock.today();
  return new Map(
    marks.map((mark) => {
      const key = keyOfMark(mark);
      const message = messages.get(key) ?? null;
      // Of those who are greeted with somebody the message is the other one's: it has gone by its day.
      const withOther = mark.fate === 'waiting' && !message;
      const state = withOther
        ? (mark.planned_on ?? today) < today
          ? 'made'
          : 'out'
        : becameOf(mark.fate, message?.state);
      return [key, { state, message }];
    }),
  );
}

function becameOf(fate: string, message: string | undefined): State {
  if (message === 'held' || message === 'failed') return 'held';
  if (message === 'ready' || message === 'sending') return 'out';
  if (fate === 'made' || message === 'sent') return 'made';
  return fate === 'skipped' || message === 'cancelled' ? 'dropped' : 'passed';
}
