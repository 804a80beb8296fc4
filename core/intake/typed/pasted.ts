import { need } from '@/core/need';
import { NOBODY, type PersonFields } from '@/core/people';
import { figure } from '@/core/time';

import { findParts, GAP, type PartsReading } from './find-parts';
import { asSecond, importedOf, type ImportedPerson, type RowFault } from '../imported';
import { splitCouple, splitName } from '../rows/names';

export const MAX_PASTED = 20_000;

/** Cuts at line ends, semicolons, tabs and commas outside of quotes, brackets and angle brackets. */
function entriesOf(line: string): { text: string; comma: boolean }[] {
  const parts = [{ text: '', comma: false }];
  let quoted = false;
  let depth = 0;
  for (const char of line) {
    if (char === '"') quoted = !quoted;
    if (!quoted && '<('.includes(char)) depth += 1;
    if (!quoted && '>)'.includes(char)) depth = Math.max(0, depth - 1);
    if (!quoted && depth === 0 && ',;\t'.includes(char))
      parts.push({ text: '', comma: char !== ';' });
    else need(parts.at(-1)).text += char;
  }
  return parts
    .map((part) => ({ ...part, text: part.text.trim() }))
    .filter(({ text }) => text !== '');
}

const isName = (text: string) =>
  /^[\p{L}\p{M}.,'’"“”()& -]{2,80}$/u.test(text) && text.split(/\s+/).length <= 7;
const isWord = (text: string) => /^\p{L}[\p{L}\p{M}.'’-]*$/u.test(text);

/** One entry: a name and what was found beside it. */
interface Entry {
  row: number;
  name: string;
  fields: Pick<PersonFields, 'emails' | 'phones'>;
  /** What is neither. */
  other: string;
}

/** Longer than any name or address; looking into it would take for ever. */
const ENDLESS = 1_000;

/** A text without words that have no end, and those. */
function withoutEndless(text: string): { short: string; endless: string[] } {
  if (text.length < ENDLESS) return { short: text, endless: [] };
  const words = text.split(/\s+/);
  const endless = words.filter((word) => word.length >= ENDLESS);
  if (endless.length === 0) return { short: text, endless };
  return { short: words.filter((word) => word.length < ENDLESS).join(' '), endless };
}

/** Reads the entries of one piece of text; several addresses parted by spaces only are several. */
function readEntries(row: number, text: string, reading: PartsReading): Entry[] {
  const { short, endless } = withoutEndless(text);
  const { rest, parts } = findParts(short.replaceAll(GAP, ' '), reading);
  const emails = parts.flatMap((part) =>
    part.is === 'email' ? [{ value: part.value, label: part.label }] : [],
  );
  const phones = parts.flatMap((part) =>
    part.is === 'phone' ? [{ value: part.value, label: part.label }] : [],
  );
  const unread = parts.flatMap((part) => (part.is === 'unread' ? [part.text] : []));
  const words = rest
    .split(new RegExp(`[${GAP}\\s]*${GAP}[${GAP}\\s]*`))
    .map((word) => word.replace(/^["'\s<>:,-]+|["'\s<>:,-]+$/g, ''))
    .filter(Boolean);
  const names = words.filter(isName);
  const other = [...unread, ...words.filter((word) => !isName(word)), ...endless].join(' ');
  // "Ana Lind ana@… Bo Marsh bo@…": as many names as addresses.
  const several = emails.length > 1 && (names.length === 0 || names.length === emails.length);
  if (several)
    return emails.map((email, i) => ({
      row,
      name: names[i] ?? '',
      fields: { emails: [email], phones: i === 0 ? phones : [] },
      other: i === 0 ? other : '',
    }));
  return [{ row, name: names.join(' '), fields: { emails, phones }, other }];
}

/**
 * The entries of one line. Behind a comma stands somebody else, unless it is what belongs to the name
 * before: "Lind, Rosa <rosa@example.com>", "Rosa Lind, rosa@example.com, 555-0142".
 */
function readLine(
  row: number,
  line: string,
  { familyFirst, reading }: { familyFirst: boolean; reading: PartsReading },
): Entry[] {
  const entries: Entry[] = [];
  for (const { text, comma } of entriesOf(line)) {
    const read = readEntries(row, text, reading);
    const [one] = read;
    const before = entries.at(-1);
    const joins =
      comma && read.length === 1 && before && before.name !== '' && before.other === '' && one;
    const none = before && before.fields.emails.length + before.fields.phones.length === 0;
    if (joins && one.name === '' && one.other === '' && fitsBeside(before, one)) {
      before.fields.emails.push(...one.fields.emails);
      before.fields.phones.push(...one.fields.phones);
    } else if (joins && none && isFamilyBefore(before, one, familyFirst))
      entries[entries.length - 1] = { ...one, name: `${before.name}, ${one.name}` };
    else entries.push(...read);
  }
  return entries;
}

/** An address belongs to the name before it where that has none of its kind. */
const fitsBeside = ({ fields }: Entry, more: Entry): boolean =>
  (more.fields.emails.length > 0 && fields.emails.length === 0) ||
  (more.fields.phones.length > 0 && fields.phones.length === 0);

/** "Lind, Rosa" before an address, or in a list of nothing else. */
const isFamilyBefore = (before: Entry, one: Entry, familyFirst: boolean): boolean =>
  one.name !== '' &&
  isWord(need(one.name.split(' ')[0])) &&
  (familyFirst ||
    (one.fields.emails.length + one.fields.phones.length > 0 &&
      isWord(before.name) &&
      isWord(one.name)));

/** Whether every line is two words with a comma between: a list with the family name first. */
function isFamilyFirst(lines: readonly string[]): boolean {
  const told = lines.filter((line) => line.trim() !== '');
  return (
    told.length > 1 &&
    told.every((line) => /^\s*\p{L}[\p{L}\p{M}'’ -]*,\s*\p{L}[\p{L}\p{M}.'’-]*\s*$/u.test(line))
  );
}

const nobody = (text: string) => `“${text.slice(0, 80)}” is neither a name nor an e-mail address.`;

/**
 * Reads pasted names and addresses, parted by commas, semicolons, tabs, lines or only spaces. What is
 * neither is reported and left out, by itself. The same address twice counts once.
 */
export function readPasted(
  text: string,
  { country }: Pick<PartsReading, 'country'> = {},
): { people: ImportedPerson[]; faults: RowFault[] } {
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const seen = new Set<string>();
  const lines = text.split(/\r\n|\r|\n/);
  const familyFirst = isFamilyFirst(lines);
  const entries = lines.flatMap((line, i) =>
    readLine(i + 1, line, { familyFirst, reading: { country } }),
  );
  for (const [n, { row, name, fields, other }] of entries.entries()) {
    const tell = (why: string, leftOut = true) => faults.push({ row, why, leftOut });
    const { emails, phones } = fields;
    if (name === '' && emails.length + phones.length === 0) {
      tell(nobody(other));
      continue;
    }
    if (people.length >= MAX_PASTED) {
      tell(
        `Only ${figure(MAX_PASTED)} entries are read at a time; ${entries.length - n} are left out.`,
      );
      break;
    }
    const key = emails[0]?.value.toLowerCase();
    if (key && seen.has(key)) {
      tell(`${key} is there twice; it is taken once.`);
      continue;
    }
    if (key) seen.add(key);
    if (other) tell(`“${other.slice(0, 80)}” goes into the note.`, false);
    const couple = splitCouple(name);
    const { also, unsure, ...split } = couple?.[0] ?? splitName(name);
    const person: ImportedPerson = {
      ...importedOf(row, { ...NOBODY, ...split, emails, phones }),
      notes: [other, also].filter(Boolean).map((body) => ({ on: null, body: need(body) })),
      ...(unsure ? { nameGuessed: true } : {}),
    };
    people.push(person);
    if (!couple) continue;
    person.related.push({ kind: 'partner', name: '', place: people.length });
    people.push(asSecond(couple[1], person));
  }
  return { people, faults };
}
