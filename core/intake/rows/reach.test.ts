import { getCountries, getExampleNumber } from 'libphonenumber-js';
import examples from 'libphonenumber-js/examples.mobile.json';

import { plainDate } from '@/core/time';

import { readTypedLine } from '../typed/line';
import { readEmail, readLink, readPhone } from './reach';
import { readImportFile } from '../read-file';

// libphonenumber's own example of a number for each country that it knows: E.164, and as people write it.
test.each(getCountries())('the example number of %s', (country) => {
  const number = getExampleNumber(country, examples)!;
  expect(readPhone(number.number)).toBe(number.number);
  expect(readPhone(number.formatInternational())).toBe(number.number);
  expect(readPhone(number.formatNational(), country)).toBe(number.number);
});

test.each([
  ['555-0142', '555-0142'],
  ['503–555–0142', '+15035550142'],
  ['\u202A+1 503 555 0142\u202C', '+15035550142'],
  ['(503) 555-0142 ext. 7', '(503) 555-0142 ext. 7'],
  ['tel:+15035550142', '+15035550142'],
  ['00012-1234x', null],
  ['soon', null],
  ['12345', null],
])('the phone %j', (text, kept) => expect(readPhone(text)).toBe(kept));

test.each([
  ['mailto:Rosa@Example.COM', 'Rosa@example.com'],
  ['\u200Brosa@example.com\u00A0', 'rosa@example.com'],
  ['rosa@example', null],
])('the e-mail %j', (text, kept) => expect(readEmail(text)).toBe(kept));

test.each([
  ['example.com/rosa', 'https://example.com/rosa'],
  ['javascript:alert(1)', null],
  ['not a link', null],
])('the link %j', (text, kept) => expect(readLink(text)).toBe(kept));

// libphonenumber's example of a German mobile number, as it is written there.
describe('numbers of the owner’s country, by every way in', () => {
  const [written, whole] = ['01512 3456789', '+4915123456789'];
  const read = async (content: string, pasted = false) => {
    const task = { bytes: Buffer.from(content), pasted, mapping: null, own: [] };
    const today = plainDate('2026-11-23');
    const result = await readImportFile({ ...task, today, country: 'DE' });
    return result.ok && result.file.people.map(({ fields }) => fields.phones[0]?.value);
  };
  test.each([
    ['a table', `First name,Mobile,Partner first name\nAna,${written},Bo`, false],
    ['a card', `BEGIN:VCARD\nVERSION:4.0\nFN:Ana Lind\nTEL:${written}\nEND:VCARD`, false],
    ['a pasted list', `Ana Lind ${written}`, true],
  ])('%s', async (_, content, pasted) => expect(await read(content, pasted)).toEqual([whole]));
  test('a typed line', () =>
    expect(readTypedLine(`Ana Lind, ${written}`, {}, { country: 'DE' }).draft.phones).toEqual([
      { value: whole, label: '' },
    ]));
});
