import type { ReactNode } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Chip, Field, Select } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { readLists } from '@/contract/lists';
import { CHANNEL_WORDS, CHANNELS } from '@/core/people';

import { AWAY, type ChangeKind, type Filled } from './change';

interface Props {
  filled: Filled;
  set: (part: Partial<Filled>) => void;
}

type Filling = Props & { lists: CallOutput<typeof readLists> | undefined };

interface OneProps extends Filling {
  label: string;
  options: readonly { value: string; label: string }[];
}

const CHOOSE = { value: '', label: 'Choose…' };

const One = ({ label, filled, options, set }: OneProps) => (
  <Select
    label={label}
    value={filled.value}
    options={[CHOOSE, ...options]}
    onChange={(value) => set({ value })}
  />
);

const named = (entries: readonly { name: string; retired: boolean }[] = []) =>
  entries.filter(({ retired }) => !retired).map(({ name }) => ({ value: name, label: name }));

/** Something typed; where `away` says what that is called, it can be taken away instead. */
const text = (label: string, away?: string) =>
  function Words({ filled: { value }, set }: Filling) {
    const gone = value === AWAY;
    return (
      <>
        {gone ? null : (
          <Field label={label} value={value} onChangeText={(typed) => set({ value: typed })} />
        )}
        {away ? (
          <View className="items-start">
            <Chip label={away} chosen={gone} onPress={() => set({ value: gone ? '' : AWAY })} />
          </View>
        ) : null}
      </>
    );
  };

/** One of a list, or none of it where `none` says what that is called. */
const listed = (label: string, list: 'tag' | 'role' | 'standing' | 'source', none?: string) =>
  function Listed(props: Filling) {
    const options = named(props.lists?.[list]);
    return (
      <One
        {...props}
        label={label}
        options={none ? [...options, { value: AWAY, label: none }] : options}
      />
    );
  };

function Circle(props: Filling) {
  const circles = (props.lists?.circle ?? [])
    .filter(({ retired }) => !retired)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <One {...props} label="Circle" options={[...circles, { value: AWAY, label: 'No circle' }]} />
  );
}

const ANSWERS = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
  { value: AWAY, label: 'Not asked' },
];
const WAYS = CHANNELS.map((channel) => ({
  value: channel as string,
  label: CHANNEL_WORDS[channel],
}));

const OwnValue = text('Value', 'Take the value away');

const Consent = (props: Filling) => (
  <>
    <Select
      label="To what"
      value={props.filled.what}
      options={[CHOOSE, ...WAYS]}
      onChange={(what) => props.set({ what })}
    />
    <One {...props} label="Answer" options={ANSWERS} />
    {props.filled.value && props.filled.value !== AWAY ? (
      <Field
        label="Where it came from"
        placeholder="the card at the fair"
        value={props.filled.from}
        onChangeText={(from) => props.set({ from })}
      />
    ) : null}
  </>
);

function Own(props: Filling) {
  const fields = (props.lists?.field ?? []).map(({ id, name }) => ({ value: id, label: name }));
  return (
    <>
      <Select
        label="Field"
        value={props.filled.what}
        options={[CHOOSE, ...fields]}
        onChange={(what) => props.set({ what })}
      />
      <OwnValue {...props} />
    </>
  );
}

/** What each change wants to be told; one that is not here wants nothing. */
const VALUES: Partial<Record<ChangeKind, (props: Filling) => ReactNode>> = {
  addTag: text('Tag'),
  removeTag: listed('Tag', 'tag'),
  addRole: text('Role'),
  removeRole: listed('Role', 'role'),
  circle: Circle,
  standing: listed('Standing', 'standing', 'No standing'),
  source: listed('Came from', 'source', 'Nothing noted'),
  promise: text('Days', 'That of their circle'),
  consent: Consent,
  own: Own,
};

/** What the change is to: the tag, the circle, the field and its value. */
export function ChangeValue(props: Props) {
  const lists = useRead(readLists).data;
  const Value = VALUES[props.filled.kind];
  return Value ? <Value {...props} lists={lists} /> : null;
}
