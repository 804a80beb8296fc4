import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Chip, Select } from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { listImports } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import type { OwnField } from '@/contract/record';
import { CHANNEL_WORDS, CHANNELS, fieldInfo, WOULD_REFER, type Condition } from '@/core/people';
import { WARMTHS } from '@/core/touches';

interface Props {
  at: number;
  condition: Condition;
  own: readonly OwnField[];
  onChange: (condition: Condition) => void;
}

/** Those taken stand as words that can be put away again; the rest are one choice away. */
export function OneOrMore({ at, condition, own, onChange }: Props) {
  const options = useOptions(condition.field, own);
  const { values } = condition;
  const has = (value: string) =>
    values.some((v) => String(v).toLowerCase() === value.toLowerCase());
  const wordsOf = (value: string) =>
    options.find((o) => o.value.toLowerCase() === value.toLowerCase())?.label ?? value;
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-x-3">
        {values.map((value) => (
          <Chip
            key={value}
            chosen
            label={wordsOf(String(value))}
            onPress={() => onChange({ ...condition, values: values.filter((v) => v !== value) })}
          />
        ))}
      </View>
      <Select
        label={`Line ${at}: one more`}
        hideLabel
        value=""
        options={[
          { value: '', label: values.length > 0 ? 'One more…' : 'Choose…' },
          ...options.filter(({ value }) => !has(value)),
        ]}
        onChange={(value) => value && onChange({ ...condition, values: [...values, value] })}
      />
    </View>
  );
}

const isCadence = (field: string) => fieldInfo(field, [])?.type === 'enrolment';

function useOptions(field: string, own: readonly OwnField[]): { value: string; label: string }[] {
  const lists = useRead(readLists);
  const cadences = useRead(listCadences, {}, { enabled: isCadence(field) });
  const imports = useRead(listImports, {}, { enabled: field === 'batch' });
  const named = (list: readonly { name: string }[] = []) =>
    list.map(({ name }) => ({ value: name, label: name }));
  switch (field) {
    case 'tag':
    case 'role':
    case 'standing':
    case 'source':
    case 'circle':
      return named(lists.data?.[field]);
    case 'warmth':
      return WARMTHS.map((value) => ({ value, label: value }));
    case 'preferred':
      return CHANNELS.map((value) => ({ value, label: CHANNEL_WORDS[value] }));
    case 'wouldRefer':
      return WOULD_REFER.map((value) => ({ value, label: value }));
    case 'cadence':
    case 'cadenceRunning':
    case 'cadencePaused':
    case 'cadenceFinished':
    case 'cadenceStopped':
      return (cadences.data?.cadences ?? []).map(({ id, name }) => ({ value: id, label: name }));
    case 'batch':
      return (imports.data?.batches ?? []).map(({ id, fileName }) => ({
        value: id,
        label: fileName,
      }));
    default:
      return (own.find(({ id }) => field === `own:${id}`)?.choices ?? []).map((value) => ({
        value,
        label: value,
      }));
  }
}
