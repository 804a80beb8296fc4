import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Linked, Soft, Spread, TextField, Title, Waiting } from '@/client/ui';
import { getTemplate, type Template } from '@/contract/templates';

import { Readers } from './readers';
import { TemplateActs } from './template-acts';
import { TemplateWords } from './template-words-part';
import { usedWords } from './template-words';
import { draftOf, startingFrom, useTemplate, type Draft } from './use-template';

/** A template that is there, or a new one from a pattern, a copy or nothing. */
export function TemplateScreen() {
  const { id, pattern, copy } = useLocalSearchParams<{
    id: string;
    pattern?: string;
    copy?: string;
  }>();
  const asked = id === 'new' ? copy : id;
  const found = useRead(getTemplate, { params: { id: asked ?? '' } }, { enabled: Boolean(asked) });
  if (!asked)
    return <TemplateForm key="new" saved={null} first={startingFrom(pattern, undefined)} />;
  return (
    <Waiting query={found}>
      {(template) =>
        id === 'new' ? (
          <TemplateForm key="copy" saved={null} first={startingFrom(undefined, template)} />
        ) : (
          <TemplateForm
            key={`${template.id} ${template.version}`}
            saved={template}
            first={draftOf(template)}
          />
        )
      }
    </Waiting>
  );
}

function TemplateForm({ saved, first }: { saved: Template | null; first: Draft }) {
  const [begin] = useState(first);
  const of = useTemplate(saved, saved ? first : begin);
  const { form, draft, check, settled } = of;
  const [reader, setReader] = useState<string | null>(null);
  return (
    <Spread
      beside={
        check ? (
          <Readers
            kind={draft.kind}
            words={settled}
            check={check}
            reader={reader}
            onReader={setReader}
          />
        ) : null
      }
    >
      <Linked href="/out/words" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ Words</Body>
      </Linked>
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Title>{draft.name || 'New words'}</Title>
        {saved ? <Soft>{usedWords(saved)}</Soft> : null}
      </View>
      <TextField of={form} name="name" label="What it is called" />
      <TemplateWords of={of} saved={saved} />
      <TemplateActs of={of} saved={saved} reader={reader} />
    </Spread>
  );
}
