import { useState } from 'react';
import { View } from 'react-native';

import { useTypedText, useWrite, useWriteForm } from '@/client/api';
import { Body, Button, DayField, Editing, Field, SaveBar, Soft, TextField } from '@/client/ui';
import { addNote, editNote, removeNote, type Note } from '@/contract/story';
import { shortDate, type PlainDate } from '@/core/time';

/** A place to write a note; what was typed stays until it is kept, also when one looks elsewhere meanwhile. */
export function WriteNote({ personId }: { personId: string }) {
  const write = useWrite(addNote, { tells: false });
  const [note, setNote] = useTypedText(`note ${personId}`);
  const keep = () =>
    write.mutate(
      { params: { id: personId }, body: { body: note } },
      { onSuccess: () => setNote('') },
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

/** A note can be pinned, changed and taken away where it stands. */
export function NoteEntry({ note, today }: { note: Note; today: PlainDate }) {
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
