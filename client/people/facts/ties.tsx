import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Heading, Linked, Select, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import {
  addTie,
  joinHousehold,
  leaveHousehold,
  removeTie,
  saveSalutations,
} from '@/contract/story';
import { TIE_KINDS, TIE_WORDS, type TieSeen } from '@/core/people';
import { yearlyWords } from '@/core/time';

import { FindPerson } from '../find-person';

const KINDS = ([...TIE_KINDS, 'parent', 'referred'] as TieSeen[]).map((value) => ({
  value,
  label: TIE_WORDS[value],
}));

/** Family, friends, pets, and who sent whom; a tie shows on both sheets. */
export function Ties({ sheet }: { sheet: PersonSheet }) {
  const [adding, setAdding] = useState(false);
  const remove = useWrite(removeTie);
  return (
    <View className="gap-1">
      <Heading>Family and ties</Heading>
      {sheet.ties.map((tie) => (
        <View key={tie.id} className="min-h-[36px] flex-row items-center gap-3">
          <Soft className="w-[104px]">{TIE_WORDS[tie.kind]}</Soft>
          <View className="min-w-0 flex-1">
            {tie.otherId ? (
              <Linked href={`/people/${tie.otherId}`} className="min-h-[36px] justify-center">
                <Body className="text-sea">{tie.name}</Body>
              </Linked>
            ) : (
              <Body>{tie.name}</Body>
            )}
            {tie.birthday ? <Soft>{`born ${yearlyWords(tie.birthday)}`}</Soft> : null}
          </View>
          <Button
            weight="quiet"
            label="Untie"
            spoken={`Untie ${tie.name}`}
            disabled={remove.isPending}
            onPress={() => remove.mutate({ params: { id: tie.id } })}
          />
        </View>
      ))}
      <Home sheet={sheet} />
      {adding ? (
        <AddTie sheet={sheet} onClose={() => setAdding(false)} />
      ) : (
        <Button
          weight="quiet"
          className="-ml-2 self-start"
          label="Add a tie"
          onPress={() => setAdding(true)}
        />
      )}
    </View>
  );
}

function AddTie({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const [kind, setKind] = useState<TieSeen>('partner');
  const [birthday, setBirthday] = useState('');
  const add = useWrite(addTie);
  const tie = (other: { otherId: string } | { otherName: string }) =>
    add.mutate(
      { params: { id: sheet.id }, body: { kind, birthday: birthday || null, ...other } },
      { onSuccess: onClose },
    );
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Select
        label="Tie"
        value={kind}
        options={KINDS}
        onChange={setKind}
        className="max-w-[220px]"
      />
      {kind === 'child' || kind === 'pet' ? (
        <Field
          label="Birthday, if known"
          placeholder="MM-DD or YYYY-MM-DD"
          value={birthday}
          onChangeText={setBirthday}
        />
      ) : null}
      <FindPerson
        label="Who"
        exceptId={sheet.id}
        onChoose={({ id }) => tie({ otherId: id })}
        onName={(otherName) => tie({ otherName })}
      />
      {add.error ? <Fault>{add.error.message}</Fault> : null}
      <Button weight="quiet" className="self-start" label="Leave it" onPress={onClose} />
    </View>
  );
}

/** Who shares the home, and how mail to it is addressed. */
function Home({ sheet }: { sheet: PersonSheet }) {
  const [open, setOpen] = useState<'none' | 'join' | 'words'>('none');
  const join = useWrite(joinHousehold);
  const leave = useWrite(leaveHousehold);
  const { household } = sheet;
  if (open === 'join')
    return (
      <View className="gap-2 border-l-2 border-edge py-1 pl-3">
        <FindPerson
          label="Shares a home with"
          exceptId={sheet.id}
          onChoose={({ id }) =>
            join.mutate(
              { params: { id: sheet.id }, body: { withId: id } },
              { onSuccess: () => setOpen('none') },
            )
          }
        />
        {join.error ? <Fault>{join.error.message}</Fault> : null}
        <Button
          weight="quiet"
          className="self-start"
          label="Leave it"
          onPress={() => setOpen('none')}
        />
      </View>
    );
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
        <Salutations household={household} onClose={() => setOpen('none')} />
      ) : (
        <View className="flex-row flex-wrap gap-2">
          <Button weight="quiet" label="Address otherwise" onPress={() => setOpen('words')} />
          <Button weight="quiet" label="Add to this home" onPress={() => setOpen('join')} />
          <Button
            weight="quiet"
            label="Mail of their own"
            disabled={leave.isPending}
            onPress={() => leave.mutate({ params: { id: sheet.id } })}
          />
        </View>
      )}
    </View>
  );
}

function Salutations({
  household,
  onClose,
}: {
  household: NonNullable<PersonSheet['household']>;
  onClose: () => void;
}) {
  const [formal, setFormal] = useState(household.formal);
  const [familiar, setFamiliar] = useState(household.familiar);
  const save = useWrite(saveSalutations);
  const keep = (words: { formal: string; familiar: string }) =>
    save.mutate({ params: { id: household.id }, body: words }, { onSuccess: onClose });
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Field label="On envelopes" value={formal} onChangeText={setFormal} />
      <Field label="After “Dear”" value={familiar} onChangeText={setFamiliar} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Keep" disabled={save.isPending} onPress={() => keep({ formal, familiar })} />
        <Button
          weight="quiet"
          label="Word it for me"
          onPress={() => keep({ formal: '', familiar: '' })}
        />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}
