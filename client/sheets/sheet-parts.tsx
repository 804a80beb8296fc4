import { Linking, Text, View } from 'react-native';

import {
  Body,
  Button,
  Heading,
  Lead,
  LinkedButton,
  Soft,
  Title,
  WARMTH_TEXT,
  WarmthMark,
  Words,
} from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { CHANNEL_WORDS, type Channel } from '@/core/people';
import { spokenDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, slackWords } from '@/core/touches';

import { LogTouch } from './log-touch';
import { Photo } from '@/client/people';

export function Head({ sheet }: { sheet: PersonSheet }) {
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
        <Soft className="text-[0.9375rem]">{about.filter(Boolean).join(' · ')}</Soft>
        {address ? <Soft className="text-[0.9375rem]">{address}</Soft> : null}
      </View>
    </View>
  );
}

export function WhereThingsStand({ sheet }: { sheet: PersonSheet }) {
  const { standing } = sheet;
  return (
    <View className="flex-row flex-wrap items-center gap-x-2">
      <Lead>{sheet.sentence}</Lead>
      {standing.slack !== null && standing.warmth !== null ? (
        <View className="flex-row items-center gap-2">
          <WarmthMark warmth={standing.warmth} />
          <Text className={`font-serif text-[1.25rem] leading-7 ${WARMTH_TEXT[standing.warmth]}`}>
            {`${slackWords(standing.slack)}.`}
          </Text>
        </View>
      ) : null}
    </View>
  );
}

/** What opens ready to go; a way to which they said no says so instead. */
export function WaysToReach({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
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
        {phone || email ? (
          <LinkedButton
            href={`/write?person=${sheet.id}&kind=${email ? 'email' : 'text'}`}
            label="Write"
          />
        ) : null}
        <LogTouch sheet={sheet} today={today} />
      </View>
      {refused.length > 0 ? (
        <Soft>{`Said no to ${refused.map((c) => CHANNEL_WORDS[c].toLowerCase()).join(' and ')}. If that has changed, say so under “May I”.`}</Soft>
      ) : null}
    </View>
  );
}

export function Next({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
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
export function Talk({ sheet }: { sheet: PersonSheet }) {
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
