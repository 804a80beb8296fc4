import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { calendarOf, type OwnersDays } from '@/client/settings';
import { Body, Button, Lead, Linked, Soft, Spread, Title, useWide, Waiting } from '@/client/ui';
import { listCadences, type Cadence } from '@/contract/cadences';
import { getSettings } from '@/contract/settings';
import { rhythmWords } from '@/core/cadences';
import { plural, toDayNumber } from '@/core/time';

import { DatedPreview } from './dated-preview';
import { DayLine } from './day-line';

/** The cadences, each drawn with its real distances; with room, the year of one beside them. */
export function CadenceList() {
  const list = useRead(listCadences);
  const owner = useRead(getSettings).data;
  const { shown } = useLocalSearchParams<{ shown?: string }>();
  const cadences = list.data?.cadences ?? [];
  const inHand = cadences.find(({ id }) => id === shown) ?? cadences[0];
  return (
    <Spread
      onPhone="nowhere"
      beside={inHand && owner ? <InHand cadence={inHand} owner={owner} /> : null}
    >
      <Head />
      <Waiting query={list}>
        {() =>
          cadences.length === 0 ? (
            <Body>
              A cadence is a series of touches that repeats: a call, a word online, a text. Build
              one or begin with the pattern book, then enroll people in it.
            </Body>
          ) : (
            <>
              {cadences.map((cadence) => (
                <CadenceLine
                  key={cadence.id}
                  cadence={cadence}
                  owner={owner}
                  inHand={cadence === inHand}
                />
              ))}
            </>
          )
        }
      </Waiting>
    </Spread>
  );
}

function Head() {
  const router = useRouter();
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Title>Cadences</Title>
      <Button label="New cadence" onPress={() => router.navigate('/cadences/new')} />
    </View>
  );
}

interface LineProps {
  cadence: Cadence;
  owner: OwnersDays | undefined;
  inHand: boolean;
}

/** On a phone it leads to the cadence; with room it shows it beside the list. */
function CadenceLine({ cadence, owner, inHand }: LineProps) {
  const wide = useWide();
  return (
    <Linked
      href={wide ? `/cadences?shown=${cadence.id}` : `/cadences/${cadence.id}`}
      aria-label={cadence.name}
      aria-current={wide && inHand ? 'true' : undefined}
      className={`gap-1 rounded border border-line bg-sheet p-4 ${wide && inHand ? 'border-l-[3px] border-l-ink' : ''}`}
    >
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Lead className="min-w-0 shrink">{cadence.name}</Lead>
        <Soft>{cadence.active ? plural(cadence.people, 'person', 'people') : 'switched off'}</Soft>
      </View>
      <Soft>{`${rhythmWords(cadence)}${cadence.rota ? ', by initials' : ''}`}</Soft>
      {owner ? (
        <DayLine cadence={cadence} start={toDayNumber(owner.today)} calendar={calendarOf(owner)} />
      ) : null}
    </Linked>
  );
}

/** One cadence with the year it makes, and what is done with it. */
function InHand({ cadence, owner }: { cadence: Cadence; owner: OwnersDays }) {
  const router = useRouter();
  return (
    <>
      <Title>{cadence.name}</Title>
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label="Open it"
          spoken={`Open ${cadence.name}`}
          onPress={() => router.navigate(`/cadences/${cadence.id}`)}
        />
        {cadence.rota ? (
          <Button
            label="Letters"
            onPress={() => router.navigate(`/cadences/rota?id=${cadence.id}`)}
          />
        ) : (
          <Button
            label="Enroll people"
            onPress={() => router.navigate(`/enrol?cadence=${cadence.id}`)}
          />
        )}
      </View>
      <Soft>Somebody who starts today would hear from you like this.</Soft>
      <DatedPreview cadence={cadence} owner={owner} />
    </>
  );
}
