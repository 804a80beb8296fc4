import { useState } from 'react';
import { View } from 'react-native';

import { call, useRead } from '@/client/api';
import { Button, Chip, DayField, Field, NumberField, Select, Soft } from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { listImports } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { getPerson } from '@/contract/people';
import type { OwnField } from '@/contract/record';
import {
  CHANNEL_WORDS,
  CHANNELS,
  WOULD_REFER,
  type Condition,
  type FieldType,
} from '@/core/people';
import { monthName } from '@/core/time';
import { WARMTHS } from '@/core/touches';

import { FindPerson } from '../find-person';

interface Props {
  at: number;
  condition: Condition;
  type: FieldType;
  own: readonly OwnField[];
  onChange: (condition: Condition) => void;
}

/** What a line compares with, filled in as its test wants it. */
export function ConditionValues({ at, condition, type, own, onChange }: Props) {
  const { test, values } = condition;
  const set = (...next: (string | number)[]) => onChange({ ...condition, values: next });
  const text = (i: number) => String(values[i] ?? '');
  const label = (what: string) => `Line ${at}: ${what}`;
  switch (test) {
    case 'contains':
    case 'is':
    case 'starts':
      return (
        <Field label={label('words')} hideLabel value={text(0)} onChangeText={(v) => set(v)} />
      );
    case 'letters':
      return (
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
    case 'anyOf':
    case 'allOf':
    case 'noneOf':
      return <OneOrMore {...{ at, condition, own, onChange }} />;
    case 'inLast':
    case 'notInLast':
    case 'inNext':
      return (
        <NumberField
          label={label('days')}
          hideLabel
          unit="days"
          value={text(0)}
          onChange={(v) => set(v)}
        />
      );
    case 'atLeast':
    case 'atMost':
      return (
        <NumberField
          label={label('number')}
          hideLabel
          value={shown(type, text(0))}
          onChange={(v) => set(kept(type, v))}
        />
      );
    case 'between':
      return type === 'date' ? (
        <View className="flex-row flex-wrap items-center gap-2">
          <DayField label="From" value={text(0)} onChange={(v) => set(v, text(1))} />
          <DayField label="to" value={text(1)} onChange={(v) => set(text(0), v)} />
        </View>
      ) : (
        <View className="flex-row items-center gap-2">
          <NumberField
            label={label('from')}
            hideLabel
            value={shown(type, text(0))}
            onChange={(v) => set(kept(type, v), text(1))}
          />
          <Soft>and</Soft>
          <NumberField
            label={label('to')}
            hideLabel
            value={shown(type, text(1))}
            onChange={(v) => set(text(0), kept(type, v))}
          />
        </View>
      );
    case 'on':
    case 'before':
    case 'after':
      return <DayField label="Day" value={text(0)} onChange={(v) => set(v)} />;
    case 'month':
      return (
        <Select
          label={label('month')}
          hideLabel
          value={text(0)}
          options={[
            { value: '', label: 'Choose…' },
            { value: 'this', label: 'this month' },
            { value: 'next', label: 'next month' },
            ...Array.from({ length: 12 }, (_, i) => ({
              value: String(i + 1),
              label: monthName(i + 1),
            })),
          ]}
          onChange={(v) => set(v)}
        />
      );
    case 'within':
      return <Within at={at} values={values} onValues={set} />;
    default:
      return null;
  }
}

// Money is typed in whole units and kept in minor ones.
const shown = (type: FieldType, value: string) =>
  type === 'money' && value !== '' ? String(Number(value) / 100) : value;
const kept = (type: FieldType, value: string) =>
  type === 'money' && value !== '' && Number.isFinite(Number(value))
    ? Math.round(Number(value) * 100)
    : value;

/** Those taken stand as words that can be put away again; the rest are one choice away. */
function OneOrMore({ at, condition, own, onChange }: Omit<Props, 'type'>) {
  const options = useOptions(condition.field, own);
  const { values } = condition;
  const has = (value: string) =>
    values.some((v) => String(v).toLowerCase() === value.toLowerCase());
  const wordsOf = (value: string) =>
    options.find((o) => o.value.toLowerCase() === value.toLowerCase())?.label ?? value;
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-x-3">
        {values.map((value) => (
          <Chip
            key={value}
            chosen
            label={wordsOf(String(value))}
            onPress={() => onChange({ ...condition, values: values.filter((v) => v !== value) })}
          />
        ))}
      </View>
      <Select
        label={`Line ${at}: one more`}
        hideLabel
        value=""
        options={[
          { value: '', label: values.length > 0 ? 'One more…' : 'Choose…' },
          ...options.filter(({ value }) => !has(value)),
        ]}
        onChange={(value) => value && onChange({ ...condition, values: [...values, value] })}
      />
    </View>
  );
}

function useOptions(field: string, own: readonly OwnField[]): { value: string; label: string }[] {
  const lists = useRead(readLists);
  const cadences = useRead(listCadences, {}, { enabled: field === 'cadence' });
  const imports = useRead(listImports, {}, { enabled: field === 'batch' });
  const named = (list: readonly { name: string }[] = []) =>
    list.map(({ name }) => ({ value: name, label: name }));
  switch (field) {
    case 'tag':
    case 'role':
    case 'standing':
    case 'source':
    case 'circle':
      return named(lists.data?.[field]);
    case 'warmth':
      return WARMTHS.map((value) => ({ value, label: value }));
    case 'preferred':
      return CHANNELS.map((value) => ({ value, label: CHANNEL_WORDS[value] }));
    case 'wouldRefer':
      return WOULD_REFER.map((value) => ({ value, label: value }));
    case 'cadence':
      return (cadences.data?.cadences ?? []).map(({ id, name }) => ({ value: id, label: name }));
    case 'batch':
      return (imports.data?.batches ?? []).map(({ id, fileName }) => ({
        value: id,
        label: fileName,
      }));
    default:
      return (own.find(({ id }) => field === `own:${id}`)?.choices ?? []).map((value) => ({
        value,
        label: value,
      }));
  }
}

interface WithinProps {
  at: number;
  values: readonly (string | number)[];
  onValues: (...values: (string | number)[]) => void;
}

/** Kilometres around a point, or around somebody's home. */
function Within({ at, values, onValues }: WithinProps) {
  const [finding, setFinding] = useState(false);
  const [fault, setFault] = useState('');
  const text = (i: number) => String(values[i] ?? '');
  const put = (i: number, value: string) =>
    onValues(...[0, 1, 2].map((n) => (n === i ? value : text(n))));
  const around = async (id: string) => {
    const { fields, name } = await call(getPerson, { params: { id } });
    const [home] = fields.addresses;
    if (!home || home.lat === null || home.lon === null)
      return setFault(`Where ${name} lives is not known as a point.`);
    setFinding(false);
    setFault('');
    onValues(text(0) || '5', home.lat, home.lon);
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <NumberField
          label={`Line ${at}: kilometers`}
          hideLabel
          unit="km of"
          value={text(0)}
          onChange={(v) => put(0, v)}
        />
        <Field
          label={`Line ${at}: latitude`}
          hideLabel
          placeholder="latitude"
          className="w-[110px]"
          value={text(1)}
          onChangeText={(v) => put(1, v)}
        />
        <Field
          label={`Line ${at}: longitude`}
          hideLabel
          placeholder="longitude"
          className="w-[110px]"
          value={text(2)}
          onChangeText={(v) => put(2, v)}
        />
        <Button
          weight="quiet"
          label="Around somebody’s home"
          onPress={() => setFinding(!finding)}
        />
      </View>
      {finding ? (
        <FindPerson label="Around whom" exceptId="" onChoose={({ id }) => void around(id)} />
      ) : null}
      {fault ? <Soft>{fault}</Soft> : null}
    </View>
  );
}
