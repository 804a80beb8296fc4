import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWriteForm } from '@/client/api';
import {
  Body,
  Heading,
  SaveBar,
  Spread,
  SwitchField,
  TextField,
  Title,
  Waiting,
} from '@/client/ui';
import { createService, listServices } from '@/contract/services';

import { Calls } from './calls';
import { SecretOnce } from './secret-once';
import { INSIDE, ServiceCard } from './service-card';

/** Outside services that cadences tell of people, and what came of it. */
export function ServicesScreen() {
  const services = useRead(listServices);
  return (
    <Spread
      beside={
        services.data ? <Calls calls={services.data.calls} today={services.data.today} /> : null
      }
    >
      <Title>Services</Title>
      <Body>
        A beat of a cadence can tell an outside service of a person: a list for newsletters, a shop
        for gifts, a printer. Each call is sent over the web, signed (Standard Webhooks), and tried
        again when the service is away.
      </Body>
      <Waiting query={services}>
        {({ services: all }) => (
          <>
            {all.map((service) => (
              <ServiceCard key={service.id} service={service} />
            ))}
            <NewService />
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const NEW = { name: '', url: '', inside: false };

function NewService() {
  const [secret, setSecret] = useState<string | null>(null);
  const form = useWriteForm(createService, {
    values: NEW,
    toInput: (body: typeof NEW) => ({ body }),
    onSaved: (made) => {
      setSecret(made.secret);
      form.startOver();
    },
    keepAs: 'new service',
  });
  return (
    <View className="gap-2">
      <Heading>Add a service</Heading>
      <View className="flex-row flex-wrap gap-3">
        <TextField of={form} name="name" label="Its name" className="min-w-[200px] flex-1" />
        <TextField
          of={form}
          name="url"
          label="Its web address"
          className="min-w-[260px] flex-[2]"
          placeholder="https://"
        />
      </View>
      <SwitchField of={form} name="inside" label={INSIDE} />
      <SaveBar form={form} label="Add it" onlyChanged />
      {secret ? <SecretOnce secret={secret} /> : null}
    </View>
  );
}
