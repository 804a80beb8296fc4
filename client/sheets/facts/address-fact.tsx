import { View } from 'react-native';

import { Body, InlineEdit, NumberField, Rows, SaveBar, Soft, TextField } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addressWords, NO_ADDRESS } from '@/core/people';

import type { FactProps } from './simple';
import { useFact } from './use-fact';

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
export function AddressFact({ sheet, open, onClose }: Omit<FactProps, 'name' | 'label'>) {
  const list = sheet.fields.addresses;
  return (
    <InlineEdit
      label={list.length > 1 ? 'Addresses' : 'Address'}
      value={list.map((address, i) => {
        const words = addressWords(address);
        const mail = list.length > 1 && i === 0 && 'mail goes here';
        const about = [address.label, words && address.place, mail].filter(Boolean).join(' · ');
        return (
          <View key={i}>
            <Body>{words || address.place}</Body>
            <Soft>{about}</Soft>
          </View>
        );
      })}
      {...{ open, onClose }}
    >
      {(close) => <AddressForm sheet={sheet} onClose={close} />}
    </InlineEdit>
  );
}

function AddressForm({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const { addresses } = sheet.fields;
  const form = useFact(sheet, 'addresses', {
    values: { addresses: addresses.length > 0 ? addresses : [NO_ADDRESS] },
    toChange: (given) => given,
    onSaved: onClose,
  });
  return (
    <>
      <Rows of={form} name="addresses" one="address" blank={NO_ADDRESS} first="Mail goes here" tall>
        {(at) => (
          <View className="flex-row flex-wrap gap-2">
            {PARTS.map(([key, label, className]) => (
              <TextField
                key={key}
                of={form}
                name={`addresses.${at}.${key}`}
                label={label}
                className={className}
              />
            ))}
            {POINT.map(([key, label]) => (
              <NumberField key={key} of={form} name={`addresses.${at}.${key}`} label={label} />
            ))}
          </View>
        )}
      </Rows>
      <SaveBar form={form} onClose={onClose} />
    </>
  );
}
