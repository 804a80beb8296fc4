import { toPlainDate, type DayNumber, type PlainDate } from '@/core/time';
import type { KindSetup, TouchKind } from '@/core/touches';

import type { Greeting } from './greetings';

/** What greetings come to: how many, on how many days, and what they take. */
export interface GreetingTotals {
  greetings: number;
  /** Days of the calendar on which there is one at least. */
  days: number;
  /** Of the owner's time: what goes by itself takes none. */
  minutes: number;
  costMinor: number;
  /** The day with the most, and how many; null without any. */
  most: { on: PlainDate; greetings: number } | null;
}

/** Adds greetings up. */
export function totalsOf(
  greetings: readonly Pick<Greeting, 'on' | 'kind' | 'way'>[],
  setups: Record<TouchKind, KindSetup>,
): GreetingTotals {
  const byDay = new Map<DayNumber, number>();
  let [minutes, costMinor] = [0, 0];
  for (const { on, kind, way } of greetings) {
    byDay.set(on, (byDay.get(on) ?? 0) + 1);
    costMinor += setups[kind].costMinor;
    if (way === 'hand') minutes += setups[kind].minutes;
  }
  let most: [DayNumber, number] | null = null;
  for (const [on, n] of byDay)
    if (!most || n > most[1] || (n === most[1] && on < most[0])) most = [on, n];
  return {
    greetings: greetings.length,
    days: byDay.size,
    minutes,
    costMinor,
    most: most && { on: toPlainDate(most[0]), greetings: most[1] },
  };
}
