import type { ImportTarget, OwnField } from '@/core/people';
import { figure, type PlainDate } from '@/core/time';

import { guessMapping, importRows, type ImportedPerson, type RowFault } from './import';
import { readPasted } from './pasted';
import { decode, readTable, tableFaultSentence } from './table';
import { isVCard, MAX_CARDS, readVCards } from './vcard';

export interface FileToRead {
  bytes: Uint8Array;
  /** Pasted names and addresses; without it, it is seen whether a file is CSV or vCard. */
  pasted: boolean;
  /** Which part of a person each column fills; null to guess. */
  mapping: (ImportTarget | null)[] | null;
  own: readonly OwnField[];
  today: PlainDate;
}

/** A file as people, with what stood in it. */
export interface ReadFile {
  format: 'csv' | 'vcard' | 'pasted';
  encoding: string;
  delimiter: string;
  columns: { name: string; samples: string[] }[];
  mapping: (ImportTarget | null)[];
  people: ImportedPerson[];
  faults: RowFault[];
}

/** Why a file can't be read at all, in a sentence, and what it concerns. */
export interface FileFault {
  reason: 'invalid' | 'too_large';
  sentence: string;
  field: 'content' | 'mapping';
}

type Result = { ok: true; file: ReadFile } | { ok: false; fault: FileFault };

const fail = (
  reason: FileFault['reason'],
  sentence: string,
  field: FileFault['field'] = 'content',
) => ({ ok: false, fault: { reason, sentence, field } }) as const;

/** Reads a CSV or vCard file or a pasted list as people. */
export function readImportFile(file: FileToRead): Result {
  const decoded = decode(file.bytes);
  const plain = { delimiter: '', columns: [], mapping: [], encoding: decoded?.encoding ?? '' };
  if (file.pasted && decoded)
    return { ok: true, file: { ...plain, format: 'pasted', ...readPasted(decoded.text) } };
  if (!decoded || !isVCard(decoded.text)) return readCsv(file);
  const cards = readVCards(decoded.text, file.own);
  if (cards.ok) {
    const { people, faults } = cards;
    return { ok: true, file: { ...plain, format: 'vcard', people, faults } };
  }
  return cards.reason === 'too_many'
    ? fail(
        'too_large',
        `This file has ${figure(cards.cards)} cards; Pen Pal reads up to ${figure(MAX_CARDS)} at a time. Split it and import the parts.`,
      )
    : fail('invalid', 'There is no card in this file.');
}

function readCsv({ bytes, mapping: given, own, today }: FileToRead): Result {
  const read = readTable(bytes);
  if (!read.ok)
    return fail(
      read.fault.reason === 'too_many_rows' ? 'too_large' : 'invalid',
      tableFaultSentence(read.fault),
    );
  const { table } = read;
  if (given && given.length !== table.header.length)
    return fail(
      'invalid',
      'The columns of this file are not the ones that were mapped. Choose it again.',
      'mapping',
    );
  const mapping = given ?? guessMapping(table, own);
  const { people, faults } = importRows(table, mapping, today, own);
  return {
    ok: true,
    file: {
      format: 'csv',
      encoding: table.encoding,
      delimiter: table.delimiter,
      columns: table.header.map((name, i) => ({
        name,
        samples: table.rows.slice(0, 3).map(({ cells }) => cells[i] ?? ''),
      })),
      mapping,
      people,
      faults: [...table.faults.map((fault) => ({ ...fault, leftOut: true })), ...faults].sort(
        (a, b) => a.row - b.row,
      ),
    },
  };
}
