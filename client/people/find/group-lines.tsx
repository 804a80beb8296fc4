import { View } from 'react-native';

import { Button, Select } from '@/client/ui';
import type { OwnField } from '@/contract/record';
import {
  fieldInfo,
  FIELDS,
  isGroup,
  MAX_DEPTH,
  TEST_WORDS,
  TESTS_OF,
  VALUES_OF,
  type Condition,
  type FactInfo,
  type FieldKey,
  type Group,
  type Test,
} from '@/core/people';

import { ConditionValues } from './condition-values';

const MATCH = [
  { value: 'all', label: 'All of these hold' },
  { value: 'any', label: 'Any of these holds' },
  { value: 'none', label: 'None of these holds' },
] as const;

interface GroupProps {
  group: Group;
  own: readonly OwnField[];
  /** What subjects know of people besides their fields. */
  facts: readonly FactInfo[];
  depth?: number;
  onChange: (group: Group) => void;
  onRemove?: () => void;
}

const newCondition = (
  field = 'tag',
  own: readonly OwnField[] = [],
  facts: readonly FactInfo[] = [],
): Condition => ({
  field,
  test: TESTS_OF[fieldInfo(field, own, facts)!.type][0]!,
  values: [],
});

/** The lines of a group, one under another; a group in a group is set in from the edge. */
export function GroupLines({ group, own, facts, depth = 1, onChange, onRemove }: GroupProps) {
  const put = (at: number, part: Condition | Group | null) =>
    onChange({
      ...group,
      of: group.of.flatMap((old, i) => (i === at ? (part ? [part] : []) : [old])),
    });
  const add = (part: Condition | Group) => onChange({ ...group, of: [...group.of, part] });
  return (
    <View
      role="group"
      aria-label={MATCH.find(({ value }) => value === group.match)!.label}
      className={`gap-3 ${depth > 1 ? 'border-l-2 border-edge pl-3' : ''}`}
    >
      <View className="flex-row items-center gap-2">
        <Select
          label={depth > 1 ? 'How the lines of this group count' : 'How the lines count'}
          hideLabel
          className="flex-1"
          value={group.match}
          options={MATCH}
          onChange={(match) => onChange({ ...group, match })}
        />
        {onRemove ? <Button weight="quiet" label="Remove group" onPress={onRemove} /> : null}
      </View>
      {group.of.map((part, i) =>
        isGroup(part) ? (
          <GroupLines
            key={i}
            group={part}
            own={own}
            facts={facts}
            depth={depth + 1}
            onChange={(next) => put(i, next)}
            onRemove={() => put(i, null)}
          />
        ) : (
          <Line
            key={i}
            at={i + 1}
            condition={part}
            own={own}
            facts={facts}
            onChange={(next) => put(i, next)}
            onRemove={() => put(i, null)}
          />
        ),
      )}
      <View className="-ml-2 flex-row flex-wrap">
        <Button weight="quiet" label="Add a line" onPress={() => add(newCondition())} />
        {depth < MAX_DEPTH ? (
          <Button
            weight="quiet"
            label="Add a group"
            onPress={() => add({ match: 'any', of: [newCondition()] })}
          />
        ) : null}
      </View>
    </View>
  );
}

interface LineProps {
  /** The number of the line, for who hears it. */
  at: number;
  condition: Condition;
  own: readonly OwnField[];
  facts: readonly FactInfo[];
  onChange: (condition: Condition) => void;
  onRemove: () => void;
}

function Line({ at, condition, own, facts, onChange, onRemove }: LineProps) {
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
