import { addDays, daysBetween, type PlainDate } from '@/core/time';
import { todayIn } from '@/core/zones';

/** The one clock of the application: nothing else reads the machine's. */
export interface Clock {
  nowMs(): number;
  now(): string;
  /** The machine's own time, not shifted: what other machines are told. */
  realMs(): number;
  /** The owner's day. */
  today(): PlainDate;
  zone: string;
  /** Whole days by which the application's day is ahead of the real one. */
  shiftDays: number;
  /** Milliseconds beside them: a demo is filled in the morning, whenever that is. */
  shiftMs: number;
}

const DAY_MS = 86_400_000;
/** No zone has its midnight within a quarter of an hour: within one, the day is the same. */
const QUARTER_MS = 15 * 60_000;

/** The clock of a time zone; tests and the demo shift it. */
export function createClock(zone: string, readMs: () => number = Date.now): Clock {
  let known = { key: '', day: '' as PlainDate };
  return {
    zone,
    shiftDays: 0,
    shiftMs: 0,
    nowMs() {
      return readMs() + this.shiftMs + this.shiftDays * DAY_MS;
    },
    realMs: readMs,
    now() {
      return new Date(this.nowMs()).toISOString();
    },
    // Shifted as a calendar day, so that a clock change on the way does not move it.
    today() {
      const quarter = Math.floor((readMs() + this.shiftMs) / QUARTER_MS);
      const key = `${this.zone} ${this.shiftDays} ${quarter}`;
      if (known.key !== key)
        known = { key, day: addDays(todayIn(this.zone, quarter * QUARTER_MS), this.shiftDays) };
      return known.day;
    },
  };
}

/** Sets the clock so that today is `date`. */
export function setToday(clock: Clock, date: PlainDate): void {
  clock.shiftDays += daysBetween(clock.today(), date);
}
