import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Card, DisclosureButton, Fault, Lead, Progress, Soft } from '@/client/ui';
import { makeTrial, type Ahead, type Proposal, type Trial } from '@/contract/planner';

import { compared } from './compared';
import { OutlookChart } from './load-chart';
import { useProposals, useTrial } from './use-trial';

interface Props {
  now: Ahead;
  /** What is being tried already; they come on top of it. */
  trial: Trial;
  weeks: number;
}

/** The gentlest changes that keep everybody, each with its cost: looked at first, made in one press. */
export function Proposals({ now, trial, weeks }: Props) {
  const search = useProposals(now.slipCount > 0 ? trial : null, weeks);
  if (search.state === 'running')
    return (
      <Progress
        what="Looking for what would fix it"
        done={search.done}
        of={search.of}
        onCancel={search.cancel}
      />
    );
  if (search.state === 'failed') return <Fault>{search.message}</Fault>;
  if (search.state !== 'done') return null;
  if (search.proposals.length === 0)
    return now.slipCount > (now.unkeepable ?? 0) ? (
      <Soft>No single change was found that would keep them all. Try several at once.</Soft>
    ) : null;
  return (
    <View className="gap-2">
      <Soft>Each of these alone keeps everybody who can be kept, the gentlest first.</Soft>
      {search.proposals.map((proposal) => (
        <One key={proposal.title} proposal={proposal} now={now} weeks={weeks} />
      ))}
    </View>
  );
}

interface OneProps {
  proposal: Proposal;
  now: Ahead;
  weeks: number;
}

function One({ proposal: { title, cost, trial }, now, weeks }: OneProps) {
  const make = useWrite(makeTrial);
  const [open, setOpen] = useState(false);
  return (
    <Card className="gap-1">
      <Lead>{title}</Lead>
      <Soft>{cost}</Soft>
      <View className="flex-row flex-wrap gap-2 pt-1">
        <Button
          label="Make it so"
          spoken={`Make it so: ${title}`}
          disabled={make.isPending}
          onPress={() => make.mutate({ body: { trial } })}
        />
        <DisclosureButton
          weight="quiet"
          label="Preview"
          openLabel="Hide"
          about={title}
          open={open}
          onToggle={() => setOpen(!open)}
        />
      </View>
      {open ? <Tried trial={trial} now={now} weeks={weeks} /> : null}
    </Card>
  );
}

/** The weeks as they would be with it. */
function Tried({ trial, now, weeks }: Props) {
  const tried = useTrial(trial, weeks);
  if (tried.state === 'failed') return <Fault>{tried.message}</Fault>;
  if (tried.state !== 'done') return <Soft>Working it out …</Soft>;
  return (
    <>
      <Body>{compared(now, tried.outlook)}</Body>
      <OutlookChart weeks={tried.outlook.weeks} />
    </>
  );
}
