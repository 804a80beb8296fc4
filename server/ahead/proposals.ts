import type { Proposal as Answer, Trial } from '@/contract/planner';
import { enrolmentsIn, spreadStarts, withoutCadences, withStarts } from '@/core/enrolments';
import { need } from '@/core/need';
import {
  OUTLOOK_RUNS,
  type Lever,
  type OutlookTask,
  type Patch,
  type PlanPerson,
} from '@/core/planner';
import { figure, plural, sentenceCase, spokenDate, toPlainDate } from '@/core/time';
import { KIND_WORDS, type TouchKind } from '@/core/touches';

import type { Context } from '../context';
import { sphereNow, type Sphere } from '../planner';
import { readCircles } from '../settings';
import * as queries from './queries';
import { runs } from './runs';
import { joiningOf, taskOf } from './trials';

/** A step as it is made and said. */
interface Offer {
  patch: Patch;
  share: number;
  trial: Trial;
  title: string;
  /** Given how many touches fewer are planned then. */
  cost: (fewer: number) => string;
}

/** Searches take a few plans for each step. */
const RUNS = OUTLOOK_RUNS + 12;
const found = runs<{ proposals: Answer[] }>(RUNS);

export const { read, cancel } = found;

/** Begins to look for what would keep every promise that can be kept, on top of what is tried. */
export async function start(ctx: Context, trial: Trial, weeks: number): Promise<{ id: string }> {
  const sphere = await sphereNow(ctx);
  const task = await taskOf(ctx, sphere, trial, weeks);
  const levers = [
    ...kindLevers(task, trial),
    minutesLever(task, trial),
    await promiseLever(ctx, task, trial),
    cadenceLever(sphere, task, trial),
    await startLever(ctx, sphere, task, trial),
    ...spreadLevers(sphere, task, trial),
  ];
  const offers = levers.flatMap((offered, i) =>
    offered.map((offer, j): [string, Offer] => [`${i} ${j}`, offer]),
  );
  const plain: Lever[] = levers.map((offered, i) => ({
    steps: offered.map(({ patch, share }, j) => ({ key: `${i} ${j}`, patch, share })),
  }));
  const byKey = new Map(offers);
  return found.begin(ctx, async (how) => {
    const { people, options } = task;
    const answer = await ctx.threads.run('proposals', { people, options, levers: plain }, how);
    return {
      proposals: answer.map((one) => {
        const room = one.capacity === null ? null : roomOffer(task, trial, one.capacity);
        const offer = one.key === null ? null : need(byKey.get(one.key));
        const parts = [offer, room].filter((part) => part !== null);
        return {
          trial: {
            ...(offer?.trial ?? trial),
            ...(one.capacity === null ? {} : { capacity: one.capacity }),
          },
          title: sentenceCase(parts.map(({ title }) => title).join(', and ')),
          cost: parts.map(({ cost }) => cost(one.fewer)).join(' '),
          slipCount: one.slips,
        };
      }),
    };
  });
}

function roomOffer(
  { options: { capacity, limits } }: OutlookTask,
  trial: Trial,
  enough: number,
): Offer {
  const more = enough - capacity;
  const minutes = Math.round(more * limits.minutes.call);
  return {
    patch: {},
    share: 0,
    trial: { ...trial, capacity: enough },
    title: `room for ${plural(enough, 'touch', 'touches')} a working day instead of ${capacity}`,
    cost: () =>
      `On full days ${plural(more, 'touch', 'touches')} more: about ${plural(minutes, 'minute')}.`,
  };
}

/** So much is added to a limit of a kind, step by step. */
const MORE_OF_A_KIND = [1, 2, 3, 4, 6, 8];

/** More of a kind within the same number of touches a day. */
const kindLevers = ({ options }: OutlookTask, trial: Trial): Offer[][] =>
  (Object.entries(options.limits.perKind) as [TouchKind, number][]).map(([kind, most]) =>
    MORE_OF_A_KIND.filter((more) => most + more <= options.capacity).map((more) => {
      const perKind = { [kind]: most + more };
      const { noun } = KIND_WORDS[kind];
      return {
        patch: { limits: { perKind: { ...options.limits.perKind, ...perKind } } },
        share: more / options.capacity,
        trial: { ...trial, perKind: { ...trial.perKind, ...perKind } },
        title: `Up to ${most + more} of a day’s touches by ${noun} instead of ${most}`,
        cost: () => 'As many touches a day as now, more of them of this kind.',
      };
    }),
  );

/** So many minutes are added to the limit of a day, step by step. */
const MORE_MINUTES = [15, 30, 60, 120];

/** More minutes for the same number of touches a day. */
function minutesLever({ options: { limits } }: OutlookTask, trial: Trial): Offer[] {
  const { minutesPerDay: most } = limits;
  if (most === null) return [];
  return MORE_MINUTES.map((more) => ({
    patch: { limits: { minutesPerDay: most + more } },
    share: more / Math.max(1, most),
    trial: { ...trial, minutesPerDay: most + more },
    title: `${most + more} minutes a working day instead of ${most}`,
    cost: () => `As many touches a day as now; full days take ${more} minutes more.`,
  }));
}

/** Promises are made longer by so much. */
const LONGER = [1.25, 1.5, 2];

/** Days that a promise is written in: fives, but for the shortest. */
const longer = (days: number, times: number): number =>
  days < 20 ? Math.ceil(days * times) : Math.ceil((days * times) / 5) * 5;

/** Longer promises, of the outermost circle first. */
async function promiseLever(ctx: Context, task: OutlookTask, trial: Trial): Promise<Offer[]> {
  const circles = (await readCircles(ctx.db))
    .map(({ id, name, promise_days }) => {
      const tried = trial.circles?.[id];
      return { id, name, days: tried === undefined ? promise_days : tried };
    })
    .filter((circle): circle is { id: string; name: string; days: number } => circle.days !== null)
    .toReversed();
  const promised = task.people.filter(({ promiseDays }) => promiseDays !== null).length;
  const offers: Offer[] = [];
  for (const times of LONGER) {
    const all = Object.fromEntries(circles.map(({ id, days }) => [id, longer(days, times)]));
    const rows = await queries.standingsWith(ctx.db, all);
    const before = new Map(task.people.map(({ id, promiseDays }) => [id, promiseDays]));
    circles.forEach((_, i) => {
      const outer = circles.slice(0, i + 1);
      const ids = new Set(outer.map(({ id }) => id));
      // Whoever has a promise of their own keeps it.
      const moved = rows.filter(
        (r) => ids.has(r.circle_id) && before.get(r.person_id) !== r.promise_days,
      );
      if (moved.length === 0) return;
      offers.push({
        patch: {
          people: Object.fromEntries(
            moved.map((r) => [r.person_id, { promiseDays: r.promise_days, due: r.due }]),
          ),
        },
        share: (moved.length * (times - 1)) / Math.max(1, promised),
        trial: {
          ...trial,
          circles: {
            ...trial.circles,
            ...Object.fromEntries([...ids].map((id) => [id, need(all[id])])),
          },
        },
        title: outer
          .map(({ id, name, days }) => `${name} every ${all[id]} days instead of ${days}`)
          .join(', '),
        cost: (fewer) =>
          `${plural(moved.length, 'person hears', 'people hear')} from you less often${fewerWords(fewer)}.`,
      });
    });
  }
  return offers;
}

/** Cadences that rest: their people get what keeps their promise, and no more. */
function cadenceLever(sphere: Sphere, task: OutlookTask, trial: Trial): Offer[] {
  const planned = Math.max(1, sphere.plan.touches.length);
  const load = new Map<string, { name: string; touches: number; people: Set<string> }>();
  for (const person of task.people)
    for (const { cadence } of enrolmentsIn(person)) {
      // The letter rota is a promise of its own, and what is being begun is not to rest at once.
      if (cadence.lapseDays !== undefined || cadence.id === trial.join?.cadenceId) continue;
      const one = load.get(cadence.id) ?? { name: cadence.name, touches: 0, people: new Set() };
      one.people.add(person.id);
      load.set(cadence.id, one);
    }
  for (const { item } of sphere.plan.touches) {
    const one = item.group ? load.get(item.group) : undefined;
    if (one) one.touches += 1;
  }
  return [...load].map(([id, { name, touches, people }]) => ({
    patch: asksPatch(
      withoutCadences(
        task.people.filter((person) => people.has(person.id)),
        [id],
      ),
    ),
    share: touches / planned,
    trial: { ...trial, rest: [...(trial.rest ?? []), id] as Trial['rest'] },
    title: `Let “${name}” rest`,
    cost: (fewer) =>
      `Its ${plural(people.size, 'person gets', 'people get')} what keeps their promise, and no more${fewerWords(fewer)}. It goes on when you switch it on again.`,
  }));
}

const fewerWords = (fewer: number): string =>
  fewer > 0 ? `: ${plural(fewer, 'touch', 'touches')} fewer in these weeks` : '';

/** So many people begin a day, the quickest first. */
const BEGIN = [10, 5, 3, 2, 1];

/** Those who would join begin a few a day. */
async function startLever(
  ctx: Context,
  sphere: Sphere,
  { people, options }: OutlookTask,
  trial: Trial,
): Promise<Offer[]> {
  const { join } = trial;
  if (!join) return [];
  const joining = await joiningOf(ctx, sphere, join);
  if (joining.ids.size === 0) return [];
  const those = people.filter(({ id }) => joining.ids.has(id));
  return BEGIN.filter((n) => n < (join.perDay ?? Infinity)).map((perDay) => {
    const days = joining.startDays(perDay, options.calendar);
    return {
      patch: asksPatch(joining.begin(those, days)),
      ...inTurn(days, options),
      trial: { ...trial, join: { ...join, perDay } },
      title: `Begin with ${plural(perDay, 'person', 'people')} a working day`,
    };
  });
}

/** Those who are on a cadence and have not begun it begin a few a day: one lever for each cadence. */
function spreadLevers(sphere: Sphere, { people, options }: OutlookTask, trial: Trial): Offer[][] {
  const cadences = new Map(
    sphere.people.flatMap((person) =>
      enrolmentsIn(person).map(({ cadence }) => [cadence.id, cadence.name]),
    ),
  );
  return [...cadences].map(([id, name]) =>
    BEGIN.flatMap((perDay) => {
      const starts = spreadStarts(sphere.people, id, options.today, perDay, options.calendar);
      if (starts.size <= perDay) return [];
      const moved = withStarts(people, starts).filter((person, i) => person !== people[i]);
      return {
        patch: asksPatch(moved),
        ...inTurn([...starts.values()], options),
        trial: {
          ...trial,
          spread: [...(trial.spread ?? []), { cadenceId: id, perDay }] as Trial['spread'],
        },
        title: `Begin “${name}” with ${plural(perDay, 'person', 'people')} a working day`,
      };
    }),
  );
}

const asksPatch = (people: readonly PlanPerson[]): Patch => ({
  people: Object.fromEntries(people.map(({ id, asks }) => [id, { asks }])),
});

/** What it is to begin one after the other, on these days. */
function inTurn(days: readonly number[], { today, days: horizon }: OutlookTask['options']) {
  const last = Math.max(...days);
  return {
    share: (last - today) / 2 / horizon,
    cost: () =>
      `${figure(days.length)} begin one after the other, the last ${spokenDate(toPlainDate(last), toPlainDate(today))}.`,
  };
}
