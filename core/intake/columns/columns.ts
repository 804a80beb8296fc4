import { need } from '@/core/need';
import {
  COLUMN_KEYS,
  COLUMNS,
  fold,
  INCOMING,
  INCOMING_KEYS,
  partsOfUse,
  asUse,
  type ColumnUse,
  type ImportTarget,
  type OwnField,
} from '@/core/people';
import { readDate, type DateOrder } from '@/core/time';

import { headingWords, readHeading, type HeadingRead, type Subject } from './headings';
import { readEmail, readPhone } from '../rows/reach';
import type { Table } from '../table/table';

/** How a column is used, and how sure that is. */
export interface ColumnGuess {
  use: ColumnUse | null;
  /** `heading`: its heading says so. `content`: only what stands in it does. `none`: nobody understands it. */
  by: 'heading' | 'content' | 'none';
}

const folded = (text: string) =>
  fold(text)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

const BY_LABEL = new Map<string, ImportTarget>([
  ...COLUMN_KEYS.map((key) => [folded(COLUMNS[key].label), key] as const),
  ...INCOMING_KEYS.map((key) => [folded(INCOMING[key].label), key] as const),
]);
// A title is a form of address or what somebody does: its values tell.
BY_LABEL.delete('title');

/** What several columns of one file may fill. */
const SEVERAL: ReadonlySet<ImportTarget> = new Set<ImportTarget>([
  'note',
  'notes',
  'tags',
  'roles',
  'interests',
  'email',
  'emailLabel',
  'phone',
  'phoneLabel',
  'moreEmails',
  'morePhones',
  'link',
  'dates',
  'namedDate',
  'children',
  'childBirthday',
  'pets',
  'workDone',
  'aside',
  'newField',
  'addressLine2',
  'partnerEmail',
  'partnerPhone',
]);

const ADDRESS_PARTS: ReadonlySet<string> = new Set([
  'addressLine',
  'addressLine2',
  'city',
  'region',
  'postalCode',
  'country',
  'place',
]);

const PARTNERS: Partial<Record<Subject, ImportTarget>> = {
  name: 'partnerName',
  givenName: 'partnerGivenName',
  familyName: 'partnerFamilyName',
  email: 'partnerEmail',
  phone: 'partnerPhone',
  birthday: 'partnerBirthday',
};
const CHILDS: Partial<Record<Subject, ImportTarget>> = {
  name: 'children',
  givenName: 'children',
  children: 'children',
  birthday: 'childBirthday',
};

/** The first cells of a column that say something. */
function cellsOf(table: Pick<Table, 'rows'>, column: number, most = 200): string[] {
  const cells: string[] = [];
  for (const row of table.rows) {
    const cell = row.cells[column];
    if (cell) cells.push(cell);
    if (cells.length === most) break;
  }
  return cells;
}

const most = (cells: readonly string[], test: (cell: string) => boolean) =>
  cells.filter(test).length > cells.length / 2;

/**
 * Guesses what each column holds: by its heading, which is never overruled by what stands in it, else by
 * that. A column that nobody understands goes into the note under its heading.
 */
export function guessColumns(
  table: Pick<Table, 'header' | 'rows'>,
  own: readonly OwnField[] = [],
): ColumnGuess[] {
  const taken = new Set<string>();
  const claim = (use: ColumnUse | null): ColumnUse | null => {
    if (use === null || (taken.has(use) && !SEVERAL.has(partsOfUse(use).to))) return null;
    taken.add(use);
    return use;
  };
  const ownByName = new Map(own.map(({ id, name }) => [folded(name), `own:${id}` as const]));
  const heads = table.header.map(readHeading);
  const hasJob = table.header.some(
    (heading, i) =>
      BY_LABEL.get(folded(heading)) === 'jobTitle' ||
      (need(heads[i]).whose === 'own' && need(heads[i]).subject === 'jobTitle'),
  );
  const guesses = table.header.map((heading, i): ColumnGuess => {
    const cells = cellsOf(table, i);
    const known = ownByName.get(folded(heading)) ?? BY_LABEL.get(folded(heading));
    const use = known ?? byHeading(need(heads[i]), cells, heads, hasJob);
    const claimed = claim(use);
    return claimed ? { use: claimed, by: 'heading' } : { use: null, by: 'none' };
  });
  return gather(
    guesses.map((guess, i) => {
      if (guess.use) return guess;
      const cells = cellsOf(table, i);
      if (cells.length === 0) return guess;
      const use = claim(byContent(need(table.header[i]), need(heads[i]), cells, taken));
      return use ? { use, by: 'content' } : { use: 'aside', by: 'none' };
    }),
  );
}

function byHeading(
  { subject, whose, which, number, isLabel }: HeadingRead,
  cells: readonly string[],
  all: readonly HeadingRead[],
  /** Whether another column says what somebody does. */
  hasJob: boolean,
): ColumnUse | null {
  if (!subject) return null;
  if (isLabel) return subject === 'email' || subject === 'phone' ? `${subject}Label` : null;
  if (whose === 'other') return null;
  if (whose === 'partner') return PARTNERS[subject] ?? null;
  if (whose === 'child') return CHILDS[subject] ?? null;
  if (subject === 'titleOrPrefix')
    return hasJob || most(cells, isFormOfAddress) ? 'prefix' : 'jobTitle';
  if (subject === 'prefix') return most(cells, isFormOfAddress) ? 'prefix' : null;
  if (subject === 'email' || subject === 'phone')
    return asUse(subject, which === 'mailing' ? '' : which);
  // "Name" beside "Last name" is the first name.
  if (subject === 'name' && all.some((h) => h.whose === 'own' && h.subject === 'familyName'))
    return all.some((h) => h.whose === 'own' && h.subject === 'givenName') ? 'name' : 'givenName';
  if (!ADDRESS_PARTS.has(subject)) return subject;
  return addressUse(subject as 'city', which, number, all);
}

/** "Address 2" is the second line of an address, unless there is a second city as well. */
function addressUse(
  subject: 'addressLine' | 'addressLine2' | 'city',
  which: string,
  number: number | null,
  all: readonly HeadingRead[],
): ColumnUse {
  if (number === null || number === 1) return asUse(subject, which);
  const second = all.some(
    (h) =>
      h.number === number &&
      h.which === which &&
      ['city', 'region', 'postalCode'].includes(h.subject ?? ''),
  );
  if (second) return asUse(subject, [which, String(number)].filter(Boolean).join(' '));
  return asUse(subject === 'addressLine' ? 'addressLine2' : subject, which);
}

const FORMS =
  /^(?:mr|mrs|ms|miss|mx|dr|prof|rev|sr|sra|srta|herr|frau|m|mme|mlle|sig|dott|hon|judge|sir)\.?(?:\s*(?:&|and|und)\s*(?:mr|mrs|ms|dr|frau)\.?)?$/i;
const isFormOfAddress = (cell: string) => FORMS.test(cell.trim());

/** Words of a heading that tell of an identifier or an amount, which looks like a number to call. */
const NO_REACH = new Set(
  'id no number code account key ref reference amount price loan value balance ssn tax license policy index rank order qty quantity score'.split(
    ' ',
  ),
);

function byContent(
  heading: string,
  { whose, which, subject }: HeadingRead,
  cells: readonly string[],
  taken: ReadonlySet<string>,
): ColumnUse | null {
  if (whose !== 'own' || subject !== null) return null;
  const words = headingWords(heading);
  if (words.some((word) => NO_REACH.has(word))) return null;
  const named = [...taken].some((use) => /^(?:name|givenName|familyName)$/.test(use));
  const place = which === 'mailing' ? '' : which;
  if (most(cells, (cell) => readEmail(cell) !== null)) return asUse('email', place);
  if (most(cells, isPhoneLike)) return asUse('phone', place);
  if (place && most(cells, (cell) => /\d/.test(cell) && /\p{L}/u.test(cell)))
    return asUse('addressLine', place);
  if (
    !named &&
    most(cells, (cell) => /^\p{L}[\p{L}\p{M}.'’-]*(,? \p{L}[\p{L}\p{M}.'’()"&-]*)+$/u.test(cell))
  )
    return 'name';
  return null;
}

/** A number with signs of a phone number in it: neither a day nor an identifier. */
const isPhoneLike = (cell: string) =>
  /[()+\-. /]/.test(cell.trim()) &&
  readPhone(cell) !== null &&
  readDate(cell) === null &&
  !/^\d{5}-\d{4}$/.test(cell);

/**
 * Puts the parts of one address together: where every street says which it is, a city that does not belongs
 * to the street before it.
 */
function gather(guesses: ColumnGuess[]): ColumnGuess[] {
  const parts = guesses.map(({ use }) => (use ? partsOfUse(use) : null));
  const streets = parts.flatMap((p) => (p?.to === 'addressLine' ? [p.which] : []));
  if (streets.length === 0 || streets.includes('')) return guesses;
  const taken = new Set(guesses.map(({ use }) => use));
  let street = need(streets[0]);
  return guesses.map((guess, i) => {
    const part = parts[i];
    if (part?.to === 'addressLine') street = part.which;
    if (!part || !ADDRESS_PARTS.has(part.to) || part.which !== '') return guess;
    const use = asUse(part.to, street);
    return taken.has(use) ? guess : { ...guess, use };
  });
}

/** What a column of days is filled into. */
const DAYS: ReadonlySet<ImportTarget> = new Set<ImportTarget>([
  'birthday',
  'wedding',
  'lastTouch',
  'workDone',
  'namedDate',
  'partnerBirthday',
  'childBirthday',
]);

export const isDayUse = (to: ImportTarget, own: readonly OwnField[] = []): boolean =>
  DAYS.has(to) || own.some(({ id, type }) => type === 'date' && to === `own:${id}`);

export interface DayColumn {
  order: DateOrder | null;
  /** Days that would be others in the other order, when nothing in the column decides. */
  examples: string[];
  /** Whether bare figures in it are the days of a spreadsheet. */
  serial: boolean;
}

/** In which order a column writes its days: as the cells say that have a number over 12. */
export function readDayColumn(cells: Iterable<string>): DayColumn {
  let [dayFirst, monthFirst, serials, all] = [0, 0, 0, 0];
  const either: string[] = [];
  for (const cell of cells) {
    if (cell === '') continue;
    all += 1;
    if (/^\d{4,5}(\.0+)?$/.test(cell)) serials += 1;
    const found = /^(\d{1,2})[-/. ](\d{1,2})[-/. ](?:\d{2}|\d{4})(?:\D|$)/.exec(cell);
    const [a, b] = [Number(found?.[1]), Number(found?.[2])];
    if (!found) continue;
    if (a > 12 && b <= 12) dayFirst += 1;
    else if (b > 12 && a <= 12) monthFirst += 1;
    else if (a !== b && either.length < 3) either.push(cell);
  }
  const decided = dayFirst > 0 !== monthFirst > 0;
  return {
    order: decided ? (dayFirst > 0 ? 'dmy' : 'mdy') : null,
    examples: decided ? [] : either,
    serial: serials > all / 2,
  };
}
