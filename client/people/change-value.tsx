import { useRead } from '@/client/api';
import { Field, Select } from '@/client/ui';
import { readLists } from '@/contract/lists';
import { CHANNEL_WORDS, CHANNELS } from '@/core/people';

import type { ChangeKind } from './change';

interface ValueProps {
  kind: ChangeKind;
  value: string;
  setValue: (value: string) => void;
  what: string;
  setWhat: (what: string) => void;
}

/** What the change is to: the tag, the circle, the field and its value. */
export function ChangeValue({ kind, value, setValue, what, setWhat }: ValueProps) {
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
