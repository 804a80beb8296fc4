import { need } from '@/core/need';
import { itemKey } from '@/core/planner';
import type { DayNumber, LeapDayRule } from '@/core/time';
import type { TouchKind } from '@/core/touches';

import { occurrencesOf, type Occurrence, type SphereDate } from './dates';
import { BIRTHDAY } from './occasion';
import type { Reach } from './post';
import { isAutoKind, ruleFor, type GreetingRule, type RuleBook, type RuleReader } from './rules';

/** The source of greetings; a key holds the person and which date of theirs in which year. */
export const GREETING = 'greet';

export const greetingKey = (personId: string, dateKey: string, year: number): string =>
  itemKey(GREETING, personId, `${dateKey}:${year}`);

/** Why somebody can't be reached one way. */
export interface Block {
  /** In a sentence. */
  why: string;
  /** They said no to it: then no other way is taken instead of it. */
  saidNo: boolean;
}

/** A person as greetings see them. */
export interface AlmanacPerson extends RuleReader {
  id: string;
  name: string;
  /** What they are called by. */
  called: string;
  householdId: string | null;
  /** Whether birthdays of their home that lie near each other are greeted as one; null for not asked. */
  together: boolean | null;
  addedOn: DayNumber;
  dates: readonly SphereDate[];
  /** Occasions, or keys of dates, on which they are not to be greeted; '' is any. No reason is asked. */
  hushed: readonly string[];
  /** Ways by which they can't be greeted; kinds that are not there can be used. */
  blocked: Partial<Record<TouchKind, Block>>;
  /** Why nothing goes that way without the owner's hand, in a sentence: they were not asked. */
  notAsked: Partial<Record<TouchKind, string>>;
  /** How far post to them travels. */
  reach: Reach;
}

/** A holiday on which people are greeted: a date that everybody has. */
export interface Feast {
  /** See occasion.ts. */
  occasion: string;
  name: string;
  /** The calendar year and the place within it: a moving feast may come twice. */
  key: string;
  year: number;
  on: DayNumber;
}

/** Everybody whom a greeting is for. */
export const peopleOf = ({ personId, others }: Pick<Greeting, 'personId' | 'others'>): string[] => [
  personId,
  ...others.map((one) => one.personId),
];

/** The mark of each whom a greeting is for: the key, and who they are. */
export const marksOf = ({
  key,
  personId,
  others,
}: Pick<Greeting, 'key' | 'personId' | 'others'>) => [{ key, personId }, ...others];

/** One greeting to one person, or to several of a home together. */
export interface Greeting {
  key: string;
  /** Whose mark it carries, and whom the others are greeted with. */
  personId: string;
  /** The others, each with the key of their own mark. */
  others: readonly { personId: string; key: string }[];
  occasion: string;
  name: string;
  whose: string;
  on: DayNumber;
  count: number | null;
  rule: GreetingRule;
  kind: TouchKind;
  way: 'hand' | 'auto';
  reach: Reach;
  /** Other ways that are open to them, the quickest first. */
  instead: readonly TouchKind[];
  /** Why it does not go the way of its rule. */
  changed?: string;
}

/** A date that a rule is for, and that is not greeted. */
export interface LeftOut {
  key: string;
  personId: string;
  occasion: string;
  name: string;
  whose: string;
  on: DayNumber;
  why: 'hushed' | 'said_no' | 'no_way';
  /** In a sentence. */
  sentence: string;
  /** The rule that would have greeted. */
  rule: GreetingRule;
}

/** Two birthdays of one home within a few days, of which the owner has not said whether they are one. */
export interface NearPair {
  householdId: string;
  first: { personId: string; on: DayNumber };
  second: { personId: string; on: DayNumber };
}

export interface GreetingsAsked {
  from: DayNumber;
  to: DayNumber;
  leapDay: LeapDayRule;
  book: RuleBook;
  feasts: readonly Feast[];
  /** Keys of greetings that were made or dropped. */
  settled: ReadonlySet<string>;
}

export interface Greetings {
  greetings: Greeting[];
  leftOut: LeftOut[];
  near: NearPair[];
}

/** Birthdays of one home within so many days may be greeted together. */
export const NEAR_DAYS = 7;

/** Ways that are taken where the one that is wanted is not open, the quickest first. */
const QUICK: readonly TouchKind[] = ['text', 'email', 'call', 'card'];

/** A greeting that somebody has coming, before homes are looked at. */
interface Coming extends Pick<Greeting, 'key' | 'occasion' | 'name' | 'whose' | 'on' | 'count'> {
  person: AlmanacPerson;
  rule: GreetingRule;
}

const isHushed = (hushed: readonly string[], occasion: string, dateKey: string): boolean =>
  hushed.length > 0 && hushed.some((one) => one === '' || one === occasion || one === dateKey);

/**
 * The greetings that rules ask for, for everybody: one for a home where several have the same occasion on the
 * same day, the first rule that fits, and who is left out and why. Those that are settled are not among them.
 *
 * @param people whole homes, each person once
 */
export function greetingsOf(people: readonly AlmanacPerson[], asked: GreetingsAsked): Greetings {
  const all: Greetings = { greetings: [], leftOut: [], near: [] };
  const homes = new Map<string, AlmanacPerson[]>();
  for (const person of people) {
    const home = person.householdId;
    if (home === null) greetHome([person], asked, all);
    else {
      const members = homes.get(home);
      if (members) members.push(person);
      else homes.set(home, [person]);
    }
  }
  for (const members of homes.values()) greetHome(members, asked, all);
  return all;
}

function greetHome(members: readonly AlmanacPerson[], asked: GreetingsAsked, all: Greetings): void {
  const coming: Coming[] = [];
  for (const person of members) {
    for (const one of comingTo(person, asked)) {
      const block = person.blocked[one.rule.kind];
      if (isHushed(person.hushed, one.occasion, dateKeyOf(one.key)))
        all.leftOut.push(leftOut(one, 'hushed', 'You asked for no greeting here.'));
      else if (block?.saidNo) all.leftOut.push(leftOut(one, 'said_no', block.why));
      else coming.push(one);
    }
  }
  if (coming.length === 0) return;
  const groups = members.length === 1 ? coming.map((one) => [one]) : folded(coming, members, all);
  for (const group of groups) greet(group, asked, all);
}

/** The part of a key that says which date it is of. */
const dateKeyOf = (key: string): string =>
  key.slice(key.indexOf(':', GREETING.length + 1) + 1, key.lastIndexOf(':'));

function comingTo(person: AlmanacPerson, asked: GreetingsAsked): Coming[] {
  const { book, feasts } = asked;
  const found: Coming[] = [];
  const add = (
    { occasion, name, whose }: Pick<SphereDate, 'occasion' | 'name' | 'whose'>,
    dateKey: string,
    { year, on, count }: Pick<Occurrence, 'year' | 'on' | 'count'>,
  ) => {
    const rule = ruleFor(book, person, occasion, count);
    if (!rule || on < rule.since || on < person.addedOn) return;
    const key = greetingKey(person.id, dateKey, year);
    found.push({ key, person, occasion, name, whose, on, count, rule });
  };
  const dates = person.dates.filter(({ occasion }) => book.has(occasion));
  if (dates.length > 0)
    for (const one of occurrencesOf(dates, asked.from, asked.to, asked.leapDay))
      add(one.date, one.date.key, one);
  for (const feast of feasts)
    add({ occasion: feast.occasion, name: feast.name, whose: '' }, feast.key, {
      ...feast,
      count: null,
    });
  return found;
}

/** What of one home is one greeting: the same occasion on the same day, and birthdays that were put together. */
function folded(
  coming: readonly Coming[],
  members: readonly AlmanacPerson[],
  all: Greetings,
): Coming[][] {
  const same = new Map<string, Coming[]>();
  for (const one of coming) {
    const key = `${one.occasion} ${one.whose} ${one.on}`;
    same.set(key, [...(same.get(key) ?? []), one]);
  }
  const groups = [...same.values()];
  const births = groups
    .filter(([one]) => need(one).occasion === BIRTHDAY)
    .sort(([a], [b]) => need(a).on - need(b).on);
  const { together, householdId } = need(members[0]);
  for (let i = 1; i < births.length; i++) {
    const [first, second] = [need(births[i - 1]), need(births[i])];
    if (need(second[0]).on - need(first[0]).on > NEAR_DAYS) continue;
    if (together === null)
      all.near.push({
        householdId: need(householdId),
        first: whoWhen(first),
        second: whoWhen(second),
      });
    else if (together) {
      first.push(...second);
      groups.splice(groups.indexOf(second), 1);
      births.splice(i--, 1);
    }
  }
  return groups;
}

const whoWhen = ([one]: readonly Coming[]) => ({ personId: need(one).person.id, on: need(one).on });

function greet(group: readonly Coming[], { settled, book }: GreetingsAsked, all: Greetings): void {
  if (group.some(({ key }) => settled.has(key))) return;
  // Who can be reached that way stands for the others; among them the first rule, then the first to be there.
  const rank = ({ rule, person }: Coming) =>
    (person.blocked[rule.kind] ? 1000 : 0) + (book.get(rule.occasion)?.indexOf(rule) ?? 0);
  const [lead, ...others] = [...group].sort(
    (a, b) => rank(a) - rank(b) || (a.person.id < b.person.id ? -1 : 1),
  ) as [Coming, ...Coming[]];
  const { person, rule } = lead;
  const open = QUICK.filter((kind) => !person.blocked[kind]);
  const why = person.blocked[rule.kind]?.why;
  const kind = why ? open[0] : rule.kind;
  if (!kind) return void all.leftOut.push(leftOut(lead, 'no_way', need(why)));
  const automatic = rule.way === 'auto' && isAutoKind(kind);
  const notAsked = automatic ? person.notAsked[kind] : undefined;
  const changed = why ?? notAsked;
  all.greetings.push({
    key: lead.key,
    personId: person.id,
    others: others.map((one) => ({ personId: one.person.id, key: one.key })),
    occasion: lead.occasion,
    name: lead.name,
    whose: lead.whose,
    // Of birthdays put together it is the first.
    on: Math.min(...group.map(({ on }) => on)),
    count:
      others.length === 0 || group.every(({ count }) => count === lead.count) ? lead.count : null,
    rule,
    kind,
    way: automatic && !notAsked ? 'auto' : 'hand',
    reach: person.reach,
    instead: open.filter((one) => one !== kind),
    ...(changed ? { changed } : {}),
  });
}

const leftOut = (one: Coming, why: LeftOut['why'], sentence: string): LeftOut => ({
  key: one.key,
  personId: one.person.id,
  occasion: one.occasion,
  name: one.name,
  whose: one.whose,
  on: one.on,
  why,
  sentence,
  rule: one.rule,
});
