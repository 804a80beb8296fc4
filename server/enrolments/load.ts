import type { AddedLoad } from '@/contract/load';
import {
  firstSlips,
  weeklyLoad,
  withoutDay,
  type LetGo,
  type PlannedTouch,
  type PlanPerson,
} from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { letGoWords, type Sphere } from '../planner';

/** Of those without a day, and of those whose promise would break, so many are named. */
const NAMED = 20;

/** The weeks of the plan as it is beside those of the sphere as it would be: what is asked for. */
export async function compareLoad(
  ctx: Context,
  sphere: Sphere,
  then: PlanPerson[],
): Promise<AddedLoad> {
  return (await compareWith(ctx, sphere, then)).load;
}

/** As {@link compareLoad}, with what would be planned of one cadence. */
export async function compareWith(
  ctx: Context,
  sphere: Sphere,
  then: PlanPerson[],
  group?: string,
): Promise<{ load: AddedLoad; ofGroup: PlannedTouch[] }> {
  const { plan, options } = sphere;
  const before = weeklyLoad(plan, options);
  const { sources: _, ...plain } = options;
  const after = await ctx.threads.run('outlook', {
    people: then,
    options: plain,
    search: false,
    ...(group ? { group } : {}),
  });
  const keyOf = ({ item }: LetGo) => item.key;
  const without = new Set(withoutDay(plan).map(keyOf));
  const noDay = withoutDay(after).filter((one) => !without.has(keyOf(one)));
  const broken = firstSlips(plan);
  const breaking = new Set(broken.map(({ personId }) => personId));
  const load: AddedLoad = {
    load: after.weeks.map((week, i) => ({
      monday: toPlainDate(week.monday),
      before: before[i]!.wanted,
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
  };
  return { load, ofGroup: after.ofGroup };
}
