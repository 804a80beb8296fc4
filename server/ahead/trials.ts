import type { Outlook as Answer, Trial } from '@/contract/planner';
import { startDays, withJoining, withoutCadences, type PlanEnrolment } from '@/core/enrolments';
import { OUTLOOK_RUNS, type OutlookTask, type PlanOptions, type PlanPerson } from '@/core/planner';
import { plural, toDayNumber } from '@/core/time';
import { kindSetups, type TouchKind } from '@/core/touches';

import { act } from '../act';
import { invalid, notFound } from '../api';
import { findCadence, setCadenceActive } from '../cadences';
import type { Context } from '../context';
import { joiningRuns, startEnrolments } from '../enrolments';
import { sphereNow, type Sphere } from '../planner';
import { readSettings, writeSettings, type OwnerSettings } from '../settings';
import { toAnswer } from './ahead';
import * as queries from './queries';
import { runs } from './runs';

const outlooks = runs<{ outlook: Answer }>(OUTLOOK_RUNS);

export const { read, cancel } = outlooks;

/** The sphere as it would be. */
export async function taskOf(
  ctx: Context,
  sphere: Sphere,
  trial: Trial,
  weeks: number,
): Promise<OutlookTask> {
  const { sources: _, ...options } = sphere.options;
  const calendar = {
    ...options.calendar,
    daysOff: new Set([...options.calendar.daysOff, ...(trial.daysOff ?? []).map(toDayNumber)]),
  };
  const minutesPerDay =
    trial.minutesPerDay === undefined ? options.limits.minutesPerDay : trial.minutesPerDay;
  const awake = withoutCadences(sphere.people, trial.rest ?? []);
  const people = await withPromises(ctx, awake, trial);
  return {
    search: true,
    people: trial.join ? await withJoin(ctx, sphere, people, trial.join, calendar) : people,
    options: {
      ...options,
      days: weeks * 7,
      calendar,
      capacity: trial.capacity ?? options.capacity,
      limits: { ...options.limits, minutesPerDay, perKind: kindsOf(options.limits.perKind, trial) },
    },
  };
}

/** The limits of each kind as they would be; null lifts one. */
const kindsOf = (now: PlanOptions['limits']['perKind'], { perKind = {} }: Trial) =>
  Object.fromEntries(
    Object.entries({ ...now, ...perKind }).filter(([, most]) => most !== null),
  ) as PlanOptions['limits']['perKind'];

async function withPromises(ctx: Context, people: readonly PlanPerson[], { circles }: Trial) {
  if (!circles || Object.keys(circles).length === 0) return people;
  const standings = new Map(
    (await queries.standingsWith(ctx.db, circles)).map((row) => [row.person_id, row]),
  );
  return people.map((person) => {
    const as = standings.get(person.id);
    return as ? { ...person, promiseDays: as.promise_days, due: as.due } : person;
  });
}

export async function withJoin(
  ctx: Context,
  sphere: Sphere,
  people: readonly PlanPerson[],
  { cadenceId, who, perDay }: NonNullable<Trial['join']>,
  calendar: OutlookTask['options']['calendar'],
): Promise<PlanPerson[]> {
  const cadence = await findCadence(ctx.db, cadenceId);
  if (!cadence) throw notFound('There is no such cadence.');
  const joining = await joiningRuns(ctx, sphere, cadenceId, who);
  const days = startDays(joining.size, sphere.options.today, perDay, calendar);
  const starts = new Map(
    [...joining].map(([id, { run }], i): [string, Pick<PlanEnrolment, 'run'>] => [
      id,
      { run: { ...run, start: days[i]! } },
    ]),
  );
  return withJoining(people, cadence, starts);
}

export async function start(ctx: Context, trial: Trial, weeks: number): Promise<{ id: string }> {
  const sphere = await sphereNow(ctx);
  const task = await taskOf(ctx, sphere, trial, weeks);
  return outlooks.begin(ctx, async (how) => ({
    outlook: toAnswer(ctx, sphere, task, await ctx.threads.run('outlook', task, how)),
  }));
}

/** What each kind takes, with the limits that were tried. */
function kindsAfter(before: OwnerSettings['kinds'], { perKind = {} }: Trial) {
  const after = { ...before };
  for (const [kind, perDay] of Object.entries(perKind) as [TouchKind, number | null][])
    after[kind] = { ...kindSetups(before)[kind], perDay };
  return after;
}

/** Makes what was tried so, as one action that can be undone. */
export async function make(ctx: Context, trial: Trial) {
  const sphere = await sphereNow(ctx);
  const { join } = trial;
  const joining = join ? await joiningRuns(ctx, sphere, join.cadenceId, join.who) : null;
  const parts: string[] = [];
  return act(ctx, async (tx) => {
    const before = await readSettings(tx);
    const after = {
      ...before,
      capacity: trial.capacity ?? before.capacity,
      minutesPerDay: trial.minutesPerDay === undefined ? before.minutesPerDay : trial.minutesPerDay,
      daysOff: [...new Set([...before.daysOff, ...(trial.daysOff ?? [])])].sort(),
      kinds: kindsAfter(before.kinds, trial),
    };
    if (JSON.stringify(after) !== JSON.stringify(before)) {
      await writeSettings(tx, after);
      parts.push('your days');
    }
    const rest = trial.rest ?? [];
    for (const id of rest) await setCadenceActive(tx, id, false);
    if (rest.length > 0) parts.push(plural(rest.length, 'cadence'));
    const circles = Object.entries(trial.circles ?? {});
    for (const [id, days] of circles) await queries.setPromise(tx, id, days);
    if (circles.length > 0) parts.push(plural(circles.length, 'promise'));
    if (join && joining && joining.size > 0) {
      const calendar = {
        ...sphere.options.calendar,
        daysOff: new Set([...sphere.options.calendar.daysOff, ...after.daysOff.map(toDayNumber)]),
      };
      const days = startDays(joining.size, sphere.options.today, join.perDay, calendar);
      await startEnrolments(tx, join.cadenceId, [...joining.keys()], days);
      parts.push(`${plural(joining.size, 'start')}`);
    }
    if (parts.length === 0) throw invalid('Nothing is different from how it is.', 'trial');
    return {
      sentence: `Changed ${parts.join(', ')}`,
      plan: 'everybody',
      topics: ['settings', 'lists', 'enrolments', 'cadences'],
    };
  });
}
