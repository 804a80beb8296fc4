import { useState, type Ref } from 'react';
import type { TextInput } from 'react-native';

import { Field, type Labelled } from './field';

interface Props extends Labelled {
  /** A number, nothing for none, or what was typed where it is no number. */
  value: number | string | null | undefined;
  onChange: (value: number | string | null) => void;
  onBlur?: () => void;
  unit?: string;
  placeholder?: string;
  /** How many of the unit of the screen are one of the value: 100 for a share in percent. */
  times?: number;
  wide?: boolean;
  /** Another way of reading than as a plain number; undefined when it can't be read. */
  read?: (text: string) => number | null | undefined;
  write?: (value: number | null) => string;
  inputRef?: Ref<TextInput>;
}

const plain = (text: string): number | null | undefined => {
  if (text.trim() === '') return null;
  const value = Number(text.replace(/,(?=\d{3}\b)/g, ''));
  return Number.isFinite(value) ? value : undefined;
};

/** A number: while it is written it stands as it was typed; what is no number is handed on as text. */
export function NumberInput({
  value,
  onChange,
  onBlur,
  times = 1,
  wide,
  read = plain,
  write = (n) => (n === null ? '' : String(Math.round(n * times * 1e6) / 1e6)),
  ...rest
}: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const change = (text: string) => {
    setTyped(text);
    const number = read(text);
    onChange(number === undefined ? text : number === null ? null : number / times);
  };
  const leave = () => {
    setTyped(null);
    onBlur?.();
  };
  return (
    <Field
      inputMode="decimal"
      short={!wide}
      value={typed ?? (typeof value === 'string' ? value : write(value ?? null))}
      onChangeText={change}
      onBlur={leave}
      {...rest}
    />
  );
}
