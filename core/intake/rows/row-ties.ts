import { need } from '@/core/need';
import { displayName } from '@/core/people';

import { asSecond, type ImportedPerson, type Partners } from '../imported';
import { splitName } from './names';
import { readEmail, readPhone } from './reach';
import type { Row } from './row';
import { readTieCell } from './story-cells';

/** Several names in one cell. */
const namesIn = (text: string): string[] =>
  text
    .split(/\s*(?:[,;/\n]|\s&\s|\sand\s)\s*/i)
    .map((name) => name.trim())
    .filter(Boolean);

/**
 * Reads partner, children, pets and who sent somebody as ties of the person. A partner who is to come in
 * as somebody of their own is answered.
 */
export function readTies(row: Row, person: ImportedPerson, partners: Partners): ImportedPerson[] {
  const birthdays = row.all('childBirthday');
  row.all('children').forEach(({ text }, n) => {
    const names = namesIn(text);
    const cell = names.length === 1 ? birthdays[n] : undefined;
    const birthday = cell && row.day(cell.text, cell.column, true);
    for (const name of names)
      person.related.push({ kind: 'child', name, ...(birthday ? { birthday } : {}) });
    if (cell && !birthday) row.unread(cell.text, 'a day in the calendar');
  });
  if (row.all('children').length < birthdays.length)
    for (const { heading, text } of birthdays) row.aside(heading, text);
  for (const { text } of row.all('pets'))
    for (const name of namesIn(text)) person.related.push({ kind: 'pet', name });
  const sender = row.get('referredBy');
  if (sender) person.related.push({ kind: 'referred_by', name: sender });
  const told = readTieCell(row.get('ties', '; '));
  for (const part of told.unread) row.unread(part, 'a tie');
  person.related.push(...told.ties);
  return readPartner(row, person, partners);
}

/** Ties that Pen Pal wrote by name are to who alone has that name in the file. */
export function tieByName(people: readonly ImportedPerson[]): void {
  const meant = people.flatMap(({ related }) => related.filter((tie) => tie.meant));
  if (meant.length === 0) return;
  const places = new Map<string, number[]>();
  people.forEach(({ fields }, place) => {
    const name = displayName(fields);
    places.set(name, [...(places.get(name) ?? []), place]);
  });
  for (const tie of meant) {
    const [place, ...more] = places.get(tie.name) ?? [];
    if (place !== undefined && more.length === 0) tie.place = place;
  }
}

function readPartner(row: Row, person: ImportedPerson, partners: Partners): ImportedPerson[] {
  const name = splitName(row.get('partnerName', ' '));
  const givenName = row.get('partnerGivenName', ' ') || name.givenName;
  const familyName = row.get('partnerFamilyName', ' ') || name.familyName;
  const emails = row.all('partnerEmail');
  const phones = row.all('partnerPhone');
  const [birthCell] = row.all('partnerBirthday');
  const birthday = birthCell && row.day(birthCell.text, birthCell.column, true);
  if (birthCell && !birthday) row.unread(birthCell.text, 'a day in the calendar');
  if (partners === 'tie' || !(givenName || familyName)) {
    for (const { heading, text } of [...emails, ...phones]) row.aside(heading, text);
    const words = [givenName, familyName].filter(Boolean).join(' ');
    if (words)
      person.related.push({ kind: 'partner', name: words, ...(birthday ? { birthday } : {}) });
    else if (birthday) row.aside(need(birthCell).heading, need(birthCell).text);
    return [];
  }
  const other = asSecond(
    { ...name, givenName, familyName: familyName || person.fields.familyName },
    person,
  );
  other.fields.birthday = birthday ?? null;
  for (const { text } of emails) {
    const value = readEmail(text);
    if (value) other.fields.emails.push({ value, label: '' });
    else row.unread(text, 'an e-mail address');
  }
  for (const { text, which } of phones) {
    const value = readPhone(text, row.country);
    if (value) other.fields.phones.push({ value, label: which });
    else row.unread(text, 'a phone number');
  }
  return [other];
}
