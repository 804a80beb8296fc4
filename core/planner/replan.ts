import { plan } from './plan';
import type { Plan, PlanOptions, PlanPerson } from './types';

/**
 * The plan after something changed for a few people: their touches are planned anew into the room
 * that everybody else's leave, and nobody else's move. Much quicker than planning everything, and
 * steadier: what the owner has seen of the days ahead stays. The next morning's plan is whole again.
 *
 * @param gone people of the plan before who are no longer planned for, such as somebody archived
 * @param changed people as they are now; people of one home belong together
 */
export function replan(
  before: Plan,
  changed: readonly PlanPerson[],
  options: PlanOptions,
  gone: readonly string[] = [],
): Plan {
  const ids = new Set([...gone, ...changed.map(({ id }) => id)]);
  const staying = <T>(all: readonly T[], idOf: (one: T) => string) =>
    all.filter((one) => !ids.has(idOf(one)));
  const others = staying(before.touches, ({ item }) => item.personId);
  const part = plan(changed, options, others);
  return {
    touches: mergeByDay(others, part.touches),
    slips: [...staying(before.slips, ({ personId }) => personId), ...part.slips],
    overdue: [...staying(before.overdue, (id) => id), ...part.overdue],
    letGo: [...staying(before.letGo, ({ item }) => item.personId), ...part.letGo],
    unplaced: [...staying(before.unplaced, ({ personId }) => personId), ...part.unplaced],
  };
}

/** Both lists are in order of days; what was planned before comes first on each. */
function mergeByDay<T extends { day: number }>(a: readonly T[], b: readonly T[]): T[] {
  const out: T[] = [];
  let j = 0;
  for (const one of a) {
    while (j < b.length && b[j]!.day < one.day) out.push(b[j++]!);
    out.push(one);
  }
  return [...out, ...b.slice(j)];
}
