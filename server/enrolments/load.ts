import type { AddedLoad } from '@/contract/load';
import { need } from '@/core/need';
import {
  firstSlips,
  othersShifted,
  weeklyLoad,
  withoutDay,
  type LetGo,
  type PlannedTouch,
  type PlanPerson,
  type Shift,
} from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { letGoWords, type Sphere } from '../planner';

/** Of those without a day, and of those whose promise would break, so many are named. */
const NAMED = 20;
/** Of the touches that move. */
const MOVES_NAMED = 5;

/**
 * The weeks of the plan as it is beside those of the sphere as a cadence would make it: what is asked
 * for, what it does to others, and the touches as they would be.
 */
export async function compareLoad(
  ctx: Context,
  sphere: Sphere,
  then: PlanPerson[],
  cadenceId: string,
): Promise<{ load: AddedLoad; touches: PlannedTouch[] }> {
  const { plan, options } = sphere;
  const before = weeklyLoad(plan, options);
  const { sources: _, ...plain } = options;
  const after = await ctx.threads.run('outlook', {
    people: then,
    options: plain,
    search: false,
    touches: true,
  });
  const keyOf = ({ item }: LetGo) => item.key;
  const without = new Set(withoutDay(plan).map(keyOf));
  const noDay = withoutDay(after).filter((one) => !without.has(keyOf(one)));
  const broken = firstSlips(plan);
  const breaking = new Set(broken.map(({ personId }) => personId));
  const load: AddedLoad = {
    load: after.weeks.map((week, i) => ({
      monday: toPlainDate(week.monday),
      before: need(before[i]).wanted,
      after: week.wanted,
      capacity: week.capacity,
    })),
    noDay: noDay.length,
    noDayFirst: noDay.slice(0, NAMED).map((one) => letGoWords(ctx, sphere, one)),
    slipsBefore: broken.length,
    slipsAfter: after.slips.length,
    slipsFirst: after.slips
      .filter(({ personId }) => !breaking.has(personId))
      .slice(0, NAMED)
      .map(({ personId, on }) => ({
        personId,
        name: sphere.names.get(personId) ?? '',
        on: toPlainDate(on),
      })),
    others: othersOf(sphere, othersShifted(plan.touches, after.touches, cadenceId)),
  };
  return { load, touches: after.touches };
}

function othersOf({ names, options }: Sphere, shifts: readonly Shift[]): AddedLoad['others'] {
  const gone = shifts.filter(({ to }) => to === null).length;
  return {
    moved: shifts.length - gone,
    gone,
    fromToday: shifts.filter(({ touch }) => touch.day === options.today).length,
    first: shifts.slice(0, MOVES_NAMED).map(({ touch: { item, day }, to }) => ({
      personId: item.personId,
      name: names.get(item.personId) ?? '',
      kind: item.kind,
      from: toPlainDate(day),
      to: to === null ? null : toPlainDate(to),
    })),
  };
}
