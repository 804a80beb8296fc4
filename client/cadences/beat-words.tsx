import { View } from 'react-native';

import { Body, Linked, Select, Soft, Words } from '@/client/ui';
import type { Beat } from '@/contract/cadences';

import type { Targets } from './errand';

interface Props {
  beat: Beat;
  targets: Targets;
  nth: string;
  onChange: (beat: Beat) => void;
}

/** Whose words a beat says: its own, or a template's; nothing to choose where there is none for its kind. */
export function WhoseWords({ beat, targets, nth, onChange }: Props) {
  const some = targets.templates.filter(({ kind }) => kind === beat.kind);
  if (some.length === 0 || beat.errand) return null;
  return (
    <Select
      label={`Words of ${nth}`}
      hideLabel
      className="w-[320px]"
      value={beat.templateId ?? ''}
      options={[
        { value: '', label: 'Words of its own' },
        ...some.map(({ id, name }) => ({ value: id, label: `The template “${name}”` })),
      ]}
      onChange={(id) => {
        const found = some.find((template) => template.id === id);
        onChange({
          ...beat,
          templateId: found?.id ?? null,
          // What the template says stays as a beginning where the beat has words of its own again.
          wordings: found?.wordings.map(({ words }) => words) ?? beat.wordings,
        });
      }}
    />
  );
}

/** What a template says, and where it is changed. */
export const TemplateSays = ({ beat }: { beat: Beat }) => (
  <View className="gap-2">
    {beat.wordings.map((words) => (
      <Words key={words}>{words}</Words>
    ))}
    {beat.wordings.length > 1 ? (
      <Soft>They take turns; nobody gets the same one twice running, whatever brings it.</Soft>
    ) : null}
    <Linked
      href={`/out/words/${beat.templateId}`}
      className="min-h-[44px] justify-center self-start"
    >
      <Body className="text-sea">Change the template</Body>
    </Linked>
  </View>
);
