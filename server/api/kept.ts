import type { Context } from '../context';

/** So many answers of one endpoint are kept, the latest. */
const KEPT = 30;

/**
 * A reading that many ask for, or one again and again: it is worked out once as long as nothing is
 * written and the day is the same. For what depends on nothing but the data and the day.
 */
export function kept<RequestInput, Answer>(
  ctx: Context,
  read: (given: RequestInput) => Promise<Answer>,
): (given: RequestInput) => Promise<Answer> {
  const answers = new Map<string, { of: string; answer: Promise<Answer> }>();
  return (given) => {
    const key = JSON.stringify(given);
    const of = `${ctx.db.writes} ${ctx.clock.today()}`;
    const known = answers.get(key);
    if (known?.of === of) return known.answer;
    const answer = read(given);
    answers.delete(key); // the newest last
    answers.set(key, { of, answer });
    if (answers.size > KEPT) answers.delete(answers.keys().next().value!);
    answer.catch(() => answers.delete(key));
    return answer;
  };
}
