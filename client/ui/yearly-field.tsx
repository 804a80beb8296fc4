import { useState } from 'react';
import type { FieldValues } from 'react-hook-form';

import { readDate, yearlyWords } from '@/core/time';

import { Field, type Labelled } from './field';
import { useField, type Place } from './form-fields';
import { useDateOrder, useToday } from './today';

const READ = /^(\d{4}-)?\d{2}-\d{2}$/;

/** A day of the year as people write it, with its year where that is known: "4 May", "May 4, 1980". */
export function YearlyField<V extends FieldValues>({
  of,
  name,
  ...rest
}: Place<V> & Labelled & { autoFocus?: boolean }) {
  const { value, onChange, ref, fault } = useField({ of, name });
  const kept = (value as string | null) ?? '';
  const read = READ.test(kept) ? yearlyWords(kept) : undefined;
  const [typed, setTyped] = useState({ text: '', as: null as string | null });
  const reading = { order: useDateOrder(), today: useToday(), past: true };
  const write = (text: string) => {
    const as = readDate(text, reading) ?? (text.trim() === '' ? null : text);
    setTyped({ text, as });
    onChange(as);
  };
  return (
    <Field
      inputRef={ref}
      value={typed.as !== null && typed.as === kept ? typed.text : (read ?? kept)}
      placeholder="May 4, or May 4, 1980"
      onChangeText={write}
      hint={typed.as !== null && typed.as === kept && typed.text !== read ? read : undefined}
      fault={
        fault && kept !== '' && !read
          ? `There is no day “${kept}”. Write it as May 4 or May 4, 1980.`
          : fault
      }
      {...rest}
    />
  );
}
