import type { CadenceDraft, tryCadence } from '@/contract/cadences';
import type { CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import { difference, type Cadence, type Difference, type Running } from '@/core/cadences';
import { enrolmentsIn, withCadence, withEnrolments, withJoining } from '@/core/enrolments';
import { shifted, type PlannedTouch } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import { assertRuns, findOrRefuseCadence, yearlyDates } from '../cadences';
import type { Context } from '../context';
import { newId } from '../db';
import { resolveSelection } from '../people';
import { groupBy, sphereNow, type Sphere } from '../planner';
import { compareLoad } from './load';
import { planSettled } from './plan-queries';
import * as queries from './queries';

/** The year for which a change is compared; it goes on after it as it began. */
const DAYS_COMPARED = 365;
const EXAMPLES = 5;
const CHANGES_SHOWN = 8;

interface Trial {
  id: string | null;
  draft: CadenceDraft;
  who: Who | null;
}

/** What saving a draft would do to those on the cadence, and to the weeks ahead. */
export async function tryDraft(
  ctx: Context,
  { id, draft, who }: Trial,
): Promise<CallOutput<typeof tryCadence>> {
  const stored = id ? await findOrRefuseCadence(ctx, id) : null;
  const cadence: Cadence = { ...stored, ...draft, id: id ?? newId(ctx.clock.nowMs()) };
  await assertRuns(ctx, draft, cadence.id);
  const before = await sphereNow(ctx);
  const sphere = id ? { ...before, people: await withSettled(ctx, before, id) } : before;
  const running = id ? runningOn(sphere, id) : [];
  const changed = stored ? compare(sphere, stored, cadence, running) : null;
  const joining = who ? await joiningRuns(ctx, sphere, cadence.id, who) : new Map();
  const people = withJoining(withCadence(sphere.people, cadence), cadence, joining);
  const { load, touches } = await compareLoad(ctx, before, people, cadence.id);
  const ofCadence = touches.filter(({ item }) => item.group === cadence.id);
  return {
    running: running.length,
    joining: joining.size,
    changed: toAnswer(changed, sphere),
    planned: inPlan(before, cadence.id, ofCadence, joining),
    ...load,
  };
}

/**
 * What the plan does: touches of the cadence that stand in it now and would stand on another day, or
 * nowhere, and those that come in. What the dates call moved may find no day, or be past.
 */
function inPlan(
  { plan, names }: Sphere,
  cadenceId: string,
  after: readonly PlannedTouch[],
  joining: ReadonlyMap<string, unknown>,
) {
  const now = plan.touches.filter(({ item }) => item.group === cadenceId);
  const known = new Set(now.map(({ item }) => item.key));
  const shifts = shifted(now, after);
  const gone = shifts.filter(({ to }) => to === null);
  return {
    moved: shifts.length - gone.length,
    added: after.filter(({ item }) => !known.has(item.key) && !joining.has(item.personId)).length,
    gone: gone.length,
    goneFirst: gone.slice(0, EXAMPLES).map(({ touch: { item, day } }) => ({
      personId: item.personId,
      name: names.get(item.personId) ?? '',
      kind: item.kind,
      on: toPlainDate(day),
    })),
  };
}

/** The people with what they made of a cadence, so that none of it is asked for again. */
async function withSettled(ctx: Context, { people }: Sphere, cadenceId: string) {
  const rows = await planSettled(ctx.db, null, cadenceId);
  const made = groupBy(rows, ({ enrolment_id }) => enrolment_id);
  return people.map((person) => {
    const enrolments = enrolmentsIn(person);
    if (!enrolments.some(({ id }) => made.has(id))) return person;
    const settled = (id: string) => new Set(made.get(id)?.map(({ touch }) => touch));
    return withEnrolments(
      person,
      enrolments.map((e) => ({ ...e, settled: settled(e.id) })),
    );
  });
}

/** How each person on a cadence runs through it; those who are paused plan nothing. */
const runningOn = (sphere: Sphere, cadenceId: string): Running[] =>
  sphere.people.flatMap((person) =>
    enrolmentsIn(person)
      .filter(({ cadence }) => cadence.id === cadenceId)
      .map(({ run, settledUntil, settled }) => ({
        personId: person.id,
        run,
        settledUntil,
        ...(settled ? { settled } : {}),
      })),
  );

function compare(sphere: Sphere, before: Cadence, after: Cadence, running: readonly Running[]) {
  const { today, calendar } = sphere.options;
  const span = { from: today, to: today + DAYS_COMPARED - 1 };
  return difference(before, after, running, span, calendar);
}

/** Those of `who` who are not on the cadence yet, each beginning today. */
export async function joiningRuns(ctx: Context, sphere: Sphere, cadenceId: string, who: Who) {
  const ids = await resolveSelection(ctx, who);
  const people = await queries.enrolCandidates(ctx.db, ids, cadenceId);
  const { leapDay } = sphere.settings;
  return new Map(
    people
      .filter(({ already_on }) => !already_on)
      .map((person) => [
        person.id,
        { run: { start: sphere.options.today, dates: yearlyDates(person), leapDay } },
      ]),
  );
}

function toAnswer(changed: Difference | null, sphere: Sphere) {
  const day = (on: number | null) => (on === null ? null : toPlainDate(on));
  return {
    people: changed?.people.length ?? 0,
    moved: changed?.moved ?? 0,
    added: changed?.added ?? 0,
    dropped: changed?.dropped ?? 0,
    turned: changed?.turned ?? 0,
    examples: (changed?.people ?? []).slice(0, EXAMPLES).map(({ personId, changes }) => ({
      personId,
      name: sphere.names.get(personId) ?? '',
      changes: changes
        .slice(0, CHANGES_SHOWN)
        .map(({ beat, from, to }) => ({ kind: beat.kind, from: day(from), to: day(to) })),
    })),
  };
}
