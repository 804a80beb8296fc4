import { isWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';

import { firstSlips } from './ahead';
import { planUntil, SMALLER_TRIED_FOR } from './best';
import { BROKEN_SHARE } from './broken';
import { remembering } from './source';
import type { Plan, PlanOptions, PlanPerson } from './types';

/** Stands for room without limit: more than any sphere has touches on a day. */
export const UNLIMITED = 1_000_000;

/** So many numbers below the least that was found are tried one by one. */
const LOOK_BELOW = 2;

/** So many numbers are tried, at most, where all that make a difference are; up to a few in any sphere. */
const LOOKS = 64;
const FEW = 32;

/** The least number of touches a day that keeps as many promises as any number would. */
export interface LeastCapacity {
  capacity: number;
  /** Promises that hold today and no number of touches would keep: no working days, too few minutes. */
  slips: number;
}

/**
 * The least number of touches a day at which as few promises are broken as at any number. One plan
 * without limit tells what can be kept about, and how much there is to do by when; from the fullest
 * days of that the search goes outwards in doubling steps, then halves what is between. More room
 * hardly ever breaks a promise, but it can, where days shift so that more promises run out on one day:
 * so a few numbers below what was found are tried as well, and in a sphere that is not large all that
 * make a difference.
 */
export function leastCapacity(
  people: readonly PlanPerson[],
  options: PlanOptions,
  onRun: (runs: number) => void = () => {},
): LeastCapacity {
  let runs = 0;
  const trial = {
    ...options,
    made: {},
    vacated: 0,
    pinned: [],
    sources: options.sources.map(remembering),
  };
  const planAt = (capacity: number, mostSlips: number) => {
    onRun(++runs);
    return planUntil(people, { ...trial, capacity }, mostSlips);
  };
  const free = need(planAt(UNLIMITED, Infinity));
  const { slips, guess } = withoutLimit(free, options);
  const enough = (capacity: number) => planAt(capacity, slips) !== null;
  const [low, high] = bracket(guess, enough);
  let least = halve(low, high, enough);
  for (let n = least - 1; n >= Math.max(0, least - LOOK_BELOW); n--) if (enough(n)) least = n;
  const found = { capacity: least, slips };
  return people.length > SMALLER_TRIED_FOR ? found : lookAround(found, busiestDay(free), planAt);
}

/** Looks for a number at which fewer promises break than was found, or as few with less room. */
function lookAround(
  { capacity, slips }: LeastCapacity,
  most: number,
  planAt: (capacity: number, mostSlips: number) => Plan | null,
): LeastCapacity {
  const from = Math.max(2 * most, capacity, FEW);
  const step = Math.max(1, Math.ceil(from / LOOKS));
  for (let n = from; n >= 0; n -= step) {
    const other = planAt(n, n < capacity ? slips : slips - 1);
    if (other) [capacity, slips] = [n, firstSlips(other).length];
  }
  return { capacity, slips };
}

/** Touches on the fullest day: at far more room than that no day fills. */
function busiestDay({ touches }: Plan): number {
  const load = new Map<number, number>();
  for (const { day } of touches) load.set(day, (load.get(day) ?? 0) + 1);
  return Math.max(0, ...load.values());
}

/** What a plan with all the room there can be tells: what breaks all the same, and how much room may do. */
function withoutLimit(free: Plan, options: PlanOptions): { slips: number; guess: number } {
  // As long as promises are broken, a share of each day is theirs.
  const share = free.overdue.length > 0 ? 1 - BROKEN_SHARE : 1;
  return {
    slips: firstSlips(free).length,
    guess: Math.ceil(fullestDays(free, options) / share),
  };
}

/**
 * Touches a day without which not all could be in time, however they are laid: by each day, what must
 * be made until then, over the working days until then.
 */
function fullestDays({ touches }: Plan, { today, days, calendar }: PlanOptions): number {
  const dueOn = new Array<number>(days).fill(0);
  for (const { item } of touches.filter(({ late }) => !late)) {
    const at = Math.min(item.latest - today, days - 1);
    dueOn[at] = (dueOn[at] ?? 0) + 1;
  }
  let [due, working, most] = [0, 0, 0];
  for (let i = 0; i < days; i++) {
    due += dueOn[i] ?? 0;
    if (isWorkingDay(today + i, calendar)) working += 1;
    if (working > 0) most = Math.max(most, Math.ceil(due / working));
  }
  return most;
}

/** Two numbers around the least that is enough, found outwards from a guess; -1 stands for none. */
function bracket(guess: number, enough: (n: number) => boolean): [low: number, high: number] {
  let step = Math.max(1, guess >> 3);
  let [low, high] = [guess, guess];
  if (enough(guess)) {
    for (low = guess - step; low >= 0 && enough(low); low -= step) {
      high = low;
      step *= 2;
    }
    return [Math.max(-1, low), high];
  }
  for (high = guess + step; high < UNLIMITED && !enough(high); high += step) {
    low = high;
    step *= 2;
  }
  return [low, high];
}

function halve(low: number, high: number, enough: (n: number) => boolean): number {
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return high;
}
