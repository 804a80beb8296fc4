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
  const [learning, setLearning] = useState(false);
  const [tags, setTags] = useState('');
  const [dateName, setDateName] = useState('');
  const [dateOn, setDateOn] = useState('');
  const save = (outcome: LogTouch['outcome']) => {
    const body: LogTouch = {
      personId,
      kind,
      outcome,
      ...(free ? { on: on as PlainDate } : {}),
      ...(note ? { note } : {}),
      ...(itemKey && kind === planned ? { itemKey } : {}),
      ...(tags.trim()
        ? {
            tags: tags
              .split(/[,#]+/)
              .map((t) => t.trim())
              .filter(Boolean),
          }
        : {}),
      ...(dateName.trim() && dateOn ? { date: { name: dateName.trim(), on: dateOn } } : {}),
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
      <View className="flex-row flex-wrap gap-x-3">
        {followOn === null ? (
          <Button
            weight="quiet"
            label="Add a follow-up"
            onPress={() => setFollowOn(addDays(today, 14))}
          />
        ) : null}
        {learning ? null : (
          <Button weight="quiet" label="Add what you learnt" onPress={() => setLearning(true)} />
        )}
      </View>
      {learning ? (
        <View className="flex-row flex-wrap gap-3">
          <Field
            label="Tags, one after another"
            className="min-w-[200px] flex-1"
            value={tags}
            onChangeText={setTags}
          />
          <Field
            label="A date: what it is"
            placeholder="Baby due"
            className="min-w-[160px] flex-1"
            value={dateName}
            onChangeText={setDateName}
          />
          <DayField label="and when" value={dateOn} onChange={setDateOn} />
        </View>
      ) : null}
      {followOn === null ? null : (
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
