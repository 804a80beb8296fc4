import { View } from 'react-native';

import { useRead } from '@/client/api';
import { useViews } from '@/client/people';
import { Chip, Choice, NumberInput, Select, useWide } from '@/client/ui';
import { listOccasions, type RuleDraft } from '@/contract/greetings';
import { readLists } from '@/contract/lists';
import { isAutoKind, isMailed } from '@/core/almanac';
import { shortDate } from '@/core/time';
import { KIND_WORDS, TOUCH_KINDS, type TouchKind } from '@/core/touches';

const KINDS: readonly TouchKind[] = TOUCH_KINDS.filter((kind) => kind !== 'other');
const YEARS = [
  { value: 'all', label: 'every year' },
  { value: 'round', label: 'round ones only' },
  { value: 'plain', label: 'all but round ones' },
] as const;
const WAYS = [
  { value: 'hand', label: 'By my hand' },
  { value: 'auto', label: 'By itself' },
] as const;
const DAY_RULES = [
  { value: 'previous', label: 'the working day before' },
  { value: 'next', label: 'the working day after' },
  { value: 'nearest', label: 'the nearest working day' },
] as const;

export interface PartProps {
  draft: RuleDraft;
  onChange: (part: Partial<RuleDraft>) => void;
}

export function When({ draft: { occasion, years }, onChange }: PartProps) {
  const found = useRead(listOccasions).data?.occasions ?? [];
  const options = found.map(({ occasion: value, name, people, next }) => ({
    value,
    label: next ? `${name}, ${shortDate(next, next)}` : `${name} (${people})`,
  }));
  const known = options.some(({ value }) => value === occasion);
  return (
    <View className="gap-2">
      <Select
        label="On"
        value={occasion}
        options={
          known
            ? options
            : [...options, { value: occasion, label: occasion.slice(occasion.indexOf('.') + 1) }]
        }
        onChange={(value) => onChange({ occasion: value })}
      />
      <Choice
        label="Which years"
        value={years}
        options={YEARS}
        onChange={(value) => onChange({ years: value })}
      />
    </View>
  );
}

export function Whom({ draft: { circles, viewId }, onChange }: PartProps) {
  const all = useRead(readLists).data?.circle ?? [];
  const views = useViews().data?.views ?? [];
  return (
    <View className="gap-1">
      <View role="group" aria-label="Circles" className="flex-row flex-wrap gap-x-4">
        <Chip
          label="Every circle"
          chosen={circles.length === 0}
          onPress={() => onChange({ circles: [] })}
        />
        {all.map(({ id, name }) => {
          const chosen = circles.includes(id);
          return (
            <Chip
              key={id}
              label={name}
              chosen={chosen}
              onPress={() =>
                onChange({
                  circles: chosen ? circles.filter((one) => one !== id) : [...circles, id],
                })
              }
            />
          );
        })}
      </View>
      {views.length > 0 ? (
        <Select
          label="Only whoever is in the view"
          value={viewId ?? ''}
          options={[
            { value: '', label: 'Whether in a view or not' },
            ...views.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(value) => onChange({ viewId: value === '' ? null : value })}
        />
      ) : null}
    </View>
  );
}

export function How({ draft: { kind, way, leadDays, dayRule }, onChange }: PartProps) {
  const wide = useWide();
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-end gap-3">
        <Select
          label="By"
          className={wide ? 'w-[150px]' : 'w-[140px]'}
          value={kind}
          options={KINDS.map((value) => ({ value, label: KIND_WORDS[value].noun }))}
          onChange={(value) =>
            onChange({
              kind: value,
              templateId: null,
              way: isAutoKind(value) ? way : 'hand',
              leadDays: isMailed(value) && leadDays === 0 ? 1 : leadDays,
            })
          }
        />
        <NumberInput
          label={isMailed(kind) ? 'There before the day by' : 'Before the day by'}
          unit="days"
          value={leadDays}
          onChange={(value) => onChange({ leadDays: Number(value) || 0 })}
        />
      </View>
      {isAutoKind(kind) ? (
        <Choice
          label="By whose hand"
          value={way}
          options={WAYS}
          onChange={(value) => onChange({ way: value })}
        />
      ) : null}
      {way === 'hand' && !isMailed(kind) ? (
        <Select
          label="Where the day is not worked"
          className="max-w-[280px]"
          value={dayRule}
          options={DAY_RULES}
          onChange={(value) => onChange({ dayRule: value })}
        />
      ) : null}
    </View>
  );
}
