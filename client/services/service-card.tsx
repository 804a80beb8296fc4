import { useState } from 'react';
import { View } from 'react-native';

import { useWrite, useWriteForm } from '@/client/api';
import {
  Button,
  Card,
  DisclosureButton,
  Fault,
  Lead,
  SaveBar,
  Soft,
  SwitchField,
  TextField,
} from '@/client/ui';
import { deleteService, renewSecret, saveService, type Service } from '@/contract/services';
import { plural } from '@/core/time';

import { SecretOnce } from './secret-once';
import { Try } from './try';

export const INSIDE = 'It is inside my own machine or network';

/** One service: what it is, changed and tried when it is unfolded. */
export function ServiceCard({ service }: { service: Service }) {
  const [open, setOpen] = useState(false);
  return (
    <Card className="gap-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Lead>{service.name}</Lead>
        <Soft>{service.beats === 0 ? 'in no cadence' : `in ${plural(service.beats, 'beat')}`}</Soft>
      </View>
      <Soft>{service.url}</Soft>
      <DisclosureButton
        className="self-start"
        label="Change or try"
        openLabel="Hide"
        about={service.name}
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open ? (
        <View className="gap-3 border-t border-line pt-3">
          <ServiceForm service={service} />
          <Try service={service} />
        </View>
      ) : null}
    </Card>
  );
}

function ServiceForm({ service }: { service: Service }) {
  const params = { id: service.id };
  const form = useWriteForm(saveService, {
    values: { name: service.name, url: service.url, inside: service.inside },
    toInput: (body: Pick<Service, 'name' | 'url' | 'inside'>) => ({ params, body }),
    keepAs: `service ${service.id}`,
  });
  const remove = useWrite(deleteService, { tells: false });
  const renew = useWrite(renewSecret);
  return (
    <>
      <View className="flex-row flex-wrap gap-3">
        <TextField of={form} name="name" label="Name" className="min-w-[200px] flex-1" />
        <TextField of={form} name="url" label="Web address" className="min-w-[260px] flex-[2]" />
      </View>
      <SwitchField of={form} name="inside" label={INSIDE} />
      {renew.data ? <SecretOnce secret={renew.data.secret} /> : null}
      {remove.error ? <Fault>{remove.error.message}</Fault> : null}
      <SaveBar form={form} label="Save" spoken={`Save ${service.name}`} onlyChanged>
        <Button
          weight="quiet"
          label="Make a new secret"
          spoken={`Make a new secret for ${service.name}`}
          disabled={renew.isPending}
          onPress={() => renew.mutate({ params })}
        />
        <Button
          weight="quiet"
          label="Remove it"
          spoken={`Remove ${service.name}`}
          disabled={remove.isPending}
          onPress={() => remove.mutate({ params })}
        />
      </SaveBar>
    </>
  );
}
