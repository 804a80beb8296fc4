/** The kinds of touch, in the order in which the desk groups them. */
export const TOUCH_KINDS = [
  'call',
  'text',
  'email',
  'card',
  'letter',
  'social',
  'visit',
  'gift',
  'other',
] as const;
export type TouchKind = (typeof TOUCH_KINDS)[number];

/** How a made touch ended. Which ones make sense depends on the kind: see {@link outcomesOf}. */
export const OUTCOMES = ['reached', 'left_word', 'sent', 'done', 'no_answer', 'not_now'] as const;
export type Outcome = (typeof OUTCOMES)[number];

export const KIND_WORDS: Record<TouchKind, { noun: string; verb: string; flow: string }> = {
  call: { noun: 'call', verb: 'Call', flow: 'Calls' },
  text: { noun: 'text', verb: 'Text', flow: 'Texts' },
  email: { noun: 'e-mail', verb: 'E-mail', flow: 'E-mails' },
  card: { noun: 'card', verb: 'Write', flow: 'Cards to write' },
  letter: { noun: 'letter', verb: 'Write', flow: 'Letters to write' },
  social: { noun: 'social word', verb: 'Say hello', flow: 'A word online' },
  visit: { noun: 'visit', verb: 'Drop by', flow: 'Visits' },
  gift: { noun: 'gift', verb: 'Send', flow: 'Gifts' },
  other: { noun: 'task', verb: 'Do', flow: 'Tasks' },
};

/** A kind with its article: "a call", "an e-mail". */
export const aKind = (kind: TouchKind): string => {
  const { noun } = KIND_WORDS[kind];
  return `${/^[aeiou]/.test(noun) ? 'an' : 'a'} ${noun}`;
};

/** Minutes that a touch takes, for the length of a day (common practice, no source). */
export const MINUTES: Record<TouchKind, number> = {
  call: 10,
  text: 3,
  email: 5,
  card: 8,
  letter: 15,
  social: 3,
  visit: 30,
  gift: 15,
  other: 5,
};

export const OUTCOME_WORDS: Record<Outcome, string> = {
  reached: 'Reached',
  left_word: 'Left word',
  sent: 'Sent',
  done: 'Done',
  no_answer: 'No answer',
  not_now: 'Not now',
};

const BY_KIND: Record<TouchKind, readonly Outcome[]> = {
  call: ['reached', 'left_word', 'no_answer', 'not_now'],
  visit: ['reached', 'left_word', 'no_answer', 'not_now'],
  text: ['sent', 'reached', 'not_now'],
  email: ['sent', 'reached', 'not_now'],
  card: ['sent', 'not_now'],
  letter: ['sent', 'not_now'],
  gift: ['sent', 'not_now'],
  social: ['done', 'reached', 'not_now'],
  other: ['done', 'reached', 'not_now'],
};

/** The outcomes that can be logged for a kind, the likeliest first. */
export const outcomesOf = (kind: TouchKind): readonly Outcome[] => BY_KIND[kind];

/** Whether the outcome completes the planned touch; otherwise it comes back on another day. */
export const completes = (outcome: Outcome): boolean =>
  outcome !== 'no_answer' && outcome !== 'not_now';

/** The channel whose consent a kind is under; null for kinds that need none. */
export function channelOf(kind: TouchKind): 'call' | 'text' | 'email' | 'post' | null {
  if (kind === 'card' || kind === 'letter') return 'post';
  return kind === 'call' || kind === 'text' || kind === 'email' ? kind : null;
}

/** What a kind needs on record before it can be done; null when it needs nothing. */
export function needsOf(kind: TouchKind): 'phone' | 'email' | 'address' | null {
  if (kind === 'call' || kind === 'text') return 'phone';
  if (kind === 'email') return 'email';
  if (kind === 'card' || kind === 'letter' || kind === 'visit') return 'address';
  return null;
}
