import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Choice, Field, Heading, KindMark, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { fold } from '@/core/people';
import { shortDate, type PlainDate } from '@/core/time';

import { NoteEntry, WriteNote } from './notes';
import { entriesOf, type Entry, type Part } from './story-entries';

const PARTS = [
  { value: 'all', label: 'Everything' },
  { value: 'touches', label: 'Touches' },
  { value: 'notes', label: 'Notes' },
  { value: 'plans', label: 'Plans and work' },
] as const;

const SHOWN = 12;

interface Props {
  sheet: PersonSheet;
  today: PlainDate;
}

/** One line of time: what was, the latest first, with what comes next above it. */
export function Story({ sheet, today }: Props) {
  const [part, setPart] = useState<Part | 'all'>('all');
  const [text, setText] = useState('');
  const [shown, setShown] = useState(SHOWN);
  const words = fold(text).split(/\s+/).filter(Boolean);
  const entries = entriesOf(sheet)
    .filter((entry) => part === 'all' || entry.part === part)
    .filter((entry) => words.every((word) => fold(entry.text).includes(word)));
  return (
    <>
      <Heading>The story</Heading>
      <WriteNote personId={sheet.id} />
      <Choice label="Part of the story" value={part} options={PARTS} onChange={setPart} />
      <Field
        label="Find in the story"
        hideLabel
        placeholder="Find in the story"
        value={text}
        onChangeText={setText}
      />
      {entries.length === 0 ? <Soft>Nothing here yet.</Soft> : null}
      {entries
        .slice(0, shown)
        .map((entry) =>
          entry.note ? (
            <NoteEntry key={entry.id} note={entry.note} {...{ sheet, today }} />
          ) : (
            <EntryLine key={entry.id} entry={entry} today={today} />
          ),
        )}
      {entries.length > shown ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`${entries.length - shown} more`}
          onPress={() => setShown(entries.length)}
        />
      ) : null}
    </>
  );
}

const EntryLine = ({ entry, today }: { entry: Entry; today: PlainDate }) => (
  <View className="flex-row gap-3 py-1">
    <Soft className="w-[62px] tabular-nums leading-6">{shortDate(entry.on, today)}</Soft>
    <View className="w-[18px] pt-1">
      {entry.kind ? <KindMark kind={entry.kind} token="soft" /> : null}
    </View>
    <Body className={`flex-1 ${entry.on > today ? 'text-soft' : ''}`}>{entry.text}</Body>
  </View>
);
