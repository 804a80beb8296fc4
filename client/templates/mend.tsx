import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, DisclosureButton, Field, Linked, Soft } from '@/client/ui';
import type { Words, WordsCheck } from '@/contract/templates';
import { fieldInBraces } from '@/core/merge-fields';
import { figure, plural } from '@/core/time';

type Missing = WordsCheck['missing'][number];

/** Gives every use of a field that has none something to say where it can't be filled in. */
export function withFallback(words: Words, field: string, fallback: string): Words {
  const bare = new RegExp(`\\{\\{\\s*${field}\\s*\\}\\}`, 'gi');
  const mended = (text: string) => text.replace(bare, () => fieldInBraces(field, fallback));
  return {
    subject: mended(words.subject),
    words: mended(words.words),
    html: mended(words.html),
  };
}

interface Props {
  check: WordsCheck;
  words: Words;
  onWords: (words: Words) => void;
}

/** For how many the words can be filled in, what the others lack, and both ways to mend it. */
export function Mend({ check, words, onWords }: Props) {
  const { people, canFill, missing } = check;
  return (
    <View className="gap-2">
      <Body role="status" className={canFill === people ? '' : 'text-danger'}>
        {canFill === people
          ? `Can be filled in for all ${figure(people)}.`
          : `Can be filled in for ${figure(canFill)} of ${figure(people)}.`}
      </Body>
      {missing.map((one) => (
        <Lacking key={one.field} missing={one} words={words} onWords={onWords} />
      ))}
    </View>
  );
}

function Lacking({
  missing: { field, label, people, who },
  words,
  onWords,
}: { missing: Missing } & Omit<Props, 'check'>) {
  const [open, setOpen] = useState(false);
  const [instead, setInstead] = useState('');
  return (
    <View className="gap-1 border-l-2 border-danger pl-3">
      <DisclosureButton
        weight="quiet"
        className="-ml-2 self-start"
        label={`${plural(people, 'person has', 'people have')} no ${label}`}
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open ? (
        <View className="gap-2">
          <View className="flex-row flex-wrap items-end gap-2">
            <Field
              label={`Where there is no ${label}, say`}
              value={instead}
              onChangeText={setInstead}
              placeholder={field === 'first_name' ? 'there' : ''}
            />
            <Button
              label="Say that instead"
              disabled={instead.trim() === ''}
              onPress={() => onWords(withFallback(words, field, instead.trim()))}
            />
          </View>
          <Soft>Or fill it in on their sheets:</Soft>
          <View className="flex-row flex-wrap gap-x-4">
            {who.map(({ personId, name }) => (
              <Linked
                key={personId}
                href={`/people/${personId}`}
                className="min-h-[44px] justify-center"
              >
                <Body className="text-sea">{name}</Body>
              </Linked>
            ))}
            {people > who.length ? (
              <Body className="py-2">{`and ${figure(people - who.length)} more`}</Body>
            ) : null}
          </View>
        </View>
      ) : null}
    </View>
  );
}
