import { andList, daysAgo, longDate, plainDate, plural, spokenDate, spokenTime } from '.';

const today = plainDate('2026-11-23'); // a Monday

test.each([
  ['2026-11-23', 'today'],
  ['2026-11-24', 'tomorrow'],
  ['2026-11-22', 'yesterday'],
  ['2026-11-26', 'Thursday'],
  ['2026-11-17', 'last Tuesday'],
  ['2026-11-30', 'November 30'],
  ['2027-01-04', 'January 4, 2027'],
])('%s is spoken of as %s', (date, spoken) => {
  expect(spokenDate(plainDate(date), today)).toBe(spoken);
});

test('a day of this week that has passed is not last week’s', () => {
  const wednesday = plainDate('2026-11-25');
  expect(spokenDate(plainDate('2026-11-23'), wednesday)).toBe('this Monday');
  expect(spokenDate(plainDate('2026-11-20'), wednesday)).toBe('last Friday');
});

test.each([
  ['00:05', '12:05 AM'],
  ['08:00', '8:00 AM'],
  ['12:30', '12:30 PM'],
  ['21:45', '9:45 PM'],
])('%s is said as “%s”', (time, said) => {
  expect(spokenTime(time)).toBe(said);
});

test('the year is said only when it is another one', () => {
  expect(longDate(plainDate('2025-12-31'), today)).toBe('December 31, 2025');
});

test.each([
  [[], ''],
  [['Ana'], 'Ana'],
  [['Ana', 'Bo'], 'Ana and Bo'],
  [['Ana', 'Bo', 'Cy'], 'Ana, Bo and Cy'],
])('%j are told as “%s”', (names, told) => {
  expect(andList(names)).toBe(told);
});

test('counts agree in number', () => {
  expect(plural(1, 'person', 'people')).toBe('1 person');
  expect(plural(1200, 'person', 'people')).toBe('1,200 people');
  expect(daysAgo(plainDate('2026-10-13'), today)).toBe('41 days ago');
});
