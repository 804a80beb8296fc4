import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Card, Heading, Lead, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { getAhead } from '@/contract/planner';
import { plural, shortDate } from '@/core/time';

import { LoadChart } from './load-chart';

type Ahead = CallOutput<typeof getAhead>;

/** Whether all promises can be kept in the weeks to come, and if not, who slips and what would do. */
export function AheadScreen() {
  const ahead = useRead(getAhead, {}, { keepPrevious: true });
  return (
    <Page narrow>
      <Waiting query={ahead}>{(data) => <AheadOf ahead={data} />}</Waiting>
    </Page>
  );
}

function headline({ promises, slipCount }: Ahead): string {
  if (promises === 0) return 'Nothing is promised yet';
  if (slipCount === 0) return `You can keep all ${plural(promises, 'promise')}`;
  return `You can keep all but ${slipCount} of ${plural(promises, 'promise')}`;
}

function AheadOf({ ahead }: { ahead: Ahead }) {
  return (
    <>
      <View className="gap-1">
        <Soft>The next 13 weeks</Soft>
        <Title>{headline(ahead)}</Title>
        {ahead.overdue > 0 ? (
          <Body>{`${plural(ahead.overdue, 'promise has', 'promises have')} run out already; each day keeps room to make good for some of them.`}</Body>
        ) : null}
      </View>
      <Card>
        <LoadChart
          weeks={ahead.weeks.map(({ monday, beats, keepers, followUps, capacity }) => ({
            monday,
            base: beats + followUps,
            added: keepers,
            capacity,
          }))}
          baseLabel="cadences and follow-ups"
          addedLabel="to keep promises"
        />
      </Card>
      <Fix ahead={ahead} />
      {ahead.slips.length > 0 ? (
        <View className="gap-2">
          <Heading>Whose promise would run out</Heading>
          <Card className="py-1">
            {ahead.slips.map((slip) => (
              <Linked
                key={slip.personId}
                href={`/people/${slip.personId}`}
                className="min-h-[44px] flex-row items-center justify-between border-b border-line"
              >
                <Lead>{slip.name}</Lead>
                <Soft>{shortDate(slip.on, ahead.today)}</Soft>
              </Linked>
            ))}
          </Card>
          {ahead.slipCount > ahead.slips.length ? (
            <Soft>{`and ${ahead.slipCount - ahead.slips.length} more`}</Soft>
          ) : null}
        </View>
      ) : null}
    </>
  );
}

function Fix({ ahead }: { ahead: Ahead }) {
  const router = useRouter();
  const { leastCapacity, capacity, slipCount, promises } = ahead;
  if (promises === 0) return null;
  return (
    <View className="gap-2">
      <Heading>{slipCount > 0 ? 'What would fix it' : 'How much room there is'}</Heading>
      <Body>
        {leastCapacity === null
          ? 'No number of touches a day would keep every promise: there are promises shorter than the time between working days, or no working days.'
          : slipCount > 0
            ? `${leastCapacity} touches a working day is the least at which no further promise is broken; you allow ${capacity}.`
            : `${plural(leastCapacity, 'touch', 'touches')} a working day would already do; you allow ${capacity}.`}
      </Body>
      <Button
        className="self-start"
        label="Change my days"
        onPress={() => router.navigate('/more')}
      />
    </View>
  );
}
