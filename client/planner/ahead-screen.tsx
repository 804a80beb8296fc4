import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Card, Choice, Page, Soft, Title, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { getAhead } from '@/contract/planner';
import { plural } from '@/core/time';

import { Fix, LetGo, Slips } from './ahead-lists';
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
  return (
    <Page narrow>
      <Waiting query={ahead}>
        {(data) => (
          <>
            <Head ahead={data} weeks={weeks} onWeeks={setWeeks} />
            <Card>
              <OutlookChart weeks={data.weeks} />
            </Card>
            <Fix ahead={data} />
            <WhatIf now={data} today={data.today} weeks={Number(weeks)} />
            <Slips ahead={data} />
            <LetGo ahead={data} />
          </>
        )}
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
    {ahead.overdue > 0 ? (
      <Body>{`${plural(ahead.overdue, 'promise has', 'promises have')} run out already; each day keeps room to make good for some of them.`}</Body>
    ) : null}
  </View>
);
