import type { Outlook as Answer, Trial } from '@/contract/planner';
import type { WorkCalendar } from '@/core/calendar';
import {
  spreadStarts,
  startDays,
  withJoining,
  withoutCadences,
  withStarts,
  type PlanEnrolment,
} from '@/core/enrolments';
import { need } from '@/core/need';
import { OUTLOOK_RUNS, type OutlookTask, type PlanOptions, type PlanPerson } from '@/core/planner';
import { plural, toDayNumber } from '@/core/time';
import type { TouchKind } from '@/core/touches';

import { act } from '../act';
import { invalid } from '../api';
import { findOrRefuseCadence, setCadenceActive } from '../cadences';
import type { Context } from '../context';
import { joiningRuns, moveStarts, startEnrolments } from '../enrolments';
import { sphereNow, type Sphere } from '../planner';
import { readSettings, writeSettings, type OwnerSettings } from '../settings';
import { toAnswer } from './ahead';
import * as queries from './queries';
import { runs } from './runs';

const outlooks = runs<{ outlook: Answer }>(OUTLOOK_RUNS);

export const { read, cancel } = outlooks;

/** The working days, with what would be off besides. */
const calendarOf = ({ options: { calendar } }: Sphere, { daysOff = [] }: Trial): WorkCalendar => ({
  ...calendar,
  daysOff: new Set([...calendar.daysOff, ...daysOff.map(toDayNumber)]),
});

/** The sphere as it would be. */
export async function taskOf(
  ctx: Context,
  sphere: Sphere,
  trial: Trial,
  weeks: number,
): Promise<OutlookTask> {
  const { sources: _, ...options } = sphere.options;
  const calendar = calendarOf(sphere, trial);
  const minutesPerDay =
    trial.minutesPerDay === undefined ? options.limits.minutesPerDay : trial.minutesPerDay;
  const begun = withStarts(sphere.people, spreadIn(sphere, trial, calendar));
  const awake = withoutCadences(begun, trial.rest ?? []);
  const people = await withPromises(ctx, awake, trial);
  const { join } = trial;
  const joining = join ? await joiningOf(ctx, sphere, join) : null;
  return {
    search: true,
    people:
      join && joining ? joining.begin(people, joining.startDays(join.perDay, calendar)) : people,
    options: {
      ...options,
      days: weeks * 7,
      calendar,
      capacity: trial.capacity ?? options.capacity,
      limits: { ...options.limits, minutesPerDay, perKind: kindsOf(options.limits.perKind, trial) },
    },
  };
}

/** The other days on which enrolments would begin. */
const spreadIn = (sphere: Sphere, { spread = [] }: Trial, calendar: WorkCalendar) =>
  new Map(
    spread.flatMap(({ cadenceId, perDay }) => [
      ...spreadStarts(sphere.people, cadenceId, sphere.options.today, perDay, calendar),
    ]),
  );

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

type Join = NonNullable<Trial['join']>;

/** Those who would join: on which days they would begin, and the sphere with them on the cadence. */
export async function joiningOf(ctx: Context, sphere: Sphere, { cadenceId, who }: Join) {
  const cadence = await findOrRefuseCadence(ctx, cadenceId);
  const joining = await joiningRuns(ctx, sphere, cadenceId, who);
  return {
    ids: new Set(joining.keys()),
    startDays: (perDay: number | null, calendar: WorkCalendar) =>
      startDays(joining.size, sphere.options.today, perDay, calendar),
    begin(people: readonly PlanPerson[], days: readonly number[]): PlanPerson[] {
      const starts = [...joining].map(([id, { run }], i): [string, Pick<PlanEnrolment, 'run'>] => [
        id,
        { run: { ...run, start: need(days[i]) } },
      ]);
      return withJoining(people, cadence, new Map(starts));
    },
  };
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
    after[kind] = { ...before[kind], perDay };
  return after;
}

/** Makes what was tried so, as one action that can be undone. */
export async function make(ctx: Context, trial: Trial) {
  const sphere = await sphereNow(ctx);
  const { join } = trial;
  const rest = trial.rest ?? [];
  for (const id of [...rest, ...(join ? [join.cadenceId] : [])]) await findOrRefuseCadence(ctx, id);
  const joining = join ? await joiningRuns(ctx, sphere, join.cadenceId, join.who) : null;
  const calendar = calendarOf(sphere, trial);
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
    for (const id of rest) await setCadenceActive(tx, id, false);
    if (rest.length > 0) parts.push(plural(rest.length, 'cadence'));
    const circles = Object.entries(trial.circles ?? {});
    for (const [id, days] of circles) await queries.setPromise(tx, id, days);
    if (circles.length > 0) parts.push(plural(circles.length, 'promise'));
    const starts = spreadIn(sphere, trial, calendar);
    if (starts.size > 0) {
      await moveStarts(tx, starts);
      parts.push(plural(starts.size, 'start'));
    }
    if (join && joining && joining.size > 0) {
      const days = startDays(joining.size, sphere.options.today, join.perDay, calendar);
      await startEnrolments(tx, join.cadenceId, [...joining.keys()], days);
      parts.push(plural(joining.size, 'start'));
    }
    if (parts.length === 0) throw invalid('Nothing is different from how it is.', 'trial');
    return {
      sentence: `Changed ${parts.join(', ')}`,
      plan: 'everybody',
      topics: ['settings', 'lists', 'enrolments', 'cadences'],
    };
  });
}
