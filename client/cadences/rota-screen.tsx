import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useRead, useWrite, type CallFault } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Choice,
  DayField,
  Fault,
  Heading,
  NumberField,
  Page,
  Select,
  Soft,
  Title,
  useWide,
  Waiting,
} from '@/client/ui';
import { getCadence } from '@/contract/cadences';
import type { CallOutput } from '@/contract/endpoint';
import {
  endRota,
  getRota,
  regroupRota,
  saveRota,
  tryRota,
  type Rota,
  type RotaDraft,
} from '@/contract/rota';
import { getSettings } from '@/contract/settings';
import { listViews } from '@/contract/views';
import { plural, type PlainDate } from '@/core/time';

import { RotaWeeks } from './rota-weeks';

/** The letter rota of a cadence: its weeks, their letters, and whom it calls. */
export function RotaScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const cadence = useRead(getCadence, { params: { id } });
  const rota = useRead(getRota, { params: { id } }, { keepPrevious: true });
  return (
    <Page>
      <Waiting query={rota}>
        {(data) => (
          <RotaOf
            key={JSON.stringify([data.draft, data.saved])}
            id={id}
            name={cadence.data?.name ?? ''}
            rota={data}
          />
        )}
      </Waiting>
    </Page>
  );
}

const NAME_OPTIONS = [
  { value: 'family', label: 'Family name' },
  { value: 'given', label: 'First name' },
] as const;
const PARTICLE_OPTIONS = [
  { value: 'first', label: '“de la Cruz” under D' },
  { value: 'main', label: 'under C' },
] as const;

type Weeks = CallOutput<typeof tryRota>;

function RotaOf({ id, name, rota }: { id: string; name: string; rota: Rota }) {
  const wide = useWide();
  const router = useRouter();
  const [draft, setDraft] = useState<RotaDraft>(rota.draft);
  const set = (part: Partial<RotaDraft>) => setDraft((before) => ({ ...before, ...part }));
  const changed = JSON.stringify(draft) !== JSON.stringify(rota.draft);
  const trial = useQuery<Weeks, CallFault>({
    queryKey: ['try-rota', id, draft],
    queryFn: ({ signal }) => call(tryRota, { params: { id }, body: draft }, { signal }),
    placeholderData: keepPreviousData,
    enabled: changed || !rota.saved,
    retry: false,
  });
  const shown: Weeks = changed || !rota.saved ? (trial.data ?? rota) : rota;
  const save = useWrite(saveRota);
  const end = useWrite(endRota);
  const params = { id };
  const present = rota.saved ? shown.weeks.find(({ now }) => now) : undefined;
  return (
    <>
      <View className="gap-1">
        <Soft>{name}</Soft>
        <Title>{headline(shown)}</Title>
        {present ? (
          <Body>
            {`This week: ${present.groups.map((group) => group.name).join(' and ')}, ${plural(present.people, 'person', 'people')}.`}
          </Body>
        ) : null}
      </View>
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="min-w-0 flex-[3] gap-4">
          <Card>
            <RotaWeeks weeks={shown.weeks} />
          </Card>
          {rota.saved && !changed ? <Even id={id} rota={rota} /> : null}
          {shown.splits.map((split) => (
            <Card key={split.letter} className="gap-2">
              <Body>
                {`${split.letter} alone is ${plural(split.people, 'person', 'people')}, more than twice a mean week. In two parts it is ${split.first} and ${split.people - split.first}.`}
              </Body>
              <Button
                className="self-start"
                label={`Split ${split.letter}`}
                onPress={() => set({ cuts: { ...draft.cuts, [split.letter]: split.cut } })}
              />
            </Card>
          ))}
        </View>
        <View className="min-w-0 flex-[2] gap-4">
          <Settings draft={draft} set={set} />
          {trial.error ? <Fault>{trial.error.message}</Fault> : null}
          {save.error ? <Fault>{save.error.message}</Fault> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              weight="main"
              label={rota.saved ? 'Save the rota' : 'Begin the rota'}
              disabled={(rota.saved && !changed) || Boolean(trial.error) || save.isPending}
              onPress={() => save.mutate({ params, body: draft })}
            />
            {rota.saved ? (
              <Button
                weight="quiet"
                label="End the rota"
                disabled={end.isPending}
                onPress={() =>
                  end.mutate({ params }, { onSuccess: () => router.replace(`/cadences/${id}`) })
                }
              />
            ) : null}
          </View>
          <Soft>
            New people join in the week of their letter by themselves. Whom you take off stays off.
          </Soft>
        </View>
      </View>
    </>
  );
}

function headline({ people, weeks }: Weeks): string {
  const most = Math.max(...weeks.map((week) => week.people));
  const least = Math.min(...weeks.map((week) => week.people));
  return `${plural(people, 'person', 'people')} in ${plural(weeks.length, 'week')}, ${least === most ? most : `${least} to ${most}`} a week`;
}

function Even({ id, rota }: { id: string; rota: Rota }) {
  const regroup = useWrite(regroupRota);
  const largest = Math.max(...rota.weeks.map((week) => week.people));
  if (!rota.regrouped || rota.regrouped.people === 0)
    return <Soft>No exchange of letters would make the weeks more even.</Soft>;
  return (
    <View className="flex-row flex-wrap items-center gap-3">
      <Body className="min-w-[220px] flex-1">
        {`The largest week has grown to ${largest}. Moving ${plural(rota.regrouped.people, 'person', 'people')} by at most two weeks makes it ${rota.regrouped.largest}.`}
      </Body>
      <Button
        label="Even the weeks out"
        disabled={regroup.isPending}
        onPress={() => regroup.mutate({ params: { id } })}
      />
    </View>
  );
}

const EVERYBODY = '';

function Settings({ draft, set }: { draft: RotaDraft; set: (part: Partial<RotaDraft>) => void }) {
  const views = useRead(listViews);
  const list = views.data?.views ?? [];
  const circles = useRead(getSettings).data?.circles ?? [];
  const filters: [string, RotaDraft['who']][] = [
    ...circles.map(({ id }): [string, RotaDraft['who']] => [id, { circleIds: [id] }]),
    ...list.map(({ id, filter }): [string, RotaDraft['who']] => [id, filter]),
  ];
  const [current] =
    filters.find(([, who]) => JSON.stringify(who) === JSON.stringify(draft.who)) ?? [];
  const empty = Object.keys(draft.who).length === 0;
  const options = [
    { value: EVERYBODY, label: 'Everybody in the sphere' },
    ...circles.map(({ id, name }) => ({ value: id, label: `The circle ${name}` })),
    ...list.map((view) => ({ value: view.id, label: view.name })),
    ...(empty || current ? [] : [{ value: 'kept', label: 'The people chosen before' }]),
  ];
  const number = (text: string) => Math.max(0, Number.parseInt(text, 10) || 0);
  const split = Object.keys(draft.cuts);
  return (
    <View className="gap-3">
      <Heading>How it calls</Heading>
      <Select
        label="Whom"
        value={empty ? EVERYBODY : (current ?? 'kept')}
        options={options}
        onChange={(value) => {
          if (value === 'kept') return;
          set({ who: filters.find(([id]) => id === value)?.[1] ?? {} });
        }}
      />
      <Choice
        label="By which name"
        value={draft.namePart}
        options={NAME_OPTIONS}
        onChange={(namePart) => set({ namePart })}
      />
      <Choice
        label="Names with particles"
        value={draft.particles}
        options={PARTICLE_OPTIONS}
        onChange={(particles) => set({ particles })}
      />
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="One time through"
          unit="weeks"
          value={String(draft.weeks)}
          onChange={(text) => set({ weeks: number(text) })}
        />
        <NumberField
          label="Each week"
          unit="letters"
          value={String(draft.lettersAWeek)}
          onChange={(text) => set({ lettersAWeek: number(text) })}
        />
      </View>
      <DayField
        label="First week begins on"
        value={draft.firstDay}
        onChange={(day) => set({ firstDay: day as PlainDate })}
      />
      {split.length > 0 ? (
        <View className="flex-row flex-wrap items-center gap-2">
          <Soft>{`Split: ${split.join(', ')}`}</Soft>
          <Button weight="quiet" label="Put them together" onPress={() => set({ cuts: {} })} />
        </View>
      ) : null}
    </View>
  );
}
