import { isWorkingDay } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import { keptDays } from '@/core/touches';

import { Heap } from './heap';
import { enrolmentItems, followUpItem, keeperItem, type ItemContext, type PlanItem } from './items';
import type { Cause, Plan, PlanOptions, PlanPerson } from './types';

interface Entry {
  item: PlanItem;
  person: PersonState;
  /** Placed, let go, or no longer needed. */
  done: boolean;
  /** Part of the demand: still to be done, and still able to be in time. */
  counted: boolean;
  order: number;
  /** Set when another touch of the same person pushed it back. */
  distanced: boolean;
}

interface PersonState {
  person: PlanPerson;
  due: DayNumber | null;
  lastOn: DayNumber | null;
  /** Beats and follow-ups; the keeper stands apart because it changes with every touch. */
  entries: Entry[];
  keeper: Entry | null;
  /** A keeper stood back for a planned touch; it returns if that touch is let go. */
  keeperHeld: boolean;
}

/**
 * The part of a day that belongs to promises already broken, so that they never starve; the rest
 * first goes to what can still be kept. Doing the broken ones first would break the next ones in
 * their turn, day after day; this way as many as possible are kept (see `plan`).
 */
const BROKEN_SHARE = 1 / 4;

const moreUrgent = (a: Entry, b: Entry): boolean => {
  if (a.item.fixed !== b.item.fixed) return a.item.fixed;
  if (a.item.latest !== b.item.latest) return a.item.latest < b.item.latest;
  if (a.person.person.weight !== b.person.person.weight)
    return a.person.person.weight < b.person.person.weight;
  return a.order < b.order;
};

/**
 * Lays out days that can be done. Items go earliest latest-day first (Jackson 1955; Horn 1974), on
 * the day they are wanted; items that may be done early are pulled forward only when the days ahead
 * would otherwise overflow. What can still be in time goes before what is late anyway, which keeps
 * the largest number (Glover 1967, matching in a convex bipartite graph), but for BROKEN_SHARE of
 * each day. A made touch moves its person's promise, which makes the next keeper.
 */
export function plan(people: readonly PlanPerson[], options: PlanOptions): Plan {
  return new Planner(people, options).run();
}

class Planner {
  private readonly until: DayNumber;
  private readonly context: ItemContext;
  private readonly states: PersonState[];
  /** Entries by the day on which they may first be done, then by the day they are wanted. */
  private readonly opening: Entry[][];
  private readonly wanting: Entry[][];
  private readonly early = new Heap<Entry>(moreUrgent);
  private readonly ready = new Heap<Entry>(moreUrgent);
  /** Entries whose latest day has passed; see BROKEN_SHARE. */
  private readonly broken = new Heap<Entry>(moreUrgent);
  /** Open entries by latest day: the demand that the days up to then must carry. */
  private readonly demand: Int32Array;
  private readonly room: Int32Array;
  private order = 0;
  /** Room that broken promises have a right to and have not used, so that small days add up. */
  private brokenCredit = 0;
  /** The day being filled. */
  private day: DayNumber = -Infinity;
  private readonly result: Plan = { touches: [], slips: [], overdue: 0, letGo: [], unplaced: [] };

  constructor(
    people: readonly PlanPerson[],
    private readonly options: PlanOptions,
  ) {
    const { today, days, calendar, holds } = options;
    this.until = today + days - 1;
    this.context = { today, until: this.until, calendar, holds };
    this.opening = Array.from({ length: days }, () => []);
    this.wanting = Array.from({ length: days }, () => []);
    this.demand = new Int32Array(days);
    this.room = Int32Array.from({ length: days }, (_, i) =>
      isWorkingDay(today + i, calendar)
        ? Math.max(0, options.capacity - (i === 0 ? options.madeToday : 0))
        : 0,
    );
    this.states = people.map((person) => this.open(person));
  }

  run(): Plan {
    this.placePinned();
    for (this.day = this.options.today; this.day <= this.until; this.day++) this.fillDay(this.day);
    this.closeBooks();
    return this.result;
  }

  private open(person: PlanPerson): PersonState {
    const { due, lastOn } = person;
    const state: PersonState = {
      person,
      due,
      lastOn,
      entries: [],
      keeper: null,
      keeperHeld: false,
    };
    if (due !== null && due < this.options.today) this.result.overdue += 1;
    for (const enrolment of person.enrolments)
      for (const item of enrolmentItems(person.id, enrolment, this.options.putOffs, this.context))
        this.enter(state, item);
    for (const followUp of person.followUps)
      this.enter(state, followUpItem(person.id, followUp, this.options.putOffs, this.context));
    this.enterKeeper(state);
    return state;
  }

  private enter(state: PersonState, item: PlanItem): void {
    if (item.earliest > this.until) return;
    const order = this.order++;
    const entry: Entry = {
      item,
      person: state,
      done: false,
      counted: false,
      order,
      distanced: false,
    };
    if (item.source === 'keeper') state.keeper = entry;
    else state.entries.push(entry);
    this.count(entry, item.latest >= this.options.today);
    this.file(entry, item.earliest, item.wanted);
  }

  private enterKeeper(state: PersonState): void {
    const { id, promiseDays, keeperKind } = state.person;
    if (promiseDays === null || state.due === null) return;
    state.keeperHeld = false;
    if (state.keeper) this.discard(state.keeper);
    this.enter(
      state,
      keeperItem(id, promiseDays, state.due, keeperKind, this.options.putOffs, this.context),
    );
  }

  private index = (day: DayNumber): number => Math.max(0, day - this.options.today);

  private file(entry: Entry, earliest: DayNumber, wanted: DayNumber): void {
    if (wanted <= this.day) return this.ready.push(entry);
    if (earliest <= this.day) this.early.push(entry);
    else if (earliest < wanted) this.opening[this.index(earliest)]!.push(entry);
    if (wanted <= this.until) this.wanting[this.index(wanted)]!.push(entry);
  }

  private count(entry: Entry, counted: boolean): void {
    const at = this.index(entry.item.latest);
    if (counted !== entry.counted && at < this.demand.length) this.demand[at]! += counted ? 1 : -1;
    entry.counted = counted;
  }

  private settle(entry: Entry): void {
    entry.done = true;
    this.count(entry, false);
  }

  /** What the owner saw this morning stays where it was, as long as it is still to be done. */
  private placePinned(): void {
    const { pinned, today } = this.options;
    if (pinned.length === 0) return;
    const now = new Map<string, Entry>();
    for (const entry of [...this.opening[0]!, ...this.wanting[0]!]) now.set(entry.item.key, entry);
    for (const key of pinned) {
      const entry = now.get(key);
      if (entry && !entry.done && this.room[0]! > 0) this.tryPlace(entry, today);
    }
  }

  private fillDay(day: DayNumber): void {
    const at = this.index(day);
    for (const entry of this.opening[at]!) this.early.push(entry);
    for (const entry of this.wanting[at]!) this.ready.push(entry);
    this.sortOutBroken(day);
    this.brokenCredit += this.broken.size > 0 ? this.room[at]! * BROKEN_SHARE : 0;
    this.placeBroken(day, Math.floor(this.brokenCredit));
    while (this.room[at]! > 0) {
      const entry = this.takeInTime(this.isPressed(at));
      if (!entry) break;
      this.tryPlace(entry, day);
    }
    this.placeBroken(day, Infinity);
  }

  private placeBroken(day: DayNumber, most: number): void {
    for (let n = 0; n < most && this.room[this.index(day)]! > 0;) {
      const entry = popOpen(this.broken);
      if (!entry) return;
      if (!this.tryPlace(entry, day)) continue;
      n += 1;
      this.brokenCredit = Math.max(0, this.brokenCredit - 1);
    }
  }

  /** Moves what can no longer be in time out of the queue. */
  private sortOutBroken(day: DayNumber): void {
    const late = (entry: Entry) => isBroken(entry, day);
    const kept: Entry[] = [];
    // Late entries are the most urgent of the heap, after the fixed ones.
    for (let entry = popOpen(this.ready); entry; entry = popOpen(this.ready)) {
      if (late(entry)) this.broken.push(entry);
      else kept.push(entry);
      if (!late(entry) && !entry.item.fixed) break;
    }
    for (const entry of kept) this.ready.push(entry);
  }

  /** The most urgent entry that can be in time; those wanted later only when `pullForward`. */
  private takeInTime(pullForward: boolean): Entry | undefined {
    if (!pullForward) return popOpen(this.ready);
    let early = popOpen(this.early);
    // What was wanted meanwhile and is late now stands among the broken ones as well.
    while (early && isBroken(early, this.day)) early = popOpen(this.early);
    const ready = popOpen(this.ready);
    if (!ready || !early) return ready ?? early;
    const [first, second] = moreUrgent(early, ready) ? [early, ready] : [ready, early];
    (second === ready ? this.ready : this.early).push(second);
    return first;
  }

  /**
   * Whether more must be done today so that what can still be in time fits into the days after
   * today, for every stretch of days from today on.
   */
  private isPressed(at: number): boolean {
    let demand = 0;
    let laterRoom = 0;
    for (let i = at; i < this.demand.length; i++) {
      demand += this.demand[i]!;
      if (i > at) laterRoom += this.room[i]!;
      if (demand > laterRoom) return true;
    }
    return false;
  }

  /** Puts the entry on the day, unless it is needless or its person was touched too recently. */
  private tryPlace(entry: Entry, day: DayNumber): boolean {
    const { item, person: state } = entry;
    if (item.source === 'keeper') {
      const planned = this.plannedInstead(state, day);
      if (planned && planned.item.earliest > day) {
        state.keeperHeld = true;
        return this.discard(entry);
      }
      if (planned) return this.standIn(entry, planned, day);
    } else if (day >= item.letGo) {
      this.result.letGo.push(item);
      return this.dismiss(entry);
    }
    const free = (state.lastOn ?? -Infinity) + this.options.minDistanceDays;
    if (day < free && !item.fixed) return this.pushBack(entry, free);
    this.place(entry, day);
    return true;
  }

  /** A keeper yields to a planned touch that is open now, which is then done with its urgency. */
  private standIn(keeper: Entry, planned: Entry, day: DayNumber): boolean {
    const placed = this.tryPlace(planned, day);
    if (placed) this.discard(keeper);
    else if (planned.done) return this.tryPlace(keeper, day);
    else {
      keeper.person.keeperHeld = true;
      this.discard(keeper);
    }
    return placed;
  }

  private discard(entry: Entry): false {
    if (!entry.done) this.settle(entry);
    return false;
  }

  private dismiss(entry: Entry): false {
    this.settle(entry);
    if (entry.person.keeperHeld) this.enterKeeper(entry.person);
    return false;
  }

  private pushBack(entry: Entry, free: DayNumber): false {
    if (free >= entry.item.letGo) {
      this.result.letGo.push(entry.item);
      return this.dismiss(entry);
    }
    entry.distanced = true;
    if (free > entry.item.latest) this.count(entry, false);
    this.file(entry, free, free);
    return false;
  }

  /** An open touch of the person that would keep the promise at least as well as a keeper. */
  private plannedInstead(state: PersonState, day: DayNumber): Entry | undefined {
    const { promiseDays } = state.person;
    if (promiseDays === null || state.due === null) return undefined;
    const inTime = Math.max(state.due, day);
    return state.entries.find(
      ({ done, item }) =>
        !done &&
        item.earliest <= inTime &&
        item.letGo > day &&
        Math.max(item.earliest, day) + keptDays(item.hold, promiseDays) > inTime,
    );
  }

  private place(entry: Entry, day: DayNumber): void {
    const { item, person: state } = entry;
    this.settle(entry);
    this.room[this.index(day)]! -= 1;
    this.result.touches.push({ item, day, late: day > item.latest, cause: causeOf(entry, day) });
    state.lastOn = day;
    const { promiseDays } = state.person;
    if (promiseDays === null || state.due === null) return;
    if (item.hold > 0 && day > state.due && state.due >= this.options.today)
      this.result.slips.push({ personId: state.person.id, on: state.due + 1, until: day });
    const due =
      item.hold > 0 ? Math.max(state.due, day + keptDays(item.hold, promiseDays)) : state.due;
    if (due > state.due) {
      state.due = due;
      this.enterKeeper(state);
    } else if (state.keeperHeld) this.enterKeeper(state);
  }

  private closeBooks(): void {
    for (const state of this.states) {
      if (state.due !== null && state.due >= this.options.today && state.due < this.until)
        this.result.slips.push({ personId: state.person.id, on: state.due + 1, until: null });
    }
    for (const heap of [this.broken, this.ready, this.early]) {
      for (let entry = popOpen(heap); entry; entry = popOpen(heap)) {
        if (entry.item.latest <= this.until) this.result.unplaced.push(entry.item);
        entry.done = true;
      }
    }
  }
}

const isBroken = ({ item }: Entry, day: DayNumber) => !item.fixed && item.latest < day;

function popOpen(heap: Heap<Entry>): Entry | undefined {
  let entry = heap.pop();
  while (entry?.done) entry = heap.pop();
  return entry;
}

function causeOf({ item, distanced }: Entry, day: DayNumber): Cause {
  if (day < item.wanted) return 'early';
  if (distanced) return 'distance';
  if (day > item.wanted) return 'full';
  return item.moved ?? 'as_asked';
}
