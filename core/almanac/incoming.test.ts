import { readSummary } from '.';

// How calendars of several makers and languages write such days: common practice, no source.
test.each([
  ['Rosa Lind’s birthday', ['Rosa Lind'], 'birthday', null],
  ["Rosa Lind's 46th birthday", ['Rosa Lind'], 'birthday', null],
  ['Birthday: Rosa Lind', ['Rosa Lind'], 'birthday', null],
  ['Birthday of Rosa Lind (1980)', ['Rosa Lind'], 'birthday', 1980],
  ['🎂 Rosa Lind', ['Rosa Lind'], 'birthday', null],
  ['Rosa Lind: birthday (1976)', ['Rosa Lind'], 'birthday', 1976],
  ['Happy Birthday Rosa', ['Rosa'], 'birthday', null],
  ['Geburtstag von Änne Groß', ['Änne Groß'], 'birthday', null],
  ['Änne Groß hat Geburtstag', ['Änne Groß'], 'birthday', null],
  ['Cumpleaños de José Díaz', ['José Díaz'], 'birthday', null],
  ['Anniversaire de Zoé', ['Zoé'], 'birthday', null],
  ['Wedding: Dana & Lee Marsh', ['Dana Marsh', 'Lee Marsh'], 'wedding', null],
  ['Dana and Lee Marsh wedding anniversary', ['Dana Marsh', 'Lee Marsh'], 'wedding', null],
  ['Dana Marsh & Lee Rook: wedding (2001)', ['Dana Marsh', 'Lee Rook'], 'wedding', 2001],
  ['Rosa Lind: moved in (2011)', ['Rosa Lind'], 'moved in', 2011],
])('%s', (summary, who, name, year) => expect(readSummary(summary)).toEqual({ who, name, year }));

test('what names no occasion is none, unless its event says that it is a birthday', () => {
  expect(readSummary('Dentist')).toBeNull();
  expect(readSummary('')).toBeNull();
  expect(readSummary('Rosa Lind', true)).toEqual({
    who: ['Rosa Lind'],
    name: 'birthday',
    year: null,
  });
});
