/** The characters of the 7-bit default alphabet (3GPP TS 23.038, 6.2.1), each of one septet. */
const BASIC = new Set(
  '@£$¥èéùìòÇ\nØø\rÅåΔ_ΦΓΛΩΠΨΣΘΞÆæßÉ !"#¤%&\'()*+,-./0123456789:;<=>?¡ABCDEFGHIJKLMNOPQRSTUVWXYZÄÖÑÜ§¿abcdefghijklmnopqrstuvwxyzäöñüà',
);
/** Those of its extension table (6.2.1.1): an escape and one more septet, which are never parted. */
const EXTENSION = new Set('\f^{}\\[~]|€');

/** What a part holds: alone, and as one of several, whose header takes its room (3GPP TS 23.040, 9.2.3.24.1). */
const ROOM = {
  '7-bit': { alone: 160, joined: 153 },
  '16-bit': { alone: 70, joined: 67 },
} as const;

export type Alphabet = keyof typeof ROOM;

export interface TextParts {
  alphabet: Alphabet;
  parts: number;
  /** Septets, or units of 16 bits, that the text takes. */
  units: number;
  /** How many more the last part holds. */
  left: number;
  /** Each character that needs the 16-bit alphabet, once, and what would do in its place; null for nothing. */
  forcing: { char: string; plain: string | null }[];
}

/** What is written in the 7-bit alphabet instead, where that is not the letter without its accent. */
const PLAIN: Readonly<Record<string, string>> = {
  '“': '"', '”': '"', '„': '"', '«': '"', '»': '"', '‘': "'", '’': "'", '‚': "'", '`': "'", '´': "'",
  '–': '-', '—': '-', '‑': '-', '−': '-', '…': '...', '•': '-', '·': '-', '\u00a0': ' ', '\u202f': ' ',
  '\t': ' ', '\u200b': '', '×': 'x', '™': '(TM)', '©': '(c)', '®': '(R)', ç: 'c', ł: 'l', Ł: 'L', đ: 'd',
}; // prettier-ignore

const isSevenBit = (text: string): boolean =>
  [...text].every((char) => BASIC.has(char) || EXTENSION.has(char));

function plainFor(char: string): string | null {
  const known = PLAIN[char];
  if (known !== undefined) return known;
  const bare = char.normalize('NFD').replace(/\p{M}/gu, '');
  return bare !== '' && bare !== char && isSevenBit(bare) ? bare : null;
}

/** The same words in the 7-bit alphabet, as far as something does in the place of each character. */
export const inPlainSigns = (text: string): string =>
  [...text].map((char) => (isSevenBit(char) ? char : (plainFor(char) ?? char))).join('');

/**
 * How a text message is counted: in septets of the 7-bit alphabet where that has all its characters, else
 * in units of 16 bits (UCS-2); in parts where it is longer than one. Neither an extension character nor a
 * surrogate pair is parted, so a part may stay a unit short.
 */
export function countParts(text: string): TextParts {
  const chars = [...text];
  const forcing = [...new Set(chars.filter((char) => !isSevenBit(char)))];
  const alphabet: Alphabet = forcing.length > 0 ? '16-bit' : '7-bit';
  const unitsOf = (char: string) =>
    alphabet === '16-bit' ? char.length : EXTENSION.has(char) ? 2 : 1;
  const units = chars.reduce((sum, char) => sum + unitsOf(char), 0);
  const { alone, joined } = ROOM[alphabet];
  const told = { alphabet, forcing: forcing.map((char) => ({ char, plain: plainFor(char) })) };
  if (units <= alone) return { ...told, units, parts: units > 0 ? 1 : 0, left: alone - units };
  let [parts, filled] = [1, 0];
  for (const char of chars) {
    const more = unitsOf(char);
    if (filled + more > joined) [parts, filled] = [parts + 1, 0];
    filled += more;
  }
  return { ...told, units, parts, left: joined - filled };
}
