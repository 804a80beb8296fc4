import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Card, DisclosureButton, Lead, LinkedButton, Soft } from '@/client/ui';
import { moveMessage, type Message } from '@/contract/messages';
import { plural } from '@/core/time';

import { labelOf, WaitingCard } from './waiting-card';

/** More than this for one reason stand together. */
const TOGETHER = 3;
const NAMED = 6;

/** Reasons that many share. */
const GROUPED: readonly Message['remedy'][] = ['consent', 'carrier', 'late'];

/** Messages by what keeps them: many for one reason together, the others by themselves. */
export function WaitingGroups({ messages }: { messages: readonly Message[] }) {
  const groups = new Map<string, Message[]>();
  for (const message of messages) {
    // What came back or can't be filled in is everybody's own reason.
    const key = GROUPED.includes(message.remedy) ? `${message.kind} ${message.why}` : message.id;
    groups.set(key, [...(groups.get(key) ?? []), message]);
  }
  return [...groups].map(([key, all]) =>
    all.length > TOGETHER ? (
      <Group key={key} messages={all} />
    ) : (
      all.map((message) => <WaitingCard key={message.id} message={message} />)
    ),
  );
}

function Group({ messages }: { messages: readonly Message[] }) {
  const [open, setOpen] = useState(false);
  const move = useWrite(moveMessage);
  const [first] = messages as [Message, ...Message[]];
  const { noun, why, remedy } = first;
  const what = plural(messages.length, noun.one, noun.many);
  const names = messages.slice(0, NAMED).map(({ name }) => name);
  const more = messages.length - names.length;
  const moveAll = async (to: 'cancel' | 'release') => {
    for (const { id } of messages) await move.mutateAsync({ params: { id }, body: { move: to } });
  };
  return (
    <>
      <Card className="gap-1">
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
          <Lead>{what}</Lead>
          <Soft className="text-warn">{labelOf(first)}</Soft>
        </View>
        <Body>{why}</Body>
        <Soft>{`${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}`}</Soft>
        <View className="flex-row flex-wrap gap-2 pt-1">
          {remedy === 'late' ? (
            <Button
              label="Send them anyway"
              spoken={`Send anyway: ${what}`}
              disabled={move.isPending}
              onPress={() => void moveAll('release')}
            />
          ) : (
            <LinkedButton
              href={remedy === 'consent' ? '/tidy/consent' : '/out/carriers'}
              label={remedy === 'consent' ? 'Note what they said' : 'Set it up'}
            />
          )}
          <DisclosureButton
            label="Each by name"
            openLabel="Hide"
            open={open}
            onToggle={() => setOpen(!open)}
          />
          <Button
            weight="quiet"
            label="Leave them all out"
            spoken={`Leave all out: ${what}`}
            disabled={move.isPending}
            onPress={() => void moveAll('cancel')}
          />
        </View>
      </Card>
      {open ? messages.map((message) => <WaitingCard key={message.id} message={message} />) : null}
    </>
  );
}
