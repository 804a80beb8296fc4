import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useWriteForm, type WriteForm } from '@/client/api';
import {
  Chip,
  Heading,
  NumberField,
  SaveBar,
  SelectField,
  Soft,
  TextField,
  useField,
  SwitchField,
} from '@/client/ui';
import { Trial } from '@/contract/planner';
import { saveSettings, type Settings } from '@/contract/settings';
import type { PlainDate } from '@/core/time';
import { aKind, TOUCH_KINDS } from '@/core/touches';

import { daysOffOf, TimeOff, type TimeOffForm } from './time-off';

const WEEK = [
  [1, 'Mon'],
  [2, 'Tue'],
  [3, 'Wed'],
  [4, 'Thu'],
  [5, 'Fri'],
  [6, 'Sat'],
  [7, 'Sun'],
] as const;

const THANKS = [
  { value: '', label: 'nothing that is planned' },
  ...TOUCH_KINDS.map((kind) => ({ value: kind, label: aKind(kind) })),
];

type DaysForm = Omit<Settings, 'daysOff'> & TimeOffForm;

/** Only what stands in this form: the rest of the settings have places of their own. */
const toBody = (form: DaysForm): Partial<Settings> => ({
  ownerName: form.ownerName,
  timeZone: form.timeZone,
  currency: form.currency.trim().toUpperCase(),
  locale: form.locale.trim(),
  capacity: form.capacity,
  minDistanceDays: form.minDistanceDays,
  mostTries: form.mostTries,
  minutesPerDay: form.minutesPerDay,
  autoNeedsYes: form.autoNeedsYes,
  thanksKind: form.thanksKind || null,
  quietFrom: form.quietFrom,
  quietUntil: form.quietUntil,
  workingDays: form.workingDays,
  daysOff: daysOffOf(form) as Settings['daysOff'],
});

/** The owner's days as they are being filled in. */
export const useDays = (settings: Settings): WriteForm<DaysForm> =>
  useWriteForm(saveSettings, {
    values: { ...settings, offFrom: '', offUntil: '' } as DaysForm,
    toInput: (given: DaysForm) => ({ body: toBody(given) }),
    keepAs: 'days',
  });

/** What is filled in as what is different from now, as far as it can be read. */
export function useDaysTrial(form: WriteForm<DaysForm>, settings: Settings): Trial {
  const { capacity, minutesPerDay, ...off } = useWatch({ control: form.control }) as DaysForm;
  const trial = Trial.safeParse({
    capacity: capacity === settings.capacity ? undefined : capacity,
    minutesPerDay: minutesPerDay === settings.minutesPerDay ? undefined : minutesPerDay,
    daysOff: daysOffOf(off).filter((day) => !settings.daysOff.includes(day as PlainDate)),
  }).data;
  if (trial?.daysOff?.length === 0) delete trial.daysOff;
  return JSON.parse(JSON.stringify(trial ?? {})) as Trial;
}

/** The owner, the room of their days, and when they work. */
export function Days({ form, today }: PartProps & { today: PlainDate }) {
  return (
    <View className="gap-3">
      <Heading>Your days</Heading>
      <Owner form={form} />
      <View className="flex-row flex-wrap gap-6">
        <NumberField of={form} name="capacity" label="Room on a working day for" unit="touches" />
        <NumberField
          of={form}
          name="minutesPerDay"
          label="and at most"
          unit="minutes"
          placeholder="any"
        />
        <NumberField
          of={form}
          name="minDistanceDays"
          label="Between two touches of one person or home, at least"
          unit="days"
        />
        <NumberField
          of={form}
          name="mostTries"
          label="Try another way after"
          unit="tries without an answer"
        />
      </View>
      <SwitchField of={form} name="autoNeedsYes" label="What goes by itself waits for a yes" />
      <View className="flex-row flex-wrap gap-3">
        <TextField of={form} name="quietFrom" label="Quiet hours from" className="w-[8rem]" />
        <TextField of={form} name="quietUntil" label="quiet until" className="w-[8rem]" />
      </View>
      <Soft>Then nothing goes by itself, and a call says when it is night where they live.</Soft>
      <SelectField
        of={form}
        name="thanksKind"
        label="Whoever sends you somebody is thanked by"
        className="max-w-[280px]"
        options={THANKS}
      />
      <WorkingDays form={form} />
      <TimeOff form={form} today={today} />
      <SaveBar form={form} weight="main" label="Save my days" />
    </View>
  );
}

interface PartProps {
  form: WriteForm<DaysForm>;
}

const Owner = ({ form }: PartProps) => (
  <View className="flex-row flex-wrap gap-3">
    <TextField of={form} name="ownerName" label="Your name" className="min-w-[220px] flex-1" />
    <TextField of={form} name="timeZone" label="Time zone" className="min-w-[220px] flex-1" />
    <TextField of={form} name="currency" label="Currency" className="w-[110px]" />
    <TextField of={form} name="locale" label="Numbers as in" className="w-[140px]" />
  </View>
);

function WorkingDays({ form }: PartProps) {
  const { value, onChange } = useField({ of: form, name: 'workingDays' });
  const working = value as Settings['workingDays'];
  const toggle = (day: (typeof working)[number]) =>
    onChange(working.includes(day) ? working.filter((d) => d !== day) : [...working, day].sort());
  return (
    <View className="flex-row flex-wrap gap-x-4" role="group" aria-label="Working days">
      {WEEK.map(([day, label]) => (
        <Chip key={day} label={label} chosen={working.includes(day)} onPress={() => toggle(day)} />
      ))}
    </View>
  );
}
