import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWriteForm } from '@/client/api';
import { Fault, SaveBar, SelectField, Soft, TextField, Title, useWide, Page } from '@/client/ui';
import { runImport } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { plural } from '@/core/time';

import { ImportColumns, ImportQuestions } from './import-columns';
import { HereAlready, ImportFaults } from './import-faults';
import { Incoming } from './incoming';
import type { Looked, useImport } from './use-import';
import { isAnswered } from './uses';

interface Props {
  file: ReturnType<typeof useImport>;
  looked: Looked;
}

/** What those who come in get besides what the file says of them. */
const NOTHING_MORE = { circleId: '', tag: '' };

/** What a file would bring: its columns and questions, everybody in it, and who is here already. */
export function ImportPreviewOf({ file, looked }: Props) {
  const wide = useWide();
  const [same, setSame] = useState<'join' | 'add'>('join');
  const { preview } = looked;
  const head = (
    <>
      <Title numberOfLines={3}>{looked.fileName}</Title>
      <Soft role="status">{file.busy ? 'Reading it anew…' : summaryOf(looked)}</Soft>
      {file.fault ? <Fault>{file.fault}</Fault> : null}
      <ImportQuestions preview={preview} onChange={file.change} />
      <ImportColumns preview={preview} onChange={file.change} />
      <HereAlready preview={preview} same={same} onSame={setSame} />
      <ImportFaults preview={preview} />
    </>
  );
  const incoming = <Incoming looked={looked} onChange={file.change} />;
  const foot = <ComeIn file={file} looked={looked} same={same} />;
  if (!wide)
    return (
      <Page narrow>
        {head}
        <View className="h-[560px]">{incoming}</View>
        {foot}
      </Page>
    );
  return (
    <View className="h-full flex-row">
      <View className="w-[400px]">
        <Page>
          {head}
          {foot}
        </Page>
      </View>
      <View className="min-w-0 flex-1 border-l border-line bg-sheet pt-8">{incoming}</View>
    </View>
  );
}

function summaryOf({ preview: { people, leftOut, faultCount, guessed, format } }: Looked): string {
  const rest = faultCount - leftOut;
  const unit = format === 'vcard' ? 'card' : format === 'pasted' ? 'entry' : 'row';
  return `${[
    `${plural(people, 'person', 'people')} to import`,
    leftOut > 0 && `${plural(leftOut, unit, unit === 'entry' ? 'entries' : undefined)} left out`,
    rest > 0 && `${plural(rest, 'value')} can’t be read or placed`,
    guessed > 0 && `${plural(guessed, 'name is', 'names are')} split by a guess`,
  ]
    .filter(Boolean)
    .join(', ')}.`;
}

function ComeIn({ file, looked, same }: Props & { same: 'join' | 'add' }) {
  const router = useRouter();
  const lists = useRead(readLists);
  const { preview } = looked;
  const form = useWriteForm(runImport, {
    values: NOTHING_MORE,
    toInput: ({ circleId, tag }: typeof NOTHING_MORE) => ({
      body: {
        fileName: looked.fileName,
        previewId: preview.id,
        partners: preview.partners,
        circleId: circleId || null,
        tag: tag.trim().replace(/^#/, '') || null,
        same,
      },
    }),
    onSaved: ({ batchId }) => {
      file.close();
      router.navigate(`/people?batch=${batchId}`);
    },
  });
  const circles = (lists.data?.circle ?? [])
    .filter(({ retired }) => !retired)
    .map(({ id, name }) => ({ value: id, label: name }));
  const answered = isAnswered(preview);
  return (
    <>
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
      {answered ? null : <Soft>Say first which comes first in the days.</Soft>}
      <SaveBar
        form={form}
        weight="main"
        label={form.busy ? 'Importing…' : `Import ${plural(preview.people, 'person', 'people')}`}
        disabled={preview.people === 0 || file.busy || !answered}
        onClose={file.close}
      />
    </>
  );
}
