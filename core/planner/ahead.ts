import { isWorkingDay } from '@/core/calendar';
import { weekStart, type DayNumber } from '@/core/time';

import { KEEPER, type PlanItem } from './items';
import { BROKEN_SHARE, planSteps } from './plan';
import type { TouchSource } from './source';
import type { Plan, PlanOptions, PlanPerson } from './types';

/** One calendar week (from Monday) of the plan. */
export interface WeekLoad {
  monday: DayNumber;
  /** Touches that something asks for, and those that only keep a promise. */
  asked: number;
  keepers: number;
  /** Touches that the owner's days can hold. */
  capacity: number;
}

/** The load of each week that the plan touches, the present week first. */
export function weeklyLoad(result: Plan, options: PlanOptions): WeekLoad[] {
  const weeks = new Map<DayNumber, WeekLoad>();
  for (let day = options.today; day < options.today + options.days; day++) {
    const monday = weekStart(day);
    const week = weeks.get(monday) ?? { monday, asked: 0, keepers: 0, capacity: 0 };
    weeks.set(monday, week);
    if (isWorkingDay(day, options.calendar)) week.capacity += options.capacity;
  }
  for (const { item, day } of result.touches) {
    const week = weeks.get(weekStart(day))!;
    week[item.source === KEEPER ? 'keepers' : 'asked'] += 1;
  }
  return [...weeks.values()];
}

/**
 * People whose promise holds this morning and will be broken in the days planned, each with the first
 * day of it. Together with the ones whose promise is broken already that is each person once.
 */
export function firstSlips(result: Plan): { personId: string; on: DayNumber }[] {
  const overdue = new Set(result.overdue);
  const first = new Map<string, DayNumber>();
  for (const { personId, on } of result.slips)
    if (!overdue.has(personId)) first.set(personId, Math.min(on, first.get(personId) ?? Infinity));
  return [...first]
    .map(([personId, on]) => ({ personId, on }))
    .sort((a, b) => a.on - b.on || (a.personId < b.personId ? -1 : 1));
}

/** Stands for room without limit: more than any sphere has touches on a day. */
const UNLIMITED = 1_000_000;

/** So many numbers below the least that was found are tried one by one. */
const LOOK_BELOW = 2;

/** The least number of touches a day that keeps as many promises as any number would. */
export interface LeastCapacity {
  capacity: number;
  /** Promises that hold today and no number of touches would keep: no working days, too few minutes. */
  slips: number;
}

/**
 * The least number of touches a day at which no promise is broken that more room would keep. One
 * plan without limit tells what can be kept at all and how much there is to do by when; from the
 * fullest days of that the search goes outwards in doubling steps, then halves what is between. More
 * room hardly ever breaks a promise (see `firm` in entries.ts), but it can, where days shift so that
 * more promises run out on one day: so a few numbers below what was found are tried as well.
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
  const free = planAt(UNLIMITED, Infinity)!;
  const slips = firstSlips(free).length;
  const enough = (capacity: number) => planAt(capacity, slips) !== null;
  // As long as promises are broken, a share of each day is theirs.
  const share = free.overdue.length > 0 ? 1 - BROKEN_SHARE : 1;
  const guess = Math.ceil(fullestDays(free, options) / share);
  const [low, high] = bracket(guess, enough);
  let least = halve(low, high, enough);
  for (let n = least - 1; n >= Math.max(0, least - LOOK_BELOW); n--) if (enough(n)) least = n;
  return { capacity: least, slips };
}

/** A source asked once about each person: what it asks for does not depend on the room. */
function remembering(source: TouchSource): TouchSource {
  const known = new Map<string, PlanItem[]>();
  return {
    ...source,
    items: (personId, asks, context) => {
      const items = known.get(personId) ?? source.items(personId, asks, context);
      known.set(personId, items);
      return items;
    },
  };
}

/** A plan, or null as soon as more promises are broken than that. */
function planUntil(people: readonly PlanPerson[], options: PlanOptions, mostSlips: number) {
  const steps = planSteps(people, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return firstSlips(value).length > mostSlips ? null : value;
    if (value > mostSlips) return null;
  }
}

/**
 * Touches a day without which not all could be in time, however they are laid: by each day, what must
 * be made until then, over the working days until then.
 */
function fullestDays({ touches }: Plan, { today, days, calendar }: PlanOptions): number {
  const dueOn = new Array<number>(days).fill(0);
  for (const { item, late } of touches)
    if (!late) dueOn[Math.min(item.latest - today, days - 1)]! += 1;
  let [due, working, most] = [0, 0, 0];
  for (let i = 0; i < days; i++) {
    due += dueOn[i]!;
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
