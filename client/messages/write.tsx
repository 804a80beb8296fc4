import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, View } from 'react-native';

import { useRead, useSettled, useWrite } from '@/client/api';
import { Body, Button, Choice, Fault, Field, Linked, Soft, Spread, Title } from '@/client/ui';
import { startMessage, writeMessage, type Started } from '@/contract/messages';
import type { PersonSheet } from '@/contract/people';
import { inPlainSigns, linkToWrite } from '@/core/messages';

import { AsRead } from './as-read';
import { FieldPicker } from './field-picker';
import { PartsLine } from './parts-line';

type Kind = 'email' | 'text';

interface Props {
  sheet: PersonSheet;
  kind: Kind;
  /** What was sent before, to begin from. */
  from: { subject: string; words: string } | null;
}

const KINDS = [
  { value: 'email', label: 'E-mail' },
  { value: 'text', label: 'Text' },
] as const;

/** Words for one person, seen as they will be read, and sent from here or from the owner's own program. */
export function Write({ sheet, kind: first, from }: Props) {
  const router = useRouter();
  const [kind, setKind] = useState<Kind>(first);
  const [subject, setSubject] = useState(from?.subject ?? '');
  const [words, setWords] = useState(from?.words ?? '');
  const asked = useSettled(JSON.stringify({ personId: sheet.id, kind, subject, words }));
  const body = JSON.parse(asked) as Parameters<typeof useRead<typeof startMessage>>[1] extends {
    body?: infer B;
  }
    ? B
    : never;
  const started = useRead(startMessage, { body }, { keepPrevious: true }).data;
  const write = useWrite(writeMessage, { tells: false, onWritten: () => router.back() });
  const faults = started?.faults ?? [];
  const refused = started?.why ?? '';
  const ready = words.trim() !== '' && faults.length === 0;
  return (
    <Spread beside={started ? <AsRead started={started} kind={kind} /> : null}>
      <Linked
        href={`/people/${sheet.id}`}
        className="min-h-[44px] max-w-full justify-center self-start"
      >
        <Body className="text-sea">{`‹ ${sheet.name}`}</Body>
      </Linked>
      <Title>{`To ${sheet.name}`}</Title>
      <Choice label="How" value={kind} options={KINDS} onChange={setKind} />
      {kind === 'email' ? (
        <Field
          label="Subject"
          value={subject}
          onChangeText={setSubject}
          placeholder={started?.subject}
        />
      ) : null}
      <Field label="Words" value={words} onChangeText={setWords} multiline numberOfLines={10} />
      {kind === 'text' ? (
        <PartsLine words={started?.words || words} onPlain={() => setWords(inPlainSigns(words))} />
      ) : null}
      <FieldPicker onPick={(field) => setWords(`${words}{{ ${field} }}`)} />
      {faults.map(({ sentence }) => (
        <Fault key={sentence}>{sentence}</Fault>
      ))}
      {refused ? <Fault>{refused}</Fault> : null}
      {write.error ? <Fault>{write.error.message}</Fault> : null}
      {started?.goAt ? (
        <Soft>{`It is ${started.there ?? 'night'} there: it goes when the night is over.`}</Soft>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label={write.isPending ? 'Sending…' : 'Send it'}
          disabled={!ready || write.isPending}
          onPress={() =>
            write.mutate({ body: { personId: sheet.id, kind, subject, words, itemKey: null } })
          }
        />
        <OwnProgram sheet={sheet} kind={kind} started={started} ready={ready} />
      </View>
    </Spread>
  );
}

/** The same words in the owner's own program for mail or texts. */
function OwnProgram({
  sheet,
  kind,
  started,
  ready,
}: {
  sheet: PersonSheet;
  kind: Kind;
  started: Started | undefined;
  ready: boolean;
}) {
  const to = started?.addresses[0] ?? '';
  const link =
    started &&
    linkToWrite({
      kind,
      phone: kind === 'text' ? to : '',
      email: kind === 'email' ? to : '',
      subject: started.subject,
      words: started.words,
    });
  if (!link || sheet.fields.consent[kind]?.answer === 'no') return null;
  return (
    <Button
      label="In my own program"
      disabled={!ready}
      onPress={() => void Linking.openURL(link)}
    />
  );
}
