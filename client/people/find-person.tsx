import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, Field, Soft } from '@/client/ui';
import { listPeople, type PersonRow } from '@/contract/people';

const SHOWN = 6;

interface Props {
  label: string;
  /** Somebody who can't be chosen: the one whose sheet it is. */
  exceptId?: string;
  onChoose: (person: PersonRow) => void;
  /** Offers what was typed as a mere name. */
  onName?: (name: string) => void;
}

/** Finds one person by typing a part of anything known about them. */
export function FindPerson({ label, exceptId, onChoose, onName }: Props) {
  const [text, setText] = useState('');
  const found = useRead(
    listPeople,
    { query: { text, sort: 'name', limit: SHOWN } },
    { enabled: text.trim() !== '', keepPrevious: true },
  );
  const rows = text.trim() === '' ? [] : (found.data?.rows ?? []).filter((r) => r.id !== exceptId);
  return (
    <View className="gap-1">
      <Field label={label} value={text} onChangeText={setText} autoFocus />
      {rows.map((row) => (
        <Button
          key={row.id}
          weight="quiet"
          className="self-start"
          label={[row.name, row.place || row.company].filter(Boolean).join(', ')}
          onPress={() => onChoose(row)}
        />
      ))}
      {text.trim() && found.data?.total === 0 ? <Soft>Nobody here is called that.</Soft> : null}
      {text.trim() && onName ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`Just the name “${text.trim()}”`}
          onPress={() => onName(text.trim())}
        />
      ) : null}
    </View>
  );
}
