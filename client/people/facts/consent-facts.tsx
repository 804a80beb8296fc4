import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Choice, Field, Heading, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { CHANNEL_WORDS, CHANNELS, type Channel } from '@/core/people';
import { spokenDate, type PlainDate } from '@/core/time';

import { SaveBar } from './fact';
import { useSave } from './use-save';

const ANSWERS = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
  { value: '', label: 'Not asked' },
] as const;

/** What they said about calls, texts, e-mail and post; a no is never overridden. */
export function ConsentFacts({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [open, setOpen] = useState<Channel | null>(null);
  const { consent } = sheet.fields;
  return (
    <View className="gap-1">
      <Heading>May I</Heading>
      {CHANNELS.map((channel) => {
        const answer = consent[channel];
        if (open === channel)
          return (
            <ConsentForm
              key={channel}
              sheet={sheet}
              channel={channel}
              today={today}
              onClose={() => setOpen(null)}
            />
          );
        return (
          <View key={channel} className="min-h-[36px] flex-row items-start gap-3">
            <Soft className="w-[104px] leading-6">{CHANNEL_WORDS[channel]}</Soft>
            <Body className="min-w-0 flex-1">
              {answer
                ? `${answer.answer === 'yes' ? 'Yes' : 'No'}, ${spokenDate(answer.on as PlainDate, today)}${answer.cameFrom ? `, ${answer.cameFrom}` : ''}`
                : 'Not asked'}
            </Body>
            <Button
              weight="quiet"
              className="-my-2"
              label="Change"
              spoken={`Change consent to ${CHANNEL_WORDS[channel].toLowerCase()}`}
              onPress={() => setOpen(channel)}
            />
          </View>
        );
      })}
    </View>
  );
}

interface FormProps {
  sheet: PersonSheet;
  channel: Channel;
  today: PlainDate;
  onClose: () => void;
}

function ConsentForm({ sheet, channel, today, onClose }: FormProps) {
  const present = sheet.fields.consent[channel];
  const [answer, setAnswer] = useState<'yes' | 'no' | ''>(present?.answer ?? '');
  const [cameFrom, setCameFrom] = useState(present?.cameFrom ?? '');
  const { busy, error, save } = useSave(sheet);
  const keep = () => {
    const { [channel]: _, ...others } = sheet.fields.consent;
    const entry = answer === '' ? {} : { [channel]: { answer, on: today, cameFrom } };
    save({ consent: { ...others, ...entry } }, onClose);
  };
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Soft>{CHANNEL_WORDS[channel]}</Soft>
      <Choice
        label={CHANNEL_WORDS[channel]}
        value={answer}
        options={ANSWERS}
        onChange={setAnswer}
      />
      <Field
        label="Where it came from"
        placeholder="asked at the fair"
        value={cameFrom}
        onChangeText={setCameFrom}
      />
      <SaveBar busy={busy} error={error} onSave={keep} onClose={onClose} />
    </View>
  );
}
