import Holidays from 'date-holidays';

import type { Faith } from '@/core/almanac';
import {
  addDays,
  dayNumberOf,
  islamicDay,
  partsOf,
  plainDate,
  toDayNumber,
  type DayNumber,
} from '@/core/time';

import { knownDays, type Holiday, type Where } from './holidays';

/** A feast by a rule of the holiday library, and days after it. */
type Rule = readonly [name: string, rule: string, plus?: number];

/**
 * The feasts that people greet each other on, but for the Islamic ones. Hebrew days by the library's tables, to
 * 2100; their day is the one after the evening on which they begin.
 */
const FEASTS: Record<Exclude<Faith, 'muslim'>, readonly Rule[]> = {
  christian: [
    ['Epiphany', '01-06'],
    ['Ash Wednesday', 'easter -46'],
    ['Palm Sunday', 'easter -7'],
    ['Good Friday', 'easter -2'],
    ['Easter Sunday', 'easter'],
    ['Ascension Day', 'easter 39'],
    ['Pentecost', 'easter 49'],
    ['All Saints’ Day', '11-01'],
    ['First Sunday of Advent', '4th sunday before 12-25'],
    ['Christmas Eve', '12-24'],
    ['Christmas Day', '12-25'],
  ],
  orthodox: [
    ['Orthodox Christmas', '01-07'],
    ['Orthodox Good Friday', 'orthodox -2'],
    ['Orthodox Easter', 'orthodox'],
    ['Orthodox Pentecost', 'orthodox 49'],
  ],
  jewish: [
    // Thirty days before Passover, also in years with two months of Adar.
    ['Purim', '15 Nisan', -30],
    ['Passover', '15 Nisan'],
    ['Shavuot', '6 Sivan'],
    ['Rosh Hashanah', '1 Tishrei'],
    ['Yom Kippur', '10 Tishrei'],
    ['Sukkot', '15 Tishrei'],
    ['Simchat Torah', '23 Tishrei'],
    ['Hanukkah', '25 Kislev'],
  ],
  chinese: [
    ['Lunar New Year', 'chinese 01-0-01'],
    // By its own rule the library has it a day early now and then.
    ['Lantern Festival', 'chinese 01-0-01', 14],
    ['Dragon Boat Festival', 'chinese 05-0-05'],
    ['Mid-Autumn Festival', 'chinese 08-0-15'],
    ['Double Ninth Festival', 'chinese 09-0-09'],
  ],
};

/**
 * The Islamic ones, by month and day of the calendar of Umm al-Qura as the runtime has it (ICU, from the tables
 * that are published there): where the moon is looked for, they may be a day off.
 */
const ISLAMIC: Readonly<Record<string, string>> = {
  '1/1': 'Islamic New Year',
  '1/10': 'Ashura',
  '3/12': 'Mawlid',
  '9/1': 'First day of Ramadan',
  '10/1': 'Eid al-Fitr',
  '12/10': 'Eid al-Adha',
};

function islamic(year: number): Holiday[] {
  const found: Holiday[] = [];
  const last = dayNumberOf({ year, month: 12, day: 31 });
  for (let on = dayNumberOf({ year, month: 1, day: 1 }); on <= last; on++) {
    const name = ISLAMIC[islamicDay(on)];
    if (name) found.push({ on, name });
  }
  return found;
}

const kept = new Map<string, readonly Holiday[]>();

/** Worked out once: rules of feasts are slow. */
function once(key: string, reckon: () => readonly Holiday[]): readonly Holiday[] {
  const found = kept.get(key) ?? reckon();
  kept.set(key, found);
  return found;
}

const ofCountry = (where: Where, year: number) =>
  once(`${where.country} ${where.region} ${year}`, () => knownDays(where, year));

const ofFaith = (faith: Faith, year: number) =>
  once(`${faith} ${year}`, () => (faith === 'muslim' ? islamic(year) : reckon(faith, year)));

function reckon(faith: keyof typeof FEASTS, year: number): readonly Holiday[] {
  // The library wants a country; of its days none is used.
  const calendar = new Holidays('US');
  const plus = new Map<string, readonly Rule[]>();
  for (const rule of FEASTS[faith]) {
    const [, text] = rule;
    plus.set(text, [...(plus.get(text) ?? []), rule]);
    calendar.setHoliday(text, { name: { en: text }, type: 'observance' });
  }
  return calendar.getHolidays(year, 'en').flatMap(({ date, name: text }) =>
    (plus.get(text) ?? []).map(([name, , days = 0]) => ({
      on: toDayNumber(addDays(plainDate(date.slice(0, 10)), days)),
      name,
    })),
  );
}

/** A holiday or feast that people are greeted on. */
export interface Feast extends Holiday {
  /** 1, or 2 where a moving feast comes twice in one year of the calendar. */
  turn: number;
}

/** The known days where the owner works and the feasts of faiths, from one day to another, in order; each once. */
export function feasts(
  { country, region, faiths }: Where & { faiths: readonly Faith[] },
  from: DayNumber,
  to: DayNumber,
): Feast[] {
  const [first, last] = [partsOf(from).year, partsOf(to).year];
  const all: Holiday[] = [];
  for (let year = first; year <= last; year++) {
    all.push(...ofCountry({ country, region }, year));
    for (const faith of faiths) all.push(...ofFaith(faith, year));
  }
  all.sort((a, b) => a.on - b.on || (a.name < b.name ? -1 : 1));
  const turns = new Map<string, number>();
  const seen = new Set<string>();
  return all.flatMap((one) => {
    const key = `${one.on} ${one.name}`;
    if (seen.has(key)) return [];
    seen.add(key);
    const year = `${partsOf(one.on).year} ${one.name}`;
    const turn = (turns.get(year) ?? 0) + 1;
    turns.set(year, turn);
    return one.on >= from && one.on <= to ? [{ ...one, turn }] : [];
  });
}
