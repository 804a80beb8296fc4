import { useState } from 'react';
import { Linking, View } from 'react-native';

import { Body, Button, Field, Words } from '@/client/ui';
import type { DeskItem } from '@/contract/touches';
import { linkToWrite, subjectOf } from '@/core/messages';
import { KIND_WORDS } from '@/core/touches';

import { useCarried } from './carried';

/** The words of an item as they will be used, which the owner may change before they go. */
export function useToWrite({ words, kind, phone, email }: DeskItem) {
  const [written, setWritten] = useState<string | null>(null);
  const [subject, setSubject] = useState<string | null>(null);
  const now = { words: written ?? words, subject: subject ?? subjectOf(words) };
  // A field that could not be filled in is nothing to send: the words stay behind until changed.
  const unfilled = /\{\{|\}\}/.test(now.words + now.subject);
  const sent = unfilled ? { words: '', subject: '' } : now;
  return {
    ...now,
    unfilled,
    setWritten,
    setSubject,
    link: linkToWrite({ kind, phone, email, ...sent }),
  };
}

export type ToWrite = ReturnType<typeof useToWrite>;

/** What to say; of what is written, each word can be changed. */
export function WordsToUse({ item, to }: { item: DeskItem; to: ToWrite }) {
  const [open, setOpen] = useState(false);
  const written = item.kind === 'text' || item.kind === 'email';
  if (!written) return item.words ? <Words>{item.words}</Words> : null;
  if (!open)
    return (
      <View className="items-start gap-1">
        {to.words ? <Words>{to.words}</Words> : null}
        {to.unfilled ? <Unfilled /> : null}
        <Button
          weight="quiet"
          className="-ml-2"
          label={to.words ? 'Change the words' : 'Write the words'}
          spoken={`${to.words ? 'Change' : 'Write'} the words for ${item.name}`}
          onPress={() => setOpen(true)}
        />
      </View>
    );
  return (
    <View className="gap-2">
      {item.kind === 'email' ? (
        <Field label="Subject" value={to.subject} onChangeText={to.setSubject} />
      ) : null}
      <Field label="Words" value={to.words} onChangeText={to.setWritten} multiline />
      {to.unfilled ? <Unfilled /> : null}
    </View>
  );
}

const Unfilled = () => (
  <Body className="text-danger">
    A field of the words is not known of them: they are left out until you change them.
  </Body>
);

/** Opens the program for it, with the words in it. */
export const OpenIt = ({
  item,
  link,
  onOpen,
}: {
  item: DeskItem;
  link: string;
  onOpen: () => void;
}) => {
  // What Pen Pal sends itself may go by the owner's own program as well.
  const second = useCarried(item.kind);
  const { verb } = KIND_WORDS[item.kind];
  return (
    <Button
      weight={second ? 'plain' : 'main'}
      label={second ? 'In my own program' : verb}
      spoken={second ? `${verb} ${item.name} in my own program` : `${verb} ${item.name}`}
      onPress={() => {
        onOpen();
        void Linking.openURL(link);
      }}
    />
  );
};
