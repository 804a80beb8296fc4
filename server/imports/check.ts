import { PersonFields, Text } from '@/contract/record';
import type { ImportedPerson, RowFault } from '@/core/intake';
import { need } from '@/core/need';

/** So many are checked before others get their turn. */
const PEOPLE_PER_TURN = 500;
/** A note of a file may be longer than one is written; it comes in as several. */
const NOTE_MOST = 10_000;

const Tag = Text(60).min(1);

/**
 * Holds what comes in from a file against the schemas of the forms. What does not fit is taken out, told
 * with its row, and kept in the note word for word.
 */
export async function checkPeople(people: ImportedPerson[], faults: RowFault[]): Promise<void> {
  for (let from = 0; from < people.length; from += PEOPLE_PER_TURN) {
    for (const person of people.slice(from, from + PEOPLE_PER_TURN)) checkPerson(person, faults);
    await new Promise((done) => setImmediate(done));
  }
}

function checkPerson(person: ImportedPerson, faults: RowFault[]): void {
  const kept: string[] = [];
  const keep = (what: string, value: string, why: string) => {
    faults.push({
      row: person.row,
      why: `${what} “${value.slice(0, 60)}” can’t be kept there (${why.replace(/\.$/, '')}); it is kept in the note.`,
      leftOut: false,
    });
    kept.push(`${what}: ${value}`);
  };
  // Taking one thing out can show the next; nobody has more of them than this.
  for (let tries = 0; tries < 50; tries++) {
    const checked = PersonFields.safeParse(person.fields);
    if (checked.success) {
      person.fields = checked.data;
      break;
    }
    for (const { path, message } of checked.error.issues)
      takeOut(person.fields as unknown as Holder, path as (string | number)[], message, keep);
  }
  person.tags = person.tags.filter((tag) => {
    const fits = Tag.safeParse(tag).success;
    if (!fits && tag) keep('Tag', tag, 'At most 60 characters.');
    return fits;
  });
  if (kept.length > 0) person.notes.unshift({ on: null, body: kept.join('\n') });
  person.notes = person.notes.flatMap(({ on, body }) =>
    piecesOf(body).map((piece) => ({ on, body: piece })),
  );
}

type Holder = Record<string | number, unknown>;
const MOST: Record<string, number> = {
  emails: 20,
  phones: 20,
  addresses: 20,
  links: 20,
  dates: 40,
  interests: 50,
  roles: 20,
};

/** What a part of a person is called when it is told. */
const NAMES: Record<string, string> = {
  prefix: 'Title',
  givenName: 'First name',
  middleName: 'Middle name',
  familyName: 'Last name',
  goesBy: 'Goes by',
  jobTitle: 'Work',
  emails: 'E-mail',
  phones: 'Phone',
  addresses: 'Address',
  postalCode: 'Postal code',
  line: 'Street',
  links: 'Link',
  roles: 'Role',
  interests: 'Interest',
};
const nameOf = (part: string | number | undefined): string =>
  NAMES[String(part)] ?? String(part).charAt(0).toUpperCase() + String(part).slice(1);

/** Takes out what a path leads to: a text is emptied, an entry of a list goes. */
function takeOut(
  fields: Holder,
  path: readonly (string | number)[],
  why: string,
  keep: (what: string, value: string, why: string) => void,
): void {
  const [first, at, part] = path;
  const key = need(first);
  const value = fields[key];
  if (Array.isArray(value)) {
    const list = value as unknown[];
    if (typeof at !== 'number') {
      for (const extra of list.splice(MOST[String(key)] ?? 20))
        keep(nameOf(key), wordsOf(extra), why);
      return;
    }
    const entry = list[at];
    if (entry === undefined || entry === null) return;
    if (typeof entry === 'object' && part && key === 'addresses') {
      keep(nameOf(part), wordsOf((entry as Holder)[part]), why);
      (entry as Holder)[part] = part === 'lat' || part === 'lon' ? null : '';
    } else if (typeof entry === 'object' && part === 'label') {
      keep(`${nameOf(key)} label`, wordsOf((entry as Holder).label), why);
      (entry as Holder).label = '';
    } else {
      keep(nameOf(key), wordsOf(entry), why);
      list.splice(at, 1, ...(typeof entry === 'string' ? [''] : []));
      fields[key] = list.filter((item) => item !== '');
    }
  } else if (value !== null && typeof value === 'object' && at !== undefined) {
    keep(nameOf(key), `${at}: ${wordsOf((value as Holder)[at])}`, why);
    delete (value as Holder)[at];
  } else {
    if (value) keep(nameOf(key), wordsOf(value), why);
    fields[key] =
      typeof value === 'string' && !/^(birthday|wouldRefer|wouldReferOn)$/.test(String(key))
        ? ''
        : null;
  }
}

function wordsOf(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (typeof value !== 'object') return String(value as string | number | boolean);
  return Object.values(value)
    .filter((part) => part !== '' && part !== null)
    .join(' ');
}

function piecesOf(body: string): string[] {
  const pieces: string[] = [];
  for (let from = 0; from < body.length; from += NOTE_MOST)
    pieces.push(body.slice(from, from + NOTE_MOST));
  return pieces;
}
