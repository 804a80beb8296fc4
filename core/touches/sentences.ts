import {
  countInWords,
  daysAgo,
  plural,
  sentenceCase,
  spokenDate,
  toDayNumber,
  toPlainDate,
  type PlainDate,
} from '@/core/time';

import { KIND_WORDS, type Outcome, type TouchKind } from './kinds';
import { keptDays, type Standing } from './promise';

export interface LastMade {
  kind: TouchKind;
  outcome: Outcome;
  on: PlainDate;
  /** The share of a promise that it keeps. */
  hold: number;
}

const DEED: Record<TouchKind, string> = {
  call: 'called',
  visit: 'dropped by',
  text: 'texted',
  email: 'e-mailed',
  card: 'sent a card',
  letter: 'wrote',
  gift: 'sent a gift',
  social: 'said a word online',
  other: 'were in touch',
};

/** "last spoke", "last left word", "last texted": what the owner did, in the past tense. */
function lastDeed({ kind, outcome }: LastMade): string {
  if (outcome === 'reached') return kind === 'visit' ? 'last met' : 'last spoke';
  if (outcome === 'left_word') return 'last left word';
  if (outcome === 'no_answer') return 'last tried';
  return `last ${DEED[kind]}`;
}

/** "Two days over", "Due today", "4 days left". */
export function slackWords(slack: number): string {
  if (slack === 0) return 'Due today';
  if (slack < 0)
    return `${sentenceCase(countInWords(-slack))} ${slack === -1 ? 'day' : 'days'} over`;
  return `${plural(slack, 'day')} left`;
}

/** Of made touches, the latest first, the one that keeps a promise longest. */
export function longestKept(
  made: readonly LastMade[],
  promiseDays: number | null,
): LastMade | null {
  if (promiseDays === null) return null;
  const until = ({ on, hold }: LastMade) => toDayNumber(on) + keptDays(hold, promiseDays);
  return made.reduce<LastMade | null>(
    (best, one) => (best && until(best) >= until(one) ? best : one),
    null,
  );
}

const SHARES: Record<number, string> = { 0.25: 'a quarter', 0.5: 'half', 0.75: 'three quarters' };

/** What a touch that keeps only a share of the promise counts: ", which counts half"; else nothing. */
export const countsWords = (made: Pick<LastMade, 'hold'>): string =>
  made.hold >= 1 ? '' : `, which counts ${shareOf(made)}`;

const shareOf = ({ hold }: Pick<LastMade, 'hold'>): string =>
  SHARES[hold] ?? `${Math.round(hold * 100)} of a hundred parts`;

/**
 * One plain sentence on where things stand: "You last spoke 62 days ago; you promised every 60." When
 * an earlier touch keeps the promise longer than the last one does, it is named.
 *
 * @param kept the touch that keeps the promise longest
 */
export function standingSentence(
  standing: Standing,
  last: LastMade | null,
  kept: LastMade | null,
  addedOn: PlainDate,
  today: PlainDate,
): string {
  const promise =
    standing.kind === 'promised'
      ? `you promised every ${standing.promiseDays}`
      : 'nothing is promised';
  if (!last) return `Here since ${spokenDate(addedOn, today)}, not touched yet; ${promise}.`;
  const did = `You ${lastDeed(last)} ${daysAgo(last.on, today)}`;
  if (standing.kind !== 'promised' || !kept) return `${did}; ${promise}.`;
  if (kept.on === last.on && last.hold >= 1) return `${did}; ${promise}.`;
  const { promiseDays, due, slack } = standing;
  if (kept.on === last.on)
    return `${did}; that keeps ${shareOf(last)} of the ${promiseDays} days you promised, so it ${slack < 0 ? 'ran' : 'runs'} out ${spokenDate(toPlainDate(due), today)}.`;
  const counts = countsWords(kept);
  const other = `the ${KIND_WORDS[kept.kind].noun} ${daysAgo(kept.on, today)}${counts && `${counts},`}`;
  return `${did}; ${other} keeps the promise of ${plural(promiseDays, 'day')}.`;
}

/** By when a backlog is worked off: "The plan catches up by Friday." */
export const caughtUpWords = (day: PlainDate | null, today: PlainDate): string =>
  day === null
    ? 'The plan doesn’t catch up in the weeks ahead.'
    : `The plan catches up by ${spokenDate(day, today)}.`;
