import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, ChoiceField, Editing, Heading, SaveBar, Soft, TextField } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { CHANNEL_WORDS, CHANNELS, type Channel } from '@/core/people';
import { spokenDate, type PlainDate } from '@/core/time';

import { useFact } from './use-fact';

const ANSWERS = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
  { value: '', label: 'Not asked' },
] as const;
type Answer = (typeof ANSWERS)[number]['value'];

interface Props {
  sheet: PersonSheet;
  today: PlainDate;
}

/** What they said about calls, texts, e-mail and post; a no is never overridden. */
export function ConsentFacts({ sheet, today }: Props) {
  const [open, setOpen] = useState<Channel | null>(null);
  return (
    <View className="gap-1">
      <Heading>May I</Heading>
      {CHANNELS.map((channel) =>
        open === channel ? (
          <ConsentForm key={channel} {...{ sheet, channel, today }} onClose={() => setOpen(null)} />
        ) : (
          <View key={channel} className="min-h-[36px] flex-row items-start gap-3">
            <Soft className="w-[104px] leading-6">{CHANNEL_WORDS[channel]}</Soft>
            <Body className="min-w-0 flex-1">{answerWords(sheet, channel, today)}</Body>
            <Button
              weight="quiet"
              className="-my-2"
              label="Change"
              spoken={`Change consent to ${CHANNEL_WORDS[channel].toLowerCase()}`}
              onPress={() => setOpen(channel)}
            />
          </View>
        ),
      )}
    </View>
  );
}

function answerWords(sheet: PersonSheet, channel: Channel, today: PlainDate): string {
  const entry = sheet.fields.consent[channel];
  if (!entry) return 'Not asked';
  const day = spokenDate(entry.on as PlainDate, today);
  return [entry.answer === 'yes' ? 'Yes' : 'No', day, entry.cameFrom].filter(Boolean).join(', ');
}

interface FormProps extends Props {
  channel: Channel;
  onClose: () => void;
}

function ConsentForm({ sheet, channel, today, onClose }: FormProps) {
  const present = sheet.fields.consent[channel];
  const form = useFact(sheet, `consent ${channel}`, {
    values: {
      consent: {
        [channel]: { answer: (present?.answer ?? '') as Answer, cameFrom: present?.cameFrom ?? '' },
      } as Record<Channel, { answer: Answer; cameFrom: string }>,
    },
    toChange: ({ consent }) => {
      const { [channel]: _, ...others } = sheet.fields.consent;
      const { answer, cameFrom } = consent[channel];
      return {
        consent: answer === '' ? others : { ...others, [channel]: { answer, on: today, cameFrom } },
      };
    },
    onSaved: onClose,
  });
  const label = CHANNEL_WORDS[channel];
  return (
    <Editing label={label}>
      <ChoiceField of={form} name={`consent.${channel}.answer`} label={label} options={ANSWERS} />
      <TextField
        of={form}
        name={`consent.${channel}.cameFrom`}
        label="Where it came from"
        placeholder="asked at the fair"
      />
      <SaveBar form={form} onClose={onClose} />
    </Editing>
  );
}
