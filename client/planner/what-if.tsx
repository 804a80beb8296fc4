import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import {
  Body,
  Button,
  Card,
  DayField,
  Fault,
  Heading,
  NumberField,
  Select,
  Soft,
} from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { makeTrial, type Outlook, type Trial } from '@/contract/planner';
import { getSettings, type Circle, type Settings } from '@/contract/settings';
import { addDays, daysBetween, plural, type PlainDate } from '@/core/time';

import { compared } from './compared';
import { LoadChart } from './load-chart';
import { useTrial } from './use-trial';

/** The longest time off that can be tried at once. */
const MOST_DAYS_OFF = 92;

interface Wishes {
  capacity: string;
  /** By circle. */
  promises: Record<string, string>;
  offFrom: string;
  offUntil: string;
  cadenceId: string;
  perDay: string;
}

const NO_WISHES: Wishes = {
  capacity: '',
  promises: {},
  offFrom: '',
  offUntil: '',
  cadenceId: '',
  perDay: '3',
};

const number = (text: string): number | null => {
  const value = Number.parseInt(text, 10);
  return Number.isNaN(value) || value < 0 ? null : value;
};

/** The wishes as what is different from now; nothing where they ask for nothing new. */
function toTrial(
  wishes: Wishes,
  settings: Settings,
  circles: readonly Circle[],
  who: Trial['join'],
) {
  const trial: Trial = {};
  const capacity = number(wishes.capacity);
  if (capacity !== null && capacity !== settings.capacity) trial.capacity = capacity;
  const promises = Object.entries(wishes.promises).flatMap(([id, text]) => {
    const days = number(text);
    const now = circles.find((circle) => circle.id === id)?.promiseDays;
    return days && days !== now ? [[id, days] as const] : [];
  });
  if (promises.length > 0) trial.circles = Object.fromEntries(promises);
  const { offFrom, offUntil } = wishes;
  if (offFrom && offUntil && offFrom <= offUntil) {
    const days = daysBetween(offFrom as PlainDate, offUntil as PlainDate);
    trial.daysOff = Array.from({ length: Math.min(days + 1, MOST_DAYS_OFF) }, (_, i) =>
      addDays(offFrom as PlainDate, i),
    );
  }
  if (who) trial.join = who;
  return trial;
}

/** A place to try other days, promises and starts beside those that are, and then to make them so. */
export function WhatIf({ now, today, weeks }: { now: Outlook; today: PlainDate; weeks: number }) {
  const [wishes, setWishes] = useState(NO_WISHES);
  const set = (part: Partial<Wishes>) => setWishes((before) => ({ ...before, ...part }));
  const settings = useRead(getSettings);
  const { selection } = useSelection();
  const circles = settings.data?.circles ?? [];
  const who: Trial['join'] = wishes.cadenceId
    ? {
        cadenceId: wishes.cadenceId,
        who: selection?.who ?? { filter: {} },
        perDay: number(wishes.perDay) || null,
      }
    : undefined;
  const trial = settings.data ? toTrial(wishes, settings.data.settings, circles, who) : {};
  const result = useTrial(trial, weeks);
  const make = useWrite(makeTrial);
  return (
    <View className="gap-3">
      <Heading>What if</Heading>
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="Touches a working day"
          value={wishes.capacity}
          placeholder={String(settings.data?.settings.capacity ?? '')}
          onChange={(capacity) => set({ capacity })}
        />
        {circles
          .filter(({ promiseDays }) => promiseDays !== null)
          .map((circle) => (
            <NumberField
              key={circle.id}
              label={`${circle.name}, every`}
              unit="days"
              placeholder={String(circle.promiseDays)}
              value={wishes.promises[circle.id] ?? ''}
              onChange={(text) => set({ promises: { ...wishes.promises, [circle.id]: text } })}
            />
          ))}
      </View>
      <View className="flex-row flex-wrap gap-4">
        <DayField
          label="Time off from"
          value={wishes.offFrom}
          min={today}
          onChange={(offFrom) => set({ offFrom })}
        />
        <DayField
          label="until"
          value={wishes.offUntil}
          min={wishes.offFrom || today}
          onChange={(offUntil) => set({ offUntil })}
        />
        <Starting wishes={wishes} set={set} chosen={selection?.people ?? null} />
      </View>
      {result.state === 'running' ? (
        <View className="flex-row items-center gap-3" role="status">
          <Soft>{`Working it out, ${result.done} of about ${result.of} plans`}</Soft>
          <Button weight="quiet" label="Cancel" onPress={result.cancel} />
        </View>
      ) : null}
      {result.state === 'failed' ? <Fault>{result.message}</Fault> : null}
      {result.state === 'done' ? (
        <Card className="gap-2">
          <Body aria-live="polite">{compared(now, result.outlook)}</Body>
          <LoadChart
            weeks={result.outlook.weeks.map(({ monday, asked, keepers, capacity }) => ({
              monday,
              base: asked,
              added: keepers,
              capacity,
            }))}
            baseLabel="cadences and follow-ups"
            addedLabel="to keep promises"
          />
          {make.error ? <Fault>{make.error.message}</Fault> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              weight="main"
              label="Make it so"
              disabled={make.isPending}
              onPress={() =>
                make.mutate({ body: { trial } }, { onSuccess: () => setWishes(NO_WISHES) })
              }
            />
            <Button weight="quiet" label="Leave it" onPress={() => setWishes(NO_WISHES)} />
          </View>
        </Card>
      ) : null}
    </View>
  );
}

function Starting({
  wishes,
  set,
  chosen,
}: {
  wishes: Wishes;
  set: (part: Partial<Wishes>) => void;
  chosen: number | null;
}) {
  const list = useRead(listCadences);
  const cadences = (list.data?.cadences ?? []).filter(({ rota, active }) => !rota && active);
  if (cadences.length === 0) return null;
  const whom = chosen === null ? 'everybody' : `the ${plural(chosen, 'person', 'people')} chosen`;
  return (
    <>
      <Select
        label={`Begin with ${whom}`}
        className="min-w-[200px]"
        value={wishes.cadenceId}
        options={[
          { value: '', label: 'no cadence' },
          ...cadences.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(cadenceId) => set({ cadenceId })}
      />
      {wishes.cadenceId ? (
        <NumberField
          label="so many a day"
          unit="people"
          value={wishes.perDay}
          onChange={(perDay) => set({ perDay })}
        />
      ) : null}
    </>
  );
}
