import { need } from '@/core/need';
import {
  partsOfUse,
  type ColumnUse,
  type ImportTarget,
  type OwnField,
  type PersonFields,
} from '@/core/people';
import { readDate, type DateOrder, type PlainDate } from '@/core/time';

import { readNotes, splitCell } from './rows/cells';
import { isDayUse } from './columns/columns';
import {
  asSecond,
  importedOf,
  isSomebody,
  type ImportedPerson,
  type Partners,
  type RowFault,
  type TouchTold,
} from './imported';
import type { SplitName } from './rows/names';
import { readNumber } from './columns/own';
import { read, type Row } from './rows/row';
import { dayReaders, zipColumns } from './rows/row-days';
import { readFields } from './rows/row-fields';
import { readJobs } from './rows/row-jobs';
import { readNames } from './rows/row-names';
import { readTies, tieByName } from './rows/row-ties';
import { readTouches } from './rows/story-cells';
import type { Table } from './table/table';

export interface RowsAsked {
  today: PlainDate;
  own?: readonly OwnField[];
  partners?: Partners;
  /** The owner's order of day and month, where a file does not tell. */
  order?: DateOrder;
  /** The owner's country (ISO 3166). */
  country?: string;
}

/**
 * Turns mapped rows into people. A row needs a name or a way to reach somebody; one that names a couple
 * brings two. A value that can't be read (an e-mail that is none, a birthday that doesn't exist) is kept
 * in the note, word for word, and reported.
 */
export function importRows(
  table: Pick<Table, 'rows' | 'header'>,
  uses: readonly (ColumnUse | null)[],
  { today, own = [], partners = 'tie', order = 'mdy', country = '' }: RowsAsked,
): { people: ImportedPerson[]; faults: RowFault[] } {
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const days = dayReaders(table, uses, own, { order, today });
  const zips = zipColumns(table, uses);
  const columnsOf = new Map<ImportTarget, { column: number; which: string }[]>();
  uses.forEach((use, column) => {
    if (!use) return;
    const { to, which } = partsOfUse(use);
    columnsOf.set(to, [
      ...(columnsOf.get(to) ?? []),
      { column, which: isDayUse(to, own) ? '' : which },
    ]);
  });
  for (const { row, cells } of table.rows) {
    const unread: string[] = [];
    const cellAt = (column: number) => {
      const text = cells[column] ?? '';
      return zips.has(column) && /^\d{2,4}$/.test(text) ? text.padStart(5, '0') : text;
    };
    const reader: Row = {
      today,
      country,
      all: (target) => {
        const columns = columnsOf.get(target);
        // Of most that could be known of somebody a file has no column: thousands of rows ask for it.
        if (!columns) return NO_CELLS;
        return columns.flatMap(({ column, which }) => {
          const text = cellAt(column);
          return text === '' ? [] : [{ text, which, heading: need(table.header[column]), column }];
        });
      },
      get: (target, glue = ', ') => {
        const cells = reader.all(target);
        return cells.length === 0 ? '' : cells.map(({ text }) => text).join(glue);
      },
      has: (target) => columnsOf.has(target),
      unread: (text, what) => {
        const column = cells.findIndex((cell) => cell.includes(text));
        unread.push(`${table.header[column] || what}: ${text}`);
        faults.push({
          row,
          why: `“${text.slice(0, 80)}” is not ${what}; it is kept in the note.`,
          leftOut: false,
        });
      },
      tell: (why) => faults.push({ row, why, leftOut: false }),
      aside: (heading, text) => unread.push(`${heading}: ${text}`),
      day: (text, column, past = false) => readDate(text, { ...need(days.get(column)), past }),
    };
    readRow(reader, { row, cells, own, partners, width: table.header.length, unread }, people);
    if (people.at(-1)?.row !== row)
      faults.push({ row, why: 'It has neither a name nor a way to reach anybody.', leftOut: true });
  }
  tieByName(people);
  return { people, faults };
}

const NO_CELLS: ReturnType<Row['all']> = [];

interface RowContext {
  row: number;
  cells: readonly string[];
  own: readonly OwnField[];
  partners: Partners;
  width: number;
  /** Lines for the note, to which reading adds. */
  unread: string[];
}

function readRow(row: Row, at: RowContext, people: ImportedPerson[]): void {
  const fields = readFields(row, at.own);
  const { names, company } = readNames(row);
  fields.company ||= company;
  const [first, second] = names;
  nameAs(fields, first, row);
  const extra = at.cells.slice(at.width).filter(Boolean);
  if (extra.length > 0) {
    row.tell(`More cells than headings: “${extra.join(', ').slice(0, 80)}” goes into the note.`);
    row.aside('Beyond the last column', extra.join(', '));
  }
  for (const { heading, text } of row.all('aside')) row.aside(heading, text);
  const person: ImportedPerson = {
    ...importedOf(at.row, fields),
    tags: splitCell(row.get('tags', '; ')).map((tag) => tag.replace(/^#/, '')),
    circle: row.get('circle'),
    promiseDays: read(row, 'promise', readPromise, 'a number of days'),
    touches: readAllTouches(row),
    jobs: readJobs(row),
    newOwn: row.all('newField').map(({ heading, text }) => ({ heading, text })),
    ...(first?.unsure ? { nameGuessed: true } : {}),
  };
  const more = readTies(row, person, at.partners);
  if (!isSomebody(fields)) return;
  person.notes = notesOf(row, at.unread);
  people.push(person);
  const others = second ? [asSecond(second, person), ...more] : more;
  for (const other of others) {
    person.related.push({ kind: 'partner', name: '', place: people.length });
    people.push(other);
  }
  if (second)
    row.tell('Two people of one home: the e-mail, the phone and the rest go to the first.');
}

/** Puts a split name into the fields; what columns of their own say stands. */
function nameAs(fields: PersonFields, name: SplitName | undefined, row: Row): void {
  if (!name) return;
  fields.givenName = name.givenName;
  fields.familyName = name.familyName;
  fields.prefix ||= name.prefix ?? '';
  fields.suffix ||= name.suffix ?? '';
  fields.goesBy ||= name.goesBy ?? '';
  if (name.also) row.aside('Also in the name', name.also);
}

/** All touches stand before the last one, which is among them. */
function readAllTouches(row: Row): TouchTold[] {
  const touches: TouchTold[] = [];
  for (const target of ['touches', 'lastTouch'] as const)
    for (const { text, column } of row.all(target)) {
      const read = readTouches(text, (day) => row.day(day, column, true), row.today);
      for (const part of read.unread) row.unread(part, 'a day that has been');
      for (const touch of read.touches)
        if (!touches.some((known) => JSON.stringify(known) === JSON.stringify(touch)))
          touches.push(touch);
    }
  return touches;
}

/** The last note stands among all notes again, so it is not written twice. */
function notesOf(row: Row, unread: readonly string[]): ImportedPerson['notes'] {
  const notes = readNotes(row.get('notes', '\n'));
  const last = row.get('note', '\n');
  const one = [notes.some(({ body }) => body === last) ? '' : last, ...unread];
  const body = one.filter(Boolean).join('\n');
  return body ? [{ on: null, body }, ...notes] : notes;
}

function readPromise(text: string): number | null {
  const days = readNumber(text);
  return days !== null && Number.isInteger(days) && days >= 1 && days <= 3650 ? days : null;
}
