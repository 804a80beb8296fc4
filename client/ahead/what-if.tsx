import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useRead, useWriteForm, type WriteForm } from '@/client/api';
import { useSelection } from '@/client/people';
import { DayField, Fault, Heading, NumberField, Progress, SelectField } from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { makeTrial, type Ahead } from '@/contract/planner';
import { getSettings, type Circle } from '@/contract/settings';
import { plural, type PlainDate } from '@/core/time';

import { NO_WISHES, toTrial, type Wishes } from './trial-wishes';
import { TrialResult } from './trial-result';
import { useTrial } from './use-trial';

interface Props {
  now: Ahead;
  today: PlainDate;
  weeks: number;
}

/** What is wished for, what it would bring, and making it so. */
function useWhatIf(weeks: number) {
  const settings = useRead(getSettings).data;
  const { selection } = useSelection();
  const trialOf = (wishes: Wishes) =>
    settings ? toTrial(wishes, settings, selection?.who ?? { filter: {} }) : {};
  const form = useWriteForm(makeTrial, {
    values: NO_WISHES,
    toInput: (wishes: Wishes) => ({ body: { trial: trialOf(wishes) } }),
    onSaved: () => form.startOver(),
  });
  const wishes = useWatch({ control: form.control }) as Wishes;
  const trial = trialOf(wishes);
  return {
    form,
    wishes,
    trial,
    settings,
    chosen: selection?.people ?? null,
    result: useTrial(trial, weeks),
  };
}

/** A place to try other days, promises and starts beside those that are, and then to make them so. */
export function WhatIf({ now, today, weeks }: Props) {
  const { form, wishes, trial, settings, chosen, result } = useWhatIf(weeks);
  return (
    <View className="gap-3">
      <Heading>What if</Heading>
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          of={form}
          name="capacity"
          label="Touches a working day"
          placeholder={String(settings?.settings.capacity ?? '')}
        />
        <Promises form={form} circles={settings?.circles ?? []} />
      </View>
      <View className="flex-row flex-wrap gap-4">
        <DayField of={form} name="offFrom" label="Time off from" min={today} />
        <DayField of={form} name="offUntil" label="until" min={wishes.offFrom ?? today} />
        <Starting form={form} begins={wishes.cadenceId !== ''} chosen={chosen} />
      </View>
      {result.state === 'running' ? (
        <Progress
          what="Plans worked out"
          done={result.done}
          of={result.of}
          onCancel={result.cancel}
        />
      ) : null}
      {result.state === 'failed' ? <Fault>{result.message}</Fault> : null}
      {result.state === 'done' ? (
        <TrialResult now={now} then={result.outlook} {...{ form, trial, weeks }} />
      ) : null}
    </View>
  );
}

interface PartProps {
  form: WriteForm<Wishes>;
}

const Promises = ({ form, circles }: PartProps & { circles: readonly Circle[] }) =>
  circles
    .filter(({ promiseDays }) => promiseDays !== null)
    .map(({ id, name, promiseDays }) => (
      <NumberField
        key={id}
        of={form}
        name={`promises.${id}`}
        label={`${name}, every`}
        unit="days"
        placeholder={String(promiseDays)}
      />
    ));

function Starting({
  form,
  begins,
  chosen,
}: PartProps & { begins: boolean; chosen: number | null }) {
  const list = useRead(listCadences);
  const cadences = (list.data?.cadences ?? []).filter(({ rota, active }) => !rota && active);
  if (cadences.length === 0) return null;
  const whom = chosen === null ? 'everybody' : `the ${plural(chosen, 'person', 'people')} chosen`;
  return (
    <>
      <SelectField
        of={form}
        name="cadenceId"
        label={`Begin with ${whom}`}
        className="min-w-[200px]"
        options={[
          { value: '', label: 'no cadence' },
          ...cadences.map(({ id, name }) => ({ value: id, label: name })),
        ]}
      />
      {begins ? <NumberField of={form} name="perDay" label="so many a day" unit="people" /> : null}
    </>
  );
}
