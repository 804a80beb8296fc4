import {
  countInWords,
  daysAgo,
  spokenDate,
  toDayNumber,
  toPlainDate,
  type DayNumber,
  type PlainDate,
} from '@/core/time';
import { KIND_WORDS, type LastMade } from '@/core/touches';

import type { Cause, LetGo, Neighbour, PlannedTouch } from './types';

export interface ReasonFacts {
  cadenceName: string | null;
  /** Words of a follow-up. */
  followUpWords: string | null;
  promiseDays: number | null;
  due: DayNumber | null;
  last: LastMade | null;
  /** Name of the one at the same home whose touch this one keeps its distance from. */
  homeName?: string | null;
  /** The holiday that the day asked for is, when it is one. */
  holiday?: string | null;
  today: PlainDate;
}

const MOVED: Record<
  Exclude<Cause, 'as_asked' | 'distance'>,
  (from: string, holiday: string | null) => string
> = {
  day_off: (from, holiday) => ` Moved from ${from}, ${holiday ?? 'a day off'}.`,
  full: (from) => ` Wanted ${from}; the days before were full.`,
  early: () => ' Brought forward because the days ahead are full.',
  put_off: () => ' You put it off until now.',
};

/** Why this person, why now: one or two plain sentences for a planned touch. */
export function reasonSentence(touch: PlannedTouch, facts: ReasonFacts): string {
  return baseReason(touch, facts) + movedReason(touch, facts);
}

/** Which touch another one yields to: "the call of last Friday", "the text to Lee, at the same home, tomorrow". */
function neighbourWords(
  { kind, day }: Neighbour,
  { today, homeName }: Pick<ReasonFacts, 'today' | 'homeName'>,
): string {
  const touch = kind ? KIND_WORDS[kind].noun : 'touch';
  const when = spokenDate(toPlainDate(day), today);
  return homeName
    ? `the ${touch} to ${homeName}, at the same home, ${when}`
    : `the ${touch} ${when}`;
}

/** Why a beat finds no day before it is needless. */
export function letGoReason(
  { item, yieldsTo }: LetGo,
  facts: Pick<ReasonFacts, 'today' | 'homeName'>,
): string {
  const last = spokenDate(toPlainDate(item.letGo - 1), facts.today);
  return yieldsTo
    ? `Too near to ${neighbourWords(yieldsTo, facts)}, until it makes no sense after ${last}.`
    : `The days are full until ${last}; after that it makes no sense any more.`;
}

function movedReason(touch: PlannedTouch, facts: ReasonFacts): string {
  const { item, cause, day, yieldsTo } = touch;
  const { today } = facts;
  if (cause === 'as_asked') return '';
  if (item.source === 'follow_up' && cause === 'day_off') return '';
  // A keeper's wish for a day is the planner's own; said is only what the owner did or will feel.
  if (item.source === 'keeper' && cause === 'full')
    return day > toDayNumber(today) ? ' The days before are full.' : '';
  if (cause === 'distance')
    return item.source === 'keeper' || !yieldsTo
      ? ''
      : ` Moved to keep its distance from ${neighbourWords(yieldsTo, facts)}.`;
  return MOVED[cause](
    spokenDate(toPlainDate(cause === 'day_off' ? item.nominal : item.wanted), today),
    facts.holiday ?? null,
  );
}

function baseReason({ item }: PlannedTouch, facts: ReasonFacts): string {
  const { today, last } = facts;
  if (item.source === 'follow_up') {
    const when = spokenDate(toPlainDate(item.nominal), today);
    return facts.followUpWords
      ? `You meant to follow up ${when}: ${facts.followUpWords}`.replace(/([^.?!])$/, '$1.')
      : `You meant to follow up ${when}.`;
  }
  if (item.source === 'beat') {
    const round = item.beat!.round;
    const nth = round === 0 ? '' : `, round ${countInWords(round + 1)}`;
    return `${facts.cadenceName ?? 'A cadence'}${nth}: ${KIND_WORDS[item.kind].noun}.`;
  }
  return keeperReason(facts, last, today);
}

function keeperReason(
  { due, promiseDays }: ReasonFacts,
  last: LastMade | null,
  today: PlainDate,
): string {
  const dueOn = toPlainDate(due!);
  const spoke = last
    ? `you were last in touch ${daysAgo(last.on, today)}`
    : 'you have not been in touch yet';
  if (dueOn < today) return `Past the promise since ${spokenDate(dueOn, today)}; ${spoke}.`;
  const runsOut = `The promise of ${promiseDays} days runs out ${spokenDate(dueOn, today)}`;
  return `${runsOut}; ${spoke}.`;
}
