import type { DayNumber } from '@/core/time';
import { keptDays } from '@/core/touches';

import { wouldBreak } from './distance';
import type { Entry, PersonState } from './entries';
import type { PlanOptions } from './types';

/** An open touch of the person that would keep the promise at least as well as a keeper on `day`. */
export function plannedInstead(
  { person: { promiseDays }, due, entries }: PersonState,
  day: DayNumber,
  options: Pick<PlanOptions, 'minDistanceDays' | 'calendar'>,
): Entry | undefined {
  if (promiseDays === null || due === null) return undefined;
  const inTime = Math.max(due, day);
  return entries.find(({ done, item }) => {
    if (done || item.earliest > inTime || item.letGo <= day) return false;
    const on = Math.max(item.earliest, day);
    const kept = on + keptDays(item.hold, promiseDays);
    return kept > inTime && !wouldBreak(kept, on, options);
  });
}
