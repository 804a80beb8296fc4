import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useWriteForm } from '@/client/api';
import { Button, DayField, Fault, SelectField, Soft, TextField } from '@/client/ui';
import { logTouch, type LogTouch } from '@/contract/touches';
import { sentenceCase, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, outcomesOf, TOUCH_KINDS, type TouchKind } from '@/core/touches';

import type { Log } from './log';
import { greetOf, LogMore, useHasRule } from './log-more';

const KIND_OPTIONS = TOUCH_KINDS.map((kind) => ({
  value: kind,
  label: sentenceCase(KIND_WORDS[kind].noun),
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

const words = (text: string) =>
  text
    .split(/[,#]+/)
    .map((tag) => tag.trim())
    .filter(Boolean);

/** What is filled in, as the contract wants it: what was left empty is left out. */
function toBody(
  log: Log,
  { personId, itemKey, free, today }: Props,
  hasRule: (name: string) => boolean,
): LogTouch {
  const { kind, on, note, date, followUp } = log;
  const tags = words(log.tags);
  return {
    personId,
    kind,
    // Pressing an outcome sets it and sends the form.
    // eslint-disable-next-line @typescript-eslint/no-non-null-assertion -- without one it is refused
    outcome: log.outcome!,
    ...(free || on !== today ? { on } : {}),
    ...(note ? { note } : {}),
    ...(itemKey ? { itemKey } : {}),
    ...(tags.length > 0 ? { tags } : {}),
    // Half of it is refused at the other half rather than lost.
    ...(date.name.trim() || date.on
      ? {
          date: {
            name: date.name,
            on: date.on ?? '',
            greet: greetOf(date.greet, hasRule(date.name)) || null,
          },
        }
      : {}),
    ...(followUp.on || followUp.words.trim()
      ? // eslint-disable-next-line @typescript-eslint/no-non-null-assertion -- without a day it is refused
        { followUp: { on: followUp.on!, kind, words: followUp.words } }
      : {}),
  };
}

/** How it went, in one tap; a note and a follow-up go in with it. */
export function LogForm(props: Props) {
  const { personId, kind: planned, today, onDone, free = false } = props;
  const hasRule = useHasRule();
  const form = useWriteForm(logTouch, {
    values: {
      kind: planned,
      outcome: null,
      on: today,
      note: '',
      tags: '',
      date: { name: '', on: null, greet: null },
      followUp: { on: null, words: '' },
    } as Log,
    toInput: (log: Log) => ({ body: toBody(log, props, hasRule) }),
    onSaved: onDone,
    keepAs: `log ${personId}`,
  });
  const kind = useWatch({ control: form.control, name: 'kind' });
  const { begun } = form;
  // What was typed before may tell of another way or day already.
  const [otherwise, setOtherwise] = useState(free || begun.kind !== planned || begun.on !== today);
  const save = (outcome: LogTouch['outcome']) => {
    form.set('outcome', outcome);
    form.submit();
  };
  return (
    <View className={`gap-3 ${free ? '' : 'border-t border-line pt-3'}`}>
      {otherwise ? (
        <View className="flex-row flex-wrap gap-3">
          <SelectField of={form} name="kind" label="What it was" options={KIND_OPTIONS} />
          <DayField of={form} name="on" label="When" lean="back" max={today} />
        </View>
      ) : null}
      <TextField of={form} name="note" label="Note" multiline />
      <LogMore {...{ form, today, hasRule }} />
      {otherwise ? null : (
        <Button
          weight="quiet"
          className="-ml-2 self-start"
          label="It was another way or day"
          onPress={() => setOtherwise(true)}
        />
      )}
      <Soft>How did it go?</Soft>
      <View className="flex-row flex-wrap gap-2">
        {outcomesOf(kind).map((outcome, i) => (
          <Button
            key={outcome}
            weight={i === 0 ? 'main' : 'plain'}
            label={outcome === 'reached' && i > 0 ? 'They answered' : OUTCOME_WORDS[outcome]}
            disabled={form.busy}
            onPress={() => save(outcome)}
          />
        ))}
      </View>
      {form.fault ? <Fault>{form.fault}</Fault> : null}
    </View>
  );
}
