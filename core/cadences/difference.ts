import type { WorkCalendar } from '@/core/calendar';
import { need } from '@/core/need';
import type { DayNumber } from '@/core/time';

import { isTouch, type Beat, type Rhythm } from './cadence';
import { datedBeats, type DatedBeat, type Run, type Span } from './dated';

/** One person's way through the cadence that is about to change. */
export interface Running {
  personId: string;
  run: Run;
  /** Nominal day up to which everything is made, skipped or passed; null when nothing is yet. */
  settledUntil: DayNumber | null;
  /** Touches of later days that are settled all the same: `touchKey` of each. */
  settled?: ReadonlySet<string>;
}

/** What becomes of one touch that is not yet made. */
export interface TouchChange {
  beat: Beat;
  round: number;
  /** The day before the change; null for a touch that is new. */
  from: DayNumber | null;
  /** The day after the change; null for one that falls away. */
  to: DayNumber | null;
}

export interface Difference {
  /** People for whom anything changes, with their changes in order of days. */
  people: { personId: string; changes: TouchChange[] }[];
  moved: number;
  added: number;
  dropped: number;
  /** Touches that stay on their day but become another kind, or go out another way. */
  turned: number;
}

/** Days beyond a span in which touches are looked for that move out of it or into it. */
const BEYOND_DAYS = 400;

export const touchKey = (beatId: string, round: number): string => `${beatId}:${round}`;

const keyOf = ({ beat, round }: DatedBeat) => touchKey(beat.id, round);

/** The touches of a run in a span that are still to be made, by key. */
export function openTouches(
  cadence: Rhythm,
  running: Running,
  span: Span,
  calendar: WorkCalendar,
): Map<string, DatedBeat> {
  const from = Math.max(span.from, (running.settledUntil ?? -Infinity) + 1);
  const open = new Map<string, DatedBeat>();
  for (const dated of datedBeats(cadence, running.run, { from, to: span.to }, calendar))
    if (!running.settled?.has(keyOf(dated))) open.set(keyOf(dated), dated);
  return open;
}

/**
 * What changing a running cadence does to each person on it, for the touches of a span that are not
 * yet made: which move, come in, or fall away. Touches made are not looked at, because nothing
 * rewrites them.
 */
export function difference(
  before: Rhythm,
  after: Rhythm,
  running: readonly Running[],
  span: Span,
  calendar: WorkCalendar,
): Difference {
  const result: Difference = { people: [], moved: 0, added: 0, dropped: 0, turned: 0 };
  // A touch that moves over the end of the span is still the same touch.
  const wider = { from: span.from, to: span.to + BEYOND_DAYS };
  const inSpan = (...days: (DayNumber | undefined)[]) =>
    days.some((day) => day !== undefined && day <= span.to);
  for (const person of running) {
    const old = openTouches(before, person, wider, calendar);
    const changes: TouchChange[] = [];
    for (const [key, { beat, round, day }] of openTouches(after, person, wider, calendar)) {
      const was = old.get(key);
      old.delete(key);
      if (!inSpan(day, was?.day)) continue;
      if (!was) {
        result.added += 1;
        changes.push({ beat, round, from: null, to: day });
      } else if (was.day !== day) {
        result.moved += 1;
        changes.push({ beat, round, from: was.day, to: day });
      } else if (
        was.beat.kind !== beat.kind ||
        was.beat.way !== beat.way ||
        isTouch(was.beat) !== isTouch(beat)
      ) {
        result.turned += 1;
        changes.push({ beat, round, from: day, to: day });
      }
    }
    for (const { beat, round, day } of old.values()) {
      if (!inSpan(day)) continue;
      result.dropped += 1;
      changes.push({ beat, round, from: day, to: null });
    }
    if (changes.length > 0)
      result.people.push({
        personId: person.personId,
        changes: changes.sort((a, b) => need(a.to ?? a.from) - need(b.to ?? b.from)),
      });
  }
  return result;
}
