import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import {
  Body,
  Button,
  Choice,
  Fault,
  Field,
  NumberField,
  Page,
  Soft,
  Title,
  useWide,
  Waiting,
} from '@/client/ui';
import {
  createCadence,
  getCadence,
  saveCadence,
  type Beat,
  type Cadence,
  type CadenceDraft,
} from '@/contract/cadences';
import { getSettings, type Settings } from '@/contract/settings';
import { faultSentence, findFault, inOrder, roundPeriod, yearShape } from '@/core/cadences';
import { plural, toDayNumber, type PlainDate } from '@/core/time';

import { BeatList } from './beat-list';
import { RoundLine } from './round-line';
import { YearView } from './year-view';

const EMPTY: CadenceDraft = { name: '', beats: [], rounds: null, gapDays: 30 };

/** Builds a cadence: the beats beside the year they make. */
export function BuilderScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const isNew = id === 'new';
  const cadence = useRead(getCadence, { params: { id } }, { enabled: !isNew });
  const settings = useRead(getSettings);
  return (
    <Page>
      <Waiting query={settings}>
        {({ settings: days, today }) =>
          isNew ? (
            <Builder key="new" saved={null} days={days} today={today} />
          ) : (
            <Waiting query={cadence}>
              {(saved) => (
                <Builder
                  key={`${saved.id}:${saved.version}`}
                  saved={saved}
                  days={days}
                  today={today}
                />
              )}
            </Waiting>
          )
        }
      </Waiting>
    </Page>
  );
}

interface BuilderProps {
  saved: Cadence | null;
  days: Settings;
  today: PlainDate;
}

const newBeat = (after: number): Beat => ({
  id: crypto.randomUUID(),
  afterDays: after,
  kind: 'call',
  words: '',
  dayRule: 'next',
});

const draftOf = ({ name, beats, rounds, gapDays }: Cadence): CadenceDraft => ({
  name,
  beats,
  rounds,
  gapDays,
});

function Builder({ saved, days, today }: BuilderProps) {
  const wide = useWide();
  const router = useRouter();
  const { selection } = useSelection();
  const [draft, setDraft] = useState<CadenceDraft>(saved ? draftOf(saved) : EMPTY);
  const create = useWrite(createCadence);
  const save = useWrite(saveCadence);
  const set = (part: Partial<CadenceDraft>) => setDraft((before) => ({ ...before, ...part }));
  const fault = findFault(draft);
  const shape = useMemo(
    () =>
      yearShape(
        fault ? { ...draft, beats: [] } : { ...draft, beats: inOrder(draft.beats) },
        toDayNumber(today),
        {
          workingDays: days.workingDays,
          daysOff: new Set(days.daysOff.map(toDayNumber)),
        },
      ),
    [draft, fault, days, today],
  );
  const changed = !saved || JSON.stringify(draft) !== JSON.stringify(draftOf(saved));
  const busy = create.isPending || save.isPending;
  const error = create.error ?? save.error;
  const keep = () => {
    if (saved)
      save.mutate({ params: { id: saved.id }, body: { ...draft, version: saved.version } });
    else
      create.mutate({ body: draft }, { onSuccess: ({ id }) => router.replace(`/cadences/${id}`) });
  };
  const addBeat = () => {
    const last = draft.beats.at(-1);
    set({ beats: [...draft.beats, newBeat(last ? last.afterDays + 30 : 0)] });
  };
  const copy = (i: number) => {
    const beat = draft.beats[i]!;
    const next = { ...beat, id: crypto.randomUUID(), afterDays: beat.afterDays + 1 };
    set({ beats: inOrder([...draft.beats, next]) });
  };
  return (
    <>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Title>{saved ? saved.name : 'A new cadence'}</Title>
        <View className="flex-row items-center gap-2">
          {changed ? null : <Soft>Saved</Soft>}
          <Button
            weight={changed ? 'main' : 'plain'}
            label="Save"
            disabled={!changed || busy}
            onPress={keep}
          />
          {saved && !changed ? (
            <Button
              weight="main"
              label="Enroll people"
              onPress={() => router.navigate(`/enrol?cadence=${saved.id}`)}
            />
          ) : null}
        </View>
      </View>
      {saved ? <Soft>{peopleOn(saved, selection?.people ?? 0)}</Soft> : null}
      <Field
        label="Name"
        value={draft.name}
        onChangeText={(name) => set({ name })}
        className="max-w-[520px]"
      />
      {error ? <Fault>{error.message}</Fault> : null}
      {draft.beats.length > 0 ? (
        <View className="rounded border border-line bg-sheet p-3">
          <RoundLine beats={draft.beats} rounds={draft.rounds} gapDays={draft.gapDays} />
        </View>
      ) : null}
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="min-w-0 flex-[3] gap-3">
          <BeatList beats={draft.beats} onChange={(beats) => set({ beats })} onCopy={copy} />
          <View className="flex-row flex-wrap gap-2">
            <Button label="Add a beat" onPress={addBeat} />
            <Button
              weight="quiet"
              label="Put in order of days"
              disabled={JSON.stringify(inOrder(draft.beats)) === JSON.stringify(draft.beats)}
              onPress={() => set({ beats: inOrder(draft.beats) })}
            />
          </View>
          <Rounds draft={draft} set={set} />
          {fault && draft.beats.length > 0 ? <Fault>{faultSentence(fault)}</Fault> : null}
        </View>
        <View className="flex-[2]">
          <YearView shape={shape} />
        </View>
      </View>
    </>
  );
}

const peopleOn = (cadence: Cadence, chosen: number): string => {
  const on =
    cadence.people === 0
      ? 'Nobody is on it yet.'
      : `${plural(cadence.people, 'person is', 'people are')} on it. What you save counts from their next touch; touches made stay as they are.`;
  return chosen > 0 ? `${on} ${plural(chosen, 'person is', 'people are')} chosen.` : on;
};

type Repeat = 'once' | 'times' | 'endless';
const REPEATS = [
  { value: 'once', label: 'Once' },
  { value: 'times', label: 'Several rounds' },
  { value: 'endless', label: 'Without end' },
] as const;

function Rounds({
  draft,
  set,
}: {
  draft: CadenceDraft;
  set: (part: Partial<CadenceDraft>) => void;
}) {
  const repeat: Repeat = draft.rounds === null ? 'endless' : draft.rounds === 1 ? 'once' : 'times';
  const choose = (next: Repeat) =>
    set({
      rounds: next === 'endless' ? null : next === 'once' ? 1 : 4,
      gapDays: Math.max(1, draft.gapDays),
    });
  const number = (text: string) => Math.max(0, Number.parseInt(text, 10) || 0);
  return (
    <View className="gap-2">
      <Choice label="Rounds" value={repeat} options={REPEATS} onChange={choose} />
      {repeat === 'once' ? null : (
        <View className="flex-row flex-wrap gap-4">
          <NumberField
            label="After the last beat, wait"
            unit="days"
            value={String(draft.gapDays)}
            onChange={(text) => set({ gapDays: number(text) })}
          />
          {repeat === 'times' ? (
            <NumberField
              label="Altogether"
              unit="rounds"
              value={String(draft.rounds)}
              onChange={(text) => set({ rounds: Math.max(2, number(text)) })}
            />
          ) : null}
        </View>
      )}
      {repeat !== 'once' && draft.beats.length > 0 ? (
        <Body>{`A round begins every ${plural(roundPeriod(draft), 'day')}.`}</Body>
      ) : null}
    </View>
  );
}
