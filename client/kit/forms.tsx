import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';

import type { WriteForm } from '@/client/api';
import {
  Body,
  Button,
  ChoiceField,
  DayField,
  FormSheet,
  InlineEdit,
  MoneyField,
  NumberField,
  Rows,
  SaveBar,
  SelectField,
  SwitchField,
  TextField,
  YearlyField,
} from '@/client/ui';
import { moneyText, readMoney } from '@/core/money';

const WRITING = { locale: 'en-US', currency: 'USD' };
const MONEY = {
  symbol: '$',
  read: (text: string) => readMoney(text, WRITING),
  write: (minor: number | null) => moneyText(minor, WRITING),
};

const VALUES = {
  name: 'Loan for the loft',
  weeks: 13 as number | null,
  fee: 250_000 as number | null,
  on: '2026-11-30' as string | null,
  birthday: '05-04' as string | null,
  kind: 'call',
  pace: 'once',
  open: true,
  phones: [
    { value: '555-0142', label: 'mobile' },
    { value: '555-0143', label: 'work' },
  ],
};
type Sample = typeof VALUES;

/** A form that keeps nothing: saving it marks one field, and the whole, as refused. */
function useSampleForm(): WriteForm<Sample> {
  const form = useForm<Sample>({ defaultValues: VALUES });
  const [fault, setFault] = useState<string | null>(null);
  return {
    control: form.control,
    shows: () => () => {},
    submit: () => {
      form.setError('name', { message: 'Name the work.' });
      setFault('Somebody changed this meanwhile.');
    },
    busy: false,
    fault,
    changed: form.formState.isDirty,
    restored: false,
    begun: VALUES,
    startOver: () => {
      form.reset(VALUES);
      setFault(null);
    },
    set: form.setValue,
    values: form.getValues,
  };
}

const KINDS = [
  { value: 'call', label: 'Call' },
  { value: 'card', label: 'Card' },
] as const;
const PACES = [
  { value: 'once', label: 'All on that day' },
  { value: 'phased', label: 'A few each day' },
] as const;

export function FormSample() {
  const form = useSampleForm();
  return (
    <View className="gap-3">
      <TextField of={form} name="name" label="What it is" />
      <View className="flex-row flex-wrap gap-4">
        <NumberField of={form} name="weeks" label="One time through" unit="weeks" />
        <MoneyField of={form} name="fee" label="Fee" money={MONEY} />
        <SelectField of={form} name="kind" label="What it was" options={KINDS} />
      </View>
      <DayField of={form} name="on" label="Follow up on" />
      <YearlyField of={form} name="birthday" label="Birthday" className="w-[200px]" />
      <ChoiceField of={form} name="pace" label="How they start" options={PACES} />
      <SwitchField of={form} name="open" label="The form is open" />
      <Rows of={form} name="phones" one="phone" blank={{ value: '', label: '' }} first="Use first">
        {(at) => (
          <TextField
            of={form}
            name={`phones.${at}.value`}
            label={`phone ${at + 1}`}
            hideLabel
            className="min-w-[180px] flex-1"
          />
        )}
      </Rows>
      <SaveBar form={form} weight="main" onClose={() => {}} />
    </View>
  );
}

export function SheetSample() {
  const [open, setOpen] = useState(false);
  const form = useSampleForm();
  const close = () => setOpen(false);
  return (
    <>
      <Button label="Open the sheet" onPress={() => setOpen(true)} className="self-start" />
      {open ? (
        <FormSheet title="A form on a sheet" form={form} onClose={close}>
          <TextField of={form} name="name" label="Name of the work" />
        </FormSheet>
      ) : null}
      <InlineEdit label="Company" value="Harbor Loans">
        {(done) => <Button label="Done" onPress={done} />}
      </InlineEdit>
      <InlineEdit label="Phones" value={<Body>(541) 555-0142, mobile</Body>}>
        {(done) => <Button label="Done" onPress={done} />}
      </InlineEdit>
    </>
  );
}
