import { useState } from 'react';
import type { FieldValues } from 'react-hook-form';
import { View } from 'react-native';

import { Button, TextField, type FieldProps, type Place } from '@/client/ui';

/** A passphrase: nothing corrects it, and it is shown only while its owner wants to see it. */
export function PassphraseField<V extends FieldValues>(
  props: Place<V> & Omit<FieldProps, 'value' | 'onChange' | 'fault'>,
) {
  const [shown, setShown] = useState(false);
  return (
    <View>
      <TextField
        secureTextEntry={!shown}
        autoCapitalize="none"
        autoCorrect={false}
        spellCheck={false}
        {...props}
      />
      <Button
        weight="quiet"
        className="-ml-2 self-start"
        label={shown ? 'Hide' : 'Show'}
        spoken={`${shown ? 'Hide' : 'Show'}: ${props.label}`}
        onPress={() => setShown(!shown)}
      />
    </View>
  );
}
