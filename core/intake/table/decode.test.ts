import { decode, fromMacRoman } from '..';

const bytes = (...parts: (string | number)[]) =>
  new Uint8Array(
    parts.flatMap((part) =>
      typeof part === 'number' ? [part] : [...new TextEncoder().encode(part)],
    ),
  );

// WHATWG Encoding Standard, index-windows-1252: the 27 characters between 0x80 and 0x9F.
const TABLE: [number, string][] = [
  [0x80, '\u20AC'],
  [0x82, '\u201A'],
  [0x83, '\u0192'],
  [0x84, '\u201E'],
  [0x85, '\u2026'],
  [0x86, '\u2020'],
  [0x87, '\u2021'],
  [0x88, '\u02C6'],
  [0x89, '\u2030'],
  [0x8a, '\u0160'],
  [0x8b, '\u2039'],
  [0x8c, '\u0152'],
  [0x8e, '\u017D'],
  [0x91, '\u2018'],
  [0x92, '\u2019'],
  [0x93, '\u201C'],
  [0x94, '\u201D'],
  [0x95, '\u2022'],
  [0x96, '\u2013'],
  [0x97, '\u2014'],
  [0x98, '\u02DC'],
  [0x99, '\u2122'],
  [0x9a, '\u0161'],
  [0x9b, '\u203A'],
  [0x9c, '\u0153'],
  [0x9e, '\u017E'],
  [0x9f, '\u0178'],
];

test.each(TABLE)('Windows-1252: 0x%s is %s', (byte, char) => {
  // Enough of it that nobody takes it for another eight-bit encoding.
  const read = decode(bytes('Ren', 0xe9, 'e, Andr', 0xe9, ', Zo', 0xeb, ' ', byte))!;
  expect(read.text).toBe(`Renée, André, Zoë ${char}`);
  expect(read.encoding).toBe('Windows-1252');
});

test('an apostrophe and a euro sign alone are Windows-1252', () => {
  expect(decode(bytes('O', 0x92, 'Brien'))!.text).toBe('O’Brien');
  expect(decode(bytes(0x80, ' 500 ', 0x96, ' 700'))!.text).toBe('€ 500 – 700');
});

// MacRoman (WHATWG index-macintosh): é 0x8E, ü 0x9F, ñ 0x96, ö 0x9A.
test('MacRoman is told by its words', () => {
  const read = decode(bytes('Ren', 0x8e, 'e M', 0x9f, 'ller, Mu', 0x96, 'oz'))!;
  expect([read.text, read.encoding]).toEqual(['Renée Müller, Muñoz', 'MacRoman']);
});

test('the same table as the runtime has for MacRoman', () => {
  const high = Uint8Array.from({ length: 128 }, (_, i) => 128 + i);
  expect(fromMacRoman(high)).toBe(new TextDecoder('macintosh').decode(high));
});

test('UTF-16 without a mark, either way round', () => {
  const units = [...'Name\nŁucja Lind'].map((char) => char.charCodeAt(0));
  const le = Uint8Array.from(units.flatMap((unit) => [unit & 255, unit >> 8]));
  const be = Uint8Array.from(units.flatMap((unit) => [unit >> 8, unit & 255]));
  expect(decode(le)).toMatchObject({ encoding: 'UTF-16', text: 'Name\nŁucja Lind' });
  expect(decode(be)).toMatchObject({ encoding: 'UTF-16', text: 'Name\nŁucja Lind' });
});

test('a file put together of two encodings is read line by line, and the odd lines are told', () => {
  const read = decode(bytes('Name\nJosé\nZoë\nAndr', 0xe9, '\n'))!;
  expect(read.text).toBe('Name\nJosé\nZoë\nAndré\n');
  expect(read.otherwise).toEqual([4]);
});
