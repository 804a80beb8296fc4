import { LRUCache } from 'lru-cache';

import type { Context } from '../context';

/** So many answers of one endpoint are remembered, those asked for last. */
const MOST_ANSWERS = 30;

/**
 * A reading that many ask for, or one again and again: it is worked out once as long as nothing is
 * written and the day is the same. For what depends on nothing but the data and the day.
 */
export function memoizeUntilWrite<Input, Answer>(
  ctx: Context,
  read: (input: Input) => Promise<Answer>,
): (input: Input) => Promise<Answer> {
  const answers = new LRUCache<string, { of: string; answer: Promise<Answer> }>({
    max: MOST_ANSWERS,
  });
  return (input) => {
    const key = JSON.stringify(input);
    const of = `${ctx.db.writes} ${ctx.clock.today()}`;
    const known = answers.get(key);
    if (known?.of === of) return known.answer;
    const answer = read(input);
    answers.set(key, { of, answer });
    answer.catch(() => answers.delete(key));
    return answer;
  };
}
