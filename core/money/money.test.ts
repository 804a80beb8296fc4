import fc from 'fast-check';

import { minorUnits, moneyText, readMoney, writeMoney, type Writing } from '.';

const DOLLARS = { currency: 'USD', locale: 'en-US' };
const EUROS = { currency: 'EUR', locale: 'de-DE' };
const YEN = { currency: 'JPY', locale: 'ja-JP' };
const DINARS = { currency: 'KWD', locale: 'en-KW' };

// ISO 4217, table A.1: minor units 2 for USD and EUR, 0 for JPY, 3 for KWD.
test.each([
  [DOLLARS, 100],
  [EUROS, 100],
  [YEN, 1],
  [DINARS, 1000],
])('%j has %d minor units', (writing, units) => expect(minorUnits(writing)).toBe(units));

test.each<[string, Writing, number | null | undefined]>([
  ['1,250.50', DOLLARS, 125_050],
  ['$ 1250', DOLLARS, 125_000],
  ['.5', DOLLARS, 50],
  ['1.250,50 €', EUROS, 125_050],
  ['1250,5', EUROS, 125_050],
  ['￥1,250', YEN, 1_250],
  ['1250.125', DINARS, 1_250_125],
  ['', DOLLARS, null],
  ['  ', DOLLARS, null],
  ['12.345', DOLLARS, undefined],
  ['12.5', YEN, undefined],
  ['about 12', DOLLARS, undefined],
  ['-5', DOLLARS, undefined],
  ['$', DOLLARS, undefined],
  ['1.2.3', DOLLARS, undefined],
])('%j of %j is %p', (text, writing, minor) => expect(readMoney(text, writing)).toBe(minor));

test('what is written, or put into a field, is read again', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 1_000_000_000 }),
      fc.constantFrom(DOLLARS, EUROS, YEN, DINARS),
      (minor, writing) => {
        expect(readMoney(writeMoney(minor, writing), writing)).toBe(minor);
        expect(readMoney(moneyText(minor, writing), writing)).toBe(minor);
      },
    ),
  );
  expect(writeMoney(125_050, DOLLARS, { whole: true })).toBe('$1,251');
  expect(moneyText(125_000, DOLLARS)).toBe('1250');
});
