import { isWorkingDay } from '@/core/calendar';
import type { DayNumber } from '@/core/time';

import { KEEPER, type PlanItem } from './items';
import type { Plan, PlanOptions } from './types';

/** Days within which something handed back is done, where its own window does not say. */
const HAND_BACK_DAYS = 7;

/**
 * The day on which an item that is handed back has most room: a working day after today, the earlier
 * of equals. It stays in time where it still can be, and before the next beat. Without such a day it
 * is the next working day; tomorrow where nothing is ever worked.
 */
export function roomiestDay(
  { touches }: Pick<Plan, 'touches'>,
  { today, calendar }: Pick<PlanOptions, 'today' | 'calendar'>,
  { key, source, latest, letGo }: PlanItem,
): DayNumber {
  const inTime = source === KEEPER && latest > today;
  const last = inTime ? latest : Math.min(letGo - 1, today + HAND_BACK_DAYS);
  const load = new Map<DayNumber, number>();
  for (const { item, day } of touches)
    if (item.key !== key) load.set(day, (load.get(day) ?? 0) + 1);
  let best: DayNumber | null = null;
  for (let day = today + 1; day <= Math.max(last, today + HAND_BACK_DAYS); day++) {
    if (!isWorkingDay(day, calendar)) continue;
    if (day > last && best !== null) break;
    if (best === null || (load.get(day) ?? 0) < (load.get(best) ?? 0)) best = day;
  }
  return best ?? today + 1;
}
