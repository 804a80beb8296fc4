import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Heading, Lead, Linked, Soft, Spread, Title, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { listWaiting } from '@/contract/enrolments';
import { getSettings } from '@/contract/settings';
import { figure, plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

type Outgoing = CallOutput<typeof listWaiting>;
type Message = Outgoing['items'][number] & { why?: string };

/** What goes out by itself: who is held back and why, before what is ready. */
export function OutScreen() {
  const waiting = useRead(listWaiting, {}, { keepPrevious: true });
  const { data } = waiting;
  const today = useRead(getSettings).data?.today;
  return (
    <Spread
      beside={
        data && today ? (
          <Messages title="Ready to go" count={data.total} messages={data.items} today={today}>
            They wait here until sending is set up. Nothing goes in the quiet hours of whoever gets
            it.
          </Messages>
        ) : null
      }
    >
      <Waiting query={waiting}>
        {({ total, heldTotal, held }) => (
          <>
            <Title>{headline(total, heldTotal)}</Title>
            {today ? (
              <Messages title="Held back" count={heldTotal} messages={held} today={today} />
            ) : null}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

function headline(ready: number, held: number): string {
  if (ready + held === 0) return 'Nothing waits to go out';
  const parts = [
    ready > 0 && `${figure(ready)} ready to go`,
    held > 0 && `${figure(held)} held back`,
  ];
  return `${plural(ready + held, 'message')}: ${parts.filter(Boolean).join(', ')}`;
}

interface MessagesProps {
  title: string;
  count: number;
  messages: readonly Message[];
  today: PlainDate;
  children?: string;
}

function Messages({ title, count, messages, today, children }: MessagesProps) {
  if (count === 0) return null;
  return (
    <View className="gap-1">
      <Heading>{`${title}, ${figure(count)}`}</Heading>
      {children ? <Soft>{children}</Soft> : null}
      {messages.map((item) => (
        <Linked
          key={item.key}
          href={`/people/${item.personId}`}
          className="min-h-[44px] justify-center border-b border-line py-2"
        >
          <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
            <Lead>{item.name}</Lead>
            <Soft>{`${KIND_WORDS[item.kind].noun} of ${item.cadence}, ${shortDate(item.on, today)}`}</Soft>
          </View>
          {item.why ? <Body>{item.why}</Body> : null}
        </Linked>
      ))}
      {count > messages.length ? (
        <Soft>{`and ${figure(count - messages.length)} more`}</Soft>
      ) : null}
    </View>
  );
}
