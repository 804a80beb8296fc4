import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Select } from '@/client/ui';
import { readLists } from '@/contract/lists';
import type { PersonDraft } from '@/contract/record';

import { PersonChooser } from '../chooser';

interface Sender {
  id: string;
  name: string;
}

/** What is said of somebody new besides who they are: their circle, and who sent them. */
export function useBesides(given: { tag?: string; circle?: string }) {
  const [circleId, setCircleId] = useState(given.circle ?? '');
  const [sender, setSender] = useState<Sender | null>(null);
  const whole = (draft: PersonDraft): PersonDraft => ({
    ...draft,
    tags: [...(draft.tags ?? []), ...(given.tag ? [given.tag] : [])],
    circleId: circleId || null,
    referredBy: sender?.id ?? null,
  });
  return { circleId, setCircleId, sender, setSender, whole };
}

export function Besides(props: ReturnType<typeof useBesides>) {
  const { circleId, setCircleId, sender, setSender } = props;
  const lists = useRead(readLists);
  const circles = (lists.data?.circle ?? [])
    .filter(({ retired }) => !retired)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <>
      <Select
        label="Circle"
        className="max-w-[280px]"
        value={circleId}
        options={[{ value: '', label: 'None yet' }, ...circles]}
        onChange={setCircleId}
      />
      <SentBy sender={sender} onSender={setSender} />
    </>
  );
}

interface SentByProps {
  sender: Sender | null;
  onSender: (sender: Sender | null) => void;
}

/** Who sent them, as a tie made at once. */
function SentBy({ sender, onSender }: SentByProps) {
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
    <PersonChooser
      label="Who sent them"
      onChoose={({ id, name }) => {
        onSender({ id, name });
        setOpen(false);
      }}
    />
  );
}
