import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Card, Heading } from '@/client/ui';
import { greetTogether, type NearPairShown } from '@/contract/greetings';
import type { PlainDate } from '@/core/time';

import { dayShort } from './words';

/** Two birthdays of one home within a few days: asked once, and so in all years. */
export function NearPairs({ pairs, today }: { pairs: readonly NearPairShown[]; today: PlainDate }) {
  const decide = useWrite(greetTogether);
  return (
    <View className="gap-2">
      <Heading>Together, or each for themselves?</Heading>
      {pairs.map(({ householdId, first, second }) => {
        const both = `${first.name} and ${second.name}`;
        const choose = (together: boolean) => () =>
          decide.mutate({ params: { id: householdId }, body: { together } });
        return (
          <Card key={householdId + first.on} className="gap-2">
            <Body>
              {`${first.name} on ${dayShort(first.on, today)}, ${second.name} on ${dayShort(second.on, today)}: one home, two birthdays.`}
            </Body>
            <View className="flex-row flex-wrap gap-2">
              <Button
                label="One greeting for both"
                spoken={`One greeting for ${both}`}
                disabled={decide.isPending}
                onPress={choose(true)}
              />
              <Button
                label="Each on their day"
                spoken={`${both}, each on their day`}
                disabled={decide.isPending}
                onPress={choose(false)}
              />
            </View>
          </Card>
        );
      })}
    </View>
  );
}
