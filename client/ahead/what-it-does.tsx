import { useRead } from '@/client/api';
import { Body, Card, Fault, Heading, Progress, Soft } from '@/client/ui';
import { getAhead, type Ahead, type Trial } from '@/contract/planner';
import { plural } from '@/core/time';

import { compared } from './compared';
import { OutlookChart } from './load-chart';
import { useTrial } from './use-trial';

const WEEKS = 13;

/** What a change that is not saved yet would do to the weeks ahead, beside how they are. */
export function WhatItDoes({ trial }: { trial: Trial }) {
  const now = useRead(getAhead, { query: { weeks: '13' } }, { keepPrevious: true }).data;
  const then = useTrial(trial, WEEKS);
  if (!now) return null;
  return (
    <Card className="gap-2">
      <Heading>What your days can hold</Heading>
      {then.state === 'running' ? (
        <Progress what="Plans worked out" done={then.done} of={then.of} onCancel={then.cancel} />
      ) : null}
      {then.state === 'failed' ? <Fault>{then.message}</Fault> : null}
      <Body aria-live="polite">
        {then.state === 'done' ? `If you save this: ${compared(now, then.outlook)}` : asItIs(now)}
      </Body>
      <OutlookChart weeks={then.state === 'done' ? then.outlook.weeks : now.weeks} />
      {then.state === 'idle' ? (
        <Soft>Change your room or your days off, and what it does to these weeks stands here.</Soft>
      ) : null}
    </Card>
  );
}

const asItIs = ({ promises, slipCount, capacity }: Ahead): string =>
  `With ${plural(capacity, 'touch', 'touches')} a working day, ${slipCount === 0 ? 'none' : slipCount} of ${plural(promises, 'promise')} would run out in ${WEEKS} weeks.`;
