import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useMutation, useQueryClient } from '@tanstack/react-query';

import { call, readAgain, useRead, useNotify, useWrite, type CallFault } from '@/client/api';
import { Body, Button, Fault, Field, Heading, Overlay, Soft } from '@/client/ui';
import { changeMany } from '@/contract/many';
import { eraseImpact, erasePerson, type PersonSheet } from '@/contract/people';
import { savePhoto } from '@/contract/story';

import { useSave } from './facts/use-save';

/** What can be done with the whole record: pass it on, put it away, delete, bring back, erase. */
export function PutAway({ sheet }: { sheet: PersonSheet }) {
  const change = useWrite(changeMany);
  const photo = useWrite(savePhoto);
  const [open, setOpen] = useState<'none' | 'delete' | 'erase'>('none');
  const favour = useSave(sheet);
  const { favourite } = sheet.fields;
  const who = { ids: [sheet.id] };
  const away = sheet.archivedOn !== null || sheet.deletedOn !== null;
  const act = (what: 'archive' | 'delete' | 'restore') =>
    change.mutate({ body: { who, change: { do: what } } }, { onSuccess: () => setOpen('none') });
  return (
    <View className="gap-1">
      <Heading>This record</Heading>
      {sheet.archivedOn ? <Soft>Archived: nothing is planned for them.</Soft> : null}
      {sheet.deletedOn ? <Soft>Deleted: they go for good 30 days after.</Soft> : null}
      <View className="-ml-2 flex-row flex-wrap">
        <Button
          weight="quiet"
          label={favourite ? 'No longer at hand' : 'Keep at hand'}
          disabled={favour.busy}
          onPress={() => favour.save({ favourite: !favourite })}
        />
        <Button
          weight="quiet"
          label="Pass on as a card"
          onPress={() => window.open(`/api/people/${sheet.id}/card.vcf`)}
        />
        {sheet.photoId ? (
          <Button
            weight="quiet"
            label="Remove the photo"
            onPress={() => photo.mutate({ params: { id: sheet.id }, body: { content: null } })}
          />
        ) : null}
        {away ? (
          <Button weight="quiet" label="Bring back" onPress={() => act('restore')} />
        ) : (
          <Button weight="quiet" label="Archive" onPress={() => act('archive')} />
        )}
        {sheet.deletedOn ? null : (
          <Button weight="quiet" label="Delete…" onPress={() => setOpen('delete')} />
        )}
        <Button weight="quiet" label="Erase for good…" onPress={() => setOpen('erase')} />
      </View>
      {open === 'delete' ? (
        <Overlay title={`Delete ${sheet.name}`} onClose={() => setOpen('none')}>
          <Held id={sheet.id} />
          <Body>They can come back for 30 days. After that all of this is erased.</Body>
          <Button
            weight="main"
            label="Delete"
            disabled={change.isPending}
            onPress={() => act('delete')}
          />
        </Overlay>
      ) : null}
      {open === 'erase' ? (
        <Overlay title={`Erase ${sheet.name}`} onClose={() => setOpen('none')}>
          <Held id={sheet.id} />
          <Erase sheet={sheet} />
        </Overlay>
      ) : null}
    </View>
  );
}

function Held({ id }: { id: string }) {
  const held = useRead(eraseImpact, { params: { id } });
  if (!held.data) return null;
  const list = held.data.held.join(', ') || 'nothing but the record itself';
  return (
    <>
      <Body>{`What is kept about them: ${list}.`}</Body>
      {held.data.enrolments > 0 ? (
        <Body>They are on a cadence; nothing more will be planned from it.</Body>
      ) : null}
    </>
  );
}

/** Erasing asks for the name, because it is final. */
function Erase({ sheet }: { sheet: PersonSheet }) {
  const [name, setName] = useState('');
  const router = useRouter();
  const client = useQueryClient();
  const notify = useNotify();
  const erase = useMutation<{ sentence: string }, CallFault>({
    mutationFn: () => call(erasePerson, { params: { id: sheet.id }, body: { name } }),
    onSuccess: ({ sentence }) => {
      notify({ sentence, actionId: null });
      router.navigate('/people');
      return readAgain(client);
    },
  });
  return (
    <>
      <Body>
        All of it goes now, also from the history, and can’t be brought back. Backups made before
        keep it until they are replaced: seven are kept, one a day.
      </Body>
      <Field label={`Type ${sheet.name} to erase them`} value={name} onChangeText={setName} />
      {erase.error ? <Fault>{erase.error.message}</Fault> : null}
      <Button
        weight="main"
        label="Erase for good"
        disabled={erase.isPending || name.trim() === ''}
        onPress={() => erase.mutate()}
      />
    </>
  );
}
