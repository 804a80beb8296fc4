import { useState } from 'react';
import { View } from 'react-native';

import { call } from '@/client/api';
import { Button, Field, Soft } from '@/client/ui';
import { getPerson } from '@/contract/people';

import { PersonChooser } from '../chooser';

interface WithinProps {
  at: number;
  values: readonly (string | number)[];
  onValues: (...values: (string | number)[]) => void;
}

/** Kilometres around a point, or around somebody's home. */
export function Within({ at, values, onValues }: WithinProps) {
  const [finding, setFinding] = useState(false);
  const [fault, setFault] = useState('');
  const text = (i: number) => String(values[i] ?? '');
  const put = (i: number, value: string) =>
    onValues(...[0, 1, 2].map((n) => (n === i ? value : text(n))));
  const around = async (id: string) => {
    const { fields, name } = await call(getPerson, { params: { id } });
    const [home] = fields.addresses;
    if (!home || home.lat === null || home.lon === null)
      return setFault(`Where ${name} lives is not known as a point.`);
    setFinding(false);
    setFault('');
    onValues(text(0) || '5', home.lat, home.lon);
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <Field
          short
          inputMode="decimal"
          label={`Line ${at}: kilometers`}
          hideLabel
          unit="km of"
          value={text(0)}
          onChangeText={(v) => put(0, v)}
        />
        {['latitude', 'longitude'].map((degrees, i) => (
          <Field
            key={degrees}
            label={`Line ${at}: ${degrees}`}
            hideLabel
            placeholder={degrees}
            className="w-[110px]"
            value={text(i + 1)}
            onChangeText={(value) => put(i + 1, value)}
          />
        ))}
        <Button
          weight="quiet"
          label="Around somebody’s home"
          onPress={() => setFinding(!finding)}
        />
      </View>
      {finding ? (
        <PersonChooser label="Around whom" onChoose={({ id }) => void around(id)} />
      ) : null}
      {fault ? <Soft>{fault}</Soft> : null}
    </View>
  );
}
