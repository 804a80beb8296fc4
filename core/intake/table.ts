import Papa from 'papaparse';

import { figure } from '@/core/time';

import { readEmail, readPhone } from './reach';

/** A delimited text file as cells, with where each row stood in the file. */
export interface Table {
  encoding: 'UTF-8' | 'UTF-16' | 'Windows-1252';
  delimiter: string;
  header: string[];
  rows: { row: number; cells: string[] }[];
  /** Rows that can't be read, counted from 1 with the header. */
  faults: { row: number; why: string }[];
}

export const MAX_ROWS = 50_000;
/** Separators and quotes in one line: more than any list of people has; a file of nothing else has millions. */
export const MAX_SIGNS = 50_000;

export type TableFault =
  | { reason: 'empty' }
  | { reason: 'not_text' }
  | { reason: 'open_quote'; row: number }
  | { reason: 'too_many_rows'; rows: number }
  | { reason: 'too_many_signs'; row: number }
  | { reason: 'only_header' };

export function tableFaultSentence(fault: TableFault): string {
  switch (fault.reason) {
    case 'empty':
      return 'This file is empty.';
    case 'not_text':
      return 'This is not a text file. Save the spreadsheet as CSV and choose that file.';
    case 'open_quote':
      return `A quotation mark in row ${fault.row} is opened and never closed, so the rest of the file can't be told apart. Close it and choose the file again.`;
    case 'too_many_rows':
      return `This file has ${figure(fault.rows)} rows; Pen Pal reads up to ${figure(MAX_ROWS)} at a time. Split it and import the parts.`;
    case 'too_many_signs':
      return `Line ${figure(fault.row)} of this file has more than ${figure(MAX_SIGNS)} separators and quotation marks, so it is no list of people. Look at it in a spreadsheet and choose the file again.`;
    case 'only_header':
      return 'This file has a header but no rows below it.';
  }
}

/** Decodes bytes as UTF-8 or UTF-16 by their mark, else as UTF-8 if they are, else Windows-1252. */
export function decode(bytes: Uint8Array): { text: string; encoding: Table['encoding'] } | null {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe)
    return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' };
  if (a === 0xfe && b === 0xff)
    return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' };
  if (bytes.includes(0)) return null;
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

/** A spreadsheet's guard against formulas, an apostrophe before = + - @, is not part of the value. */
const unguard = (cell: string): string => cell.trim().replace(/^'(?='*[=+\-@\t\r])/, '');

/** A first row that already holds somebody's address or number is no header. */
const looksLikeData = (cells: readonly string[]): boolean =>
  cells.some((cell) => readEmail(cell) !== null || readPhone(cell) !== null);

const SIGNS = [',', ';', '\t', '|'] as const;

/** The sign that parts the first line most often, outside of quotes; null when none does. */
function delimiterOf(text: string): string | null {
  const counts = new Map<string, number>(SIGNS.map((sign) => [sign, 0]));
  let quoted = false;
  for (let at = text.length - text.trimStart().length; at < text.length; at++) {
    const char = text[at]!;
    if (char === '"') quoted = !quoted;
    else if (!quoted && (char === '\n' || char === '\r')) break;
    else if (!quoted && counts.has(char)) counts.set(char, counts.get(char)! + 1);
  }
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best![1] > 0 ? best![0] : null;
}

/** The first line with more of them than are read, from 1; null for none. */
function overfullLine(text: string): number | null {
  const codes = new Set([...SIGNS, '"'].map((sign) => sign.charCodeAt(0)));
  let [line, count] = [1, 0];
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (code === 10) [line, count] = [line + 1, 0];
    else if (codes.has(code) && ++count > MAX_SIGNS) return line;
  }
  return null;
}

/** Reads CSV (RFC 4180), also with semicolons, tabs or bars, from the bytes of a file. */
export function readTable(
  bytes: Uint8Array,
): { ok: true; table: Table } | { ok: false; fault: TableFault } {
  const fail = (fault: TableFault) => ({ ok: false, fault }) as const;
  const decoded = decode(bytes);
  if (!decoded) return fail({ reason: 'not_text' });
  const text = decoded.text.replace(/^\uFEFF/, '');
  if (text.trim() === '') return fail({ reason: 'empty' });
  const overfull = overfullLine(text);
  if (overfull !== null) return fail({ reason: 'too_many_signs', row: overfull });
  const delimiter = delimiterOf(text);
  const parsed = Papa.parse<string[]>(text, delimiter ? { delimiter } : {});
  const openQuote = parsed.errors.find((error) => error.code === 'MissingQuotes');
  if (openQuote) return fail({ reason: 'open_quote', row: (openQuote.row ?? 0) + 1 });
  const all = parsed.data
    .map((cells, i) => ({ row: i + 1, cells: cells.map(unguard) }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  if (all.length - 1 > MAX_ROWS) return fail({ reason: 'too_many_rows', rows: all.length - 1 });
  const headless = looksLikeData(all[0]!.cells);
  if (!headless && all.length === 1) return fail({ reason: 'only_header' });
  const header = headless ? all[0]!.cells.map((_, i) => `Column ${i + 1}`) : all[0]!.cells;
  const faults: Table['faults'] = [];
  const rows = (headless ? all : all.slice(1)).filter(({ row, cells }) => {
    const extra = cells.slice(header.length).some((cell) => cell !== '');
    if (extra)
      faults.push({
        row,
        why: `It has ${cells.length} cells where the header has ${header.length}.`,
      });
    return !extra;
  });
  return {
    ok: true,
    table: { encoding: decoded.encoding, delimiter: parsed.meta.delimiter, header, rows, faults },
  };
}
