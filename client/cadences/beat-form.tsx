import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Choice, Field, Select, Soft } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { SENDABLE } from '@/core/cadences';
import type { DayRule } from '@/core/calendar';
import { need } from '@/core/need';
import type { DayNumber } from '@/core/time';

import { TemplateSays, WhoseWords } from './beat-words';
import { ErrandTarget, kindOptions, turned, type Targets } from './errand';
import { TimingField } from './timing-field';

const RULE_OPTIONS: { value: DayRule; label: string }[] = [
  { value: 'next', label: 'next working day' },
  { value: 'previous', label: 'working day before' },
  { value: 'nearest', label: 'nearest working day' },
  { value: 'exact', label: 'exact day' },
];

const WAY_OPTIONS = [
  { value: 'hand', label: 'By my hand' },
  { value: 'auto', label: 'By itself' },
] as const;

export interface BeatProps {
  beat: Beat;
  targets: Targets;
  index: number;
  last: boolean;
  today: DayNumber;
  open: boolean;
  /** What was refused about it. */
  fault?: string | null;
  onOpen: () => void;
  onChange: (beat: Beat) => void;
  onMove: (by: 1 | -1) => void;
  onCopy: () => void;
  onDelete: () => void;
}

type FormProps = BeatProps & { nth: string };

/** All of a beat: what, when, how it goes out and its words. */
export const BeatForm = (props: FormProps) => (
  <View className="gap-3 px-3 py-2">
    <When {...props} />
    <DaysOff {...props} />
    <Advice {...props} />
    <WhoseWords {...props} />
    {props.beat.errand?.to === 'cadence' ? null : props.beat.templateId ? (
      <TemplateSays beat={props.beat} />
    ) : (
      <Wordings {...props} />
    )}
    <Acts {...props} />
  </View>
);

const When = ({ beat, targets, today, nth, onChange }: FormProps) => (
  <View className="max-w-full flex-row flex-wrap items-center gap-2">
    <Select
      label={`Kind of ${nth}`}
      hideLabel
      className={beat.errand ? 'w-[220px]' : 'w-[140px]'}
      value={beat.errand?.to ?? beat.kind}
      options={kindOptions(targets)}
      onChange={(kind) => onChange(turned(beat, kind, targets))}
    />
    {beat.errand ? <ErrandTarget {...{ beat, targets, nth, onChange }} /> : null}
    <TimingField
      nth={nth}
      timing={beat.timing}
      today={today}
      onChange={(timing) => onChange({ ...beat, timing })}
    />
  </View>
);

/** Where it goes from a day off, and by whose hand. */
const DaysOff = ({ beat, nth, onChange }: FormProps) => (
  <View className="max-w-full flex-row flex-wrap items-center gap-2">
    <Soft>Off days:</Soft>
    <Select
      label={`Where ${nth} moves from a day off`}
      hideLabel
      className="w-[180px]"
      value={beat.dayRule}
      options={RULE_OPTIONS}
      onChange={(dayRule) => onChange({ ...beat, dayRule })}
    />
    {SENDABLE.includes(beat.kind) && !beat.errand ? (
      <Choice
        label={`How ${nth} goes out`}
        value={beat.way}
        options={WAY_OPTIONS}
        onChange={(way) => onChange({ ...beat, way })}
      />
    ) : null}
  </View>
);

const ADVICE = {
  cadence:
    'Whoever comes to this beat is put on that cadence too, unless they are on it. To leave this one, let it end.',
  service:
    'The service gets the name, company, e-mail, phone and address of the person, with the words below. What it has been told can’t be taken back.',
  auto: 'Until sending is set up it waits, ready to go, and asks for nothing on your desk. Only people who did not say no get it.',
  hand: null,
} as const;

function Advice({ beat: { errand, way } }: FormProps) {
  const words = ADVICE[errand?.to ?? way];
  return words ? <Soft>{words}</Soft> : null;
}

const Acts = ({ nth, index, last, onMove, onCopy, onDelete }: FormProps) => (
  <View className="flex-row flex-wrap gap-x-3">
    <Button
      weight="quiet"
      label="Earlier"
      spoken={`Move ${nth} earlier`}
      disabled={index === 0}
      onPress={() => onMove(-1)}
    />
    <Button
      weight="quiet"
      label="Later"
      spoken={`Move ${nth} later`}
      disabled={last}
      onPress={() => onMove(1)}
    />
    <Button weight="quiet" label="Copy" spoken={`Copy ${nth}`} onPress={onCopy} />
    <Button weight="quiet" label="Remove" spoken={`Remove ${nth}`} onPress={onDelete} />
  </View>
);

/** One or several wordings; those left empty fall away when the cadence is saved. */
function Wordings({ nth, beat, onChange }: FormProps) {
  const [shown, setShown] = useState<readonly string[]>(
    beat.wordings.length > 0 ? beat.wordings : [''],
  );
  const set = (next: readonly string[]) => {
    setShown(next);
    onChange({ ...beat, wordings: next.filter((words) => words.trim() !== '') });
  };
  return (
    <View className="gap-2">
      {shown.map((words, i) => (
        <Field
          key={i}
          label={shown.length === 1 ? `Words of ${nth}` : `Wording ${i + 1} of ${nth}`}
          hideLabel={shown.length === 1}
          multiline
          small={words.length < 60}
          placeholder="What to say. {{ first_name }} and {{ phone }} are filled in."
          value={words}
          onChangeText={(text) => set(shown.map((w, n) => (n === i ? text : w)))}
        />
      ))}
      <Button
        weight="quiet"
        className="self-start"
        label="Another wording"
        spoken={`Another wording for ${nth}`}
        disabled={need(shown.at(-1)).trim() === ''}
        onPress={() => setShown([...shown, ''])}
      />
      {shown.length > 1 ? (
        <Body>They take turns, so that nobody reads the same twice in a row.</Body>
      ) : null}
    </View>
  );
}
