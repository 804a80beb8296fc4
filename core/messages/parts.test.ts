import fc from 'fast-check';
import { split } from 'split-sms';

import { countParts, inPlainSigns } from './parts';

const parts = (text: string) => {
  const { alphabet, parts: n, left } = countParts(text);
  return [alphabet, n, left];
};
const a = (n: number) => 'a'.repeat(n);
const EMOJI = '\u{1F600}';

// The lengths of 3GPP TS 23.038 and 23.040: 160 septets alone and 153 joined, 70 and 67 of 16 bits.
test.each([
  ['nothing', '', ['7-bit', 0, 160]],
  ['one', 'a', ['7-bit', 1, 159]],
  ['160', a(160), ['7-bit', 1, 0]],
  ['161', a(161), ['7-bit', 2, 145]],
  ['153·2', a(306), ['7-bit', 2, 0]],
  ['153·2 + 1', a(307), ['7-bit', 3, 152]],
  ['an extension character takes two', `${a(158)}€`, ['7-bit', 1, 0]],
  ['one that does not fit alone', `${a(159)}€`, ['7-bit', 2, 145]],
  // 152 and an escape would part it: the first part stays a septet short.
  ['one at the edge of a part', `${a(152)}€${a(152)}`, ['7-bit', 3, 152]],
  ['70 of 16 bits', 'я'.repeat(70), ['16-bit', 1, 0]],
  ['71', 'я'.repeat(71), ['16-bit', 2, 63]],
  ['67·2', 'я'.repeat(134), ['16-bit', 2, 0]],
  ['67·2 + 1', 'я'.repeat(135), ['16-bit', 3, 66]],
  ['a pair takes two', EMOJI.repeat(35), ['16-bit', 1, 0]],
  ['a pair at the edge of a part', `${'я'.repeat(66)}${EMOJI}${'я'.repeat(66)}`, ['16-bit', 3, 66]],
])('%s', (_, text, counted) => expect(parts(text)).toEqual(counted));

test('an independent library counts the same', () => {
  const char = fc.constantFrom('a', 'Z', '€', '[', '\n', 'é', 'я', EMOJI, '’', ' ', '\u00e7');
  fc.assert(
    fc.property(fc.array(char, { maxLength: 500 }), fc.boolean(), (chars, plain) => {
      const text = chars.filter((c) => !plain || /[aZ€[\né ]/.test(c)).join('');
      const other = split(text);
      const ours = countParts(text);
      // It counts nothing as one part, and parts pairs of surrogates as units as well.
      if (text === '') return;
      expect([ours.alphabet === '7-bit' ? 'GSM' : 'Unicode', ours.parts]).toEqual([
        other.characterSet,
        other.parts.length,
      ]);
    }),
    { numRuns: 500 },
  );
});

test('the characters that need 16 bits are named, each with what would do in its place', () => {
  expect(countParts('“Café” – ça va… 🎉 ok ő').forcing).toEqual([
    { char: '“', plain: '"' },
    { char: '”', plain: '"' },
    { char: '–', plain: '-' },
    { char: 'ç', plain: 'c' },
    { char: '…', plain: '...' },
    { char: '🎉', plain: null },
    { char: 'ő', plain: 'o' },
  ]);
  expect(inPlainSigns('“Café” – ça va… 🎉')).toBe('"Café" - ca va... 🎉');
  expect(countParts(inPlainSigns('“Café” – ça va…')).alphabet).toBe('7-bit');
});

// 3GPP TS 23.038: the two tables have 127 characters beside the escape, and 10.
test('the alphabet is whole', () => {
  const all = Array.from({ length: 0x2200 }, (_, i) => String.fromCharCode(i));
  const sevenBit = all.filter((char) => countParts(char).alphabet === '7-bit');
  expect(sevenBit).toHaveLength(127 + 10);
  expect(sevenBit.filter((char) => countParts(char).units === 2)).toHaveLength(10);
});
