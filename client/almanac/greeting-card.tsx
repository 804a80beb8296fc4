import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import {
  Body,
  Button,
  Card,
  DisclosureButton,
  Fault,
  Field,
  Lead,
  Linked,
  LinkedButton,
  Select,
  Soft,
  Words,
} from '@/client/ui';
import { changeGreeting, type GreetingShown } from '@/contract/greetings';
import { longDate, spokenDate, type PlainDate } from '@/core/time';
import { aKind, KIND_WORDS, type TouchKind } from '@/core/touches';

import { OccasionMark } from './parts';
import { dayShort, STATE_WORDS } from './words';

interface Props {
  greeting: GreetingShown;
  today: PlainDate;
  open?: boolean;
}

/** One greeting before it happens: whom, on what, how and by when; opened, its words, and the ways to change it. */
export function GreetingCard({ greeting, today, open = false }: Props) {
  const [opened, setOpened] = useState(open);
  const { personId, name, withNames, occasion, what, on, state, sentence } = greeting;
  const who = [name, ...withNames].join(' & ');
  const said = STATE_WORDS[state];
  return (
    <Card className="gap-1">
      <View className="flex-row gap-3">
        <OccasionMark occasion={occasion} />
        <View className="min-w-0 flex-1 gap-0.5">
          <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
            <Linked href={`/people/${personId}`} className="min-w-0 shrink">
              <Lead>{who}</Lead>
            </Linked>
            {said ? <Soft className={TONES[state] ?? ''}>{said}</Soft> : null}
          </View>
          <Body>{`${dayShort(on, today)}: ${what}`}</Body>
          <Soft>{howWords(greeting, today)}</Soft>
          {sentence ? <Soft>{sentence}</Soft> : null}
          <DisclosureButton
            weight="quiet"
            className="-ml-2 self-start"
            label="Edit"
            openLabel="Close"
            about={`the greeting: ${name}, ${longDate(on, today)}`}
            open={opened}
            onToggle={() => setOpened(!opened)}
          />
        </View>
      </View>
      {opened ? <Change greeting={greeting} /> : null}
    </Card>
  );
}

const TONES: Partial<Record<GreetingShown['state'], string>> = {
  late: 'text-danger',
  held: 'text-danger',
  made: 'text-done',
};

/** "A card by your hand, on the desk on Tuesday", "An e-mail by itself". */
function howWords({ kind, way, planned, state }: GreetingShown, today: PlainDate): string {
  const what = aKind(kind);
  const how = what.charAt(0).toUpperCase() + what.slice(1);
  if (way === 'auto') return `${how} by itself`;
  if (state !== 'planned' && state !== 'late') return how;
  return planned ? `${how}, on your desk ${onDay(planned, today)}` : `${how} by your hand`;
}

const onDay = (day: PlainDate, today: PlainDate): string => {
  const spoken = spokenDate(day, today);
  return /^(today|tomorrow|yesterday)$/.test(spoken) ? spoken : `on ${spoken}`;
};

function Change({ greeting }: { greeting: GreetingShown }) {
  const { key, state, messageId, words, instead, kind } = greeting;
  const change = useWrite(changeGreeting);
  const busy = change.isPending;
  if (messageId && (state === 'out' || state === 'held'))
    return (
      <View className="items-start gap-2">
        {words ? <Words>{words}</Words> : null}
        <LinkedButton href={`/out/${messageId}`} label="Its message under Out" />
      </View>
    );
  if (state === 'made' || state === 'passed') return words ? <Words>{words}</Words> : null;
  if (state === 'dropped')
    return (
      <Button
        className="self-start"
        label="Take it up again"
        disabled={busy}
        onPress={() => change.mutate({ body: { key, dropped: false } })}
      />
    );
  const ways: TouchKind[] = [...new Set<TouchKind>([kind, ...instead, 'card', 'gift', 'visit'])];
  return (
    <View className="gap-3">
      <OwnWords greeting={greeting} />
      <View className="flex-row flex-wrap items-end gap-3">
        <Select
          label="The way it goes"
          className="w-[180px]"
          value={kind}
          options={ways.map((value) => ({ value, label: KIND_WORDS[value].noun }))}
          onChange={(next) => change.mutate({ body: { key, kind: next } })}
        />
        <Button
          weight="quiet"
          label="Drop this greeting"
          disabled={busy}
          onPress={() => change.mutate({ body: { key, dropped: true } })}
        />
      </View>
    </View>
  );
}

/** The words of this one greeting: those of its rule, or its own. */
function OwnWords({ greeting: { key, words, ownWords } }: { greeting: GreetingShown }) {
  const [text, setText] = useState(words);
  const change = useWrite(changeGreeting, { tells: false });
  const save = (next: string | null) => change.mutate({ body: { key, words: next } });
  return (
    <View className="gap-2">
      <Field
        label={ownWords ? 'Words, written for this one' : 'Words, as its rule says them'}
        multiline
        value={text}
        onChangeText={setText}
      />
      {change.error ? <Fault>{change.error.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        {text !== words ? (
          <Button label="Keep these words" disabled={change.isPending} onPress={() => save(text)} />
        ) : null}
        {ownWords ? (
          <Button
            weight="quiet"
            label="The words of its rule"
            disabled={change.isPending}
            onPress={() => save(null)}
          />
        ) : null}
      </View>
    </View>
  );
}
