import Papa from 'papaparse';

import {
  COLUMNS,
  displayName,
  formatPhone,
  type ColumnKey,
  type FactInfo,
  type OwnField,
  type PersonFields,
} from '@/core/people';

import {
  joinAddresses,
  joinCell,
  writeConsent,
  writeDates,
  writeNotes,
  writeReach,
  type DatedNote,
} from '../rows/cells';
import type { JobTold, TieTold, TouchTold } from '../imported';
import { ownValueText } from '../columns/own';
import { writeJobs, writeTies, writeTouches } from '../rows/story-cells';

/** What is known of one person when they go out. */
export interface ExportedPerson {
  fields: PersonFields;
  tags: string[];
  circle: string;
  promiseDays: number | null;
  /** The latest first. */
  notes: DatedNote[];
  /** The latest first. */
  touches: readonly TouchTold[];
  jobs: readonly JobTold[];
  ties: readonly TieTold[];
  /** What subjects know of them besides, by key. */
  facts?: Readonly<Record<string, string | null>>;
}

/** A column of a file that goes out: one that could come in as well, or 'fact:' and its key. */
export type ExportColumn = ColumnKey | `own:${string}` | `fact:${string}`;

const CELL: Record<ColumnKey, (p: ExportedPerson) => string> = {
  name: ({ fields }) => displayName(fields),
  prefix: ({ fields }) => fields.prefix,
  givenName: ({ fields }) => fields.givenName,
  middleName: ({ fields }) => fields.middleName,
  familyName: ({ fields }) => fields.familyName,
  suffix: ({ fields }) => fields.suffix,
  goesBy: ({ fields }) => fields.goesBy,
  company: ({ fields }) => fields.company,
  jobTitle: ({ fields }) => fields.jobTitle,
  email: ({ fields }) => fields.emails[0]?.value ?? '',
  emailLabel: ({ fields }) => fields.emails[0]?.label ?? '',
  moreEmails: ({ fields }) => joinCell(fields.emails.slice(1).map(writeReach)),
  phone: ({ fields }) => formatPhone(fields.phones[0]?.value ?? ''),
  phoneLabel: ({ fields }) => fields.phones[0]?.label ?? '',
  morePhones: ({ fields }) => joinCell(fields.phones.slice(1).map(writeReach)),
  addressLine: ({ fields }) => fields.addresses[0]?.line ?? '',
  city: ({ fields }) => fields.addresses[0]?.city ?? '',
  region: ({ fields }) => fields.addresses[0]?.region ?? '',
  postalCode: ({ fields }) => fields.addresses[0]?.postalCode ?? '',
  country: ({ fields }) => fields.addresses[0]?.country ?? '',
  place: ({ fields }) => fields.addresses[0]?.place ?? '',
  addressLabel: ({ fields }) => fields.addresses[0]?.label ?? '',
  lat: ({ fields }) => String(fields.addresses[0]?.lat ?? ''),
  lon: ({ fields }) => String(fields.addresses[0]?.lon ?? ''),
  moreAddresses: ({ fields }) => joinAddresses(fields.addresses.slice(1)),
  link: ({ fields }) => joinCell(fields.links.map(writeReach)),
  birthday: ({ fields }) => fields.birthday ?? '',
  wedding: ({ fields }) => fields.dates.find(isWedding)?.on ?? '',
  dates: ({ fields }) => writeDates(fields.dates.filter((d) => d !== fields.dates.find(isWedding))),
  interests: ({ fields }) => joinCell(fields.interests),
  roles: ({ fields }) => joinCell(fields.roles),
  standing: ({ fields }) => fields.standing,
  source: ({ fields }) => fields.source,
  circle: ({ circle }) => circle,
  promise: ({ promiseDays }) => String(promiseDays ?? ''),
  tags: ({ tags }) => joinCell(tags),
  preferred: ({ fields }) => fields.preferred,
  language: ({ fields }) => fields.language,
  favourite: ({ fields }) => (fields.favourite ? 'yes' : ''),
  wouldRefer: ({ fields }) =>
    [fields.wouldRefer, fields.wouldRefer && fields.wouldReferOn].filter(Boolean).join(' '),
  consent: ({ fields }) => writeConsent(fields.consent),
  note: ({ notes }) => notes[0]?.body ?? '',
  notes: ({ notes }) => writeNotes(notes),
  lastTouch: ({ touches }) => writeTouches(touches.slice(0, 1)),
  touches: ({ touches }) => writeTouches(touches),
  ties: ({ ties }) => writeTies(ties),
  work: ({ jobs }) => writeJobs(jobs),
};

const isWedding = ({ name }: { name: string }) => name === 'Wedding';

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it, which reading
 * takes off again (OWASP "CSV injection").
 */
export const guard = (cell: string): string =>
  /^'*[=+\-@\t\r]|^'+\d+$/.test(cell) ? `'${cell}` : cell;

/** The header of a column, by which import knows it again. */
export function columnLabel(
  column: ExportColumn,
  own: readonly OwnField[],
  facts: readonly Pick<FactInfo, 'key' | 'label'>[],
): string {
  if (column.startsWith('own:')) return own.find(({ id }) => column === `own:${id}`)?.name ?? '';
  if (column.startsWith('fact:'))
    return facts.find(({ key }) => column === `fact:${key}`)?.label ?? '';
  return COLUMNS[column as ColumnKey].label;
}

function cellOf(person: ExportedPerson, column: ExportColumn, own: readonly OwnField[]): string {
  if (column.startsWith('fact:')) return person.facts?.[column.slice(5)] ?? '';
  if (!column.startsWith('own:')) return CELL[column as ColumnKey](person);
  const field = own.find(({ id }) => column === `own:${id}`);
  const value = field && person.fields.own[field.id];
  return field && value !== undefined ? ownValueText(field, value) : '';
}

/** The first line of a CSV file (RFC 4180), after a byte-order mark, by which spreadsheets know UTF-8. */
export const csvHead = (
  columns: readonly ExportColumn[],
  own: readonly OwnField[],
  facts: readonly Pick<FactInfo, 'key' | 'label'>[] = [],
): string => `\uFEFF${csvLines([columns.map((column) => guard(columnLabel(column, own, facts)))])}`;

/** People as lines of a CSV file. */
export const csvRows = (
  people: readonly ExportedPerson[],
  columns: readonly ExportColumn[],
  own: readonly OwnField[],
): string =>
  csvLines(people.map((person) => columns.map((column) => guard(cellOf(person, column, own)))));

/** Lines end with CRLF, quotes are doubled (RFC 4180). */
const csvLines = (lines: readonly string[][]): string =>
  lines.length === 0 ? '' : `${Papa.unparse([...lines], { newline: '\r\n' })}\r\n`;
