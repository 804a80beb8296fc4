import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Lead, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import { listCadences, type Cadence } from '@/contract/cadences';
import { roundPeriod } from '@/core/cadences';
import { plural } from '@/core/time';

import { RoundLine } from './round-line';

const summary = (cadence: Cadence): string => {
  const beats = plural(cadence.beats.length, 'beat');
  if (cadence.rounds === 1) return `${beats}, once`;
  const rounds = cadence.rounds === null ? 'without end' : `${cadence.rounds} rounds`;
  return `${beats} every ${plural(roundPeriod(cadence), 'day')}, ${rounds}`;
};

/** The cadences, each drawn with its real distances. */
export function CadenceList() {
  const router = useRouter();
  const list = useRead(listCadences);
  return (
    <Page narrow>
      <View className="flex-row items-center justify-between">
        <Title>Cadences</Title>
        <Button label="New cadence" onPress={() => router.navigate('/cadences/new')} />
      </View>
      <Waiting query={list}>
        {({ cadences }) =>
          cadences.length === 0 ? (
            <Body>
              A cadence is a series of touches that repeats: a call, a word online, a text. Build
              one, then enroll people in it.
            </Body>
          ) : (
            <>
              {cadences.map((cadence) => (
                <Linked
                  key={cadence.id}
                  href={`/cadences/${cadence.id}`}
                  aria-label={cadence.name}
                  className="gap-1 rounded border border-line bg-sheet p-4"
                >
                  <View className="flex-row items-baseline justify-between gap-3">
                    <Lead className="flex-1">{cadence.name}</Lead>
                    <Soft>{plural(cadence.people, 'person', 'people')}</Soft>
                  </View>
                  <Soft>{summary(cadence)}</Soft>
                  <RoundLine
                    beats={cadence.beats}
                    rounds={cadence.rounds}
                    gapDays={cadence.gapDays}
                  />
                </Linked>
              ))}
            </>
          )
        }
      </Waiting>
    </Page>
  );
}
