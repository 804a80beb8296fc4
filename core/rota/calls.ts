import { weekStart, type DayNumber } from '@/core/time';

/** When a rota began and how long one time through it takes. */
export interface RotaClock {
  /** A Monday; the first week of the first time through. */
  firstMonday: DayNumber;
  weeks: number;
}

const mod = (n: number, by: number) => ((n % by) + by) % by;

/** The week of the rota (0 …) that a day lies in. */
export const rotaWeek = ({ firstMonday, weeks }: RotaClock, day: DayNumber): number =>
  mod(Math.floor((weekStart(day) - firstMonday) / 7), weeks);

/** The first Monday of a rota week on or after the Monday of the week of `day`. */
export function nextMonday(clock: RotaClock, week: number, day: DayNumber): DayNumber {
  const monday = weekStart(day);
  return monday + mod(week - rotaWeek(clock, monday), clock.weeks) * 7;
}

/**
 * The Monday of `week` that lies nearest to a call that was planned for the week of `planned`, so
 * that a change of groups moves a call by as little as it can.
 */
export function nearestMonday(clock: RotaClock, week: number, planned: DayNumber): DayNumber {
  const after = nextMonday(clock, week, planned);
  const before = after - clock.weeks * 7;
  const monday = weekStart(planned);
  return monday - before < after - monday ? before : after;
}
