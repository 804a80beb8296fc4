import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { PersonChooser } from '@/client/people';
import { Body, Button, Soft, Words } from '@/client/ui';
import { tryService, type Service } from '@/contract/services';

/** Sends one call about a person of the owner's choice, marked as a trial. */
export function Try({ service }: { service: Service }) {
  const attempt = useWrite(tryService, { tells: false });
  const [open, setOpen] = useState(false);
  const params = { id: service.id };
  if (!open)
    return (
      <Button
        className="self-start"
        label="Try it on somebody"
        spoken={`Try ${service.name} on somebody`}
        onPress={() => setOpen(true)}
      />
    );
  return (
    <View className="gap-2">
      <Soft>One call is sent at once, marked as a trial, with what is on record of them.</Soft>
      <PersonChooser
        label="Person to try it on"
        fault={attempt.error?.message}
        onChoose={({ id }) => attempt.mutate({ params, body: { personId: id } })}
      />
      {attempt.data ? (
        <View aria-live="polite" className="gap-2">
          <Body className={attempt.data.delivered ? 'text-good' : 'text-danger'}>
            {attempt.data.outcome}
          </Body>
          <Words>{attempt.data.sent}</Words>
        </View>
      ) : null}
    </View>
  );
}
