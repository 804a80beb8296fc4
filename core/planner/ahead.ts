import { isWorkingDay } from '@/core/calendar';
import { weekStart, type DayNumber } from '@/core/time';

import { KEEPER, type PlanItem } from './items';
import { BROKEN_SHARE, planSteps } from './plan';
import type { TouchSource } from './source';
import type { LetGo, Plan, PlanOptions, PlanPerson } from './types';

/** One calendar week (from Monday) of the plan. */
export interface WeekLoad {
  monday: DayNumber;
  /** Touches planned in it: those that something asks for, and those that only keep a promise. */
  asked: number;
  keepers: number;
  /**
   * Touches wanted in it, whether it has room for them or not; what is late counts to the first week,
   * what is wanted after the last one and was brought forward to none.
   */
  wanted: number;
  /** Touches that the owner's days can hold. */
  capacity: number;
}

/** The load of each week that the plan touches, the present week first. */
export function weeklyLoad(result: Plan, options: PlanOptions): WeekLoad[] {
  const weeks = new Map<DayNumber, WeekLoad>();
  for (let day = options.today; day < options.today + options.days; day++) {
    const monday = weekStart(day);
    const week = weeks.get(monday) ?? { monday, asked: 0, keepers: 0, wanted: 0, capacity: 0 };
    weeks.set(monday, week);
    if (isWorkingDay(day, options.calendar)) week.capacity += options.capacity;
  }
  const weekOf = (day: DayNumber) => weeks.get(weekStart(Math.max(day, options.today)));
  for (const { item, day } of result.touches) {
    const [planned, wanted] = [weekOf(day), weekOf(item.wanted)];
    if (planned) planned[item.source === KEEPER ? 'keepers' : 'asked'] += 1;
    if (wanted) wanted.wanted += 1;
  }
  for (const { item } of withoutDay(result)) {
    const week = weekOf(item.wanted);
    if (week) week.wanted += 1;
  }
  return [...weeks.values()];
}

/** What finds no day in the days planned: let go because it became needless, or still waiting. */
export const withoutDay = ({ letGo, unplaced }: Pick<Plan, 'letGo' | 'unplaced'>): LetGo[] => [
  ...letGo,
  ...unplaced.map((item) => ({ item })),
];

/** A promise that is broken from a day on, until it is kept again; null when that is not in the plan. */
export interface Breach {
  personId: string;
  on: DayNumber;
  until: DayNumber | null;
}

const byDay = (a: Breach, b: Breach) => a.on - b.on || (a.personId < b.personId ? -1 : 1);

/**
 * People whose promise holds this morning and will be broken in the days planned, each with the first
 * time. Together with {@link overdueNow} that is each person once.
 */
export function firstSlips({ slips, overdue }: Plan): Breach[] {
  const already = new Set(overdue);
  const first = new Map<string, Breach>();
  for (const slip of slips) {
    const before = first.get(slip.personId);
    if (!already.has(slip.personId) && (!before || slip.on < before.on))
      first.set(slip.personId, slip);
  }
  return [...first.values()].sort(byDay);
}

/** People whose promise was broken before this morning, and when the plan makes good for it. */
export function overdueNow({ overdue, touches }: Plan, people: readonly PlanPerson[]): Breach[] {
  const again = new Map<string, DayNumber>();
  for (const { item, day } of touches)
    if (item.hold > 0 && !again.has(item.personId)) again.set(item.personId, day);
  const due = new Map(people.map((person) => [person.id, person.due]));
  return overdue
    .map((id) => ({ personId: id, on: due.get(id)! + 1, until: again.get(id) ?? null }))
    .sort(byDay);
}

/** Stands for room without limit: more than any sphere has touches on a day. */
export const UNLIMITED = 1_000_000;

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
  const { slips, guess } = withoutLimit(planAt(UNLIMITED, Infinity)!, options);
  const enough = (capacity: number) => planAt(capacity, slips) !== null;
  const [low, high] = bracket(guess, enough);
  let least = halve(low, high, enough);
  for (let n = least - 1; n >= Math.max(0, least - LOOK_BELOW); n--) if (enough(n)) least = n;
  return { capacity: least, slips };
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
export function planUntil(people: readonly PlanPerson[], options: PlanOptions, mostSlips: number) {
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
