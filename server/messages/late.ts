import { toDayNumber, type PlainDate } from '@/core/time';

import type { Context } from '../context';

/** Whether what was planned for a day is more than so many days late. */
export const isTooLate = ({ clock }: Context, plannedOn: string, days: number): boolean =>
  toDayNumber(clock.today()) - toDayNumber(plannedOn as PlainDate) > days;
