import { useState } from 'react';
import { View } from 'react-native';

import { useWrite, useWriteForm } from '@/client/api';
import { Body, Button, Editing, SaveBar, Soft, TextField } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { joinHousehold, leaveHousehold, saveSalutations } from '@/contract/story';

import { PersonChooser } from '@/client/people';

type Household = NonNullable<PersonSheet['household']>;

/** Who shares the home, and how mail to it is addressed. */
export function Home({ sheet }: { sheet: PersonSheet }) {
  const [open, setOpen] = useState<'none' | 'join' | 'words'>('none');
  const close = () => setOpen('none');
  const { household } = sheet;
  if (open === 'join') return <Join sheet={sheet} onClose={close} />;
  if (!household)
    return (
      <Button
        weight="quiet"
        className="-ml-2 self-start"
        label="Shares a home with…"
        onPress={() => setOpen('join')}
      />
    );
  const others = household.members.filter(({ id }) => id !== sheet.id).map(({ name }) => name);
  return (
    <View className="gap-1">
      <View className="flex-row items-start gap-3 py-1">
        <Soft className="w-[104px] leading-6">One home with</Soft>
        <View className="min-w-0 flex-1">
          <Body>{others.join(', ')}</Body>
          <Soft>{`Mail to ${household.formal}; Dear ${household.familiar}`}</Soft>
        </View>
      </View>
      {open === 'words' ? (
        <Salutations household={household} onClose={close} />
      ) : (
        <HomeActs sheet={sheet} onWords={() => setOpen('words')} onJoin={() => setOpen('join')} />
      )}
    </View>
  );
}

interface ActsProps {
  sheet: PersonSheet;
  onWords: () => void;
  onJoin: () => void;
}

function HomeActs({ sheet, onWords, onJoin }: ActsProps) {
  const leave = useWrite(leaveHousehold);
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button weight="quiet" label="Address otherwise" onPress={onWords} />
      <Button weight="quiet" label="Add to this home" onPress={onJoin} />
      <Button
        weight="quiet"
        label="Mail of their own"
        disabled={leave.isPending}
        onPress={() => leave.mutate({ params: { id: sheet.id } })}
      />
    </View>
  );
}

function Join({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const join = useWrite(joinHousehold, { tells: false });
  return (
    <Editing>
      <PersonChooser
        label="Shares a home with"
        exceptId={sheet.id}
        fault={join.error?.message}
        onChoose={({ id }) =>
          join.mutate({ params: { id: sheet.id }, body: { withId: id } }, { onSuccess: onClose })
        }
      />
      <Button weight="quiet" className="self-start" label="Leave it" onPress={onClose} />
    </Editing>
  );
}

function Salutations({ household, onClose }: { household: Household; onClose: () => void }) {
  const form = useWriteForm(saveSalutations, {
    values: { formal: household.formal, familiar: household.familiar },
    toInput: (body: Pick<Household, 'formal' | 'familiar'>) => ({
      params: { id: household.id },
      body,
    }),
    onSaved: onClose,
    keepAs: `salutations ${household.id}`,
  });
  const wordIt = () => {
    form.set('formal', '');
    form.set('familiar', '');
    form.submit();
  };
  return (
    <Editing>
      <TextField of={form} name="formal" label="On envelopes" />
      <TextField of={form} name="familiar" label="After “Dear”" />
      <SaveBar form={form} onClose={onClose}>
        <Button weight="quiet" label="Word it for me" onPress={wordIt} />
      </SaveBar>
    </Editing>
  );
}
