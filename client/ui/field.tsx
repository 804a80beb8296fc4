import { createElement, useId, type ReactNode } from 'react';
import { Text, TextInput, View, type TextInputProps } from 'react-native';

import { Fault } from './type';

const BOX =
  'min-h-[44px] rounded border border-edge bg-sheet px-3 py-2 font-sans text-[15px] text-ink';

const Label = ({ id, children }: { id: string; children: ReactNode }) =>
  createElement(
    'label',
    { htmlFor: id, className: 'font-sans text-[13px] leading-5 text-soft' },
    children,
  );

interface FieldProps extends Omit<TextInputProps, 'id'> {
  label: string;
  fault?: string | null;
  className?: string;
  hideLabel?: boolean;
  /** A page of text that begins as one line. */
  small?: boolean;
}

/** A line or a page of text with its label and, below it, what is wrong with it. */
export function Field({
  label,
  fault,
  className = '',
  hideLabel,
  multiline,
  small,
  ...rest
}: FieldProps) {
  const id = useId();
  return (
    <View className={`gap-1 ${className}`}>
      {hideLabel ? null : <Label id={id}>{label}</Label>}
      <TextInput
        nativeID={id}
        aria-label={hideLabel ? label : undefined}
        multiline={multiline}
        numberOfLines={small ? 1 : undefined}
        className={`${BOX} w-full ${multiline && !small ? 'min-h-[72px]' : ''}`}
        {...rest}
      />
      {fault ? <Fault className="text-[13px] leading-5">{fault}</Fault> : null}
    </View>
  );
}

interface DayFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  min?: string;
  max?: string;
}

/** A day of the calendar, with the browser's own picker. */
export function DayField({ label, value, onChange, min, max }: DayFieldProps) {
  const id = useId();
  return (
    <View className="gap-1">
      <Label id={id}>{label}</Label>
      {createElement('input', {
        id,
        type: 'date',
        value,
        min,
        max,
        className: `${BOX} w-full`,
        onChange: (event: { target: HTMLInputElement }) => onChange(event.target.value),
      })}
    </View>
  );
}

export interface Option<V extends string> {
  value: V;
  label: string;
}

interface SelectProps<V extends string> {
  label: string;
  value: V;
  options: readonly Option<V>[];
  onChange: (value: V) => void;
  hideLabel?: boolean;
  className?: string;
}

/** One of several, with the browser's own list: quick with keys and thumbs alike. */
export function Select<V extends string>(props: SelectProps<V>) {
  const { label, value, options, onChange, hideLabel, className = '' } = props;
  const id = useId();
  return (
    <View className={`gap-1 ${className}`}>
      {hideLabel ? null : <Label id={id}>{label}</Label>}
      {createElement(
        'select',
        {
          id,
          value,
          'aria-label': hideLabel ? label : undefined,
          className: `${BOX} w-full`,
          onChange: (event: { target: HTMLSelectElement }) => onChange(event.target.value as V),
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.label),
        ),
      )}
    </View>
  );
}

/** A short number with its unit beside it. */
export function NumberField({
  label,
  value,
  onChange,
  unit,
  hideLabel,
  ...rest
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  unit?: string;
  hideLabel?: boolean;
} & Omit<TextInputProps, 'value' | 'onChange' | 'id'>) {
  const id = useId();
  return (
    <View className="gap-1">
      {hideLabel ? null : <Label id={id}>{label}</Label>}
      <View className="flex-row items-center gap-2">
        <TextInput
          nativeID={id}
          aria-label={hideLabel ? label : undefined}
          inputMode="numeric"
          value={value}
          onChangeText={onChange}
          className={`${BOX} w-20 text-right tabular-nums`}
          {...rest}
        />
        {unit ? <Text className="font-sans text-[15px] text-ink">{unit}</Text> : null}
      </View>
    </View>
  );
}
