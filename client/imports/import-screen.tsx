import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Choice, Fault, Heading, Page, Soft, Title } from '@/client/ui';
import { listImports, undoImport } from '@/contract/imports';
import { plural } from '@/core/time';

import { ChooseFile, Paste } from './choose';
import { ImportPreviewOf } from './import-preview';
import { useImport } from './use-import';

type Way = 'file' | 'paste';
const WAYS = [
  { value: 'file', label: 'A file' },
  { value: 'paste', label: 'Pasted names' },
] as const;

/** Many people from a file or a pasted list: what it would bring is shown before anything is written. */
export function ImportScreen() {
  const [way, setWay] = useState<Way>('file');
  const file = useImport();
  if (file.looked) return <ImportPreviewOf file={file} looked={file.looked} />;
  return (
    <Page narrow>
      <Title>Import a list</Title>
      <Choice label="What to import" value={way} options={WAYS} onChange={setWay} />
      {way === 'file' ? (
        <ChooseFile busy={file.busy} onFile={file.open} />
      ) : (
        <Paste busy={file.busy} onText={file.open} />
      )}
      {file.busy ? (
        <View className="flex-row items-center gap-3">
          <Soft role="status">Reading it…</Soft>
          <Button weight="quiet" label="Call off" onPress={file.callOff} />
        </View>
      ) : null}
      {file.fault ? <Fault>{file.fault}</Fault> : null}
      <Batches />
    </Page>
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
