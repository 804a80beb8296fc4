import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Field } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import type { NamedDate } from '@/core/people';
import { yearlyWords } from '@/core/time';

import { Fact, SaveBar } from './fact';
import { useSave } from './use-save';

/** Wedding and any other day of the year that has a name. */
export function DatesFact({
  sheet,
  ...rest
}: {
  sheet: PersonSheet;
  open?: boolean;
  onClose?: () => void;
}) {
  const { dates } = sheet.fields;
  const [rows, setRows] = useState<NamedDate[]>(
    dates.length > 0 ? [...dates] : [{ name: 'Wedding', on: '' }],
  );
  const { busy, error, save } = useSave(sheet);
  const change = (at: number, part: Partial<NamedDate>) =>
    setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  return (
    <Fact
      label="Dates"
      value={dates.map(({ name, on }, i) => (
        <Body key={i}>{`${name}, ${yearlyWords(on)}`}</Body>
      ))}
      {...rest}
    >
      {(close) => (
        <>
          {rows.map((row, i) => (
            <View key={i} className="flex-row flex-wrap items-center gap-2">
              <Field
                label={`Name of date ${i + 1}`}
                hideLabel
                className="min-w-[140px] flex-1"
                value={row.name}
                onChangeText={(name) => change(i, { name })}
              />
              <Field
                label={`Day of ${row.name || 'the date'}`}
                hideLabel
                placeholder="MM-DD or YYYY-MM-DD"
                className="w-[190px]"
                value={row.on}
                onChangeText={(on) => change(i, { on })}
              />
              <Button
                weight="quiet"
                label="Remove"
                spoken={`Remove ${row.name}`}
                onPress={() => setRows(rows.filter((_, at) => at !== i))}
              />
            </View>
          ))}
          <Button
            weight="quiet"
            className="self-start"
            label="Another date"
            onPress={() => setRows([...rows, { name: '', on: '' }])}
          />
          <SaveBar
            busy={busy}
            error={error}
            onSave={() => save({ dates: rows.filter(({ on }) => on.trim()) }, close)}
            onClose={close}
          />
        </>
      )}
    </Fact>
  );
}
