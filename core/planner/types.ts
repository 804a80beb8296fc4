import type { WorkCalendar } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import type { HoldTable, TouchKind } from '@/core/touches';

import type { PlanItem, PutOffs, Swaps } from './items';
import type { TouchSource } from './source';

/** A way in which somebody does not answer, and the one that is open instead. */
export interface Unanswered {
  kind: TouchKind;
  tries: number;
  /** Null where there is none. */
  instead: TouchKind | null;
}

export interface PlanPerson {
  id: string;
  promiseDays: number | null;
  /** The day on which the promise runs out today; null without a promise. */
  due: DayNumber | null;
  /** Day of the last touch that reached them, for the distance between touches. */
  lastOn: DayNumber | null;
  /** Who share a home keep the distance together; null for somebody who shares none. */
  householdId: string | null;
  /** Smaller goes first among equals: the circle's position. */
  weight: number;
  /** How a promise is kept when no cadence says how. */
  keeperKind: TouchKind;
  /** Ways in which they were tried too often without an answer. */
  unanswered?: readonly Unanswered[];
  /** What each touch source asks for of them, by its name: plain values, which only it reads. */
  asks: Readonly<Record<string, unknown>>;
}

/** What a day can hold besides a number of touches. */
export interface Limits {
  /** Null for no limit. */
  minutesPerDay: number | null;
  /** Minutes that a touch of each kind takes. */
  minutes: Record<TouchKind, number>;
  /** Touches of a kind a day, where there is a limit. */
  perKind: Partial<Record<TouchKind, number>>;
}

export interface PlanOptions {
  today: DayNumber;
  /** Days planned, today included. */
  days: number;
  calendar: WorkCalendar;
  /** Touches a working day. */
  capacity: number;
  limits: Limits;
  /** Touches already made today, of each kind: they take of its room, its minutes and its kinds. */
  made: Partial<Record<TouchKind, number>>;
  /** Places of today's desk that were put off or let go: nobody else is called in for them. */
  vacated: number;
  /** Least days between two touches of one person. */
  minDistanceDays: number;
  holds: HoldTable;
  putOffs: PutOffs;
  swaps?: Swaps;
  sources: readonly TouchSource[];
  /** Keys that the owner has already seen on today's desk, in that order: they keep their places. */
  pinned: readonly string[];
}

/** Why an item is not on the day that was asked for. */
export type Cause = 'as_asked' | 'day_off' | 'full' | 'distance' | 'early' | 'put_off';

/** A touch that another kept its distance from. */
export interface Neighbour {
  personId: string;
  /** Null for one that was made before today. */
  kind: TouchKind | null;
  day: DayNumber;
}

export interface PlannedTouch {
  item: PlanItem;
  day: DayNumber;
  /** After the last day on which it was in time. */
  late: boolean;
  cause: Cause;
  /** With cause `distance`: the touch that it yields to. */
  yieldsTo?: Neighbour;
}

/** A beat that found no day before it became needless. */
export interface LetGo {
  item: PlanItem;
  /** The touch that it yielded to; without one the days were full. */
  yieldsTo?: Neighbour;
}

/** A promise that runs out on the day before `on`; kept again on `until`, null if not in the plan. */
export interface Slip {
  personId: string;
  on: DayNumber;
  until: DayNumber | null;
}

export interface Plan {
  /** Touches a day that it was laid out for: those there are, or fewer. */
  room: number;
  touches: PlannedTouch[];
  /** Promises that will be broken in the days planned, those broken before today left out. */
  slips: Slip[];
  /** People whose promise was already broken this morning. */
  overdue: string[];
  /** Beats that were overtaken by the next one without having found a day. */
  letGo: LetGo[];
  /** Items due in the days planned that found no day in them. */
  unplaced: PlanItem[];
}
