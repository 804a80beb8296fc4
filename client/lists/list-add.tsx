import { useState } from 'react';
import { View } from 'react-native';

import { useWriteForm } from '@/client/api';
import { SaveBar, SelectField, TextField } from '@/client/ui';
import { addEntry, type ListName } from '@/contract/lists';
import type { OwnType } from '@/core/people';

import { choicesOf, ONE, TYPES } from './list-words';

interface NewEntry {
  name: string;
  type: OwnType;
  choices: string;
}
const NEW: NewEntry = { name: '', type: 'text', choices: '' };

/** A new entry of a list; a field of one's own says what it holds. */
export function AddEntry({ list }: { list: ListName }) {
  const isField = list === 'field';
  const [type, setType] = useState<OwnType>('text');
  const form = useWriteForm(addEntry, {
    values: NEW,
    toInput: (entry: NewEntry) => ({
      params: { list },
      body: {
        name: entry.name,
        ...(isField ? { type: entry.type } : {}),
        ...(isField && entry.type === 'choice' ? { choices: choicesOf(entry.choices) } : {}),
      },
    }),
    onSaved: () => {
      form.startOver();
      setType('text');
    },
  });
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-start gap-2">
        <TextField
          of={form}
          name="name"
          label={`A new ${ONE[list]}`}
          className="min-w-[180px] flex-1"
          onSubmitEditing={form.submit}
        />
        {isField ? (
          <SelectField
            of={form}
            name="type"
            label="What it holds"
            className="w-[150px]"
            options={TYPES}
            onChoose={setType}
          />
        ) : null}
      </View>
      {isField && type === 'choice' ? (
        <TextField of={form} name="choices" label="What can be chosen, parted by commas" />
      ) : null}
      <SaveBar form={form} label="Add" onlyChanged />
    </View>
  );
}
