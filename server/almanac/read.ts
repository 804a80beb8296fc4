import {
  greetingKey,
  greetingsOf,
  holidayOccasion,
  isHoliday,
  planGreeting,
  ruleBook,
  type AlmanacPerson,
  type Feast,
  type Greeting,
  type Greetings,
  type GreetingTimes,
  type GreetingRule,
  type PlanGreeting,
} from '@/core/almanac';
import { partsOf, toDayNumber, type DayNumber } from '@/core/time';

import type { Context } from '../context';
import { feasts, publicHolidays } from '../holidays';
import { calendarOf, holidaysOf } from '../planner';
import type { OwnerSettings } from '../settings';
import { readAlmanacPeople } from './people';
import * as queries from './queries';

export const toRule = (row: queries.RuleRow): GreetingRule => ({
  id: row.id,
  occasion: row.occasion,
  circles: row.circles,
  viewId: row.view_id,
  years: row.years,
  kind: row.kind,
  way: row.way,
  leadDays: row.lead_days,
  dayRule: row.day_rule,
  since: toDayNumber(row.since as Parameters<typeof toDayNumber>[0]),
});

export interface Span {
  from: DayNumber;
  to: DayNumber;
}

/** The feasts that rules greet on, or all of them. */
export const feastsIn = (
  settings: OwnerSettings,
  { from, to }: Span,
  wanted?: ReadonlySet<string>,
): Feast[] =>
  feasts(settings, from, to).flatMap(({ on, name, turn }) => {
    const occasion = holidayOccasion(name);
    if (wanted && !wanted.has(occasion)) return [];
    const key = turn === 1 ? occasion : `${occasion}.${turn}`;
    return [{ occasion, name, key, year: partsOf(on).year, on }];
  });

/** How long post is under way and made, as the owner has it. */
export function greetingTimes(ctx: Context, settings: OwnerSettings): GreetingTimes {
  const { year } = partsOf(toDayNumber(ctx.clock.today()));
  const holidays = publicHolidays(settings, year - 1, year + 2).map(({ on }) => on);
  return {
    mailClass: settings.mailClass,
    productionDays: settings.productionDays,
    post: { holidays: new Set(holidays) },
    calendar: calendarOf(settings, holidaysOf(ctx, settings)),
  };
}

export interface GreetingsRead extends Greetings {
  people: AlmanacPerson[];
  rules: Map<string, queries.RuleRow>;
}

/**
 * The greetings to these people, or to everybody, that are still to be given within a span.
 *
 * @param instead rules to go by instead of those that are kept: to see what they would bring
 */
export async function readGreetings(
  ctx: Context,
  settings: OwnerSettings,
  ids: readonly string[] | null,
  span: Span,
  instead?: readonly queries.RuleRow[],
): Promise<GreetingsRead> {
  const marks = await queries.readMarks(ctx.db, ids);
  const settled = marks.map(({ person_id, part }) => {
    const at = part.lastIndexOf(':');
    return greetingKey(person_id, part.slice(0, at), Number(part.slice(at + 1)));
  });
  return readBy(ctx, settings, ids, span, new Set(settled), instead);
}

/** The same, with those that were given or dropped already. */
export const readAll = (
  ctx: Context,
  settings: OwnerSettings,
  ids: readonly string[] | null,
  span: Span,
): Promise<GreetingsRead> => readBy(ctx, settings, ids, span, new Set());

async function readBy(
  ctx: Context,
  settings: OwnerSettings,
  ids: readonly string[] | null,
  span: Span,
  settled: ReadonlySet<string>,
  instead?: readonly queries.RuleRow[],
): Promise<GreetingsRead> {
  const rows = (instead ?? (await queries.readRules(ctx.db))).filter(({ active }) => active);
  const rules = new Map(rows.map((row) => [row.id, row]));
  const views = [...new Set(rows.flatMap(({ view_id }) => view_id ?? []))];
  const people = await readAlmanacPeople(ctx, ids, settings, views);
  if (rows.length === 0) return { people, rules, greetings: [], leftOut: [], near: [] };
  const book = ruleBook(rows.map(toRule));
  const feastsWanted = new Set([...book.keys()].filter(isHoliday));
  const found = greetingsOf(people, {
    ...span,
    leapDay: settings.leapDay,
    book,
    feasts: feastsWanted.size > 0 ? feastsIn(settings, span, feastsWanted) : [],
    settled,
  });
  return { ...found, people, rules };
}

/** Greetings with the days by which they are planned, by key. */
export const planAll = (
  greetings: readonly Greeting[],
  times: GreetingTimes,
): Map<string, PlanGreeting> =>
  new Map(greetings.map((greeting) => [greeting.key, planGreeting(greeting, times)]));
