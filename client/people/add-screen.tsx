import { useQuery } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

import { call, useRead, useWrite } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Choice,
  Fault,
  Field,
  Heading,
  Linked,
  Page,
  Select,
  Soft,
  Title,
} from '@/client/ui';
import { readLists } from '@/contract/lists';
import {
  addPerson,
  enrichPerson,
  findLookAlikes,
  readLine,
  type LookAlike,
} from '@/contract/people';
import type { PersonDraft } from '@/contract/record';
import { formatPhone } from '@/core/people';

import { FindPerson } from './find-person';

type Way = 'line' | 'form';
const WAYS = [
  { value: 'line', label: 'One line' },
  { value: 'form', label: 'Form' },
] as const;

/** Somebody new in seconds: one typed line, or a short form. */
export function AddScreen() {
  const router = useRouter();
  // Added while looking at a tag or a circle, they get what puts them into it.
  const given = useLocalSearchParams<{ tag?: string; circle?: string }>();
  const [way, setWay] = useState<Way>('line');
  const [circleId, setCircleId] = useState(given.circle ?? '');
  const [sender, setSender] = useState<{ id: string; name: string } | null>(null);
  const lists = useRead(readLists);
  const add = useWrite(addPerson);
  const enrich = useWrite(enrichPerson);
  const whole = (draft: PersonDraft): PersonDraft => ({
    ...draft,
    tags: [...(draft.tags ?? []), ...(given.tag ? [given.tag] : [])],
    circleId: circleId || null,
    referredBy: sender?.id ?? null,
  });
  const toSheet = { onSuccess: ({ id }: { id: string }) => router.navigate(`/people/${id}`) };
  const form = {
    busy: add.isPending || enrich.isPending,
    onSave: (draft: PersonDraft) => add.mutate({ body: whole(draft) }, toSheet),
    onEnrich: (id: string, draft: PersonDraft) =>
      enrich.mutate({ params: { id }, body: whole(draft) }, toSheet),
  };
  const error = add.error ?? enrich.error;
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
      {given.tag ? <Soft>{`They get the tag #${given.tag}.`}</Soft> : null}
      {way === 'line' ? (
        <LineForm {...form}>{rest()}</LineForm>
      ) : (
        <ShortForm {...form}>{rest()}</ShortForm>
      )}
      {error ? <Fault>{error.message}</Fault> : null}
    </Page>
  );

  function rest() {
    return (
      <>
        <Select
          label="Circle"
          className="max-w-[280px]"
          value={circleId}
          options={[
            { value: '', label: 'None yet' },
            ...(lists.data?.circle ?? [])
              .filter(({ retired }) => !retired)
              .map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={setCircleId}
        />
        <Sender sender={sender} onSender={setSender} />
      </>
    );
  }
}

interface SenderProps {
  sender: { id: string; name: string } | null;
  onSender: (sender: SenderProps['sender']) => void;
}

/** Who sent them, as a tie made at once. */
function Sender({ sender, onSender }: SenderProps) {
  const [open, setOpen] = useState(false);
  if (sender)
    return (
      <View className="flex-row items-center gap-2">
        <Body>{`Sent by ${sender.name}`}</Body>
        <Button weight="quiet" label="Not so" onPress={() => onSender(null)} />
      </View>
    );
  if (!open)
    return (
      <Button
        weight="quiet"
        className="self-start"
        label="Somebody sent them…"
        onPress={() => setOpen(true)}
      />
    );
  return (
    <FindPerson
      label="Who sent them"
      exceptId=""
      onChoose={({ id, name }) => {
        onSender({ id, name });
        setOpen(false);
      }}
    />
  );
}

interface FormProps {
  children: ReactNode;
  busy: boolean;
  onSave: (draft: PersonDraft) => void;
  onEnrich: (id: string, draft: PersonDraft) => void;
}

const LINE_PARTS: [string, (draft: PersonDraft) => string][] = [
  ['First name', (d) => d.givenName ?? ''],
  ['Last name', (d) => d.familyName ?? ''],
  ['Phone', (d) => (d.phones ?? []).map(({ value }) => formatPhone(value)).join(', ')],
  ['E-mail', (d) => (d.emails ?? []).map(({ value }) => value).join(', ')],
  ['Birthday', (d) => d.birthday ?? ''],
  ['Tags', (d) => (d.tags ?? []).map((tag) => `#${tag}`).join(' ')],
  ['Note', (d) => d.note ?? ''],
];

function LineForm({ children, busy, onSave, onEnrich }: FormProps) {
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
          {LINE_PARTS.map(([label, words]) => [label, words(draft)] as const)
            .filter(([, words]) => words)
            .map(([label, words]) => (
              <View key={label} className="flex-row gap-3">
                <Soft className="w-[92px] leading-6">{label}</Soft>
                <Body className="flex-1">{words}</Body>
              </View>
            ))}
        </View>
      ) : null}
      {draft && read.data && read.data.unread.length > 0 ? (
        <Fault>{`This could not be read and would be left out: ${read.data.unread.join('; ')}`}</Fault>
      ) : null}
      {draft && read.data ? (
        <LookAlikes
          list={read.data.lookAlikes}
          busy={busy}
          onEnrich={(id) => onEnrich(id, draft)}
        />
      ) : null}
      {children}
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

interface LookAlikesProps {
  list: readonly LookAlike[];
  busy: boolean;
  onEnrich: (id: string) => void;
}

/** Who is here already and may be the same person, with the evidence. */
function LookAlikes({ list, busy, onEnrich }: LookAlikesProps) {
  if (list.length === 0) return null;
  return (
    <Card className="gap-2">
      <Heading>Here already?</Heading>
      {list.map(({ id, name, verdict, evidence }) => (
        <View key={id} className="flex-row flex-wrap items-center gap-x-3">
          <Linked href={`/people/${id}`} className="min-h-[44px] justify-center">
            <Body className="text-sea">{name}</Body>
          </Linked>
          <Soft className="flex-1">
            {`${verdict === 'sure' ? 'surely' : 'perhaps'}: ${evidence.join(', ')}`}
          </Soft>
          <Button
            label="Add this to them"
            spoken={`Add this to ${name}`}
            disabled={busy}
            onPress={() => onEnrich(id)}
          />
        </View>
      ))}
      <Soft>“Add” below makes somebody of their own all the same.</Soft>
    </Card>
  );
}

const SHORT = [
  ['givenName', 'First name'],
  ['familyName', 'Last name'],
  ['phone', 'Phone'],
  ['email', 'E-mail'],
  ['company', 'Company'],
  ['note', 'Note'],
] as const;

function ShortForm({ children, busy, onSave, onEnrich }: FormProps) {
  const [draft, setDraft] = useState<PersonDraft>({});
  const filled = SHORT.some(([key]) => draft[key]);
  const found = useQuery({
    queryKey: ['look-alikes', draft],
    queryFn: ({ signal }) => call(findLookAlikes, { body: { draft } }, { signal }),
    enabled: filled,
    placeholderData: (previous) => previous,
  });
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
      <LookAlikes
        list={filled ? (found.data?.lookAlikes ?? []) : []}
        busy={busy}
        onEnrich={(id) => onEnrich(id, draft)}
      />
      {children}
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
