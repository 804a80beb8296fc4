import { need } from '@/core/need';
import { fold, NOBODY, type OwnField, type PersonFields } from '@/core/people';
import type { PlainDate } from '@/core/time';

import {
  importedOf,
  isSomebody,
  type ImportedPerson,
  type Related,
  type RowFault,
} from '../imported';
import { readCards, type CardLine, type RawCard } from './vcard-lines';
import { tieByName } from '../rows/row-ties';
import { readNames } from './vcard-names';
import { READERS } from './vcard-properties';
import { aside, labelOf, text, type Reading } from './vcard-reading';

export const MAX_CARDS = 50_000;
export const isVCard = (text: string): boolean =>
  /^\s*BEGIN\s*:\s*VCARD/im.test(text.slice(0, 4000));

const IGNORED = new Set(
  'VERSION REV UID PRODID CLIENTPIDMAP MAILER SORT-STRING CLASS PROFILE KIND X-ABLABEL X-ABADR FN N X-ABSHOWAS'.split(
    ' ',
  ),
);

/** Bytes that are nobody's words: told as left out. */
const BYTES = new Set('KEY LOGO SOUND'.split(' '));

/** Preferred ones first: PREF=1 (4.0) or TYPE=pref (3.0). */
function preference(line: CardLine): number {
  const rank = Number(line.params.get('PREF')?.[0]);
  if (rank >= 1) return rank;
  return line.params.get('TYPE')?.some((type) => type.toLowerCase() === 'pref') ? 1 : 101;
}

const RELATED: Record<string, Related['kind'] | 'parent'> = {
  spouse: 'partner',
  partner: 'partner',
  sweetheart: 'partner',
  wife: 'partner',
  husband: 'partner',
  child: 'child',
  son: 'child',
  daughter: 'child',
  parent: 'parent',
  mother: 'parent',
  father: 'parent',
  sibling: 'sibling',
  brother: 'sibling',
  sister: 'sibling',
  friend: 'friend',
  colleague: 'colleague',
  'co-worker': 'colleague',
};

/** Reads one card; everything that can't be placed is kept in a note, word for word. */
function readCard(raw: RawCard, about: About): { read: Reading; second: ImportedPerson | null } {
  const person = importedOf(raw.card, structuredClone(NOBODY));
  const lines = raw.lines.toSorted((a, b) => preference(a) - preference(b));
  const { own, today, country } = about;
  const reading: Reading = { person, unread: [], lines, own, today, country };
  for (const line of lines) {
    if (line.name === 'RELATED' || line.name === 'X-ABRELATEDNAMES' || line.name === 'X-SPOUSE')
      readRelated(line, reading, about);
    else if (READERS[line.name]) need(READERS[line.name])(line, reading);
    else if (BYTES.has(line.name)) reading.unread.push(`${line.name}, which is left out`);
    else if (!IGNORED.has(line.name)) aside(reading, line);
  }
  const second = readNames(reading);
  const fn = lines.find(({ name }) => name === 'FN');
  if (fn && !second && !isSaid(text(fn), person.fields)) aside(reading, fn);
  return { read: reading, second };
}

/** Whether a full name says nothing that the parts don't. */
const isSaid = (whole: string, fields: PersonFields): boolean => {
  const said = fold(
    [
      ...Object.values(fields).filter((value) => typeof value === 'string'),
      ...fields.emails.map(({ value }) => value),
      ...fields.phones.map(({ value }) => value),
    ].join(' '),
  );
  return fold(whole)
    .split(/[^\p{L}\p{N}@.+-]+/u)
    .every((word) => said.includes(word.replace(/\.$/, '')));
};

interface About {
  own: readonly OwnField[];
  today: PlainDate;
  country: string;
  /** By UID: the number of the card, and the name on it. */
  cardOf: ReadonlyMap<string, { card: number; name: string }>;
}

function readRelated(line: CardLine, reading: Reading, { cardOf }: About): void {
  const value = text(line);
  const card = cardOf.get(value);
  const name = card?.name ?? (/^(urn:|[a-z]+:\/\/)/i.test(value) ? '' : value);
  const label = labelOf(line, reading);
  const kind = line.name === 'X-SPOUSE' ? 'partner' : RELATED[label.toLowerCase()];
  // A parent is kept as their child, who must then come in as somebody.
  const parent = kind === 'parent';
  if (name && kind && (!parent || card))
    reading.person.related.push({
      kind: parent ? 'child' : kind,
      name,
      ...(card ? { place: card.card } : {}),
      ...(parent ? { reversed: true } : {}),
    });
  else if (value) reading.unread.push(`${label || 'related'}: ${name || value}`);
}

export type CardsRead =
  | { ok: true; people: ImportedPerson[]; faults: RowFault[] }
  | { ok: false; reason: 'none' | 'too_many'; cards: number };

const isGroup = ({ lines }: RawCard): boolean =>
  lines.some(
    ({ name, value }) =>
      /^(X-ADDRESSBOOKSERVER-)?KIND$/.test(name) && /^group$/i.test(value.trim()),
  );

const nameOf = ({ lines }: RawCard): string => {
  const fn = lines.find(({ name }) => name === 'FN');
  return fn ? text(fn) : '';
};

/** A group of people is nobody: those of its members who are in the file get its name as a tag. */
function readGroup(
  raw: RawCard,
  about: About,
  byCard: ReadonlyMap<number, ImportedPerson>,
): RowFault {
  const name = nameOf(raw) || 'Group';
  const members = raw.lines
    .filter((line) => /MEMBER$/.test(line.name))
    .flatMap((line) => byCard.get(about.cardOf.get(line.value.trim())?.card ?? 0) ?? []);
  for (const { tags } of members) if (!tags.includes(name)) tags.push(name);
  return {
    row: raw.card,
    why: `“${name.slice(0, 60)}” is a group, not a person; ${members.length} of its people here are tagged so.`,
    leftOut: true,
  };
}

/**
 * Reads vCards of versions 2.1, 3.0 and 4.0 (RFC 2426, RFC 6350), also several in one file. A damaged
 * card never costs another one; what can't be read is kept in the note and reported.
 */
export function readVCards(
  file: string,
  own: readonly OwnField[] = [],
  today = '2999-12-31' as PlainDate,
  country = '',
): CardsRead {
  const cards = readCards(file);
  if (cards.length === 0) return { ok: false, reason: 'none', cards: 0 };
  if (cards.length > MAX_CARDS) return { ok: false, reason: 'too_many', cards: cards.length };
  const cardOf = new Map(
    cards.flatMap((raw) => {
      const uid = raw.lines.find(({ name }) => name === 'UID');
      return uid ? [[uid.value.trim(), { card: raw.card, name: nameOf(raw) }] as const] : [];
    }),
  );
  const about: About = { own, today, country, cardOf };
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const byCard = new Map<number, ImportedPerson>();
  for (const raw of cards.filter((card) => !isGroup(card))) {
    const { read, second } = readCard(raw, about);
    const { person, unread } = read;
    const tell = (why: string, leftOut = false) => faults.push({ row: raw.card, why, leftOut });
    if (!isSomebody(person.fields)) {
      tell('It has neither a name nor a way to reach anybody.', true);
      continue;
    }
    if (!raw.complete) tell('It has no end; it was read as far as it goes.');
    for (const what of unread)
      tell(`Kept in the note, as it has no place of its own: “${what.slice(0, 120)}”.`);
    if (unread.length > 0) person.notes.push({ on: null, body: unread.join('\n') });
    people.push(person);
    byCard.set(raw.card, person);
    if (!second) continue;
    tell('Two people of one home: the e-mail, the phone and the rest go to the first.');
    person.related.push({ kind: 'partner', name: '', place: people.length });
    people.push(second);
  }
  placeRelated(people, byCard);
  tieByName(people);
  for (const raw of cards.filter(isGroup)) faults.push(readGroup(raw, about, byCard));
  return { ok: true, people, faults };
}

/** Ties to cards become ties to the people who came of them; one tie for two cards that name each other. */
function placeRelated(people: ImportedPerson[], byCard: ReadonlyMap<number, ImportedPerson>): void {
  const placeOf = new Map(people.map((person, place) => [person, place]));
  for (const person of byCard.values())
    for (const tie of person.related) {
      if (tie.place === undefined || tie.name === '') continue;
      const other = byCard.get(tie.place);
      if (other && other !== person) tie.place = need(placeOf.get(other));
      else delete tie.place;
    }
}
