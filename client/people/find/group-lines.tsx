import { View } from 'react-native';

import { Button, Select } from '@/client/ui';
import type { OwnField } from '@/contract/record';
import { need } from '@/core/need';
import { isGroup, MAX_DEPTH, type Condition, type FactInfo, type Group } from '@/core/people';

import { Line, newCondition } from './line';

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
      aria-label={need(MATCH.find(({ value }) => value === group.match)).label}
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
