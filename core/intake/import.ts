import { fold, IMPORT_TARGETS, type ImportTarget, type Names } from '@/core/people';
import type { PlainDate } from '@/core/time';

import { readDate, readFullDate } from './dates';
import { splitName } from './names';
import { readEmail, readPhone } from './reach';
import type { Table } from './table';

/** Column headings by what they mean, folded and without punctuation. */
const HEADINGS: Record<ImportTarget, readonly string[]> = {
  name: ['name', 'full name', 'contact', 'contact name', 'client', 'client name', 'person'],
  givenName: ['first name', 'first', 'given name', 'given', 'forename'],
  familyName: ['last name', 'last', 'family name', 'family', 'surname'],
  goesBy: ['nickname', 'goes by', 'known as', 'preferred name'],
  company: ['company', 'organization', 'organisation', 'employer', 'firm', 'business'],
  email: ['email', 'e mail', 'email address', 'e mail address', 'mail', 'email 1'],
  phone: [
    'phone',
    'mobile',
    'cell',
    'telephone',
    'tel',
    'phone number',
    'mobile phone',
    'cell phone',
  ],
  addressLine: [
    'address',
    'street',
    'street address',
    'address 1',
    'address line 1',
    'home address',
  ],
  city: ['city', 'town'],
  region: ['state', 'region', 'province', 'county'],
  postalCode: ['zip', 'zip code', 'postal code', 'postcode', 'post code'],
  place: ['neighborhood', 'neighbourhood', 'place', 'area', 'district'],
  birthday: ['birthday', 'birth date', 'birthdate', 'date of birth', 'dob', 'born'],
  roles: ['role', 'roles', 'type', 'relationship'],
  tags: ['tags', 'tag', 'labels', 'groups', 'keywords'],
  circle: ['circle', 'closeness', 'tier', 'group'],
  source: ['source', 'referred by', 'how we met', 'came from'],
  note: ['note', 'notes', 'comment', 'comments', 'remarks'],
  lastTouch: ['last contact', 'last contacted', 'last touch', 'last spoke', 'last call'],
};

const BY_HEADING = new Map(
  IMPORT_TARGETS.flatMap((target) => HEADINGS[target].map((heading) => [heading, target] as const)),
);

const tidyHeading = (text: string) =>
  fold(text)
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** Targets that several columns may fill; their values are joined. */
const JOINABLE: ReadonlySet<ImportTarget> = new Set(['note', 'tags', 'roles', 'addressLine']);

/** Guesses what each column holds, by its heading and, failing that, by what its cells look like. */
export function guessMapping(table: Pick<Table, 'header' | 'rows'>): (ImportTarget | null)[] {
  const taken = new Set<ImportTarget>();
  const claim = (target: ImportTarget | null) => {
    if (target === null || (taken.has(target) && !JOINABLE.has(target))) return null;
    taken.add(target);
    return target;
  };
  const byHeading = table.header.map((h) => claim(BY_HEADING.get(tidyHeading(h)) ?? null));
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
  if (!taken.has('email') && most((cell) => readEmail(cell) !== null)) return 'email';
  if (!taken.has('phone') && most((cell) => readPhone(cell) !== null)) return 'phone';
  const named = taken.has('name') || taken.has('givenName') || taken.has('familyName');
  if (!named && most((cell) => /^\p{L}[\p{L}.'’-]*(,? \p{L}[\p{L}.'’-]*)+$/u.test(cell)))
    return 'name';
  return null;
}

export interface ImportedPerson extends Names {
  row: number;
  goesBy: string;
  company: string;
  email: string;
  phone: string;
  addressLine: string;
  city: string;
  region: string;
  postalCode: string;
  place: string;
  birthday: string | null;
  roles: string[];
  tags: string[];
  circle: string;
  source: string;
  note: string;
  lastTouch: PlainDate | null;
}

export interface RowFault {
  row: number;
  why: string;
  /** Whether the whole row stays out; otherwise only the value does, and it is kept in the note. */
  leftOut: boolean;
}

const listed = (text: string) =>
  text
    .split(/[,;|]/)
    .map((part) => part.trim().replace(/^#/, ''))
    .filter(Boolean);

/**
 * Turns mapped rows into people. A row needs a name or a way to reach somebody. A value that can't
 * be read (an e-mail that is none, a birthday that doesn't exist) is kept in the note, word for
 * word, and reported.
 */
export function importRows(
  table: Pick<Table, 'rows' | 'header'>,
  mapping: readonly (ImportTarget | null)[],
  today: PlainDate,
): { people: ImportedPerson[]; faults: RowFault[] } {
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const columnsOf = new Map<ImportTarget, number[]>();
  mapping.forEach(
    (target, i) => target && columnsOf.set(target, [...(columnsOf.get(target) ?? []), i]),
  );

  for (const { row, cells } of table.rows) {
    const unread: string[] = [];
    const get = (target: ImportTarget, glue = ', ') =>
      (columnsOf.get(target) ?? [])
        .map((i) => cells[i] ?? '')
        .filter(Boolean)
        .join(glue);
    const read = <T>(
      target: ImportTarget,
      reader: (text: string) => T | null,
      what: string,
    ): T | null => {
      const text = get(target);
      if (text === '') return null;
      const value = reader(text);
      if (value === null) {
        unread.push(`${what}: ${text}`);
        faults.push({
          row,
          why: `“${text}” is not ${what}; it is kept in the note.`,
          leftOut: false,
        });
      }
      return value;
    };
    const email = read('email', readEmail, 'an e-mail address') ?? '';
    const phone = read('phone', readPhone, 'a phone number') ?? '';
    const birthday = read('birthday', readDate, 'a day in the calendar');
    const lastTouch = read('lastTouch', (text) => pastDay(text, today), 'a day that has been');
    const whole = splitName(get('name'));
    const names = {
      givenName: get('givenName') || whole.givenName,
      familyName: get('familyName') || whole.familyName,
    };
    const company = get('company');
    if (!names.givenName && !names.familyName && !company && !email && !phone) {
      faults.push({ row, why: 'It has neither a name nor a way to reach anybody.', leftOut: true });
      continue;
    }
    people.push({
      row,
      ...names,
      goesBy: get('goesBy'),
      company,
      email,
      phone,
      addressLine: get('addressLine'),
      city: get('city'),
      region: get('region'),
      postalCode: get('postalCode'),
      place: get('place'),
      birthday,
      roles: listed(get('roles')),
      tags: listed(get('tags')),
      circle: get('circle'),
      source: get('source'),
      note: [get('note', '\n'), ...unread].filter(Boolean).join('\n'),
      lastTouch,
    });
  }
  return { people, faults };
}

function pastDay(text: string, today: PlainDate): PlainDate | null {
  const day = readFullDate(text);
  return day && day <= today ? day : null;
}
