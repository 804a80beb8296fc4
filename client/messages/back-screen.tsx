import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { PersonChooser } from '@/client/people';
import {
  Body,
  Button,
  Card,
  DisclosureButton,
  Heading,
  Lead,
  Linked,
  Soft,
  Spread,
  Title,
  useToday,
  Waiting,
} from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import {
  listInbound,
  pollNow,
  placeIncoming,
  unsuppressAddress,
  type Incoming,
} from '@/contract/messages';
import { countInWords, dayIn, sentenceCase, shortDate, timeWords } from '@/core/time';

import { Results } from './results';

type Back = CallOutput<typeof listInbound>;

/** What came in: first that of which nobody knows who wrote it; beside it, addresses that came back. */
export function BackScreen() {
  const back = useRead(listInbound, {}, { keepPrevious: true });
  const look = useWrite(pollNow);
  return (
    <Spread
      beside={
        back.data ? (
          <>
            <Results />
            <Stopped back={back.data} />
          </>
        ) : null
      }
    >
      <Waiting query={back}>
        {({ unknown, incoming, timeZone }) => (
          <>
            <View className="flex-row flex-wrap items-center justify-between gap-x-3">
              <Title>{headline(unknown.length, incoming.length)}</Title>
              <Button
                weight="quiet"
                label={look.isPending ? 'Looking…' : 'Look now'}
                disabled={look.isPending}
                onPress={() => look.mutate({})}
              />
            </View>
            {unknown.length > 0 ? <Heading>From whom?</Heading> : null}
            {unknown.map((one) => (
              <Unknown key={one.id} one={one} timeZone={timeZone} />
            ))}
            {incoming.length > 0 ? <Heading>They wrote</Heading> : null}
            {incoming.map((one) => (
              <Came key={one.id} one={one} timeZone={timeZone} />
            ))}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

function headline(unknown: number, known: number): string {
  if (unknown > 0)
    return sentenceCase(
      `${countInWords(unknown)} ${unknown === 1 ? 'answer has' : 'answers have'} no sender that you know`,
    );
  return known > 0 ? 'What came back' : 'Nothing has come back yet';
}

interface OneProps {
  one: Incoming;
  timeZone: string;
}

const VERDICTS: Record<Incoming['verdict'], string> = {
  answer: '',
  automatic: 'an automatic answer',
  report: 'a report',
  opt_out: 'wants no more',
  opt_in: 'wants to hear from you again',
};

function When({ one: { at }, timeZone }: OneProps) {
  const today = useToday();
  const day = dayIn(at, timeZone);
  return (
    <Soft className="tabular-nums">{`${shortDate(day, today)}, ${timeWords(at, timeZone)}`}</Soft>
  );
}

const Came = ({ one, timeZone }: OneProps) => (
  <Linked href={`/people/${one.personId}`} className="min-h-[44px] border-b border-line py-2">
    <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
      <Lead>{one.name}</Lead>
      <When one={one} timeZone={timeZone} />
    </View>
    {VERDICTS[one.verdict] ? <Soft>{sentenceCase(VERDICTS[one.verdict])}</Soft> : null}
    <Body numberOfLines={4}>{one.words || one.subject}</Body>
  </Linked>
);

/** An answer of somebody whom nobody knows: who was it? */
function Unknown({ one, timeZone }: OneProps) {
  const [choosing, setChoosing] = useState(false);
  const place = useWrite(placeIncoming);
  const say = (body: { as: 'person' | 'new' | 'nobody'; personId?: string }) =>
    place.mutate({ params: { id: one.id }, body: { personId: null, ...body } });
  return (
    <Card className="gap-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Lead>{one.fromName || one.from}</Lead>
        <When one={one} timeZone={timeZone} />
      </View>
      {one.fromName ? <Soft>{one.from}</Soft> : null}
      <Body numberOfLines={6}>{one.words || one.subject}</Body>
      {choosing ? (
        <PersonChooser
          label={`Who ${one.fromName || one.from} is`}
          onChoose={({ id }) => say({ as: 'person', personId: id })}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Add them"
          spoken={`Add ${one.fromName || one.from}`}
          disabled={place.isPending}
          onPress={() => say({ as: 'new' })}
        />
        <DisclosureButton
          label="Somebody here"
          about={`is ${one.fromName || one.from}`}
          open={choosing}
          onToggle={() => setChoosing(!choosing)}
        />
        <Button
          weight="quiet"
          label="Put it away"
          spoken={`Put ${one.fromName || one.from} away`}
          disabled={place.isPending}
          onPress={() => say({ as: 'nobody' })}
        />
      </View>
    </Card>
  );
}

/** Addresses to which nothing goes any more, because it came back for good. */
function Stopped({ back: { stopped, timeZone } }: { back: Back }) {
  const trust = useWrite(unsuppressAddress);
  const today = useToday();
  if (stopped.length === 0)
    return <Soft>An address that comes back for good is written to no more, and told here.</Soft>;
  return (
    <View className="gap-2">
      <Heading>Written to no more</Heading>
      <Soft>What went there came back for good. Whoever it was has a repair on your desk.</Soft>
      {stopped.map(({ address, why, at, personId, name }) => (
        <View key={address} className="gap-1 border-b border-line py-2">
          {personId ? (
            <Linked href={`/people/${personId}`}>
              <Lead>{name}</Lead>
            </Linked>
          ) : null}
          <Body>{address}</Body>
          <Soft>{`${shortDate(dayIn(at, timeZone), today)}: ${why}`}</Soft>
          <Button
            weight="quiet"
            className="-ml-2 self-start"
            label="It works again"
            spoken={`${address} works again`}
            disabled={trust.isPending}
            onPress={() => trust.mutate({ body: { address } })}
          />
        </View>
      ))}
    </View>
  );
}
