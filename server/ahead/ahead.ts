import type { Outlook as Answer } from '@/contract/planner';
import { type Breach, type Outlook, type OutlookTask } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { letGoWords, sphereNow, type Sphere } from '../planner';

const SLIPS_SHOWN = 50;
const LET_GO_SHOWN = 20;

/** An outlook as the API gives it. */
export function toAnswer(
  ctx: Context,
  sphere: Sphere,
  { people, options }: OutlookTask,
  found: Outlook,
): Answer {
  const toBreach = ({ personId, on, until }: Breach) => ({
    personId,
    name: sphere.names.get(personId) ?? '',
    on: toPlainDate(on),
    until: until === null ? null : toPlainDate(until),
  });
  return {
    capacity: options.capacity,
    promises: people.filter(({ promiseDays }) => promiseDays !== null).length,
    overdue: found.overdue.slice(0, SLIPS_SHOWN).map(toBreach),
    overdueCount: found.overdue.length,
    weeks: found.weeks.map(({ monday, ...load }) => ({ monday: toPlainDate(monday), ...load })),
    slips: found.slips.slice(0, SLIPS_SHOWN).map(toBreach),
    slipCount: found.slips.length,
    letGo: found.letGo.length,
    letGoFirst: found.letGo
      .toSorted((a, b) => a.item.wanted - b.item.wanted)
      .slice(0, LET_GO_SHOWN)
      .map((one) => letGoWords(ctx, sphere, one)),
    leastCapacity: found.least!.capacity,
    unkeepable: found.least!.slips,
  };
}

interface Kept {
  sphere: Sphere;
  weeks: number;
  found: Promise<Outlook>;
}
const kept = new WeakMap<Context, Kept>();

/** The coming weeks as they are, worked out once as long as nothing is written. */
export async function readAhead(ctx: Context, weeks: number) {
  const sphere = await sphereNow(ctx);
  const { sources: _, ...rest } = sphere.options;
  const options = { ...rest, days: weeks * 7 };
  const task = { people: sphere.people, options, search: true };
  const before = kept.get(ctx);
  const same = before?.sphere === sphere && before.weeks === weeks;
  const found = same ? before.found : ctx.threads.run('outlook', task);
  if (!same) {
    kept.set(ctx, { sphere, weeks, found });
    found.catch(() => kept.delete(ctx));
  }
  return { today: ctx.clock.today(), ...toAnswer(ctx, sphere, task, await found) };
}
