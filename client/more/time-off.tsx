import { View } from 'react-native';

import type { WriteForm } from '@/client/api';
import { Body, Button, DayInput, Fault, Soft, useFault, useField } from '@/client/ui';
import { stretches } from '@/core/calendar';
import { need } from '@/core/need';
import { addDays, daysBetween, isPlainDate, longDate, plural, type PlainDate } from '@/core/time';

/** The part of a form about days off: those that are put in, and a stretch that is being written. */
export interface TimeOffForm {
  daysOff: string[];
  offFrom: string;
  offUntil: string;
}

/** The longest time off that is put in at once. */
const MOST_DAYS = 366;

/**
 * All days off, with the stretch that is still being written: what is filled in counts, whichever
 * button is pressed. A day that can't be read is handed on as it is, to be refused.
 */
export function daysOffOf({ daysOff, offFrom, offUntil }: TimeOffForm): string[] {
  const ends = [offFrom, offUntil].filter(Boolean);
  if (ends.length === 0) return daysOff;
  if (!ends.every(isPlainDate)) return [...daysOff, ...ends];
  const [from, until] = [need(ends[0]), need(ends.at(-1))].sort() as [PlainDate, PlainDate];
  const days = Math.min(MOST_DAYS, daysBetween(from, until));
  const off = Array.from({ length: days + 1 }, (_, i) => addDays(from, i));
  return [...new Set([...daysOff, ...off])].sort();
}

interface Props<F extends TimeOffForm> {
  form: WriteForm<F>;
  today: PlainDate;
}

/** Stretches of days off, first to last; each can be taken away. */
export function TimeOff<F extends TimeOffForm>({ form: given, today }: Props<F>) {
  // The other fields of the form are none of its business.
  const form = given as unknown as WriteForm<TimeOffForm>;
  const { value, onChange } = useField({ of: form, name: 'daysOff' });
  const fault = useFault(form, 'daysOff');
  const from = useField({ of: form, name: 'offFrom' });
  const until = useField({ of: form, name: 'offUntil' });
  const daysOff = value as PlainDate[];
  const put = () => {
    onChange(daysOffOf(form.values()));
    from.onChange('');
    until.onChange('');
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-start gap-3">
        <DayInput label="Time off from" {...dayOf(from)} fault={unread(from.value, fault)} />
        <DayInput
          label="until"
          {...dayOf(until)}
          min={from.value as string}
          fault={unread(until.value, fault)}
        />
        <Button className="mt-6" label="Put in" disabled={!from.value} onPress={put} />
      </View>
      {fault && !unread(from.value, fault) && !unread(until.value, fault) ? (
        <Fault>{fault}</Fault>
      ) : null}
      {daysOff.length === 0 ? <Soft>No days off are put in.</Soft> : null}
      {stretches(daysOff).map(([first, last]) => {
        const words = stretchWords(first, last, today);
        return (
          <View key={first} className="min-h-[44px] flex-row items-center gap-3">
            <Body className="min-w-0 flex-1">{words}</Body>
            <Button
              weight="quiet"
              label="Take away"
              spoken={`Take away ${words}`}
              onPress={() => onChange(daysOff.filter((day) => day < first || day > last))}
            />
          </View>
        );
      })}
    </View>
  );
}

const dayOf = ({ value, onChange }: ReturnType<typeof useField<TimeOffForm>>) => ({
  value: value as string,
  onChange,
});

/** The fault, where it is about this end. */
const unread = (value: unknown, fault: string | null): string | null =>
  value !== '' && !isPlainDate(value as string) ? fault : null;

function stretchWords(first: PlainDate, last: PlainDate, today: PlainDate): string {
  if (first === last) return longDate(first, today);
  const days = plural(daysBetween(first, last) + 1, 'day');
  return `${longDate(first, today)} to ${longDate(last, today)}, ${days}`;
}
