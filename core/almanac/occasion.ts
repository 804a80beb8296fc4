import { fold } from '@/core/people';
import { countInWords, plural, sentenceCase } from '@/core/time';

/**
 * What a date is of, for the rules by which it is greeted: one of these, `named.<name>` for a date that the
 * owner named, or `holiday.<name>`.
 */
export const BIRTHDAY = 'birthday';
export const WEDDING = 'wedding';
/** The day on which the latest work was completed. */
export const SERVICE = 'service';
/** The birthday of somebody of the family who has no sheet: a child, a pet. */
export const FAMILY = 'family';

const NAMED = 'named.';
const HOLIDAY = 'holiday.';

const WEDDING_NAMES = new Set([
  'wedding',
  'wedding day',
  'wedding anniversary',
  'anniversary',
  'married',
  'marriage',
]);

/** The occasion of a date that the owner named. @example namedOccasion('Wedding day') // 'wedding' */
export function namedOccasion(name: string): string {
  const plain = fold(name).trim().replace(/\s+/g, ' ');
  return WEDDING_NAMES.has(plain) ? WEDDING : NAMED + plain;
}

export const holidayOccasion = (name: string): string => HOLIDAY + fold(name).trim();

export const isHoliday = (occasion: string): boolean => occasion.startsWith(HOLIDAY);

/** The occasion itself in words, where no date says how the owner writes it: "birthday". */
export function occasionName(occasion: string): string {
  if (occasion === SERVICE) return 'work anniversary';
  if (occasion === FAMILY) return 'birthday in the family';
  return occasion.startsWith(NAMED) || isHoliday(occasion)
    ? sentenceCase(occasion.slice(occasion.indexOf('.') + 1))
    : occasion;
}

/** A year that can be true: nobody is older, and nothing has been longer. */
export const OLDEST_YEAR = 1900;

/** The years at which a count is a round one: 1, 5, 10, then every ten; a quarter and three of a hundred. */
export const isRound = (count: number): boolean =>
  count === 1 || count === 5 || count === 25 || count === 75 || (count > 0 && count % 10 === 0);

/** How often a date has come, in words: "turns 50", "ten years"; empty where that is not known. */
export function countWords(occasion: string, count: number | null): string {
  if (count === null || count === 0) return '';
  if (occasion === BIRTHDAY || occasion === FAMILY) return `turns ${count}`;
  return count <= 12
    ? `${countInWords(count)} ${count === 1 ? 'year' : 'years'}`
    : plural(count, 'year');
}
