import type { DayNumber } from '@/core/time';

import type { Outcome, TouchKind } from './kinds';

/** The share of a promise (0 to 1) that a made touch keeps, by kind and outcome. */
export type HoldTable = Record<TouchKind, Partial<Record<Outcome, number>>>;

/** A conversation keeps all of a promise, a voicemail half; the owner can change each. */
export const DEFAULT_HOLDS: HoldTable = {
  call: { reached: 1, left_word: 0.5 },
  visit: { reached: 1, left_word: 0.5 },
  text: { sent: 0.5, reached: 1 },
  email: { sent: 0.5, reached: 1 },
  card: { sent: 0.75 },
  letter: { sent: 0.75 },
  gift: { sent: 1 },
  social: { done: 0.25, reached: 1 },
  other: { done: 0.5, reached: 1 },
};

/** Hold of one made touch; outcomes that reach nobody keep nothing. */
export const holdOf = (kind: TouchKind, outcome: Outcome, holds = DEFAULT_HOLDS): number =>
  holds[kind][outcome] ?? 0;

/** Hold that a planned touch of this kind may count on when it is done as planned. */
export function expectedHold(kind: TouchKind, holds = DEFAULT_HOLDS): number {
  const table = holds[kind];
  return table.sent ?? table.done ?? table.reached ?? 0;
}

/** The latest day with each hold among a person's made touches: all that `due` needs to know. */
export interface LastTouch {
  hold: number;
  on: DayNumber;
}

export interface PromiseInput {
  /** Days that the person may go without a personal touch; null when nothing is promised. */
  promiseDays: number | null;
  lastTouches: readonly LastTouch[];
  addedOn: DayNumber;
  graceDays: number;
}

export type Warmth = 'fresh' | 'steady' | 'soon' | 'slipping' | 'quiet';
export const WARMTHS: readonly Warmth[] = ['fresh', 'steady', 'soon', 'slipping', 'quiet'];

/** Days for which a touch of this hold keeps a promise. Holds have two decimals: exact in hundredths. */
export const keptDays = (hold: number, promiseDays: number): number =>
  Math.round((Math.round(hold * 100) * promiseDays) / 100);

/**
 * The day on which the promise runs out: the latest of `on + round(hold · promise)` over all made
 * touches that hold anything; for somebody never touched, the day added plus the grace. Null
 * without a promise.
 */
export function dueDay(input: PromiseInput): DayNumber | null {
  if (input.promiseDays === null) return null;
  let due: DayNumber | null = null;
  for (const { hold, on } of input.lastTouches) {
    if (hold <= 0) continue;
    const until = on + keptDays(hold, input.promiseDays);
    if (due === null || until > due) due = until;
  }
  return due ?? input.addedOn + input.graceDays;
}

/** Warmth by r = slack ÷ promise; the bands are closed at their lower end except `fresh`. */
export function warmthOf(slack: number, promiseDays: number): Warmth {
  const r = slack / promiseDays;
  if (r > 0.5) return 'fresh';
  if (r > 0.2) return 'steady';
  if (r >= 0) return 'soon';
  if (r >= -0.5) return 'slipping';
  return 'quiet';
}

export type Standing =
  | { kind: 'none' }
  | { kind: 'promised'; promiseDays: number; due: DayNumber; slack: number; warmth: Warmth };

/** Where a person stands today, from the day their promise runs out; `none` without a promise. */
export function standingOf(
  promise: { promiseDays: number | null; due: DayNumber | null },
  today: DayNumber,
): Standing {
  const { promiseDays, due } = promise;
  if (due === null || promiseDays === null) return { kind: 'none' };
  const slack = due - today;
  return { kind: 'promised', promiseDays, due, slack, warmth: warmthOf(slack, promiseDays) };
}
