import { View } from 'react-native';

import { Body, Fault, Heading, KindMark, Select, Soft, useWide } from '@/client/ui';
import { plural, shortDate, spokenDate, weekdayName, type PlainDate } from '@/core/time';

import { AddedLoad } from './added-load';
import { Readiness } from './readiness';
import type { Joining, Preview } from './use-enrolment';

interface Props {
  data: Preview;
  today: PlainDate;
  lacking: Joining['lacking'];
  onLacking: (lacking: Joining['lacking']) => void;
  onSample: (id: string) => void;
}

/** What enrolling would bring: to one person, to the weeks, and who lacks what it needs. */
export function EnrolPreview({ data, today, lacking, onLacking, onSample }: Props) {
  const wide = useWide();
  return (
    <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
      <View className="min-w-0 flex-1 gap-3">
        {data.alreadyOn > 0 ? (
          <Soft>{`${plural(data.alreadyOn, 'person', 'people')} already on it won’t change.`}</Soft>
        ) : null}
        {data.lastStart && data.people > 1 && data.lastStart > today ? (
          <Soft>{`The last of them begin ${spokenDate(data.lastStart, today)}.`}</Soft>
        ) : null}
        <Sample data={data} today={today} onSample={onSample} />
      </View>
      <View className="min-w-0 flex-1 gap-3">
        <Heading>What it adds to your weeks</Heading>
        <AddedLoad compared={data} label="with this cadence" today={today} />
        <Readiness data={data} lacking={lacking} onLacking={onLacking} today={today} />
      </View>
    </View>
  );
}

function Sample({ data, today, onSample }: Pick<Props, 'data' | 'today' | 'onSample'>) {
  const { sample } = data;
  if (!sample) return <Body>Everybody chosen is on this cadence already.</Body>;
  return (
    <View className="gap-2">
      <Heading>What it would bring</Heading>
      <Select
        label="Shown for"
        className="max-w-[280px]"
        value={sample.id}
        options={data.candidates.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={onSample}
      />
      {sample.touches.map((touch, i) => (
        <View key={i} className="flex-row gap-3">
          <Soft className="w-[120px] tabular-nums leading-6">
            {`${weekdayName(touch.on).slice(0, 3)}, ${shortDate(touch.on, today)}`}
          </Soft>
          <View className="pt-1">
            <KindMark kind={touch.kind} />
          </View>
          <View className="flex-1">
            <Body>{touch.words || 'No words yet'}</Body>
            {touch.fault ? (
              <Fault className="text-[0.8125rem] leading-5">{touch.fault}</Fault>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  );
}
