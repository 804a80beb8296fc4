import { useEffect } from 'react';
import { useController, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';

import type { FormOf } from '@/client/api';

import { Chip, Choice } from './choice';
import { DayInput } from './day-input';
import { Field, Select, type FieldProps, type Labelled, type Option } from './field';
import { NumberInput } from './number-input';

/** A field of a form: which form, and the name of its value in it. */
export interface Place<V extends FieldValues> {
  of: FormOf<V>;
  name: FieldPath<V>;
}

/** The value of a field of a form, with what is wrong with it; the form knows that it is shown. */
export function useField<V extends FieldValues>({ of, name }: Place<V>) {
  const { field, fieldState } = useController({ control: of.control, name });
  const { shows } = of;
  useEffect(() => shows(name), [shows, name]);
  return { ...field, fault: fieldState.error?.message ?? null };
}

type Of<V extends FieldValues, Props> = Place<V> & Omit<Props, 'value' | 'onChange' | 'fault'>;

/** Text; the form holds it as it is typed. */
export function TextField<V extends FieldValues>({ of, name, ...rest }: Of<V, FieldProps>) {
  const { value, onChange, onBlur, ref, fault } = useField({ of, name });
  return (
    <Field
      inputRef={ref}
      value={(value as string | null) ?? ''}
      onChangeText={onChange}
      onBlur={onBlur}
      fault={fault}
      {...rest}
    />
  );
}

interface FigureProps extends Labelled {
  unit?: string;
  placeholder?: string;
  /** How many of the unit of the screen are one of the value: 100 for a share in percent. */
  times?: number;
}

/** A number; the form holds it as one, and as null when nothing is written. */
export function NumberField<V extends FieldValues>({ of, name, ...rest }: Of<V, FigureProps>) {
  const { value, onChange, onBlur, ref, fault } = useField({ of, name });
  return <NumberInput inputRef={ref} {...{ value, onChange, onBlur, fault }} {...rest} />;
}

/** How amounts are written and read, in the owner's currency; see `useMoneyText`. */
interface MoneyWriting {
  symbol: string;
  read: (text: string) => number | null | undefined;
  write: (minor: number | null) => string;
}

interface MoneyProps extends Labelled {
  money: MoneyWriting;
}

/** An amount; the form holds its minor units, and null when nothing is written. */
export function MoneyField<V extends FieldValues>({ of, name, money, ...rest }: Of<V, MoneyProps>) {
  const { value, onChange, onBlur, ref, fault } = useField({ of, name });
  return (
    <NumberInput
      inputRef={ref}
      {...{ value, onChange, onBlur }}
      fault={
        fault && typeof value === 'string'
          ? `Write an amount, such as ${money.write(125_000)}.`
          : fault
      }
      unit={money.symbol}
      wide
      read={money.read}
      write={money.write}
      {...rest}
    />
  );
}

interface DayProps extends Labelled {
  lean?: 'ahead' | 'back';
  min?: string;
  max?: string;
}

/** A day; the form holds 'YYYY-MM-DD', what could not be read as it was typed, or null for none. */
export function DayField<V extends FieldValues>({ of, name, ...rest }: Of<V, DayProps>) {
  const { value, onChange, ref, fault } = useField({ of, name });
  return (
    <DayInput
      inputRef={ref}
      value={(value as string | null) ?? ''}
      onChange={(day) => onChange(day === '' ? null : day)}
      fault={fault}
      {...rest}
    />
  );
}

interface ListProps<O extends string> extends Labelled {
  options: readonly Option<O>[];
  /** Told of what is chosen, where more than the field depends on it. */
  onChoose?: (value: O) => void;
}

/** One of several from a list; the empty choice is held as null where the form holds null. */
export function SelectField<V extends FieldValues, O extends string>({
  of,
  name,
  onChoose,
  ...rest
}: Of<V, ListProps<O>>) {
  const { value, onChange, ref, fault } = useField({ of, name });
  return (
    <Select<O>
      inputRef={ref}
      value={((value as string | null) ?? '') as O}
      onChange={(next) => {
        onChange(next);
        onChoose?.(next);
      }}
      fault={fault}
      {...rest}
    />
  );
}

/** One of a few, all in view. */
export function ChoiceField<V extends FieldValues, O extends string>({
  of,
  name,
  label,
  options,
}: Of<V, { label: string; options: readonly Option<O>[] }>) {
  const { value, onChange } = useField({ of, name });
  return <Choice<O> {...{ label, options, onChange }} value={value as O} />;
}

/** A word that is so or not. */
export function SwitchField<V extends FieldValues>({ of, name, label }: Of<V, { label: string }>) {
  const { value, onChange } = useField({ of, name });
  return (
    <View className="items-start">
      <Chip label={label} chosen={Boolean(value)} onPress={() => onChange(!value)} />
    </View>
  );
}
