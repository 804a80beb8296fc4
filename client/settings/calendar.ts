import type { CallOutput } from '@/contract/endpoint';
import type { getSettings } from '@/contract/settings';
import type { WorkCalendar } from '@/core/calendar';
import { toDayNumber } from '@/core/time';

/** The owner's days, as the server gives them. */
export type OwnersDays = CallOutput<typeof getSettings>;

/** Which days the owner works: weekdays without days off and public holidays. */
export const calendarOf = ({ settings, freeDays }: OwnersDays): WorkCalendar => ({
  workingDays: settings.workingDays,
  daysOff: new Set(freeDays.map(toDayNumber)),
});
