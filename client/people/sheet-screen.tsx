import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, Text, View } from 'react-native';

import { useRead } from '@/client/api';
import { LogForm } from '@/client/touches';
import {
  Body,
  Button,
  Heading,
  Lead,
  Overlay,
  Page,
  Rule,
  Soft,
  Title,
  useKey,
  useWide,
  Waiting,
  WARMTH_TEXT,
  WarmthMark,
  Words,
} from '@/client/ui';
import { getPerson, type PersonSheet } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { CHANNEL_WORDS, type Channel } from '@/core/people';
import { spokenDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, slackWords } from '@/core/touches';

import { Enrolments } from './enrolments';
import { Facts } from './facts';
import { Photo } from './photo';
import { PutAway } from './put-away';
import { Story } from './story';
import { Thread } from './thread';

/** One person as a sheet of paper: where things stand, the thread, what comes next, the facts. */
export function SheetScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const person = useRead(getPerson, { params: { id } });
  const settings = useRead(getSettings);
  return (
    <Page>
      <Waiting query={person}>
        {(sheet) =>
          settings.data ? <Sheet key={sheet.id} sheet={sheet} today={settings.data.today} /> : null
        }
      </Waiting>
    </Page>
  );
}

function Sheet({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const wide = useWide();
  const router = useRouter();
  const [logging, setLogging] = useState(false);
  useKey('l', () => setLogging(true), !logging);
  return (
    <>
      {wide ? null : (
        <Button
          weight="quiet"
          className="self-start"
          label="‹ People"
          spoken="Back to people"
          onPress={() => router.navigate('/people')}
        />
      )}
      <Head sheet={sheet} />
      <WhereThingsStand sheet={sheet} />
      <WaysToReach sheet={sheet} onLog={() => setLogging(true)} />
      <Thread sheet={sheet} today={today} />
      <Rule />
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className={`gap-2 ${wide ? 'min-w-0 flex-1' : ''}`}>
          <Next sheet={sheet} today={today} />
          <Talk sheet={sheet} />
          <View className="h-2" />
          <Story sheet={sheet} today={today} />
        </View>
        <View className={`gap-6 ${wide ? 'min-w-0 flex-1' : ''}`}>
          <Facts sheet={sheet} today={today} />
          <Enrolments sheet={sheet} today={today} />
          <PutAway sheet={sheet} />
        </View>
      </View>
      {logging ? (
        <Overlay title={`A touch with ${sheet.name}`} onClose={() => setLogging(false)}>
          <LogForm
            free
            personId={sheet.id}
            kind={sheet.planned[0]?.kind ?? (sheet.fields.phones.length > 0 ? 'call' : 'email')}
            today={today}
            onDone={() => setLogging(false)}
          />
        </Overlay>
      ) : null}
    </>
  );
}

function Head({ sheet }: { sheet: PersonSheet }) {
  const { fields } = sheet;
  const about = [
    fields.roles.join(', '),
    sheet.circle && `${sheet.circle.name} circle`,
    fields.company,
    fields.favourite && 'kept at hand',
  ];
  const home = fields.addresses[0];
  const address = home ? [home.line, home.place || home.city].filter(Boolean).join(', ') : '';
  return (
    <View className="flex-row gap-4">
      <Photo sheet={sheet} />
      <View className="min-w-0 flex-1 gap-1">
        <Title>{sheet.name}</Title>
        <Soft className="text-[15px]">{about.filter(Boolean).join(' · ')}</Soft>
        {address ? <Soft className="text-[15px]">{address}</Soft> : null}
      </View>
    </View>
  );
}

function WhereThingsStand({ sheet }: { sheet: PersonSheet }) {
  const { standing } = sheet;
  return (
    <View className="flex-row flex-wrap items-center gap-x-2">
      <Lead>{sheet.sentence}</Lead>
      {standing.slack !== null && standing.warmth !== null ? (
        <View className="flex-row items-center gap-2">
          <WarmthMark warmth={standing.warmth} />
          <Text className={`font-serif text-[20px] leading-7 ${WARMTH_TEXT[standing.warmth]}`}>
            {`${slackWords(standing.slack)}.`}
          </Text>
        </View>
      ) : null}
    </View>
  );
}

/** What opens ready to go; a way to which they said no says so instead. */
function WaysToReach({ sheet, onLog }: { sheet: PersonSheet; onLog: () => void }) {
  const { phones, emails, consent } = sheet.fields;
  const [phone, email] = [phones[0]?.value.replace(/\s/g, ''), emails[0]?.value];
  const open = (url: string) => () => void Linking.openURL(url);
  const ways: { channel: Channel; label: string; url: string }[] = [
    ...(phone
      ? [
          { channel: 'call' as const, label: 'Call', url: `tel:${phone}` },
          { channel: 'text' as const, label: 'Text', url: `sms:${phone}` },
        ]
      : []),
    ...(email ? [{ channel: 'email' as const, label: 'E-mail', url: `mailto:${email}` }] : []),
  ];
  const free = ways.filter(({ channel }) => consent[channel]?.answer !== 'no');
  const refused = (Object.keys(consent) as Channel[]).filter((c) => consent[c]?.answer === 'no');
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-2">
        {free.map(({ channel, label, url }, i) => (
          <Button
            key={channel}
            weight={i === 0 ? 'main' : 'plain'}
            label={label}
            onPress={open(url)}
          />
        ))}
        <Button label="Log" onPress={onLog} />
      </View>
      {refused.length > 0 ? (
        <Soft>{`Said no to ${refused.map((c) => CHANNEL_WORDS[c].toLowerCase()).join(' and ')}. If that has changed, say so under “May I”.`}</Soft>
      ) : null}
    </View>
  );
}

function Next({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [next] = sheet.planned;
  if (!next) return <Soft>Nothing is planned in the next 13 weeks.</Soft>;
  return (
    <View className="gap-2">
      <Heading>{`Next: ${KIND_WORDS[next.kind].noun}, ${spokenDate(next.day, today)}`}</Heading>
      {next.words ? <Words>{next.words}</Words> : null}
      <Soft>{next.reason}</Soft>
    </View>
  );
}

/** What is known that a conversation can begin with. */
function Talk({ sheet }: { sheet: PersonSheet }) {
  if (sheet.talk.length === 0) return null;
  return (
    <View className="gap-1">
      <Heading>To talk about</Heading>
      {sheet.talk.map(({ about, words }, i) => (
        <View key={i} className="flex-row gap-3">
          <Soft className="w-[104px] leading-6">{about}</Soft>
          <Body className="min-w-0 flex-1">{words}</Body>
        </View>
      ))}
    </View>
  );
}
