import { firstSlips } from './ahead';
import { bestPlan, planUntil } from './best';
import { leastCapacity, UNLIMITED } from './least';
import { plan } from './plan';
import type { Plan, PlanOptions, PlanPerson } from './types';

/** Somebody who would be planned from other things. */
type Change = Partial<Pick<PlanPerson, 'promiseDays' | 'due' | 'asks'>>;

/** One way in which things could be otherwise; plain values, so that it can go to a thread. */
export interface Patch {
  limits?: Partial<PlanOptions['limits']>;
  people?: Readonly<Record<string, Change>>;
}

/** A step of a lever, under a key by which its finder knows it again. */
export interface Step {
  key: string;
  patch: Patch;
  /** How much it changes, as a share of what is: what the gentlest is chosen by. */
  share: number;
}

/** Steps of one kind, of which the first that is enough is proposed. */
export interface Lever {
  steps: readonly Step[];
}

/** A change after which no promise is broken that any room would keep. */
export interface Proposal {
  /** The key of its step; null for more room and nothing else. A step may come with more room. */
  key: string | null;
  share: number;
  /** Touches a working day, where that is what changes. */
  capacity: number | null;
  /** So many touches fewer than now; more where it is negative. */
  fewer: number;
  /** Promises that are broken all the same: no change of the days would keep them. */
  slips: number;
}

export interface ProposalsTask {
  people: readonly PlanPerson[];
  options: Omit<PlanOptions, 'sources'>;
  levers: readonly Lever[];
}

/** So many are proposed. */
const PROPOSED = 3;

/**
 * The gentlest changes that each keep every promise that can be kept: the least room, and of each
 * lever the first step that is enough. Only what changes least is answered, the gentlest first.
 *
 * @param onRun told after each planner run
 */
export function proposals(
  { people, options: given, levers }: ProposalsTask,
  sources: PlanOptions['sources'],
  onRun: (runs: number) => void = () => {},
): Proposal[] {
  // What was made and seen today is of today only.
  const options = { ...given, sources, made: {}, vacated: 0, pinned: [] };
  let runs = 0;
  const told = () => onRun(++runs);
  const now = bestPlan(people, options);
  const target = firstSlips(plan(people, unbound(options))).length;
  if (firstSlips(now).length <= target) return [];
  const found: Proposal[] = [];
  const keep = (chosen: Chosen, then: Plan) =>
    found.push({
      ...chosen,
      fewer: now.touches.length - then.touches.length,
      slips: firstSlips(then).length,
    });
  const room = moreRoom(people, options, target, told);
  if (room) keep({ key: null, ...room.found }, room.plan);
  for (const { steps } of levers) {
    const inOrder = steps.toSorted((a, b) => a.share - b.share);
    const enough = inOrder.some(({ key, patch, share }) => {
      told();
      const kept = planUntil(patched(people, patch), withPatch(options, patch), target);
      if (kept) keep({ key, share, capacity: null }, kept);
      return kept !== null;
    });
    const most = inOrder.at(-1);
    if (enough || !most || !room) continue;
    // Not enough by itself: with less room than it takes alone.
    const then = withPatch(options, most.patch);
    const both = moreRoom(patched(people, most.patch), then, target, told);
    if (both && both.found.capacity < room.found.capacity)
      keep(
        { key: most.key, share: most.share + both.found.share, capacity: both.found.capacity },
        both.plan,
      );
  }
  return found.sort((a, b) => a.share - b.share).slice(0, PROPOSED);
}

type Chosen = Pick<Proposal, 'key' | 'share' | 'capacity'>;

/** With room without end, and no limits but the days themselves. */
const unbound = (options: PlanOptions): PlanOptions => ({
  ...options,
  capacity: UNLIMITED,
  limits: { ...options.limits, minutesPerDay: null, perKind: {} },
});

/** The least room that is enough by itself. */
function moreRoom(
  people: readonly PlanPerson[],
  options: PlanOptions,
  target: number,
  onRun: () => void,
): { found: { share: number; capacity: number }; plan: Plan } | null {
  const { capacity } = leastCapacity(people, options, onRun);
  if (capacity <= options.capacity) return null;
  const kept = planUntil(people, { ...options, capacity }, target);
  const share = (capacity - options.capacity) / Math.max(1, options.capacity);
  return kept && { found: { share, capacity }, plan: kept };
}

const withPatch = (options: PlanOptions, { limits }: Patch): PlanOptions => ({
  ...options,
  limits: { ...options.limits, ...limits },
});

const patched = (people: readonly PlanPerson[], { people: changes }: Patch) =>
  changes
    ? people.map((person) => {
        const change = changes[person.id];
        return change ? { ...person, ...change } : person;
      })
    : people;
