import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { AsRead } from '@/client/templates';
import { Button, Heading, Soft } from '@/client/ui';
import type { Who } from '@/contract/filters';
import { startMessage, type Readers } from '@/contract/messages';

/** What is written to many. */
export interface ManyDraft {
  who: Who;
  kind: 'email' | 'text';
  subject: string;
  words: string;
  html: string;
}

/** Readers by name, the odd ones first, and the message as the one in hand will have it. */
export function ReadersBeside({
  draft,
  readers,
}: {
  draft: ManyDraft;
  readers: Readers['readers'];
}) {
  const [at, setAt] = useState(0);
  const reader = readers[Math.min(at, readers.length - 1)];
  const { who: _, ...written } = draft;
  const seen = useRead(
    startMessage,
    { body: { ...written, personId: reader?.personId ?? '' } },
    { enabled: reader !== undefined, keepPrevious: true },
  );
  if (!reader) return <Soft>Nobody can get it yet.</Soft>;
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <Heading>{`${reader.name}${reader.odd ? `, ${reader.odd}` : ''}`}</Heading>
        <View className="flex-row">
          <Button
            weight="quiet"
            label="‹"
            spoken="The reader before"
            disabled={at === 0}
            onPress={() => setAt(at - 1)}
          />
          <Button
            weight="quiet"
            label="›"
            spoken="The next reader"
            disabled={at >= readers.length - 1}
            onPress={() => setAt(at + 1)}
          />
        </View>
      </View>
      <Soft>The odd ones stand first.</Soft>
      {seen.data ? (
        <AsRead read={seen.data} kind={draft.kind} to={`to ${seen.data.addresses.join(', ')}`} />
      ) : null}
    </View>
  );
}
