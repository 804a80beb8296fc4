import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { useMoney } from '@/client/settings';
import {
  Body,
  Choice,
  Heading,
  LinkedButton,
  Soft,
  Spread,
  Title,
  useToday,
  Waiting,
} from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { listGreetings } from '@/contract/greetings';
import { addDays, figure, plural, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { GreetingCard } from './greeting-card';
import { LeftOutList } from './left-out';
import { NearPairs } from './near-pairs';
import { AlmanacParts } from './parts';
import { dayShort, hours, kindsWords } from './words';

type Read = CallOutput<typeof listGreetings>;

const SPANS = [
  { value: '31', label: 'A month' },
  { value: '92', label: 'Three months' },
  { value: '365', label: 'A year' },
] as const;
type Span = (typeof SPANS)[number]['value'];

/** The greetings of the coming weeks before they happen: changed, dropped, and what is to be decided. */
export function GreetingsScreen() {
  const today = useToday();
  const { at } = useLocalSearchParams<{ at?: string }>();
  const [span, setSpan] = useState<Span>('31');
  const query = { from: addDays(today, -3), to: addDays(today, Number(span)) };
  const read = useRead(listGreetings, { query }, { keepPrevious: true });
  return (
    <Spread beside={read.data ? <ToDecide read={read.data} /> : null}>
      <AlmanacParts />
      <Choice label="How far ahead" value={span} options={SPANS} onChange={setSpan} />
      <Waiting query={read}>
        {(data) => (
          <>
            <Head read={data} />
            <Cards read={data} ahead at={at} />
            <Cards read={data} ahead={false} at={at} />
            {data.total > data.greetings.length ? (
              <Soft>{`and ${figure(data.total - data.greetings.length)} later ones`}</Soft>
            ) : null}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const isAhead = ({ on, state }: Read['greetings'][number], today: PlainDate): boolean =>
  on >= today || state === 'planned' || state === 'late';

/** What is to come, or what has been, below a heading. */
function Cards({ read, ahead, at }: { read: Read; ahead: boolean; at: string | undefined }) {
  const { today } = read;
  const shown = read.greetings.filter((one) => isAhead(one, today) === ahead);
  if (shown.length === 0) return null;
  return (
    <View className="gap-4">
      {ahead ? null : <Heading>In the last days</Heading>}
      {shown.map((greeting) => (
        <GreetingCard
          key={greeting.key}
          greeting={greeting}
          today={today}
          open={greeting.key === at}
        />
      ))}
    </View>
  );
}

function Head({ read: { greetings, totals, rules, total } }: { read: Read }) {
  const money = useMoney();
  if (rules === 0)
    return (
      <View className="items-start gap-3">
        <Title>Nobody is greeted yet</Title>
        <Body>A rule says who is greeted on which occasion, and how.</Body>
        <LinkedButton href="/almanac/rules" label="To the rules" />
      </View>
    );
  const open = greetings.filter(({ state }) => state === 'planned' || state === 'late');
  return (
    <View className="gap-1">
      <Title>{total === 0 ? 'No greetings in these weeks' : plural(total, 'greeting')}</Title>
      {open.length > 0 ? (
        <Soft>{`To come: ${kindsWords(open.map(({ kind }) => kind))}.`}</Soft>
      ) : null}
      {total > 0 ? (
        <Soft>{`They take ${hours(totals.minutes)} of your time, and about ${money(totals.costMinor)}.`}</Soft>
      ) : null}
    </View>
  );
}

/** What has to be written by when, the first first: cards and letters are the ones that can be missed. */
function ToWrite({ read: { greetings, today } }: { read: Read }) {
  const open = greetings
    .flatMap(({ by, ...one }) => (one.state === 'planned' && by !== null ? [{ ...one, by }] : []))
    .sort((a, b) => (a.by < b.by ? -1 : 1));
  if (open.length === 0) return <Soft>No card or letter has to be written in these weeks.</Soft>;
  return (
    <View className="gap-1">
      <Heading>To be written, and by when</Heading>
      {open.slice(0, 20).map(({ key, by, kind, name, withNames, what, on }) => (
        <View key={key} className="flex-row flex-wrap gap-x-3 border-b border-line py-1">
          <Soft className="w-[110px] pt-0.5 tabular-nums">{dayShort(by, today)}</Soft>
          <Body className="min-w-[200px] flex-1">
            {`${[name, ...withNames].join(' & ')}: ${KIND_WORDS[kind].noun}, ${what} on ${dayShort(on, today)}`}
          </Body>
        </View>
      ))}
      {open.length > 20 ? <Soft>{`and ${figure(open.length - 20)} more`}</Soft> : null}
    </View>
  );
}

/** What the owner is asked once, and who is left out and why. */
function ToDecide({ read }: { read: Read }) {
  const { near, leftOut, leftOutCount } = read;
  return (
    <View className="gap-4">
      <ToWrite read={read} />
      {near.length > 0 ? <NearPairs pairs={near} today={read.today} /> : null}
      <View className="gap-1">
        <Heading>
          {leftOutCount === 0 ? 'Nobody is left out' : `Left out, ${figure(leftOutCount)}`}
        </Heading>
        <LeftOutList leftOut={leftOut} total={leftOutCount} today={read.today} />
      </View>
    </View>
  );
}
