import { isWorkingDay } from '@/core/calendar';

import {
  daysAgo,
  plural,
  spokenDate,
  toDayNumber,
  toPlainDate,
  type DayNumber,
  type PlainDate,
} from '@/core/time';
import {
  aKind,
  countsWords,
  keptDays,
  KIND_WORDS,
  needsOf,
  TOUCH_KINDS,
  type LastMade,
  type TouchKind,
} from '@/core/touches';

import { KEEPER, type PlanItem } from './items';
import type { TouchSource } from './source';
import type { LetGo, Neighbour, PlannedTouch, PlanOptions } from './types';

/** Why a touch waits for another day than planned. */
export type PutOffWhy = 'asked' | 'handed_back' | 'no_answer' | 'not_now';

const PUT_OFF_WORDS: Record<PutOffWhy, (until: string, kind: TouchKind) => string> = {
  asked: (until) => ` You put it off until ${until}.`,
  handed_back: (until) => ` You handed it back; ${until} has room.`,
  no_answer: () => ' No answer last time.',
  // Of a card there is no such moment.
  not_now: (_, kind) =>
    kind === 'call' || kind === 'visit' ? ' Last time wasn’t a good moment.' : '',
};

export interface ReasonFacts {
  promiseDays: number | null;
  due: DayNumber | null;
  last: LastMade | null;
  /** The touch that keeps the promise longest, where it is not the last one. */
  kept?: LastMade | null;
  /** The planned touch before this one that renews the promise. */
  renewedBy?: { kind: TouchKind; day: DayNumber } | null;
  /** Whether it waits because the days between were full, or because none of them is worked. */
  waits?: Waits;
  /** Touches that wanted the same day, where they are more than its new day has. */
  had?: number | null;
  /** Name of the one at the same home whose touch this one keeps its distance from. */
  homeName?: string | null;
  /** Why it was put off, when it was. */
  putOffWhy?: PutOffWhy | null;
  /** The last day before today on whose desk it stood; null when it stood on none. */
  stoodOn?: PlainDate | null;
  /** The last day before today on which the desk was opened. */
  openedOn?: PlainDate | null;
  /** The holiday that the day asked for is, when it is one. */
  holiday?: string | null;
  today: PlainDate;
}

/** What the days between the one that was asked for and the one planned were. */
export type Waits = 'full' | 'off' | 'other';

const WAITS_WORDS: Record<Waits, (from: string, had: string) => string> = {
  full: (from) => ` Moved from ${from}. No room sooner.`,
  off: (from) => ` Moved from ${from}, a day off.`,
  other: (from, had) => ` Moved from ${from}${had}.`,
};

/** Planned touches of each kind by day. */
export type DayCounts = ReadonlyMap<DayNumber, ReadonlyMap<TouchKind, number>>;

export function countByDay(touches: readonly PlannedTouch[]): DayCounts {
  const days = new Map<DayNumber, Map<TouchKind, number>>();
  for (const { item, day } of touches) {
    const kinds = days.get(day) ?? new Map<TouchKind, number>();
    days.set(day, kinds.set(item.kind, (kinds.get(item.kind) ?? 0) + 1));
  }
  return days;
}

/** How many touches wanted the day that this one left, where they are more than its new day has; else null. */
export function crowdLeft(
  { item, day }: PlannedTouch,
  wanted: ReadonlyMap<DayNumber, number>,
  planned: DayCounts,
): number | null {
  const there = wanted.get(item.wanted) ?? 0;
  const here = [...(planned.get(day)?.values() ?? [])].reduce((sum, n) => sum + n, 0);
  return there > here ? there : null;
}

export function countWanted(touches: readonly PlannedTouch[]): ReadonlyMap<DayNumber, number> {
  const days = new Map<DayNumber, number>();
  for (const { item } of touches) days.set(item.wanted, (days.get(item.wanted) ?? 0) + 1);
  return days;
}

/** Why a touch is planned after the day that was asked for, by what the days between hold. */
export function waitsFor(
  { item, day }: PlannedTouch,
  planned: DayCounts,
  { today, calendar, capacity, made, limits }: PlanOptions,
): Waits {
  const between: DayNumber[] = [];
  for (let on = Math.max(item.wanted, today); on < day; on++)
    if (isWorkingDay(on, calendar)) between.push(on);
  if (between.length === 0) return 'off';
  const isFull = (on: DayNumber): boolean => {
    const count = (kind: TouchKind) =>
      (planned.get(on)?.get(kind) ?? 0) + (on === today ? (made[kind] ?? 0) : 0);
    const counts = TOUCH_KINDS.map((kind) => ({ kind, n: count(kind) }));
    const all = counts.reduce((sum, { n }) => sum + n, 0);
    const minutes = counts.reduce((sum, { kind, n }) => sum + n * limits.minutes[kind], 0);
    const { minutesPerDay, perKind } = limits;
    return (
      all >= capacity ||
      count(item.kind) >= (perKind[item.kind] ?? Infinity) ||
      (minutesPerDay !== null && minutes + limits.minutes[item.kind] > minutesPerDay)
    );
  };
  return between.every(isFull) ? 'full' : 'other';
}

/** The planned touch that renews a person's promise before a later one keeps it; null for none. */
export function renewingTouch(
  { item, day }: PlannedTouch,
  mine: readonly PlannedTouch[],
  promiseDays: number | null,
): PlannedTouch | null {
  if (promiseDays === null) return null;
  const until = (one: PlannedTouch) => one.day + keptDays(one.item.hold, promiseDays);
  const before = mine.filter((one) => one.item.hold > 0 && one.item !== item && one.day <= day);
  return before.find((one) => until(one) === item.nominal) ?? null;
}

/** Which touch another one yields to: "the call of last Friday", "the text to Lee, at the same home, tomorrow". */
function neighbourWords(
  { kind, day }: Neighbour,
  { today, homeName }: Pick<ReasonFacts, 'today' | 'homeName'>,
): string {
  const touch = kind ? KIND_WORDS[kind].noun : 'touch';
  const when = spokenDate(toPlainDate(day), today);
  return homeName
    ? `the ${touch} to ${homeName}, at the same home, ${when}`
    : `the ${touch} ${when}`;
}

/** Why a touch finds no day: before it is needless, or at all. */
export function letGoReason(
  { item, yieldsTo }: LetGo,
  facts: Pick<ReasonFacts, 'today' | 'homeName'>,
): string {
  if (item.letGo === Infinity) return 'No day of those planned has room for it.';
  const last = spokenDate(toPlainDate(item.letGo - 1), facts.today);
  return yieldsTo
    ? `Too near to ${neighbourWords(yieldsTo, facts)}, until it makes no sense after ${last}.`
    : `The days are full until ${last}; after that it makes no sense any more.`;
}

/** Why a touch is not on the day that was asked for, as a sentence after its reason; empty when it is. */
export function movedReason(
  touch: PlannedTouch,
  facts: Omit<ReasonFacts, 'promiseDays' | 'due' | 'last' | 'kept'>,
  { saysItsDay = false }: Partial<TouchSource> = {},
): string {
  const { item, cause, day, yieldsTo } = touch;
  const { today } = facts;
  if (cause === 'as_asked') return '';
  if (saysItsDay && (cause === 'day_off' || item.wanted < toDayNumber(today))) return '';
  if (item.tried && facts.putOffWhy === 'no_answer') return '';
  if (cause === 'put_off')
    return PUT_OFF_WORDS[facts.putOffWhy ?? 'asked'](
      spokenDate(toPlainDate(day), today),
      item.kind,
    );
  // A keeper's wish for a day is the planner's own; said is only what the owner did or will feel.
  if (item.source === KEEPER && cause === 'full')
    return day > toDayNumber(today) && facts.waits === 'full' ? ' No room sooner.' : '';
  const had = facts.had ? `, which had ${plural(facts.had, 'touch', 'touches')}` : '';
  if (item.source === KEEPER && cause === 'early' && !had)
    return ' Planned early, to make room later.';
  if (cause === 'full' && item.wanted < toDayNumber(today)) return leftWords(item.wanted, facts);
  if (cause === 'distance')
    return item.source === KEEPER || !yieldsTo
      ? ''
      : ` Moved to keep its distance from ${neighbourWords(yieldsTo, facts)}.`;
  const from = spokenDate(toPlainDate(cause === 'day_off' ? item.nominal : item.wanted), today);
  if (cause === 'day_off') return ` Moved from ${from}, ${facts.holiday ?? 'a day off'}.`;
  return cause === 'early'
    ? ` Moved up from ${from}${had || ', to make room later'}.`
    : WAITS_WORDS[facts.waits ?? 'other'](from, had);
}

/** That somebody does not answer this way, and what to do: "No answer to 3 calls. Send an e-mail this time…" */
export function triedWords({ kind, tried }: PlanItem): string {
  if (!tried) return '';
  const none = ` No answer to ${plural(tried.tries, KIND_WORDS[tried.kind].noun)}.`;
  const what = needsOf(tried.kind) === 'address' ? 'address' : 'number';
  return kind === tried.kind
    ? `${none} Check their ${what} before you try again.`
    : `${none} Send ${aKind(kind)} this time, and ask for the best ${what}.`;
}

/** Why something is still open that was wanted on a day before today. */
function leftWords(
  wanted: DayNumber,
  { today, stoodOn, openedOn }: Pick<ReasonFacts, 'today' | 'stoodOn' | 'openedOn'>,
): string {
  if (stoodOn) return ` It was on the desk ${spokenDate(stoodOn, today)} and is still open.`;
  const from = spokenDate(toPlainDate(wanted), today);
  const opened = openedOn && toDayNumber(openedOn) >= wanted;
  // Whether those days were full, or somebody of the same home was tried on them, is not known any more.
  return ` It was due ${from}${opened ? ' and didn’t fit in sooner' : ', and the desk hasn’t been opened since'}.`;
}

/** Which touch of the days ahead it is: "Friday’s call", "the December 12 card". */
function plannedWords(
  { kind, day }: { kind: TouchKind; day: DayNumber },
  today: PlainDate,
): string {
  const [on, { noun }] = [spokenDate(toPlainDate(day), today), KIND_WORDS[kind]];
  return /\d/.test(on) ? `the ${on} ${noun}` : `${on}’s ${noun}`;
}

/** Why a touch that keeps a promise is planned: when the promise runs out, and what keeps it until then. */
export function keeperReason(facts: ReasonFacts): string {
  const { due, promiseDays, last, kept, renewedBy, today } = facts;
  if (due === null) return 'No promise is set.';
  const dueOn = toPlainDate(due);
  const when = spokenDate(dueOn, today);
  if (renewedBy) return `After ${plannedWords(renewedBy, today)}, the next is due by ${when}.`;
  const isOver = dueOn < today;
  if (!last)
    return isOver
      ? `Your first hello was due ${when}.`
      : `New here. Say hello ${dueOn === today ? 'today' : `by ${when}`}.`;
  const other = kept && kept.on !== last.on ? kept : null;
  const spoke = other
    ? `Your ${KIND_WORDS[other.kind].noun} ${daysAgo(other.on, today)} counts until then.`
    : `You were last in touch ${daysAgo(last.on, today)}${countsWords(last)}.`;
  return `Your ${promiseDays}-day promise ${isOver ? 'ran' : 'runs'} out ${when}. ${spoke}`;
}
