import { View } from 'react-native';

import { Select } from '@/client/ui';
import type { Timing } from '@/core/cadences';
import { partsOf, weekdayOf, type DayNumber } from '@/core/time';

import { After, Around, Weekday, YearDay } from './timing-parts';

const WAYS: { value: Timing['on']; label: string }[] = [
  { value: 'after', label: 'days after the start' },
  { value: 'date', label: 'a day of the year' },
  { value: 'weekday', label: 'a weekday of a month' },
  { value: 'around', label: 'around their own date' },
];

/** Another way of timing begins about a month from today, or a week before the birthday. */
function fresh(on: Timing['on'], today: DayNumber): Timing {
  const { month, day } = partsOf(today + 30);
  switch (on) {
    case 'after':
      return { on, days: 0 };
    case 'date':
      return { on, month, day };
    case 'weekday':
      return { on, month, nth: 2, weekday: weekdayOf(today) };
    case 'around':
      return { on, date: 'birthday', days: -7 };
  }
}

interface Props {
  /** "beat 3", for the labels. */
  nth: string;
  timing: Timing;
  today: DayNumber;
  onChange: (timing: Timing) => void;
}

/** When a beat is due: counted from the start, on a day of the year, or around a person's date. */
export function TimingField({ nth, timing, today, onChange }: Props) {
  const rest = { nth, onChange };
  return (
    <View className="max-w-full flex-row flex-wrap items-center gap-2">
      <Select
        label={`How ${nth} is timed`}
        hideLabel
        className="w-[190px]"
        value={timing.on}
        options={WAYS}
        onChange={(on) => on !== timing.on && onChange(fresh(on, today))}
      />
      {timing.on === 'after' ? <After timing={timing} {...rest} /> : null}
      {timing.on === 'date' ? <YearDay timing={timing} {...rest} /> : null}
      {timing.on === 'weekday' ? <Weekday timing={timing} {...rest} /> : null}
      {timing.on === 'around' ? <Around timing={timing} {...rest} /> : null}
    </View>
  );
}
