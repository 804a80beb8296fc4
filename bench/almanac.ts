import {
  almanacOf,
  GREETING,
  greetingsOf,
  planGreeting,
  ruleBook,
  type AlmanacPerson,
  type GreetingTimes,
  type SphereDate,
} from '@/core/almanac';
import { ruleOf } from '@/core/almanac/fixtures';
import { plan } from '@/core/planner';
import { dayNumberOf, plainDate, toDayNumber } from '@/core/time';

import { optionsFor, sphereOf } from './plan';
import { timed } from './product';
import { median, medianMs, type Figure } from './table';

const PEOPLE = 10_000;
const today = toDayNumber(plainDate('2026-11-23'));
const calendar = { workingDays: [1, 2, 3, 4, 5] as const, daysOff: new Set<number>() };

const dateOf = (key: string, i: number): SphereDate => ({
  key,
  occasion: key,
  name: key,
  whose: '',
  month: 1 + ((i * 7) % 12),
  day: 1 + ((i * 11) % 28),
  year: i % 3 === 0 ? null : 1940 + (i % 70),
});

/** Everybody with a birthday, half with a wedding, a third with work done; two in a home now and then. */
const almanacPeople = (): AlmanacPerson[] =>
  Array.from({ length: PEOPLE }, (_, i) => ({
    id: `p${i}`,
    name: `P ${i}`,
    called: 'P',
    householdId: i % 5 < 2 ? `h${Math.floor(i / 5)}` : null,
    together: null,
    circleId: `c${i % 4}`,
    views: new Set<string>(),
    addedOn: 0,
    dates: [
      dateOf('birthday', i),
      ...(i % 2 === 0 ? [dateOf('wedding', i + 3)] : []),
      ...(i % 3 === 0 ? [dateOf('service', i + 5)] : []),
    ],
    hushed: [],
    blocked: i % 10 === 0 ? { card: { why: 'No address.', saidNo: false } } : {},
    notAsked: {},
    reach: 'country',
  }));

const RULES = [
  ruleOf({ id: 'round', years: 'round', kind: 'card', leadDays: 1 }),
  ruleOf({ id: 'inner', circles: ['c0'] }),
  ruleOf({ id: 'rest', kind: 'email', way: 'auto' }),
  ruleOf({ id: 'weddings', occasion: 'wedding', kind: 'card', leadDays: 1 }),
  ruleOf({ id: 'work', occasion: 'service', kind: 'email' }),
];

/** The same dates in a plain loop: those of a year, put into their days. */
function plainLoop(people: readonly AlmanacPerson[], year: number): number {
  const days = new Map<number, string[]>();
  let n = 0;
  for (const { id, dates } of people)
    for (const { month, day, year: since } of dates) {
      if (since !== null && since >= year) continue;
      const on = dayNumberOf({ year, month, day });
      const list = days.get(on);
      if (list) list.push(id);
      else days.set(on, [id]);
      n += 1;
    }
  return n;
}

/** The greetings of so many days from today, each with the days by which it is planned. */
function planned(people: readonly AlmanacPerson[], days: number) {
  const { greetings } = greetingsOf(people, {
    from: today,
    to: today + days,
    leapDay: 'feb28',
    book: ruleBook(RULES),
    feasts: [],
    settled: new Set(),
  });
  const times: GreetingTimes = {
    mailClass: 'first',
    productionDays: 1,
    post: { holidays: new Set() },
    calendar,
  };
  return greetings.map((one) => ({ personId: one.personId, plan: planGreeting(one, times) }));
}

/** A year of dates and of greetings, and what greetings cost the plan. */
export async function benchAlmanac(): Promise<Figure[]> {
  const people = almanacPeople();
  const [from, to] = [
    dayNumberOf({ year: 2027, month: 1, day: 1 }),
    dayNumberOf({ year: 2027, month: 12, day: 31 }),
  ];
  const year = () => almanacOf(people, from, to, 'feb28');
  const ms = await medianMs(year);
  const bare = await medianMs(() => plainLoop(people, 2027));
  const greet = () => planned(people, 364);
  const greetMs = await medianMs(greet, 5);
  return [
    {
      what: 'the almanac of a year',
      size: `${PEOPLE} people, ${year().length} dates`,
      ms,
      floor: { what: 'a plain loop over the same dates', ms: bare },
      limit: { what: 'under 200 ms and at most 3×', kept: ms < 200 && ms / bare <= 3 },
    },
    {
      what: 'greetings of a year, with their last days',
      size: `${PEOPLE} people, ${greet().length} greetings`,
      ms: greetMs,
      limit: { what: 'under 1 s', kept: greetMs < 1_000 },
    },
    await benchPlanWith(people),
  ];
}

async function benchPlanWith(people: readonly AlmanacPerson[]): Promise<Figure> {
  const byPerson = new Map<string, ReturnType<typeof planGreeting>[]>();
  for (const { personId, plan: one } of planned(people, 91))
    byPerson.set(personId, [...(byPerson.get(personId) ?? []), one]);
  const bare = sphereOf(PEOPLE);
  const greeted = bare.map((person) => ({
    ...person,
    asks: {
      ...person.asks,
      ...(byPerson.has(person.id) ? { [GREETING]: byPerson.get(person.id) } : {}),
    },
  }));
  const options = optionsFor(PEOPLE);
  // In turns, so that neither is measured on a warmer machine.
  const [withOut, withThem]: [number[], number[]] = [[], []];
  for (let i = 0; i < 7; i++) {
    withOut.push(await timed(async () => plan(bare, options)));
    withThem.push(await timed(async () => plan(greeted, options)));
  }
  const [before, ms] = [median(withOut), median(withThem)];
  return {
    what: 'plan of 13 weeks with greetings',
    size: `${PEOPLE} people, ${plan(greeted, options).touches.length} touches`,
    ms,
    floor: { what: `the same without, ${plan(bare, options).touches.length} touches`, ms: before },
    limit: { what: 'at most 1.2×', kept: ms / before <= 1.2 },
  };
}
