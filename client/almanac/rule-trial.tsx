import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { View } from 'react-native';

import { useMoney } from '@/client/settings';
import { Body, Fault, Heading, Lead, Soft, useToday, Words } from '@/client/ui';
import { call, type CallFault } from '@/contract/call';
import type { CallOutput } from '@/contract/endpoint';
import { tryRule, type RuleDraft } from '@/contract/greetings';
import { longDate, plural } from '@/core/time';

import { LeftOutList } from './left-out';
import { dayShort, hours } from './words';

type Trial = CallOutput<typeof tryRule>;

/** What a rule would bring in a year, before it is kept. */
export function RuleTrial({ draft, id }: { draft: RuleDraft; id: string | null }) {
  const asked = useDeferredValue(draft);
  const { data, error } = useQuery<Trial, CallFault>({
    queryKey: [tryRule.path, asked, id],
    queryFn: ({ signal }) => call(tryRule, { body: { ...asked, id } }, { signal }),
    placeholderData: (previous) => previous,
  });
  if (error) return <Fault>{error.message}</Fault>;
  return data ? <Brings trial={data} /> : null;
}

function Brings({ trial }: { trial: Trial }) {
  const money = useMoney();
  const today = useToday();
  const { year, first, leftOut, leftOutCount, faults } = trial;
  const most =
    year.most && year.most.greetings > 1
      ? ` The most on one day: ${year.most.greetings}, on ${longDate(year.most.on, today)}.`
      : '';
  return (
    <View className="gap-3" aria-live="polite">
      <Heading>What it would bring in a year</Heading>
      {faults.map((fault) => (
        <Fault key={fault}>{fault}</Fault>
      ))}
      <Body>
        {year.greetings === 0
          ? 'Nobody.'
          : `${plural(year.greetings, 'greeting')} on ${plural(year.days, 'day')}: ${hours(year.minutes)} of your time and ${money(year.costMinor)}.${most}`}
      </Body>
      {trial.today > 5 ? (
        <Fault>{`${plural(trial.today, 'greeting')} would be due today already.`}</Fault>
      ) : null}
      {first.map(({ personId, name, on, what, words }) => (
        <View key={personId + on} className="gap-1 border-b border-line pb-2">
          <Lead className="text-[1.125rem]">{name}</Lead>
          <Soft>{`${dayShort(on, today)}: ${what}`}</Soft>
          {words ? <Words>{words}</Words> : null}
        </View>
      ))}
      {leftOutCount > 0 ? (
        <View>
          <Heading>{`Left out: ${leftOutCount}`}</Heading>
          <LeftOutList leftOut={leftOut.slice(0, 10)} total={leftOutCount} today={today} />
        </View>
      ) : null}
    </View>
  );
}
