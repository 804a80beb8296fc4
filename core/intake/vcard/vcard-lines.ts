import { need } from '@/core/need';

import { decode, fromMacRoman, fromWindows1252 } from '../table/decode';

/** Types that say how something is sent, or that it is preferred. */
export const NO_LABEL = new Set(
  'pref internet voice text x400 dom intl postal parcel msg'.split(' '),
);
/** Types of the standards (RFC 2426 3.2 and 3.3, RFC 6350 5.6 and 6.4), whose case means nothing. */
export const STANDARD = new Set(
  'home work cell fax pager video textphone bbs modem car isdn pcs'.split(' '),
);

const isType = (word: string) =>
  NO_LABEL.has(word.toLowerCase()) || STANDARD.has(word.toLowerCase());

/** One content line of a vCard (RFC 6350, 3.3): [group.]NAME;PARAM=value:value. */
export interface CardLine {
  group: string;
  name: string;
  /** Upper-case names; a TYPE without its name (vCard 2.1) counts as TYPE. */
  params: ReadonlyMap<string, string[]>;
  value: string;
}

export interface RawCard {
  /** Counted from 1 in the file. */
  card: number;
  lines: CardLine[];
  /** Whether it ended with END:VCARD. */
  complete: boolean;
}

/** Lines that begin with a space or a tab go on from the line before (RFC 6350, 3.2). */
function unfold(text: string): string[] {
  const lines: string[] = [];
  for (const line of text.split(/\r\n|\r|\n/)) {
    const before = lines.at(-1);
    // Quoted-printable text of vCard 2.1 breaks after an equals sign instead.
    if (before?.endsWith('=') && /;ENCODING=QUOTED-PRINTABLE/i.test(before))
      lines[lines.length - 1] = before.slice(0, -1) + line;
    else if (/^[ \t]/.test(line) && before !== undefined)
      lines[lines.length - 1] = before + line.slice(1);
    else lines.push(line);
  }
  return lines;
}

/** Cuts at `sign` outside of double quotes. */
function cut(text: string, sign: string): string[] {
  const parts = [''];
  let quoted = false;
  for (const char of text) {
    if (char === '"') quoted = !quoted;
    if (char === sign && !quoted) parts.push('');
    else parts[parts.length - 1] += char;
  }
  return parts;
}

/** Parameter values may hide quotes and line ends behind a caret (RFC 6868). */
const uncaret = (text: string): string =>
  text.replace(/\^(['n^])/g, (_, sign: string) => need({ "'": '"', n: '\n', '^': '^' }[sign]));

function parseLine(text: string): CardLine | null {
  const [head] = cut(text, ':');
  if (head === undefined || head.length === text.length) return null;
  const [names = '', ...given] = cut(head, ';');
  const dot = names.lastIndexOf('.');
  const params = new Map<string, string[]>();
  for (const param of given) {
    const eq = param.indexOf('=');
    const name = (eq < 0 ? 'TYPE' : param.slice(0, eq)).trim().toUpperCase();
    const values = cut(param.slice(eq + 1), ',')
      .map((v) => uncaret(v.replace(/^"|"$/g, '')))
      // TYPE="voice,home" is a list as well (RFC 6350, 5.6); a label of one's own may hold a comma.
      .flatMap((v) => (name === 'TYPE' && v.split(',').every(isType) ? v.split(',') : [v]));
    params.set(name, [...(params.get(name) ?? []), ...values]);
  }
  return {
    group: dot < 0 ? '' : names.slice(0, dot),
    name: names
      .slice(dot + 1)
      .trim()
      .toUpperCase(),
    params,
    value: decodeQuoted(text.slice(head.length + 1), params),
  };
}

/** Whether a line says that its value is encoded so; version 2.1 may leave the parameter's name out. */
export const isEncoded = ({ params }: Pick<CardLine, 'params'>, as: RegExp): boolean =>
  [...(params.get('ENCODING') ?? []), ...(params.get('TYPE') ?? [])].some((word) => as.test(word));

/**
 * Undoes quoted-printable (RFC 2045, 6.7), in the character set that the line names. A sign that was
 * encoded parts nothing: it comes out escaped.
 */
function decodeQuoted(value: string, params: CardLine['params']): string {
  if (!isEncoded({ params }, /^quoted-printable$/i)) return value;
  const bytes: number[] = [];
  const encoder = new TextEncoder();
  for (let i = 0; i < value.length; i++) {
    const hex = /^=([\da-f]{2})/i.exec(value.slice(i, i + 3));
    if (hex) {
      const byte = Number.parseInt(need(hex[1]), 16);
      if (byte === 0x3b || byte === 0x2c) bytes.push(0x5c);
      bytes.push(byte);
      i += 2;
    } else bytes.push(...encoder.encode(need(value[i])));
  }
  return decodeAs(new Uint8Array(bytes), params.get('CHARSET')?.[0] ?? '');
}

function decodeAs(bytes: Uint8Array, charset: string): string {
  const name = charset.toLowerCase();
  if (/^(windows-1252|cp1252|iso-8859-1|latin1?)$/.test(name)) return fromWindows1252(bytes);
  if (/^(macintosh|macroman)$/.test(name)) return fromMacRoman(bytes);
  try {
    return new TextDecoder(name || 'utf-8', { fatal: true }).decode(bytes);
  } catch {
    return decode(bytes)?.text ?? '';
  }
}

/** The cards of a text. A card that begins before the last one ended closes that one. */
export function readCards(text: string): RawCard[] {
  const cards: RawCard[] = [];
  let open: RawCard | null = null;
  for (const raw of unfold(text)) {
    const line = parseLine(raw);
    if (!line) continue;
    const isCard = line.value.trim().toUpperCase() === 'VCARD';
    if (line.name === 'BEGIN' && isCard) {
      open = { card: cards.length + 1, lines: [], complete: false };
      cards.push(open);
    } else if (line.name === 'END' && isCard) {
      if (open) open.complete = true;
      open = null;
    } else open?.lines.push(line);
  }
  return cards;
}

/** Cuts a structured or listed value at `sign` where it is not escaped, and undoes the escapes. */
export function splitValue(value: string, sign: ';' | ','): string[] {
  const parts = [''];
  for (let i = 0; i < value.length; i++) {
    const char = need(value[i]);
    if (char === '\\' && i + 1 < value.length) parts[parts.length - 1] += char + need(value[++i]);
    else if (char === sign) parts.push('');
    else parts[parts.length - 1] += char;
  }
  return parts;
}

/** Text with its escapes undone (RFC 6350, 3.4). */
export const unescapeText = (text: string): string =>
  text.replace(/\\([\\;,:nN])/g, (_, char: string) => (/n/i.test(char) ? '\n' : char));

/** Text with its signs escaped; semicolons only within structured values, as readers expect. */
export const escapeText = (text: string): string =>
  text.replace(/[\\,]/g, '\\$&').replace(/\r\n|\r|\n/g, '\\n');
export const escapePart = (text: string): string => escapeText(text).replace(/;/g, '\\;');

/**
 * Folds a line so that none is longer than 75 octets, never within a character (RFC 6350, 3.2). A break
 * that nobody escaped before would begin a line of its own: it is a space here.
 */
export function foldLine(unfolded: string): string {
  const line = unfolded.replace(/[\r\n]+/g, ' ');
  const out: string[] = [];
  let current = '';
  let octets = 0;
  for (const char of line) {
    const size = octetsOf(need(char.codePointAt(0)));
    if (octets + size > 75) {
      out.push(current);
      current = ' ';
      octets = 1;
    }
    current += char;
    octets += size;
  }
  return [...out, current].join('\r\n');
}

/** Octets of a character in UTF-8 (RFC 3629, 3). */
const octetsOf = (codePoint: number): number =>
  codePoint < 0x80 ? 1 : codePoint < 0x800 ? 2 : codePoint < 0x10000 ? 3 : 4;
