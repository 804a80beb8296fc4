import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useRead, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Overlay, Select, Soft } from '@/client/ui';
import type { Who } from '@/contract/filters';
import { readLists } from '@/contract/lists';
import { changeMany, previewMany, type Change } from '@/contract/many';
import { CHANNEL_WORDS, CHANNELS, type Channel } from '@/core/people';
import { plural } from '@/core/time';

const KINDS = [
  ['addTag', 'Put a tag on'],
  ['removeTag', 'Take a tag off'],
  ['circle', 'Move to a circle'],
  ['addRole', 'Give a role'],
  ['removeRole', 'Take a role off'],
  ['standing', 'Set the standing'],
  ['source', 'Set where they came from'],
  ['promise', 'Set a promise of their own'],
  ['consent', 'Note consent'],
  ['own', 'Set a field of your own'],
  ['archive', 'Archive'],
  ['delete', 'Delete'],
  ['restore', 'Bring back'],
] as const;
type Kind = (typeof KINDS)[number][0];

interface Props {
  who: Who;
  people: number;
  onClose: () => void;
}

/** One change for everybody chosen: what it would do is shown before it is made. */
export function ChangeForm({ who, people, onClose }: Props) {
  const [kind, setKind] = useState<Kind>('addTag');
  const [value, setValue] = useState('');
  const [what, setWhat] = useState('');
  const change = toChange(kind, value.trim(), what);
  const apply = useWrite(changeMany);
  const preview = useQuery({
    queryKey: ['preview-many', who, change],
    queryFn: ({ signal }) => call(previewMany, { body: { who, change: change! } }, { signal }),
    enabled: change !== null,
    retry: false,
  });
  const error = apply.error ?? (change ? preview.error : null);
  return (
    <Overlay title={`Change ${plural(people, 'person', 'people')}`} onClose={onClose}>
      <Select
        label="What to do"
        value={kind}
        options={KINDS.map(([key, label]) => ({ value: key, label }))}
        onChange={(next) => {
          setKind(next);
          setValue('');
          setWhat('');
        }}
      />
      <ChangeValue kind={kind} {...{ value, setValue, what, setWhat }} />
      {change && preview.data ? (
        <View role="status" className="gap-1">
          <Body>{`${plural(preview.data.changed, 'person', 'people')} of ${preview.data.meant} will be changed.`}</Body>
          {preview.data.rest.map(({ why, people: n, names }) => (
            <Soft key={why}>
              {`${n} stay as they are: ${why}. ${names.slice(0, 6).join(', ')}${n > 6 ? ' …' : ''}`}
            </Soft>
          ))}
          {preview.data.besides.map((line) => (
            <Body key={line}>{line}</Body>
          ))}
        </View>
      ) : null}
      {error ? <Fault>{error.message}</Fault> : null}
      <Button
        weight="main"
        label={
          apply.isPending
            ? 'Changing…'
            : `Change ${plural(preview.data?.changed ?? 0, 'person', 'people')}`
        }
        disabled={apply.isPending || !change || !preview.data || preview.data.changed === 0}
        onPress={() => apply.mutate({ body: { who, change: change! } }, { onSuccess: onClose })}
      />
    </Overlay>
  );
}

/** What is filled in as a change; null while something is missing. */
function toChange(kind: Kind, value: string, what: string): Change | null {
  switch (kind) {
    case 'archive':
    case 'delete':
    case 'restore':
      return { do: kind };
    case 'circle':
      return value ? { do: kind, circleId: value === 'none' ? null : value } : null;
    case 'addTag':
    case 'removeTag':
      return value ? { do: kind, tag: value.replace(/^#/, '') } : null;
    case 'addRole':
    case 'removeRole':
      return value ? { do: kind, role: value } : null;
    case 'standing':
      return { do: kind, standing: value };
    case 'source':
      return { do: kind, source: value };
    case 'promise':
      return /^\d*$/.test(value) ? { do: kind, days: value === '' ? null : Number(value) } : null;
    case 'consent':
      return what && value
        ? {
            do: kind,
            channel: what as Channel,
            answer: value === 'none' ? null : (value as 'yes' | 'no'),
            cameFrom: '',
          }
        : null;
    case 'own':
      return what ? { do: kind, fieldId: what, value: value === '' ? null : value } : null;
  }
}

interface ValueProps {
  kind: Kind;
  value: string;
  setValue: (value: string) => void;
  what: string;
  setWhat: (what: string) => void;
}

function ChangeValue({ kind, value, setValue, what, setWhat }: ValueProps) {
  const lists = useRead(readLists);
  const { data } = lists;
  const choose = (label: string, list: readonly { value: string; label: string }[]) => (
    <Select
      label={label}
      value={value}
      options={[{ value: '', label: 'Choose…' }, ...list]}
      onChange={setValue}
    />
  );
  const named = (entries: readonly { name: string; retired: boolean }[] = []) =>
    entries.filter(({ retired }) => !retired).map(({ name }) => ({ value: name, label: name }));
  switch (kind) {
    case 'addTag':
      return <Field label="Tag" value={value} onChangeText={setValue} />;
    case 'removeTag':
      return choose('Tag', named(data?.tag));
    case 'addRole':
      return <Field label="Role" value={value} onChangeText={setValue} />;
    case 'removeRole':
      return choose('Role', named(data?.role));
    case 'circle':
      return choose('Circle', [
        ...(data?.circle ?? [])
          .filter(({ retired }) => !retired)
          .map(({ id, name }) => ({ value: id, label: name })),
        { value: 'none', label: 'No circle' },
      ]);
    case 'standing':
      return choose('Standing', named(data?.standing));
    case 'source':
      return choose('Came from', named(data?.source));
    case 'promise':
      return (
        <Field
          label="Days; empty for that of the circle"
          inputMode="numeric"
          value={value}
          onChangeText={setValue}
        />
      );
    case 'consent':
      return (
        <>
          <Select
            label="To what"
            value={what}
            options={[
              { value: '', label: 'Choose…' },
              ...CHANNELS.map((c) => ({ value: c as string, label: CHANNEL_WORDS[c] })),
            ]}
            onChange={setWhat}
          />
          {choose('Answer', [
            { value: 'yes', label: 'Yes' },
            { value: 'no', label: 'No' },
            { value: 'none', label: 'Not asked' },
          ])}
        </>
      );
    case 'own':
      return (
        <>
          <Select
            label="Field"
            value={what}
            options={[
              { value: '', label: 'Choose…' },
              ...(data?.field ?? []).map(({ id, name }) => ({ value: id, label: name })),
            ]}
            onChange={setWhat}
          />
          <Field label="Value; empty takes it away" value={value} onChangeText={setValue} />
        </>
      );
    default:
      return null;
  }
}
