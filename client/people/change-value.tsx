import type { ReactNode } from 'react';

import { useRead } from '@/client/api';
import { Field, Select } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { readLists } from '@/contract/lists';
import { CHANNEL_WORDS, CHANNELS } from '@/core/people';

import type { ChangeKind } from './change';

interface Props {
  kind: ChangeKind;
  value: string;
  setValue: (value: string) => void;
  what: string;
  setWhat: (what: string) => void;
}

type Filling = Props & { lists: CallOutput<typeof readLists> | undefined };

interface OneProps extends Filling {
  label: string;
  options: readonly { value: string; label: string }[];
}

const CHOOSE = { value: '', label: 'Choose…' };

const One = ({ label, value, options, setValue }: OneProps) => (
  <Select label={label} value={value} options={[CHOOSE, ...options]} onChange={setValue} />
);

const named = (entries: readonly { name: string; retired: boolean }[] = []) =>
  entries.filter(({ retired }) => !retired).map(({ name }) => ({ value: name, label: name }));

const text = (label: string) =>
  function Words({ value, setValue }: Filling) {
    return <Field label={label} value={value} onChangeText={setValue} />;
  };

const listed = (label: string, list: 'tag' | 'role' | 'standing' | 'source') =>
  function Listed(props: Filling) {
    return <One {...props} label={label} options={named(props.lists?.[list])} />;
  };

function Circle(props: Filling) {
  const circles = (props.lists?.circle ?? [])
    .filter(({ retired }) => !retired)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <One {...props} label="Circle" options={[...circles, { value: 'none', label: 'No circle' }]} />
  );
}

const ANSWERS = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
  { value: 'none', label: 'Not asked' },
];
const WAYS = CHANNELS.map((channel) => ({
  value: channel as string,
  label: CHANNEL_WORDS[channel],
}));

const Consent = (props: Filling) => (
  <>
    <Select
      label="To what"
      value={props.what}
      options={[CHOOSE, ...WAYS]}
      onChange={props.setWhat}
    />
    <One {...props} label="Answer" options={ANSWERS} />
  </>
);

function Own({ lists, what, setWhat, value, setValue }: Filling) {
  const fields = (lists?.field ?? []).map(({ id, name }) => ({ value: id, label: name }));
  return (
    <>
      <Select label="Field" value={what} options={[CHOOSE, ...fields]} onChange={setWhat} />
      <Field label="Value; empty takes it away" value={value} onChangeText={setValue} />
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
  standing: listed('Standing', 'standing'),
  source: listed('Came from', 'source'),
  promise: text('Days; empty for that of the circle'),
  consent: Consent,
  own: Own,
};

/** What the change is to: the tag, the circle, the field and its value. */
export function ChangeValue(props: Props) {
  const lists = useRead(readLists).data;
  const Value = VALUES[props.kind];
  return Value ? <Value {...props} lists={lists} /> : null;
}
