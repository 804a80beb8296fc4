import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Card, KindMark, Lead, Page, Soft, Title, Waiting, Words } from '@/client/ui';
import { calendarOf, type OwnersDays } from '@/client/settings';
import { getSettings } from '@/contract/settings';
import { PATTERNS, rhythmWords, yearShape, type Pattern } from '@/core/cadences';
import { shortDate, toDayNumber, toPlainDate, weekdayName } from '@/core/time';
import { kindSetups, ofKinds } from '@/core/touches';

import { DayLine } from './day-line';
import { YearView } from './year-view';

/** Ready-made cadences, each with the year it would make from today; one is copied and changed. */
export function PatternsScreen() {
  const settings = useRead(getSettings);
  return (
    <Page narrow>
      <Title>Pattern book</Title>
      <Body>
        Each shows the touches it would bring to somebody who starts today. Take a copy, change the
        words until they are yours, then enroll people.
      </Body>
      <Waiting query={settings}>
        {(owner) => (
          <>
            {PATTERNS.map((pattern) => (
              <PatternCard key={pattern.key} pattern={pattern} owner={owner} />
            ))}
          </>
        )}
      </Waiting>
    </Page>
  );
}

interface Props {
  pattern: Pattern;
  owner: OwnersDays;
}

const beatsOf = ({ key, cadence }: Pattern) =>
  cadence.beats.map((beat, i) => ({ ...beat, wordings: [...beat.wordings], id: `${key}${i}` }));

function PatternCard({ pattern, owner }: Props) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const cadence = { ...pattern.cadence, beats: beatsOf(pattern) };
  const start = toDayNumber(owner.today);
  const calendar = calendarOf(owner);
  const costs = ofKinds(kindSetups(owner.settings.kinds), ({ costMinor }) => costMinor);
  const shape = yearShape(cadence, start, calendar, costs);
  return (
    <Card className="gap-2">
      <Lead>{cadence.name}</Lead>
      <Soft>{`${pattern.forWhom}. ${rhythmWords(cadence)}.`}</Soft>
      <Body>{pattern.about}</Body>
      <DayLine cadence={cadence} start={start} calendar={calendar} />
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label="Take a copy"
          spoken={`Take a copy of ${cadence.name}`}
          onPress={() => router.navigate(`/cadences/new?pattern=${pattern.key}`)}
        />
        <Button
          label={open ? 'Fold' : 'Days and words'}
          spoken={`${open ? 'Fold' : 'Days and words of'} ${cadence.name}`}
          aria-expanded={open}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? (
        <View className="gap-3">
          {shape.touches.map(({ beat, day, round }, i) => {
            const on = toPlainDate(day);
            return (
              <View key={i} className="flex-row gap-3">
                <Soft className="w-[120px] tabular-nums leading-6">
                  {`${weekdayName(on).slice(0, 3)}, ${shortDate(on, owner.today)}`}
                </Soft>
                <View className="pt-1">
                  <KindMark kind={beat.kind} />
                </View>
                <View className="flex-1">
                  <Words>{beat.wordings[round % beat.wordings.length] ?? ''}</Words>
                </View>
              </View>
            );
          })}
          <YearView shape={shape} />
          <Soft>{cadence.advice}</Soft>
        </View>
      ) : null}
    </Card>
  );
}
