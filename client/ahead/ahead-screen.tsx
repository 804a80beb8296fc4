import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Card, Choice, Soft, Spread, Title, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { getAhead, getLeast } from '@/contract/planner';
import { figure, plural } from '@/core/time';
import { caughtUpWords } from '@/core/touches';

import { Breaches, Fix, LetGo } from './ahead-lists';
import { Consistency } from './consistency';
import { OutlookChart } from './load-chart';
import { WhatIf } from './what-if';

type Ahead = CallOutput<typeof getAhead>;

const SPANS = { 13: 'The next 13 weeks', 52: 'The next 52 weeks' } as const;
const SPAN_OPTIONS = [
  { value: '13', label: '13 weeks' },
  { value: '52', label: '52 weeks' },
] as const;
type Weeks = (typeof SPAN_OPTIONS)[number]['value'];

/** Whether all promises can be kept in the weeks to come, and if not, who slips and what would do. */
export function AheadScreen() {
  const [weeks, setWeeks] = useState<Weeks>('13');
  const ahead = useRead(getAhead, { query: { weeks } }, { keepPrevious: true });
  // In a very large sphere the least room comes after the rest.
  const waits = ahead.data?.leastCapacity === null;
  const least = useRead(getLeast, { query: { weeks } }, { enabled: waits });
  return (
    <Spread
      beside={
        <>
          {ahead.data ? (
            <>
              <Breaches ahead={ahead.data} />
              <LetGo ahead={ahead.data} />
            </>
          ) : null}
          <Consistency />
        </>
      }
    >
      <Waiting query={ahead}>
        {(data) => (
          <>
            <Head ahead={data} weeks={weeks} onWeeks={setWeeks} />
            <Card>
              <OutlookChart weeks={data.weeks} />
            </Card>
            <Fix
              ahead={waits ? { ...data, ...least.data } : data}
              fault={least.error?.message}
              weeks={Number(weeks)}
            />
            <WhatIf now={data} today={data.today} weeks={Number(weeks)} />
          </>
        )}
      </Waiting>
    </Spread>
  );
}

function headline({ promises, slipCount, overdueCount }: Ahead): string {
  if (promises === 0) return 'Nothing is promised yet';
  const broken = slipCount + overdueCount;
  if (broken === 0) return `You can keep all ${plural(promises, 'promise')}`;
  return `You can keep all but ${figure(broken)} of ${plural(promises, 'promise')}`;
}

/** How many of the promises that are not kept are broken already, and how many will be. */
function brokenWords({ slipCount, overdueCount, caughtUpOn, today }: Ahead) {
  if (overdueCount === 0) return null;
  const already = `${figure(overdueCount)} ${overdueCount === 1 ? 'has' : 'have'} run out already`;
  const later = slipCount === 0 ? '' : ` and ${figure(slipCount)} will`;
  return `${already}${later}. ${caughtUpWords(caughtUpOn, today)}`;
}

interface HeadProps {
  ahead: Ahead;
  weeks: Weeks;
  onWeeks: (weeks: Weeks) => void;
}

const Head = ({ ahead, weeks, onWeeks }: HeadProps) => (
  <View className="gap-1">
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Soft>{SPANS[weeks]}</Soft>
      <Choice label="How far ahead" value={weeks} options={SPAN_OPTIONS} onChange={onWeeks} />
    </View>
    <Title>{headline(ahead)}</Title>
    {brokenWords(ahead) ? <Body>{brokenWords(ahead)}</Body> : null}
  </View>
);
