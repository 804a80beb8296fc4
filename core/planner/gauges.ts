import { isWorkingDay } from '@/core/calendar';
import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import type { PlannedTouch, PlanOptions } from './types';

/**
 * One thing that a day has only so much of (touches, minutes, calls), and how much of it the items
 * that are still to be done in time ask for up to each day.
 */
class Gauge {
  readonly left: Float64Array;
  private readonly demand: Float64Array;
  /** The day that was last found not to be pressed; doing more of what is asked for keeps it so. */
  private calmAt = -1;

  constructor(
    private readonly days: number,
    roomOn: (at: number) => number,
    /** How much a touch of each kind takes; 0 for kinds that this gauge does not count. */
    readonly size: Record<TouchKind, number>,
  ) {
    this.left = Float64Array.from({ length: days }, (_, at) => roomOn(at));
    this.demand = new Float64Array(days);
  }

  fits = (kind: TouchKind, at: number): boolean =>
    this.size[kind] === 0 || this.left[at]! >= this.size[kind];

  ask(kind: TouchKind, at: number, sign: 1 | -1): void {
    if (at >= this.days) return;
    this.demand[at]! += sign * this.size[kind];
    if (sign > 0) this.calmAt = -1;
  }

  /**
   * Whether more must be done on day `at` so that what can still be in time fits into the days after
   * it, for every stretch of days from then on.
   */
  isPressed(at: number): boolean {
    if (this.calmAt === at) return false;
    let demand = 0;
    let laterRoom = 0;
    for (let i = at; i < this.days; i++) {
      demand += this.demand[i]!;
      if (i > at) laterRoom += this.left[i]!;
      if (demand > laterRoom) return true;
    }
    this.calmAt = at;
    return false;
  }
}

const sizes = (size: (kind: TouchKind) => number) =>
  Object.fromEntries(TOUCH_KINDS.map((kind) => [kind, size(kind)])) as Record<TouchKind, number>;

/** What the owner's days can hold: touches, and minutes and touches of a kind where they are limited. */
export class Gauges {
  private readonly all: Gauge[];
  private readonly touches: Gauge;

  constructor(options: PlanOptions, taken: readonly PlannedTouch[]) {
    const { today, days, calendar, capacity, madeToday, limits } = options;
    const on = (perDay: number, used: number) => (at: number) =>
      isWorkingDay(today + at, calendar) ? Math.max(0, perDay - (at === 0 ? used : 0)) : 0;
    this.touches = new Gauge(
      days,
      on(capacity, madeToday),
      sizes(() => 1),
    );
    this.all = [this.touches];
    const { minutesPerDay, minutes, perKind } = limits;
    if (minutesPerDay !== null) {
      // A touch that is longer than a day takes all of one.
      const size = sizes((kind) => Math.min(minutes[kind], minutesPerDay));
      this.all.push(new Gauge(days, on(minutesPerDay, 0), size));
    }
    for (const kind of TOUCH_KINDS) {
      const most = perKind[kind];
      if (most !== undefined)
        this.all.push(
          new Gauge(
            days,
            on(most, 0),
            sizes((other) => (other === kind ? 1 : 0)),
          ),
        );
    }
    for (const { item, day } of taken) this.take(item.kind, day - today);
  }

  /** Whether the day has room for anything at all. */
  hasRoom = (at: number): boolean => this.touches.left[at]! >= 1;

  /** Touches that the day still has room for. */
  roomOn = (at: number): number => this.touches.left[at]!;

  fits = (kind: TouchKind, at: number): boolean => this.all.every((gauge) => gauge.fits(kind, at));

  take(kind: TouchKind, at: number): void {
    for (const gauge of this.all) gauge.left[at]! -= gauge.size[kind];
  }

  ask(kind: TouchKind, at: number, sign: 1 | -1): void {
    for (const gauge of this.all) gauge.ask(kind, at, sign);
  }

  /** The kinds of which more must be done on the day than is wanted on it; null for none. */
  pressedKinds(at: number): ((kind: TouchKind) => boolean) | null {
    const pressed = this.all.filter((gauge) => gauge.isPressed(at));
    if (pressed.length === 0) return null;
    return (kind) => pressed.some((gauge) => gauge.size[kind] > 0);
  }
}
