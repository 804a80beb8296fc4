import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, View } from 'react-native';

import { useRead, useSettled, useWrite } from '@/client/api';
import { AsRead, bodyOf, NOTHING_WRITTEN, type Writing } from '@/client/templates';
import { Body, Button, Fault, Linked, Soft, Spread, Title } from '@/client/ui';
import { startMessage, writeMessage, type Started } from '@/contract/messages';
import type { PersonSheet } from '@/contract/people';
import { linkToWrite } from '@/core/messages';

import { Composer, type WrittenKind } from './composer';

interface Props {
  sheet: PersonSheet;
  kind: WrittenKind;
  /** What was sent before, to begin from. */
  from: Writing | null;
}

/** Words for one person, seen as they will be read, and sent from here or from the owner's own program. */
export function Write({ sheet, kind: first, from }: Props) {
  const router = useRouter();
  const [kind, setKind] = useState(first);
  const [writing, setWriting] = useState(from ?? NOTHING_WRITTEN);
  const { subject, words, html } = writing;
  const asked = { personId: sheet.id, kind, subject, words, html: kind === 'email' ? html : '' };
  const body = JSON.parse(useSettled(JSON.stringify(asked))) as typeof asked;
  const started = useRead(startMessage, { body }, { keepPrevious: true }).data;
  const write = useWrite(writeMessage, { tells: false, onWritten: () => router.back() });
  const faults = started?.faults ?? [];
  const refused = started?.why ?? '';
  const ready = (words.trim() !== '' || asked.html !== '') && faults.length === 0;
  return (
    <Spread
      beside={
        started ? (
          <AsRead
            read={started}
            kind={kind}
            to={`to ${started.addresses.join(', ') || 'nowhere yet'}`}
          />
        ) : null
      }
    >
      <Linked
        href={`/people/${sheet.id}`}
        className="min-h-[44px] max-w-full justify-center self-start"
      >
        <Body className="text-sea">{`‹ ${sheet.name}`}</Body>
      </Linked>
      <Title>{`To ${sheet.name}`}</Title>
      <Composer
        {...{ kind, writing }}
        onKind={setKind}
        onWriting={setWriting}
        subjectHint={started?.subject}
        filled={started?.words}
      />
      {faults.map(({ sentence }) => (
        <Fault key={sentence}>{sentence}</Fault>
      ))}
      {refused ? <Fault>{refused}</Fault> : null}
      {write.error ? <Fault>{write.error.message}</Fault> : null}
      {started?.sendAt ? (
        <Soft>{`It is ${started.there ?? 'night'} there: it goes when the night is over.`}</Soft>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label={write.isPending ? 'Sending…' : 'Send it'}
          disabled={!ready || write.isPending}
          onPress={() => write.mutate({ body: { ...bodyOf(writing), ...asked, itemKey: null } })}
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
  kind: WrittenKind;
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
