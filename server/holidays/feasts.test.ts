import Holidays from 'date-holidays';

import { plainDate, toDayNumber, toPlainDate } from '@/core/time';

import { feasts } from '.';

const day = (text: string) => toDayNumber(plainDate(text));
const YEARS = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => from + i);
const allOf = (faith: Parameters<typeof feasts>[0]['faiths'][number], from: number, to: number) =>
  feasts(
    { country: '', region: '', faiths: [faith] },
    day(`${from}-01-01`),
    day(`${to}-12-31`),
  ).map(({ name, on }) => ({ name, on: toPlainDate(on) as string }));
const daysOf = (found: { name: string; on: string }[], name: string) =>
  found.filter((one) => one.name === name).map(({ on }) => on);

// Outside check: the anonymous Gregorian computus (Nature, 1876; Meeus, Astronomical Algorithms, 1991, chapter 8)
// and Meeus's Julian one, turned into the Gregorian calendar; written here by their published steps.
function western(year: number): string {
  const a = year % 19;
  const [b, c] = [Math.floor(year / 100), year % 100];
  const [d, e] = [Math.floor(b / 4), b % 4];
  const f = Math.floor((b + 8) / 25);
  const g = Math.floor((b - f + 1) / 3);
  const h = (19 * a + b - d - g + 15) % 30;
  const [i, k] = [Math.floor(c / 4), c % 4];
  const l = (32 + 2 * e + 2 * i - h - k) % 7;
  const m = Math.floor((a + 11 * h + 22 * l) / 451);
  const n = h + l - 7 * m + 114;
  return `${year}-0${Math.floor(n / 31)}-${String((n % 31) + 1).padStart(2, '0')}`;
}
function eastern(year: number): string {
  const d = (19 * (year % 19) + 15) % 30;
  const e = (2 * (year % 4) + 4 * (year % 7) - d + 34) % 7;
  const n = d + e + 114;
  const julian = `${year}-0${Math.floor(n / 31)}-${String((n % 31) + 1).padStart(2, '0')}`;
  // From March 1900 to February 2100 the Julian calendar is thirteen days behind.
  return toPlainDate(day(julian) + 13);
}

test('Easter of both churches, 1900 to 2099, by the published computi', () => {
  const years = YEARS(1900, 2099);
  expect(daysOf(allOf('christian', 1900, 2099), 'Easter Sunday')).toEqual(years.map(western));
  expect(daysOf(allOf('orthodox', 1900, 2099), 'Orthodox Easter')).toEqual(years.map(eastern));
});

// From published tables of Easter: years in which the two are together, far apart, earliest and latest (from memory).
test.each([
  [1943, '1943-04-25', '1943-04-25'],
  [1954, '1954-04-18', '1954-04-25'],
  [2000, '2000-04-23', '2000-04-30'],
  [2008, '2008-03-23', '2008-04-27'],
  [2017, '2017-04-16', '2017-04-16'],
  [2024, '2024-03-31', '2024-05-05'],
  [2025, '2025-04-20', '2025-04-20'],
  [2026, '2026-04-05', '2026-04-12'],
  [2038, '2038-04-25', '2038-04-25'],
])('Easter in %i', (year, west, east) => {
  expect([western(year), eastern(year)]).toEqual([west, east]);
  expect(daysOf(allOf('christian', year, year), 'Easter Sunday')).toEqual([west]);
  expect(daysOf(allOf('orthodox', year, year), 'Orthodox Easter')).toEqual([east]);
});

/** The days of a year on which a calendar of the runtime (ICU) shows this day and month. */
function inIcu(calendar: string, wanted: { month: string; day: string }, year: number): string[] {
  const format = new Intl.DateTimeFormat(`en-u-ca-${calendar}`, {
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  });
  const found: string[] = [];
  for (let at = day(`${year}-01-01`); at <= day(`${year}-12-31`); at++) {
    const parts = format.formatToParts(new Date(at * 86_400_000));
    const part = (type: string) => parts.find((one) => one.type === type)?.value;
    if (part('day') === wanted.day && part('month') === wanted.month) found.push(toPlainDate(at));
  }
  return found;
}

// Outside check: the calendars of the JavaScript runtime itself (ICU).
test.each([
  ['Rosh Hashanah', { month: 'Tishri', day: '1' }],
  ['Passover', { month: 'Nisan', day: '15' }],
  ['Hanukkah', { month: 'Kislev', day: '25' }],
])('%s, 2020 to 2050, as the runtime has it', (name, wanted) => {
  const ours = daysOf(allOf('jewish', 2020, 2050), name);
  expect(ours).toEqual(YEARS(2020, 2050).flatMap((year) => inIcu('hebrew', wanted, year)));
});

test('Purim is in the second Adar where there are two, as the runtime has it', () => {
  const theirs = YEARS(2020, 2050).flatMap((year) => [
    ...inIcu('hebrew', { month: 'Adar', day: '14' }, year),
    ...inIcu('hebrew', { month: 'Adar II', day: '14' }, year),
  ]);
  expect(daysOf(allOf('jewish', 2020, 2050), 'Purim')).toEqual(theirs);
});

// Outside check: the tables of the holiday library, by others. To 2029 they are the same; from then on its
// months begin a day earlier now and then, as predictions of the moon differ.
test.each([
  ['Islamic New Year', '1 Muharram'],
  ['Ashura', '10 Muharram'],
  ['Mawlid', '12 Rabi al-awwal'],
  ['Eid al-Fitr', '1 Shawwal'],
  ['Eid al-Adha', '10 Dhu al-Hijjah'],
])('%s, 2015 to 2070, beside a second library', (name, rule) => {
  const library = new Holidays('US');
  library.setHoliday(rule, { name: { en: name }, type: 'observance' });
  const theirs = YEARS(2015, 2070).flatMap((year) =>
    library
      .getHolidays(year, 'en')
      .filter((one) => one.name === name)
      .map((one) => one.date.slice(0, 10)),
  );
  const ours = daysOf(allOf('muslim', 2015, 2070), name);
  expect(ours).toHaveLength(theirs.length);
  expect(ours.filter((on) => on < '2030')).toEqual(theirs.filter((on) => on < '2030'));
  for (const [i, on] of ours.entries())
    expect(Math.abs(day(on) - day(theirs[i]!))).toBeLessThanOrEqual(1);
});

// Announced in Saudi Arabia (from memory).
test.each([
  ['Eid al-Fitr', '2024-04-10'],
  ['Eid al-Adha', '2024-06-16'],
  ['Eid al-Fitr', '2025-03-30'],
  ['Eid al-Adha', '2025-06-06'],
])('%s was on %s', (name, on) => expect(daysOf(allOf('muslim', 2024, 2025), name)).toContain(on));

test('the Lunar New Year, 2020 to 2050, as the runtime has it but for two years', () => {
  const ours = daysOf(allOf('chinese', 2020, 2050), 'Lunar New Year');
  const theirs = YEARS(2020, 2050).flatMap((year) =>
    inIcu('chinese', { month: 'First Month', day: '1' }, year),
  );
  // In these the new moon falls within minutes of midnight in Beijing. The calendars of the Hong Kong
  // Observatory have 6 February 2027 and 3 February 2030 (from memory), as we do.
  const published = new Map([
    ['2027-02-07', '2027-02-06'],
    ['2030-02-02', '2030-02-03'],
  ]);
  expect(ours).toEqual(theirs.map((on) => published.get(on) ?? on));
});

test('a feast that comes twice in one year is told apart, and an unknown country has none', () => {
  const twice = feasts(
    { country: '', region: '', faiths: ['muslim'] },
    day('2008-01-01'),
    day('2008-12-31'),
  );
  expect(twice.filter(({ name }) => name === 'Islamic New Year').map(({ turn }) => turn)).toEqual([
    1, 2,
  ]);
  expect(
    feasts({ country: 'QQ', region: '', faiths: [] }, day('2026-01-01'), day('2026-12-31')),
  ).toEqual([]);
  expect(new Holidays().getCountries()).not.toHaveProperty('QQ');
});

// Common practice, no source: the lanterns are lit on the fifteenth day of the first month.
test('the Lantern Festival ends the first fortnight of the lunar year', () => {
  const found = allOf('chinese', 2020, 2050);
  const plus14 = daysOf(found, 'Lunar New Year').map((on) => toPlainDate(day(on) + 14));
  expect(daysOf(found, 'Lantern Festival')).toEqual(plus14);
});
