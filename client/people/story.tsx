import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Choice, DayField, Fault, Field, Heading, KindMark, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addNote, editNote, removeNote, type Note } from '@/contract/story';
import { fold } from '@/core/people';
import { sentenceCase, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, type TouchKind } from '@/core/touches';

type Part = 'all' | 'touches' | 'notes' | 'plans';
const PARTS = [
  { value: 'all', label: 'Everything' },
  { value: 'touches', label: 'Touches' },
  { value: 'notes', label: 'Notes' },
  { value: 'plans', label: 'Plans and work' },
] as const;

interface Entry {
  id: string;
  on: PlainDate;
  part: Exclude<Part, 'all'>;
  kind: TouchKind | null;
  text: string;
  note?: Note;
}

const SHOWN = 12;

/** One line of time: what was, the latest first, with what comes next above it. */
export function Story({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [part, setPart] = useState<Part>('all');
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
      {entries.slice(0, shown).map((entry) =>
        entry.note ? (
          <NoteEntry key={entry.id} note={entry.note} today={today} />
        ) : (
          <View key={entry.id} className="flex-row gap-3 py-1">
            <Soft className="w-[62px] tabular-nums leading-6">{shortDate(entry.on, today)}</Soft>
            <View className="w-[18px] pt-1">
              {entry.kind ? <KindMark kind={entry.kind} token="soft" /> : null}
            </View>
            <Body className={`flex-1 ${entry.on > today ? 'text-soft' : ''}`}>{entry.text}</Body>
          </View>
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

function entriesOf(sheet: PersonSheet): Entry[] {
  const next = sheet.planned[0];
  const entries: Entry[] = [
    ...sheet.touches.map(({ id, on, kind, outcome, note: words }): Entry => ({
      id,
      on,
      part: 'touches',
      kind,
      text: `${sentenceCase(KIND_WORDS[kind].noun)}, ${OUTCOME_WORDS[outcome].toLowerCase()}. ${words}`.trim(),
    })),
    ...sheet.notes.map((note): Entry => ({
      id: note.id,
      on: note.on,
      part: 'notes',
      kind: null,
      text: note.body,
      note,
    })),
    ...sheet.events.map(({ id, on, words }): Entry => ({
      id,
      on,
      part: 'plans',
      kind: null,
      text: words,
    })),
    ...sheet.jobs.flatMap(({ id, name, completedOn }): Entry[] =>
      completedOn
        ? [{ id, on: completedOn, part: 'plans', kind: null, text: `${name} completed.` }]
        : [],
    ),
    ...(next
      ? [
          {
            id: next.key,
            on: next.day,
            part: 'plans' as const,
            kind: next.kind,
            text: `${sentenceCase(KIND_WORDS[next.kind].noun)}, planned.`,
          },
        ]
      : []),
  ];
  const pinned = (entry: Entry) => (entry.note?.pinned ? 1 : 0);
  return entries.sort(
    (a, b) =>
      pinned(b) - pinned(a) || (a.on === b.on ? (a.id < b.id ? 1 : -1) : a.on < b.on ? 1 : -1),
  );
}

function WriteNote({ personId }: { personId: string }) {
  const write = useWrite(addNote);
  const [note, setNote] = useState('');
  return (
    <>
      <Field label="Write a note" value={note} onChangeText={setNote} multiline small />
      {note.trim() ? (
        <Button
          className="self-start"
          label="Keep the note"
          disabled={write.isPending}
          onPress={() =>
            write.mutate(
              { params: { id: personId }, body: { body: note } },
              { onSuccess: () => setNote('') },
            )
          }
        />
      ) : null}
    </>
  );
}

/** A note can be pinned, changed and taken away where it stands. */
function NoteEntry({ note, today }: { note: Note; today: PlainDate }) {
  const [open, setOpen] = useState(false);
  const edit = useWrite(editNote);
  if (open) return <NoteForm note={note} onClose={() => setOpen(false)} />;
  const about = note.body.slice(0, 40);
  return (
    <View className="flex-row gap-3 py-1">
      <View className="w-[62px]">
        <Soft className="tabular-nums leading-6">{shortDate(note.on, today)}</Soft>
        {note.pinned ? <Soft>pinned</Soft> : null}
      </View>
      <View className="min-w-0 flex-1">
        <Body>{note.body}</Body>
        <View className="flex-row gap-2">
          <Button
            weight="quiet"
            className="-ml-2"
            label={note.pinned ? 'Unpin' : 'Pin'}
            spoken={`${note.pinned ? 'Unpin' : 'Pin'} the note ${about}`}
            disabled={edit.isPending}
            onPress={() => edit.mutate({ params: { id: note.id }, body: { pinned: !note.pinned } })}
          />
          <Button
            weight="quiet"
            label="Change"
            spoken={`Change the note ${about}`}
            onPress={() => setOpen(true)}
          />
        </View>
      </View>
    </View>
  );
}

function NoteForm({ note, onClose }: { note: Note; onClose: () => void }) {
  const [body, setBody] = useState(note.body);
  const [on, setOn] = useState<string>(note.on);
  const edit = useWrite(editNote);
  const remove = useWrite(removeNote);
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Field label="Note" hideLabel value={body} onChangeText={setBody} multiline autoFocus />
      <DayField label="Day" value={on} onChange={setOn} />
      {edit.error ? <Fault>{edit.error.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Keep"
          disabled={edit.isPending}
          onPress={() =>
            edit.mutate({ params: { id: note.id }, body: { body, on } }, { onSuccess: onClose })
          }
        />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
        <Button
          weight="quiet"
          label="Take away"
          onPress={() => remove.mutate({ params: { id: note.id } }, { onSuccess: onClose })}
        />
      </View>
    </View>
  );
}
