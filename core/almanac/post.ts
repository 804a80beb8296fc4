import { moveToWorkingDay, type WorkCalendar } from '@/core/calendar';
import { weekdayOf, type DayNumber } from '@/core/time';

/** The days on which post is carried: neither Sundays nor postal holidays. */
export interface PostDays {
  holidays: ReadonlySet<DayNumber>;
}

export const isPostDay = (day: DayNumber, { holidays }: PostDays): boolean =>
  weekdayOf(day) !== 7 && !holidays.has(day);

/** The last day of post on or before a day. */
export function lastPostDay(day: DayNumber, post: PostDays): DayNumber {
  let at = day;
  while (!isPostDay(at, post)) at -= 1;
  return at;
}

/** How far something travels, by what the addresses tell. */
export type Reach = 'near' | 'region' | 'country' | 'abroad';

/**
 * Days of post that a piece takes, by class and distance: the longest of the published range, since a
 * greeting that is early is none too late. First class of the United States is one to five days by its
 * service standards (39 CFR 121.1 as of 2021: two days by road within some three hours, three within a day,
 * then four and five), marketing mail three to ten (39 CFR 121.3); both from memory. Abroad is common
 * practice, no source.
 */
export const MAIL_CLASSES = {
  first: { near: 2, region: 3, country: 5, abroad: 12 },
  marketing: { near: 5, region: 7, country: 10, abroad: 12 },
} as const satisfies Record<string, Record<Reach, number>>;
export type MailClass = keyof typeof MAIL_CLASSES;
export const MAIL_CLASS_NAMES = ['first', 'marketing'] as const satisfies MailClass[];

/**
 * How far it is between two postal codes of one country, by what stands at their beginning: the first three
 * signs are one sorting area, the first is one region.
 */
export function reachOf(
  from: { postalCode: string; country: string },
  to: { postalCode: string; country: string },
): Reach {
  if (to.country && from.country && to.country !== from.country) return 'abroad';
  const [here, there] = [from.postalCode, to.postalCode].map((code) => code.replace(/\s/g, ''));
  if (!here || !there) return 'country';
  if (here.slice(0, 3) === there.slice(0, 3)) return 'near';
  return here[0] === there[0] ? 'region' : 'country';
}

export interface MailTime {
  /** Days of post under way. */
  transitDays: number;
  /** Working days between writing it and handing it over. */
  productionDays: number;
  post: PostDays;
  calendar: WorkCalendar;
}

/** When a piece is there, handed over and written at the latest. */
export interface MailPlan {
  /** The day of post on which it is there: the one before a Sunday or holiday. */
  inHome: DayNumber;
  handOver: DayNumber;
  writeBy: DayNumber;
}

/**
 * The last days for a piece that should be there on a day: back over its days under way, of which only days
 * of post count, then over the working days that it takes to make it.
 */
export function mailPlan(
  wanted: DayNumber,
  { transitDays, productionDays, post, calendar }: MailTime,
): MailPlan {
  const inHome = lastPostDay(wanted, post);
  let handOver = inHome;
  for (let n = 0; n < transitDays; n++) handOver = lastPostDay(handOver - 1, post);
  let writeBy = moveToWorkingDay(handOver, 'previous', calendar);
  for (let n = 0; n < productionDays; n++)
    writeBy = moveToWorkingDay(writeBy - 1, 'previous', calendar);
  return { inHome, handOver, writeBy };
}
