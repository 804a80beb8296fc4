import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Button, DayField, Field, Select, Soft } from '@/client/ui';
import { logTouch, type LogTouch } from '@/contract/touches';
import { addDays, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, outcomesOf, TOUCH_KINDS, type TouchKind } from '@/core/touches';

const KIND_OPTIONS = TOUCH_KINDS.map((kind) => ({
  value: kind,
  label: KIND_WORDS[kind].noun.charAt(0).toUpperCase() + KIND_WORDS[kind].noun.slice(1),
}));

interface Props {
  personId: string;
  kind: TouchKind;
  itemKey?: string;
  today: PlainDate;
  onDone: () => void;
  /** Lets the kind and the day be chosen, for a touch that was not planned. */
  free?: boolean;
}

/** How it went, in one tap; a note and a follow-up go in with it. */
export function LogForm({ personId, kind: planned, itemKey, today, onDone, free = false }: Props) {
  const log = useWrite(logTouch);
  const [kind, setKind] = useState(planned);
  const [on, setOn] = useState<string>(today);
  const [note, setNote] = useState('');
  const [followOn, setFollowOn] = useState<string | null>(null);
  const [followWords, setFollowWords] = useState('');
  const save = (outcome: LogTouch['outcome']) => {
    const body: LogTouch = {
      personId,
      kind,
      outcome,
      ...(free ? { on: on as PlainDate } : {}),
      ...(note ? { note } : {}),
      ...(itemKey && kind === planned ? { itemKey } : {}),
      ...(followOn ? { followUp: { on: followOn as PlainDate, kind, words: followWords } } : {}),
    };
    log.mutate({ body }, { onSuccess: onDone });
  };
  return (
    <View className={`gap-3 ${free ? '' : 'border-t border-line pt-3'}`}>
      {free ? (
        <View className="flex-row flex-wrap gap-3">
          <Select label="What it was" value={kind} options={KIND_OPTIONS} onChange={setKind} />
          <DayField label="When" value={on} onChange={setOn} max={today} />
        </View>
      ) : null}
      <Field label="Note" value={note} onChangeText={setNote} multiline />
      {followOn === null ? (
        <Button
          weight="quiet"
          className="self-start"
          label="Add a follow-up"
          onPress={() => setFollowOn(addDays(today, 14))}
        />
      ) : (
        <View className="gap-3">
          <DayField
            label="Follow up on"
            value={followOn}
            onChange={setFollowOn}
            min={addDays(today, 1)}
          />
          <Field label="About" value={followWords} onChangeText={setFollowWords} />
        </View>
      )}
      <Soft>How did it go?</Soft>
      <View className="flex-row flex-wrap gap-2">
        {outcomesOf(kind).map((outcome, i) => (
          <Button
            key={outcome}
            weight={i === 0 ? 'main' : 'plain'}
            label={outcome === 'reached' && i > 0 ? 'They answered' : OUTCOME_WORDS[outcome]}
            disabled={log.isPending}
            onPress={() => save(outcome)}
          />
        ))}
      </View>
    </View>
  );
}
