import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Heading, Select, Soft } from '@/client/ui';
import type { ImportPreview } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { COLUMN_KEYS, COLUMNS, type ImportTarget } from '@/core/people';

interface Props {
  preview: ImportPreview;
  onMapping: (mapping: ImportPreview['mapping']) => void;
}

/** What each column of the file holds, as it was guessed and can be put right. */
export function ImportColumns({ preview, onMapping }: Props) {
  const lists = useRead(readLists);
  if (preview.columns.length === 0) return null;
  const options = [
    { value: '', label: 'Leave out' },
    ...COLUMN_KEYS.map((key) => ({ value: key as string, label: COLUMNS[key].label })),
    ...(lists.data?.field ?? []).map(({ id, name }) => ({ value: `own:${id}`, label: name })),
  ];
  return (
    <>
      <Heading>What the columns hold</Heading>
      {preview.columns.map((column, i) => (
        <View key={i} className="flex-row items-center gap-3">
          <View className="min-w-0 flex-1">
            <Body numberOfLines={1}>{column.name || `Column ${i + 1}`}</Body>
            <Soft numberOfLines={1}>{column.samples.filter(Boolean).join(', ')}</Soft>
          </View>
          <Select
            label={`What ${column.name || `column ${i + 1}`} holds`}
            hideLabel
            className="w-[190px]"
            value={preview.mapping[i] ?? ''}
            options={options}
            onChange={(value) =>
              onMapping(
                preview.mapping.map((old, n) =>
                  n === i ? ((value || null) as ImportTarget | null) : old,
                ),
              )
            }
          />
        </View>
      ))}
    </>
  );
}
