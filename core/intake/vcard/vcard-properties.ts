import { isAddress, NO_ADDRESS, type Address, type Reach } from '@/core/people';
import { readDate } from '@/core/time';

import { readWholeAddress } from '../rows/address';
import { birthdayFault } from '../imported';
import { readEmail, readLink, readPhone } from '../rows/reach';
import { isEncoded, splitValue, unescapeText, type CardLine } from './vcard-lines';
import { readOurs } from './vcard-ours';
import { aside, labelOf, text, texts, type Reader, type Reading } from './vcard-reading';

/** A photo in a card may be this large; larger ones are left out and told. */
export const MAX_PHOTO_BYTES = 12 * 1024 * 1024;

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
export const readCardDate = (value: string): string | null =>
  readDate(value.trim().replace(/(\d)T\d.*$/, '$1'));

/** A line may say which year it wrote for want of one: X-…-OMIT-YEAR=1604. */
function dayOf(line: CardLine): string | null {
  const on = readCardDate(text(line));
  const omitted = [...line.params].find(([name]) => name.endsWith('OMIT-YEAR'))?.[1][0];
  return on && omitted && on.startsWith(`${omitted}-`) ? on.slice(5) : on;
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

/** A postal label without an address of its kind is the address. */
function readLabel(line: CardLine, reading: Reading): void {
  const { fields } = reading.person;
  const label = labelOf(line, reading);
  const here = reading.lines.some((l) => l.name === 'ADR' && labelOf(l, reading) === label);
  if (here || text(line) === '') return;
  const whole = readWholeAddress(text(line));
  const address = {
    ...NO_ADDRESS,
    label,
    ...(whole ?? { line: text(line).replace(/\s*\n\s*/g, ', ') }),
  };
  fields.addresses.push(address);
}

function readPhoto(line: CardLine, { person, unread }: Reading): void {
  const data = /^data:image\/[\w.+-]+;base64,(.*)$/is.exec(line.value)?.[1];
  const isBase64 = isEncoded(line, /^(b|base64)$/i);
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

/** A date under its name; a wedding is one whatever it is called. */
function dateInto(name: string): Reader {
  return (line, reading) => {
    const { fields } = reading.person;
    const on = dayOf(line);
    if (!on) reading.unread.push(`a day in the calendar: ${text(line)}`);
    else if (name !== '')
      fields.dates.push({ name: /^(?:wedding|anniversary)/i.test(name) ? 'Wedding' : name, on });
    else if (fields.birthday || birthdayFault(on, reading.today)) aside(reading, line);
    else fields.birthday = on;
  };
}

const link: Reader = (line, reading) => {
  const { links } = reading.person.fields;
  const value = readLink(text(line));
  if (value) addReach(links, value, line, reading, 'a web address');
  else aside(reading, line);
};

/** One value is kept in its place, those that differ in the note. */
const once =
  (
    key: 'goesBy' | 'company' | 'jobTitle' | 'language',
    values: (line: CardLine) => string[],
  ): Reader =>
  (line, reading) => {
    const { fields } = reading.person;
    for (const value of values(line))
      if (fields[key] === '') fields[key] = value;
      else if (fields[key] !== value) aside(reading, line, value);
  };

/** What is done with each property. */
export const READERS: Record<string, Reader> = {
  NICKNAME: once('goesBy', (line) => texts(line, ',').filter(Boolean)),
  ORG: once('company', (line) => [texts(line, ';').filter(Boolean).join(', ')].filter(Boolean)),
  TITLE: once('jobTitle', (line) => [text(line)].filter(Boolean)),
  ROLE: once('jobTitle', (line) => [text(line)].filter(Boolean)),
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
      readPhone(text(line).replace(/;ext=/i, ' x'), reading.country),
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
  LANG: once('language', (line) => [text(line)].filter(Boolean)),
  LABEL: readLabel,
  PHOTO: readPhoto,
  'X-PENPAL': (line, reading) => readOurs(text(line), reading),
};
