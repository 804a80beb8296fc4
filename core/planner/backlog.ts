import type { DayNumber } from '@/core/time';

import type { Breach } from './ahead';

/**
 * The day by which every promise that was broken before this morning is kept again; null where that is
 * not in the days planned, or nothing is broken.
 */
export function caughtUpOn(overdue: readonly Pick<Breach, 'until'>[]): DayNumber | null {
  const last = Math.max(-Infinity, ...overdue.map(({ until }) => until ?? Infinity));
  return Number.isFinite(last) ? last : null;
}
