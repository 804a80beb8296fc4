import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { createElement, useState } from 'react';
import { View } from 'react-native';

import { call, CallFault, useRead, useWrite } from '@/client/api';
import { Body, Button, Card, Fault, Field, Heading, Page, Select, Soft, Title } from '@/client/ui';
import {
  listImports,
  previewImport,
  runImport,
  undoImport,
  type ImportPreview,
} from '@/contract/imports';
import { getSettings } from '@/contract/settings';
import { IMPORT_TARGETS, type ImportTarget } from '@/core/people';
import { plural } from '@/core/time';

const TARGET_LABEL: Record<ImportTarget, string> = {
  name: 'Full name',
  givenName: 'First name',
  familyName: 'Last name',
  goesBy: 'Goes by',
  company: 'Company',
  email: 'E-mail',
  phone: 'Phone',
  addressLine: 'Street and number',
  city: 'City',
  region: 'State',
  postalCode: 'Postal code',
  place: 'Neighborhood',
  birthday: 'Birthday',
  roles: 'Roles',
  tags: 'Tags',
  circle: 'Circle',
  source: 'Came from',
  note: 'Note',
  lastTouch: 'Last in touch',
};

const TARGET_OPTIONS = [
  { value: '', label: 'Leave out' },
  ...IMPORT_TARGETS.map((target) => ({ value: target as string, label: TARGET_LABEL[target] })),
];

interface File {
  fileName: string;
  content: string;
}

async function readFile(file: globalThis.File): Promise<File> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let binary = '';
  for (let i = 0; i < bytes.length; i += 0x8000)
    binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return { fileName: file.name, content: btoa(binary) };
}

/** Many people from a CSV file: what it would bring is shown before anything is written. */
export function ImportScreen() {
  const [file, setFile] = useState<File | null>(null);
  const preview = useMutation<
    ImportPreview,
    CallFault,
    File & { mapping: ImportPreview['mapping'] | null }
  >({
    mutationFn: (body) => call(previewImport, { body }),
  });
  const choose = async (chosen: globalThis.File | undefined) => {
    if (!chosen) return;
    const next = await readFile(chosen);
    setFile(next);
    preview.mutate({ ...next, mapping: null });
  };
  return (
    <Page narrow>
      <Title>Import a list</Title>
      <Body>
        A CSV file from an address book or a spreadsheet, with any column names. Nothing is written
        until you have seen what it brings.
      </Body>
      {createElement('input', {
        type: 'file',
        accept: '.csv,.txt,.tsv,text/csv,text/plain',
        'aria-label': 'CSV file',
        className:
          'font-sans text-[15px] text-ink file:mr-3 file:min-h-[44px] file:rounded file:border file:border-solid file:border-ink file:bg-sheet file:px-4 file:font-sans-semibold file:text-ink',
        onChange: (event: { target: HTMLInputElement }) => void choose(event.target.files?.[0]),
      })}
      {preview.error ? <Fault>{preview.error.message}</Fault> : null}
      {file && preview.data && !preview.error ? (
        <PreviewOf
          file={file}
          preview={preview.data}
          onMapping={(mapping) => preview.mutate({ ...file, mapping })}
          onDone={() => {
            setFile(null);
            preview.reset();
          }}
        />
      ) : (
        <Batches />
      )}
    </Page>
  );
}

interface PreviewProps {
  file: File;
  preview: ImportPreview;
  onMapping: (mapping: ImportPreview['mapping']) => void;
  onDone: () => void;
}

function PreviewOf({ file, preview, onMapping, onDone }: PreviewProps) {
  const router = useRouter();
  const settings = useRead(getSettings);
  const run = useWrite(runImport);
  const [circleId, setCircleId] = useState('');
  const [tag, setTag] = useState('');
  const save = () =>
    run.mutate(
      {
        body: {
          ...file,
          mapping: preview.mapping,
          circleId: circleId || null,
          tag: tag.trim().replace(/^#/, '') || null,
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
            className="w-[170px]"
            value={preview.mapping[i] ?? ''}
            options={TARGET_OPTIONS}
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
      <Faults preview={preview} />
      <View className="flex-row flex-wrap gap-3">
        <Select
          label="Put them into the circle"
          className="min-w-[200px] flex-1"
          value={circleId}
          options={[
            { value: '', label: 'As the file says, else none' },
            ...(settings.data?.circles ?? []).map(({ id, name }) => ({ value: id, label: name })),
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

const FAULTS_SHOWN = 50;

function Faults({ preview }: { preview: ImportPreview }) {
  const { faults, faultCount, leftOut } = preview;
  const groups = [
    {
      title: `${plural(leftOut, 'row')} can’t be read and would stay out`,
      count: leftOut,
      list: faults.filter((fault) => fault.leftOut),
    },
    {
      title: `${plural(faultCount - leftOut, 'value')} can’t be read`,
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
          <Soft key={i}>{`Row ${row}: ${why}`}</Soft>
        ))}
        {count > FAULTS_SHOWN ? <Soft>{`and ${count - FAULTS_SHOWN} more`}</Soft> : null}
      </View>
    ));
}

function Batches() {
  const router = useRouter();
  const { data } = useRead(listImports);
  const undo = useWrite(undoImport);
  if (!data || data.batches.length === 0) return null;
  return (
    <View className="gap-1">
      <Heading>What came in before</Heading>
      {data.batches.map((batch) => (
        <View key={batch.id} className="flex-row items-center gap-2">
          <Body className="flex-1" numberOfLines={2}>
            {`${batch.fileName}: ${plural(batch.people, 'person', 'people')}${batch.undone ? ', taken back' : ''}`}
          </Body>
          {batch.undone ? null : (
            <>
              <Button
                weight="quiet"
                label="Show"
                spoken={`Show ${batch.fileName}`}
                onPress={() => router.navigate(`/people?batch=${batch.id}`)}
              />
              <Button
                weight="quiet"
                label="Take back"
                spoken={`Take back ${batch.fileName}`}
                disabled={undo.isPending}
                onPress={() => undo.mutate({ params: { id: batch.id } })}
              />
            </>
          )}
        </View>
      ))}
    </View>
  );
}
