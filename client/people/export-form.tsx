import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useRead, useNotify, type CallFault } from '@/client/api';
import { Button, Chip, Choice, Fault, Heading, Overlay, Soft, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { exportColumns, exportPeople } from '@/contract/exports';
import type { Who } from '@/contract/filters';
import type { ExportColumn } from '@/core/intake';
import { plural } from '@/core/time';

type Format = 'csv' | 'vcard';
const FORMATS = [
  { value: 'csv', label: 'CSV, for spreadsheets' },
  { value: 'vcard', label: 'vCard 4.0, for address books' },
] as const;

/** What does not come back from a file, said before one relies on it. */
const LEFT_OUT: Record<Format, string> = {
  csv: 'With all columns everything comes back but photos, what is pinned, salutations of your own, who lives apart, and cadences.',
  vcard:
    'Everything comes back but what is pinned, salutations of your own, who lives apart, and cadences.',
};

type Exported = CallOutput<typeof exportPeople>;

/** Lets the browser fetch a file and keep it. */
function fetchFile({ path, fileName }: Exported): void {
  const link = document.createElement('a');
  link.href = path;
  link.download = fileName;
  link.click();
}

interface Props {
  who: Who;
  people: number;
  onClose: () => void;
}

/** People as a file; the columns chosen last time are chosen again. */
export function ExportForm({ who, people, onClose }: Props) {
  const columns = useRead(exportColumns);
  return (
    <Overlay title={`Export ${plural(people, 'person', 'people')}`} onClose={onClose}>
      <Waiting query={columns}>
        {(data) => <ExportChoice who={who} {...data} onClose={onClose} />}
      </Waiting>
    </Overlay>
  );
}

interface ChoiceProps extends CallOutput<typeof exportColumns> {
  who: Who;
  onClose: () => void;
}

function ExportChoice({ who, columns, chosen: before, onClose }: ChoiceProps) {
  const [format, setFormat] = useState<Format>('csv');
  const [chosen, setChosen] = useState<ReadonlySet<ExportColumn>>(new Set(before));
  const notify = useNotify();
  const run = useMutation<Exported, CallFault>({
    mutationFn: () =>
      call(exportPeople, {
        body: {
          who,
          format,
          columns: columns.map(({ key }) => key).filter((key) => chosen.has(key)),
        },
      }),
    onSuccess: (file) => {
      fetchFile(file);
      notify({
        sentence: `${plural(file.people, 'person', 'people')} go into ${file.fileName}`,
        actionId: null,
      });
      onClose();
    },
  });
  const toggle = (key: ExportColumn) => {
    const next = new Set(chosen);
    if (!next.delete(key)) next.add(key);
    setChosen(next);
  };
  return (
    <>
      <Choice label="Kind of file" value={format} options={FORMATS} onChange={setFormat} />
      {format === 'csv' ? (
        <>
          <View className="flex-row items-center justify-between">
            <Heading>Columns</Heading>
            <View className="flex-row">
              <Button
                weight="quiet"
                label="All"
                spoken="Choose all columns"
                onPress={() => setChosen(new Set(columns.map(({ key }) => key)))}
              />
              <Button
                weight="quiet"
                label="None"
                spoken="Choose no column"
                onPress={() => setChosen(new Set())}
              />
            </View>
          </View>
          <View className="flex-row flex-wrap gap-x-3">
            {columns.map(({ key, label }) => (
              <Chip key={key} label={label} chosen={chosen.has(key)} onPress={() => toggle(key)} />
            ))}
          </View>
        </>
      ) : null}
      <Soft>{LEFT_OUT[format]}</Soft>
      {run.error ? <Fault>{run.error.message}</Fault> : null}
      <Button
        weight="main"
        label={run.isPending ? 'Preparing…' : 'Export'}
        disabled={run.isPending || (format === 'csv' && chosen.size === 0)}
        onPress={() => run.mutate()}
      />
    </>
  );
}
