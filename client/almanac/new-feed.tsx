import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useViews } from '@/client/people';
import { Button, Chip, Fault, Field, Heading, Select } from '@/client/ui';
import { addFeed, type FeedDraft } from '@/contract/calendars';
import { readLists } from '@/contract/lists';
import { need } from '@/core/need';

export const SHOWS_WORDS = { dates: 'dates', touches: 'planned touches' } as const;

/** An address as it is given to another program. */
export const wholeAddress = (path: string): string => new URL(path, window.location.href).href;

const ALARMS = [
  { value: '', label: 'no alarm' },
  { value: '-540', label: 'at nine on the day' },
  { value: '900', label: 'at nine the day before' },
  { value: '9540', label: 'at nine a week before' },
] as const;
type Alarm = (typeof ALARMS)[number]['value'];

/** What another calendar is to show, and of whom. */
export function NewFeed({ onAddress }: { onAddress: (address: string) => void }) {
  const [name, setName] = useState('');
  const [shows, setShows] = useState<FeedDraft['shows']>(['dates']);
  const [of, setOf] = useState('');
  const [alarm, setAlarm] = useState<Alarm>('');
  const add = useWrite(addFeed, { tells: false });
  const circles = useRead(readLists).data?.circle ?? [];
  const views = useViews().data?.views ?? [];
  const [what, id] = of.split(' ');
  const make = () =>
    add.mutate(
      {
        body: {
          name: name || 'My dates',
          shows,
          circleId: what === 'circle' ? need(id) : null,
          viewId: what === 'view' ? need(id) : null,
          alarmMinutes: alarm === '' ? null : Number(alarm),
        },
      },
      { onSuccess: ({ path }) => onAddress(wholeAddress(path)) },
    );
  const toggle = (one: FeedDraft['shows'][number]) =>
    setShows((before) =>
      before.includes(one) ? before.filter((other) => other !== one) : [...before, one],
    );
  return (
    <View className="gap-2">
      <Heading>For another calendar</Heading>
      <Field label="What you call it" value={name} onChangeText={setName} placeholder="My dates" />
      <View role="group" aria-label="What it shows" className="flex-row flex-wrap gap-x-4">
        {(['dates', 'touches'] as const).map((one) => (
          <Chip
            key={one}
            label={SHOWS_WORDS[one]}
            chosen={shows.includes(one)}
            onPress={() => toggle(one)}
          />
        ))}
      </View>
      <View className="flex-row flex-wrap gap-3">
        <Select
          label="Of"
          className="w-[200px]"
          value={of}
          options={[
            { value: '', label: 'everybody' },
            ...circles.map((one) => ({ value: `circle ${one.id}`, label: one.name })),
            ...views.map((one) => ({ value: `view ${one.id}`, label: one.name })),
          ]}
          onChange={setOf}
        />
        <Select
          label="With"
          className="w-[200px]"
          value={alarm}
          options={ALARMS}
          onChange={setAlarm}
        />
      </View>
      {add.error ? <Fault>{add.error.message}</Fault> : null}
      <Button
        className="self-start"
        label="Make an address"
        disabled={add.isPending}
        onPress={make}
      />
    </View>
  );
}
