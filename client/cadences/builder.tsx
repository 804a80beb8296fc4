import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useSelection } from '@/client/people';
import {
  Body,
  Button,
  Fault,
  SaveBar,
  Soft,
  TextField,
  Title,
  useFault,
  useWide,
} from '@/client/ui';
import type { Cadence } from '@/contract/cadences';
import { inOrder } from '@/core/cadences';
import { need } from '@/core/need';
import { plural } from '@/core/time';

import { BeatList } from './beat-list';
import { DayLine } from './day-line';
import { withCopy, withNewBeat } from './draft';
import { RoundsForm } from './rounds-form';
import { TrialView } from './trial';
import { useBuilder, type BuilderProps } from './use-builder';
import { YearView } from './year-view';

type Known = ReturnType<typeof useBuilder>;

/** A cadence being built: the beats beside the year they make. */
export function Builder(props: BuilderProps) {
  const { saved, owner } = props;
  const wide = useWide();
  const { selection } = useSelection();
  const known = useBuilder(props);
  const { form, draft, fault, changed } = known;
  const [openId, setOpenId] = useState<string | null>(null);
  return (
    <>
      <Head saved={saved} known={known} />
      {saved ? <Soft>{peopleOn(saved, selection?.people ?? 0)}</Soft> : null}
      <View className="flex-row flex-wrap gap-3">
        <TextField of={form} name="name" label="Name" className="min-w-[240px] flex-1" />
        <TextField
          of={form}
          name="advice"
          label="Advice to yourself on consent and frequency"
          className="min-w-[280px] flex-[2]"
        />
      </View>
      {draft.beats.length > 0 ? (
        <View className="rounded border border-line bg-sheet p-3">
          <DayLine
            cadence={draft}
            start={known.start}
            calendar={known.calendar}
            onMove={known.moveBeat}
            openId={openId}
            onOpen={(id) => setOpenId(id === openId ? null : id)}
          />
        </View>
      ) : null}
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="min-w-0 flex-[3] gap-3">
          <Beats known={known} openId={openId} onOpen={setOpenId} />
          {saved?.rota ? (
            <Soft>Its rounds are the weeks of the letter rota.</Soft>
          ) : (
            <RoundsForm draft={draft} form={form} cadenceId={saved?.id ?? null} set={known.set} />
          )}
          {fault && draft.beats.length > 0 ? <Fault>{fault}</Fault> : null}
          {known.crowded ? <Body className="text-danger">{known.crowded}</Body> : null}
        </View>
        <View className="min-w-0 flex-[2] gap-6">
          <YearView shape={known.shape} />
          {fault ? null : (
            <TrialView
              id={saved?.id ?? null}
              draft={draft}
              changed={changed}
              who={selection?.who ?? null}
              today={owner.today}
            />
          )}
        </View>
      </View>
    </>
  );
}

/** The name, whether it is saved, and what comes next. */
function Head({ saved, known }: { saved: Cadence | null; known: Known }) {
  const router = useRouter();
  const { form, changed } = known;
  const goOn = saved && !changed ? saved : null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Title>{saved ? saved.name : 'A new cadence'}</Title>
      <View className="max-w-full flex-row flex-wrap items-center gap-2">
        {changed ? null : <Soft>{saved?.active ? 'Saved' : 'Switched off'}</Soft>}
        <SaveBar form={form} weight={changed ? 'main' : 'plain'} label="Save" disabled={!changed} />
        {goOn ? (
          <Button
            weight={goOn.rota ? 'plain' : 'main'}
            label="Enroll people"
            onPress={() => router.navigate(`/enrol?cadence=${goOn.id}`)}
          />
        ) : null}
        {goOn?.rota ? (
          <Button
            weight="main"
            label="Letters"
            onPress={() => router.navigate(`/cadences/rota?id=${goOn.id}`)}
          />
        ) : null}
      </View>
    </View>
  );
}

interface BeatsProps {
  known: Known;
  openId: string | null;
  onOpen: (id: string | null) => void;
}

function Beats({ known, openId, onOpen }: BeatsProps) {
  const { form, draft, set, targets, start } = known;
  const { beats } = draft;
  const fault = useFault(form, 'beats');
  const sorted = inOrder(beats);
  const add = () => {
    const next = withNewBeat(beats);
    set({ beats: next });
    onOpen(need(next.at(-1)).id);
  };
  return (
    <>
      <BeatList
        form={form}
        beats={beats}
        targets={targets}
        today={start}
        openId={openId}
        onOpen={onOpen}
        onChange={(next) => set({ beats: next })}
        onCopy={(at) => set({ beats: withCopy(beats, at) })}
      />
      {fault ? <Fault>{fault}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add a beat" onPress={add} />
        <Button
          weight="quiet"
          label="Put in order of days"
          disabled={sorted.every(({ id }, i) => id === need(beats[i]).id)}
          onPress={() => set({ beats: sorted })}
        />
      </View>
    </>
  );
}

function peopleOn(cadence: Cadence, chosen: number): string {
  const on =
    cadence.people === 0
      ? 'Nobody is on it yet.'
      : `${plural(cadence.people, 'person is', 'people are')} on it. What you save counts from their next touch; touches made stay as they are.`;
  return chosen > 0 ? `${on} ${plural(chosen, 'person is', 'people are')} chosen.` : on;
}
