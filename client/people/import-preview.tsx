import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWriteForm } from '@/client/api';
import { Body, Card, Heading, SaveBar, SelectField, Soft, TextField } from '@/client/ui';
import { runImport, type ImportPreview } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { plural } from '@/core/time';

import { ImportColumns } from './import-columns';
import { HereAlready, ImportFaults } from './import-faults';

export interface ImportFile {
  fileName: string;
  content: string;
  pasted: boolean;
}

interface Props {
  file: ImportFile;
  preview: ImportPreview;
  onMapping: (mapping: ImportPreview['mapping']) => void;
  onDone: () => void;
}

/** What those who come in get besides what the file says of them. */
const NOTHING_MORE = { circleId: '', tag: '' };

/** What a file would bring, and who of it is here already. */
export function ImportPreviewOf({ file, preview, onMapping, onDone }: Props) {
  const router = useRouter();
  const lists = useRead(readLists);
  const [same, setSame] = useState<'join' | 'add'>('join');
  const form = useWriteForm(runImport, {
    values: NOTHING_MORE,
    toInput: ({ circleId, tag }: typeof NOTHING_MORE) => ({
      body: {
        ...file,
        mapping: preview.format === 'csv' ? preview.mapping : null,
        circleId: circleId || null,
        tag: tag.trim().replace(/^#/, '') || null,
        same,
      },
    }),
    onSaved: ({ batchId }) => {
      onDone();
      router.navigate(`/people?batch=${batchId}`);
    },
  });
  const circles = (lists.data?.circle ?? [])
    .filter(({ retired }) => !retired)
    .map(({ id, name }) => ({ value: id, label: name }));
  const people = plural(preview.people, 'person', 'people');
  return (
    <>
      <ImportColumns preview={preview} onMapping={onMapping} />
      <Heading>{`${people} would come in`}</Heading>
      <Sample preview={preview} />
      <HereAlready preview={preview} same={same} onSame={setSame} />
      <ImportFaults preview={preview} />
      <View className="flex-row flex-wrap gap-3">
        <SelectField
          of={form}
          name="circleId"
          label="Put them into the circle"
          className="min-w-[200px] flex-1"
          options={[{ value: '', label: 'As the file says, else none' }, ...circles]}
        />
        <TextField of={form} name="tag" label="Tag them" className="min-w-[200px] flex-1" />
      </View>
      <SaveBar
        form={form}
        weight="main"
        label={form.busy ? 'Importing…' : `Import ${people}`}
        disabled={preview.people === 0}
        onClose={onDone}
      />
    </>
  );
}

const Sample = ({ preview: { sample, people } }: Pick<Props, 'preview'>) => (
  <Card className="gap-1">
    {sample.map(({ row, name, reach }) => (
      <View key={row} className="flex-row gap-3">
        <Body className="flex-1" numberOfLines={1}>
          {name}
        </Body>
        <Soft className="flex-1 leading-6" numberOfLines={1}>
          {reach}
        </Soft>
      </View>
    ))}
    {people > sample.length ? <Soft>{`and ${people - sample.length} more`}</Soft> : null}
  </Card>
);
