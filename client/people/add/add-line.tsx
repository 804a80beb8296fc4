import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { call, useRead, useTypedText, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Soft } from '@/client/ui';
import { readLists } from '@/contract/lists';
import { addPerson, enrichPerson, readLine } from '@/contract/people';
import type { PersonDraft } from '@/contract/record';
import { addressWords, formatPhone, NO_ADDRESS, TIE_WORDS } from '@/core/people';
import { yearlyWords } from '@/core/time';

import { LookAlikes } from './look-alikes';

export interface AddProps {
  /** The draft with what is said besides. */
  whole: (draft: PersonDraft) => PersonDraft;
  children: ReactNode;
}

/** What a line was read as, in the order of a sheet; a circle by its name. */
const PARTS: [string, (draft: PersonDraft, circleName: (id: string) => string) => string][] = [
  ['Title', (d) => d.prefix ?? ''],
  ['First name', (d) => d.givenName ?? ''],
  ['Last name', (d) => d.familyName ?? ''],
  ['Suffix', (d) => d.suffix ?? ''],
  ['Goes by', (d) => d.goesBy ?? ''],
  ['Phone', (d) => (d.phones ?? []).map(({ value }) => formatPhone(value)).join(', ')],
  ['E-mail', (d) => (d.emails ?? []).map(({ value }) => value).join(', ')],
  [
    'Address',
    (d) => (d.addresses ?? []).map((a) => addressWords({ ...NO_ADDRESS, ...a })).join('; '),
  ],
  ['Web', (d) => (d.links ?? []).map(({ value }) => value).join(', ')],
  ['Birthday', (d) => (d.birthday ? yearlyWords(d.birthday) : '')],
  ['Dates', (d) => (d.dates ?? []).map(({ name, on }) => `${name} ${yearlyWords(on)}`).join(', ')],
  ['Roles', (d) => (d.roles ?? []).join(', ')],
  ['Circle', (d, circleName) => (d.circleId ? circleName(d.circleId) : '')],
  ['Ties', (d) => (d.ties ?? []).map(({ kind, name }) => `${TIE_WORDS[kind]}: ${name}`).join(', ')],
  ['Tags', (d) => (d.tags ?? []).map((tag) => `#${tag}`).join(' ')],
  ['Note', (d) => d.note ?? ''],
];

/** What a typed line is read as, and the ways to keep it. */
function useLine(whole: AddProps['whole']) {
  const router = useRouter();
  const [line, setLine] = useTypedText('new person, line');
  const read = useQuery({
    queryKey: ['read-line', line],
    queryFn: ({ signal }) => call(readLine, { body: { line } }, { signal }),
    enabled: line.trim() !== '',
    placeholderData: (previous) => previous,
  });
  const add = useWrite(addPerson, { tells: false });
  const enrich = useWrite(enrichPerson, { tells: false });
  const saved = {
    onSuccess: ({ id }: { id: string }) => {
      setLine('');
      router.navigate(`/people/${id}`);
    },
  };
  const draft = line.trim() === '' ? undefined : read.data?.draft;
  return {
    line,
    setLine,
    draft,
    unread: draft ? (read.data?.unread ?? []) : [],
    lookAlikes: draft ? (read.data?.lookAlikes ?? []) : [],
    ready: draft !== undefined && !read.isFetching,
    busy: add.isPending || enrich.isPending,
    error: add.error ?? enrich.error ?? (line.trim() === '' ? null : read.error),
    add: () => draft && add.mutate({ body: whole(draft) }, saved),
    enrich: (id: string) => draft && enrich.mutate({ params: { id }, body: whole(draft) }, saved),
  };
}

export function AddLine({ whole, children }: AddProps) {
  const { line, setLine, draft, unread, lookAlikes, ready, busy, error, add, enrich } =
    useLine(whole);
  return (
    <View className="gap-3">
      <Field
        label="Name, phone, e-mail, a note, birthday, #tags, in any order"
        placeholder="Rosa Lind 555-0142, 12 Quay St, birthday 4 May, sent by Gideon Marsh #garden"
        value={line}
        onChangeText={setLine}
        autoFocus
      />
      {draft ? <ReadAs draft={draft} /> : null}
      {unread.length > 0 ? (
        <Fault>{`This could not be read and would be left out: ${unread.join('; ')}`}</Fault>
      ) : null}
      <LookAlikes list={lookAlikes} busy={busy} onEnrich={enrich} />
      {children}
      {error ? <Fault>{error.message}</Fault> : null}
      <Button
        weight="main"
        className="self-start"
        label="Add"
        disabled={busy || !ready}
        onPress={add}
      />
    </View>
  );
}

function ReadAs({ draft }: { draft: PersonDraft }) {
  const { data } = useRead(readLists);
  const circleName = (id: string) => data?.circle.find((circle) => circle.id === id)?.name ?? '';
  return (
    <View role="status" className="gap-1">
      {PARTS.map(([label, words]) => [label, words(draft, circleName)] as const)
        .filter(([, words]) => words)
        .map(([label, words]) => (
          <View key={label} className="flex-row gap-3">
            <Soft className="w-[92px] leading-6">{label}</Soft>
            <Body className="flex-1">{words}</Body>
          </View>
        ))}
    </View>
  );
}
