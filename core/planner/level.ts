import { isWorkingDay } from '@/core/calendar';

import type { PlanOptions } from './types';

/** Working days that a day is leveled with: most touches may not move further. */
const LEVEL_DAYS = 8;

/** The part of a full day up to which nothing is held back: few touches stay on the day they are wanted. */
const LIGHT_SHARE = 1 / 3;

/**
 * Keeps days alike (resource leveling). A day's share is the mean of what is wanted on it and on the
 * working days after it, what was wanted before and is still open included; it is more where so much
 * is due within fewer days (Yao, Demers and Shenker 1995).
 */
export class Level {
  /** Touches by the day they are wanted on, by the last day they are in time, and by the day they were given. */
  private readonly open: Float64Array;
  private readonly due: Float64Array;
  private readonly given: Float64Array;
  private readonly worked: boolean[];
  private readonly light: number;

  /** @param taken touches that the first day has had: made, put off or let go */
  constructor({ today, days, calendar, capacity }: PlanOptions, taken: number) {
    this.open = new Float64Array(days);
    this.due = new Float64Array(days);
    this.given = new Float64Array(days);
    this.given[0] = taken;
    this.light = Math.ceil(capacity * LIGHT_SHARE);
    this.worked = Array.from({ length: days }, (_, at) => isWorkingDay(today + at, calendar));
  }

  /** Counts an open touch to its days, or takes it out; days past the plan count nowhere. */
  ask(wantedAt: number, dueAt: number, sign: 1 | -1): void {
    if (wantedAt < this.open.length) this.open[wantedAt] = (this.open[wantedAt] ?? 0) + sign;
    if (dueAt < this.due.length) this.due[dueAt] = (this.due[dueAt] ?? 0) + sign;
  }

  give(at: number): void {
    this.given[at] = (this.given[at] ?? 0) + 1;
  }

  /** What was for the day before and is still open is for this one. */
  carry(at: number): void {
    if (at === 0) return;
    for (const days of [this.open, this.due]) {
      days[at] = (days[at] ?? 0) + (days[at - 1] ?? 0);
      days[at - 1] = 0;
    }
  }

  /**
   * Whether the day has its share, and whether it has less than that. Neither holds for a day that has
   * the whole touches of it: for a part of one none is held back, and none begun early.
   */
  stateOf(at: number): { hasShare: boolean; hasLess: boolean } {
    const share = this.shareOf(at);
    const given = this.given[at] ?? 0;
    return {
      hasShare: given >= Math.max(this.light, Math.ceil(share)),
      hasLess: given < Math.floor(share),
    };
  }

  private shareOf(at: number): number {
    let [touches, due, days, densest] = [0, this.given[at] ?? 0, 0, 0];
    for (let i = at; i < this.open.length; i++) {
      if (this.worked[i] && days === LEVEL_DAYS) break;
      touches += (this.open[i] ?? 0) + (this.given[i] ?? 0);
      due += this.due[i] ?? 0;
      if (this.worked[i]) days += 1;
      if (days > 0) densest = Math.max(densest, due / days);
    }
    return days === 0 ? 0 : Math.max(densest, touches / days);
  }
}
