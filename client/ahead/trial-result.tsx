import type { WriteForm } from '@/client/api';
import { Body, Card, SaveBar } from '@/client/ui';
import type { Ahead, Outlook, Trial } from '@/contract/planner';

import { compared } from './compared';
import { OutlookChart } from './load-chart';
import { Proposals } from './proposals';
import type { Wishes } from './trial-wishes';

interface Props {
  now: Ahead;
  then: Outlook;
  form: WriteForm<Wishes>;
  trial: Trial;
  weeks: number;
}

/** What a trial would bring beside what is, and the way to make it so. */
export const TrialResult = ({ now, then, form, trial, weeks }: Props) => (
  <Card className="gap-2">
    <Body aria-live="polite">{compared(now, then)}</Body>
    <OutlookChart weeks={then.weeks} />
    {then.slipCount > now.slipCount ? <Proposals now={then} trial={trial} weeks={weeks} /> : null}
    <SaveBar form={form} weight="main" label="Make it so" onClose={form.startOver} />
  </Card>
);
