import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useRead, useWrite } from '@/client/api';
import { Body, Button, Choice, Fault, Field, Page, Select, Soft, Title } from '@/client/ui';
import { addPerson, readLine, type PersonDraft } from '@/contract/people';
import { getSettings } from '@/contract/settings';

type Way = 'line' | 'form';
const WAYS = [
  { value: 'line', label: 'One line' },
  { value: 'form', label: 'Form' },
] as const;

/** Somebody new in seconds: one typed line, or a short form. */
export function AddScreen() {
  const router = useRouter();
  const [way, setWay] = useState<Way>('line');
  const [circleId, setCircleId] = useState('');
  const settings = useRead(getSettings);
  const add = useWrite(addPerson);
  const save = (draft: PersonDraft) =>
    add.mutate(
      { body: { ...draft, circleId: circleId || null } },
      { onSuccess: ({ id }) => router.navigate(`/people/${id}`) },
    );
  const circles = (
    <Select
      label="Circle"
      className="max-w-[280px]"
      value={circleId}
      options={[
        { value: '', label: 'None yet' },
        ...(settings.data?.circles ?? []).map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={setCircleId}
    />
  );
  return (
    <Page narrow>
      <Title>Somebody new</Title>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Choice label="How to add" value={way} options={WAYS} onChange={setWay} />
        <Button
          weight="quiet"
          label="Import a list instead"
          onPress={() => router.navigate('/people/import')}
        />
      </View>
      {way === 'line' ? (
        <LineForm circles={circles} busy={add.isPending} onSave={save} />
      ) : (
        <ShortForm circles={circles} busy={add.isPending} onSave={save} />
      )}
      {add.error ? <Fault>{add.error.message}</Fault> : null}
    </Page>
  );
}

interface FormProps {
  circles: React.ReactNode;
  busy: boolean;
  onSave: (draft: PersonDraft) => void;
}

const READ_LABELS: [keyof PersonDraft, string][] = [
  ['givenName', 'First name'],
  ['familyName', 'Last name'],
  ['phone', 'Phone'],
  ['email', 'E-mail'],
  ['birthday', 'Birthday'],
  ['tags', 'Tags'],
  ['note', 'Note'],
];

function LineForm({ circles, busy, onSave }: FormProps) {
  const [line, setLine] = useState('');
  const read = useQuery({
    queryKey: ['read-line', line],
    queryFn: ({ signal }) => call(readLine, { body: { line } }, { signal }),
    enabled: line.trim() !== '',
    placeholderData: (previous) => previous,
  });
  const draft = line.trim() === '' ? undefined : read.data?.draft;
  return (
    <View className="gap-3">
      <Field
        label="Name, phone, e-mail, a note, birthday, #tags, in any order"
        placeholder="Rosa Lind, 555-0142, met at the market, birthday 4 May, #garden"
        value={line}
        onChangeText={setLine}
        autoFocus
      />
      {draft ? (
        <View role="status" className="gap-1">
          {READ_LABELS.filter(([key]) => draft[key]?.length).map(([key, label]) => (
            <View key={key} className="flex-row gap-3">
              <Soft className="w-[92px] leading-6">{label}</Soft>
              <Body className="flex-1">
                {key === 'tags'
                  ? draft.tags!.map((tag) => `#${tag}`).join(' ')
                  : String(draft[key])}
              </Body>
            </View>
          ))}
        </View>
      ) : null}
      {draft && read.data && read.data.unread.length > 0 ? (
        <Fault>{`This could not be read and would be left out: ${read.data.unread.join('; ')}`}</Fault>
      ) : null}
      {circles}
      <Button
        weight="main"
        className="self-start"
        label="Add"
        disabled={busy || !draft || read.isFetching}
        onPress={() => draft && onSave(draft)}
      />
    </View>
  );
}

const SHORT = [
  ['givenName', 'First name'],
  ['familyName', 'Last name'],
  ['phone', 'Phone'],
  ['email', 'E-mail'],
  ['note', 'Note'],
] as const;

function ShortForm({ circles, busy, onSave }: FormProps) {
  const [draft, setDraft] = useState<PersonDraft>({});
  return (
    <View className="gap-3">
      {SHORT.map(([key, label]) => (
        <Field
          key={key}
          label={label}
          value={draft[key] ?? ''}
          onChangeText={(value) => setDraft({ ...draft, [key]: value })}
        />
      ))}
      {circles}
      <Button
        weight="main"
        className="self-start"
        label="Add"
        disabled={busy}
        onPress={() => onSave(draft)}
      />
    </View>
  );
}
