import type { WorkCalendar } from '@/core/calendar';
import { toDayNumber, type DayNumber } from '@/core/time';

import type { Context } from '../context';
import { holidaysOff } from '../holidays';
import type { OwnerSettings } from './queries';

/** The days on which the owner works, without holidays and days off. */
export const calendarOf = (
  settings: OwnerSettings,
  holidays: ReadonlyMap<DayNumber, string>,
): WorkCalendar => ({
  workingDays: settings.workingDays,
  daysOff: new Set([...settings.daysOff.map(toDayNumber), ...holidays.keys()]),
});

/** The public holidays that are days off, by day, with their names. */
export const holidaysOf = (ctx: Context, settings: OwnerSettings): Map<DayNumber, string> =>
  new Map(holidaysOff(settings, toDayNumber(ctx.clock.today())).map(({ on, name }) => [on, name]));
