import {
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
import { partsOf, plainDate, toDayNumber, type DayNumber } from '@/core/time';

import type { Context } from '../context';
import { feasts, publicHolidays } from '../holidays';
import { calendarOf, holidaysOf, type OwnerSettings } from '../settings';
import type { RuleRow } from './queries';

const toRule = (row: RuleRow): GreetingRule => ({
  id: row.id,
  occasion: row.occasion,
  circles: row.circles,
  viewId: row.view_id,
  years: row.years,
  kind: row.kind,
  way: row.way,
  leadDays: row.lead_days,
  dayRule: row.day_rule,
  since: toDayNumber(plainDate(row.since)),
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

interface Ground {
  settings: OwnerSettings;
  /** Whole homes. */
  people: readonly AlmanacPerson[];
  /** In their order; those that are switched off greet nobody. */
  rules: readonly RuleRow[];
}

/**
 * The greetings that rules ask for within a span.
 *
 * @param settled keys of those that were given or dropped, which are left out; without them all are told
 */
export function greetingsIn(
  { settings, people, rules }: Ground,
  span: Span,
  settled: ReadonlySet<string> = new Set(),
): Greetings {
  const book = ruleBook(rules.filter(({ active }) => active).map(toRule));
  const wanted = new Set([...book.keys()].filter(isHoliday));
  return greetingsOf(book.size > 0 ? people : [], {
    ...span,
    leapDay: settings.leapDay,
    book,
    feasts: wanted.size > 0 ? feastsIn(settings, span, wanted) : [],
    settled,
  });
}

/** Greetings with the days by which they are planned, by key. */
export const planAll = (
  greetings: readonly Greeting[],
  times: GreetingTimes,
): Map<string, PlanGreeting> =>
  new Map(greetings.map((greeting) => [greeting.key, planGreeting(greeting, times)]));
