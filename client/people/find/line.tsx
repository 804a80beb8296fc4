import { View } from 'react-native';

import { Button, Select } from '@/client/ui';
import type { OwnField } from '@/contract/record';
import { need } from '@/core/need';
import {
  fieldInfo,
  FIELDS,
  TEST_WORDS,
  TESTS_OF,
  VALUES_OF,
  type Condition,
  type FactInfo,
  type FieldKey,
  type Test,
} from '@/core/people';

import { ConditionValues } from './condition-values';

/** A line that nothing is filled in yet. */
export const newCondition = (
  field = 'tag',
  own: readonly OwnField[] = [],
  facts: readonly FactInfo[] = [],
): Condition => ({
  field,
  test: need(TESTS_OF[need(fieldInfo(field, own, facts)).type][0]),
  values: [],
});

interface LineProps {
  /** The number of the line, for who hears it. */
  at: number;
  condition: Condition;
  own: readonly OwnField[];
  facts: readonly FactInfo[];
  onChange: (condition: Condition) => void;
  onRemove: () => void;
}

/** One line of a filter: what, how, and with what it is compared. */
export function Line({ at, condition, own, facts, onChange, onRemove }: LineProps) {
  const info = fieldInfo(condition.field, own, facts);
  const fields = [
    ...(Object.keys(FIELDS) as FieldKey[]).map((key) => ({
      value: key as string,
      label: FIELDS[key].label,
    })),
    ...facts.map(({ key, label }) => ({ value: `fact:${key}`, label })),
    ...own.map(({ id, name }) => ({ value: `own:${id}`, label: name })),
    ...(info ? [] : [{ value: condition.field, label: 'A field that is gone' }]),
  ];
  const chooseTest = (test: Test) => {
    // Values stay where they still fit: "in the last 90" to "not in the last 90".
    const same = VALUES_OF[test] === VALUES_OF[condition.test];
    onChange({ ...condition, test, values: same ? condition.values : [] });
  };
  return (
    <View className="gap-2 rounded border border-line bg-sheet p-3">
      <View className="flex-row flex-wrap items-center gap-2">
        <Select
          label={`Line ${at}: what`}
          hideLabel
          className="min-w-[140px] flex-1"
          value={condition.field}
          options={fields}
          onChange={(field) => onChange(newCondition(field, own, facts))}
        />
        <Select
          label={`Line ${at}: how`}
          hideLabel
          className="min-w-[140px] flex-1"
          value={condition.test}
          options={(info ? TESTS_OF[info.type] : [condition.test]).map((test) => ({
            value: test,
            label: TEST_WORDS[test],
          }))}
          onChange={chooseTest}
        />
        <Button weight="quiet" label="Remove" spoken={`Remove line ${at}`} onPress={onRemove} />
      </View>
      {info ? (
        <ConditionValues
          at={at}
          condition={condition}
          type={info.type}
          own={own}
          onChange={onChange}
        />
      ) : null}
    </View>
  );
}
