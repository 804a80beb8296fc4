import { createElement, useRef, useState, type Ref } from 'react';
import { View, type TextInput } from 'react-native';

import { readDay } from '@/core/day-words';
import { isPlainDate, longDate, weekdayName, type PlainDate } from '@/core/time';

import { Button } from './button';
import { Field, type Labelled } from './field';
import { useDateOrder, useToday } from './today';

interface DayInputProps extends Labelled {
  /** 'YYYY-MM-DD'; what can't be read as a day is handed on as it was typed; empty for none. */
  value: string;
  onChange: (value: string) => void;
  /** Whether a day without a year, or a weekday, means one that comes or one that was. */
  lean?: 'ahead' | 'back';
  min?: string;
  max?: string;
  inputRef?: Ref<TextInput>;
}

const wordsOf = (value: string, today: PlainDate) =>
  isPlainDate(value) ? longDate(value, today) : value;

/** A day as people write it: "in 2 weeks", "Friday", "4 May", "5/4/2027"; or from the calendar. */
export function DayInput(props: DayInputProps) {
  const { value, onChange, lean = 'ahead', min, max, fault, hint, inputRef, ...labelled } = props;
  const today = useToday();
  const order = useDateOrder();
  // What is typed stays as it was typed until the day is changed from elsewhere.
  const [typed, setTyped] = useState({ text: '', as: null as string | null });
  const text = typed.as === value ? typed.text : wordsOf(value, today);
  const write = (next: string) => {
    const as = readDay(next, today, lean, order) ?? next;
    setTyped({ text: next, as });
    onChange(as);
  };
  const read = isPlainDate(value) ? `${weekdayName(value)}, ${longDate(value, today)}` : undefined;
  const unread = value !== '' && !read ? 'No day could be read. Try Nov 30 or 2026-11-30.' : null;
  return (
    <View className="max-w-full flex-row flex-wrap items-start gap-x-1">
      <Field
        {...labelled}
        className={`w-[200px] ${labelled.className ?? ''}`}
        inputRef={inputRef}
        value={text}
        placeholder="Friday, or Nov 30"
        onChangeText={write}
        fault={fault ? (unread ?? fault) : null}
        hint={hint ?? read}
      />
      <Calendar label={labelled.label} value={read ? value : ''} {...{ min, max, onChange }} />
    </View>
  );
}

interface CalendarProps {
  label: string;
  value: string;
  min?: string;
  max?: string;
  onChange: (value: string) => void;
}

/** The browser's own calendar, opened by a word. */
function Calendar({ label, value, min, max, onChange }: CalendarProps) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <View className="pt-6">
      <Button
        weight="quiet"
        label="Pick"
        spoken={`Pick the day: ${label}`}
        onPress={() => picker.current?.showPicker()}
      />
      {createElement('input', {
        ref: picker,
        type: 'date',
        tabIndex: -1,
        'aria-hidden': true,
        value,
        min,
        max,
        className: 'pointer-events-none absolute bottom-0 left-0 h-px w-px opacity-0',
        onChange: (event: { target: HTMLInputElement }) => onChange(event.target.value),
      })}
    </View>
  );
}
