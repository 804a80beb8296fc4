import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useViews } from '@/client/people';
import {
  Body,
  Button,
  Card,
  Field,
  Heading,
  Lead,
  Soft,
  Spread,
  Title,
  Waiting,
} from '@/client/ui';
import { listFeeds, removeFeed, renewFeed, type CalendarFeed } from '@/contract/calendars';
import { readLists } from '@/contract/lists';
import { plural } from '@/core/time';

import { DatesIn } from './dates-in';
import { NewFeed, SHOWS_WORDS, wholeAddress } from './new-feed';
import { AlmanacParts } from './parts';

/** Dates and planned touches for other calendars to read, and dates from their files. */
export function CalendarsScreen() {
  const feeds = useRead(listFeeds);
  const [address, setAddress] = useState<string | null>(null);
  return (
    <Spread beside={<DatesIn />}>
      <AlmanacParts />
      <Title>Calendars</Title>
      <Body>
        A calendar program can read your dates and planned touches at a private address. Whoever has
        the address can read them, without signing in.
      </Body>
      {address ? <AddressOnce address={address} /> : null}
      <Waiting query={feeds}>
        {({ feeds: all }) => (
          <>
            {all.map((feed) => (
              <FeedCard key={feed.id} feed={feed} onAddress={setAddress} />
            ))}
          </>
        )}
      </Waiting>
      <NewFeed onAddress={setAddress} />
      <SaveAsFile />
    </Spread>
  );
}

/** The address of a calendar, which is shown once. */
const AddressOnce = ({ address }: { address: string }) => (
  <View className="gap-1" aria-live="polite">
    <Field label="Its address" readOnly value={address} />
    <Soft>
      Give it to your calendar program as an address to read from. It is shown this once; later you
      can only make a new one.
    </Soft>
  </View>
);

interface Made {
  onAddress: (address: string | null) => void;
}

function FeedCard({ feed, onAddress }: { feed: CalendarFeed } & Made) {
  const renew = useWrite(renewFeed);
  const remove = useWrite(removeFeed);
  const circles = useRead(readLists).data?.circle ?? [];
  const views = useViews().data?.views ?? [];
  const { id, name, shows, circleId, viewId, events } = feed;
  const named = [...circles, ...views].find((one) => one.id === (circleId ?? viewId))?.name;
  const whose =
    circleId || viewId ? (named ?? 'nobody, since what it was for is gone') : 'everybody';
  return (
    <Card className="gap-1">
      <Lead>{name}</Lead>
      <Soft>
        {`${shows.map((one) => SHOWS_WORDS[one]).join(' and ')} of ${whose}: ${plural(events, 'event')}`}
      </Soft>
      <View className="flex-row flex-wrap">
        <Button
          weight="quiet"
          className="-ml-2"
          label="A new address"
          spoken={`A new address for ${name}; the one before answers no more`}
          disabled={renew.isPending}
          onPress={() =>
            renew.mutate(
              { params: { id } },
              { onSuccess: ({ path }) => onAddress(wholeAddress(path)) },
            )
          }
        />
        <Button
          weight="quiet"
          label="Take it away"
          spoken={`Take ${name} away`}
          disabled={remove.isPending}
          onPress={() => remove.mutate({ params: { id } }, { onSuccess: () => onAddress(null) })}
        />
      </View>
    </Card>
  );
}

const SaveAsFile = () => (
  <View className="gap-1">
    <Heading>As a file</Heading>
    <View className="flex-row flex-wrap gap-2">
      <Button
        label="Save all dates"
        onPress={() => window.location.assign('/api/calendar.ics?shows=dates')}
      />
      <Button
        label="Save planned touches"
        onPress={() => window.location.assign('/api/calendar.ics?shows=touches')}
      />
    </View>
    <Soft>
      An iCalendar file, as calendar programs read them. Planned touches are those of the next
      thirteen weeks.
    </Soft>
  </View>
);
