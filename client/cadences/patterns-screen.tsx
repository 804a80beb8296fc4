import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { calendarOf, type OwnersDays } from '@/client/settings';
import {
  Body,
  Button,
  Card,
  DisclosureButton,
  Lead,
  Linked,
  Soft,
  Spread,
  Title,
  useWide,
} from '@/client/ui';
import { getSettings } from '@/contract/settings';
import { PATTERNS, rhythmWords, type Pattern } from '@/core/cadences';
import { need } from '@/core/need';
import { toDayNumber } from '@/core/time';

import { DatedPreview } from './dated-preview';
import { DayLine } from './day-line';

/** Ready-made cadences, each with the year it would make from today; one is copied and changed. */
export function PatternsScreen() {
  const wide = useWide();
  const settings = useRead(getSettings).data;
  const { open } = useLocalSearchParams<{ open?: string }>();
  const shown = PATTERNS.find(({ key }) => key === open) ?? need(PATTERNS[0]);
  return (
    <Spread
      onPhone="nowhere"
      beside={settings ? <Shown key={shown.key} pattern={shown} owner={settings} /> : null}
    >
      <Title>Pattern book</Title>
      <Body>
        Each shows the touches it would bring to somebody who starts today. Take a copy, change the
        words until they are yours, then enroll people.
      </Body>
      {settings
        ? PATTERNS.map((pattern) => (
            <PatternCard
              key={pattern.key}
              pattern={pattern}
              owner={settings}
              shown={wide ? pattern === shown : null}
            />
          ))
        : null}
    </Spread>
  );
}

interface Props {
  pattern: Pattern;
  owner: OwnersDays;
}

const cadenceOf = ({ key, cadence }: Pattern) => ({
  ...cadence,
  beats: cadence.beats.map((beat, i) => ({
    ...beat,
    wordings: [...beat.wordings],
    id: `${key}${i}`,
  })),
});

/** With room, the dated touches of the pattern that is open. */
const Shown = ({ pattern, owner }: Props) => (
  <>
    <Title>{pattern.cadence.name}</Title>
    <Soft>Somebody who starts today would hear from you like this.</Soft>
    <DatedPreview cadence={cadenceOf(pattern)} owner={owner} />
  </>
);

/** `shown` says whether its touches stand beside the list; null where they unfold in the card. */
function PatternCard({ pattern, owner, shown }: Props & { shown: boolean | null }) {
  const router = useRouter();
  const cadence = cadenceOf(pattern);
  return (
    <Card className={`gap-2 ${shown ? 'border-l-[3px] border-l-ink' : ''}`}>
      <Lead>{cadence.name}</Lead>
      <Soft>{`${pattern.forWhom}. ${rhythmWords(cadence)}.`}</Soft>
      <Body>{pattern.about}</Body>
      <DayLine cadence={cadence} start={toDayNumber(owner.today)} calendar={calendarOf(owner)} />
      <View className="flex-row flex-wrap items-center gap-2">
        <Button
          weight="main"
          label="Take a copy"
          spoken={`Take a copy of ${cadence.name}`}
          onPress={() => router.navigate(`/cadences/new?pattern=${pattern.key}`)}
        />
        {shown === null ? null : (
          <Linked
            href={`/cadences/patterns?open=${pattern.key}`}
            aria-label={`Days and words of ${cadence.name}`}
            aria-current={shown ? 'true' : undefined}
            className="min-h-[44px] justify-center px-3"
          >
            <Body className="text-sea">Days and words</Body>
          </Linked>
        )}
      </View>
      {shown === null ? <Folded cadence={cadence} owner={owner} /> : null}
    </Card>
  );
}

/** On a phone the touches unfold in the card. */
function Folded({ cadence, owner }: { cadence: ReturnType<typeof cadenceOf>; owner: OwnersDays }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DisclosureButton
        className="self-start"
        label="Days and words"
        openLabel="Hide"
        about={`of ${cadence.name}`}
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open ? <DatedPreview cadence={cadence} owner={owner} /> : null}
    </>
  );
}
