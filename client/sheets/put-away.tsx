import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Overlay, Soft } from '@/client/ui';
import { changeMany } from '@/contract/many';
import { editPerson, eraseImpact, type PersonSheet } from '@/contract/people';
import { savePhoto } from '@/contract/story';

import { Erase } from './erase';

/** What can be done with the whole record: pass it on, put it away, delete, bring back, erase. */
export function PutAway({ sheet }: { sheet: PersonSheet }) {
  const change = useWrite(changeMany);
  const [open, setOpen] = useState<'none' | 'delete' | 'erase'>('none');
  const close = () => setOpen('none');
  const who = { ids: [sheet.id] };
  const away = sheet.archivedOn !== null || sheet.deletedOn !== null;
  const act = (what: 'archive' | 'delete' | 'restore') =>
    change.mutate({ body: { who, change: { do: what } } }, { onSuccess: close });
  return (
    <View className="gap-1">
      <Heading>This record</Heading>
      {sheet.archivedOn ? <Soft>Archived: nothing is planned for them.</Soft> : null}
      {sheet.deletedOn ? <Soft>Deleted: they go for good 30 days after.</Soft> : null}
      <View className="-ml-2 flex-row flex-wrap">
        <PassOn sheet={sheet} />
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
        <Overlay title={`Delete ${sheet.name}`} onClose={close}>
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
        <Erase sheet={sheet} onClose={close}>
          <Held id={sheet.id} />
        </Erase>
      ) : null}
    </View>
  );
}

/** Kept at hand, passed on as a card, and the photo taken away. */
function PassOn({ sheet }: { sheet: PersonSheet }) {
  const photo = useWrite(savePhoto);
  const edit = useWrite(editPerson);
  const { favourite } = sheet.fields;
  const params = { id: sheet.id };
  return (
    <>
      <Button
        weight="quiet"
        label={favourite ? 'No longer at hand' : 'Keep at hand'}
        disabled={edit.isPending}
        onPress={() =>
          edit.mutate({ params, body: { favourite: !favourite, version: sheet.version } })
        }
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
          onPress={() => photo.mutate({ params, body: { content: null } })}
        />
      ) : null}
    </>
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
      {held.data.backups ? <Body>{held.data.backups}</Body> : null}
    </>
  );
}
