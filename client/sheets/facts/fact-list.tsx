import type { ReactNode } from 'react';

import type { CallOutput } from '@/contract/endpoint';
import type { Entry, readLists } from '@/contract/lists';
import type { PersonSheet } from '@/contract/people';
import { need } from '@/core/need';
import { CHANNEL_WORDS, CHANNELS, formatPhone, WOULD_REFER } from '@/core/people';
import { longDate, type PlainDate } from '@/core/time';

import { AddressFact } from './address-fact';
import { DatesFact } from './dates-fact';
import { ReachFact } from './reach-fact';
import { BirthdayFact, ChoiceFact, TextFact, WordsFact, type FactProps } from './simple';

type Shown = Omit<FactProps, 'name' | 'label'>;

interface Fact {
  /** The name of its field in the contract. */
  key: string;
  label: string;
  known: boolean;
  show: (props: Shown) => ReactNode;
}

type Lists = CallOutput<typeof readLists> | undefined;
type Options = readonly { value: string; label: string }[];

/** Offered first what is pinned, never what is retired, always what they have. */
export function offered(entries: readonly Entry[], has: readonly string[] = []): Entry[] {
  return entries
    .filter(({ name, retired }) => !retired || has.includes(name))
    .toSorted((a, b) => Number(b.pinned) - Number(a.pinned));
}

const NAMES = [
  ['prefix', 'Title'],
  ['givenName', 'First name'],
  ['middleName', 'Middle name'],
  ['familyName', 'Last name'],
  ['suffix', 'Suffix'],
  ['goesBy', 'Goes by'],
  ['company', 'Company'],
  ['jobTitle', 'Work'],
] as const;

type TextKey = (typeof NAMES)[number][0] | 'language';

const text = ({ fields }: PersonSheet, key: TextKey, label: string): Fact => ({
  key,
  label,
  known: fields[key] !== '',
  show: (props) => <TextFact {...props} name={key} label={label} value={fields[key]} />,
});

const REACHES = [
  ['phones', 'Phone', 'phone', formatPhone],
  ['emails', 'E-mail', 'e-mail', (value: string) => value],
  ['links', 'Web and social', 'link', (value: string) => value.replace(/^https?:\/\//, '')],
] as const;

const reach = (
  { fields }: PersonSheet,
  [name, label, one, shown]: (typeof REACHES)[number],
): Fact => ({
  key: name,
  label,
  known: fields[name].length > 0,
  show: (props) => <ReachFact {...props} {...{ name, label, one, shown }} />,
});

function choice(
  key: string,
  label: string,
  value: string,
  options: Options,
  toChange: (value: string) => object = (next) => ({ [key]: next }),
  none = 'Not known',
): Fact {
  const all = [{ value: '', label: none }, ...options];
  return {
    key,
    label,
    known: value !== '',
    show: (props) => (
      <ChoiceFact {...props} name={key} {...{ label, value, toChange }} options={all} />
    ),
  };
}

function words(
  key: string,
  label: string,
  values: readonly string[],
  known: readonly Entry[] = [],
  mark = '',
): Fact {
  const names = offered(known, values).map(({ name }) => name);
  return {
    key,
    label,
    known: values.length > 0,
    show: (props) => <WordsFact {...props} name={key} {...{ label, values, mark }} known={names} />,
  };
}

const named = (list: readonly Entry[] = [], has: readonly string[]): Options =>
  offered(list, has).map(({ name }) => ({ value: name, label: name }));

const REFER_WORDS = { yes: 'Yes', perhaps: 'Perhaps', no: 'No' } as const;

/** Whether they would refer, with the day on which they were asked. */
function wouldRefer({ fields }: PersonSheet, today: PlainDate): Fact {
  const asked = (value: string) =>
    fields.wouldReferOn && value === fields.wouldRefer
      ? `, asked ${longDate(fields.wouldReferOn, today)}`
      : '';
  const options = WOULD_REFER.map((value) => ({ value, label: REFER_WORDS[value] + asked(value) }));
  return choice('wouldRefer', 'Would refer me', fields.wouldRefer ?? '', options, (value) => ({
    wouldRefer: value || null,
  }));
}

function circle({ circle: mine }: PersonSheet, lists: Lists): Fact {
  // Until the lists are there, at least their own circle has its name.
  const all = lists?.circle ?? (mine ? [{ ...mine, retired: false }] : []);
  const options = all
    .filter(({ id, retired }) => !retired || id === mine?.id)
    .map(({ id, name, promiseDays }) => ({
      value: id,
      label: promiseDays ? `${name}, every ${promiseDays} days` : name,
    }));
  const toChange = (id: string) => ({ circleId: id || null });
  return choice('circleId', 'Circle', mine?.id ?? '', options, toChange, 'None');
}

const promise = ({ ownPromiseDays: days }: PersonSheet): Fact => ({
  key: 'ownPromiseDays',
  label: 'Promise',
  known: days !== null,
  show: (props) => (
    <TextFact
      {...props}
      name="ownPromiseDays"
      label="Promise"
      value={String(days ?? '')}
      shown={days ? `every ${days} days, their own` : ''}
      hint="Days; empty for that of the circle"
      toValue={(typed) => (typed.trim() === '' ? null : Number(typed))}
    />
  ),
});

/** Everything that can be on record about somebody, in the order in which it is shown. */
export function factsOf(sheet: PersonSheet, today: PlainDate, lists: Lists): Fact[] {
  const f = sheet.fields;
  const [phones, emails, links] = REACHES.map((one) => reach(sheet, one));
  const channels = CHANNELS.map((value) => ({ value, label: CHANNEL_WORDS[value] }));
  return [
    ...NAMES.map(([key, label]) => text(sheet, key, label)),
    need(phones),
    need(emails),
    {
      key: 'addresses',
      label: 'Address',
      known: f.addresses.length > 0,
      show: (props) => <AddressFact {...props} />,
    },
    need(links),
    choice('preferred', 'Likes best', f.preferred, channels),
    text(sheet, 'language', 'Language'),
    {
      key: 'birthday',
      label: 'Birthday',
      known: f.birthday !== null,
      show: (props) => <BirthdayFact {...props} />,
    },
    {
      key: 'dates',
      label: 'Dates',
      known: f.dates.length > 0,
      show: (props) => <DatesFact {...props} />,
    },
    words('roles', 'Roles', f.roles, lists?.role),
    choice('standing', 'Standing', f.standing, named(lists?.standing, [f.standing])),
    circle(sheet, lists),
    promise(sheet),
    words('tags', 'Tags', sheet.tags, lists?.tag, '#'),
    words('interests', 'Interests', f.interests),
    choice('source', 'Came from', f.source, named(lists?.source, [f.source])),
    wouldRefer(sheet, today),
  ];
}
