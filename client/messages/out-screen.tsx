import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Lead, Linked, Soft, Spread, Title, Waiting } from '@/client/ui';
import { countForPost } from '@/contract/enrolments';
import { holdAll, listOutbox, type Message, type Out } from '@/contract/messages';
import { figure, plural } from '@/core/time';

import { outHeadline, whatItIs } from './message-words';
import { WaitingGroups } from './waiting-group';
import { WhenItGoes } from './when';

/** What goes out next, and before it what waits for the owner and why. */
export function OutScreen() {
  const out = useRead(listOutbox, {}, { keepPrevious: true });
  return (
    <Spread beside={out.data ? <Going out={out.data} /> : null}>
      <Waiting query={out}>
        {(data) => (
          <>
            <Title>{outHeadline(data.goingToday, data.waitingTotal, data.goingTotal)}</Title>
            <NoCarrier out={data} />
            <WaitForYou out={data} />
            <ForThePost />
          </>
        )}
      </Waiting>
    </Spread>
  );
}

/** That nothing takes messages yet, and where that is changed. */
function NoCarrier({ out: { carriers } }: { out: Out }) {
  if (carriers.email && carriers.text) return null;
  const lacks = [!carriers.email && 'e-mails', !carriers.text && 'texts'].filter(Boolean);
  return (
    <Linked href="/out/carriers" className="min-h-[44px] justify-center">
      <Soft>{`Nothing takes ${lacks.join(' or ')} yet. `}</Soft>
      <Body className="text-sea">Set it up under Carriers</Body>
    </Linked>
  );
}

function WaitForYou({ out: { waiting, waitingTotal } }: { out: Out }) {
  if (waitingTotal === 0) return null;
  return (
    <View className="gap-2">
      <Heading>Wait for you</Heading>
      <WaitingGroups messages={waiting} />
      {waitingTotal > waiting.length ? (
        <Soft>{`and ${figure(waitingTotal - waiting.length)} more`}</Soft>
      ) : null}
    </View>
  );
}

/** What goes, in the order in which it does. */
function Going({ out }: { out: Out }) {
  const hold = useWrite(holdAll);
  const { going, goingTotal, sentToday, waiting } = out;
  const held = waiting.filter(({ remedy }) => remedy === 'release').length;
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <Heading>
          {goingTotal === 0 ? 'Nothing is on its way' : `Going, ${figure(goingTotal)}`}
        </Heading>
        {goingTotal > 0 ? (
          <Button
            weight="quiet"
            label="Hold all"
            disabled={hold.isPending}
            onPress={() => hold.mutate({ body: { hold: true } })}
          />
        ) : held > 1 ? (
          <Button
            weight="quiet"
            label="Let all go that I held"
            disabled={hold.isPending}
            onPress={() => hold.mutate({ body: { hold: false } })}
          />
        ) : null}
      </View>
      {going.map((message) => (
        <GoingLine key={message.id} message={message} out={out} />
      ))}
      {goingTotal > going.length ? (
        <Soft>{`and ${figure(goingTotal - going.length)} more`}</Soft>
      ) : null}
      <Soft>
        {`Nothing goes in the quiet hours of whoever gets it, on your days off, or against a no.${sentToday > 0 ? ` ${plural(sentToday, 'message has', 'messages have')} gone today.` : ''}`}
      </Soft>
    </View>
  );
}

const GoingLine = ({ message, out }: { message: Message; out: Out }) => (
  <Linked
    href={`/out/${message.id}`}
    className="min-h-[44px] justify-center border-b border-line py-2"
  >
    <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
      <Lead>{message.name}</Lead>
      <WhenItGoes message={message} timeZone={out.timeZone} today={out.today} />
    </View>
    <Soft>{`${whatItIs(message)}${message.why ? `. ${message.why}` : ''}`}</Soft>
  </Linked>
);

/** Cards and letters that have come due by themselves; they wait for the post room. */
function ForThePost() {
  const total = useRead(countForPost, {}, { keepPrevious: true }).data?.total ?? 0;
  if (total === 0) return null;
  return (
    <Soft>{`${plural(total, 'card or letter', 'cards or letters')} that should go by themselves ${total === 1 ? 'waits' : 'wait'} for the post room.`}</Soft>
  );
}
