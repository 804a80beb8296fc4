import { isWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';
import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import type { PlannedTouch, PlanOptions } from './types';

/** Whether something holds for a kind of touch. */
export type KindTest = (kind: TouchKind) => boolean;

/**
 * When the weeks ahead count as crowded: what must be done in them takes more than a share of their room,
 * counted from now for at least a week, because one full day is no crowd, and for as long as touches
 * may be brought forward. Some tries reach nobody and something always comes up (common practice, no
 * source): in years lived in the simulator at 90 % load, where one call in four reaches nobody, 97
 * promises of 100 are kept with six tenths, 95 with seven and 91 with eight; less than six changes nothing.
 */
const CROWDED = { share: 0.6, from: 6, until: 28 };

/** What items that are still to be done in time ask for, by the last day on which they are. */
class Demand {
  private readonly until: Float64Array;
  /** The day that was last found not to be pressed; doing more of what is asked for keeps it so. */
  private calmAt = -1;
  private calmWith = 1;

  constructor(private readonly left: Float64Array) {
    this.until = new Float64Array(left.length);
  }

  add(at: number, size: number): void {
    if (at >= this.until.length) return;
    this.until[at] = (this.until[at] ?? 0) + size;
    if (size > 0) this.calmAt = -1;
  }

  /**
   * Whether more must be done on day `at` so that what can still be in time fits into that
   * part of the days after it, for every stretch of days from then on.
   */
  isPressed(at: number, usable: number): boolean {
    // What fits into a part of the days fits into all of them.
    if (this.calmAt === at && this.calmWith <= usable) return false;
    let demand = 0;
    let laterRoom = 0;
    for (let i = at; i < this.until.length; i++) {
      demand += this.until[i] ?? 0;
      if (i > at) laterRoom += this.left[i] ?? 0;
      if (demand > laterRoom * usable) return true;
    }
    this.calmAt = at;
    this.calmWith = usable;
    return false;
  }

  /** Whether what is due from now until some day of the weeks ahead takes more than that part of the room. */
  isCrowded(at: number): boolean {
    let demand = 0;
    let room = 0;
    const end = Math.min(this.until.length, at + CROWDED.until);
    for (let i = at; i < end; i++) {
      demand += this.until[i] ?? 0;
      room += this.left[i] ?? 0;
      if (i >= at + CROWDED.from && demand > room * CROWDED.share) return true;
    }
    return false;
  }
}

/** What demand is looked at: of everything, or only of what goes before the rest. */
type DemandOf = 'all' | 'firm';

/** One thing that a day has only so much of (touches, minutes, calls), and what asks for it. */
class Gauge {
  readonly left: Float64Array;
  readonly demand: Record<DemandOf, Demand>;

  constructor(
    days: number,
    roomOn: (at: number) => number,
    /** How much a touch of each kind takes; 0 for kinds that this gauge does not count. */
    readonly size: Record<TouchKind, number>,
  ) {
    this.left = Float64Array.from({ length: days }, (_, at) => roomOn(at));
    this.demand = { all: new Demand(this.left), firm: new Demand(this.left) };
  }

  fits = (kind: TouchKind, at: number): boolean =>
    this.size[kind] === 0 || (this.left[at] ?? 0) >= this.size[kind];
}

const sizes = (size: (kind: TouchKind) => number) =>
  Object.fromEntries(TOUCH_KINDS.map((kind) => [kind, size(kind)])) as Record<TouchKind, number>;

/** What the owner's days can hold: touches, and minutes and touches of a kind where they are limited. */
export class Gauges {
  private readonly all: Gauge[];
  private readonly touches: Gauge;

  constructor(options: PlanOptions, taken: readonly PlannedTouch[]) {
    const { today, days, calendar, capacity, made, vacated, limits } = options;
    const { minutesPerDay, minutes, perKind } = limits;
    const gauge = (perDay: number, size: Record<TouchKind, number>, gone = 0) => {
      const used = TOUCH_KINDS.reduce((sum, kind) => sum + (made[kind] ?? 0) * size[kind], gone);
      const roomOn = (at: number) =>
        isWorkingDay(today + at, calendar) ? Math.max(0, perDay - (at === 0 ? used : 0)) : 0;
      return new Gauge(days, roomOn, size);
    };
    this.touches = gauge(
      capacity,
      sizes(() => 1),
      vacated,
    );
    this.all = [this.touches];
    if (minutesPerDay !== null) {
      // A touch that is longer than a day takes all of one.
      const size = sizes((kind) => Math.min(minutes[kind], minutesPerDay));
      this.all.push(gauge(minutesPerDay, size));
    }
    for (const kind of TOUCH_KINDS) {
      const most = perKind[kind];
      if (most !== undefined)
        this.all.push(
          gauge(
            most,
            sizes((other) => (other === kind ? 1 : 0)),
          ),
        );
    }
    for (const { item, day } of taken) this.take(item.kind, day - today);
  }

  /** Whether the day has room for anything at all. */
  hasRoom = (at: number): boolean => (this.touches.left[at] ?? 0) >= 1;

  /** Touches that the day still has room for. */
  roomOn = (at: number): number => this.touches.left[at] ?? 0;

  fits = (kind: TouchKind, at: number): boolean => this.all.every((gauge) => gauge.fits(kind, at));

  take(kind: TouchKind, at: number): void {
    for (const gauge of this.all) gauge.left[at] = need(gauge.left[at]) - gauge.size[kind];
  }

  ask(kind: TouchKind, at: number, sign: 1 | -1, firm: boolean): void {
    for (const { demand, size } of this.all) {
      demand.all.add(at, sign * size[kind]);
      if (firm) demand.firm.add(at, sign * size[kind]);
    }
  }

  /** The kinds of which more must be done on the day than is wanted on it; null for none. */
  pressedKinds(at: number, of: DemandOf = 'all', usable = 1): KindTest | null {
    return kindsOf(this.all.filter(({ demand }) => demand[of].isPressed(at, usable)));
  }

  /** The kinds of which so much must be done in the weeks ahead that it is better begun early. */
  crowdedKinds(at: number): KindTest | null {
    return kindsOf(this.all.filter(({ demand }) => demand.firm.isCrowded(at)));
  }
}

/** Whether any of the gauges counts a kind; null where there are none. */
const kindsOf = (gauges: readonly Gauge[]): KindTest | null =>
  gauges.length === 0 ? null : (kind) => gauges.some(({ size }) => size[kind] > 0);
