import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Choice,
  Heading,
  Lead,
  Linked,
  Page,
  Soft,
  Title,
  Waiting,
} from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { getAhead } from '@/contract/planner';
import { plural, shortDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { leastSentence } from './compared';
import { Consistency } from './consistency';
import { LoadChart } from './load-chart';
import { WhatIf } from './what-if';

type Ahead = CallOutput<typeof getAhead>;

const SPANS = { 13: 'The next 13 weeks', 52: 'The next 52 weeks' } as const;
const SPAN_OPTIONS = [
  { value: '13', label: '13 weeks' },
  { value: '52', label: '52 weeks' },
] as const;

/** Whether all promises can be kept in the weeks to come, and if not, who slips and what would do. */
export function AheadScreen() {
  const [weeks, setWeeks] = useState<'13' | '52'>('13');
  const ahead = useRead(getAhead, { query: { weeks } }, { keepPrevious: true });
  return (
    <Page narrow>
      <Waiting query={ahead}>
        {(data) => <AheadOf ahead={data} weeks={weeks} onWeeks={setWeeks} />}
      </Waiting>
      <Consistency />
    </Page>
  );
}

function headline({ promises, slipCount }: Ahead): string {
  if (promises === 0) return 'Nothing is promised yet';
  if (slipCount === 0) return `You can keep all ${plural(promises, 'promise')}`;
  return `You can keep all but ${slipCount} of ${plural(promises, 'promise')}`;
}

interface AheadProps {
  ahead: Ahead;
  weeks: '13' | '52';
  onWeeks: (weeks: '13' | '52') => void;
}

function AheadOf({ ahead, weeks, onWeeks }: AheadProps) {
  return (
    <>
      <View className="gap-1">
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Soft>{SPANS[weeks]}</Soft>
          <Choice label="How far ahead" value={weeks} options={SPAN_OPTIONS} onChange={onWeeks} />
        </View>
        <Title>{headline(ahead)}</Title>
        {ahead.overdue > 0 ? (
          <Body>{`${plural(ahead.overdue, 'promise has', 'promises have')} run out already; each day keeps room to make good for some of them.`}</Body>
        ) : null}
      </View>
      <Card>
        <LoadChart
          weeks={ahead.weeks.map(({ monday, asked, keepers, capacity }) => ({
            monday,
            base: asked,
            added: keepers,
            capacity,
          }))}
          baseLabel="cadences and follow-ups"
          addedLabel="to keep promises"
        />
      </Card>
      <Fix ahead={ahead} />
      <WhatIf now={ahead} today={ahead.today} weeks={Number(weeks)} />
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
      <LetGo ahead={ahead} />
    </>
  );
}

/** The beats that find no day, with what they yield to. */
function LetGo({ ahead: { letGo, letGoFirst, today } }: { ahead: Ahead }) {
  const [open, setOpen] = useState(false);
  if (letGo === 0) return null;
  return (
    <View className="gap-2">
      <Heading>Beats that will find no day</Heading>
      <Soft>{`${plural(letGo, 'beat')} will be let go. No promise is kept by them alone: one that needs a touch gets one of its own.`}</Soft>
      <Button
        className="self-start"
        label={open ? 'Hide them' : 'Show them'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <Card className="py-1">
          {letGoFirst.map(({ personId, name, kind, on, cadence, why }) => (
            <Linked
              key={`${personId} ${cadence} ${on}`}
              href={`/people/${personId}`}
              className="gap-1 border-b border-line py-2"
            >
              <View className="flex-row items-baseline justify-between gap-3">
                <Lead>{name}</Lead>
                <Soft>{`${KIND_WORDS[kind].noun}, ${shortDate(on, today)}`}</Soft>
              </View>
              <Soft>{`${cadence}. ${why}`}</Soft>
            </Linked>
          ))}
        </Card>
      ) : null}
      {open && letGo > letGoFirst.length ? (
        <Soft>{`and ${letGo - letGoFirst.length} later ones`}</Soft>
      ) : null}
    </View>
  );
}

function Fix({ ahead }: { ahead: Ahead }) {
  const router = useRouter();
  const { leastCapacity, unkeepable, capacity, slipCount, promises } = ahead;
  if (promises === 0) return null;
  return (
    <View className="gap-2">
      <Heading>{slipCount > 0 ? 'What would fix it' : 'How much room there is'}</Heading>
      <Body>
        {unkeepable > 0
          ? leastSentence(ahead)
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
