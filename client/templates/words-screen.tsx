import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import {
  Body,
  Button,
  DisclosureButton,
  Heading,
  Lead,
  Linked,
  Soft,
  Spread,
  Title,
  Waiting,
} from '@/client/ui';
import { listTemplates, TEMPLATE_KINDS, type Template } from '@/contract/templates';
import { forTheEye } from '@/core/merge-fields';
import { need } from '@/core/need';
import { countInWords, sentenceCase } from '@/core/time';
import { WORD_PATTERNS, type WordPattern } from '@/core/pattern-book';

import { KIND_NAMES, usedWords } from './template-words';

/** All templates by how they go, and beside them the pattern book. */
export function WordsScreen() {
  const router = useRouter();
  const templates = useRead(listTemplates);
  return (
    <Spread beside={<PatternBook />}>
      <Waiting query={templates}>
        {({ templates: all }) => (
          <>
            <Title>{headline(all.length)}</Title>
            <Button
              weight="main"
              className="self-start"
              label="Write new words"
              onPress={() => router.navigate('/out/words/new' as '/')}
            />
            {TEMPLATE_KINDS.map((kind) => (
              <OfKind key={kind} kind={kind} all={all} />
            ))}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const headline = (n: number): string =>
  n === 0
    ? 'No words kept yet'
    : `${sentenceCase(countInWords(n))} ${n === 1 ? 'template' : 'templates'}`;

function OfKind({ kind, all }: { kind: Template['kind']; all: readonly Template[] }) {
  const some = all.filter((template) => template.kind === kind);
  if (some.length === 0) return null;
  return (
    <View>
      <Heading>{KIND_NAMES[kind]}</Heading>
      {some.map((template) => (
        <Linked
          key={template.id}
          href={`/out/words/${template.id}`}
          className="min-h-[44px] justify-center border-b border-line py-2"
        >
          <Lead>{template.name}</Lead>
          <Soft numberOfLines={1}>{forTheEye(need(template.wordings[0]).words)}</Soft>
          <Soft>
            {[
              template.wordings.length > 1 &&
                `${countInWords(template.wordings.length)} wordings take turns`,
              usedWords(template),
            ]
              .filter(Boolean)
              .join('; ')}
          </Soft>
        </Linked>
      ))}
    </View>
  );
}

/** Ready words for usual occasions, to copy and change. */
function PatternBook() {
  return (
    <View className="gap-3">
      <Heading>Pattern book</Heading>
      <Soft>Take a copy, and change it until it sounds like you.</Soft>
      {WORD_PATTERNS.map((pattern) => (
        <PatternLine key={pattern.key} pattern={pattern} />
      ))}
    </View>
  );
}

function PatternLine({ pattern }: { pattern: WordPattern }) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const { key, kind, name, occasion, wordings } = pattern;
  return (
    <View className="gap-1 border-b border-line pb-2">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <View className="min-w-0 shrink">
          <Lead className="text-[1.0625rem]">{name}</Lead>
          <Soft>{`${KIND_NAMES[kind]}. ${occasion}`}</Soft>
        </View>
        <View className="flex-row">
          <DisclosureButton
            weight="quiet"
            label="Read"
            openLabel="Hide"
            about={name}
            open={open}
            onToggle={() => setOpen(!open)}
          />
          <Button
            weight="quiet"
            label="Copy"
            spoken={`Take a copy of ${name}`}
            onPress={() => router.navigate(`/out/words/new?pattern=${key}` as '/')}
          />
        </View>
      </View>
      {open
        ? wordings.map((words) => (
            <Body key={words} className="border-l-2 border-line pl-3 font-serif">
              {forTheEye(words)}
            </Body>
          ))
        : null}
    </View>
  );
}
