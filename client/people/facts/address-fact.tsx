import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Field, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addressWords, NO_ADDRESS, type Address } from '@/core/people';

import { Fact, SaveBar } from './fact';
import { useSave } from './use-save';

const PARTS = [
  ['line', 'Street and number', 'min-w-[220px] flex-1'],
  ['city', 'City', 'w-[150px]'],
  ['region', 'State', 'w-[90px]'],
  ['postalCode', 'Postal code', 'w-[110px]'],
  ['country', 'Country', 'w-[120px]'],
  ['place', 'Neighborhood', 'w-[150px]'],
  ['label', 'What it is', 'w-[120px]'],
] as const;

const POINT = [
  ['lat', 'Latitude'],
  ['lon', 'Longitude'],
] as const;

/** Homes, offices and properties; mail goes to the first. */
export function AddressFact({
  sheet,
  ...rest
}: {
  sheet: PersonSheet;
  open?: boolean;
  onClose?: () => void;
}) {
  const list = sheet.fields.addresses;
  const [rows, setRows] = useState<Address[]>(list.length > 0 ? [...list] : [NO_ADDRESS]);
  const { busy, error, save } = useSave(sheet);
  const change = (at: number, part: Partial<Address>) =>
    setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  return (
    <Fact
      label={list.length > 1 ? 'Addresses' : 'Address'}
      value={list.map((address, i) => (
        <View key={i}>
          <Body>{addressWords(address) || address.place}</Body>
          <Soft>
            {[
              address.label,
              addressWords(address) && address.place,
              list.length > 1 && i === 0 && 'mail goes here',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Soft>
        </View>
      ))}
      {...rest}
    >
      {(close) => (
        <>
          {rows.map((row, i) => (
            <View key={i} className="gap-2 pb-2">
              <View className="flex-row flex-wrap gap-2">
                {PARTS.map(([key, label, className]) => (
                  <Field
                    key={key}
                    label={label}
                    className={className}
                    value={row[key]}
                    onChangeText={(value) => change(i, { [key]: value })}
                  />
                ))}
                {POINT.map(([key, label]) => (
                  <Field
                    key={key}
                    label={label}
                    className="w-[110px]"
                    value={row[key] === null ? '' : String(row[key])}
                    onChangeText={(text) =>
                      change(i, {
                        [key]:
                          text.trim() === '' || Number.isNaN(Number(text)) ? null : Number(text),
                      })
                    }
                  />
                ))}
              </View>
              <View className="flex-row gap-2">
                {i > 0 ? (
                  <Button
                    weight="quiet"
                    label="Mail goes here"
                    onPress={() => setRows([row, ...rows.filter((_, at) => at !== i)])}
                  />
                ) : null}
                <Button
                  weight="quiet"
                  label="Remove"
                  spoken={`Remove address ${i + 1}`}
                  onPress={() => setRows(rows.filter((_, at) => at !== i))}
                />
              </View>
            </View>
          ))}
          <Button
            weight="quiet"
            className="self-start"
            label="Another address"
            onPress={() => setRows([...rows, NO_ADDRESS])}
          />
          <SaveBar
            busy={busy}
            error={error}
            onSave={() => save({ addresses: rows }, close)}
            onClose={close}
          />
        </>
      )}
    </Fact>
  );
}
