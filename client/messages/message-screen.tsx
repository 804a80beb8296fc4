import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { AsRead, WordsFields } from '@/client/templates';
import { Body, Button, Fault, Heading, Linked, Soft, Spread, Title, Waiting } from '@/client/ui';
import {
  changeMessage,
  getMessage,
  moveMessage,
  type MessageWhole,
  MESSAGE_KINDS,
} from '@/contract/messages';
import { instantWords } from '@/core/time';

import { EVENT_WORDS, OUTCOME_WORDS, whatItIs } from './message-words';

/** One message: its exact words, and everything that was reported of it; as long as it is here, to be changed. */
export function MessageScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const message = useRead(getMessage, { params: { id } });
  return (
    <Spread beside={message.data ? <What message={message.data} /> : null}>
      <Linked href="/out" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ Out</Body>
      </Linked>
      <Waiting query={message}>
        {(whole) => (
          <>
            <Title>{whole.name}</Title>
            <Soft>{`${whatItIs(whole)}, to ${whole.addresses.join(', ') || 'nowhere yet'}`}</Soft>
            {isHere(whole) ? (
              <Change key={whole.version} message={whole} />
            ) : (
              <>
                <AsRead kind={asKind(whole.kind)} read={whole} heading="As it was sent" />
                <Along message={whole} />
                <Again message={whole} />
              </>
            )}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

/** How words are written and shown: what has no way of its own is plain. */
const asKind = (kind: string) => MESSAGE_KINDS.find((one) => one === kind) ?? 'text';

const isHere = ({ state }: MessageWhole) => ['held', 'ready', 'failed'].includes(state);

/** What was sent can be sent again, with its words to begin from. */
function Again({ message: { id, personId, kind } }: { message: MessageWhole }) {
  const router = useRouter();
  return (
    <Button
      className="self-start"
      label="Write it again"
      onPress={() => router.navigate(`/write?person=${personId}&kind=${kind}&like=${id}` as '/')}
    />
  );
}

function Change({ message }: { message: MessageWhole }) {
  const { subject, words, html } = message;
  const [writing, setWriting] = useState({ subject, words, html });
  const change = useWrite(changeMessage, { tells: false });
  const move = useWrite(moveMessage);
  const { id, kind, version, state } = message;
  const changed = writing.subject !== subject || writing.words !== words || writing.html !== html;
  const to = (what: 'hold' | 'release' | 'cancel' | 'now') => () =>
    move.mutate({ params: { id }, body: { move: what } });
  return (
    <View className="gap-3">
      {message.why ? <Fault>{message.why}</Fault> : null}
      <WordsFields kind={asKind(kind)} words={writing} onChange={setWriting} />
      <Along message={message} />
      {change.error ? <Fault>{change.error.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label="Keep the words"
          disabled={!changed || change.isPending}
          onPress={() => change.mutate({ params: { id }, body: { ...writing, version } })}
        />
        {state === 'ready' ? (
          <Button label="Send it now" disabled={changed} onPress={to('now')} />
        ) : null}
        {state === 'ready' ? <Button label="Hold it" onPress={to('hold')} /> : null}
        {message.remedy === 'release' ? <Button label="Let it go" onPress={to('release')} /> : null}
        <Button weight="quiet" label="Cancel it" onPress={to('cancel')} />
      </View>
    </View>
  );
}

/** The files that go or went with it. */
const Along = ({ message: { files } }: { message: MessageWhole }) =>
  files.length === 0 ? null : <Soft>{`With it: ${files.map(({ name }) => name).join(', ')}`}</Soft>;

/** Where a message is and what was reported of it. */
function What({ message }: { message: MessageWhole }) {
  const { state, sendAt, sentAt, outcome, events } = message;
  const at = (iso: string) => instantWords(iso, message.timeZone);
  return (
    <View className="gap-2">
      <Heading>What became of it</Heading>
      {state === 'ready' && sendAt ? <Body>{`Goes on ${at(sendAt)}.`}</Body> : null}
      {state === 'cancelled' ? <Body>{`Cancelled. ${message.why}`}</Body> : null}
      {sentAt ? <Body>{`Handed over on ${at(sentAt)}; ${OUTCOME_WORDS[outcome]}.`}</Body> : null}
      {events.map((event) => (
        <View key={event.id} className="border-t border-line pt-2">
          <Body>{EVENT_WORDS[event.kind] ?? event.kind}</Body>
          <Soft>{[at(event.at), event.detail].filter(Boolean).join(': ')}</Soft>
        </View>
      ))}
      <Linked href={`/people/${message.personId}`} className="min-h-[44px] justify-center">
        <Body className="text-sea">{`The sheet of ${message.name}`}</Body>
      </Linked>
    </View>
  );
}
