import {
  occasionName,
  type AlmanacPerson,
  type Greeting,
  type PlanGreeting,
  type SaidOf,
} from '@/core/almanac';
import { readKey } from '@/core/planner';
import type { MergeValues } from '@/core/templates';
import { longDate, partsOf, toPlainDate } from '@/core/time';

import type { Context } from '../context';
import type { OwnerSettings } from '../settings';
import { readFaces, readSayings, type Said, type Sayings } from '../templates';
import * as queries from './queries';
import { greetingTimes, planAll, type GreetingsRead } from './read';

/** What words and reasons of greetings are said from. */
export interface GreetingsHeld {
  /** Everybody with their dates. */
  people: ReadonlyMap<string, AlmanacPerson>;
  greetings: ReadonlyMap<string, Greeting>;
  plans: ReadonlyMap<string, PlanGreeting>;
  rules: ReadonlyMap<string, queries.RuleRow>;
  /** Of those who are greeted with others: whole names, and what they are called by. */
  names: ReadonlyMap<string, { name: string; called: string }>;
  sayings: Sayings;
  /** Words that were written for one greeting, by its key. */
  own: ReadonlyMap<string, { subject: string; words: string }>;
}

/** What was held before of others than these people, with what is known now of them. */
function renewed<T>(
  before: ReadonlyMap<string, T> | undefined,
  now: Iterable<readonly [string, T]>,
  isTheirs: (key: string, value: T) => boolean = () => false,
): ReadonlyMap<string, T> {
  const all = new Map<string, T>();
  for (const [key, value] of before ?? []) if (!isTheirs(key, value)) all.set(key, value);
  for (const [key, value] of now) all.set(key, value);
  return all;
}

/** Reads what is said of greetings, of everybody or of these people; then `before` is what was held. */
export async function hold(
  ctx: Context,
  settings: OwnerSettings,
  read: GreetingsRead,
  ids: readonly string[] | null,
  before: GreetingsHeld | null = null,
): Promise<GreetingsHeld> {
  const sayers = [...read.rules.values()].map(sayerOf);
  const sayings = await readSayings(ctx.db, sayers, ids);
  const own = await queries.readOwnWords(ctx.db, ids);
  const theirs = new Set(ids);
  const isTheirs = (key: string) => theirs.has(readKey(key).of);
  return {
    people: renewed(
      before?.people,
      read.people.map((one) => [one.id, one]),
      (id) => theirs.has(id),
    ),
    greetings: renewed(
      before?.greetings,
      read.greetings.map((one) => [one.key, one]),
      isTheirs,
    ),
    plans: renewed(before?.plans, planAll(read.greetings, greetingTimes(ctx, settings)), isTheirs),
    rules: read.rules,
    names: renewed(before?.names, await namesTogether(ctx, read.greetings)),
    sayings: before ? before.sayings.with(sayings) : sayings,
    own: renewed(
      before?.own,
      own.map((one) => [one.id, one]),
      isTheirs,
    ),
  };
}

async function namesTogether(ctx: Context, greetings: readonly Greeting[]) {
  const ids = greetings.flatMap(({ personId, others }) =>
    others.length > 0 ? [personId, ...others.map((one) => one.personId)] : [],
  );
  const faces = ids.length > 0 ? await readFaces(ctx.db, [...new Set(ids)]) : [];
  return faces.map(({ id, name, givenName }) => [id, { name, called: givenName || name }] as const);
}

export function saidOf(held: GreetingsHeld, key: string): SaidOf | null {
  const [greeting, plan] = [held.greetings.get(key), held.plans.get(key)];
  if (!greeting || !plan) return null;
  const withNames = greeting.others.map((one) => held.names.get(one.personId)?.name ?? '');
  return { greeting, plan, withNames };
}

/** A rule as something that says words, of its own or a template's. */
export const sayerOf = ({ words, template_id: templateId }: queries.RuleRow) => ({
  wordings: [words],
  templateId,
});

/** What a greeting says, with merge fields: its own words, or its rule's for this year. */
export function wordsFor(held: GreetingsHeld, key: string): Said | null {
  const greeting = held.greetings.get(key);
  const rule = greeting && held.rules.get(greeting.rule.id);
  if (!greeting || !rule) return null;
  const own = held.own.get(key);
  if (own) return { ...own, html: '', files: [], template: null };
  return held.sayings.of(sayerOf(rule), partsOf(greeting.on).year, greeting.personId);
}

/** "Dana, Lee and Kim". */
const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** The merge fields of an occasion; who is greeted together is called together. */
export function greetingValues(held: GreetingsHeld, key: string): MergeValues {
  const greeting = held.greetings.get(key);
  if (!greeting) return {};
  const { others, personId, count, whose, occasion, name, on } = greeting;
  const called = [personId, ...others.map((one) => one.personId)].map(
    (id) => held.names.get(id)?.called ?? '',
  );
  return {
    ...(others.length > 0 ? { first_name: listed(called.filter(Boolean)) } : {}),
    day: longDate(toPlainDate(on), toPlainDate(on)),
    years: count,
    occasion: name || occasionName(occasion),
    whose: whose || null,
  };
}
