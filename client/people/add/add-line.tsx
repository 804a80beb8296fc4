import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { call, useTypedText, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Soft } from '@/client/ui';
import { addPerson, enrichPerson, readLine } from '@/contract/people';
import type { PersonDraft } from '@/contract/record';
import { formatPhone } from '@/core/people';

import { LookAlikes } from './look-alikes';

export interface AddProps {
  /** The draft with what is said besides. */
  whole: (draft: PersonDraft) => PersonDraft;
  children: ReactNode;
}

const PARTS: [string, (draft: PersonDraft) => string][] = [
  ['First name', (d) => d.givenName ?? ''],
  ['Last name', (d) => d.familyName ?? ''],
  ['Phone', (d) => (d.phones ?? []).map(({ value }) => formatPhone(value)).join(', ')],
  ['E-mail', (d) => (d.emails ?? []).map(({ value }) => value).join(', ')],
  ['Birthday', (d) => d.birthday ?? ''],
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
        placeholder="Rosa Lind, 555-0142, met at the market, birthday 4 May, #garden"
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

const ReadAs = ({ draft }: { draft: PersonDraft }) => (
  <View role="status" className="gap-1">
    {PARTS.map(([label, words]) => [label, words(draft)] as const)
      .filter(([, words]) => words)
      .map(([label, words]) => (
        <View key={label} className="flex-row gap-3">
          <Soft className="w-[92px] leading-6">{label}</Soft>
          <Body className="flex-1">{words}</Body>
        </View>
      ))}
  </View>
);
