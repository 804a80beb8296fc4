import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Heading, Soft } from '@/client/ui';
import { readWords, type TemplateKind, type Words, type WordsCheck } from '@/contract/templates';

import { AsRead } from './as-read';

interface Props {
  kind: TemplateKind;
  words: Words;
  check: WordsCheck;
  reader: string | null;
  onReader: (personId: string) => void;
}

/** Readers by name, the odd ones first, and the words as the one in hand would have them. */
export function Readers({ kind, words, check, reader, onReader }: Props) {
  const shown = check.readers.find(({ personId }) => personId === reader) ?? check.readers[0];
  const read = useRead(
    readWords,
    { body: { kind, ...words, personId: shown?.personId ?? '' } },
    { enabled: shown !== undefined, keepPrevious: true },
  ).data;
  const [all, setAll] = useState(false);
  if (!shown) return <Soft>Nobody is in your sphere yet.</Soft>;
  const listed = all ? check.readers : check.readers.slice(0, 6);
  return (
    <View className="gap-4">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Heading>As they would read it</Heading>
        <Soft>the odd ones first</Soft>
      </View>
      <View role="radiogroup" aria-label="Who reads it" className="flex-row flex-wrap gap-x-2">
        {listed.map(({ personId, name, odd }) => {
          const chosen = personId === shown.personId;
          return (
            <Pressable
              key={personId}
              role="radio"
              aria-checked={chosen}
              aria-label={odd ? `${name}, ${odd}` : name}
              onPress={() => onReader(personId)}
              className={`min-h-[44px] max-w-full justify-center rounded px-2 ${chosen ? 'bg-paper' : ''}`}
            >
              <Body className="font-serif text-[1rem]">{name}</Body>
              {odd ? (
                <Soft className={odd.startsWith('no') ? 'text-danger' : ''}>{odd}</Soft>
              ) : null}
            </Pressable>
          );
        })}
        {!all && check.readers.length > 6 ? (
          <Pressable
            role="button"
            onPress={() => setAll(true)}
            className="min-h-[44px] justify-center px-2"
          >
            <Body className="text-sea">Others</Body>
          </Pressable>
        ) : null}
      </View>
      {read ? <AsRead kind={kind} read={read} heading={`What ${shown.name} would have`} /> : null}
    </View>
  );
}
