import { firstSlips, leastCapacity, plan, weeklyLoad } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { sphereNow, WEEKS_AHEAD } from './sphere';

const SLIPS_SHOWN = 50;

/** The load of the coming weeks, whose promise will be broken, and the capacity that would keep all. */
export async function readAhead(ctx: Context, weeks: number) {
  const sphere = await sphereNow(ctx);
  const options = { ...sphere.options, days: weeks * 7 };
  const result = weeks === WEEKS_AHEAD ? sphere.plan : plan(sphere.people, options);
  const slips = firstSlips(result);
  return {
    today: ctx.clock.today(),
    capacity: options.capacity,
    promises: sphere.people.filter(({ promiseDays }) => promiseDays !== null).length,
    overdue: result.overdue.length,
    weeks: weeklyLoad(result, options).map(({ monday, ...load }) => ({
      monday: toPlainDate(monday),
      ...load,
    })),
    slips: slips.slice(0, SLIPS_SHOWN).map(({ personId, on }) => ({
      personId,
      name: sphere.names.get(personId) ?? '',
      on: toPlainDate(on),
    })),
    slipCount: slips.length,
    leastCapacity: leastCapacity(sphere.people, options),
  };
}
