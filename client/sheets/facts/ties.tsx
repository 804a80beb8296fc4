import { useState } from 'react';
import { View } from 'react-native';

import { useWrite, useWriteForm } from '@/client/api';
import {
  Body,
  Button,
  Editing,
  Heading,
  Linked,
  SelectField,
  Soft,
  YearlyField,
} from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addTie, removeTie, type TieShown } from '@/contract/story';
import { TIE_KINDS, TIE_WORDS, type TieSeen } from '@/core/people';
import { yearlyWords } from '@/core/time';

import { PersonChooser } from '@/client/people';
import { Home } from './home';

const KINDS = ([...TIE_KINDS, 'parent', 'referred'] as TieSeen[]).map((value) => ({
  value,
  label: TIE_WORDS[value],
}));

/** Family, friends, pets, and who sent whom; a tie shows on both sheets. */
export function Ties({ sheet }: { sheet: PersonSheet }) {
  const [adding, setAdding] = useState(false);
  return (
    <View className="gap-1">
      <Heading>Family and ties</Heading>
      {sheet.ties.map((tie) => (
        <TieLine key={tie.id} tie={tie} />
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

function TieLine({ tie }: { tie: TieShown }) {
  const remove = useWrite(removeTie);
  return (
    <View className="min-h-[36px] flex-row items-center gap-3">
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
  );
}

interface NewTie {
  kind: TieSeen;
  birthday: string | null;
  otherId: string | null;
  otherName: string;
}
const NEW: NewTie = { kind: 'partner', birthday: null, otherId: null, otherName: '' };

/** Choosing or naming the other one makes the tie. */
function AddTie({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const form = useWriteForm(addTie, {
    values: NEW,
    toInput: (body: NewTie) => ({ params: { id: sheet.id }, body }),
    onSaved: onClose,
  });
  const [kind, setKind] = useState<TieSeen>(NEW.kind);
  const tie = (other: Pick<NewTie, 'otherId' | 'otherName'>) => {
    form.set('otherId', other.otherId);
    form.set('otherName', other.otherName);
    form.submit();
  };
  return (
    <Editing>
      <SelectField
        of={form}
        name="kind"
        label="Tie"
        options={KINDS}
        onChoose={(next) => setKind(next as TieSeen)}
        className="max-w-[220px]"
      />
      {kind === 'child' || kind === 'pet' ? (
        <YearlyField of={form} name="birthday" label="Birthday, if known" />
      ) : null}
      <PersonChooser
        label="Who"
        exceptId={sheet.id}
        fault={form.fault}
        onChoose={({ id }) => tie({ otherId: id, otherName: '' })}
        onName={(otherName) => tie({ otherId: null, otherName })}
      />
      <Button weight="quiet" className="self-start" label="Leave it" onPress={onClose} />
    </Editing>
  );
}
