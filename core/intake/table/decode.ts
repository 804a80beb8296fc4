import { need } from '@/core/need';

export type Encoding = 'UTF-8' | 'UTF-16' | 'Windows-1252' | 'MacRoman' | 'UTF-8 and Windows-1252';

/**
 * The characters of Windows-1252 between 0x80 and 0x9F (WHATWG Encoding Standard, index-windows-1252);
 * the five that it leaves open are the controls of Latin-1. Runtimes differ in reading these, so they are ours.
 */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008DŽ\u008F\u0090‘’“”•–—˜™š›œ\u009DžŸ';

/** MacRoman from 0x80 on (WHATWG Encoding Standard, index-macintosh). */
const MAC_ROMAN =
  'ÄÅÇÉÑÖÜáàâäãåçéèêëíìîïñóòôöõúùûü†°¢£§•¶ß®©™´¨≠ÆØ∞±≤≥¥µ∂∑∏π∫ªºΩæø¿¡¬√ƒ≈∆«»…\u00A0ÀÃÕŒœ–—“”‘’÷◊ÿŸ⁄€‹›ﬁﬂ‡·‚„‰ÂÊÁËÈÍÎÏÌÓÔ\uF8FFÒÚÛÙıˆ˜¯˘˙˚¸˝˛ˇ';

/** Bytes as text by a table that says what stands from 0x80 on; Latin-1 beyond its end. */
function byTable(bytes: Uint8Array, table: string): string {
  const units = new Uint16Array(bytes.length);
  bytes.forEach((byte, i) => {
    units[i] = byte >= 0x80 && byte - 0x80 < table.length ? table.charCodeAt(byte - 0x80) : byte;
  });
  return new TextDecoder('utf-16le').decode(units);
}

export const fromWindows1252 = (bytes: Uint8Array): string => byTable(bytes, WINDOWS_1252);
export const fromMacRoman = (bytes: Uint8Array): string => byTable(bytes, MAC_ROMAN);

function asUtf8(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

const LETTER = /\p{L}/u;
const LOWER = /\p{Ll}/u;

/** How much a text looks like one that people wrote: letters among letters, signs where signs stand. */
function likeliness(text: string): number {
  let score = 0;
  for (const { 0: char, index: at } of text.matchAll(/[^\x00-\x7f]/gu)) {
    const [before, after] = [text[at - 1] ?? ' ', text[at + char.length] ?? ' '];
    const beside = Number(LETTER.test(before)) + Number(LETTER.test(after));
    if (LOWER.test(char)) score += beside > 0 ? 1 : -1;
    else if (LETTER.test(char)) score += LOWER.test(before) ? -2 : 1;
    else if ('‘’'.includes(char)) score += beside > 0 ? 1 : 0;
    else if ('“”–—…€•°£§©®™«»¿¡´\u00a0'.includes(char)) score += beside === 2 ? -1 : 1;
    else score -= beside > 0 ? 2 : 1;
  }
  return score;
}

/** UTF-16 without a mark has a zero beside nearly every letter, always on the same side. */
function utf16WithoutMark(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  const zeros = [0, 0];
  const most = Math.min(bytes.length, 10_000);
  for (let i = 0; i < most; i++) if (bytes[i] === 0) zeros[i % 2] = need(zeros[i % 2]) + 1;
  const [even = 0, odd = 0] = zeros;
  if (odd > most * 0.3 && even < most * 0.02) return 'utf-16le';
  return even > most * 0.3 && odd < most * 0.02 ? 'utf-16be' : null;
}

export interface Decoded {
  text: string;
  encoding: Encoding;
  /** Lines, from 1, that are written otherwise than the rest. */
  otherwise: number[];
}

/**
 * Decodes bytes: by their mark, else as UTF-8 if they are, else line by line where a part of them is,
 * else as Windows-1252 or, where that reads plainly better, MacRoman. Null when they are no text at all.
 */
export function decode(bytes: Uint8Array): Decoded | null {
  const [a, b] = bytes;
  const utf16 =
    a === 0xff && b === 0xfe
      ? 'utf-16le'
      : a === 0xfe && b === 0xff
        ? 'utf-16be'
        : utf16WithoutMark(bytes);
  if (utf16)
    return { text: new TextDecoder(utf16).decode(bytes), encoding: 'UTF-16', otherwise: [] };
  let zeros = 0;
  for (const byte of bytes) if (byte === 0) zeros += 1;
  if (zeros > bytes.length * 0.01 && zeros > 1) return null;
  const text = asUtf8(bytes);
  if (text !== null) return { text, encoding: 'UTF-8', otherwise: [] };
  return lineByLine(bytes) ?? eightBits(bytes);
}

function eightBits(bytes: Uint8Array): Decoded {
  const windows = fromWindows1252(bytes);
  const mac = fromMacRoman(bytes);
  return likeliness(mac) > likeliness(windows)
    ? { text: mac, encoding: 'MacRoman', otherwise: [] }
    : { text: windows, encoding: 'Windows-1252', otherwise: [] };
}

/** A file put together from two: some lines are UTF-8 beyond ASCII, others are not. */
function lineByLine(bytes: Uint8Array): Decoded | null {
  const lines: { text: string; kind: 'ascii' | 'utf8' | 'other' }[] = [];
  for (let from = 0; from <= bytes.length;) {
    const end = bytes.indexOf(10, from);
    const line = bytes.subarray(from, end < 0 ? bytes.length : end);
    const ascii = line.every((byte) => byte < 0x80);
    const utf8 = ascii ? null : asUtf8(line);
    lines.push({
      text: utf8 ?? fromWindows1252(line),
      kind: ascii ? 'ascii' : utf8 === null ? 'other' : 'utf8',
    });
    if (end < 0) break;
    from = end + 1;
  }
  const count = (kind: string) => lines.filter((line) => line.kind === kind).length;
  const [utf8, other] = [count('utf8'), count('other')];
  if (utf8 === 0) return null;
  const rarer = other <= utf8 ? 'other' : 'utf8';
  return {
    text: lines.map(({ text }) => text).join('\n'),
    encoding: 'UTF-8 and Windows-1252',
    otherwise: lines.flatMap(({ kind }, i) => (kind === rarer ? [i + 1] : [])),
  };
}
