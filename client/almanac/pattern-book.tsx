import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Heading, Soft } from '@/client/ui';
import { readLists } from '@/contract/lists';
import { RULE_PATTERNS, type RulePattern } from '@/core/almanac';

import { blankRule, type Drafted } from './rule-form';

/** Ready rules, to take over and change before they are kept. */
export function PatternBook({ onTake }: { onTake: (drafted: Drafted) => void }) {
  const circles = useRead(readLists).data?.circle ?? [];
  const draftOf = ({
    occasion,
    kind,
    way,
    years,
    leadDays,
    closest,
    subject = '',
    words,
  }: RulePattern) => ({
    ...blankRule(),
    occasion,
    kind,
    way,
    years,
    leadDays,
    subject,
    words,
    circles: closest === null ? [] : circles.slice(0, closest).map(({ id }) => id),
  });
  return (
    <View className="gap-3">
      <Heading>From the pattern book</Heading>
      {RULE_PATTERNS.map((pattern) => (
        <View key={pattern.key} className="gap-1 border-b border-line pb-2">
          <Body className="font-sans-semibold">{pattern.name}</Body>
          <Soft>{pattern.advice}</Soft>
          <Button
            weight="quiet"
            className="-ml-2 self-start"
            label="Take it over"
            spoken={`Take over: ${pattern.name}`}
            onPress={() =>
              onTake({ id: null, version: null, name: pattern.name, draft: draftOf(pattern) })
            }
          />
        </View>
      ))}
    </View>
  );
}
