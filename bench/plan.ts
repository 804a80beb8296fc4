import { resolve } from 'node:path';

import { RRuleTemporal } from 'rrule-temporal';
import { Temporal } from 'temporal-polyfill';

import { datedBeats, roundPeriod, type Cadence } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { BEAT, enrolmentsIn } from '@/core/enrolments';
import { outlook, plan, type PlanOptions, type PlanPerson } from '@/core/planner';
import { SOURCES } from '@/core/sources';
import { plainDate, toDayNumber, toPlainDate } from '@/core/time';
import { DEFAULT_HOLDS, MINUTES } from '@/core/touches';

import { inThreads } from '@/server/threads';
import { THREE_WAYS } from '@/testing/simulator/desks';

import { medianMs, type Figure } from './table';

const today = toDayNumber(plainDate('2026-11-23'));
const PROMISES = [30, 60, 90, 180];

/** Half of the people on a cadence, all with a promise, spread over their rounds. */
export const sphereOf = (people: number): PlanPerson[] =>
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
      asks: {
        [BEAT]:
          i % 2 === 0
            ? [
                {
                  id: `e${i}`,
                  cadence: THREE_WAYS,
                  run: { start: today - (i % 90) },
                  settledUntil: today - 1,
                },
              ]
            : [],
      },
    };
  });

export const optionsFor = (people: number): PlanOptions => ({
  today,
  days: 91,
  calendar: { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() },
  capacity: Math.ceil(people / 25),
  limits: { minutesPerDay: null, minutes: MINUTES, perKind: {} },
  made: {},
  vacated: 0,
  minDistanceDays: 3,
  holds: DEFAULT_HOLDS,
  putOffs: new Map(),
  pinned: [],
  sources: SOURCES,
});

/** The same dates in a plain loop: beats and promises laid out and sorted, without room or distance. */
function plainLoop(people: readonly PlanPerson[], options: PlanOptions): number {
  const items: { key: string; day: number }[] = [];
  const to = today + options.days - 1;
  for (const person of people) {
    for (const { cadence, run, id } of enrolmentsIn(person))
      for (const { day, round } of datedBeats(cadence, run, { from: today, to }, options.calendar))
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
  figures.push(await benchBusy(), await benchYear(), ...(await benchOutlook()));
  return figures;
}

/** A beat every fortnight for everybody: six a quarter each. */
const fortnightly: Cadence = {
  ...THREE_WAYS,
  id: 'busy',
  gapDays: 15,
  beats: [0, 15, 30, 45, 60, 75].map((days, i) => ({
    ...THREE_WAYS.beats[i % 3]!,
    id: `f${i}`,
    timing: { on: 'after', days },
  })),
};

const busySphere = (people: number): PlanPerson[] =>
  sphereOf(people).map((person, i) => ({
    ...person,
    asks: {
      [BEAT]: [
        {
          id: `e${i}`,
          cadence: fortnightly,
          run: { start: today - (i % 15) },
          settledUntil: today - 1,
        },
      ],
    },
  }));

async function benchBusy(): Promise<Figure> {
  const people = busySphere(10_000);
  const options = { ...optionsFor(10_000), capacity: 1_000 };
  const ms = await medianMs(() => plan(people, options), 3);
  return {
    what: 'plan of 13 weeks, a beat every fortnight',
    size: `10000 people, ${plan(people, options).touches.length} touches`,
    ms,
    limit: { what: 'under 1 s', kept: ms < 1_000 },
  };
}

async function benchYear(): Promise<Figure> {
  const people = sphereOf(10_000);
  const options = { ...optionsFor(10_000), days: 364 };
  const ms = await medianMs(() => plan(people, options), 3);
  return {
    what: 'plan of 52 weeks',
    size: `10000 people, ${plan(people, options).touches.length} touches`,
    ms,
    limit: { what: 'under 3 s', kept: ms < 3_000 },
  };
}

/** What a trial takes: in its own thread, with the people handed over and the search for the least room. */
async function benchOutlook(): Promise<Figure[]> {
  const people = sphereOf(2_000);
  const options = { ...optionsFor(2_000), capacity: 60 };
  const { sources: _, ...plain } = options;
  const threads = inThreads(resolve('dist/server/worker.mjs'));
  const ms = await medianMs(
    () => threads.run('outlook', { people, options: plain, search: true }),
    5,
  );
  let runs = 0;
  outlook({ people, options, search: true }, SOURCES, (n) => (runs = n));
  return [
    {
      what: 'what if, answered by a thread',
      size: `2000 people, ${runs} planner runs`,
      ms,
      limit: { what: 'under 1 s', kept: ms < 1_000 },
    },
    {
      what: 'runs of the search for the least room, instead of ms',
      size: '2000 people',
      ms: runs - 1,
      limit: { what: 'at most 12', kept: runs - 1 <= 12 },
    },
  ];
}

/** The dated touches of a year, beside a general recurrence library asked for the same days. */
export async function benchDates(): Promise<Figure[]> {
  const calendar: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
  const span = { from: today, to: today + 364 };
  const mine = () => {
    let n = 0;
    for (let i = 0; i < 1_000; i++)
      n += datedBeats(THREE_WAYS, { start: today - (i % 90) }, span, calendar).length;
    return n;
  };
  const theirs = () => {
    let n = 0;
    for (let i = 0; i < 1_000; i++)
      for (const { timing } of THREE_WAYS.beats) {
        const days = timing.on === 'after' ? timing.days : 0;
        const at = (day: number) =>
          Temporal.PlainDate.from(toPlainDate(day)).toZonedDateTime('UTC');
        const rule = new RRuleTemporal({
          freq: 'DAILY',
          interval: roundPeriod(THREE_WAYS),
          dtstart: at(today - (i % 90) + days),
          until: at(span.to),
          temporal: Temporal,
        } as never);
        n += rule.all().filter((d) => d.toPlainDate().toString() >= toPlainDate(today)).length;
      }
    return n;
  };
  if (mine() !== theirs()) throw new Error('The two do not give the same days.');
  const ms = await medianMs(mine);
  const floor = { what: 'recurrence library', ms: await medianMs(theirs, 3) };
  return [
    {
      what: 'dated touches of a year',
      size: `1000 people, ${mine()} touches`,
      ms,
      floor,
      limit: { what: 'at most 0.1×', kept: ms / floor.ms <= 0.1 },
    },
  ];
}
