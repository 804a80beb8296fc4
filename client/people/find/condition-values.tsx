import type { ReactNode } from 'react';
import { View } from 'react-native';

import { DayInput, Field, Select, Soft } from '@/client/ui';
import type { OwnField } from '@/contract/record';
import type { Condition, FieldType, Test } from '@/core/people';
import { monthName } from '@/core/time';

import { OneOrMore } from './one-or-more';
import { Within } from './within';

interface Props {
  at: number;
  condition: Condition;
  type: FieldType;
  own: readonly OwnField[];
  onChange: (condition: Condition) => void;
}

/** What a test compares with, while it is filled in. */
interface Filling extends Props {
  /** The value at a place, as text. */
  text: (i: number) => string;
  set: (...values: (string | number)[]) => void;
  /** "Line 3: days". */
  label: (what: string) => string;
}

const MONTHS = [
  { value: '', label: 'Choose…' },
  { value: 'this', label: 'this month' },
  { value: 'next', label: 'next month' },
  ...Array.from({ length: 12 }, (_, i) => ({ value: String(i + 1), label: monthName(i + 1) })),
];

// Money is typed in whole units and kept in minor ones.
const shown = (type: FieldType, value: string) =>
  type === 'money' && value !== '' ? String(Number(value) / 100) : value;
const kept = (type: FieldType, value: string) =>
  type === 'money' && value !== '' && Number.isFinite(Number(value))
    ? Math.round(Number(value) * 100)
    : value;

const Words = ({ text, set, label }: Filling) => (
  <Field label={label('words')} hideLabel value={text(0)} onChangeText={(v) => set(v)} />
);

const Letters = ({ text, set, label }: Filling) => (
  <View className="flex-row items-center gap-2">
    <Field
      label={label('from letter')}
      hideLabel
      className="w-[80px]"
      maxLength={3}
      value={text(0)}
      onChangeText={(v) => set(v, text(1))}
    />
    <Soft>to</Soft>
    <Field
      label={label('to letter')}
      hideLabel
      className="w-[80px]"
      maxLength={3}
      value={text(1)}
      onChangeText={(v) => set(text(0), v)}
    />
  </View>
);

const Days = ({ text, set, label }: Filling) => (
  <Field
    short
    inputMode="decimal"
    label={label('days')}
    hideLabel
    unit="days"
    value={text(0)}
    onChangeText={(v) => set(v)}
  />
);

const Figure = ({ type, text, set, label }: Filling) => (
  <Field
    short
    inputMode="decimal"
    label={label('number')}
    hideLabel
    value={shown(type, text(0))}
    onChangeText={(v) => set(kept(type, v))}
  />
);

const Between = (props: Filling) =>
  props.type === 'date' ? <BetweenDays {...props} /> : <BetweenFigures {...props} />;

const BetweenDays = ({ text, set }: Filling) => (
  <View className="flex-row flex-wrap items-center gap-2">
    <DayInput label="From" value={text(0)} onChange={(v) => set(v, text(1))} />
    <DayInput label="to" value={text(1)} onChange={(v) => set(text(0), v)} />
  </View>
);

const BetweenFigures = ({ type, text, set, label }: Filling) => (
  <View className="flex-row items-center gap-2">
    <Field
      short
      inputMode="decimal"
      label={label('from')}
      hideLabel
      value={shown(type, text(0))}
      onChangeText={(v) => set(kept(type, v), text(1))}
    />
    <Soft>and</Soft>
    <Field
      short
      inputMode="decimal"
      label={label('to')}
      hideLabel
      value={shown(type, text(1))}
      onChangeText={(v) => set(text(0), kept(type, v))}
    />
  </View>
);

const Day = ({ text, set }: Filling) => (
  <DayInput label="Day" value={text(0)} onChange={(v) => set(v)} />
);

const Month = ({ text, set, label }: Filling) => (
  <Select
    label={label('month')}
    hideLabel
    value={text(0)}
    options={MONTHS}
    onChange={(v) => set(v)}
  />
);

const Around = ({ at, condition, set }: Filling) => (
  <Within at={at} values={condition.values} onValues={set} />
);

/** How the values of each test are filled in; a test that is not here has none. */
const VALUES: Partial<Record<Test, (props: Filling) => ReactNode>> = {
  contains: Words,
  is: Words,
  starts: Words,
  letters: Letters,
  anyOf: OneOrMore,
  allOf: OneOrMore,
  noneOf: OneOrMore,
  inLast: Days,
  notInLast: Days,
  inNext: Days,
  atLeast: Figure,
  atMost: Figure,
  between: Between,
  on: Day,
  before: Day,
  after: Day,
  month: Month,
  within: Around,
};

/** What a line compares with, filled in as its test wants it. */
export function ConditionValues(props: Props) {
  const { at, condition, onChange } = props;
  const Values = VALUES[condition.test];
  if (!Values) return null;
  return (
    <Values
      {...props}
      text={(i) => String(condition.values[i] ?? '')}
      set={(...values) => onChange({ ...condition, values })}
      label={(what) => `Line ${at}: ${what}`}
    />
  );
}
