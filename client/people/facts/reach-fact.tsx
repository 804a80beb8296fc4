import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Field } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import type { Reach } from '@/core/people';

import { Fact, SaveBar } from './fact';
import { useSave, type FieldChange } from './use-save';

interface Props {
  sheet: PersonSheet;
  label: string;
  /** One of them: "e-mail". */
  one: string;
  list: readonly Reach[];
  shown: (value: string) => string;
  toChange: (list: Reach[]) => FieldChange;
  open?: boolean;
  onClose?: () => void;
}

/** Several ways to reach somebody; the first is the one that is used. */
export function ReachFact({ sheet, label, one, list, shown, toChange, ...rest }: Props) {
  const [rows, setRows] = useState<Reach[]>(
    list.length > 0 ? [...list] : [{ value: '', label: '' }],
  );
  const { busy, error, save } = useSave(sheet);
  const change = (at: number, part: Partial<Reach>) =>
    setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  const first = (at: number) => setRows([rows[at]!, ...rows.filter((_, i) => i !== at)]);
  return (
    <Fact
      label={label}
      value={list.map(({ value, label: of }) => (
        <Body key={value}>{of ? `${shown(value)}, ${of}` : shown(value)}</Body>
      ))}
      {...rest}
    >
      {(close) => (
        <>
          {rows.map((row, i) => (
            <View key={i} className="flex-row flex-wrap items-center gap-2">
              <Field
                label={`${one} ${i + 1}`}
                hideLabel
                className="min-w-[180px] flex-1"
                value={row.value}
                onChangeText={(value) => change(i, { value })}
              />
              <Field
                label={`What ${one} ${i + 1} is`}
                hideLabel
                placeholder="home, work"
                className="w-[110px]"
                value={row.label}
                onChangeText={(value) => change(i, { label: value })}
              />
              {i > 0 ? (
                <Button
                  weight="quiet"
                  label="Use first"
                  spoken={`Use ${row.value || one} first`}
                  onPress={() => first(i)}
                />
              ) : null}
              <Button
                weight="quiet"
                label="Remove"
                spoken={`Remove ${row.value || one}`}
                onPress={() => setRows(rows.filter((_, at) => at !== i))}
              />
            </View>
          ))}
          <Button
            weight="quiet"
            className="self-start"
            label={`Another ${one}`}
            onPress={() => setRows([...rows, { value: '', label: '' }])}
          />
          <SaveBar
            busy={busy}
            error={error}
            onSave={() => save(toChange(rows.filter(({ value }) => value.trim())), close)}
            onClose={close}
          />
        </>
      )}
    </Fact>
  );
}
