import { firstSlips } from './ahead';
import { planSteps } from './plan';
import { remembering } from './source';
import type { Plan, PlanOptions, PlanPerson } from './types';

/** In a larger sphere one place a day moves a few promises in thousands: not worth the time. */
export const SMALLER_TRIED_FOR = 1_000;

/** Numbers tried below a given one, at most. */
const TRIES = 48;

/**
 * The best plan for the room there is. A plan for fewer touches a day is one for more as well, and may
 * break fewer promises, because each touch shifts when the next one is due: so fewer are tried as long
 * as promises break. In steps, as {@link planSteps}.
 *
 * @param before the plan until now, where little changed: its room is taken again unless more would break
 */
export function* bestPlanSteps(
  people: readonly PlanPerson[],
  given: PlanOptions,
  before: Plan | null = null,
): Generator<number, Plan> {
  const options = { ...given, sources: given.sources.map(remembering) };
  const canShrink = people.length <= SMALLER_TRIED_FOR;
  if (before && canShrink && before.room >= seenToday(options)) {
    const capacity = Math.min(before.room, options.capacity);
    const most = firstSlips(before).length;
    const again = yield* planUntilSteps(people, { ...options, capacity }, most);
    if (again) return again;
  }
  let best = yield* planSteps(people, options);
  if (!canShrink) return best;
  let slips = firstSlips(best).length;
  for (const capacity of smallerRooms(options)) {
    if (slips === 0) break;
    const other = yield* planUntilSteps(people, { ...options, capacity }, slips - 1);
    if (other) [best, slips] = [other, firstSlips(other).length];
  }
  return best;
}

/** As {@link bestPlanSteps}, in one go. */
export function bestPlan(
  people: readonly PlanPerson[],
  options: PlanOptions,
  before: Plan | null = null,
): Plan {
  return finish(bestPlanSteps(people, options, before));
}

/** A plan, or null as soon as more promises are broken than that. */
export const planUntil = (people: readonly PlanPerson[], options: PlanOptions, mostSlips: number) =>
  finish(planUntilSteps(people, options, mostSlips));

function* planUntilSteps(
  people: readonly PlanPerson[],
  options: PlanOptions,
  mostSlips: number,
): Generator<number, Plan | null> {
  const steps = planSteps(people, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return firstSlips(value).length > mostSlips ? null : value;
    if (value > mostSlips) return null;
    yield value;
  }
}

function finish<T>(steps: Generator<number, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Numbers below the room there is that hold what today has seen already. */
function smallerRooms(options: PlanOptions): number[] {
  const { capacity } = options;
  const least = Math.max(1, seenToday(options));
  const step = Math.max(1, Math.ceil(capacity / TRIES));
  const rooms: number[] = [];
  for (let room = capacity - step; room >= least; room -= step) rooms.push(room);
  return rooms;
}

/** Places of today's desk that are taken: what was made, put off or let go, and what the owner saw. */
const seenToday = ({ made, vacated, pinned }: PlanOptions): number =>
  Object.values(made).reduce((sum, n) => sum + n, vacated + pinned.length);
