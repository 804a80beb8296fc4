import { lazy, Suspense, useRef, useState } from 'react';
import { View } from 'react-native';

import { Button, Field, Soft } from '@/client/ui';
import type { TemplateKind, Words } from '@/contract/templates';
import { asRich } from '@/core/merge-fields';
import { inPlainSigns } from '@/core/messages';

import { FieldPicker } from './field-picker';
import { PartsLine } from './parts-line';

// The editor is as large as all else together: it comes when it is wanted.
const RichField = lazy(() => import('./rich-field'));

interface Props {
  kind: TemplateKind;
  words: Words;
  onChange: (words: Words) => void;
  /** What stands for a subject that is left empty. */
  subjectHint?: string | undefined;
  /** The words as one reader will have them, for the count of parts. */
  filled?: string | undefined;
  /** No pictures, links and buttons, not even in an e-mail. */
  plainOnly?: boolean;
}

/** The words of a message, with merge fields: plain, or rich where they are an e-mail. */
export function WordsFields({ kind, words, onChange, subjectHint, filled, plainOnly }: Props) {
  const put = usePut(words, onChange);
  const rich = kind === 'email' && words.html !== '';
  return (
    <View className="gap-3">
      {kind === 'email' ? (
        <Field
          label="Subject"
          value={words.subject}
          onChangeText={(subject) => onChange({ ...words, subject })}
          placeholder={subjectHint}
          {...put.at('subject')}
        />
      ) : null}
      {rich ? (
        <Suspense fallback={<Soft>The editor is coming.</Soft>}>
          <RichField
            html={words.html}
            onChange={(html, plain) => onChange({ ...words, html, words: plain })}
          />
        </Suspense>
      ) : (
        <Field
          label="Words"
          value={words.words}
          onChangeText={(text) => onChange({ ...words, words: text })}
          multiline
          numberOfLines={10}
          {...put.at('words')}
        />
      )}
      {kind === 'text' ? (
        <PartsLine
          words={filled || words.words}
          onPlain={() => onChange({ ...words, words: inPlainSigns(words.words) })}
        />
      ) : null}
      <View className="max-w-full items-start">
        {rich ? null : <FieldPicker onPick={put.in} />}
        {kind === 'email' && !plainOnly ? <Richness words={words} onChange={onChange} /> : null}
      </View>
    </View>
  );
}

/** From plain words to rich ones and back. */
function Richness({ words, onChange }: Pick<Props, 'words' | 'onChange'>) {
  return words.html === '' ? (
    <Button
      weight="quiet"
      className="-ml-2"
      label="With pictures, links and buttons"
      onPress={() => onChange({ ...words, html: asRich(words.words) })}
    />
  ) : (
    <Button
      weight="quiet"
      className="-ml-2"
      label="Plain words only"
      onPress={() => onChange({ ...words, html: '' })}
    />
  );
}

/** Puts a field in where the cursor was last, be it in the subject or in the words. */
function usePut(words: Words, onChange: (words: Words) => void) {
  const [last, setLast] = useState<'subject' | 'words'>('words');
  const cursor = useRef({ subject: Infinity, words: Infinity });
  return {
    at: (name: 'subject' | 'words') => ({
      onFocus: () => setLast(name),
      onSelectionChange: (event: { nativeEvent: { selection: { end: number } } }) => {
        cursor.current[name] = event.nativeEvent.selection.end;
      },
    }),
    in: (field: string) => {
      const [text, at] = [words[last], cursor.current[last]];
      const braces = `{{ ${field} }}`;
      onChange({ ...words, [last]: text.slice(0, at) + braces + text.slice(at) });
      cursor.current[last] = Math.min(at, text.length) + braces.length;
    },
  };
}
