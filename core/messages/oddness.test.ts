import { oddnessOf } from './oddness';

const ana = {
  givenName: 'Ana',
  familyName: 'Lind',
  home: 1,
  families: 1,
  nameLength: 8,
  yearless: false,
};

test.each([
  [{}, null],
  [{ givenName: '' }, 'no first name'],
  // Of several the oddest counts.
  [{ givenName: '', home: 2 }, 'no first name'],
  [{ familyName: '', nameLength: 40 }, 'no family name'],
  [{ home: 4 }, 'home of 4'],
  [{ nameLength: 40, home: 2 }, 'a long name'],
  [{ home: 2 }, 'a couple'],
  [{ home: 2, families: 2 }, 'a couple with two names'],
  [{ yearless: true }, 'a birthday without its year'],
])('%j: %s', (change, odd) => expect(oddnessOf({ ...ana, ...change }).odd).toBe(odd));

test('the oddest stand first, those like most last', () => {
  const readers = [ana, { ...ana, home: 2 }, { ...ana, givenName: '' }].map(oddnessOf);
  expect(readers.sort((a, b) => a.rank - b.rank).map(({ odd }) => odd)).toEqual([
    'no first name',
    'a couple',
    null,
  ]);
});
