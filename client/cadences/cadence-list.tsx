import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Lead, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import { calendarOf } from '@/client/settings';
import { listCadences } from '@/contract/cadences';
import { getSettings } from '@/contract/settings';
import { rhythmWords } from '@/core/cadences';
import { plural, toDayNumber } from '@/core/time';

import { DayLine } from './day-line';

/** The cadences, each drawn with its real distances. */
export function CadenceList() {
  const router = useRouter();
  const list = useRead(listCadences);
  const settings = useRead(getSettings);
  const calendar = settings.data
    ? calendarOf(settings.data)
    : { workingDays: [], daysOff: new Set<number>() };
  return (
    <Page narrow>
      <View className="flex-row items-center justify-between">
        <Title>Cadences</Title>
        <View className="flex-row gap-2">
          <Button label="Pattern book" onPress={() => router.navigate('/cadences/patterns')} />
          <Button label="New cadence" onPress={() => router.navigate('/cadences/new')} />
        </View>
      </View>
      <Waiting query={list}>
        {({ cadences }) =>
          cadences.length === 0 ? (
            <Body>
              A cadence is a series of touches that repeats: a call, a word online, a text. Build
              one or begin with the pattern book, then enroll people in it.
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
                    <Soft>
                      {cadence.active ? plural(cadence.people, 'person', 'people') : 'switched off'}
                    </Soft>
                  </View>
                  <Soft>{`${rhythmWords(cadence)}${cadence.rota ? ', by initials' : ''}`}</Soft>
                  {settings.data ? (
                    <DayLine
                      cadence={cadence}
                      start={toDayNumber(settings.data.today)}
                      calendar={calendar}
                    />
                  ) : null}
                </Linked>
              ))}
            </>
          )
        }
      </Waiting>
    </Page>
  );
}
