import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, Lead, Linked, Page, Soft, Title, useToday, Waiting } from '@/client/ui';
import { listSent, type Message } from '@/contract/messages';
import { need } from '@/core/need';
import { dayIn, shortDate, timeWords } from '@/core/time';

import { OUTCOME_WORDS, isBad, whatItIs } from './message-words';

const PAGE = 50;

/** What has gone out, the latest first, with what came of it. */
export function GoneScreen() {
  const [pages, setPages] = useState<(string | null)[]>([null]);
  return (
    <Page narrow>
      <Title>What has gone</Title>
      {pages.map((after, i) => (
        <GonePage
          key={after ?? ''}
          after={after}
          onMore={i === pages.length - 1 ? (last) => setPages([...pages, last]) : null}
        />
      ))}
    </Page>
  );
}

interface PageProps {
  after: string | null;
  /** Asks for the page behind the last one; null where that is shown already. */
  onMore: ((last: string) => void) | null;
}

function GonePage({ after, onMore }: PageProps) {
  const gone = useRead(
    listSent,
    { query: { limit: PAGE, ...(after ? { after } : {}) } },
    { keepPrevious: true },
  );
  return (
    <Waiting query={gone}>
      {({ messages, timeZone }) => (
        <>
          {messages.length === 0 && !after ? <Soft>Nothing has gone out yet.</Soft> : null}
          {messages.map((message) => (
            <GoneLine key={message.id} message={message} timeZone={timeZone} />
          ))}
          {onMore && messages.length === PAGE ? (
            <Button
              weight="quiet"
              className="self-start"
              label="Earlier ones"
              onPress={() => onMore(need(messages.at(-1)).id)}
            />
          ) : null}
        </>
      )}
    </Waiting>
  );
}

function GoneLine({ message, timeZone }: { message: Message; timeZone: string }) {
  const today = useToday();
  const at = need(message.sentAt);
  const day = dayIn(at, timeZone);
  return (
    <Linked href={`/out/${message.id}`} className="min-h-[44px] border-b border-line py-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Lead>{message.name}</Lead>
        <Soft className={isBad(message) ? 'text-danger' : ''}>
          {OUTCOME_WORDS[message.outcome]}
        </Soft>
      </View>
      <Soft>{`${shortDate(day, today)}, ${timeWords(at, timeZone)}. ${whatItIs(message)}`}</Soft>
    </Linked>
  );
}
