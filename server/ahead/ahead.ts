import type { Outlook as Answer } from '@/contract/planner';
import { letGoReason, type LetGo, type Outlook, type OutlookTask } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { groupName, sphereNow, type Sphere } from '../planner';

const SLIPS_SHOWN = 50;
const LET_GO_SHOWN = 20;

/** An outlook as the API gives it. */
export function toAnswer(
  ctx: Context,
  sphere: Sphere,
  { people, options }: OutlookTask,
  found: Outlook,
): Answer {
  return {
    capacity: options.capacity,
    promises: people.filter(({ promiseDays }) => promiseDays !== null).length,
    overdue: found.overdue,
    weeks: found.weeks.map(({ monday, ...load }) => ({ monday: toPlainDate(monday), ...load })),
    slips: found.slips.slice(0, SLIPS_SHOWN).map(({ personId, on }) => ({
      personId,
      name: sphere.names.get(personId) ?? '',
      on: toPlainDate(on),
    })),
    slipCount: found.slips.length,
    letGo: found.letGo.length,
    letGoFirst: found.letGo
      .toSorted((a, b) => a.item.wanted - b.item.wanted)
      .slice(0, LET_GO_SHOWN)
      .map((one) => toLetGo(ctx, sphere, one)),
    leastCapacity: found.least!.capacity,
    unkeepable: found.least!.slips,
  };
}

function toLetGo(ctx: Context, sphere: Sphere, { item, yieldsTo }: LetGo) {
  const { names, options } = sphere;
  const today = toPlainDate(options.today);
  const other = yieldsTo && yieldsTo.personId !== item.personId ? yieldsTo.personId : null;
  return {
    personId: item.personId,
    name: names.get(item.personId) ?? '',
    kind: item.kind,
    on: toPlainDate(item.wanted),
    cadence: groupName(ctx, sphere, { item }),
    why: letGoReason(yieldsTo ? { item, yieldsTo } : { item }, {
      today,
      homeName: other ? (names.get(other) ?? null) : null,
    }),
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
