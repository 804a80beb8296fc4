import type { Outlook as Answer, Trial } from '@/contract/planner';
import { startDays, withJoining, type PlanEnrolment } from '@/core/enrolments';
import { OUTLOOK_RUNS, type OutlookTask, type PlanPerson } from '@/core/planner';
import { plural, toDayNumber } from '@/core/time';

import { act } from '../act';
import { invalid, notFound } from '../api';
import { findCadence } from '../cadences';
import type { Context } from '../context';
import { newId } from '../db';
import { joiningRuns, startEnrolments } from '../enrolments';
import { sphereNow, type Sphere } from '../planner';
import { readSettings, writeSettings } from '../settings';
import { toAnswer } from './ahead';
import * as queries from './queries';

/** A trial that is being worked out, or was lately. */
interface Running {
  steps: number;
  answer: Answer | null;
  fault: unknown;
  stop: AbortController;
}

const trials = new WeakMap<Context, Map<string, Running>>();
/** Outcomes are kept until as many newer ones came. */
const TRIALS_KEPT = 20;

const trialsOf = (ctx: Context): Map<string, Running> => {
  const mine = trials.get(ctx) ?? new Map<string, Running>();
  trials.set(ctx, mine);
  return mine;
};

/** The sphere as it would be. */
async function taskOf(
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
  const people = await withPromises(ctx, sphere.people, trial);
  return {
    search: true,
    people: trial.join ? await withJoin(ctx, sphere, people, trial.join, calendar) : people,
    options: {
      ...options,
      days: weeks * 7,
      calendar,
      capacity: trial.capacity ?? options.capacity,
      limits: { ...options.limits, minutesPerDay },
    },
  };
}

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

async function withJoin(
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
  const mine = trialsOf(ctx);
  const id = newId(ctx.clock.nowMs());
  const running: Running = { steps: 0, answer: null, fault: null, stop: new AbortController() };
  mine.set(id, running);
  for (const old of [...mine.keys()].slice(0, -TRIALS_KEPT)) cancel(ctx, old);
  ctx.threads
    .run('outlook', task, {
      signal: running.stop.signal,
      onStep: (steps) => (running.steps = steps),
    })
    .then(
      (found) => (running.answer = toAnswer(ctx, sphere, task, found)),
      (fault: unknown) => (running.fault = fault),
    );
  return { id };
}

function find(ctx: Context, id: string): Running {
  const running = trialsOf(ctx).get(id);
  if (!running) throw notFound('This trial is not there any more. Try it again.');
  return running;
}

export function read(ctx: Context, id: string) {
  const { steps, answer, fault } = find(ctx, id);
  if (fault) throw fault;
  return answer
    ? { state: 'done' as const, outlook: answer }
    : { state: 'running' as const, done: steps, of: Math.max(OUTLOOK_RUNS, steps + 1) };
}

export function cancel(ctx: Context, id: string): { cancelled: boolean } {
  find(ctx, id).stop.abort();
  return { cancelled: trialsOf(ctx).delete(id) };
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
    };
    if (JSON.stringify(after) !== JSON.stringify(before)) {
      await writeSettings(tx, after);
      parts.push('your days');
    }
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
      topics: ['settings', 'lists', 'enrolments'],
    };
  });
}
