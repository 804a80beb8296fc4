import { useWriteForm } from '@/client/api';
import { Editing, NumberField, SaveBar, SelectField, Soft, TextField } from '@/client/ui';
import { changeEntry, mergeEntries, type ListName } from '@/contract/lists';
import type { OwnType } from '@/core/people';
import { plural } from '@/core/time';

import { choicesOf } from './list-words';

export interface RowEntry {
  id: string;
  name: string;
  pinned: boolean;
  retired: boolean;
  people: number;
  promiseDays?: number | null;
  type?: OwnType;
  choices?: string[];
}

export interface RowProps {
  list: ListName;
  entry: RowEntry;
  at: number;
  all: readonly { id: string; name: string }[];
}

interface FormProps {
  list: ListName;
  entry: RowEntry;
  onClose: () => void;
}

interface Changed {
  name: string;
  promiseDays: number | null;
  choices: string;
}

const forAll = ({ people }: RowEntry) =>
  people > 0 ? <Soft>{`This changes it for ${plural(people, 'person', 'people')}.`}</Soft> : null;

export function ChangeEntry({ list, entry, onClose }: FormProps) {
  const form = useWriteForm(changeEntry, {
    values: {
      name: entry.name,
      promiseDays: entry.promiseDays ?? null,
      choices: (entry.choices ?? []).join(', '),
    },
    toInput: ({ name, promiseDays, choices }: Changed) => ({
      params: { list, id: entry.id },
      body: {
        name,
        ...(list === 'circle' ? { promiseDays } : {}),
        ...(entry.type === 'choice' ? { choices: choicesOf(choices) } : {}),
      },
    }),
    onSaved: onClose,
    keepAs: `entry ${entry.id}`,
  });
  return (
    <Editing>
      <TextField of={form} name="name" label="Name" autoFocus onSubmitEditing={form.submit} />
      {form.changed ? forAll(entry) : null}
      {list === 'circle' ? (
        <NumberField of={form} name="promiseDays" label="Promise, every" unit="days" />
      ) : null}
      {entry.type === 'choice' ? (
        <TextField of={form} name="choices" label="What can be chosen" />
      ) : null}
      <SaveBar form={form} onClose={onClose} />
    </Editing>
  );
}

export function MergeEntry({ list, entry, all, onClose }: FormProps & Pick<RowProps, 'all'>) {
  const form = useWriteForm(mergeEntries, {
    values: { into: '' },
    toInput: (body: { into: string }) => ({ params: { list, id: entry.id }, body }),
    onSaved: onClose,
  });
  const others = all
    .filter(({ id }) => id !== entry.id)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Editing>
      <SelectField
        of={form}
        name="into"
        label={`Merge ${entry.name} into`}
        options={[{ value: '', label: 'Choose…' }, ...others]}
      />
      {forAll(entry)}
      <SaveBar form={form} label="Merge" onlyChanged onClose={onClose} />
    </Editing>
  );
}
