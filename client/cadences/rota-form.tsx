import { View } from 'react-native';

import { useRead, type WriteForm } from '@/client/api';
import { useViews } from '@/client/people';
import { Button, ChoiceField, DayField, Heading, NumberField, Select, Soft } from '@/client/ui';
import type { RotaDraft } from '@/contract/rota';
import { getSettings } from '@/contract/settings';

const NAME_OPTIONS = [
  { value: 'family', label: 'Family name' },
  { value: 'given', label: 'First name' },
] as const;
const PARTICLE_OPTIONS = [
  { value: 'first', label: '“de la Cruz” under D' },
  { value: 'main', label: 'under C' },
] as const;

interface Props {
  form: WriteForm<RotaDraft>;
  draft: RotaDraft;
}

/** How a rota calls: whom, by which name, and how fast it goes through the letters. */
export function RotaForm({ form, draft }: Props) {
  const split = Object.keys(draft.cuts);
  return (
    <View className="gap-3">
      <Heading>How it calls</Heading>
      <Whom form={form} draft={draft} />
      <ChoiceField of={form} name="namePart" label="By which name" options={NAME_OPTIONS} />
      <ChoiceField
        of={form}
        name="particles"
        label="Names with particles"
        options={PARTICLE_OPTIONS}
      />
      <View className="flex-row flex-wrap gap-4">
        <NumberField of={form} name="weeks" label="One time through" unit="weeks" />
        <NumberField of={form} name="lettersAWeek" label="Each week" unit="letters" />
      </View>
      <DayField of={form} name="firstDay" label="First week begins on" />
      {split.length > 0 ? (
        <View className="flex-row flex-wrap items-center gap-2">
          <Soft>{`Split: ${split.join(', ')}`}</Soft>
          <Button
            weight="quiet"
            label="Put them together"
            onPress={() => form.set('cuts', {}, { shouldDirty: true })}
          />
        </View>
      ) : null}
    </View>
  );
}

const EVERYBODY = '';
const KEPT = 'kept';

/** Everybody, a circle, or a view; a choice made before that is none of these stays one. */
function Whom({ form, draft }: Props) {
  const views = useViews().data?.views ?? [];
  const circles = useRead(getSettings).data?.circles ?? [];
  const choices: { value: string; label: string; who: RotaDraft['who'] }[] = [
    { value: EVERYBODY, label: 'Everybody in the sphere', who: {} },
    ...circles.map(({ id, name }) => ({
      value: id,
      label: `The circle ${name}`,
      who: { circleIds: [id] },
    })),
    ...views.map(({ id, name, filter }) => ({ value: id, label: name, who: filter })),
  ];
  const now = JSON.stringify(draft.who);
  const current = choices.find(({ who }) => JSON.stringify(who) === now);
  return (
    <Select
      label="Whom"
      value={current?.value ?? KEPT}
      options={[
        ...choices,
        ...(current ? [] : [{ value: KEPT, label: 'The people chosen before' }]),
      ]}
      onChange={(value) => {
        const next = choices.find((choice) => choice.value === value);
        if (next) form.set('who', next.who, { shouldDirty: true });
      }}
    />
  );
}
