import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { FindPerson } from '@/client/people';
import {
  Body,
  Button,
  Card,
  Fault,
  Field,
  Heading,
  Lead,
  Linked,
  Page,
  Soft,
  Title,
  Waiting,
  Words,
} from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import {
  createService,
  deleteService,
  listServices,
  retryCall,
  saveService,
  tryService,
  type Service,
} from '@/contract/services';
import { plural, shortDate, type PlainDate } from '@/core/time';

type Call = CallOutput<typeof listServices>['calls'][number];

/** Outside services that cadences tell of people, and what came of it. */
export function ServicesScreen() {
  const services = useRead(listServices);
  return (
    <Page narrow>
      <Title>Services</Title>
      <Body>
        A beat of a cadence can tell an outside service of a person: a list for newsletters, a shop
        for gifts, a printer. Each call is sent over the web, signed (Standard Webhooks), and tried
        again when the service is away.
      </Body>
      <Waiting query={services}>
        {({ services: all, calls, today }) => (
          <>
            {all.map((service) => (
              <ServiceCard key={`${service.id} ${service.name} ${service.url}`} service={service} />
            ))}
            <NewService />
            <Calls calls={calls} today={today} />
          </>
        )}
      </Waiting>
    </Page>
  );
}

function NewService() {
  const create = useWrite(createService);
  const [name, setName] = useState('');
  const [url, setUrl] = useState('');
  const add = () =>
    create.mutate(
      { body: { name, url } },
      {
        onSuccess: () => {
          setName('');
          setUrl('');
        },
      },
    );
  return (
    <View className="gap-2">
      <Heading>Add a service</Heading>
      <View className="flex-row flex-wrap gap-3">
        <Field
          label="Its name"
          className="min-w-[200px] flex-1"
          value={name}
          onChangeText={setName}
        />
        <Field
          label="Its web address"
          className="min-w-[260px] flex-[2]"
          placeholder="https://"
          value={url}
          onChangeText={setUrl}
        />
      </View>
      {create.error ? <Fault>{create.error.message}</Fault> : null}
      <Button
        className="self-start"
        label="Add it"
        disabled={name.trim() === '' || url.trim() === '' || create.isPending}
        onPress={add}
      />
    </View>
  );
}

function ServiceCard({ service }: { service: Service }) {
  const save = useWrite(saveService);
  const remove = useWrite(deleteService);
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(service.name);
  const [url, setUrl] = useState(service.url);
  const params = { id: service.id };
  const error = save.error ?? remove.error;
  return (
    <Card className="gap-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Lead>{service.name}</Lead>
        <Soft>{service.beats === 0 ? 'in no cadence' : `in ${plural(service.beats, 'beat')}`}</Soft>
      </View>
      <Soft>{service.url}</Soft>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={open ? 'Fold' : 'Change or try'}
          spoken={`${open ? 'Fold' : 'Change or try'} ${service.name}`}
          aria-expanded={open}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? (
        <View className="gap-3 border-t border-line pt-3">
          <View className="flex-row flex-wrap gap-3">
            <Field
              label="Name"
              className="min-w-[200px] flex-1"
              value={name}
              onChangeText={setName}
            />
            <Field
              label="Web address"
              className="min-w-[260px] flex-[2]"
              value={url}
              onChangeText={setUrl}
            />
          </View>
          <Soft>{`Secret for the other side, by which it knows that a call is yours: ${service.secret}`}</Soft>
          {error ? <Fault>{error.message}</Fault> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label="Save"
              spoken={`Save ${service.name}`}
              disabled={(name === service.name && url === service.url) || save.isPending}
              onPress={() => save.mutate({ params, body: { name, url } })}
            />
            <Button
              weight="quiet"
              label="Remove it"
              spoken={`Remove ${service.name}`}
              disabled={remove.isPending}
              onPress={() => remove.mutate({ params })}
            />
          </View>
          <Try service={service} />
        </View>
      ) : null}
    </Card>
  );
}

/** Sends one call about a person of the owner's choice, marked as a trial. */
function Try({ service }: { service: Service }) {
  const attempt = useWrite(tryService);
  const [open, setOpen] = useState(false);
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
      <FindPerson
        label="Person to try it on"
        onChoose={({ id }) =>
          attempt.mutate({ params: { id: service.id }, body: { personId: id } })
        }
      />
      {attempt.error ? <Fault>{attempt.error.message}</Fault> : null}
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

const STATE_WORDS: Record<Call['state'], string> = {
  ready: 'on its way',
  handed_over: 'being sent',
  delivered: 'taken',
  failed: 'given up',
};

function Calls({ calls, today }: { calls: readonly Call[]; today: PlainDate }) {
  const retry = useWrite(retryCall);
  if (calls.length === 0) return null;
  return (
    <View className="gap-2">
      <Heading>The latest calls</Heading>
      {retry.error ? <Fault>{retry.error.message}</Fault> : null}
      <Card className="py-1">
        {calls.map((call) => (
          <View key={call.id} className="gap-1 border-b border-line py-2">
            <View className="flex-row items-baseline justify-between gap-3">
              <Linked href={`/people/${call.personId}`}>
                <Lead>{call.name}</Lead>
              </Linked>
              <Soft>{`${STATE_WORDS[call.state]}, ${shortDate(call.on, today)}`}</Soft>
            </View>
            <View className="flex-row flex-wrap items-center justify-between gap-2">
              <Soft className="flex-1">{`${call.service}. ${call.outcome}`}</Soft>
              {call.state === 'failed' ? (
                <Button
                  weight="quiet"
                  label="Send it again"
                  spoken={`Send ${call.name} to ${call.service} again`}
                  disabled={retry.isPending}
                  onPress={() => retry.mutate({ body: { id: call.id } })}
                />
              ) : null}
            </View>
          </View>
        ))}
      </Card>
    </View>
  );
}
