import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import {
  Body,
  Button,
  Card,
  DisclosureButton,
  Fault,
  Heading,
  Lead,
  Linked,
  Soft,
} from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import type { getAhead } from '@/contract/planner';
import { figure, plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { leastSentence } from './compared';
import { Proposals } from './proposals';

interface Props {
  ahead: CallOutput<typeof getAhead>;
}

/** Whose promise has run out and whose will, on which day, and when it is made good. */
export const Breaches = ({ ahead }: Props) => (
  <>
    <BreachList
      title="Whose promise has run out"
      breaches={ahead.overdue}
      count={ahead.overdueCount}
      today={ahead.today}
    />
    <BreachList
      title="Whose promise would run out"
      breaches={ahead.slips}
      count={ahead.slipCount}
      today={ahead.today}
    />
  </>
);

interface BreachProps {
  title: string;
  breaches: Props['ahead']['slips'];
  count: number;
  today: PlainDate;
}

function BreachList({ title, breaches, count, today }: BreachProps) {
  if (count === 0) return null;
  return (
    <View className="gap-2">
      <Heading>{title}</Heading>
      <Card className="py-1">
        {breaches.map(({ personId, name, on, until }) => (
          <Linked
            key={personId}
            href={`/people/${personId}`}
            className="min-h-[44px] flex-row items-center justify-between gap-3 border-b border-line"
          >
            <Lead className="flex-1">{name}</Lead>
            <Soft>
              {until
                ? `${shortDate(on, today)}, kept again ${shortDate(until, today)}`
                : shortDate(on, today)}
            </Soft>
          </Linked>
        ))}
      </Card>
      {count > breaches.length ? (
        <Soft>{`and ${figure(count - breaches.length)} more`}</Soft>
      ) : null}
    </View>
  );
}

/** The beats that find no day, with what they yield to. */
export function LetGo({ ahead: { letGo, letGoFirst, today } }: Props) {
  const [open, setOpen] = useState(false);
  if (letGo === 0) return null;
  return (
    <View className="gap-2">
      <Heading>Beats that will find no day</Heading>
      <Soft>{`${plural(letGo, 'beat')} will be let go. No promise is kept by them alone: one that needs a touch gets one of its own.`}</Soft>
      <DisclosureButton
        className="self-start"
        label="Show them"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
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

const NOTHING = {};

/** What would keep the promises that run out, or how much room there is besides. */
export function Fix({ ahead, fault, weeks }: Props & { fault?: string; weeks: number }) {
  const router = useRouter();
  if (ahead.promises === 0) return null;
  return (
    <View className="gap-2">
      <Heading>{ahead.slipCount > 0 ? 'What would fix it' : 'How much room there is'}</Heading>
      {fault ? <Fault>{fault}</Fault> : <Body>{roomWords(ahead)}</Body>}
      <Proposals now={ahead} trial={NOTHING} weeks={weeks} />
      <Button
        className="self-start"
        label="Change my days"
        onPress={() => router.navigate('/more')}
      />
    </View>
  );
}

function roomWords(ahead: Props['ahead']): string {
  const { leastCapacity, unkeepable, capacity, slipCount } = ahead;
  if (leastCapacity === null || unkeepable === null)
    return 'The least room that would do is being worked out.';
  if (unkeepable > 0) return leastSentence({ leastCapacity, unkeepable });
  return slipCount > 0
    ? `${leastCapacity} touches a working day is the least at which no further promise is broken; you allow ${capacity}.`
    : `${plural(leastCapacity, 'touch', 'touches')} a working day would already do; you allow ${capacity}.`;
}
