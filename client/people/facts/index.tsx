import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Heading, Select, Soft } from '@/client/ui';
import { readLists, type Entry } from '@/contract/lists';
import type { PersonSheet } from '@/contract/people';
import { CHANNEL_WORDS, CHANNELS, formatPhone, WOULD_REFER } from '@/core/people';
import { longDate, yearlyWords, type PlainDate } from '@/core/time';

import { AddressFact } from './address-fact';
import { ConsentFacts } from './consent-facts';
import { DatesFact } from './dates-fact';
import { Jobs } from './jobs';
import { OwnFacts } from './own-facts';
import { ReachFact } from './reach-fact';
import { ChoiceFact, TextFact, WordsFact } from './simple';
import { Ties } from './ties';

/** Offered first what is pinned, never what is retired, always what they have. */
export function offered(entries: readonly Entry[], has: readonly string[] = []): Entry[] {
  return entries
    .filter(({ name, retired }) => !retired || has.includes(name))
    .toSorted((a, b) => Number(b.pinned) - Number(a.pinned));
}

const REFER_WORDS = { yes: 'Yes', perhaps: 'Perhaps', no: 'No' } as const;

/** What is on record, each fact changed where it stands; what is not known is one press away. */
export function Facts({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [adding, setAdding] = useState<string | null>(null);
  const lists = useRead(readLists);
  const facts = factsOf(sheet, today, lists.data);
  const own = (lists.data?.field ?? []).filter(
    ({ id, retired }) => !retired && sheet.fields.own[id] === undefined,
  );
  const missing = [
    ...facts.filter(({ known }) => !known).map(({ key, label }) => ({ value: key, label })),
    ...own.map(({ id, name }) => ({ value: id, label: name })),
  ];
  const done = () => setAdding(null);
  return (
    <View className="gap-6">
      <View>
        <Heading>Facts</Heading>
        <Soft>Press one to change it.</Soft>
        {facts
          .filter(({ key, known }) => known || adding === key)
          .map(({ key, show }) => (
            <View key={`${key} ${adding === key} ${stamp(sheet, key)}`}>
              {show(adding === key, done)}
            </View>
          ))}
        <View key={`${adding} ${stamp(sheet, 'own')}`}>
          <OwnFacts sheet={sheet} adding={adding} onDone={done} />
        </View>
        <View className="flex-row items-start gap-3 py-1">
          <Soft className="w-[104px] leading-6">Here since</Soft>
          <Body className="flex-1">{longDate(sheet.addedOn, today)}</Body>
        </View>
        <Select
          label="Add a fact"
          hideLabel
          className="max-w-[260px] pt-1"
          value=""
          options={[{ value: '', label: 'Add a fact…' }, ...missing]}
          onChange={setAdding}
        />
      </View>
      <Ties sheet={sheet} />
      <Jobs sheet={sheet} today={today} />
      <ConsentFacts sheet={sheet} today={today} />
    </View>
  );
}

/** Changes with the fact: its form begins anew then, and keeps what was typed otherwise. */
const stamp = ({ fields, circle, ownPromiseDays, tags }: PersonSheet, key: string): string =>
  JSON.stringify(
    key in fields ? fields[key as keyof typeof fields] : [circle?.id, ownPromiseDays, tags],
  );

interface FactEntry {
  key: string;
  label: string;
  known: boolean;
  show: (open: boolean, onClose: () => void) => React.ReactNode;
}

type Lists = ReturnType<typeof useRead<typeof readLists>>['data'];

function factsOf(sheet: PersonSheet, today: PlainDate, lists: Lists): FactEntry[] {
  const f = sheet.fields;
  type TextKey =
    | 'prefix'
    | 'givenName'
    | 'middleName'
    | 'familyName'
    | 'suffix'
    | 'goesBy'
    | 'company'
    | 'jobTitle'
    | 'language';
  const text = (key: TextKey, label: string): FactEntry => ({
    key,
    label,
    known: f[key] !== '',
    show: (open, onClose) => (
      <TextFact
        {...{ sheet, label, open, onClose }}
        value={f[key]}
        toChange={(value) => ({ [key]: value })}
      />
    ),
  });
  const choice = (
    key: string,
    label: string,
    value: string,
    options: readonly { value: string; label: string }[],
    toChange: (value: string) => object,
  ): FactEntry => ({
    key,
    label,
    known: value !== '',
    show: (open, onClose) => (
      <ChoiceFact
        {...{ sheet, label, open, onClose, value, toChange }}
        options={[{ value: '', label: 'Not known' }, ...options]}
      />
    ),
  });
  const words = (
    key: string,
    label: string,
    values: readonly string[],
    known: readonly string[],
    toChange: (values: string[]) => object,
  ): FactEntry => ({
    key,
    label,
    known: values.length > 0,
    show: (open, onClose) => (
      <WordsFact
        {...{ sheet, label, open, onClose, values, known, toChange }}
        mark={key === 'tags' ? '#' : ''}
      />
    ),
  });
  const named = (list: readonly Entry[] | undefined, has: readonly string[]) =>
    offered(list ?? [], has).map(({ name }) => ({ value: name, label: name }));
  const names = (list: readonly Entry[] | undefined, has: readonly string[]) =>
    offered(list ?? [], has).map(({ name }) => name);
  return [
    text('prefix', 'Title'),
    text('givenName', 'First name'),
    text('middleName', 'Middle name'),
    text('familyName', 'Last name'),
    text('suffix', 'Suffix'),
    text('goesBy', 'Goes by'),
    text('company', 'Company'),
    text('jobTitle', 'Work'),
    {
      key: 'phones',
      label: 'Phone',
      known: f.phones.length > 0,
      show: (open, onClose) => (
        <ReachFact
          {...{ sheet, open, onClose }}
          label="Phone"
          one="phone"
          list={f.phones}
          shown={formatPhone}
          toChange={(phones) => ({ phones })}
        />
      ),
    },
    {
      key: 'emails',
      label: 'E-mail',
      known: f.emails.length > 0,
      show: (open, onClose) => (
        <ReachFact
          {...{ sheet, open, onClose }}
          label="E-mail"
          one="e-mail"
          list={f.emails}
          shown={(value) => value}
          toChange={(emails) => ({ emails })}
        />
      ),
    },
    {
      key: 'addresses',
      label: 'Address',
      known: f.addresses.length > 0,
      show: (open, onClose) => <AddressFact {...{ sheet, open, onClose }} />,
    },
    {
      key: 'links',
      label: 'Web and social',
      known: f.links.length > 0,
      show: (open, onClose) => (
        <ReachFact
          {...{ sheet, open, onClose }}
          label="Web and social"
          one="link"
          list={f.links}
          shown={(value) => value.replace(/^https?:\/\//, '')}
          toChange={(links) => ({ links })}
        />
      ),
    },
    choice(
      'preferred',
      'Likes best',
      f.preferred,
      CHANNELS.map((value) => ({ value, label: CHANNEL_WORDS[value] })),
      (preferred) => ({ preferred }),
    ),
    text('language', 'Language'),
    {
      key: 'birthday',
      label: 'Birthday',
      known: f.birthday !== null,
      show: (open, onClose) => (
        <TextFact
          {...{ sheet, open, onClose }}
          label="Birthday"
          value={f.birthday ?? ''}
          shown={f.birthday ? yearlyWords(f.birthday) : ''}
          hint="MM-DD or YYYY-MM-DD"
          toChange={(value) => ({ birthday: value.trim() || null })}
        />
      ),
    },
    {
      key: 'dates',
      label: 'Dates',
      known: f.dates.length > 0,
      show: (open, onClose) => <DatesFact {...{ sheet, open, onClose }} />,
    },
    words('roles', 'Roles', f.roles, names(lists?.role, f.roles), (roles) => ({ roles })),
    choice(
      'standing',
      'Standing',
      f.standing,
      named(lists?.standing, [f.standing]),
      (standing) => ({ standing }),
    ),
    circleFact(sheet, lists),
    promiseFact(sheet),
    words('tags', 'Tags', sheet.tags, names(lists?.tag, sheet.tags), (tags) => ({ tags })),
    words('interests', 'Interests', f.interests, [], (interests) => ({ interests })),
    choice('source', 'Came from', f.source, named(lists?.source, [f.source]), (source) => ({
      source,
    })),
    {
      ...choice(
        'wouldRefer',
        'Would refer me',
        f.wouldRefer ?? '',
        WOULD_REFER.map((value) => ({
          value,
          label:
            f.wouldReferOn && value === f.wouldRefer
              ? `${REFER_WORDS[value]}, asked ${longDate(f.wouldReferOn, today)}`
              : REFER_WORDS[value],
        })),
        (value) => ({ wouldRefer: value || null }),
      ),
    },
  ];
}

function circleFact(sheet: PersonSheet, lists: Lists): FactEntry {
  // Until the lists are there, at least their own circle has its name.
  const circles = (
    lists?.circle ?? (sheet.circle ? [{ ...sheet.circle, retired: false }] : [])
  ).filter(({ id, retired }) => !retired || id === sheet.circle?.id);
  return {
    key: 'circle',
    label: 'Circle',
    known: sheet.circle !== null,
    show: (open, onClose) => (
      <ChoiceFact
        {...{ sheet, open, onClose }}
        label="Circle"
        value={sheet.circle?.id ?? ''}
        options={[
          { value: '', label: 'None' },
          ...circles.map(({ id, name, promiseDays }) => ({
            value: id,
            label: promiseDays ? `${name}, every ${promiseDays} days` : name,
          })),
        ]}
        toChange={(id) => ({ circleId: id || null })}
      />
    ),
  };
}

const promiseFact = (sheet: PersonSheet): FactEntry => ({
  key: 'promise',
  label: 'Promise',
  known: sheet.ownPromiseDays !== null,
  show: (open, onClose) => (
    <TextFact
      {...{ sheet, open, onClose }}
      label="Promise"
      value={String(sheet.ownPromiseDays ?? '')}
      shown={sheet.ownPromiseDays ? `every ${sheet.ownPromiseDays} days, their own` : ''}
      hint="Days; empty for that of the circle"
      toChange={(text) => ({ ownPromiseDays: text.trim() === '' ? null : Number(text) })}
    />
  ),
});
