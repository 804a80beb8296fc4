import {
  isAddress,
  NO_ADDRESS,
  NOBODY,
  type Address,
  type OwnField,
  type PersonFields,
  type Reach,
} from '@/core/people';
import { readDate } from '@/core/time';

import { readConsent } from './cells';
import { isSomebody, type ImportedPerson, type RowFault } from './import';
import { splitName } from './names';
import { readOwnValue } from './own';
import { readEmail, readPhone } from './reach';
import { readCards, splitValue, unescapeText, type CardLine, type RawCard } from './vcard-lines';

export const MAX_CARDS = 50_000;
/** A photo in a card may be this large; larger ones are left out and told. */
export const MAX_PHOTO_BYTES = 12 * 1024 * 1024;

export const isVCard = (text: string): boolean =>
  /^\s*BEGIN\s*:\s*VCARD/im.test(text.slice(0, 4000));

const IGNORED = new Set(
  'VERSION REV UID PRODID SOURCE XML KEY LOGO SOUND CLIENTPIDMAP MAILER SORT-STRING CLASS LABEL PROFILE AGENT KIND NAME X-ABLABEL X-ABADR FN N'.split(
    ' ',
  ),
);

interface Reading {
  person: Omit<ImportedPerson, 'row'>;
  unread: string[];
  lines: readonly CardLine[];
  own: readonly OwnField[];
}

type Reader = (line: CardLine, reading: Reading) => void;

const texts = (line: CardLine, sign: ';' | ',') =>
  splitValue(line.value, sign).map((part) => unescapeText(part).trim());
const text = (line: CardLine) => unescapeText(line.value).trim();

/** 'home', 'work', 'cell' … without what says how it is sent or that it is preferred. */
function labelOf(line: CardLine, { lines }: Reading): string {
  const byGroup =
    line.group &&
    lines
      .find((l) => l.group === line.group && l.name === 'X-ABLABEL')
      ?.value.replace(/^_\$!<|>!\$_$/g, '');
  const types = byGroup ? [byGroup] : (line.params.get('TYPE') ?? []);
  const label = types.find((type) => !NO_LABEL.has(type.toLowerCase())) ?? '';
  return STANDARD.has(label.toLowerCase()) ? label.toLowerCase() : label;
}
const NO_LABEL = new Set('pref internet voice text x400 dom intl postal parcel msg'.split(' '));
/** Types of the standards (RFC 2426 3.2 and 3.3, RFC 6350 5.6 and 6.4), whose case means nothing. */
const STANDARD = new Set(
  'home work cell fax pager video textphone bbs modem car isdn pcs'.split(' '),
);

/** Preferred ones first: PREF=1 (4.0) or TYPE=pref (3.0). */
function preference(line: CardLine): number {
  const rank = Number(line.params.get('PREF')?.[0]);
  if (rank >= 1) return rank;
  return line.params.get('TYPE')?.some((type) => type.toLowerCase() === 'pref') ? 1 : 101;
}

function addReach(
  list: Reach[],
  value: string | null,
  line: CardLine,
  reading: Reading,
  what: string,
) {
  if (value === null) reading.unread.push(`${what}: ${text(line)}`);
  else if (!list.some((known) => known.value === value))
    list.push({ value, label: labelOf(line, reading) });
}

/** '--0415', '19960415', '1996-04-15T10:22:00Z': the day of a date (RFC 6350, 4.3). */
export function readCardDate(value: string): string | null {
  const t = value.trim();
  const found = /^(\d{4}|--)-?(\d{2})-?(\d{2})(?:T.*)?$/.exec(t);
  if (found)
    return readDate(
      found[1] === '--' ? `${found[2]}-${found[3]}` : `${found[1]}-${found[2]}-${found[3]}`,
    );
  return readDate(t);
}

function readAddress(line: CardLine, reading: Reading): Address {
  const part = splitValue(line.value, ';').map((p) =>
    splitValue(p, ',')
      .map((v) => unescapeText(v).trim())
      .filter(Boolean)
      .join(', '),
  );
  const [
    box = '',
    extended = '',
    street = '',
    city = '',
    region = '',
    postalCode = '',
    country = '',
  ] = part;
  const [lat, lon] = readPoint(line.params.get('GEO')?.join(',') ?? '');
  return {
    ...NO_ADDRESS,
    label: labelOf(line, reading),
    line: [street, extended, box].filter(Boolean).join(', '),
    city,
    region,
    postalCode,
    country,
    lat,
    lon,
  };
}

function readPoint(value: string): [number, number] | [null, null] {
  const found = /^(?:geo:)?(-?\d+(?:\.\d+)?)[,;](-?\d+(?:\.\d+)?)/.exec(value);
  const [lat, lon] = [Number(found?.[1]), Number(found?.[2])];
  return found && Math.abs(lat) <= 90 && Math.abs(lon) <= 180 ? [lat, lon] : [null, null];
}

function readPhoto(line: CardLine, { person, unread }: Reading): void {
  const data = /^data:image\/[\w.+-]+;base64,(.*)$/is.exec(line.value)?.[1];
  const isBase64 = line.params.get('ENCODING')?.some((e) => /^(b|base64)$/i.test(e));
  const base64 = (data ?? (isBase64 ? line.value : '')).replace(/\s/g, '');
  if (!base64) return void unread.push(`a photo elsewhere: ${line.value.slice(0, 300)}`);
  if (base64.length * 0.75 > MAX_PHOTO_BYTES)
    return void unread.push(`a photo: larger than ${MAX_PHOTO_BYTES / 1024 / 1024} MB`);
  try {
    person.photo = Uint8Array.from(atob(base64), (char) => char.charCodeAt(0));
  } catch {
    unread.push('a photo: its bytes are damaged');
  }
}

const RELATED: Record<string, string> = {
  spouse: 'partner',
  sweetheart: 'partner',
  child: 'child',
  sibling: 'sibling',
  friend: 'friend',
  colleague: 'colleague',
  'co-worker': 'colleague',
};

const dateInto =
  (name: string): Reader =>
  (line, { person, unread }) => {
    const on = readCardDate(text(line));
    if (!on) unread.push(`a day in the calendar: ${text(line)}`);
    else if (name === '') person.fields.birthday = on;
    else person.fields.dates.push({ name, on });
  };

const link: Reader = (line, reading) => {
  const { links } = reading.person.fields;
  addReach(links, text(line) || null, line, reading, 'a web address');
};

const READERS: Record<string, Reader> = {
  NICKNAME: (line, { person }) => {
    person.fields.goesBy ||= texts(line, ',')[0] ?? '';
  },
  ORG: (line, { person }) => {
    person.fields.company ||= texts(line, ';').filter(Boolean).join(', ');
  },
  TITLE: (line, { person }) => {
    person.fields.jobTitle ||= text(line);
  },
  ROLE: (line, { person }) => {
    person.fields.jobTitle ||= text(line);
  },
  EMAIL: (line, reading) =>
    addReach(
      reading.person.fields.emails,
      readEmail(text(line)),
      line,
      reading,
      'an e-mail address',
    ),
  TEL: (line, reading) =>
    addReach(
      reading.person.fields.phones,
      readPhone(text(line).replace(/;ext=/i, ' x')),
      line,
      reading,
      'a phone number',
    ),
  ADR: (line, reading) => {
    const address = readAddress(line, reading);
    if (isAddress(address)) reading.person.fields.addresses.push(address);
  },
  GEO: (line, { person }) => {
    const [first] = person.fields.addresses;
    const [lat, lon] = readPoint(line.value.replace(';', ','));
    if (lat !== null && first && first.lat === null) Object.assign(first, { lat, lon });
    else if (lat !== null && !first) person.fields.addresses.push({ ...NO_ADDRESS, lat, lon });
  },
  URL: link,
  IMPP: link,
  SOCIALPROFILE: link,
  'X-SOCIALPROFILE': link,
  BDAY: dateInto(''),
  ANNIVERSARY: dateInto('Wedding'),
  'X-ANNIVERSARY': dateInto('Wedding'),
  'X-ABDATE': (line, reading) => {
    const label = labelOf(line, reading) || 'Date';
    dateInto(label.charAt(0).toUpperCase() + label.slice(1))(line, reading);
  },
  CATEGORIES: (line, { person }) => {
    person.tags.push(...texts(line, ',').filter(Boolean));
  },
  INTEREST: (line, { person }) => {
    person.fields.interests.push(text(line));
  },
  NOTE: (line, { person }) => {
    if (text(line)) person.notes.push({ on: null, body: text(line) });
  },
  LANG: (line, { person }) => {
    person.fields.language ||= text(line);
  },
  PHOTO: readPhoto,
  'X-PENPAL': (line, reading) => readOurs(text(line), reading),
};

/** What has no property of its own stands in one of ours, as JSON. */
function readOurs(json: string, { person, own, unread }: Reading): void {
  let ours: Record<string, unknown>;
  try {
    ours = JSON.parse(json) as Record<string, unknown>;
  } catch {
    return void unread.push(`Pen Pal's own part: ${json}`);
  }
  const { fields } = person;
  const words = (value: unknown): string[] =>
    Array.isArray(value) ? value.filter((v) => typeof v === 'string') : [];
  const word = (key: string) => (typeof ours[key] === 'string' ? (ours[key] as string) : '');
  fields.roles = words(ours.roles);
  fields.standing = word('standing');
  fields.source = word('source');
  fields.preferred = word('preferred') as PersonFields['preferred'];
  fields.favourite = ours.favourite === true;
  fields.wouldRefer = (word('wouldRefer') || null) as PersonFields['wouldRefer'];
  fields.wouldReferOn = word('wouldReferOn') || null;
  fields.consent = readConsent(word('consent')).consent;
  words(ours.places).forEach((place, i) => {
    if (fields.addresses[i]) fields.addresses[i].place = place;
    else if (place) fields.addresses.push({ ...NO_ADDRESS, place });
  });
  person.circle = word('circle');
  person.promiseDays = typeof ours.promise === 'number' ? ours.promise : null;
  const notes = ours.notes;
  if (Array.isArray(notes))
    person.notes = notes.map(({ on, body }: { on: string; body: string }) => ({ on, body }));
  for (const [name, value] of Object.entries((ours.own ?? {}) as PersonFields['own'])) {
    const field = own.find((f) => f.name === name);
    const good = field ? readOwnValue(field, value) : null;
    if (field && good !== null) fields.own[field.id] = good;
    else unread.push(`${name}: ${value}`);
  }
}

function readNames({ person, lines }: Reading): void {
  const { fields } = person;
  const n = lines.find(({ name }) => name === 'N');
  const parts = n
    ? splitValue(n.value, ';').map((part) =>
        splitValue(part, ',')
          .map((v) => unescapeText(v).trim())
          .filter(Boolean)
          .join(' '),
      )
    : [];
  const [family = '', given = '', middle = '', prefix = '', suffix = ''] = parts;
  Object.assign(fields, {
    familyName: family,
    givenName: given,
    middleName: middle,
    prefix,
    suffix,
  });
  const fn = lines.find(({ name }) => name === 'FN');
  if (family || given || !fn) return;
  const isOrg = lines.some((l) => l.name === 'KIND' && /^org$/i.test(l.value));
  const whole = text(fn);
  if (isOrg) fields.company ||= whole;
  // The full name of a card without a name is often its company or its e-mail address.
  else if (whole !== fields.company && readEmail(whole) === null && readPhone(whole) === null)
    Object.assign(fields, splitName(whole));
}

/** Reads one card; everything that can't be placed is kept in a note, word for word. */
function readCard(
  raw: RawCard,
  own: readonly OwnField[],
  nameOf: ReadonlyMap<string, string>,
): { person: ImportedPerson; unread: string[] } {
  const fields: PersonFields = structuredClone(NOBODY);
  const person: Omit<ImportedPerson, 'row'> = {
    fields,
    tags: [],
    circle: '',
    promiseDays: null,
    notes: [],
    lastTouch: null,
    related: [],
  };
  const lines = raw.lines.toSorted((a, b) => preference(a) - preference(b));
  const reading: Reading = { person, unread: [], lines, own };
  for (const line of lines) {
    if (line.name === 'RELATED' || line.name === 'X-ABRELATEDNAMES')
      readRelated(line, reading, nameOf);
    else if (READERS[line.name]) READERS[line.name]!(line, reading);
    else if (!IGNORED.has(line.name) && text(line) && line.value.length < 300)
      reading.unread.push(`${line.name}: ${text(line)}`);
  }
  readNames(reading);
  return { person: { row: raw.card, ...person }, unread: reading.unread };
}

function readRelated(line: CardLine, reading: Reading, nameOf: ReadonlyMap<string, string>): void {
  const value = text(line);
  const name = nameOf.get(value) ?? (/^(urn:|[a-z]+:\/\/)/i.test(value) ? '' : value);
  const kind = RELATED[labelOf(line, reading)];
  if (name && kind) reading.person.related!.push({ kind, name });
  else if (value) reading.unread.push(`${labelOf(line, reading) || 'related'}: ${name || value}`);
}

export type CardsRead =
  | { ok: true; people: ImportedPerson[]; faults: RowFault[] }
  | { ok: false; reason: 'none' | 'too_many'; cards: number };

/**
 * Reads vCards of versions 3.0 and 4.0 (RFC 2426, RFC 6350), also several in one file. A damaged
 * card never costs another one; what can't be read is kept in the note and reported.
 */
export function readVCards(file: string, own: readonly OwnField[] = []): CardsRead {
  const cards = readCards(file);
  if (cards.length === 0) return { ok: false, reason: 'none', cards: 0 };
  if (cards.length > MAX_CARDS) return { ok: false, reason: 'too_many', cards: cards.length };
  const nameOf = new Map<string, string>();
  for (const { lines } of cards) {
    const uid = lines.find(({ name }) => name === 'UID');
    const fn = lines.find(({ name }) => name === 'FN');
    if (uid && fn) nameOf.set(uid.value.trim(), text(fn));
  }
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  for (const raw of cards) {
    const { person, unread } = readCard(raw, own, nameOf);
    if (!isSomebody(person.fields)) {
      faults.push({
        row: raw.card,
        why: 'It has neither a name nor a way to reach anybody.',
        leftOut: true,
      });
      continue;
    }
    if (!raw.complete)
      faults.push({
        row: raw.card,
        why: 'It has no end; it was read as far as it goes.',
        leftOut: false,
      });
    for (const what of unread)
      faults.push({
        row: raw.card,
        why: `Kept in the note, as it has no place of its own: “${what.slice(0, 120)}”.`,
        leftOut: false,
      });
    if (unread.length > 0) person.notes.push({ on: null, body: unread.join('\n') });
    people.push(person);
  }
  return { ok: true, people, faults };
}
