import {
  addressWords,
  CHANNEL_WORDS,
  CHANNELS,
  COLUMNS,
  formatPhone,
  INCOMING,
  TIE_WORDS,
  wordsOfUse,
  type ColumnKey,
  type ImportTarget,
  type OwnField,
  type TieSeen,
} from '@/core/people';

import type { ImportedPerson } from '../imported';
import { ownValueText } from './own';
import { writeTouches } from '../rows/story-cells';

/** One thing that a file says of somebody, in words, and what it fills. */
export interface Said {
  to: readonly ImportTarget[];
  what: string;
  value: string;
}

const WORDS = [
  'prefix',
  'givenName',
  'middleName',
  'familyName',
  'suffix',
  'goesBy',
  'company',
  'jobTitle',
] as const satisfies ColumnKey[];
const BESIDE_NAMES: ReadonlySet<ColumnKey> = new Set(['prefix', 'suffix', 'goesBy']);
const MORE = ['standing', 'source', 'language'] as const satisfies ColumnKey[];

const ADDRESS: readonly ImportTarget[] = [
  'addressLine',
  'addressLine2',
  'city',
  'region',
  'postalCode',
  'country',
  'place',
  'moreAddresses',
];
const PARTNER: readonly ImportTarget[] = [
  'partnerName',
  'partnerGivenName',
  'partnerFamilyName',
  'partnerBirthday',
];
const TIES: Partial<Record<TieSeen, readonly ImportTarget[]>> = {
  partner: PARTNER,
  child: ['children', 'childBirthday'],
  pet: ['pets'],
  referred_by: ['referredBy'],
};

/** Everything that a file says of somebody, in the order of their sheet. */
export function describe(
  person: ImportedPerson,
  own: readonly OwnField[],
  nameAt: (place: number) => string,
): Said[] {
  const { fields } = person;
  const said: Said[] = [];
  const say = (to: readonly ImportTarget[], what: string, value: string) =>
    value && said.push({ to, what, value });
  // Titles and the like may stand in the column of another part of the name.
  const plain = (key: ColumnKey, value: string) =>
    say(
      [key, 'name', ...(BESIDE_NAMES.has(key) ? (['givenName', 'familyName'] as const) : [])],
      COLUMNS[key].label,
      value,
    );
  for (const key of WORDS) plain(key, fields[key]);
  for (const { value, label } of fields.emails)
    say(['email', 'moreEmails'], wordsOfUse('email', label), value);
  for (const { value, label } of fields.phones)
    say(['phone', 'morePhones'], wordsOfUse('phone', label), formatPhone(value));
  for (const address of fields.addresses) {
    const words = [addressWords(address), address.place].filter(Boolean).join(', ');
    say(ADDRESS, address.label ? `Address (${address.label})` : 'Address', words);
  }
  for (const { value } of fields.links) say(['link'], COLUMNS.link.label, value);
  say(['birthday'], COLUMNS.birthday.label, fields.birthday ?? '');
  for (const { name, on } of fields.dates) say(['wedding', 'dates', 'namedDate'], name, on);
  for (const { name, on } of person.jobs)
    say(['workDone', 'work'], `${INCOMING.workDone.label}: ${name}`, on ?? '–');
  for (const tie of person.related) {
    const name = tie.place === undefined ? tie.name : nameAt(tie.place);
    say(
      TIES[tie.kind] ?? [],
      TIE_WORDS[tie.reversed ? 'parent' : tie.kind],
      [name, tie.birthday].filter(Boolean).join(', '),
    );
  }
  say(['roles'], COLUMNS.roles.label, fields.roles.join(', '));
  for (const key of MORE) say([key], COLUMNS[key].label, fields[key]);
  say(['circle'], COLUMNS.circle.label, person.circle);
  say(['promise'], COLUMNS.promise.label, String(person.promiseDays ?? ''));
  say(['tags'], COLUMNS.tags.label, person.tags.join(', '));
  say(['interests'], COLUMNS.interests.label, fields.interests.join(', '));
  say(['preferred'], COLUMNS.preferred.label, fields.preferred && CHANNEL_WORDS[fields.preferred]);
  say(['favourite'], COLUMNS.favourite.label, fields.favourite ? 'yes' : '');
  say(
    ['wouldRefer'],
    COLUMNS.wouldRefer.label,
    [fields.wouldRefer, fields.wouldReferOn].filter(Boolean).join(' '),
  );
  for (const channel of CHANNELS) {
    const consent = fields.consent[channel];
    say(
      ['consent'],
      `${COLUMNS.consent.label}: ${CHANNEL_WORDS[channel]}`,
      consent ? `${consent.answer} ${consent.on}` : '',
    );
  }
  for (const field of own) {
    const value = fields.own[field.id];
    if (value !== undefined) say([`own:${field.id}`], field.name, ownValueText(field, value));
  }
  for (const { heading, text } of person.newOwn ?? []) say(['newField'], heading, text);
  say(['lastTouch', 'touches'], COLUMNS.lastTouch.label, writeTouches(person.touches));
  for (const { on, body } of person.notes)
    say(['note', 'notes', 'aside'], on ? `Note of ${on}` : 'Note', body);
  return said;
}
