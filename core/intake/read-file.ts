import { need } from '@/core/need';
import type { ColumnUse, OwnField } from '@/core/people';
import { figure, type DateOrder, type PlainDate } from '@/core/time';

import { guessColumns, type ColumnGuess } from './columns/columns';
import { decode, type Decoded } from './table/decode';
import { importRows } from './import';
import type { ImportedPerson, Partners, RowFault } from './imported';
import { readPasted } from './typed/pasted';
import { dayColumns } from './rows/row-days';
import { isSheet, readSheetTable } from './table/sheet';
import { readTable, tableFaultSentence, type Table, type TableFault } from './table/table';
import { isVCard, MAX_CARDS, readVCards } from './vcard/vcard';

/** A cell that the owner put right before anything was written. */
export interface CellEdit {
  row: number;
  column: number;
  value: string;
}

export interface FileToRead {
  bytes: Uint8Array;
  /** Pasted names and addresses; without it, it is seen what kind of file it is. */
  pasted: boolean;
  /** How each column is used; null to guess. */
  mapping: (ColumnUse | null)[] | null;
  edits?: readonly CellEdit[];
  partners?: Partners;
  own: readonly OwnField[];
  today: PlainDate;
  /** The owner's order of day and month, where a file does not tell. */
  order?: DateOrder;
  /** The owner's country (ISO 3166), whose phone numbers are written without its own. */
  country?: string;
}

export interface ReadColumn {
  name: string;
  samples: string[];
  by: ColumnGuess['by'];
  /** Days whose day and month can't be told apart by what stands in the column; empty where they can. */
  unclear: string[];
}

/** A file as people, with what stood in it. */
export interface ReadFile {
  format: 'csv' | 'sheet' | 'vcard' | 'pasted';
  encoding: string;
  delimiter: string;
  columns: ReadColumn[];
  mapping: (ColumnUse | null)[];
  /** The cells as they stand in the file, with the owner's corrections. */
  rows: { row: number; cells: string[] }[];
  people: ImportedPerson[];
  faults: RowFault[];
}

/** Why a file can't be read at all, in a sentence, and what it concerns. */
export interface FileFault {
  reason: 'invalid' | 'too_large';
  sentence: string;
  field: 'content' | 'mapping';
}

export type FileResult = { ok: true; file: ReadFile } | { ok: false; fault: FileFault };

const fail = (
  reason: FileFault['reason'],
  sentence: string,
  field: FileFault['field'] = 'content',
) => ({ ok: false, fault: { reason, sentence, field } }) as const;

/** Reads a spreadsheet, a CSV or vCard file or a pasted list as people. */
export async function readImportFile(file: FileToRead): Promise<FileResult> {
  if (!file.pasted && isSheet(file.bytes)) {
    const read = await readSheetTable(file.bytes);
    return read.ok ? readCells(file, read.table, 'sheet') : unreadable(read.fault);
  }
  const decoded = decode(file.bytes);
  if (!decoded) return unreadable({ reason: 'not_text' });
  if (file.pasted) return listed(decoded, 'pasted', readPasted(decoded.text, file));
  if (isVCard(decoded.text)) return readCardFile(file, decoded);
  const read = readTable(decoded);
  return read.ok ? readCells(file, read.table, 'csv') : unreadable(read.fault);
}

const unreadable = (fault: TableFault): FileResult =>
  fail(
    /^too_many_(rows|columns)$|large/.test(fault.reason) ? 'too_large' : 'invalid',
    tableFaultSentence(fault),
  );

const listed = (
  { encoding }: Decoded,
  format: ReadFile['format'],
  { people, faults }: Pick<ReadFile, 'people' | 'faults'>,
): FileResult => ({
  ok: true,
  file: { format, encoding, delimiter: '', columns: [], mapping: [], rows: [], people, faults },
});

function readCardFile({ own, today, country }: FileToRead, decoded: Decoded): FileResult {
  const cards = readVCards(decoded.text, own, today, country);
  if (cards.ok) return listed(decoded, 'vcard', cards);
  return cards.reason === 'too_many'
    ? fail(
        'too_large',
        `This file has ${figure(cards.cards)} cards; Pen Pal reads up to ${figure(MAX_CARDS)} at a time. Split it and import the parts.`,
      )
    : fail('invalid', 'There is no card in this file.');
}

function readCells(file: FileToRead, table: Table, format: 'csv' | 'sheet'): FileResult {
  const { own, mapping: given } = file;
  if (given && given.length !== table.header.length)
    return fail(
      'invalid',
      'The columns of this file are not the ones that were mapped. Choose it again.',
      'mapping',
    );
  correct(table, file.edits ?? []);
  const guesses = guessColumns(table, own);
  const mapping = given ?? guesses.map(({ use }) => use);
  const { people, faults } = importRows(table, mapping, file);
  const days = dayColumns(table, mapping, own);
  return {
    ok: true,
    file: {
      format,
      encoding: table.encoding,
      delimiter: table.delimiter,
      columns: table.header.map((name, i) => ({
        name,
        samples: samplesOf(table, i),
        by: need(guesses[i]).by,
        unclear: days.get(i)?.asked ? [] : (days.get(i)?.examples ?? []),
      })),
      mapping,
      rows: table.rows,
      people,
      faults: [...table.faults, ...faults].sort((a, b) => a.row - b.row),
    },
  };
}

const SAMPLES = 3;

/** The first values of a column that say something. */
const samplesOf = (table: Table, column: number): string[] =>
  table.rows
    .slice(0, 200)
    .map(({ cells }) => cells[column] ?? '')
    .filter(Boolean)
    .slice(0, SAMPLES);

function correct(table: Table, edits: readonly CellEdit[]): void {
  if (edits.length === 0) return;
  const byRow = new Map(table.rows.map((row) => [row.row, row.cells]));
  for (const { row, column, value } of edits) {
    const cells = byRow.get(row);
    if (cells && column < table.header.length) {
      while (cells.length <= column) cells.push('');
      cells[column] = value;
    }
  }
}
