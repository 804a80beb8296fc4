import type { Ahead, Outlook as Answer } from '@/contract/planner';
import { need } from '@/core/need';
import {
  caughtUpOn,
  outlookOf,
  type Breach,
  type LeastCapacity,
  type Outlook,
  type OutlookTask,
} from '@/core/planner';
import { toPlainDate, type DayNumber } from '@/core/time';

import type { Context } from '../context';
import { letGoWords, sphereNow, type Sphere } from '../planner';
import { Stopped } from '../threads';

const SLIPS_SHOWN = 50;
const LET_GO_SHOWN = 20;

const dayOf = (day: DayNumber | null) => (day === null ? null : toPlainDate(day));

/** An outlook as the API gives it, but for the least room. */
function toAhead(
  ctx: Context,
  sphere: Sphere,
  { people, options }: OutlookTask,
  found: Outlook,
): Omit<Ahead, keyof ReturnType<typeof toLeast>> {
  const toBreach = ({ personId, on, until }: Breach) => ({
    personId,
    name: sphere.names.get(personId) ?? '',
    on: toPlainDate(on),
    until: dayOf(until),
  });
  return {
    capacity: options.capacity,
    promises: people.filter(({ promiseDays }) => promiseDays !== null).length,
    overdue: found.overdue.slice(0, SLIPS_SHOWN).map(toBreach),
    overdueCount: found.overdue.length,
    caughtUpOn: dayOf(caughtUpOn(found.overdue)),
    weeks: found.weeks.map(({ monday, ...load }) => ({ monday: toPlainDate(monday), ...load })),
    slips: found.slips.slice(0, SLIPS_SHOWN).map(toBreach),
    slipCount: found.slips.length,
    letGo: found.letGo.length,
    letGoFirst: found.letGo
      .toSorted((a, b) => a.item.wanted - b.item.wanted)
      .slice(0, LET_GO_SHOWN)
      .map((one) => letGoWords(ctx, sphere, one)),
  };
}

const toLeast = ({ capacity, slips }: LeastCapacity) => ({
  leastCapacity: capacity,
  unkeepable: slips,
});

/** The outlook of a trial, the least room in it. */
export const toAnswer = (
  ctx: Context,
  sphere: Sphere,
  task: OutlookTask,
  found: Outlook,
): Answer => ({ ...toAhead(ctx, sphere, task, found), ...toLeast(need(found.least)) });

/** What was worked out of one sphere for so many weeks, once for all who ask. */
interface Known {
  task: OutlookTask;
  outlook: Promise<Outlook>;
  least: Promise<LeastCapacity>;
}

interface Kept {
  sphere: Sphere;
  byWeeks: Map<number, Known>;
  stop: AbortController;
}
const kept = new WeakMap<Context, Kept>();

/** A search for the least room that takes longer is answered by an endpoint of its own. */
const PATIENCE_MS = 500;

/** The coming weeks as they are; without the least room where that takes long. */
export async function readAhead(ctx: Context, weeks: number) {
  const sphere = await sphereNow(ctx);
  const { task, outlook, least } = knownOf(ctx, sphere, weeks);
  const found = await outlook;
  const soon = await Promise.race([least.catch(() => null), later(PATIENCE_MS)]);
  return {
    today: ctx.clock.today(),
    ...toAhead(ctx, sphere, task, found),
    ...(soon ? toLeast(soon) : { leastCapacity: null, unkeepable: null }),
  };
}

/** The least room that would do, however long it takes; of the newest sphere when that changes meanwhile. */
export async function readLeast(ctx: Context, weeks: number) {
  for (;;) {
    try {
      return toLeast(await knownOf(ctx, await sphereNow(ctx), weeks).least);
    } catch (error) {
      if (!(error instanceof Stopped)) throw error;
    }
  }
}

function knownOf(ctx: Context, sphere: Sphere, weeks: number): Known {
  let now = kept.get(ctx);
  if (now?.sphere !== sphere) {
    now?.stop.abort();
    now = { sphere, byWeeks: new Map(), stop: new AbortController() };
    kept.set(ctx, now);
  }
  const { byWeeks, stop } = now;
  const before = byWeeks.get(weeks);
  if (before) return before;
  const known = workOut(ctx, sphere, weeks, stop.signal);
  byWeeks.set(weeks, known);
  for (const part of [known.outlook, known.least]) part.catch(() => byWeeks.delete(weeks));
  return known;
}

function workOut(ctx: Context, sphere: Sphere, weeks: number, signal: AbortSignal): Known {
  const { people, plan, options: mine } = sphere;
  const { sources: _, ...options } = { ...mine, days: weeks * 7 };
  const task = { people, options, search: false };
  return {
    task,
    // The days that the sphere is planned for are not planned again.
    outlook:
      options.days === mine.days
        ? Promise.resolve(outlookOf(plan, people, mine))
        : ctx.threads.run('outlook', task),
    least: ctx.threads.run('least', task, { signal }),
  };
}

const later = (ms: number) => new Promise<null>((done) => setTimeout(() => done(null), ms).unref());
