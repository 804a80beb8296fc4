import type { WriteForm } from '@/client/api';
import { Body, Card, SaveBar } from '@/client/ui';
import type { Outlook } from '@/contract/planner';

import { compared } from './compared';
import { OutlookChart } from './load-chart';
import type { Wishes } from './trial-wishes';

interface Props {
  now: Outlook;
  then: Outlook;
  form: WriteForm<Wishes>;
}

/** What a trial would bring beside what is, and the way to make it so. */
export const TrialResult = ({ now, then, form }: Props) => (
  <Card className="gap-2">
    <Body aria-live="polite">{compared(now, then)}</Body>
    <OutlookChart weeks={then.weeks} />
    <SaveBar form={form} weight="main" label="Make it so" onClose={form.startOver} />
  </Card>
);
