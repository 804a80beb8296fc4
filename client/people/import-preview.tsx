import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Card, Choice, Fault, Field, Heading, Select, Soft } from '@/client/ui';
import { runImport, type ImportPreview } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { COLUMN_KEYS, COLUMNS, type ImportTarget } from '@/core/people';
import { plural } from '@/core/time';

export interface ImportFile {
  fileName: string;
  content: string;
  pasted: boolean;
}

const SAME = [
  { value: 'join', label: 'Add what is new to them' },
  { value: 'add', label: 'Let them come in again' },
] as const;

interface PreviewProps {
  file: ImportFile;
  preview: ImportPreview;
  onMapping: (mapping: ImportPreview['mapping']) => void;
  onDone: () => void;
}

/** What a file would bring, and who of it is here already. */
export function ImportPreviewOf({ file, preview, onMapping, onDone }: PreviewProps) {
  const router = useRouter();
  const lists = useRead(readLists);
  const run = useWrite(runImport);
  const [circleId, setCircleId] = useState('');
  const [tag, setTag] = useState('');
  const [same, setSame] = useState<'join' | 'add'>('join');
  const save = () =>
    run.mutate(
      {
        body: {
          ...file,
          mapping: preview.format === 'csv' ? preview.mapping : null,
          circleId: circleId || null,
          tag: tag.trim().replace(/^#/, '') || null,
          same,
        },
      },
      {
        onSuccess: ({ batchId }) => {
          onDone();
          router.navigate(`/people?batch=${batchId}`);
        },
      },
    );
  return (
    <>
      <Columns preview={preview} onMapping={onMapping} />
      <Heading>{`${plural(preview.people, 'person', 'people')} would come in`}</Heading>
      <Card className="gap-1">
        {preview.sample.map(({ row, name, reach }) => (
          <View key={row} className="flex-row gap-3">
            <Body className="flex-1" numberOfLines={1}>
              {name}
            </Body>
            <Soft className="flex-1 leading-6" numberOfLines={1}>
              {reach}
            </Soft>
          </View>
        ))}
        {preview.people > preview.sample.length ? (
          <Soft>{`and ${preview.people - preview.sample.length} more`}</Soft>
        ) : null}
      </Card>
      <HereAlready preview={preview} same={same} onSame={setSame} />
      <Faults preview={preview} />
      <View className="flex-row flex-wrap gap-3">
        <Select
          label="Put them into the circle"
          className="min-w-[200px] flex-1"
          value={circleId}
          options={[
            { value: '', label: 'As the file says, else none' },
            ...(lists.data?.circle ?? [])
              .filter(({ retired }) => !retired)
              .map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={setCircleId}
        />
        <Field
          label="Tag them"
          className="min-w-[200px] flex-1"
          value={tag}
          onChangeText={setTag}
        />
      </View>
      {run.error ? <Fault>{run.error.message}</Fault> : null}
      <View className="flex-row gap-2">
        <Button
          weight="main"
          label={
            run.isPending ? 'Importing…' : `Import ${plural(preview.people, 'person', 'people')}`
          }
          disabled={run.isPending || preview.people === 0}
          onPress={save}
        />
        <Button weight="quiet" label="Leave it" onPress={onDone} />
      </View>
    </>
  );
}

function Columns({ preview, onMapping }: Pick<PreviewProps, 'preview' | 'onMapping'>) {
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

const SAME_SHOWN = 8;

interface SameProps {
  preview: ImportPreview;
  same: 'join' | 'add';
  onSame: (same: 'join' | 'add') => void;
}

/** Who of the file is surely or perhaps in the sphere, with the evidence. */
function HereAlready({ preview, same, onSame }: SameProps) {
  const { sure, ask, sample } = preview.same;
  if (sure + ask === 0) return null;
  return (
    <View className="gap-1">
      <Heading>
        {[sure > 0 && `${plural(sure, 'is', 'are')} here already`, ask > 0 && `${ask} perhaps`]
          .filter(Boolean)
          .join(', ')}
      </Heading>
      {sample.slice(0, SAME_SHOWN).map(({ row, name, other, verdict, evidence }) => (
        <Soft key={row}>
          {`${name} ${verdict === 'sure' ? 'is' : 'may be'} ${other}: ${evidence.join(', ')}`}
        </Soft>
      ))}
      {sample.length > SAME_SHOWN ? <Soft>{`and ${sure + ask - SAME_SHOWN} more`}</Soft> : null}
      {sure > 0 ? (
        <Choice label="Who is here already" value={same} options={SAME} onChange={onSame} />
      ) : null}
      {ask > 0 ? <Soft>The uncertain come in; you can look at each pair afterwards.</Soft> : null}
    </View>
  );
}

const FAULTS_SHOWN = 50;

function Faults({ preview }: { preview: ImportPreview }) {
  const { faults, faultCount, leftOut, format } = preview;
  const unit = { csv: 'Row', vcard: 'Card', pasted: 'Entry' }[format];
  const groups = [
    {
      title: `${plural(leftOut, unit.toLowerCase(), format === 'pasted' ? 'entries' : undefined)} can’t be read and would stay out`,
      count: leftOut,
      list: faults.filter((fault) => fault.leftOut),
    },
    {
      title: `${plural(faultCount - leftOut, 'value')} can’t be read or placed`,
      count: faultCount - leftOut,
      list: faults.filter((fault) => !fault.leftOut),
    },
  ];
  return groups
    .filter(({ count }) => count > 0)
    .map(({ title, count, list }) => (
      <View key={title} className="gap-1">
        <Heading>{title}</Heading>
        {list.slice(0, FAULTS_SHOWN).map(({ row, why }, i) => (
          <Soft key={i}>{`${unit} ${row}: ${why}`}</Soft>
        ))}
        {count > FAULTS_SHOWN ? <Soft>{`and ${count - FAULTS_SHOWN} more`}</Soft> : null}
      </View>
    ));
}
