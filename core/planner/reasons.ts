import {
  daysAgo,
  spokenDate,
  toDayNumber,
  toPlainDate,
  type DayNumber,
  type PlainDate,
} from '@/core/time';
import { countsWords, KIND_WORDS, type LastMade } from '@/core/touches';

import { KEEPER } from './items';
import type { TouchSource } from './source';
import type { Cause, LetGo, Neighbour, PlannedTouch } from './types';

/** Why a touch waits for another day than planned. */
export type PutOffWhy = 'asked' | 'handed_back' | 'no_answer' | 'not_now';

const PUT_OFF_WORDS: Record<PutOffWhy, (until: string) => string> = {
  asked: (until) => ` You put it off until ${until}.`,
  handed_back: (until) => ` You handed it back; ${until} has room.`,
  no_answer: () => ' You tried and got no answer.',
  not_now: () => ' It was not a good moment the last time.',
};

export interface ReasonFacts {
  promiseDays: number | null;
  due: DayNumber | null;
  last: LastMade | null;
  /** The touch that keeps the promise longest, where it is not the last one. */
  kept?: LastMade | null;
  /** Name of the one at the same home whose touch this one keeps its distance from. */
  homeName?: string | null;
  /** Why it was put off, when it was. */
  putOffWhy?: PutOffWhy | null;
  /** The last day before today on whose desk it stood; null when it stood on none. */
  stoodOn?: PlainDate | null;
  /** The last day before today on which the desk was opened. */
  openedOn?: PlainDate | null;
  /** The holiday that the day asked for is, when it is one. */
  holiday?: string | null;
  today: PlainDate;
}

const MOVED: Record<
  Exclude<Cause, 'as_asked' | 'distance' | 'put_off'>,
  (from: string, holiday: string | null) => string
> = {
  day_off: (from, holiday) => ` Moved from ${from}, ${holiday ?? 'a day off'}.`,
  full: (from) => ` Wanted ${from}; the days before were full.`,
  early: () => ' Brought forward because the days ahead are filling up.',
};

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

/** Why a touch finds no day: before it is needless, or at all. */
export function letGoReason(
  { item, yieldsTo }: LetGo,
  facts: Pick<ReasonFacts, 'today' | 'homeName'>,
): string {
  if (item.letGo === Infinity) return 'No day of those planned has room for it.';
  const last = spokenDate(toPlainDate(item.letGo - 1), facts.today);
  return yieldsTo
    ? `Too near to ${neighbourWords(yieldsTo, facts)}, until it makes no sense after ${last}.`
    : `The days are full until ${last}; after that it makes no sense any more.`;
}

/** Why a touch is not on the day that was asked for, as a sentence after its reason; empty when it is. */
export function movedReason(
  touch: PlannedTouch,
  facts: Omit<ReasonFacts, 'promiseDays' | 'due' | 'last' | 'kept'>,
  { saysItsDay = false }: Partial<TouchSource> = {},
): string {
  const { item, cause, day, yieldsTo } = touch;
  const { today } = facts;
  if (cause === 'as_asked') return '';
  if (saysItsDay && (cause === 'day_off' || item.wanted < toDayNumber(today))) return '';
  if (cause === 'put_off')
    return PUT_OFF_WORDS[facts.putOffWhy ?? 'asked'](spokenDate(toPlainDate(day), today));
  // A keeper's wish for a day is the planner's own; said is only what the owner did or will feel.
  if (item.source === KEEPER && cause === 'full')
    return day > toDayNumber(today) ? ' The days before are full.' : '';
  if (cause === 'full' && item.wanted < toDayNumber(today)) return leftWords(item.wanted, facts);
  if (cause === 'distance')
    return item.source === KEEPER || !yieldsTo
      ? ''
      : ` Moved to keep its distance from ${neighbourWords(yieldsTo, facts)}.`;
  return MOVED[cause](
    spokenDate(toPlainDate(cause === 'day_off' ? item.nominal : item.wanted), today),
    facts.holiday ?? null,
  );
}

/** Why something is still open that was wanted on a day before today. */
function leftWords(
  wanted: DayNumber,
  { today, stoodOn, openedOn }: Pick<ReasonFacts, 'today' | 'stoodOn' | 'openedOn'>,
): string {
  if (stoodOn) return ` It was on the desk ${spokenDate(stoodOn, today)} and is still open.`;
  const from = spokenDate(toPlainDate(wanted), today);
  const opened = openedOn && toDayNumber(openedOn) >= wanted;
  // Whether those days were full, or somebody of the same home was tried on them, is not known any more.
  return ` Wanted ${from}; ${opened ? 'no place was found for it before' : 'the desk was not opened since'}.`;
}

/** Why a touch that keeps a promise is planned: when the promise runs out, and when you last spoke. */
export function keeperReason({ due, promiseDays, last, kept, today }: ReasonFacts): string {
  const dueOn = toPlainDate(due!);
  const other = kept && last && kept.on !== last.on ? kept : null;
  const spoke = other
    ? `the ${KIND_WORDS[other.kind].noun} ${daysAgo(other.on, today)}${countsWords(other)}${other.hold < 1 ? ',' : ''} kept it until then`
    : last
      ? `you were last in touch ${daysAgo(last.on, today)}${countsWords(last)}`
      : 'you have not been in touch yet';
  if (dueOn < today) return `Past the promise since ${spokenDate(dueOn, today)}; ${spoke}.`;
  const runsOut = `The promise of ${promiseDays} days runs out ${spokenDate(dueOn, today)}`;
  return `${runsOut}; ${spoke}.`;
}
