import { moveToWorkingDay } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import { keptDays, type TouchKind } from '@/core/touches';

import {
  causeOf,
  isBroken,
  isFirm,
  moreBroken,
  moreUrgent,
  tooSoon,
  type Entry,
  type Home,
  type PersonState,
} from './entries';
import { Gauges } from './gauges';
import { KEEPER, keeperItem, yields, type ItemContext, type PlanItem } from './items';
import { Queue } from './queue';
import type { Neighbour, Plan, PlannedTouch, PlanOptions, PlanPerson } from './types';

/**
 * The part of a day that belongs to promises already broken, so that they never starve; the rest
 * first goes to what can still be kept. Doing the broken ones first would break the next ones in
 * their turn, day after day; this way as many as possible are kept (see `plan`). In years lived in
 * the simulator at 100 % load a tenth kept 90 promises of 100, a twentieth keeps 94, and as many hold
 * on an average day but for one in 150.
 */
export const BROKEN_SHARE = 1 / 20;

/**
 * The part of the days ahead that is counted on: some tries reach nobody, and something always comes up
 * (common practice, no source). What a fuller stretch holds is begun early, in room that is free. In
 * years lived in the simulator at 90 % load, where one call in four reaches nobody, a third fewer
 * promises are broken with a half than with seven tenths, and less than a half changes nothing.
 */
const USABLE_SHARE = 0.5;

/**
 * Whole touches of a day that belong to what is broken. Counted along the days of the calendar, so that
 * short days, which hold less than one, give one every so many days, also when each morning is planned
 * anew.
 */
const brokenRoom = (day: DayNumber, room: number): number =>
  Math.floor((day + 1) * room * BROKEN_SHARE) - Math.floor(day * room * BROKEN_SHARE);

/**
 * Lays out days that can be done. Items go earliest latest-day first (Jackson 1955; Horn 1974), on
 * the day they are wanted; items that may be done early are pulled forward only when the days ahead
 * would otherwise overflow. What can still be in time goes before what is late anyway, which keeps
 * the largest number (Glover 1967, matching in a convex bipartite graph), but for BROKEN_SHARE of
 * each day. A made touch moves its person's promise, which makes the next keeper.
 */
export function plan(
  people: readonly PlanPerson[],
  options: PlanOptions,
  /** Touches of others that keep their days and take up room in them. */
  taken: readonly PlannedTouch[] = [],
): Plan {
  const steps = planSteps(people, options, taken);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** People opened between two steps; days are a step each. */
const OPENED_AT_ONCE = 500;

/**
 * As {@link plan}, in steps between which others can be served: each tells how many promises that held
 * this morning are broken so far, and the last answers the plan.
 */
export function planSteps(
  people: readonly PlanPerson[],
  options: PlanOptions,
  taken: readonly PlannedTouch[] = [],
): Generator<number, Plan> {
  return new Planner(options, taken).run(people);
}

/** What sources compute items in. */
export function contextOf(options: PlanOptions): ItemContext {
  const { today, days, calendar, holds, putOffs, swaps } = options;
  const until = today + days - 1;
  return { today, until, calendar, holds, putOffs, ...(swaps ? { swaps } : {}) };
}

class Planner {
  private readonly until: DayNumber;
  private readonly context: ItemContext;
  private readonly states: PersonState[] = [];
  /** Entries by the day on which they may first be done, then by the day they are wanted. */
  private readonly opening: Entry[][];
  private readonly wanting: Entry[][];
  private readonly early = new Queue<Entry>(moreUrgent);
  private readonly ready = new Queue<Entry>(moreUrgent);
  /** Entries whose latest day has passed; see BROKEN_SHARE. */
  private readonly broken = new Queue<Entry>(moreBroken);
  private readonly gauges: Gauges;
  private readonly homes = new Map<string, Home>();
  private order = 0;
  private firstBroken = 0;
  /** Room that broken promises have a right to and have not used. */
  private brokenCredit = 0;
  /** What the owner has seen today is being placed: it stays, whatever comes tomorrow. */
  private pinning = false;
  /** The day being filled. */
  private day: DayNumber = -Infinity;
  private readonly result: Plan = { touches: [], slips: [], overdue: [], letGo: [], unplaced: [] };

  constructor(
    private readonly options: PlanOptions,
    taken: readonly PlannedTouch[],
  ) {
    const { today, days } = options;
    this.until = today + days - 1;
    this.context = contextOf(options);
    this.opening = Array.from({ length: days }, () => []);
    this.wanting = Array.from({ length: days }, () => []);
    this.gauges = new Gauges(options, taken);
  }

  *run(people: readonly PlanPerson[]): Generator<number, Plan> {
    for (const person of people) {
      this.states.push(this.open(person));
      if (this.states.length % OPENED_AT_ONCE === 0) yield 0;
    }
    this.placePinned();
    for (this.day = this.options.today; this.day <= this.until; this.day++) {
      this.fillDay(this.day);
      yield this.firstBroken;
    }
    this.closeBooks();
    return this.result;
  }

  private open(person: PlanPerson): PersonState {
    const { due } = person;
    const state: PersonState = {
      person,
      due,
      last: person.lastOn === null ? null : { personId: person.id, kind: null, day: person.lastOn },
      home: this.homeOf(person),
      entries: [],
      broken: due !== null && due < this.options.today,
      keeper: null,
    };
    if (state.broken) this.result.overdue.push(person.id);
    for (const { name, items, automaticTouches: goes } of this.options.sources) {
      const asks = person.asks[name];
      if (asks === undefined) continue;
      for (const item of items(person.id, asks, this.context)) this.enter(state, item);
      for (const { day, kind } of goes?.(asks, this.context) ?? [])
        state.home.ahead.push({ personId: person.id, kind, day, done: false });
    }
    this.enterKeeper(state);
    return state;
  }

  private homeOf({ id, householdId, lastOn }: PlanPerson): Home {
    const home = (householdId ? this.homes.get(householdId) : null) ?? { last: null, ahead: [] };
    if (householdId) this.homes.set(householdId, home);
    if (lastOn !== null && lastOn > (home.last?.day ?? -Infinity))
      home.last = { personId: id, kind: null, day: lastOn };
    return home;
  }

  private enter(state: PersonState, item: PlanItem): void {
    if (item.earliest > this.until) return;
    const order = this.order++;
    const entry: Entry = {
      item,
      person: state,
      firm: isFirm(item, state),
      done: false,
      counted: false,
      order,
      brokenTwiceOn: Infinity,
      yieldsTo: null,
    };
    if (item.source === KEEPER) state.keeper = entry;
    else state.entries.push(entry);
    if (item.fixed) {
      entry.fixture = {
        personId: item.personId,
        kind: item.kind,
        day: Math.max(item.wanted, this.options.today),
        done: false,
      };
      state.home.ahead.push(entry.fixture);
    }
    this.count(entry, item.latest >= this.options.today);
    this.file(entry, item.earliest, item.wanted);
  }

  private enterKeeper(state: PersonState): void {
    const { id, promiseDays, keeperKind } = state.person;
    if (promiseDays === null || state.due === null) return;
    if (state.keeper) this.discard(state.keeper);
    this.enter(state, keeperItem(id, promiseDays, state.due, keeperKind, this.context));
  }

  private index = (day: DayNumber): number => Math.max(0, day - this.options.today);

  private file(entry: Entry, earliest: DayNumber, wanted: DayNumber): void {
    if (wanted <= this.day) return this.ready.push(entry);
    if (earliest <= this.day) this.early.push(entry);
    else if (earliest < wanted) this.opening[this.index(earliest)]!.push(entry);
    if (wanted <= this.until) this.wanting[this.index(wanted)]!.push(entry);
  }

  private count(entry: Entry, counted: boolean): void {
    if (counted !== entry.counted)
      this.gauges.ask(entry.item.kind, this.index(entry.item.latest), counted ? 1 : -1, entry.firm);
    entry.counted = counted;
  }

  private settle(entry: Entry): void {
    entry.done = true;
    if (entry.fixture) entry.fixture.done = true;
    this.count(entry, false);
  }

  /** What the owner saw this morning stays where it was, as long as it is still to be done. */
  private placePinned(): void {
    const { pinned, today } = this.options;
    if (pinned.length === 0) return;
    const now = new Map<string, Entry>();
    for (const entry of [...this.opening[0]!, ...this.wanting[0]!]) now.set(entry.item.key, entry);
    this.pinning = true;
    for (const key of pinned) {
      const entry = now.get(key);
      if (entry && !entry.done && this.gauges.fits(entry.item.kind, 0)) this.tryPlace(entry, today);
    }
    this.pinning = false;
  }

  private fillDay(day: DayNumber): void {
    const at = this.index(day);
    for (const entry of this.opening[at]!) this.early.push(entry);
    for (const entry of this.wanting[at]!) this.ready.push(entry);
    this.placeFixed(day);
    for (const entry of this.ready.takeWhile((entry) => isBroken(entry, day))) {
      const { due, person } = entry.person;
      entry.brokenTwiceOn = due === null ? Infinity : due + (person.promiseDays ?? 0);
      this.broken.push(entry);
    }
    if (this.broken.size > 0) this.brokenCredit += brokenRoom(day, this.gauges.roomOn(at));
    this.placeBroken(day, this.brokenCredit);
    while (this.gauges.hasRoom(at)) {
      const entry = this.takeInTime(at);
      if (!entry) break;
      this.tryPlace(entry, day);
    }
    this.placeBroken(day, Infinity);
  }

  /** What was promised for this very day goes first; they are the most urgent of their kinds. */
  private placeFixed(day: DayNumber): void {
    const at = this.index(day);
    for (;;) {
      const entry = this.ready.peek((kind) => this.gauges.fits(kind, at));
      if (!entry?.item.fixed) return;
      this.ready.pop((kind) => this.gauges.fits(kind, at));
      this.tryPlace(entry, day);
    }
  }

  private placeBroken(day: DayNumber, most: number): void {
    const at = this.index(day);
    for (let n = 0; n < most;) {
      const entry = this.broken.pop((kind) => this.gauges.fits(kind, at));
      if (!entry) return;
      if (!this.tryPlace(entry, day)) continue;
      n += 1;
      this.brokenCredit = Math.max(0, this.brokenCredit - 1);
    }
  }

  /**
   * The most urgent entry that can be in time; those wanted later only when days ahead overflow, and
   * what is not firm only when the room is not needed for what is.
   */
  private takeInTime(at: number): Entry | undefined {
    const fits = (kind: TouchKind) => this.gauges.fits(kind, at);
    const best = this.mostUrgent(fits, this.gauges.pressedKinds(at));
    if (!best) return this.takeAhead(at);
    if (best.entry.firm) return best.from.take(best.entry);
    const pressed = this.gauges.pressedKinds(at, 'firm');
    const firm = pressed?.(best.entry.item.kind) ? this.mostUrgent(fits, pressed, true) : undefined;
    const { entry, from } = firm ?? best;
    return from.take(entry);
  }

  /** What keeps a promise and may be done early, where the days ahead are nearly full. */
  private takeAhead(at: number): Entry | undefined {
    const pressed = this.gauges.pressedKinds(at, 'firm', USABLE_SHARE);
    const fits = (kind: TouchKind) => this.gauges.fits(kind, at);
    const early = pressed && this.pulledForward((kind) => pressed(kind) && fits(kind), true);
    return early ? this.early.take(early) : undefined;
  }

  private mostUrgent(
    fits: (kind: TouchKind) => boolean,
    pressed: ((kind: TouchKind) => boolean) | null,
    onlyFirm = false,
  ): { entry: Entry; from: Queue<Entry> } | undefined {
    const ready = this.ready.peek(fits, onlyFirm);
    const early = pressed && this.pulledForward((kind) => pressed(kind) && fits(kind), onlyFirm);
    if (early && (!ready || moreUrgent(early, ready))) return { entry: early, from: this.early };
    return ready && { entry: ready, from: this.ready };
  }

  private pulledForward(fits: (kind: TouchKind) => boolean, onlyFirm: boolean): Entry | undefined {
    // What was wanted meanwhile stands among the ready or the broken ones as well.
    this.early.takeWhile((entry) => isBroken(entry, this.day));
    return this.early.peek(fits, onlyFirm);
  }

  /** Puts the entry on the day, unless it is needless or its person was touched too recently. */
  private tryPlace(entry: Entry, day: DayNumber): boolean {
    const { item } = entry;
    if (item.source === KEEPER) {
      const settled = this.standIn(entry, day);
      if (settled !== null) return settled;
    } else if (day >= item.letGo) return this.letGo(entry);
    const soon = this.pinning ? null : tooSoon(entry, day, this.options);
    const near = item.fixed ? null : (this.tooNear(entry, day) ?? soon);
    if (near) return this.pushBack(entry, near.day + this.options.minDistanceDays, near);
    const rival = this.endangered(entry, day) ?? this.strongerRival(entry, day);
    if (rival) return this.yieldTo(rival, entry, day);
    this.place(entry, day);
    return true;
  }

  /** The other one first, on the same day if that can be; then this one keeps its distance from it. */
  private yieldTo(other: Entry, entry: Entry, day: DayNumber): boolean {
    const open = other.item.earliest <= day && this.gauges.fits(other.item.kind, this.index(day));
    if (!open) return this.wait(entry, Math.max(other.item.earliest, day + 1));
    const placed = this.tryPlace(other, day);
    // The other one may have made room for a third, which was placed: the distance is from that one.
    const near = this.tooNear(entry, day);
    if (near) return this.pushBack(entry, near.day + this.options.minDistanceDays, near);
    if (placed) {
      // It keeps its turn.
      this.ready.push(entry);
      return false;
    }
    this.place(entry, day);
    return true;
  }

  /** Comes back on a later day, unless it is needless by then. */
  private wait(entry: Entry, day: DayNumber): false {
    if (day >= entry.item.letGo) return this.letGo(entry);
    if (day > entry.item.latest) this.count(entry, false);
    this.file(entry, day, day);
    return false;
  }

  /**
   * The touch that this one would come too near to. The distance within a home yields to a promise
   * that would be broken by it; the distance to a person's own last touch never does.
   */
  private tooNear({ item, person }: Entry, day: DayNumber): Neighbour | null {
    const within = (last: Neighbour | null) =>
      last !== null && day < last.day + this.options.minDistanceDays;
    if (within(person.last)) return person.last;
    const { last } = person.home;
    if (!within(last)) return null;
    return item.source === KEEPER && this.wouldBreak(person.due, day) ? null : last;
  }

  /** Whether waiting for the distance from a touch on `day` would break a promise that holds until `due`. */
  private wouldBreak(due: DayNumber | null, day: DayNumber): boolean {
    if (due === null || due < day) return false;
    const lastChance = moveToWorkingDay(due, 'previous', this.options.calendar);
    return day + this.options.minDistanceDays > lastChance;
  }

  /** The keeper of a promise that a weak touch on `day` would leave no time to keep. */
  private endangered({ item, person }: Pick<Entry, 'item' | 'person'>, day: DayNumber) {
    const { keeper, due } = person;
    if (!yields(item) || !keeper || keeper.done || due === null) return null;
    const kept = day + keptDays(item.hold, person.person.promiseDays!);
    return this.wouldBreak(Math.max(due, kept), day) ? keeper : null;
  }

  /** Of two beats of one person that want the same days, the one that holds more stays. */
  private strongerRival(
    { item, person }: Pick<Entry, 'item' | 'person'>,
    day: DayNumber,
  ): Entry | undefined {
    if (!yields(item)) return undefined;
    return person.entries.find(
      ({ done, item: other }) =>
        !done &&
        yields(other) &&
        other.hold > item.hold &&
        other.wanted <= day &&
        other.letGo > day &&
        this.gauges.fits(other.kind, this.index(day)),
    );
  }

  /**
   * A keeper yields to a planned touch that keeps the promise as well, which is then done with its
   * urgency: it waits for its day, and for room of its kind while there is time.
   *
   * @returns whether anything was placed; null when the keeper is to be placed itself
   */
  private standIn(keeper: Entry, day: DayNumber): boolean | null {
    const planned = this.plannedInstead(keeper.person, day);
    if (!planned) return null;
    const { kind, earliest, latest } = planned.item;
    if (earliest > day) return this.wait(keeper, earliest);
    if (this.gauges.fits(kind, this.index(day))) {
      if (this.tryPlace(planned, day)) return true;
      return keeper.done ? false : null;
    }
    return day < Math.min(keeper.item.latest, latest) ? this.wait(keeper, day + 1) : null;
  }

  private discard(entry: Entry): false {
    if (!entry.done) this.settle(entry);
    return false;
  }

  private letGo(entry: Entry): false {
    const { item, yieldsTo } = entry;
    this.result.letGo.push({ item, ...(yieldsTo ? { yieldsTo } : {}) });
    return this.discard(entry);
  }

  private pushBack(entry: Entry, free: DayNumber, from: Neighbour): false {
    entry.yieldsTo = from;
    return this.wait(entry, free);
  }

  /** An open touch of the person that would keep the promise at least as well as a keeper. */
  private plannedInstead(state: PersonState, day: DayNumber): Entry | undefined {
    const { promiseDays } = state.person;
    if (promiseDays === null || state.due === null) return undefined;
    const inTime = Math.max(state.due, day);
    return state.entries.find(({ done, item }) => {
      if (done || item.earliest > inTime || item.letGo <= day) return false;
      const on = Math.max(item.earliest, day);
      const kept = on + keptDays(item.hold, promiseDays);
      return kept > inTime && !this.wouldBreak(kept, on);
    });
  }

  /** The touch made before today that left no room for one that was wanted before today. */
  private heldBackBy({ item, person }: Entry): Neighbour | null {
    if (item.fixed || item.wanted >= this.options.today) return null;
    const near = (last: Neighbour | null) =>
      last !== null &&
      last.day < this.options.today &&
      item.wanted < last.day + this.options.minDistanceDays;
    return [person.last, person.home.last].find(near) ?? null;
  }

  private place(entry: Entry, day: DayNumber): void {
    const { item, person: state } = entry;
    this.settle(entry);
    this.gauges.take(item.kind, this.index(day));
    entry.yieldsTo ??= this.heldBackBy(entry);
    const cause = causeOf(entry, day);
    this.result.touches.push({
      item,
      day,
      late: day > item.latest,
      cause,
      ...(cause === 'distance' ? { yieldsTo: entry.yieldsTo! } : {}),
    });
    state.last = { personId: state.person.id, kind: item.kind, day };
    state.home.last = state.last;
    const { promiseDays } = state.person;
    if (promiseDays === null || state.due === null) return;
    if (item.hold > 0 && day > state.due && state.due >= this.options.today) {
      this.result.slips.push({ personId: state.person.id, on: state.due + 1, until: day });
      if (!state.broken) this.firstBroken += 1;
      state.broken = true;
    }
    const due =
      item.hold > 0 ? Math.max(state.due, day + keptDays(item.hold, promiseDays)) : state.due;
    if (due > state.due) {
      state.due = due;
      this.enterKeeper(state);
    }
  }

  private closeBooks(): void {
    for (const state of this.states) {
      if (state.due !== null && state.due >= this.options.today && state.due < this.until)
        this.result.slips.push({ personId: state.person.id, on: state.due + 1, until: null });
    }
    for (const queue of [this.broken, this.ready, this.early]) {
      for (let entry = queue.pop(ANY); entry; entry = queue.pop(ANY)) {
        if (entry.item.latest <= this.until) this.result.unplaced.push(entry.item);
        entry.done = true;
      }
    }
  }
}

const ANY = () => true;
