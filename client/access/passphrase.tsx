import { View } from 'react-native';

import { useNotify, useWriteForm } from '@/client/api';
import { Body, Heading, SaveBar, Soft } from '@/client/ui';
import { setPassphrase } from '@/contract/access';
import { plural } from '@/core/time';

import { PassphraseField } from './passphrase-field';

const EMPTY = { current: '', passphrase: '' };

/** The passphrase: set for the first time, or another one. */
export function PassphraseForm({ guarded, there }: { guarded: boolean; there: boolean }) {
  const notify = useNotify();
  const form = useWriteForm(setPassphrase, {
    values: EMPTY,
    toInput: (body: typeof EMPTY) => ({ body }),
    onSaved: ({ ended }) =>
      notify({
        sentence: `The passphrase is set.${ended > 0 ? ` ${plural(ended, 'device')} signed out.` : ''}`,
        actionId: null,
      }),
  });
  return (
    <View className="gap-2">
      <Heading>Passphrase</Heading>
      <Body>{guarded ? GUARDED : there ? THERE : NONE}</Body>
      {guarded ? (
        <PassphraseField
          of={form}
          name="current"
          label="The passphrase until now"
          autoComplete="current-password"
        />
      ) : null}
      <PassphraseField
        of={form}
        name="passphrase"
        label="New passphrase"
        hint="At least 12 characters; a few words that have nothing to do with each other."
        autoComplete="new-password"
      />
      <SaveBar form={form} label="Set it" onlyChanged />
      <Soft>Setting it can’t be undone, and signs out every other device.</Soft>
    </View>
  );
}

const GUARDED =
  'Others can reach this Pen Pal. Everything but its public pages wants the passphrase.';
const THERE =
  'Only this machine reaches Pen Pal at the moment, so nobody is asked. There is a passphrase for when that changes.';
const NONE =
  'Only this machine reaches Pen Pal at the moment, so nobody is asked. Set a passphrase before you open it to other devices.';
