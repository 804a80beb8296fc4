import { moveToWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';
import type { DayNumber } from '@/core/time';
import { keptDays, type TouchKind } from '@/core/touches';

import {
  causeOf,
  isBroken,
  moreBroken,
  moreUrgent,
  newEntry,
  type Entry,
  type Home,
  type PersonState,
} from './entries';
import { anotherWay } from './another-way';
import { BROKEN_SHARE, brokenRoom } from './broken';
import { heldBackBy, keepsAway, tooNear, tooSoon, wouldBreak } from './distance';
import { Gauges, type KindTest } from './gauges';
import { KEEPER, keeperItem, yields, type ItemContext, type PlanItem } from './items';
import { Level } from './level';
import { Queue } from './queue';
import { plannedInstead } from './stand-in';
import type { Neighbour, Plan, PlannedTouch, PlanOptions, PlanPerson } from './types';

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
  private readonly level: Level;
  private readonly homes = new Map<string, Home>();
  private order = 0;
  private firstBroken = 0;
  /** Room that broken promises have a right to and have not used. */
  private brokenCredit = 0;
  /** What the owner has seen today is being placed: it stays, whatever comes tomorrow. */
  private pinning = false;
  /** The day being filled. */
  private day: DayNumber = -Infinity;
  private readonly result: Plan;

  constructor(
    private readonly options: PlanOptions,
    taken: readonly PlannedTouch[],
  ) {
    const { today, days, capacity: room } = options;
    this.result = { room, touches: [], slips: [], overdue: [], letGo: [], unplaced: [] };
    this.until = today + days - 1;
    this.context = contextOf(options);
    this.opening = Array.from({ length: days }, () => []);
    this.wanting = Array.from({ length: days }, () => []);
    this.gauges = new Gauges(options, taken);
    const made = Object.values(options.made).reduce((sum, n) => sum + n, options.vacated);
    this.level = new Level(options, made);
    for (const { day } of taken) this.level.give(day - today);
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

  private enter(state: PersonState, asked: PlanItem): void {
    if (asked.earliest > this.until) return;
    const item = anotherWay(asked, state.person, this.options);
    const entry = newEntry(item, state, this.order++, this.options.today);
    if (item.source === KEEPER) state.keeper = entry;
    else state.entries.push(entry);
    if (entry.fixture) state.home.ahead.push(entry.fixture);
    this.count(entry, item.latest >= this.options.today);
    this.file(entry, item.earliest, item.wanted);
    if (item.source !== KEEPER || !plannedInstead(state, item.wanted, this.options))
      this.levelOn(entry, item.wanted);
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
    else if (earliest < wanted) need(this.opening[this.index(earliest)]).push(entry);
    if (wanted <= this.until) need(this.wanting[this.index(wanted)]).push(entry);
  }

  private count(entry: Entry, counted: boolean): void {
    if (counted !== entry.counted)
      this.gauges.ask(entry.item.kind, this.index(entry.item.latest), counted ? 1 : -1, entry.firm);
    entry.counted = counted;
  }

  private levelOn(entry: Entry, day: DayNumber | null): void {
    const at = (on: DayNumber) => this.index(Math.max(on, this.day));
    const due = at(entry.item.latest);
    if (entry.leveledOn !== null) this.level.ask(at(entry.leveledOn), due, -1);
    if (day !== null) this.level.ask(at(day), due, 1);
    entry.leveledOn = day;
  }

  private settle(entry: Entry): void {
    entry.done = true;
    this.levelOn(entry, null);
    if (entry.fixture) entry.fixture.done = true;
    this.count(entry, false);
  }

  /** What the owner saw this morning stays where it was, as long as it is still to be done. */
  private placePinned(): void {
    const { pinned, today } = this.options;
    if (pinned.length === 0) return;
    const now = new Map<string, Entry>();
    for (const entry of [...need(this.opening[0]), ...need(this.wanting[0])])
      now.set(entry.item.key, entry);
    this.pinning = true;
    for (const key of pinned) {
      const entry = now.get(key);
      if (entry && !entry.done && this.gauges.fits(entry.item.kind, 0)) this.tryPlace(entry, today);
    }
    this.pinning = false;
  }

  /**
   * What must be done today to keep a promise goes first, then what makes good for broken ones, then
   * the rest up to the day's share of what is wanted around it. Where the weeks ahead are crowded,
   * what keeps a promise is begun early.
   */
  private fillDay(day: DayNumber): void {
    const at = this.index(day);
    this.level.carry(at);
    for (const entry of need(this.opening[at])) this.early.push(entry);
    for (const entry of need(this.wanting[at])) this.ready.push(entry);
    this.placeFixed(day);
    for (const entry of this.ready.takeWhile((entry) => isBroken(entry, day))) {
      const { due, person } = entry.person;
      entry.brokenTwiceOn = due === null ? Infinity : due + (person.promiseDays ?? 0);
      this.broken.push(entry);
    }
    if (this.broken.size > 0) {
      this.brokenCredit += brokenRoom(day, this.gauges.roomOn(at));
      this.placeBroken(day, this.brokenCredit);
      this.placeAll(() => this.takeInTime(at, { onlyFirm: true, hasShare: true }));
    }
    const crowded = this.gauges.crowdedKinds(at);
    if (crowded) this.placeAll(() => this.takeCrowded(at, crowded));
    this.placeBroken(day, Infinity);
    this.placeAll(() => this.takeInTime(at, { onlyFirm: false, ...this.level.stateOf(at) }));
    this.placeAll(() => (this.level.stateOf(at).hasLess ? this.takeEarly(at) : undefined));
  }

  private placeAll(take: () => Entry | undefined): void {
    while (this.gauges.hasRoom(this.index(this.day))) {
      const entry = take();
      if (!entry) return;
      this.tryPlace(entry, this.day);
    }
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
   * what is not firm only when the room is not needed for what is. A day that has its share leaves
   * what may wait to the next one.
   */
  private takeInTime(
    at: number,
    { onlyFirm, hasShare }: { onlyFirm: boolean; hasShare: boolean },
  ): Entry | undefined {
    const fits = (kind: TouchKind) => this.gauges.fits(kind, at);
    const pressed = onlyFirm
      ? this.gauges.pressedKinds(at, 'firm', 1 - BROKEN_SHARE)
      : this.gauges.pressedKinds(at);
    const best = this.mostUrgent(fits, pressed, onlyFirm);
    if (!best) return undefined;
    if (hasShare && !pressed?.(best.entry.item.kind) && this.canWait(best.entry)) return undefined;
    if (best.entry.firm) return best.from.take(best.entry);
    const needed = this.gauges.pressedKinds(at, 'firm');
    const firm = needed?.(best.entry.item.kind) ? this.mostUrgent(fits, needed, true) : undefined;
    const { entry, from } = firm ?? best;
    return from.take(entry);
  }

  /** Whether there is a working day after today on which the entry is still in time. */
  private canWait({ item: { fixed, latest, letGo } }: Entry): boolean {
    const { calendar } = this.options;
    const last = moveToWorkingDay(Math.min(latest, letGo - 1), 'previous', calendar);
    return !fixed && last > this.day;
  }

  /** The most urgent of what keeps a promise, also early, of kinds that the weeks ahead are crowded with. */
  private takeCrowded(at: number, crowded: KindTest): Entry | undefined {
    const best = this.mostUrgent((kind) => crowded(kind) && this.gauges.fits(kind, at), ANY, true);
    return best?.from.take(best.entry);
  }

  /** What is wanted later and may be done on the day. */
  private takeEarly(at: number): Entry | undefined {
    const early = this.pulledForward((kind) => this.gauges.fits(kind, at), false);
    return early && this.early.take(early);
  }

  private mostUrgent(
    fits: KindTest,
    pressed: KindTest | null,
    onlyFirm = false,
  ): { entry: Entry; from: Queue<Entry> } | undefined {
    const ready = this.ready.peek(fits, onlyFirm);
    const early = pressed && this.pulledForward((kind) => pressed(kind) && fits(kind), onlyFirm);
    if (early && (!ready || moreUrgent(early, ready))) return { entry: early, from: this.early };
    return ready && { entry: ready, from: this.ready };
  }

  private pulledForward(fits: KindTest, onlyFirm: boolean): Entry | undefined {
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
    const near = tooNear(entry, day, this.options) ?? soon;
    if (near && keepsAway(entry, near, this.options))
      return this.pushBack(entry, near.day + this.options.minDistanceDays, near);
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
    const near = tooNear(entry, day, this.options);
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
    if (entry.fixture) entry.fixture.day = day;
    this.file(entry, day, day);
    if (entry.leveledOn !== null) this.levelOn(entry, day);
    return false;
  }

  /** The keeper of a promise that a weak touch on `day` would leave no time to keep. */
  private endangered({ item, person }: Pick<Entry, 'item' | 'person'>, day: DayNumber) {
    const { keeper, due } = person;
    if (!yields(item) || !keeper || keeper.done || due === null) return null;
    const kept = day + keptDays(item.hold, need(person.person.promiseDays));
    return wouldBreak(Math.max(due, kept), day, this.options) ? keeper : null;
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
    const planned = plannedInstead(keeper.person, day, this.options);
    if (!planned) return null;
    const { kind, earliest, latest } = planned.item;
    if (earliest > day) {
      // On days that are full by then it might have to wait for longer than the promise holds.
      if (this.gauges.pressedKinds(this.index(day), 'firm')?.(keeper.item.kind)) return null;
      return this.wait(keeper, earliest);
    }
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

  private place(entry: Entry, day: DayNumber): void {
    const { item, person: state } = entry;
    this.settle(entry);
    this.gauges.take(item.kind, this.index(day));
    this.level.give(this.index(day));
    entry.yieldsTo ??= heldBackBy(entry, this.options);
    const cause = causeOf(entry, day);
    this.result.touches.push({
      item,
      day,
      late: day > item.latest,
      cause,
      ...(cause === 'distance' && entry.yieldsTo ? { yieldsTo: entry.yieldsTo } : {}),
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
