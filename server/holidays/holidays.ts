import Holidays from 'date-holidays';

import { addDays, partsOf, plainDate, toDayNumber, type DayNumber } from '@/core/time';
import { countryName } from '@/core/zones';

import { invalid } from '../api';

export interface Holiday {
  on: DayNumber;
  name: string;
}

/** Where the owner works: an ISO 3166 country, '' for none, and a part of it, '' for none. */
export interface Where {
  country: string;
  region: string;
}

const known = new Holidays();

const byName = (a: { name: string }, b: { name: string }) => a.name.localeCompare(b.name, 'en');

/** Countries whose public holidays are known. */
export const countries = () =>
  Object.keys(known.getCountries('en'))
    .map((code) => ({ code, name: countryName(code) }))
    .sort(byName);
/** Regions of a country with holidays of their own. */
export const regionsOf = (country: string) =>
  Object.entries((country && known.getStates(country, 'en')) || {})
    .map(([code, name]) => ({ code, name }))
    .sort(byName);

/** Refuses a place of which no holidays are known. */
export function assertKnown({ country, region }: Where): void {
  if (country && !countries().some(({ code }) => code === country))
    throw invalid(`No holidays are known for the country “${country}”.`, 'country');
  if (region && !regionsOf(country).some(({ code }) => code === region))
    throw invalid(`The country has no part called “${region}”.`, 'region');
}

const SUBSTITUTE = ' (substitute day)';

const AMERICAN = new Set(['US', 'PR', 'GU', 'VI', 'AS', 'MP']);

/** As the country itself spells it: the library has British English for all. */
const spelled = (name: string, { country }: Where): string =>
  AMERICAN.has(country) ? name.replace(/\bLabour\b/g, 'Labor') : name;

const kept = new Map<string, Holiday[]>();

function calendarFor({ country, region }: Where): Holidays {
  const calendar = region ? new Holidays(country, region) : new Holidays(country);
  if (country === 'US') {
    // 5 U.S.C. 6103(b) moves this one off a weekend like the others; the library does not.
    calendar.setHoliday('11-11 and if sunday then next monday if saturday then previous friday', {
      name: { en: 'Veterans Day' },
      type: 'public',
    });
  }
  return calendar;
}

/** Public holidays from one year to another, both included, each day with its name, in order. */
export function publicHolidays(where: Where, fromYear: number, toYear: number): Holiday[] {
  if (!where.country) return [];
  const key = [where.country, where.region, fromYear, toYear].join(' ');
  const before = kept.get(key);
  if (before) return before;
  const calendar = calendarFor(where);
  const found = new Map<DayNumber, string>();
  for (let year = fromYear; year <= toYear; year++)
    for (const { date, start, end, name, type } of calendar.getHolidays(year, 'en')) {
      if (type !== 'public') continue;
      const first = plainDate(date.slice(0, 10));
      const days = Math.max(1, Math.round((end.getTime() - start.getTime()) / 86_400_000));
      for (let n = 0; n < days; n++)
        found.set(toDayNumber(addDays(first, n)), spelled(name, where).replace(SUBSTITUTE, ''));
    }
  const holidays = [...found].map(([on, name]) => ({ on, name })).sort((a, b) => a.on - b.on);
  kept.set(key, holidays);
  return holidays;
}

/**
 * The days of a country that people know by name, whether they are free or not, each on its own day and of
 * several days the first, in order.
 */
export function knownDays(where: Where, year: number): Holiday[] {
  if (!where.country) return [];
  return calendarFor(where)
    .getHolidays(year, 'en')
    .filter(({ type, name }) => type !== 'school' && !name.endsWith(SUBSTITUTE))
    .map(({ date, name }) => ({
      on: toDayNumber(plainDate(date.slice(0, 10))),
      name: spelled(name, where),
    }));
}

/** Years around today for which holidays are known to the plan: the last, and five to come. */
const YEARS_BEFORE = 1;
const YEARS_AFTER = 5;

/** Public holidays that are days off, around a day. */
export function holidaysOff(
  { country, region, holidaysWorked }: Where & { holidaysWorked: readonly string[] },
  today: DayNumber,
): Holiday[] {
  const { year } = partsOf(today);
  return publicHolidays({ country, region }, year - YEARS_BEFORE, year + YEARS_AFTER).filter(
    ({ name }) => !holidaysWorked.includes(name),
  );
}
