import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, DisclosureButton, Heading } from '@/client/ui';
import { readLists } from '@/contract/lists';
import { MERGE_FIELDS, ownFieldName, type FieldGroup } from '@/core/merge-fields';

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
  return (
    <View className="w-full gap-2">
      <DisclosureButton
        weight="quiet"
        className="-ml-2 self-start"
        label="Put in a field"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open ? <FieldChoice onPick={onPick} /> : null}
    </View>
  );
}

/** All merge fields, the owner's own among them. */
export function FieldChoice({ onPick }: { onPick: (field: string) => void }) {
  const own = useRead(readLists).data?.field ?? [];
  const fields = [
    ...MERGE_FIELDS,
    ...own.map(({ name }) => ({ key: ownFieldName(name), label: name, group: 'own' as const })),
  ];
  const groups = [...new Set(fields.map(({ group }) => group))];
  return (
    <View className="gap-1 px-2 pb-2">
      {groups.map((group) => (
        <View key={group} role="group" aria-label={GROUPS[group]}>
          <Heading>{GROUPS[group]}</Heading>
          <View className="flex-row flex-wrap gap-x-2">
            {fields
              .filter((field) => field.group === group)
              .map(({ key, label }) => (
                <Button
                  key={key}
                  weight="quiet"
                  className="-ml-2"
                  label={label}
                  onPress={() => onPick(key)}
                />
              ))}
          </View>
        </View>
      ))}
    </View>
  );
}
