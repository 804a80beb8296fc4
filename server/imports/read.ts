import type { Mapping } from '@/contract/imports';
import {
  decode,
  guessMapping,
  importRows,
  isVCard,
  readPasted,
  readTable,
  readVCards,
  tableFaultSentence,
  MAX_CARDS,
  type ImportedPerson,
  type RowFault,
} from '@/core/intake';
import type { OwnField } from '@/core/people';
import type { PlainDate } from '@/core/time';

import { invalid, Refusal } from '../http/errors';

export interface File {
  fileName: string;
  content: string;
  pasted: boolean;
  mapping: Mapping | null;
}

/** A file as people, with what stood in it. */
export interface Read {
  format: 'csv' | 'vcard' | 'pasted';
  encoding: string;
  delimiter: string;
  columns: { name: string; samples: string[] }[];
  mapping: Mapping;
  people: ImportedPerson[];
  faults: RowFault[];
}

/** Reads a file or a pasted list; refuses with a sentence what can't be read at all. */
export function readFile(file: File, own: readonly OwnField[], today: PlainDate): Read {
  const bytes = Buffer.from(file.content, 'base64');
  const decoded = decode(bytes);
  const plain = { delimiter: '', columns: [], mapping: [], encoding: decoded?.encoding ?? '' };
  if (file.pasted && decoded) return { ...plain, format: 'pasted', ...readPasted(decoded.text) };
  if (decoded && isVCard(decoded.text)) {
    const cards = readVCards(decoded.text, own);
    if (!cards.ok)
      throw new Refusal(
        cards.reason === 'too_many' ? 'too_large' : 'invalid',
        cards.reason === 'too_many'
          ? `This file has ${cards.cards.toLocaleString('en-US')} cards; Pen Pal reads up to ${MAX_CARDS.toLocaleString('en-US')} at a time. Split it and import the parts.`
          : 'There is no card in this file.',
        'content',
      );
    return { ...plain, format: 'vcard', people: cards.people, faults: cards.faults };
  }
  return readCsv(file, bytes, own, today);
}

function readCsv(file: File, bytes: Buffer, own: readonly OwnField[], today: PlainDate): Read {
  const read = readTable(bytes);
  if (!read.ok) {
    const code = read.fault.reason === 'too_many_rows' ? 'too_large' : 'invalid';
    throw new Refusal(code, tableFaultSentence(read.fault), 'content');
  }
  const { table } = read;
  if (file.mapping && file.mapping.length !== table.header.length)
    throw invalid(
      'The columns of this file are not the ones that were mapped. Choose it again.',
      'mapping',
    );
  const mapping = file.mapping ?? guessMapping(table, own);
  const { people, faults } = importRows(table, mapping, today, own);
  return {
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
  };
}
