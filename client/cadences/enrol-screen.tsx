import { useQuery } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { call, CallFault, useRead, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import {
  Body,
  Button,
  Choice,
  DayField,
  Fault,
  Heading,
  KindMark,
  NumberField,
  Page,
  Select,
  Soft,
  Title,
  useWide,
  Waiting,
} from '@/client/ui';
import { listCadences, type Cadence } from '@/contract/cadences';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import type { CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import { getSettings } from '@/contract/settings';
import { pastThisYear } from '@/core/cadences';
import {
  plural,
  shortDate,
  spokenDate,
  toDayNumber,
  weekdayName,
  type PlainDate,
} from '@/core/time';

import { AddedLoad } from './added-load';
import { Readiness } from './readiness';

type Preview = CallOutput<typeof previewEnrolment>;

const EVERYBODY: Who = { filter: {} };

/** Enrolling: the dated touches of a real person, the load and who lacks what, before anything is written. */
export function EnrolScreen() {
  const params = useLocalSearchParams<{ cadence?: string }>();
  const { selection } = useSelection();
  const cadences = useRead(listCadences);
  const settings = useRead(getSettings);
  return (
    <Page>
      <Title>Enroll people</Title>
      <Waiting query={cadences}>
        {(list) =>
          joinable(list.cadences).length === 0 ? (
            <NoCadence />
          ) : settings.data ? (
            <Enrolment
              cadences={joinable(list.cadences)}
              first={params.cadence ?? joinable(list.cadences)[0]?.id ?? ''}
              who={selection?.who ?? EVERYBODY}
              chosen={selection?.people ?? null}
              today={settings.data.today}
            />
          ) : null
        }
      </Waiting>
    </Page>
  );
}

const joinable = (cadences: readonly Cadence[]) => cadences.filter(({ active }) => active);

function NoCadence() {
  const router = useRouter();
  return (
    <View className="items-start gap-3">
      <Body>There is no cadence yet to enroll anybody in.</Body>
      <Button weight="main" label="Build one" onPress={() => router.navigate('/cadences/new')} />
    </View>
  );
}

interface EnrolmentProps {
  cadences: readonly Cadence[];
  first: string;
  who: Who;
  chosen: number | null;
  today: PlainDate;
}

const PACES = [
  { value: 'once', label: 'All on that day' },
  { value: 'phased', label: 'A few each day' },
] as const;

function Enrolment({ cadences, first, who, chosen, today }: EnrolmentProps) {
  const router = useRouter();
  const { setSelection } = useSelection();
  const [cadenceId, setCadenceId] = useState(first);
  const [startOn, setStartOn] = useState<string>(today);
  const [samplePersonId, setSample] = useState<string | null>(null);
  const [lacking, setLacking] = useState<'along' | 'out'>('along');
  const [pace, setPace] = useState<'once' | 'phased'>('once');
  const [perDay, setPerDay] = useState('3');
  const body = {
    cadenceId,
    who,
    startOn: startOn as PlainDate,
    perDay: pace === 'phased' ? Math.max(1, Number.parseInt(perDay, 10) || 1) : null,
    leaveOutLacking: lacking === 'out',
  };
  const preview = useQuery<Preview, CallFault>({
    queryKey: ['enrol-preview', body, samplePersonId],
    queryFn: ({ signal }) =>
      call(previewEnrolment, { body: { ...body, samplePersonId } }, { signal }),
    placeholderData: (previous) => previous,
  });
  const enrolling = useWrite(enrol);
  const cadence = cadences.find(({ id }) => id === cadenceId);
  const advice = cadence?.advice;
  const past = pastThisYear(
    (cadence?.beats ?? []).map(({ timing }) => timing),
    toDayNumber(startOn as PlainDate),
  );
  const data = preview.data;
  const joining = (data?.people ?? 0) - (lacking === 'out' ? (data?.lackingCount ?? 0) : 0);
  const go = () =>
    enrolling.mutate(
      { body },
      {
        onSuccess: () => {
          setSelection(null);
          router.navigate('/');
        },
      },
    );
  return (
    <>
      <Body>
        {chosen === null
          ? 'Nobody was chosen in People, so this is for everybody in your sphere.'
          : `For the ${plural(chosen, 'person', 'people')} chosen in People.`}
      </Body>
      <View className="flex-row flex-wrap gap-3">
        <Select
          label="Cadence"
          className="min-w-[240px]"
          value={cadenceId}
          options={cadences.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setCadenceId}
        />
        {cadence?.rota ? null : (
          <DayField label="Starts on" value={startOn} onChange={setStartOn} min={today} />
        )}
        {cadence?.rota ? null : pace === 'phased' ? (
          <NumberField
            label="Begin on each working day"
            unit="people"
            value={perDay}
            onChange={setPerDay}
          />
        ) : null}
      </View>
      {cadence?.rota ? (
        <Soft>
          Each begins in the week of their letter, also those whom the rota is not for. It takes in
          those whom it is for by itself.
        </Soft>
      ) : (
        <Choice label="How they start" value={pace} options={PACES} onChange={setPace} />
      )}
      {advice ? <Soft>{advice}</Soft> : null}
      {past > 0 ? (
        <Soft>
          {`${plural(past, 'piece')} of its year ${past === 1 ? 'is' : 'are'} past on that day: not made up for, they come next year.`}
        </Soft>
      ) : null}
      {preview.error ? <Fault>{preview.error.message}</Fault> : null}
      {data && !preview.error ? (
        <PreviewOf
          data={data}
          today={today}
          lacking={lacking}
          onLacking={setLacking}
          onSample={setSample}
        />
      ) : null}
      {enrolling.error ? <Fault>{enrolling.error.message}</Fault> : null}
      <Button
        weight="main"
        className="self-start"
        label={`Enroll ${plural(joining, 'person', 'people')}`}
        disabled={joining < 1 || enrolling.isPending || Boolean(preview.error)}
        onPress={go}
      />
    </>
  );
}

interface PreviewProps {
  data: Preview;
  today: PlainDate;
  lacking: 'along' | 'out';
  onLacking: (lacking: 'along' | 'out') => void;
  onSample: (id: string) => void;
}

function PreviewOf({ data, today, lacking, onLacking, onSample }: PreviewProps) {
  const wide = useWide();
  return (
    <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
      <View className="flex-1 gap-3">
        {data.alreadyOn > 0 ? (
          <Soft>{`${plural(data.alreadyOn, 'person is', 'people are')} on it already and stay as they are.`}</Soft>
        ) : null}
        {data.lastStart && data.people > 1 && data.lastStart > today ? (
          <Soft>{`The last of them begin ${spokenDate(data.lastStart, today)}.`}</Soft>
        ) : null}
        <Sample data={data} today={today} onSample={onSample} />
      </View>
      <View className="flex-1 gap-3">
        <Heading>What it adds to your weeks</Heading>
        <AddedLoad compared={data} label="with this cadence" />
        <Readiness data={data} lacking={lacking} onLacking={onLacking} today={today} />
      </View>
    </View>
  );
}

function Sample({ data, today, onSample }: Pick<PreviewProps, 'data' | 'today' | 'onSample'>) {
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
            {touch.fault ? <Fault className="text-[13px] leading-5">{touch.fault}</Fault> : null}
          </View>
        </View>
      ))}
    </View>
  );
}
