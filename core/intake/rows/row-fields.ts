import {
  CHANNELS,
  fold,
  NOBODY,
  WOULD_REFER,
  type Channel,
  type ImportTarget,
  type OwnField,
  type PersonFields,
  type Reach,
} from '@/core/people';
import { readFullDate } from '@/core/time';

import { readConsent, readDates, readReach, splitCell } from './cells';
import { OWN_WANTS, readOwnValue } from '../columns/own';
import { readEmail, readLink, readPhone } from './reach';
import { readAllAddresses } from './row-address';
import { birthdayFault } from '../imported';
import { labelOf, read, readDay, type Row } from './row';

function readBirthday(row: Row): string | null {
  const on = readDay(row, 'birthday', true);
  const fault = on && birthdayFault(on, row.today);
  if (fault) row.unread(row.get('birthday'), fault);
  return fault ? null : on;
}

function readReaches(
  row: Row,
  [first, label, more]: ['email' | 'phone', ImportTarget, ImportTarget],
  reader: (text: string) => string | null,
  what: string,
): Reach[] {
  const list: Reach[] = [];
  const labels = row.all(label);
  const one = (text: string) => {
    const reach = readReach(text);
    return { text, value: reader(reach.value), label: reach.label };
  };
  const add = ({ text, value, label: own }: ReturnType<typeof one>, given: string) => {
    if (value === null) row.unread(text, what);
    else if (!list.some((known) => known.value === value))
      list.push({ value, label: given || own });
  };
  row.all(first).forEach(({ text, which }, n) => {
    // A cell that reads as one value is one; otherwise it may hold several.
    const whole = one(text);
    const several = whole.value === null ? splitCell(text, ';,|\n/').map(one) : [whole];
    several.forEach((cell, i) => add(cell, (i === 0 && labels[n]?.text) || labelOf(which)));
  });
  for (const text of splitCell(row.get(more, '; '))) add(one(text), '');
  return list;
}

export function readFields(row: Row, own: readonly OwnField[]): PersonFields {
  const { get } = row;
  const dates = readDates(get('dates', '; '));
  for (const text of dates.unread) row.unread(text, 'a date with a name');
  const wedding = readDay(row, 'wedding');
  const named = row.all('namedDate').flatMap(({ text, heading, column }) => {
    const on = row.day(text, column);
    if (on === null) row.unread(text, 'a day in the calendar');
    return on === null ? [] : [{ name: heading, on }];
  });
  const consent = readConsent(get('consent'));
  for (const text of consent.unread) row.unread(text, 'a consent');
  return {
    ...NOBODY,
    prefix: get('prefix'),
    middleName: get('middleName'),
    suffix: get('suffix'),
    goesBy: get('goesBy'),
    company: get('company'),
    jobTitle: get('jobTitle'),
    emails: readReaches(row, ['email', 'emailLabel', 'moreEmails'], readEmail, 'an e-mail address'),
    phones: readReaches(
      row,
      ['phone', 'phoneLabel', 'morePhones'],
      (text) => readPhone(text, row.country),
      'a phone number',
    ),
    addresses: readAllAddresses(row),
    links: readLinks(row),
    birthday: readBirthday(row),
    dates: [...(wedding ? [{ name: 'Wedding', on: wedding }] : []), ...dates.dates, ...named],
    interests: splitCell(get('interests', '; ')),
    roles: splitCell(get('roles', '; ')),
    standing: get('standing'),
    source: get('source'),
    preferred: read(row, 'preferred', readChannel, 'a way to be reached') ?? '',
    language: get('language'),
    favourite:
      get('favourite') !== '' &&
      readOwnValue({ type: 'flag', choices: [] }, get('favourite')) === true,
    ...readWouldRefer(row),
    own: readOwn(row, own),
    consent: consent.consent,
  };
}

function readLinks(row: Row): Reach[] {
  return splitCell(row.get('link', '; ')).flatMap((text) => {
    const { value, label } = readReach(text);
    const link = readLink(value);
    if (link) return [{ value: link, label }];
    row.unread(text, 'a web address');
    return [];
  });
}

const WAYS: Record<string, Channel> = {
  phone: 'call',
  telephone: 'call',
  sms: 'text',
  mail: 'post',
  letter: 'post',
};

const readChannel = (text: string): Channel | null => {
  const word = fold(text).replace('-', '');
  return CHANNELS.find((channel) => channel === word) ?? WAYS[word] ?? null;
};

/** "yes 2026-05-04": the answer with its day. */
function readWouldRefer(row: Row): Pick<PersonFields, 'wouldRefer' | 'wouldReferOn'> {
  const [answer = '', on] = row.get('wouldRefer').split(' ');
  const wouldRefer = WOULD_REFER.find((word) => word === fold(answer)) ?? null;
  if (answer && !wouldRefer) row.unread(row.get('wouldRefer'), 'yes, perhaps or no');
  return { wouldRefer, wouldReferOn: wouldRefer && on ? readFullDate(on) : null };
}

function readOwn(row: Row, own: readonly OwnField[]): PersonFields['own'] {
  const values: PersonFields['own'] = {};
  for (const field of own) {
    const [cell] = row.all(`own:${field.id}`);
    if (!cell) continue;
    const text = (field.type === 'date' && row.day(cell.text, cell.column)) || cell.text;
    const value = readOwnValue(field, text);
    if (value === null)
      row.unread(cell.text, `${OWN_WANTS[field.type]}, which ${field.name} wants`);
    else values[field.id] = value;
  }
  return values;
}
