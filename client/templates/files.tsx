import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, contentOf, Fault, FileInput, Soft } from '@/client/ui';
import { keepFile, MOST_FILE_BYTES, MOST_FILES, type KeptFile } from '@/contract/files';
import { plural } from '@/core/time';

/** Has files kept; what is far too large is not even sent. */
export function useKeepFile(as: 'picture' | 'along') {
  const keep = useWrite(keepFile, { tells: false });
  const [fault, setFault] = useState('');
  const take = async (file: File): Promise<KeptFile | null> => {
    setFault('');
    if (file.size > MOST_FILE_BYTES) {
      setFault(
        `${file.name} is larger than ${MOST_FILE_BYTES / 1024 / 1024} MB, which many mail servers refuse. Send a link to it instead.`,
      );
      return null;
    }
    try {
      const body = { name: file.name, content: await contentOf(file), as };
      return (await keep.mutateAsync({ body })).file;
    } catch (error) {
      setFault((error as Error).message);
      return null;
    }
  };
  return { take, fault, isPending: keep.isPending };
}

const sizeWords = (bytes: number): string =>
  bytes < 1024 * 1024
    ? `${Math.max(1, Math.round(bytes / 1024))} kB`
    : `${(bytes / 1024 / 1024).toFixed(1)} MB`;

/** What goes with an e-mail. */
export function FilesAlong({
  files,
  onChange,
}: {
  files: readonly KeptFile[];
  onChange: (files: KeptFile[]) => void;
}) {
  const keep = useKeepFile('along');
  return (
    <View className="gap-1">
      {files.length > 0 ? <Soft>{`${plural(files.length, 'file')} with it`}</Soft> : null}
      {files.map((file) => (
        <View key={file.id} className="flex-row flex-wrap items-center gap-x-2">
          <Body className="min-w-0 shrink">{`${file.name}, ${sizeWords(file.size)}`}</Body>
          <Button
            weight="quiet"
            label="Remove"
            spoken={`Remove ${file.name}`}
            onPress={() => onChange(files.filter(({ id }) => id !== file.id))}
          />
        </View>
      ))}
      {files.length < MOST_FILES ? (
        <View className="self-start">
          <FileInput
            label={keep.isPending ? 'Taking it in …' : 'Add a file'}
            onChoose={async (file) => {
              const kept = await keep.take(file);
              if (kept) onChange([...files, kept]);
            }}
          />
        </View>
      ) : null}
      {keep.fault ? <Fault>{keep.fault}</Fault> : null}
    </View>
  );
}
