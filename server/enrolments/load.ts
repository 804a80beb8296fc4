import { firstSlips, weeklyLoad, type PlanPerson } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sphere } from '../planner';

/** The weeks of the plan as it is beside those of the sphere as it would be. */
export async function compareLoad(ctx: Context, { plan, options }: Sphere, then: PlanPerson[]) {
  const before = weeklyLoad(plan, options);
  const { sources: _, ...plain } = options;
  const after = await ctx.threads.run('outlook', { people: then, options: plain, search: false });
  return {
    load: after.weeks.map((week, i) => ({
      monday: toPlainDate(week.monday),
      before: before[i]!.asked + before[i]!.keepers,
      after: week.asked + week.keepers,
      capacity: week.capacity,
    })),
    slipsBefore: firstSlips(plan).length,
    slipsAfter: after.slips.length,
  };
}
