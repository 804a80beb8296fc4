import { datedBeats, type Cadence } from '@/core/cadences';
import { leastCapacity, plan, type PlanOptions, type PlanPerson } from '@/core/planner';
import { plainDate, toDayNumber } from '@/core/time';
import { DEFAULT_HOLDS, MINUTES } from '@/core/touches';

import { medianMs, type Figure } from './table';

const today = toDayNumber(plainDate('2026-11-23'));
const PROMISES = [30, 60, 90, 180];

const quarterly: Cadence = {
  id: 'c',
  name: 'Once a quarter, three ways',
  rounds: null,
  gapDays: 30,
  followOn: false,
  handOver: null,
  beats: [0, 30, 60].map((afterDays, i) => ({
    id: `b${i}`,
    timing: { on: 'after', days: afterDays } as const,
    kind: (['call', 'social', 'text'] as const)[i]!,
    wordings: [],
    dayRule: 'next' as const,
    way: 'hand' as const,
  })),
};

/** Half of the people on a cadence, all with a promise, spread over their rounds. */
const sphereOf = (people: number): PlanPerson[] =>
  Array.from({ length: people }, (_, i) => {
    const promiseDays = PROMISES[i % 4]!;
    return {
      id: `p${i}`,
      promiseDays,
      due: today + ((i * 37) % promiseDays) - Math.floor(promiseDays / 10),
      lastOn: null,
      householdId: null,
      weight: i % 4,
      keeperKind: 'call',
      enrolments:
        i % 2 === 0
          ? [{ id: `e${i}`, cadence: quarterly, run: { start: today - (i % 90) }, settledUntil: today - 1 }]
          : [],
      followUps: [],
    };
  });

const optionsFor = (people: number): PlanOptions => ({
  today,
  days: 91,
  calendar: { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() },
  capacity: Math.ceil(people / 25),
  limits: { minutesPerDay: null, minutes: MINUTES, perKind: {} },
  madeToday: 0,
  minDistanceDays: 3,
  holds: DEFAULT_HOLDS,
  putOffs: new Map(),
  pinned: [],
});

/** The same dates in a plain loop: beats and promises laid out and sorted, without room or distance. */
function plainLoop(people: readonly PlanPerson[], options: PlanOptions): number {
  const items: { key: string; day: number }[] = [];
  const to = today + options.days - 1;
  for (const person of people) {
    for (const { cadence, run, id } of person.enrolments)
      for (const { day, round } of datedBeats(
        cadence,
        run,
        { from: today, to },
        options.calendar,
      ))
        items.push({ key: `${id}:${round}`, day });
    for (let day = person.due!; day <= to; day += person.promiseDays!)
      items.push({ key: `${person.id}:${day}`, day });
  }
  items.sort((a, b) => a.day - b.day);
  return items.length;
}

export async function benchPlan(): Promise<Figure[]> {
  const figures: Figure[] = [];
  let small = 0;
  for (const n of [1_000, 10_000]) {
    const people = sphereOf(n);
    const options = optionsFor(n);
    const ms = await medianMs(() => plan(people, options));
    const floor = { what: 'plain loop', ms: await medianMs(() => plainLoop(people, options)) };
    const size = `${n} people, ${plan(people, options).touches.length} touches`;
    if (n === 1_000) small = ms;
    const growth = ms / small;
    figures.push({
      what: 'plan of 13 weeks',
      size,
      ms,
      floor,
      ...(n === 10_000
        ? {
            limit: {
              what: `under 1 s, growth ${growth.toFixed(1)}× of at most 12×`,
              kept: ms < 1_000 && growth <= 12,
            },
          }
        : {}),
    });
  }
  const people = sphereOf(2_000);
  const options = optionsFor(2_000);
  figures.push({
    what: 'least capacity at which nobody slips',
    size: '2000 people',
    ms: await medianMs(() => leastCapacity(people, options), 3),
  });
  return figures;
}
