import { useState } from 'react';
import { Pressable } from 'react-native';

import { Body, Field, Soft } from '@/client/ui';

import type { Taken } from './taken';

interface Props {
  taken: Taken;
  /** Whose it is. */
  name: string;
  onEdit: (value: string) => void;
}

const GOES = {
  place: '',
  note: 'in the note',
  out: 'left out',
  first: 'goes to the first of the two',
};

/** What was taken from a cell; pressed, the cell is put right as it stands in the file. */
export function Cell({ taken: { heading, cell, taken, goes }, name, onEdit }: Props) {
  const [text, setText] = useState<string | null>(null);
  const save = () => {
    if (text !== null && text !== cell) onEdit(text);
    setText(null);
  };
  if (text !== null)
    return (
      <Field
        label={`${heading} of ${name}`}
        hideLabel
        autoFocus
        value={text}
        onChangeText={setText}
        onBlur={save}
        onSubmitEditing={save}
        onKeyPress={({ nativeEvent: { key } }) => key === 'Escape' && setText(null)}
      />
    );
  const read = goes === 'place' && taken !== cell && cell !== '' ? `from “${cell}”` : '';
  const below = cell === '' ? '' : read || GOES[goes];
  return (
    <Pressable
      role="button"
      aria-label={`Change ${heading} of ${name}: ${cell || 'empty'}`}
      onPress={() => setText(cell)}
      className="min-h-[40px] justify-center"
    >
      <Body numberOfLines={3} className={goes === 'place' ? '' : 'text-soft'}>
        {taken || cell || ' '}
      </Body>
      {below ? <Soft numberOfLines={2}>{below}</Soft> : null}
    </Pressable>
  );
}
