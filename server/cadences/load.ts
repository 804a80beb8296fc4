import { firstSlips, weeklyLoad, type Plan } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Sphere } from '../planner';

/** The weeks of the plan as it is beside those of another one. */
export function compareLoad(sphere: Sphere, after: Plan) {
  const before = weeklyLoad(sphere.plan, sphere.options);
  return {
    load: weeklyLoad(after, sphere.options).map((week, i) => ({
      monday: toPlainDate(week.monday),
      before: before[i]!.beats + before[i]!.keepers + before[i]!.followUps,
      after: week.beats + week.keepers + week.followUps,
      capacity: week.capacity,
    })),
    slipsBefore: firstSlips(sphere.plan).length,
    slipsAfter: firstSlips(after).length,
  };
}
