import { Body, Field, NumberInput, Select } from '@/client/ui';
import { BIRTHDAY, NTH_WORDS, NTHS, SERVICE, weekdayWord, type Timing } from '@/core/cadences';
import { monthName, type IsoWeekday } from '@/core/time';

const MONTHS = Array.from({ length: 12 }, (_, i) => ({
  value: String(i + 1),
  label: monthName(i + 1),
}));
const NTH_OPTIONS = NTHS.map((nth) => ({ value: String(nth), label: NTH_WORDS[nth] }));
const WEEKDAY_OPTIONS = ([1, 2, 3, 4, 5, 6, 7] as const).map((day) => ({
  value: String(day),
  label: weekdayWord(day),
}));
const DATE_OPTIONS = [
  { value: BIRTHDAY, label: 'birthday' },
  { value: SERVICE, label: 'service anniversary' },
  { value: '', label: 'another date, by its name' },
];
const SIDES = [
  { value: 'before', label: 'days before' },
  { value: 'after', label: 'days after' },
] as const;

/** What is no number of days is none. */
const whole = (days: number | string | null) =>
  typeof days === 'number' ? Math.max(0, Math.round(days)) : 0;

export type Part<On extends Timing['on']> = {
  nth: string;
  timing: Extract<Timing, { on: On }>;
  onChange: (timing: Timing) => void;
};

/** Days counted from the start of the round. */
export const After = ({ nth, timing, onChange }: Part<'after'>) => (
  <>
    <Body>Day</Body>
    <NumberInput
      label={`Day of ${nth}`}
      hideLabel
      // Days are counted from 1 for people, from 0 in the cadence.
      value={timing.days < 0 ? null : timing.days + 1}
      onChange={(day) => onChange({ on: 'after', days: whole(day) - 1 })}
    />
  </>
);

/** A day of the calendar year. */
export const YearDay = ({ nth, timing, onChange }: Part<'date'>) => (
  <>
    <Month nth={nth} timing={timing} onChange={onChange} />
    <NumberInput
      label={`Day of the month of ${nth}`}
      hideLabel
      value={timing.day === 0 ? null : timing.day}
      onChange={(day) => onChange({ ...timing, day: whole(day) })}
    />
  </>
);

const Month = ({ nth, timing, onChange }: Part<'date' | 'weekday'>) => (
  <Select
    label={`Month of ${nth}`}
    hideLabel
    className="w-[130px]"
    value={String(timing.month)}
    options={MONTHS}
    onChange={(month) => onChange({ ...timing, month: Number(month) })}
  />
);

/** "The second Thursday of November". */
export const Weekday = ({ nth, timing, onChange }: Part<'weekday'>) => (
  <>
    <Select
      label={`Which weekday of ${nth}`}
      hideLabel
      className="w-[110px]"
      value={String(timing.nth)}
      options={NTH_OPTIONS}
      onChange={(which) => onChange({ ...timing, nth: Number(which) as (typeof NTHS)[number] })}
    />
    <Select
      label={`Weekday of ${nth}`}
      hideLabel
      className="w-[130px]"
      value={String(timing.weekday)}
      options={WEEKDAY_OPTIONS}
      onChange={(day) => onChange({ ...timing, weekday: Number(day) as IsoWeekday })}
    />
    <Body>of</Body>
    <Month nth={nth} timing={timing} onChange={onChange} />
  </>
);

/** Days before or after one of the person's own dates. */
export function Around({ nth, timing, onChange }: Part<'around'>) {
  const known = timing.date === BIRTHDAY || timing.date === SERVICE;
  const side = timing.days < 0 ? 'before' : 'after';
  return (
    <>
      <NumberInput
        label={`Days of ${nth}`}
        hideLabel
        value={Math.abs(timing.days)}
        // Nothing written changes nothing: it would turn before into after.
        onChange={(days) =>
          typeof days === 'number' &&
          onChange({ ...timing, days: side === 'before' ? -whole(days) : whole(days) })
        }
      />
      <Select
        label={`Before or after the date, ${nth}`}
        hideLabel
        className="w-[130px]"
        value={side}
        options={SIDES}
        onChange={(to) =>
          onChange({
            ...timing,
            days: to === 'before' ? -Math.max(1, Math.abs(timing.days)) : Math.abs(timing.days),
          })
        }
      />
      <Select
        label={`Date of ${nth}`}
        hideLabel
        className="w-[190px]"
        value={known ? timing.date : ''}
        options={DATE_OPTIONS}
        onChange={(date) => onChange({ ...timing, date })}
      />
      {known ? null : (
        <Field
          label={`Name of the date of ${nth}`}
          hideLabel
          placeholder="Name of the date"
          className="w-[170px]"
          value={timing.date}
          onChangeText={(date) => onChange({ ...timing, date })}
        />
      )}
    </>
  );
}
