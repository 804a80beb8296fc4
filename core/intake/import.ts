import {
  CHANNELS,
  COLUMN_KEYS,
  COLUMNS,
  fold,
  isAddress,
  NO_ADDRESS,
  NOBODY,
  WOULD_REFER,
  type Channel,
  type ColumnKey,
  type ImportTarget,
  type OwnField,
  type PersonFields,
  type Reach,
} from '@/core/people';
import type { PlainDate } from '@/core/time';
import { readDate, readFullDate } from '@/core/time';

import { readAddresses, readConsent, readDates, readNotes, readReach, splitCell } from './cells';
import { splitName } from './names';
import { OWN_WANTS, readNumber, readOwnValue } from './own';
import { readEmail, readPhone } from './reach';
import type { Table } from './table';

const tidyHeading = (text: string) =>
  fold(text)
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

const BY_HEADING = new Map<string, ColumnKey>(
  COLUMN_KEYS.flatMap((key) =>
    [tidyHeading(COLUMNS[key].label), ...COLUMNS[key].headings].map((h) => [h, key] as const),
  ),
);

/** Columns that several of a file may fill; their values are joined. */
const SEVERAL: ReadonlySet<ImportTarget> = new Set<ImportTarget>([
  'note',
  'notes',
  'tags',
  'roles',
  'interests',
  'addressLine',
  'moreEmails',
  'morePhones',
  'link',
  'dates',
]);

/** Guesses what each column holds, by its heading and, failing that, by what its cells look like. */
export function guessMapping(
  table: Pick<Table, 'header' | 'rows'>,
  own: readonly OwnField[] = [],
): (ImportTarget | null)[] {
  const taken = new Set<ImportTarget>();
  const claim = (target: ImportTarget | null) => {
    if (target === null || (taken.has(target) && !SEVERAL.has(target))) return null;
    taken.add(target);
    return target;
  };
  const ownByName = new Map(own.map(({ id, name }) => [tidyHeading(name), `own:${id}` as const]));
  const byHeading = table.header.map((heading) => {
    const tidy = tidyHeading(heading);
    return claim(ownByName.get(tidy) ?? BY_HEADING.get(tidy) ?? null);
  });
  return byHeading.map((target, i) => target ?? claim(guessByContent(table, i, taken)));
}

function guessByContent(
  table: Pick<Table, 'rows'>,
  column: number,
  taken: ReadonlySet<ImportTarget>,
): ImportTarget | null {
  const cells = table.rows
    .slice(0, 50)
    .map(({ cells }) => cells[column] ?? '')
    .filter(Boolean);
  if (cells.length === 0) return null;
  const most = (test: (cell: string) => boolean) => cells.filter(test).length > cells.length / 2;
  if (most((cell) => readEmail(cell) !== null)) return taken.has('email') ? 'moreEmails' : 'email';
  if (!taken.has('phone') && most((cell) => readPhone(cell) !== null)) return 'phone';
  const named = taken.has('name') || taken.has('givenName') || taken.has('familyName');
  if (!named && most((cell) => /^\p{L}[\p{L}.'’-]*(,? \p{L}[\p{L}.'’-]*)+$/u.test(cell)))
    return 'name';
  return null;
}

/** What a file says of one person. */
export interface ImportedPerson {
  row: number;
  fields: PersonFields;
  tags: string[];
  circle: string;
  promiseDays: number | null;
  notes: { on: string | null; body: string }[];
  lastTouch: PlainDate | null;
  /** The bytes of a photo as they stood in the file. */
  photo?: Uint8Array;
  /** People named in the file: "child Kim". */
  related?: { kind: string; name: string }[];
}

export interface RowFault {
  row: number;
  why: string;
  /** Whether the whole row stays out; otherwise only the value does, and it is kept in the note. */
  leftOut: boolean;
}

/** Cells of one row by what they hold, and what could not be read of them. */
interface Row {
  get(target: ImportTarget, glue?: string): string;
  /** Notes a value that can't be read; it goes into the note, word for word. */
  unread(text: string, what: string): void;
}

/** Reads a cell if there is something in it; what can't be read is noted. */
function read<T>(row: Row, target: ImportTarget, reader: (text: string) => T | null, what: string) {
  const text = row.get(target);
  if (text === '') return null;
  const value = reader(text);
  if (value === null) row.unread(text, what);
  return value;
}

function readReaches(
  row: Row,
  [first, label, more]: [ImportTarget, ImportTarget, ImportTarget],
  reader: (text: string) => string | null,
  what: string,
): Reach[] {
  const list: Reach[] = [];
  const add = (text: string, given: string) => {
    const reach = readReach(text);
    const value = reader(reach.value);
    if (value === null) row.unread(text, what);
    else if (!list.some((known) => known.value === value))
      list.push({ value, label: given || reach.label });
  };
  // A cell that reads as one value is one; otherwise it may hold several.
  const cells = (text: string) => (reader(text) === null ? splitCell(text) : [text]);
  cells(row.get(first)).forEach((text, i) => text && add(text, i === 0 ? row.get(label) : ''));
  for (const text of splitCell(row.get(more, '; '))) add(text, '');
  return list;
}

function readFields(row: Row, own: readonly OwnField[]): PersonFields {
  const { get } = row;
  const whole = splitName(get('name'));
  const dates = readDates(get('dates', '; '));
  for (const text of dates.unread) row.unread(text, 'a date with a name');
  const wedding = read(row, 'wedding', readDate, 'a day in the calendar');
  const consent = readConsent(get('consent'));
  for (const text of consent.unread) row.unread(text, 'a consent');
  return {
    ...NOBODY,
    prefix: get('prefix'),
    givenName: get('givenName') || whole.givenName,
    middleName: get('middleName'),
    familyName: get('familyName') || whole.familyName,
    suffix: get('suffix'),
    goesBy: get('goesBy'),
    company: get('company'),
    jobTitle: get('jobTitle'),
    emails: readReaches(row, ['email', 'emailLabel', 'moreEmails'], readEmail, 'an e-mail address'),
    phones: readReaches(row, ['phone', 'phoneLabel', 'morePhones'], readPhone, 'a phone number'),
    addresses: readAllAddresses(row),
    links: splitCell(get('link', '; ')).map(readReach),
    birthday: read(row, 'birthday', readDate, 'a day in the calendar'),
    dates: [...(wedding ? [{ name: 'Wedding', on: wedding }] : []), ...dates.dates],
    interests: splitCell(get('interests', '; ')),
    roles: splitCell(get('roles', '; ')),
    standing: get('standing'),
    source: get('source'),
    preferred: read(row, 'preferred', readChannel, 'a way to be reached') ?? '',
    language: get('language'),
    favourite:
      get('favourite') !== '' &&
      readOwnValue({ type: 'flag', choices: [] }, get('favourite')) === true,
    ...readWouldRefer(row),
    own: readOwn(row, own),
    consent: consent.consent,
  };
}

const readChannel = (text: string): Channel | null =>
  CHANNELS.find((channel) => channel === fold(text).replace('-', '')) ?? null;

/** "yes 2026-05-04": the answer with its day. */
function readWouldRefer(row: Row): Pick<PersonFields, 'wouldRefer' | 'wouldReferOn'> {
  const [answer = '', on] = row.get('wouldRefer').split(' ');
  const wouldRefer = WOULD_REFER.find((word) => word === fold(answer)) ?? null;
  if (answer && !wouldRefer) row.unread(row.get('wouldRefer'), 'yes, perhaps or no');
  return { wouldRefer, wouldReferOn: wouldRefer && on ? readFullDate(on) : null };
}

function readAllAddresses(row: Row): PersonFields['addresses'] {
  const degrees = (target: 'lat' | 'lon') => read(row, target, readNumber, 'a number of degrees');
  const [lat, lon] = [degrees('lat'), degrees('lon')];
  const first = {
    ...NO_ADDRESS,
    label: row.get('addressLabel'),
    line: row.get('addressLine'),
    city: row.get('city'),
    region: row.get('region'),
    postalCode: row.get('postalCode'),
    country: row.get('country'),
    place: row.get('place'),
    lat: lat !== null && lon !== null && Math.abs(lat) <= 90 ? lat : null,
    lon: lat !== null && lon !== null && Math.abs(lon) <= 180 ? lon : null,
  };
  return [first, ...readAddresses(row.get('moreAddresses'))].filter(isAddress);
}

function readOwn(row: Row, own: readonly OwnField[]): PersonFields['own'] {
  const values: PersonFields['own'] = {};
  for (const field of own) {
    const what = `${OWN_WANTS[field.type]}, which ${field.name} wants`;
    const value = read(row, `own:${field.id}`, (text) => readOwnValue(field, text), what);
    if (value !== null) values[field.id] = value;
  }
  return values;
}

/**
 * Turns mapped rows into people. A row needs a name or a way to reach somebody. A value that can't
 * be read (an e-mail that is none, a birthday that doesn't exist) is kept in the note, word for
 * word, and reported.
 */
export function importRows(
  table: Pick<Table, 'rows' | 'header'>,
  mapping: readonly (ImportTarget | null)[],
  today: PlainDate,
  own: readonly OwnField[] = [],
): { people: ImportedPerson[]; faults: RowFault[] } {
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const columnsOf = new Map<ImportTarget, number[]>();
  mapping.forEach(
    (target, i) => target && columnsOf.set(target, [...(columnsOf.get(target) ?? []), i]),
  );
  for (const { row, cells } of table.rows) {
    const unread: string[] = [];
    const reader: Row = {
      get: (target, glue = ', ') =>
        (columnsOf.get(target) ?? [])
          .map((i) => cells[i] ?? '')
          .filter(Boolean)
          .join(glue),
      unread: (text, what) => {
        unread.push(`${what}: ${text}`);
        const why = `“${text}” is not ${what}; it is kept in the note.`;
        faults.push({ row, why, leftOut: false });
      },
    };
    const fields = readFields(reader, own);
    const lastTouch = read(
      reader,
      'lastTouch',
      (text) => pastDay(text, today),
      'a day that has been',
    );
    const promise = read(reader, 'promise', readPromise, 'a number of days');
    if (!isSomebody(fields)) {
      faults.push({ row, why: 'It has neither a name nor a way to reach anybody.', leftOut: true });
      continue;
    }
    people.push({
      row,
      fields,
      tags: splitCell(reader.get('tags', '; ')).map((tag) => tag.replace(/^#/, '')),
      circle: reader.get('circle'),
      promiseDays: promise,
      notes: notesOf(reader, unread),
      lastTouch,
    });
  }
  return { people, faults };
}

/** Whether there is a name or a way to reach somebody. */
export const isSomebody = (f: PersonFields): boolean =>
  [f.givenName, f.familyName, f.goesBy, f.company].some(Boolean) ||
  f.emails.length > 0 ||
  f.phones.length > 0;

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

function pastDay(text: string, today: PlainDate): PlainDate | null {
  const day = readFullDate(text);
  return day && day <= today ? day : null;
}
