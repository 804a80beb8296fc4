import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import { Body, Button, Fault, Field, Page, Soft, Title, useWide, Waiting } from '@/client/ui';
import { calendarOf, type OwnersDays } from '@/client/settings';
import {
  createCadence,
  getCadence,
  listCadences,
  saveCadence,
  type Beat,
  type Cadence,
  type CadenceDraft,
} from '@/contract/cadences';
import { listServices } from '@/contract/services';
import { getSettings } from '@/contract/settings';
import {
  crowding,
  faultOf,
  inOrder,
  PATTERNS,
  roundLength,
  yearShape,
  type Timing,
} from '@/core/cadences';
import { plural, toDayNumber } from '@/core/time';
import { kindSetups, ofKinds } from '@/core/touches';

import { BeatList } from './beat-list';
import { DayLine } from './day-line';
import type { Targets } from './errand';
import { SavedCadence } from './saved-cadence';
import { RoundsForm } from './rounds-form';
import { TrialView } from './trial';
import { YearView } from './year-view';

const EMPTY: CadenceDraft = {
  name: '',
  advice: '',
  beats: [],
  rounds: null,
  gapDays: 30,
  followOn: false,
  handOver: null,
};

/** What a new cadence begins with: a pattern, a copy of another one, or nothing. */
function startingFrom(pattern: string | undefined, copied: Cadence | undefined): CadenceDraft {
  const own = <B extends object>(beats: readonly B[]) =>
    beats.map((beat) => ({ ...beat, id: crypto.randomUUID() }));
  const found = PATTERNS.find(({ key }) => key === pattern);
  if (found) {
    const beats = own(found.cadence.beats).map((b) => ({ ...b, wordings: [...b.wordings] }));
    return { ...found.cadence, beats, handOver: null };
  }
  return copied
    ? { ...draftOf(copied), name: `${copied.name}, a copy`, beats: own(copied.beats) }
    : EMPTY;
}

/** Builds a cadence: the beats beside the year they make. */
export function BuilderScreen() {
  const { id, pattern, copy } = useLocalSearchParams<{
    id: string;
    pattern?: string;
    copy?: string;
  }>();
  const isNew = id === 'new';
  const cadence = useRead(getCadence, { params: { id } }, { enabled: !isNew });
  const copied = useRead(
    getCadence,
    { params: { id: copy ?? '' } },
    { enabled: isNew && Boolean(copy) },
  );
  const settings = useRead(getSettings);
  const ready = !copy || copied.data !== undefined;
  return (
    <Page>
      <Waiting query={settings}>
        {(owner) =>
          isNew ? (
            ready ? (
              <Builder
                key={`new ${pattern} ${copy}`}
                saved={null}
                first={startingFrom(pattern, copied.data)}
                owner={owner}
              />
            ) : null
          ) : (
            <Waiting query={cadence}>
              {(saved) => (
                <Builder
                  key={`${saved.id}:${saved.version}`}
                  saved={saved}
                  first={draftOf(saved)}
                  owner={owner}
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
  first: CadenceDraft;
  owner: OwnersDays;
}

const newBeat = (timing: Timing): Beat => ({
  id: crypto.randomUUID(),
  timing,
  kind: 'call',
  wordings: [],
  dayRule: 'next',
  way: 'hand',
});

const draftOf = (cadence: Cadence): CadenceDraft => ({
  name: cadence.name,
  advice: cadence.advice,
  beats: cadence.beats,
  rounds: cadence.rounds,
  gapDays: cadence.gapDays,
  followOn: cadence.followOn,
  handOver: cadence.handOver,
});

/** What errands can be about, beside the cadence itself. */
function useTargets(id: string | null): Targets {
  const cadences = useRead(listCadences).data?.cadences ?? [];
  const services = useRead(listServices).data?.services ?? [];
  return { cadences: cadences.filter((other) => other.id !== id), services };
}

function Builder({ saved, first, owner }: BuilderProps) {
  const { settings: days, today } = owner;
  const wide = useWide();
  const router = useRouter();
  const { selection } = useSelection();
  const [draft, setDraft] = useState<CadenceDraft>(first);
  const [openId, setOpenId] = useState<string | null>(null);
  const targets = useTargets(saved?.id ?? null);
  const create = useWrite(createCadence);
  const save = useWrite(saveCadence);
  const set = (part: Partial<CadenceDraft>) => setDraft((before) => ({ ...before, ...part }));
  const fault = faultOf(draft);
  const start = toDayNumber(today);
  const calendar = useMemo(() => calendarOf(owner), [owner]);
  const shape = useMemo(
    () =>
      yearShape(
        fault ? { ...draft, beats: [] } : draft,
        start,
        calendar,
        ofKinds(kindSetups(days.kinds), ({ costMinor }) => costMinor),
      ),
    [draft, fault, start, calendar, days],
  );
  const crowded = fault ? null : crowding(shape, days.minDistanceDays);
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
    const counted = draft.beats.some(({ timing }) => timing.on === 'after');
    const beat = newBeat({ on: 'after', days: counted ? roundLength(draft.beats) + 30 : 0 });
    const next = last && last.timing.on === 'date' ? { ...beat, timing: last.timing } : beat;
    set({ beats: [...draft.beats, next] });
    setOpenId(next.id);
  };
  const copy = (i: number) => {
    const beat = draft.beats[i]!;
    const { timing } = beat;
    const next = {
      ...beat,
      id: crypto.randomUUID(),
      timing: timing.on === 'after' ? { ...timing, days: timing.days + 1 } : timing,
    };
    set({ beats: inOrder([...draft.beats, next]) });
  };
  const moveBeat = (id: string, timing: Timing) =>
    set({ beats: draft.beats.map((beat) => (beat.id === id ? { ...beat, timing } : beat)) });
  return (
    <>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Title>{saved ? saved.name : 'A new cadence'}</Title>
        <View className="flex-row items-center gap-2">
          {changed ? null : <Soft>{saved?.active ? 'Saved' : 'Switched off'}</Soft>}
          <Button
            weight={changed ? 'main' : 'plain'}
            label="Save"
            disabled={!changed || busy}
            onPress={keep}
          />
          {saved && !changed ? (
            <Button
              weight={saved.rota ? 'plain' : 'main'}
              label="Enroll people"
              onPress={() => router.navigate(`/enrol?cadence=${saved.id}`)}
            />
          ) : null}
          {saved && !changed && saved.rota ? (
            <Button
              weight="main"
              label="Letters"
              onPress={() => router.navigate(`/cadences/rota?id=${saved.id}`)}
            />
          ) : null}
        </View>
      </View>
      {saved ? <Soft>{peopleOn(saved, selection?.people ?? 0)}</Soft> : null}
      <View className="flex-row flex-wrap gap-3">
        <Field
          label="Name"
          value={draft.name}
          onChangeText={(name) => set({ name })}
          className="min-w-[240px] flex-1"
        />
        <Field
          label="Advice to yourself on consent and frequency"
          value={draft.advice}
          onChangeText={(advice) => set({ advice })}
          className="min-w-[280px] flex-[2]"
        />
      </View>
      {error ? <Fault>{error.message}</Fault> : null}
      {draft.beats.length > 0 ? (
        <View className="rounded border border-line bg-sheet p-3">
          <DayLine
            cadence={draft}
            start={start}
            calendar={calendar}
            onMove={moveBeat}
            openId={openId}
            onOpen={(id) => setOpenId(id === openId ? null : id)}
          />
        </View>
      ) : null}
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="min-w-0 flex-[3] gap-3">
          <BeatList
            beats={draft.beats}
            targets={targets}
            today={start}
            openId={openId}
            onOpen={setOpenId}
            onChange={(beats) => set({ beats })}
            onCopy={copy}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button label="Add a beat" onPress={addBeat} />
            <Button
              weight="quiet"
              label="Put in order of days"
              disabled={JSON.stringify(inOrder(draft.beats)) === JSON.stringify(draft.beats)}
              onPress={() => set({ beats: inOrder(draft.beats) })}
            />
          </View>
          {saved?.rota ? (
            <Soft>Its rounds are the weeks of the letter rota.</Soft>
          ) : (
            <RoundsForm draft={draft} cadenceId={saved?.id ?? null} set={set} />
          )}
          {fault && draft.beats.length > 0 ? <Fault>{fault}</Fault> : null}
          {crowded ? <Body className="text-danger">{crowded}</Body> : null}
        </View>
        <View className="min-w-0 flex-[2] gap-6">
          <YearView shape={shape} />
          {fault ? null : (
            <TrialView
              id={saved?.id ?? null}
              draft={draft}
              changed={changed}
              who={selection?.who ?? null}
              today={today}
            />
          )}
        </View>
      </View>
      {saved ? <SavedCadence saved={saved} today={today} onTake={setDraft} /> : null}
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
