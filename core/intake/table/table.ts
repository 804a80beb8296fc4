import Papa from 'papaparse';

import { need } from '@/core/need';
import { tidyText } from '@/core/people';
import { figure, plural, readDate } from '@/core/time';

import type { Decoded, Encoding } from './decode';
import { readHeading } from '../columns/headings';
import { readEmail, readPhone } from '../rows/reach';

/** A delimited text file or a sheet as cells, with where each row stood in it. */
export interface Table {
  encoding: Encoding | '';
  delimiter: string;
  header: string[];
  rows: { row: number; cells: string[] }[];
  /** What of the rows is not as it should be, counted from 1 with the header. */
  faults: { row: number; why: string; leftOut: boolean }[];
}

export const MAX_ROWS = 50_000;
export const MAX_COLUMNS = 500;
/** Separators and quotes in one line: more than any list of people has; a file of nothing else has millions. */
export const MAX_SIGNS = 50_000;

export type TableFault =
  | { reason: 'empty' }
  | { reason: 'not_text' }
  | { reason: 'too_many_rows'; rows: number }
  | { reason: 'too_many_columns'; columns: number }
  | { reason: 'too_many_signs'; row: number }
  | { reason: 'quotes_open'; row: number }
  | { reason: 'only_header' }
  | { reason: 'unpacks_too_large' };

export type TableRead = { ok: true; table: Table } | { ok: false; fault: TableFault };
const fail = (fault: TableFault): TableRead => ({ ok: false, fault });

export function tableFaultSentence(fault: TableFault): string {
  switch (fault.reason) {
    case 'empty':
      return 'This file is empty.';
    case 'not_text':
      return 'This file can’t be read. Save it as CSV or as a spreadsheet (.xlsx) and choose that file.';
    case 'too_many_rows':
      return `This file has ${figure(fault.rows)} rows; Pen Pal reads up to ${figure(MAX_ROWS)} at a time. Split it and import the parts.`;
    case 'too_many_columns':
      return `This file has ${figure(fault.columns)} columns; Pen Pal reads up to ${figure(MAX_COLUMNS)}. Take away those that say nothing of people and choose it again.`;
    case 'too_many_signs':
      return `Line ${figure(fault.row)} of this file has more than ${figure(MAX_SIGNS)} separators and quotation marks, so it is no list of people. Look at it in a spreadsheet and choose the file again.`;
    case 'quotes_open':
      return `From row ${figure(fault.row)} on, this file opens quotation marks again and again that are never closed, so nobody can tell its rows. Save it once more from a spreadsheet and choose it again.`;
    case 'only_header':
      return 'This file has a header but no rows below it.';
    case 'unpacks_too_large':
      return 'This spreadsheet is far larger inside than any list of people. Save the list by itself and choose that file.';
  }
}

const SIGNS = [',', ';', '\t', '|'] as const;

/** The sign that parts a line most often, outside of quotes; null when none does. */
function signOf(text: string, from: number): string | null {
  const counts = new Map<string, number>(SIGNS.map((sign) => [sign, 0]));
  let quoted = false;
  for (let at = from; at < text.length; at++) {
    const char = need(text[at]);
    if (char === '"') quoted = !quoted;
    else if (!quoted && (char === '\n' || char === '\r')) break;
    else if (!quoted && counts.has(char)) counts.set(char, need(counts.get(char)) + 1);
  }
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return need(best)[1] > 0 ? need(best)[0] : null;
}

/** Lines above the headings, at most. */
const MOST_TITLES = 5;

/** The sign that parts the first line, or the line of headings below a title; null when none does. */
function delimiterOf(text: string): string | null {
  const start = text.length - text.trimStart().length;
  const first = signOf(text, start);
  if (first) return first;
  const lines = text.slice(start, start + 20_000).split(/\r\n|\r|\n/);
  for (const line of lines.slice(1, MOST_TITLES + 1)) {
    const sign = signOf(line, 0);
    if (sign && line.split(sign).filter(isHeading).length > 1) return sign;
  }
  return null;
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

/** Stands for a quotation mark that is read as a plain sign: nobody writes this one. */
const PLAIN_QUOTE = '\uE022';

interface Parsed {
  rows: string[][];
  /** Where in the text each row begins. */
  starts: number[];
  delimiter: string;
  open: boolean;
}

/** Parts nothing: a file of one column has no sign between its cells. */
const NO_SIGN = '\x1F';

function parse(text: string, delimiter: string): Parsed {
  const parsed: Parsed = { rows: [], starts: [], delimiter, open: false };
  let start = 0;
  Papa.parse<string[]>(text, {
    delimiter,
    step: ({ data, errors, meta }) => {
      parsed.rows.push(data);
      parsed.starts.push(start);
      start = meta.cursor;
      parsed.open ||= errors.some(({ code }) => code === 'MissingQuotes');
    },
  });
  return parsed;
}

/** So many quotation marks at most are looked into, and fewer in a large file: one with more of them open is no list. */
const MAX_OPEN = 20;
const MAX_READ_AGAIN = 40_000_000;

/**
 * Parses CSV (RFC 4180). A quotation mark that is never closed, or only somewhere far below, would
 * swallow the rows in between: it is read as a plain sign, and told.
 */
function parseQuotes(
  given: string,
  sep?: string,
): (Parsed & { faults: Table['faults'] }) | { openRow: number } {
  const faults: Table['faults'] = [];
  let text = given;
  const delimiter = sep ?? delimiterOf(text) ?? NO_SIGN;
  let parsed = parse(text, delimiter);
  const most = Math.min(MAX_OPEN, Math.max(3, Math.floor(MAX_READ_AGAIN / text.length)));
  for (;;) {
    const swallowing = parsed.rows.findIndex((row, i) =>
      i === parsed.rows.length - 1 && parsed.open
        ? true
        : swallows(row, parsed.delimiter, need(parsed.rows[0]).length),
    );
    if (swallowing < 0) break;
    if (faults.length >= most) return { openRow: need(faults[0]).row };
    const from = need(parsed.starts[swallowing]);
    const end = parsed.starts[swallowing + 1] ?? text.length;
    const at = lastOpening(text.slice(from, end));
    if (at < 0) break;
    const lines = text.slice(from, end).trimEnd().split('\n').length - 1;
    const would = lines > 0 ? ` It would have swallowed ${plural(lines, 'line')} below.` : '';
    faults.push({
      row: swallowing + 1,
      why: `A quotation mark is opened here and never closed; it is read as a plain sign.${would}`,
      leftOut: false,
    });
    text = text.slice(0, from + at) + PLAIN_QUOTE + text.slice(from + at + 1);
    parsed = parse(text, delimiter);
  }
  const rows = parsed.rows.map((row) => row.map((cell) => cell.replaceAll(PLAIN_QUOTE, '"')));
  return { ...parsed, delimiter: delimiter === NO_SIGN ? '' : delimiter, rows, faults };
}

/** Whether a cell holds lines that look like rows of their own. */
function swallows(row: readonly string[], delimiter: string, columns: number): boolean {
  if (columns < 2) return false;
  return row.some((cell) => {
    if (!cell.includes('\n')) return false;
    const inner = cell.split('\n').slice(1, -1);
    return (
      inner.length > 0 &&
      inner.every((line) => line.split(delimiter).length >= Math.max(2, columns - 1))
    );
  });
}

/** Where the last quotation mark stands that opens a cell which goes on over lines; -1 for none. */
function lastOpening(text: string): number {
  let [found, at] = [-1, -1];
  for (let i = 0; i < text.length; i++)
    if (text[i] === '"') at = at < 0 ? i : -1;
    else if (text[i] === '\n' && at >= 0) found = at;
  return at >= 0 ? at : found;
}

/** Nothing of these is in it, as in most cells by far. */
const PLAIN = /^[\x20-\x7E]*$/;
/** Characters that are no text: NUL and the other controls, and halves of characters. */
const CONTROLS =
  /[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\uFFFD]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g;

/**
 * A cell as it was meant: without signs that have no ink, without ="…" that keeps a spreadsheet from
 * reading it as a number, and without the apostrophe before = + - @ or a figure that does the same.
 */
export const plainCell = (cell: string): string =>
  tidyText(cell)
    .replace(/^="(.*)"$/s, '$1')
    .replace(/^'(?='*[=+\-@\t\r])|^'(?='*\d+$)/, '')
    .trim();

/** What a cell looks like, in one word, by which a header is told from data. */
function shapeOf(cell: string): string {
  if (cell === '') return '';
  if (readEmail(cell) !== null) return 'email';
  if (readPhone(cell) !== null) return 'phone';
  if (readDate(cell) !== null) return 'date';
  if (/^[\d.,\s-]+$/.test(cell)) return 'figure';
  return /\d/.test(cell) ? 'mixed' : `words ${cell.split(/\s+/).length}`;
}

const isHeading = (cell: string): boolean => {
  const { subject, which } = readHeading(cell);
  return subject !== null || which !== '';
};

/** Whether the first row is somebody already: no heading is understood in it, and it looks like the others. */
function isHeadless([first = [], ...rest]: readonly string[][]): boolean {
  if (first.some((cell) => ['email', 'phone', 'date'].includes(shapeOf(cell)))) return true;
  if (first.some((cell) => cell !== '' && isHeading(cell)) || rest.length === 0) return false;
  const some = rest.slice(0, 50);
  return first.every((cell, i) => {
    const shape = shapeOf(cell);
    return some.filter((cells) => shapeOf(cells[i] ?? '') === shape).length > some.length / 2;
  });
}

const TOTALS =
  /^(?:grand\s+)?(?:total|totals|sum|summe|count|subtotal|records|rows|anzahl|gesamt)\b[\s:]*[\d.,]*$/i;

/** A line of totals: it says so, and nothing else in it is anybody's. */
const isTotal = (cells: readonly string[]): boolean =>
  cells.some((cell) => TOTALS.test(cell)) &&
  cells.every((cell) => cell === '' || TOTALS.test(cell) || /^[\d.,\s$€£%-]+$/.test(cell));

/** Lines above the header: with one cell only, where the lines below have several. */
function titlesAbove(rows: readonly { cells: string[] }[]): number {
  const filled = rows.slice(0, 30).map(({ cells }) => cells.filter(Boolean).length);
  if (Math.max(...filled) < 2) return 0;
  const at = filled.findIndex((n) => n > 1);
  return at <= MOST_TITLES ? at : 0;
}

/** Reads decoded CSV, also with semicolons, tabs or bars between its cells. */
export function readTable({ text: whole, encoding, otherwise }: Decoded): TableRead {
  const [, sep, text = ''] = /^\uFEFF?(?:sep=(.)\r?\n)?([\s\S]*)$/i.exec(whole) ?? [];
  if (text.trim() === '') return fail({ reason: 'empty' });
  const overfull = overfullLine(text);
  if (overfull !== null) return fail({ reason: 'too_many_signs', row: overfull });
  const parsed = parseQuotes(text, sep);
  if ('openRow' in parsed) return fail({ reason: 'quotes_open', row: parsed.openRow });
  const { rows, faults, delimiter } = parsed;
  return tableOf(rows, {
    encoding,
    delimiter,
    skipped: sep ? 1 : 0,
    faults: [
      ...faults,
      ...otherwise.map((row) => ({
        row,
        why: 'It is written in another encoding than most of the file; look at its accents.',
        leftOut: false,
      })),
    ],
  });
}

interface About {
  encoding: Table['encoding'];
  delimiter: string;
  /** Lines before the first of these rows. */
  skipped: number;
  faults: Table['faults'];
}

/** Finds header and rows among cells: titles above are skipped, totals below left out, and told. */
export function tableOf(given: readonly string[][], about: About): TableRead {
  const { encoding, delimiter, skipped } = about;
  const faults = about.faults.map((fault) => ({ ...fault, row: fault.row + skipped }));
  let all = given
    .map((cells, i) => ({
      row: i + 1 + skipped,
      cells: cells.map((cell) => readCell(cell, i + 1 + skipped, faults)),
    }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  if (all.length === 0) return fail({ reason: 'empty' });
  const above = titlesAbove(all);
  for (const { row } of all.slice(0, above))
    faults.push({ row, why: 'A line above the headings, which is nobody.', leftOut: true });
  all = all.slice(above);
  if (all.length - 1 > MAX_ROWS) return fail({ reason: 'too_many_rows', rows: all.length - 1 });
  const headless = isHeadless(all.map(({ cells }) => cells));
  if (!headless && all.length === 1) return fail({ reason: 'only_header' });
  const width = headless
    ? Math.max(...all.slice(0, 100).map(({ cells }) => cells.length))
    : lastFilled(need(all[0]).cells);
  if (width > MAX_COLUMNS) return fail({ reason: 'too_many_columns', columns: width });
  const header = headless
    ? Array.from({ length: width }, (_, i) => `Column ${i + 1}`)
    : need(all[0]).cells.slice(0, width);
  const rows = (headless ? all : all.slice(1)).filter(({ row, cells }) => {
    if (!isTotal(cells)) return true;
    faults.push({ row, why: 'A line of totals, which is nobody.', leftOut: true });
    return false;
  });
  return { ok: true, table: { encoding, delimiter, header, rows, faults } };
}

const lastFilled = (cells: readonly string[]): number =>
  cells.findLastIndex((cell) => cell !== '') + 1;

function readCell(raw: string, row: number, faults: Table['faults']): string {
  const cell = plainCell(raw);
  if (PLAIN.test(cell)) return cell;
  const clean = cell.replace(CONTROLS, '');
  if (clean !== cell)
    faults.push({
      row,
      why: `A character that is no text was taken out of “${clean.slice(0, 40)}”.`,
      leftOut: false,
    });
  return clean;
}
