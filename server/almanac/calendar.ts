import type { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import type { CallOutput } from '@/contract/endpoint';
import type { PeopleFilter } from '@/contract/filters';
import type { datesOfPerson } from '@/contract/greetings';
import {
  almanacOf,
  dateWords,
  greetingKey,
  isHoliday,
  isRound,
  isTooLateForPost,
  occasionName,
  yearlyParts,
  quickWay,
  type AlmanacPerson,
  type DatedPerson,
  type Greeting,
} from '@/core/almanac';
import { need } from '@/core/need';
import { dayNumberOf, partsOf, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { kindSetups } from '@/core/touches';

import { invalid } from '../api';
import type { Context } from '../context';
import { asking, assertRules, exactIdsOf, fieldsOf, findOrRefuse } from '../people';
import { sphereNow, type Sphere } from '../planner';
import { readFates, type Fate } from './fates';
import { greetingLookupOf, type GreetingLookup } from './lookup';
import { feastsIn } from './read';

const MOST_DAYS = 62;
const SHOWN = 3_000;

type Shown = CallOutput<typeof getAlmanac>['days'][number]['dates'][number];

/** Whose dates are asked for; everybody's where nothing is filtered. */
async function peopleAmong(
  ctx: Context,
  sphere: Sphere,
  filter: PeopleFilter,
): Promise<AlmanacPerson[]> {
  const { people } = greetingLookupOf(sphere);
  const asked = Object.values(filter).some((part) =>
    Array.isArray(part) ? part.length > 0 : part !== undefined,
  );
  if (!asked) return [...people.values()];
  await assertRules(ctx, ctx.db, { filter });
  const ids = await exactIdsOf(ctx.db, filter, asking(ctx));
  return ids.flatMap((id) => people.get(id) ?? []);
}

/** Planned greetings by each key that they settle. */
function byEachKey({ greetings }: GreetingLookup): Map<string, Greeting> {
  const all = new Map<string, Greeting>();
  for (const one of greetings.values()) {
    all.set(one.key, one);
    for (const { key } of one.others) all.set(key, one);
  }
  return all;
}

interface Asked extends PeopleFilter {
  from: PlainDate;
  to: PlainDate;
}

/** Dates and holidays of some weeks, each with what is planned for it. */
export async function readAlmanac(
  ctx: Context,
  { from, to, ...filter }: Asked,
): Promise<CallOutput<typeof getAlmanac>> {
  const [first, last] = [toDayNumber(from), toDayNumber(to)];
  if (last < first || last - first >= MOST_DAYS)
    throw invalid(`Ask for at most ${MOST_DAYS} days, the first of them first.`, 'to');
  const sphere = await sphereNow(ctx);
  const { settings } = sphere;
  const lookup = greetingLookupOf(sphere);
  const people = await peopleAmong(ctx, sphere, filter);
  const dates = almanacOf(people, first, last, settings.leapDay);
  const some = dates.slice(0, SHOWN);
  const fates = await fatesOf(ctx, some);
  const planned = byEachKey(lookup);
  const ids = new Set(people.map(({ id }) => id));
  const mine = [...lookup.greetings.values()].filter(({ personId }) => ids.has(personId));
  const setups = kindSetups(settings.kinds);
  const days = Array.from({ length: last - first + 1 }, (_, i) => ({
    on: toPlainDate(first + i),
    holidays: [] as { name: string; toGreet: number }[],
    dates: [] as Shown[],
    writeBy: 0,
    costMinor: 0,
  }));
  for (const { on, name } of feastsIn(settings, { from: first, to: last }))
    need(days[on - first]).holidays.push({ name, toGreet: 0 });
  for (const one of some)
    need(days[one.on - first]).dates.push(shownDate(sphere, lookup, one, planned, fates));
  for (const { key, on, occasion, name, kind } of mine) {
    const holiday = days[on - first]?.holidays.find((one) => one.name === name);
    if (holiday && isHoliday(occasion)) holiday.toGreet += 1;
    const plan = need(lookup.plans.get(key));
    if (isTooLateForPost(plan, sphere.options)) continue;
    // What is mailed costs on the day on which it is written.
    const day = days[(plan.mail?.writeBy ?? on) - first];
    if (!day) continue;
    day.costMinor += setups[kind].costMinor;
    if (plan.mail) day.writeBy += 1;
  }
  return { today: ctx.clock.today(), total: dates.length, days };
}

const keyOf = ({ personId, date, year }: DatedPerson) => greetingKey(personId, date.key, year);

/** What became of the greetings of these dates so far. */
const fatesOf = (ctx: Context, dates: readonly DatedPerson[]) =>
  readFates(
    ctx,
    dates.map(({ personId }) => personId),
    dates.map(keyOf),
  );

function shownDate(
  sphere: Sphere,
  lookup: GreetingLookup,
  one: DatedPerson,
  planned: ReadonlyMap<string, Greeting>,
  fates: ReadonlyMap<string, Fate>,
): Shown {
  const { date, personId, count } = one;
  const key = keyOf(one);
  const greeting = planned.get(key);
  const { hushed } = need(lookup.people.get(personId));
  return {
    personId,
    name: sphere.names.get(personId) ?? '',
    occasion: date.occasion,
    dateKey: date.key,
    what: dateWords({ ...date, count }),
    round: count !== null && isRound(count),
    hushed: hushed.some((what) => what === '' || what === date.occasion || what === date.key),
    greeting: greeting ? plannedOf(sphere, lookup, greeting) : settledOf(key, fates.get(key)),
  };
}

function plannedOf(sphere: Sphere, lookup: GreetingLookup, greeting: Greeting): Shown['greeting'] {
  const { key, others } = greeting;
  const plan = need(lookup.plans.get(key));
  const swapped = sphere.options.swaps?.get(key);
  const late = isTooLateForPost(plan, sphere.options);
  return {
    key,
    kind: swapped ?? greeting.kind,
    way: swapped ? 'hand' : greeting.way,
    state: late ? 'late' : 'planned',
    by: plan.mail ? toPlainDate(plan.mail.writeBy) : null,
    instead: late ? quickWay(plan) : null,
    withNames: others.map(({ personId }) => sphere.names.get(personId) ?? ''),
  };
}

/** A greeting that was given, dropped, or is on its way; null for none. */
function settledOf(key: string, fate: Fate | undefined): Shown['greeting'] {
  if (!fate) return null;
  const way = fate.message ? 'auto' : 'hand';
  return { key, kind: 'other', way, state: fate.state, by: null, instead: null, withNames: [] };
}

/** A year in numbers. */
export async function readYear(
  ctx: Context,
  { year, ...filter }: PeopleFilter & { year: number },
): Promise<CallOutput<typeof getAlmanacYear>> {
  const sphere = await sphereNow(ctx);
  const { settings, options } = sphere;
  const lookup = greetingLookupOf(sphere);
  const people = await peopleAmong(ctx, sphere, filter);
  const from = dayNumberOf({ year, month: 1, day: 1 });
  const to = dayNumberOf({ year, month: 12, day: 31 });
  const ids = new Set(people.map(({ id }) => id));
  const setups = kindSetups(settings.kinds);
  const months = Array.from({ length: 12 }, () => ({ dates: 0, greetings: 0, costMinor: 0 }));
  const count = () => Array.from({ length: to - from + 1 }, () => 0);
  const [dates, greetings] = [count(), count()];
  const occasions = new Map<string, { name: string; dates: number }>();
  for (const { on, date } of almanacOf(people, from, to, settings.leapDay)) {
    dates[on - from] = need(dates[on - from]) + 1;
    need(months[partsOf(on).month - 1]).dates += 1;
    const known = occasions.get(date.occasion);
    if (known) known.dates += 1;
    else occasions.set(date.occasion, { name: nameOf(date), dates: 1 });
  }
  let [minutes, costMinor] = [0, 0];
  for (const { on, kind, way, personId } of lookup.greetings.values()) {
    if (on < from || on > to || !ids.has(personId)) continue;
    greetings[on - from] = need(greetings[on - from]) + 1;
    const month = need(months[partsOf(on).month - 1]);
    month.greetings += 1;
    month.costMinor += setups[kind].costMinor;
    costMinor += setups[kind].costMinor;
    if (way === 'hand') minutes += setups[kind].minutes;
  }
  return {
    today: ctx.clock.today(),
    year,
    dates,
    greetings,
    holidays: feastsIn(settings, { from, to }).map(({ on, name }) => ({
      on: toPlainDate(on),
      name,
    })),
    months,
    occasions: [...occasions]
      .map(([occasion, one]) => ({ occasion, ...one }))
      .sort((a, b) => b.dates - a.dates),
    minutes,
    costMinor,
    planned: from <= options.today + 365 && to >= options.today,
  };
}

const nameOf = (date: DatedPerson['date']): string =>
  date.occasion.startsWith('named.') ? date.name : occasionName(date.occasion);

/** The dates of one person, each when it comes next. */
export async function readDatesOf(
  ctx: Context,
  id: string,
): Promise<CallOutput<typeof datesOfPerson>> {
  const sphere = await sphereNow(ctx);
  const lookup = greetingLookupOf(sphere);
  const person = lookup.people.get(id);
  if (!person) {
    await findOrRefuse(ctx.db, id);
    return { dates: [], never: false };
  }
  const { today } = sphere.options;
  const seen = new Set<string>();
  const next = almanacOf([person], today, today + 366, sphere.settings.leapDay).filter(
    ({ date }) => !seen.has(date.key) && seen.add(date.key),
  );
  const fates = await fatesOf(ctx, next);
  const planned = byEachKey(lookup);
  const doubts = await doubtsOf(ctx, id, partsOf(today).year);
  return {
    dates: next.map((one) => {
      const { personId: _, name: __, ...shown } = shownDate(sphere, lookup, one, planned, fates);
      return {
        ...shown,
        hushed: person.hushed.some((what) => what === one.date.occasion || what === one.date.key),
        next: toPlainDate(one.on),
        doubt: doubts.get(`${one.date.month}-${one.date.day}`) ?? null,
      };
    }),
    never: person.hushed.includes(''),
  };
}

/** Years on record that can't be true, by the day that they are of. */
async function doubtsOf(ctx: Context, id: string, year: number): Promise<Map<string, string>> {
  const { birthday, dates } = fieldsOf(await findOrRefuse(ctx.db, id));
  const all = [...(birthday ? [birthday] : []), ...dates.map(({ on }) => on)];
  return new Map(
    all.flatMap((on): [string, string][] => {
      const parts = yearlyParts(on, year);
      if (on.length === 5 || parts.year !== null) return [];
      const key = `${parts.month}-${parts.day}`;
      return [[key, `The year ${on.slice(0, 4)} can’t be right, so none is counted from it.`]];
    }),
  );
}
