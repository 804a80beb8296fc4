import { need } from '@/core/need';
import {
  CHANNELS,
  type Address,
  type Channel,
  type Consents,
  type NamedDate,
  type Reach,
} from '@/core/people';
import { readDate } from '@/core/time';

/** Several values in one cell are parted by semicolons; the signs that part are escaped with a backslash. */
export const joinCell = (parts: readonly string[], glue = '; '): string =>
  parts.map((part) => part.replace(/[\\;,|]/g, '\\$&')).join(glue);

/** Splits at the signs of `at` that are not escaped; empty parts fall away. */
export function splitCell(text: string, at = ';,|\n'): string[] {
  if (text === '') return [];
  const parts = [''];
  for (let i = 0; i < text.length; i++) {
    const char = need(text[i]);
    if (char === '\\' && i + 1 < text.length && '\\;,|'.includes(need(text[i + 1])))
      parts[parts.length - 1] += need(text[++i]);
    else if (at.includes(char)) parts.push('');
    else parts[parts.length - 1] += char;
  }
  return parts.map((part) => part.trim()).filter(Boolean);
}

/** "rosa@example.com (work)" is a value with its label; what would be read as no label is escaped in it. */
export const writeReach = ({ value, label }: Reach): string =>
  label ? `${value} (${label.replace(/[\\()]|^\d/g, '\\$&')})` : value;

export function readReach(text: string): Reach {
  // A number in brackets belongs to a phone number.
  const found = /^(.*\S)\s+\((?!\d)((?:\\[\\()\d]|[^()])+)\)$/s.exec(text.trim());
  return found
    ? { value: need(found[1]), label: need(found[2]).replace(/\\([\\()\d])/g, '$1') }
    : { value: text.trim(), label: '' };
}

const ADDRESS_PARTS = [
  'label',
  'line',
  'city',
  'region',
  'postalCode',
  'country',
  'place',
] as const;

/** An address in one cell: its parts in a fixed order between bars, then its point where known. */
export function writeAddress(a: Address): string {
  const point = a.lat === null || a.lon === null ? [] : [String(a.lat), String(a.lon)];
  return [...ADDRESS_PARTS.map((part) => a[part]), ...point]
    .map((part) => part.replace(/[\\;|]/g, '\\$&'))
    .join(' | ');
}

export const joinAddresses = (addresses: readonly Address[]): string =>
  addresses.map(writeAddress).join('; ');

export function readAddresses(text: string): Address[] {
  return splitRaw(text, ';').map((entry) => {
    const parts = splitRaw(entry, '|').map((part) => part.replace(/\\([\\;|,])/g, '$1').trim());
    // A plain address without bars is a street line.
    const at = parts.length === 1 ? ['', need(parts[0])] : parts;
    const [lat, lon] = [at[7], at[8]].map((part) => (part ? Number(part) : null));
    return {
      ...(Object.fromEntries(ADDRESS_PARTS.map((part, i) => [part, at[i] ?? ''])) as Record<
        (typeof ADDRESS_PARTS)[number],
        string
      >),
      lat: Number.isFinite(lat) ? need(lat) : null,
      lon: Number.isFinite(lon) ? need(lon) : null,
    };
  });
}

/** Splits at one sign that is not escaped, and leaves the escapes as they are. */
function splitRaw(text: string, sign: string): string[] {
  const parts = [''];
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '\\') parts[parts.length - 1] += need(text[i]) + (text[++i] ?? '');
    else if (text[i] === sign) parts.push('');
    else parts[parts.length - 1] += need(text[i]);
  }
  return parts.some((part) => part.trim()) ? parts : [];
}

export const writeDates = (dates: readonly NamedDate[]): string =>
  joinCell(dates.map(({ name, on }) => `${name} ${on}`));

/** "Moved in 2019-06-01; Dog 05-04"; what has no date at its end is answered as unread. */
export function readDates(text: string): { dates: NamedDate[]; unread: string[] } {
  const dates: NamedDate[] = [];
  const unread: string[] = [];
  for (const part of splitCell(text, ';\n')) {
    const found = /^(.+?):?\s+(\S+)$/.exec(part);
    const on = found && readDate(need(found[2]));
    if (found && on) dates.push({ name: need(found[1]), on });
    else unread.push(part);
  }
  return { dates, unread };
}

export const writeConsent = (consent: Consents): string =>
  joinCell(
    CHANNELS.flatMap((channel) => {
      const c = consent[channel];
      return c ? [`${channel} ${c.answer} ${c.on}${c.cameFrom ? ` ${c.cameFrom}` : ''}`] : [];
    }),
  );

/** "call yes 2026-05-04 at the fair; post no 2026-05-04"; anything else is answered as unread. */
export function readConsent(text: string): { consent: Consents; unread: string[] } {
  const consent: Consents = {};
  const unread: string[] = [];
  for (const part of splitCell(text, ';\n')) {
    const found = /^(\w+) (yes|no) (\d{4}-\d{2}-\d{2})(?: (.*))?$/.exec(part);
    const channel = found?.[1] as Channel | undefined;
    if (found && CHANNELS.includes(need(channel)) && readDate(need(found[3])))
      consent[need(channel)] = {
        answer: found[2] as 'yes' | 'no',
        on: need(found[3]),
        cameFrom: found[4] ?? '',
      };
    else unread.push(part);
  }
  return { consent, unread };
}

export interface DatedNote {
  on: string;
  body: string;
}

const DATED = /^\[(\d{4}-\d{2}-\d{2})\] /;

/** Several notes in one cell, each behind its day in brackets. */
export const writeNotes = (notes: readonly DatedNote[]): string =>
  notes
    .map(({ on, body }) => `[${on}] ${body.replace(/^(\\*)(?=\[\d{4}-\d\d-\d\d\] )/gm, '$1\\')}`)
    .join('\n\n');

/** Notes with their days; text without any is one note without a day. */
export function readNotes(text: string): { on: string | null; body: string }[] {
  const notes: { on: string | null; body: string }[] = [];
  for (const line of text.split(/\r?\n/)) {
    const dated = DATED.exec(line);
    if (dated && readDate(need(dated[1])))
      notes.push({ on: need(dated[1]), body: line.slice(dated[0].length) });
    else if (notes.length > 0) need(notes[notes.length - 1]).body += `\n${line}`;
    else notes.push({ on: null, body: line });
  }
  return notes
    .map(({ on, body }) => ({
      on,
      body: body.replace(/^\\(?=\\*\[\d{4}-\d\d-\d\d\] )/gm, '').trim(),
    }))
    .filter(({ body }) => body !== '');
}
