import type { LogTouch } from '@/contract/touches';
import { addDays, type PlainDate } from '@/core/time';
import { outcomesOf, type TouchKind } from '@/core/touches';

import type { Random } from './random';

export type PastTouch = Pick<LogTouch, 'personId' | 'kind' | 'outcome'> & {
  on: PlainDate;
  note: string;
};

const KINDS: readonly TouchKind[] = [
  'call',
  'call',
  'call',
  'text',
  'email',
  'social',
  'card',
  'visit',
];

/**
 * The touches of one person over the months before the demo begins, roughly at the pace of their
 * promise; a few drift away before the end.
 */
export function pastTouches(
  random: Random,
  personId: string,
  promiseDays: number,
  span: { from: PlainDate; to: PlainDate },
  note: () => string,
): PastTouch[] {
  const end = random.chance(0.03) ? addDays(span.to, -random.int(60, 240)) : span.to;
  const touches: PastTouch[] = [];
  let on = addDays(span.from, random.int(0, promiseDays));
  while (on < end) {
    const kind = random.pick(KINDS);
    touches.push({
      personId,
      kind,
      outcome: likelyOutcome(random, kind),
      on,
      note: random.chance(0.3) ? note() : '',
    });
    on = addDays(on, Math.max(3, Math.round(promiseDays * (0.4 + 0.5 * random.next()))));
  }
  return touches;
}

/** Mostly it comes off; now and then word is left, or nobody answers. */
export function likelyOutcome(random: Random, kind: TouchKind): LogTouch['outcome'] {
  const outcomes = outcomesOf(kind);
  if (kind !== 'call' && kind !== 'visit') return outcomes[0]!;
  const r = random.next();
  return r < 0.7 ? 'reached' : r < 0.88 ? 'left_word' : 'no_answer';
}
