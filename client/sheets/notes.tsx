import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { useTypedText, useWrite, useWriteForm } from '@/client/api';
import { DaysInNote, useDaysInNote } from '@/client/touches';
import {
  Body,
  Button,
  DayField,
  Editing,
  Field,
  SaveBar,
  Soft,
  TextField,
  useDateOrder,
} from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addNote, editNote, keepDate, removeNote, type Note } from '@/contract/story';
import { daysInNote, type DayInNote } from '@/core/day-words';
import { longDate, sentenceCase, shortDate, type PlainDate } from '@/core/time';

/** A place to write a note; what was typed stays until it is kept, also when one looks elsewhere meanwhile. */
export function WriteNote({ personId }: { personId: string }) {
  const write = useWrite(addNote, { tells: false });
  const [note, setNote] = useTypedText(`note ${personId}`);
  const days = useDaysInNote(note);
  /** Names of the days that are kept as dates. */
  const [kept, setKept] = useState<readonly string[]>([]);
  const dates = days.filter(({ name }) => kept.includes(name));
  const keep = () =>
    write.mutate(
      {
        params: { id: personId },
        body: { body: note, dates: dates.map(({ name, on }) => ({ name, on })) },
      },
      {
        onSuccess: () => {
          setNote('');
          setKept([]);
        },
      },
    );
  return (
    <>
      <Field
        label="Write a note"
        value={note}
        onChangeText={setNote}
        multiline
        small
        fault={write.error?.message}
      />
      <DaysInNote
        days={days}
        isKept={({ name }) => kept.includes(name)}
        onKeep={({ name }, isKept) =>
          setKept([...kept.filter((one) => one !== name), ...(isKept ? [name] : [])])
        }
      />
      {note.trim() ? (
        <Button
          className="self-start"
          label="Keep the note"
          disabled={write.isPending}
          onPress={keep}
        />
      ) : null}
    </>
  );
}

interface EntryProps {
  note: Note;
  sheet: PersonSheet;
  today: PlainDate;
}

/** Days that a note tells of, still ahead when it is read, and that are not on the sheet. */
function useUnkept({ note, sheet, today }: EntryProps): DayInNote[] {
  const order = useDateOrder();
  const { birthday, dates } = sheet.fields;
  const known = [birthday ? 'birthday' : '', ...dates.map(({ name }) => name.toLowerCase())];
  const days = useMemo(() => daysInNote(note.body, note.on, order), [note.body, note.on, order]);
  return days.filter(
    ({ name, on }) => !known.includes(name.toLowerCase()) && (on > today || name === 'birthday'),
  );
}

/** A note can be pinned, changed and taken away where it stands; a day in it is kept as a date. */
export function NoteEntry(props: EntryProps) {
  const { note, sheet, today } = props;
  const [open, setOpen] = useState(false);
  const edit = useWrite(editNote);
  const keep = useWrite(keepDate);
  const unkept = useUnkept(props);
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
        <View className="flex-row flex-wrap gap-x-2">
          <Button
            weight="quiet"
            className="-ml-2"
            label={note.pinned ? 'Unpin' : 'Pin'}
            spoken={`${note.pinned ? 'Unpin' : 'Pin'} the note ${about}`}
            disabled={edit.isPending}
            onPress={() =>
              edit.mutate({
                params: { id: note.id },
                body: { pinned: !note.pinned, version: note.version },
              })
            }
          />
          <Button
            weight="quiet"
            label="Change"
            spoken={`Change the note ${about}`}
            onPress={() => setOpen(true)}
          />
          {unkept.map(({ name, on }) => (
            <Button
              key={name}
              weight="quiet"
              label={`Keep as a date: ${sentenceCase(name)}, ${longDate(on, today)}`}
              disabled={keep.isPending}
              onPress={() => keep.mutate({ params: { id: sheet.id }, body: { name, on } })}
            />
          ))}
        </View>
      </View>
    </View>
  );
}

function NoteForm({ note, onClose }: { note: Note; onClose: () => void }) {
  const params = { id: note.id };
  const form = useWriteForm(editNote, {
    values: { body: note.body, on: note.on },
    toInput: (body: { body: string; on: PlainDate }) => ({
      params,
      body: { ...body, version: note.version },
    }),
    onSaved: onClose,
    keepAs: `note ${note.id}`,
  });
  const remove = useWrite(removeNote);
  return (
    <Editing>
      <TextField of={form} name="body" label="Note" hideLabel multiline autoFocus />
      <DayField of={form} name="on" label="Day" lean="back" />
      <SaveBar form={form} onClose={onClose}>
        <Button
          weight="quiet"
          label="Take away"
          onPress={() => remove.mutate({ params }, { onSuccess: onClose })}
        />
      </SaveBar>
    </Editing>
  );
}
