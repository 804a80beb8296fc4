import { createElement, useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import {
  Body,
  Button,
  Chip,
  Fault,
  Field,
  Heading,
  Linked,
  Page,
  Soft,
  Title,
  Waiting,
} from '@/client/ui';
import { readIntake, saveIntake, type IntakeForm } from '@/contract/intake';

const PARTS = [
  ['heading', 'Heading', false],
  ['words', 'Words above the form', true],
  ['thanks', 'Said after sending', true],
  ['consentWords', 'Beside the box for e-mail; empty leaves it out', true],
] as const;

/** The form by which people add themselves from a page on the web. */
export function IntakeScreen() {
  const form = useRead(readIntake);
  return (
    <Page narrow>
      <Linked href="/more" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ More</Body>
      </Linked>
      <Title>Web form</Title>
      <Body>
        A page that people reach without you: who fills it in lands as New, with the source Web
        form. Who is surely here already gets what is new about them.
      </Body>
      <Waiting query={form}>
        {(data) => <Form key={JSON.stringify(data.form)} form={data.form} />}
      </Waiting>
    </Page>
  );
}

function Form({ form: before }: { form: IntakeForm }) {
  const [form, setForm] = useState(before);
  const save = useWrite(saveIntake);
  return (
    <View className="gap-3">
      <Chip
        label="The form is open"
        chosen={form.open}
        onPress={() => setForm({ ...form, open: !form.open })}
      />
      {PARTS.map(([key, label, multiline]) => (
        <Field
          key={key}
          label={label}
          multiline={multiline}
          value={form[key]}
          onChangeText={(text) => setForm({ ...form, [key]: text })}
        />
      ))}
      {save.error ? <Fault>{save.error.message}</Fault> : null}
      <Button
        weight="main"
        className="self-start"
        label="Keep"
        disabled={save.isPending}
        onPress={() => save.mutate({ body: form })}
      />
      {before.open ? <WhereItIs /> : null}
    </View>
  );
}

function WhereItIs() {
  const address = `${window.location.origin}/form`;
  return (
    <View className="gap-1">
      <Heading>Where it is</Heading>
      {createElement(
        'a',
        { href: '/form', className: 'font-sans text-[15px] text-sea', target: '_blank' },
        address,
      )}
      <Soft>To put it on a page of yours, copy this:</Soft>
      <Field
        label="For your page"
        hideLabel
        multiline
        readOnly
        value={`<iframe src="${address}" title="Stay in touch" width="100%" height="640"></iframe>`}
      />
    </View>
  );
}
