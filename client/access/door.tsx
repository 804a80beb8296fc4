import type { ReactNode } from 'react';
import { Modal, View } from 'react-native';

import { useQueryClient } from '@tanstack/react-query';

import { openDoor, useDoorClosed, useWriteForm } from '@/client/api';
import { Body, Page, SaveBar, SwitchField, Title } from '@/client/ui';
import { signIn } from '@/contract/access';

import { PassphraseField } from './passphrase-field';

/**
 * Everything behind the passphrase. When a session has ended, what was open stays as it is behind the
 * door, so that nothing typed is lost, and can't be seen.
 */
export function Door({ children }: { children: ReactNode }) {
  const closed = useDoorClosed();
  return (
    <>
      <View
        className="h-full w-full"
        style={closed ? { display: 'none' } : undefined}
        aria-hidden={closed}
      >
        {children}
      </View>
      {closed ? <SignIn /> : null}
    </>
  );
}

const EMPTY = { passphrase: '', stay: false };

function SignIn() {
  const client = useQueryClient();
  const form = useWriteForm(signIn, {
    values: EMPTY,
    toInput: (body: typeof EMPTY) => ({ body }),
    onSaved: () => {
      openDoor();
      void client.resetQueries();
    },
  });
  return (
    <Modal visible animationType="none" {...({ 'aria-label': 'Sign in' } as object)}>
      <View role="main" className="h-full w-full items-center bg-paper">
        <View className="h-full w-full max-w-[520px]">
          <Page>
            <Title>Pen Pal</Title>
            <Body>Type your passphrase to open it on this device.</Body>
            <PassphraseField
              of={form}
              name="passphrase"
              label="Passphrase"
              autoFocus
              autoComplete="current-password"
              onSubmitEditing={form.submit}
            />
            <SwitchField of={form} name="stay" label="This device is mine: keep it signed in" />
            <SaveBar form={form} label="Sign in" weight="main" />
            <Body className="text-soft">
              Signed in, it ends after half an hour without use; on a device of your own after a
              week, and after a month in any case. Whoever holds the machine where Pen Pal runs can
              set a new passphrase there: npm run passphrase
            </Body>
          </Page>
        </View>
      </View>
    </Modal>
  );
}
