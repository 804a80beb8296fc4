import { need } from '@/core/need';

import { plan } from './plan';
import type { Plan, PlanOptions, PlanPerson } from './types';

export interface Replanned {
  plan: Plan;
  /** The people whose touches were planned anew. */
  ids: ReadonlySet<string>;
}

/** People who share a home are planned together: their touches keep the distance from each other. */
export function withHomes(people: readonly PlanPerson[], ids: ReadonlySet<string>): Set<string> {
  const homes = new Set<string>();
  for (const { id, householdId } of people) if (householdId && ids.has(id)) homes.add(householdId);
  const all = new Set(ids);
  for (const { id, householdId } of people) if (homes.has(householdId ?? '')) all.add(id);
  return all;
}

/**
 * The plan after something changed for a few people: their touches are planned anew into the room
 * that everybody else's leave, and nobody else's move, but for those who wait for today: they take a
 * place that has become free. Much quicker than planning everything.
 *
 * @param before the plan until now
 * @param people everybody as they are now
 * @param changed the ids of those who changed, came or are gone
 * @returns null when something of theirs would be late, off its day or not done at all: then only a
 *   plan of everybody can tell whether others should make room
 */
export function replan(
  before: Plan,
  people: readonly PlanPerson[],
  changed: ReadonlySet<string>,
  options: PlanOptions,
): Replanned | null {
  const concerned = withHomes(people, changed);
  const ids = withHomes(people, new Set([...concerned, ...waitingForToday(before, options)]));
  const staying = <T>(all: readonly T[], idOf: (one: T) => string) =>
    all.filter((one) => !ids.has(idOf(one)));
  const others = staying(before.touches, ({ item }) => item.personId);
  const part = plan(
    people.filter(({ id }) => ids.has(id)),
    options,
    others,
  );
  if (!isFlawless(part, concerned)) return null;
  const whole: Plan = {
    room: before.room,
    touches: mergeByDay(others, part.touches),
    slips: [...staying(before.slips, ({ personId }) => personId), ...part.slips],
    overdue: [...staying(before.overdue, (id) => id), ...part.overdue],
    letGo: [...staying(before.letGo, ({ item }) => item.personId), ...part.letGo],
    unplaced: [...staying(before.unplaced, ({ personId }) => personId), ...part.unplaced],
  };
  return { plan: whole, ids };
}

/** At most so many who wait are planned again with those who changed. */
const CALLED_IN = 12;

/** Who would have been reached by today and found no room, the next ones first. */
const waitingForToday = ({ touches }: Plan, { today }: PlanOptions): string[] =>
  touches
    .filter(({ item, day }) => day > today && item.wanted <= today)
    .slice(0, CALLED_IN)
    .map(({ item }) => item.personId);

/** Whether for none of these people anything is late, off the day that it is fixed to, or left out. */
const isFlawless = ({ touches, slips, letGo, unplaced }: Plan, ids: ReadonlySet<string>): boolean =>
  !touches.some(
    ({ item, day, late }) => ids.has(item.personId) && (item.fixed ? day > item.wanted : late),
  ) &&
  !slips.some(({ personId }) => ids.has(personId)) &&
  !letGo.some(({ item }) => ids.has(item.personId)) &&
  !unplaced.some(({ personId }) => ids.has(personId));

/** Both lists are in order of days; what was planned before comes first on each. */
function mergeByDay<T extends { day: number }>(a: readonly T[], b: readonly T[]): T[] {
  const out: T[] = [];
  let j = 0;
  for (const one of a) {
    while (j < b.length && need(b[j]).day < one.day) out.push(need(b[j++]));
    out.push(one);
  }
  return [...out, ...b.slice(j)];
}
