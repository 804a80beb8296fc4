import { createElement, useId, type ReactNode, type Ref } from 'react';
import { Text, TextInput, View, type TextInputProps } from 'react-native';

import { Fault, Soft } from './type';

const BOX = 'min-h-[44px] rounded border bg-sheet px-3 py-2 font-sans text-[0.9375rem] text-ink';
const boxOf = (fault?: string | null) => `${BOX} ${fault ? 'border-danger' : 'border-edge'}`;

export interface Labelled {
  label: string;
  hideLabel?: boolean;
  /** What is wrong with it, said below it. */
  fault?: string | null;
  /** What to write, or how it was read, said below it. */
  hint?: string;
  className?: string;
}

/** What ties the input to its label, its hint and its fault. */
interface Tied {
  id: string;
  'aria-label'?: string;
  'aria-invalid'?: true;
  'aria-describedby'?: string;
}

/** A label above, what there is to say of it below; the input between them knows of both. */
function Framed({
  label,
  hideLabel,
  fault,
  hint,
  className = '',
  children,
}: Labelled & { children: (tied: Tied) => ReactNode }) {
  const id = useId();
  const about = [hint && `${id}hint`, fault && `${id}fault`].filter(Boolean).join(' ');
  return (
    <View className={`max-w-full gap-1 ${className}`}>
      {hideLabel
        ? null
        : createElement(
            'label',
            { htmlFor: id, className: 'font-sans text-[0.8125rem] leading-5 text-soft' },
            label,
          )}
      {children({
        id,
        ...(hideLabel ? { 'aria-label': label } : {}),
        ...(fault ? { 'aria-invalid': true } : {}),
        ...(about ? { 'aria-describedby': about } : {}),
      })}
      {hint ? (
        <Soft nativeID={`${id}hint`} className="text-[0.8125rem]">
          {hint}
        </Soft>
      ) : null}
      {fault ? (
        <Fault nativeID={`${id}fault`} className="text-[0.8125rem] leading-5">
          {fault}
        </Fault>
      ) : null}
    </View>
  );
}

export interface FieldProps extends Labelled, Omit<TextInputProps, 'id' | 'className'> {
  /** A page of text that begins as one line. */
  small?: boolean;
  unit?: string;
  /** As wide as a short number, with its figures at the right. */
  short?: boolean;
  inputRef?: Ref<TextInput>;
}

/** A line or a page of text. */
export function Field({
  label,
  hideLabel,
  fault,
  hint,
  className,
  multiline,
  small,
  unit,
  short,
  inputRef,
  ...rest
}: FieldProps) {
  const height = multiline && !small ? 'min-h-[72px]' : '';
  const width = short ? 'w-20 shrink text-right tabular-nums' : 'w-full';
  return (
    <Framed {...{ label, hideLabel, fault, hint, className }}>
      {({ id, ...tied }) => {
        const input = (
          <TextInput
            ref={inputRef}
            nativeID={id}
            {...tied}
            multiline={multiline}
            numberOfLines={small ? 1 : undefined}
            className={`${boxOf(fault)} ${width} ${height}`}
            {...rest}
          />
        );
        if (!unit) return input;
        return (
          <View className="flex-row items-center gap-2">
            {input}
            <Text className="min-w-0 shrink font-sans text-[0.9375rem] text-ink">{unit}</Text>
          </View>
        );
      }}
    </Framed>
  );
}

export interface Option<V extends string> {
  value: V;
  label: string;
}

interface SelectProps<V extends string> extends Labelled {
  value: V;
  options: readonly Option<V>[];
  onChange: (value: V) => void;
  inputRef?: Ref<HTMLSelectElement>;
}

/** One of several, with the browser's own list: quick with keys and thumbs alike. */
export function Select<V extends string>(props: SelectProps<V>) {
  const { value, options, onChange, inputRef, ...labelled } = props;
  return (
    <Framed {...labelled}>
      {(tied) =>
        createElement(
          'select',
          {
            ...tied,
            ref: inputRef,
            value,
            className: `${boxOf(props.fault)} w-full min-w-0`,
            onChange: (event: { target: HTMLSelectElement }) => onChange(event.target.value as V),
          },
          options.map((option) =>
            createElement('option', { key: option.value, value: option.value }, option.label),
          ),
        )
      }
    </Framed>
  );
}
