import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Card, Chip, Heading, Lead, Linked, Soft, useToday } from '@/client/ui';
import {
  addArrival,
  dropArrival,
  joinArrival,
  listArrivals,
  type Arrival,
  type Takeable,
} from '@/contract/intake';
import { formatPhone } from '@/core/people';
import { figure, plural, sentenceCase, spokenDate } from '@/core/time';

/** What came by the web form: looked at before it changes anything. */
export function Arrivals() {
  const read = useRead(listArrivals, {}, { keepPrevious: true });
  const { arrivals = [], total = 0 } = read.data ?? {};
  if (total === 0) return null;
  return (
    <View className="gap-2">
      <Heading>Came by the form</Heading>
      <Soft>Nobody knows who really sent it. It changes nothing before you have looked at it.</Soft>
      {arrivals.map((arrival) => (
        <One key={arrival.id} arrival={arrival} />
      ))}
      {total > arrivals.length ? (
        <Soft>{`And ${figure(total - arrivals.length)} more, after these.`}</Soft>
      ) : null}
    </View>
  );
}

/** One quiet line on the desk, which leads there. */
export function ArrivalsLine() {
  const { data } = useRead(listArrivals, {}, { keepPrevious: true });
  if (!data || data.total === 0) return null;
  return (
    <Linked href="/web-form" className="min-h-[44px] justify-center">
      <Soft>{`${plural(data.total, 'person', 'people')} wrote by the web form.`}</Soft>
    </Linked>
  );
}

type Known = Arrival['known'][number];

function One({ arrival }: { arrival: Arrival }) {
  const today = useToday();
  const add = useWrite(addArrival);
  const drop = useWrite(dropArrival);
  const { id, name, on, email, phone, message, consent, known } = arrival;
  const params = { id };
  const busy = add.isPending || drop.isPending;
  return (
    <Card className="gap-2">
      <Lead>{name}</Lead>
      <Soft>{sentenceCase(spokenDate(on, today))}</Soft>
      {email ? <Soft>{email}</Soft> : null}
      {phone ? <Soft>{formatPhone(phone)}</Soft> : null}
      {message ? <Body>{message}</Body> : null}
      {consent ? <Soft>Said yes to e-mail.</Soft> : null}
      {known.map((one) => (
        <Join key={one.personId} arrival={arrival} known={one} />
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Add as somebody new"
          spoken={`Add ${name} as somebody new`}
          disabled={busy}
          onPress={() => add.mutate({ params })}
        />
        <Button
          weight="quiet"
          label="Drop"
          spoken={`Drop what ${name} sent`}
          disabled={busy}
          onPress={() => drop.mutate({ params })}
        />
      </View>
    </Card>
  );
}

interface Offered {
  what: Takeable;
  words: string;
}

/** What can be taken over: what they sent and is not here yet. */
function newIn({ email, phone, message, consent }: Arrival, known: Known): Offered[] {
  const isNew = (list: readonly string[], value: string) =>
    value !== '' && !list.some((one) => one.toLowerCase() === value.toLowerCase());
  const all: (Offered & { offered: boolean })[] = [
    { what: 'email', words: email, offered: isNew(known.emails, email) },
    { what: 'phone', words: formatPhone(phone), offered: isNew(known.phones, phone) },
    { what: 'message', words: 'what they wrote, as a note', offered: message !== '' },
    { what: 'consent', words: 'their yes to e-mail', offered: consent && known.consent === null },
  ];
  return all.filter(({ offered }) => offered);
}

/** Somebody here who may be meant, side by side with what came. */
function Join({ arrival, known }: { arrival: Arrival; known: Known }) {
  const offered = newIn(arrival, known);
  // A note changes nothing; a way to reach somebody is taken only when the owner says so.
  const [take, setTake] = useState<readonly Takeable[]>(['message']);
  const join = useWrite(joinArrival);
  const chosen = offered.map(({ what }) => what).filter((what) => take.includes(what));
  const toggle = (what: Takeable) =>
    setTake(take.includes(what) ? take.filter((one) => one !== what) : [...take, what]);
  return (
    <View className="gap-1 border-l-2 border-line pl-3">
      <Body>{`Perhaps ${known.name}: ${known.evidence.join(', ')}.`}</Body>
      <Soft>
        {`Here: ${[...known.emails, ...known.phones.map(formatPhone)].join(', ') || 'no way to reach them'}.`}
      </Soft>
      {known.consent === 'no' && arrival.consent ? (
        <Soft>They said no to e-mail. A no is changed on their own sheet.</Soft>
      ) : null}
      <View className="flex-row flex-wrap items-center gap-x-4" role="group" aria-label="Take over">
        <Soft>Take over:</Soft>
        {offered.map(({ what, words }) => (
          <Chip
            key={what}
            label={words}
            chosen={take.includes(what)}
            onPress={() => toggle(what)}
          />
        ))}
      </View>
      <View className="items-start">
        <Button
          label={`Add to ${known.name}`}
          disabled={join.isPending}
          onPress={() =>
            join.mutate({
              params: { id: arrival.id },
              body: { personId: known.personId, take: chosen },
            })
          }
        />
      </View>
    </View>
  );
}
