import {
  countInWords,
  daysAgo,
  plural,
  sentenceCase,
  spokenDate,
  type PlainDate,
} from '@/core/time';

import type { Outcome, TouchKind } from './kinds';
import type { Standing } from './promise';

export interface LastMade {
  kind: TouchKind;
  outcome: Outcome;
  on: PlainDate;
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

/** One plain sentence on where things stand: "You last spoke 62 days ago; you promised every 60." */
export function standingSentence(
  standing: Standing,
  last: LastMade | null,
  addedOn: PlainDate,
  today: PlainDate,
): string {
  const promise =
    standing.kind === 'promised'
      ? `you promised every ${standing.promiseDays}`
      : 'nothing is promised';
  if (!last) return `Here since ${spokenDate(addedOn, today)}, not touched yet; ${promise}.`;
  return `You ${lastDeed(last)} ${daysAgo(last.on, today)}; ${promise}.`;
}
