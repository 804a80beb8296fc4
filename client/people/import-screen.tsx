import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { createElement, useState } from 'react';
import { View } from 'react-native';

import { call, CallFault, useRead, useWrite } from '@/client/api';
import { Body, Button, Choice, Fault, Field, Heading, Page, Soft, Title } from '@/client/ui';
import { listImports, previewImport, undoImport, type ImportPreview } from '@/contract/imports';
import { plural } from '@/core/time';

import { ImportPreviewOf, type ImportFile } from './import-preview';
import { base64Of } from './photo';

type Way = 'file' | 'paste';
const WAYS = [
  { value: 'file', label: 'A file' },
  { value: 'paste', label: 'Pasted names' },
] as const;

/** Many people from a file or a pasted list: what it would bring is shown before anything is written. */
export function ImportScreen() {
  const [way, setWay] = useState<Way>('file');
  const [file, setFile] = useState<ImportFile | null>(null);
  const preview = useMutation<
    ImportPreview,
    CallFault,
    ImportFile & { mapping: ImportPreview['mapping'] | null }
  >({
    mutationFn: (body) => call(previewImport, { body }),
  });
  const open = (next: ImportFile) => {
    setFile(next);
    preview.mutate({ ...next, mapping: null });
  };
  const close = () => {
    setFile(null);
    preview.reset();
  };
  return (
    <Page narrow>
      <Title>Import a list</Title>
      {file && preview.data && !preview.error ? (
        <ImportPreviewOf
          file={file}
          preview={preview.data}
          onMapping={(mapping) => preview.mutate({ ...file, mapping })}
          onDone={close}
        />
      ) : (
        <>
          <Choice label="What to import" value={way} options={WAYS} onChange={setWay} />
          {way === 'file' ? (
            <ChooseFile onFile={open} />
          ) : (
            <Paste busy={preview.isPending} onText={open} />
          )}
          {preview.error ? <Fault>{preview.error.message}</Fault> : null}
          <Batches />
        </>
      )}
    </Page>
  );
}

function ChooseFile({ onFile }: { onFile: (file: ImportFile) => void }) {
  const choose = async (chosen: globalThis.File | undefined) => {
    if (chosen) onFile({ fileName: chosen.name, content: await base64Of(chosen), pasted: false });
  };
  return (
    <>
      <Body>
        A CSV file from a spreadsheet, with any column names, or the cards (vCard) of an address
        book. Nothing is written until you have seen what it brings.
      </Body>
      {createElement('input', {
        type: 'file',
        accept: '.csv,.txt,.tsv,.vcf,.vcard,text/csv,text/plain,text/vcard',
        'aria-label': 'CSV or vCard file',
        className:
          'font-sans text-[0.9375rem] text-ink file:mr-3 file:min-h-[44px] file:rounded file:border file:border-solid file:border-ink file:bg-sheet file:px-4 file:font-sans-semibold file:text-ink',
        onChange: (event: { target: HTMLInputElement }) => void choose(event.target.files?.[0]),
      })}
    </>
  );
}

function Paste({ busy, onText }: { busy: boolean; onText: (file: ImportFile) => void }) {
  const [text, setText] = useState('');
  const read = async () =>
    onText({ fileName: 'Pasted names', content: await base64Of(new Blob([text])), pasted: true });
  return (
    <>
      <Field
        label="Names and e-mail addresses, parted by commas, semicolons or lines"
        placeholder={'Rosa Lind <rosa@example.com>\nbo@example.com; Ana Marsh'}
        multiline
        value={text}
        onChangeText={setText}
      />
      <Button
        weight="main"
        className="self-start"
        label="Read it"
        disabled={busy || text.trim() === ''}
        onPress={() => void read()}
      />
    </>
  );
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
        <View key={batch.id} className="flex-row flex-wrap items-center gap-2">
          <View className="min-w-[10rem] flex-1">
            <Body numberOfLines={2}>{batch.fileName}</Body>
            <Soft>
              {`${plural(batch.people, 'person', 'people')}${batch.undone ? ', taken back' : ''}`}
            </Soft>
          </View>
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
