import { createElement, useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import {
  Body,
  Button,
  Chip,
  DayField,
  Fault,
  Field,
  Heading,
  Linked,
  NumberField,
  Page,
  Rule,
  Soft,
  Title,
  Waiting,
} from '@/client/ui';
import { listActions, undoAction } from '@/contract/history';
import { getSettings, saveSettings, type Settings } from '@/contract/settings';
import { addDays, daysBetween, type PlainDate } from '@/core/time';

import { Holidays } from './holidays';

const LINKS = [
  ['/lists', 'Lists, circles and fields'],
  ['/kinds', 'Kinds of touch'],
  ['/tidy', 'Tidy up'],
  ['/people/import', 'Imports'],
  ['/services', 'Services'],
  ['/web-form', 'Web form'],
] as const;

/** The owner's days, the way to their lists, and what was done lately. */
export function MoreScreen() {
  const settings = useRead(getSettings);
  return (
    <Page narrow>
      <Title>More</Title>
      <View className="flex-row flex-wrap gap-x-6">
        {LINKS.map(([href, label]) => (
          <Linked key={href} href={href} className="min-h-[44px] justify-center">
            <Body className="text-sea">{label}</Body>
          </Linked>
        ))}
        {createElement(
          'a',
          {
            href: '/api/',
            className: 'flex min-h-[44px] items-center font-sans text-[15px] text-sea',
          },
          'The API',
        )}
      </View>
      <Waiting query={settings}>
        {(data) => (
          <>
            <Days key={JSON.stringify(data.settings)} settings={data.settings} />
            <Holidays settings={data.settings} today={data.today} />
          </>
        )}
      </Waiting>
      <Rule />
      <Lately />
    </Page>
  );
}

const WEEK = [
  [1, 'Mon'],
  [2, 'Tue'],
  [3, 'Wed'],
  [4, 'Thu'],
  [5, 'Fri'],
  [6, 'Sat'],
  [7, 'Sun'],
] as const;

function Days({ settings }: { settings: Settings }) {
  const save = useWrite(saveSettings);
  const [capacity, setCapacity] = useState(String(settings.capacity));
  const [distance, setDistance] = useState(String(settings.minDistanceDays));
  const [minutes, setMinutes] = useState(
    settings.minutesPerDay === null ? '' : String(settings.minutesPerDay),
  );
  const [working, setWorking] = useState(settings.workingDays);
  const [off, setOff] = useState(settings.daysOff.join(', '));
  const [name, setName] = useState(settings.ownerName);
  const [zone, setZone] = useState(settings.timeZone);
  const [currency, setCurrency] = useState(settings.currency);
  const [locale, setLocale] = useState(settings.locale);
  const toggle = (day: (typeof working)[number]) =>
    setWorking(working.includes(day) ? working.filter((d) => d !== day) : [...working, day].sort());
  const keep = () =>
    save.mutate({
      body: {
        ownerName: name,
        timeZone: zone,
        currency: currency.trim().toUpperCase(),
        locale: locale.trim(),
        capacity: Number(capacity),
        minDistanceDays: Number(distance),
        minutesPerDay: minutes.trim() === '' ? null : Number(minutes),
        workingDays: working,
        daysOff: off.split(/[\s,;]+/).filter(Boolean) as Settings['daysOff'],
      },
    });
  return (
    <View className="gap-3">
      <Heading>Your days</Heading>
      <View className="flex-row flex-wrap gap-3">
        <Field
          label="Your name"
          className="min-w-[220px] flex-1"
          value={name}
          onChangeText={setName}
        />
        <Field
          label="Time zone"
          className="min-w-[220px] flex-1"
          value={zone}
          onChangeText={setZone}
        />
        <Field label="Currency" className="w-[110px]" value={currency} onChangeText={setCurrency} />
        <Field
          label="Numbers as in"
          className="w-[140px]"
          value={locale}
          onChangeText={setLocale}
        />
      </View>
      <View className="flex-row flex-wrap gap-6">
        <NumberField
          label="Room on a working day for"
          unit="touches"
          value={capacity}
          onChange={setCapacity}
        />
        <NumberField
          label="and at most"
          unit="minutes"
          placeholder="any"
          value={minutes}
          onChange={setMinutes}
        />
        <NumberField
          label="Between two touches of one person or home, at least"
          unit="days"
          value={distance}
          onChange={setDistance}
        />
      </View>
      <View className="flex-row flex-wrap gap-x-4" role="group" aria-label="Working days">
        {WEEK.map(([day, label]) => (
          <Chip
            key={day}
            label={label}
            chosen={working.includes(day)}
            onPress={() => toggle(day)}
          />
        ))}
      </View>
      <TimeOff
        onAdd={(days) =>
          setOff([...new Set([...off.split(/[\s,;]+/), ...days])].filter(Boolean).sort().join(', '))
        }
      />
      <Field
        label="Days off (YYYY-MM-DD, one after another)"
        value={off}
        onChangeText={setOff}
        multiline
      />
      {save.error ? <Fault>{save.error.message}</Fault> : null}
      <Button
        weight="main"
        className="self-start"
        label="Save my days"
        disabled={save.isPending}
        onPress={keep}
      />
    </View>
  );
}

/** A stretch of days off, first to last. */
function TimeOff({ onAdd }: { onAdd: (days: string[]) => void }) {
  const [from, setFrom] = useState('');
  const [until, setUntil] = useState('');
  const fits = from !== '' && until !== '' && from <= until;
  const add = () => {
    const days = Math.min(366, daysBetween(from as PlainDate, until as PlainDate));
    onAdd(Array.from({ length: days + 1 }, (_, i) => addDays(from as PlainDate, i)));
  };
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <DayField label="Time off from" value={from} onChange={setFrom} />
      <DayField label="until" value={until} min={from} onChange={setUntil} />
      <Button label="Put in" disabled={!fits} onPress={add} />
    </View>
  );
}

function Lately() {
  const actions = useRead(listActions, { query: { limit: 30 } });
  const undo = useWrite(undoAction);
  return (
    <View className="gap-1">
      <Heading>Done lately</Heading>
      <Waiting query={actions}>
        {(data) => (
          <>
            {data.actions.length === 0 ? <Soft>Nothing yet.</Soft> : null}
            {data.actions.map((action) => (
              <View key={action.id} className="min-h-[44px] flex-row items-center gap-2">
                <Body className={`flex-1 ${action.undone ? 'line-through' : ''}`}>
                  {action.sentence}
                </Body>
                {action.undone ? null : (
                  <Button
                    weight="quiet"
                    label="Undo"
                    spoken={`Undo ${action.sentence}`}
                    disabled={undo.isPending}
                    onPress={() => undo.mutate({ params: { id: action.id } })}
                  />
                )}
              </View>
            ))}
          </>
        )}
      </Waiting>
    </View>
  );
}
