import { isWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';
import { weekStart, type DayNumber } from '@/core/time';

import { KEEPER } from './items';
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
    .map((id) => ({ personId: id, on: need(due.get(id)) + 1, until: again.get(id) ?? null }))
    .sort(byDay);
}
