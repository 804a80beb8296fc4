import { useState } from 'react';
import { View } from 'react-native';

import { Button, Heading } from '@/client/ui';
import { MERGE_FIELDS, type FieldGroup } from '@/core/merge-fields';

const GROUPS: Record<FieldGroup, string> = {
  person: 'Theirs',
  home: 'Their home',
  occasion: 'The occasion',
  owner: 'Yours',
  own: 'Your own fields',
};

/** The merge fields by what they are about; one that is pressed goes into the words. */
export function FieldPicker({ onPick }: { onPick: (field: string) => void }) {
  const [open, setOpen] = useState(false);
  const groups = [...new Set(MERGE_FIELDS.map(({ group }) => group))];
  return (
    <View className="gap-2">
      <Button
        weight="quiet"
        className="-ml-2 self-start"
        label={open ? 'Fold the fields' : 'Put in a field'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? groups.map((group) => (
            <View key={group} className="gap-1">
              <Heading>{GROUPS[group]}</Heading>
              <View className="flex-row flex-wrap gap-x-2">
                {MERGE_FIELDS.filter((field) => field.group === group).map(({ key, label }) => (
                  <Button key={key} weight="quiet" label={label} onPress={() => onPick(key)} />
                ))}
              </View>
            </View>
          ))
        : null}
    </View>
  );
}
