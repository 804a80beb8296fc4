import {
  GREETING,
  greetingKey,
  occasionName,
  peopleOf,
  type AlmanacPerson,
  type Greeting,
  type PlanGreeting,
  type SaidOf,
} from '@/core/almanac';
import { readKey } from '@/core/planner';
import type { MergeValues } from '@/core/templates';
import { andList, longDate, partsOf, toDayNumber, toPlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sphere } from '../planner';
import type { OwnerSettings } from '../settings';
import { readCopy, type Said, type ResolvedCopy } from '../templates';
import { readAlmanacPeople } from './people';
import * as queries from './queries';
import { greetingsIn, greetingTimes, planAll } from './read';

/** Everything that is told of dates and greetings: in memory with the plan, and renewed with it. */
export interface GreetingLookup {
  /** Everybody with their dates. */
  people: ReadonlyMap<string, AlmanacPerson>;
  /** All rules in their order. */
  rules: ReadonlyMap<string, queries.RuleRow>;
  /** Greetings that are still to be given, from some weeks ago to somewhat more than a year ahead. */
  greetings: ReadonlyMap<string, Greeting>;
  plans: ReadonlyMap<string, PlanGreeting>;
  copy: ResolvedCopy;
  /** Words that were written for one greeting, by its key. */
  own: ReadonlyMap<string, string>;
}

/** What is known of the people whom a sphere was planned for. */
export const greetingLookupOf = ({ lookups }: Sphere): GreetingLookup =>
  lookups.get(GREETING) as GreetingLookup;

/** So far back greetings are looked for that nobody gave. */
const BACK_DAYS = 40;
/** Somewhat more than a year, which is as far as anything looks ahead. */
const AHEAD_DAYS = 380;

/** What was read before of others than these people, with what is known now of them. */
function renewed<T>(
  before: ReadonlyMap<string, T> | undefined,
  now: Iterable<readonly [string, T]>,
  isTheirs: (key: string) => boolean,
): ReadonlyMap<string, T> {
  const all = new Map<string, T>();
  for (const [key, value] of before ?? []) if (!isTheirs(key)) all.set(key, value);
  for (const [key, value] of now) all.set(key, value);
  return all;
}

/** Reads what greetings are made from, of everybody or of the people of some homes; then `before` is what was read. */
export async function readLookup(
  ctx: Context,
  ids: readonly string[] | null,
  settings: OwnerSettings,
  before: GreetingLookup | null,
): Promise<GreetingLookup> {
  const sql = ctx.db;
  const today = toDayNumber(ctx.clock.today());
  const rules = await queries.readRules(sql);
  const views = rules.flatMap(({ view_id, active }) => (view_id && active ? [view_id] : []));
  const people = await readAlmanacPeople(ctx, ids, settings, [...new Set(views)]);
  const span = { from: today - BACK_DAYS, to: today + AHEAD_DAYS };
  const settled = new Set((await queries.readMarks(sql, ids)).map(keyOfMark));
  const { greetings } = greetingsIn({ settings, people, rules }, span, settled);
  const sayings = await readCopy(sql, rules.map(sayerOf), ids);
  const own = await queries.readOwnWords(sql, ids);
  const theirs = new Set(ids);
  const isOfTheirs = (key: string) => theirs.has(readKey(key).of);
  return {
    people: renewed(
      before?.people,
      people.map((one) => [one.id, one]),
      (id) => theirs.has(id),
    ),
    rules: new Map(rules.map((row) => [row.id, row])),
    greetings: renewed(
      before?.greetings,
      greetings.map((one) => [one.key, one]),
      isOfTheirs,
    ),
    plans: renewed(before?.plans, planAll(greetings, greetingTimes(ctx, settings)), isOfTheirs),
    copy: before ? before.copy.with(sayings) : sayings,
    own: renewed(
      before?.own,
      own.map(({ id, words }) => [id, words]),
      isOfTheirs,
    ),
  };
}

/** The key of the greeting that a mark is of; people who were merged have the marks of both. */
export function keyOfMark({ person_id, part }: queries.MarkRow): string {
  const at = part.lastIndexOf(':');
  return greetingKey(person_id, part.slice(0, at), Number(part.slice(at + 1)));
}

/** The same with other greetings than those that are still to be given. */
export const holding = (
  ctx: Context,
  settings: OwnerSettings,
  lookup: GreetingLookup,
  greetings: readonly Greeting[],
): GreetingLookup => ({
  ...lookup,
  greetings: new Map(greetings.map((one) => [one.key, one])),
  plans: planAll(greetings, greetingTimes(ctx, settings)),
});

/** The people of a home, or whoever lives alone. */
export const homeIn = ({ people }: GreetingLookup, ids: readonly string[]): AlmanacPerson[] => {
  const asked = new Set(ids);
  const homes = new Set(ids.map((id) => people.get(id)?.householdId).filter(Boolean));
  return [...people.values()].filter(
    ({ id, householdId }) => asked.has(id) || homes.has(householdId),
  );
};

export function saidOf({ greetings, plans, people }: GreetingLookup, key: string): SaidOf | null {
  const [greeting, plan] = [greetings.get(key), plans.get(key)];
  if (!greeting || !plan) return null;
  const withNames = greeting.others.map((one) => people.get(one.personId)?.name ?? '');
  return { greeting, plan, withNames };
}

/** A rule as something that says words, of its own or a template's. */
export const sayerOf = ({ words, template_id: templateId }: queries.RuleRow) => ({
  wordings: [words],
  templateId,
});

/** What a greeting says, with merge fields: its rule's words for this year, or its own. */
export function wordsFor(lookup: GreetingLookup, key: string): Said | null {
  const greeting = lookup.greetings.get(key);
  const rule = greeting && lookup.rules.get(greeting.rule.id);
  if (!greeting || !rule) return null;
  const said = lookup.copy.of(sayerOf(rule), partsOf(greeting.on).year, greeting.personId);
  const subject = said.template ? said.subject : rule.subject;
  const own = lookup.own.get(key);
  return own === undefined
    ? { ...said, subject }
    : { subject, words: own, html: '', files: [], template: null };
}

/** The merge fields of an occasion; who is greeted together is called together. */
export function greetingValues({ greetings, people }: GreetingLookup, key: string): MergeValues {
  const greeting = greetings.get(key);
  if (!greeting) return {};
  const { others, count, whose, occasion, name, on } = greeting;
  const called = peopleOf(greeting).flatMap((id) => people.get(id)?.called || []);
  return {
    ...(others.length > 0 ? { first_name: andList(called) } : {}),
    day: longDate(toPlainDate(on), toPlainDate(on)),
    years: count,
    occasion: name || occasionName(occasion),
    whose: whose || null,
  };
}
