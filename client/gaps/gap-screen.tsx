import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Lead, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import type { Lack } from '@/contract/filters';
import { listGap, passOver, type GapPerson } from '@/contract/gaps';
import { editPerson, getPerson } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { plural } from '@/core/time';

import { GAP_WORDS } from './gap-words';

/** One gap, person after person: answered with the keys alone, left for later, or passed over. */
export function GapScreen() {
  const { lack } = useLocalSearchParams<{ lack: Lack }>();
  const list = useRead(listGap, { params: { lack } }, { keepPrevious: true });
  // Who was left for later in this sitting is not asked again until the list is opened anew.
  const [later, setLater] = useState<ReadonlySet<string>>(new Set());
  const words = GAP_WORDS[lack];
  return (
    <Page narrow>
      <Linked href="/tidy" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ Tidy up</Body>
      </Linked>
      <Title>{words.title}</Title>
      <Waiting query={list}>
        {({ total, people }) => {
          const next = people.find(({ id }) => !later.has(id));
          return (
            <>
              <Soft role="status">
                {total === 0 ? 'Known of everybody.' : `${plural(total, 'person', 'people')} left`}
              </Soft>
              {next ? (
                <Ask
                  key={next.id}
                  lack={lack}
                  person={next}
                  onLater={() => setLater(new Set([...later, next.id]))}
                />
              ) : total > 0 ? (
                <>
                  <Body>You have been through all of them.</Body>
                  <Button
                    className="self-start"
                    label="From the beginning"
                    onPress={() => setLater(new Set())}
                  />
                </>
              ) : null}
            </>
          );
        }}
      </Waiting>
    </Page>
  );
}

const KEYS =
  'Press Enter to save and go to the next person. Press Enter with nothing typed to come back to them later, or Shift+Enter to skip them for good.';

interface AskProps {
  lack: Lack;
  person: GapPerson;
  onLater: () => void;
}

function Ask({ lack, person, onLater }: AskProps) {
  const words = GAP_WORDS[lack];
  const sheet = useRead(getPerson, { params: { id: person.id } });
  const settings = useRead(getSettings);
  const edit = useWrite(editPerson, { tells: false });
  const pass = useWrite(passOver, { tells: false });
  const [answer, setAnswer] = useState('');
  const [fault, setFault] = useState('');
  const keep = () => {
    if (answer.trim() === '') return onLater();
    if (!sheet.data || !settings.data) return;
    const { fields, version } = sheet.data;
    const { circles, today } = settings.data;
    const change = words.toChange(answer, { fields, circles, today });
    if (!change) return setFault(`That can’t be read. ${words.hint}`);
    setFault('');
    edit.mutate({ params: { id: person.id }, body: { ...change, version } });
  };
  const passFor = () => pass.mutate({ params: { lack }, body: { personId: person.id } });
  const onKey = (event: { nativeEvent: object }) => {
    const { key, shiftKey } = event.nativeEvent as KeyboardEvent;
    if (key === 'Enter') (shiftKey ? passFor : keep)();
  };
  return (
    <View className="gap-2">
      <Lead>{person.name}</Lead>
      {person.about ? <Soft>{person.about}</Soft> : null}
      {(sheet.data?.talk ?? []).slice(0, 2).map(({ about, words: text }, i) => (
        <Soft key={i}>{`${about}: ${text}`}</Soft>
      ))}
      <Field
        label={words.ask}
        placeholder={words.hint}
        autoFocus
        value={answer}
        fault={fault || edit.error?.message || null}
        onChangeText={setAnswer}
        onKeyPress={onKey}
        blurOnSubmit={false}
      />
      {pass.error ? <Fault>{pass.error.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button weight="main" label="Keep" disabled={edit.isPending} onPress={keep} />
        <Button weight="quiet" label="Later" onPress={onLater} />
        <Button
          weight="quiet"
          label="Pass over for good"
          disabled={pass.isPending}
          onPress={passFor}
        />
        <Linked href={`/people/${person.id}`} className="min-h-[44px] justify-center px-2">
          <Body className="text-sea">Their sheet</Body>
        </Linked>
      </View>
      <Soft>{KEYS}</Soft>
    </View>
  );
}
