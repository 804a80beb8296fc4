import { createElement } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useRead, useWriteForm } from '@/client/api';
import {
  Body,
  Field,
  Card,
  Heading,
  Lead,
  Rule,
  SaveBar,
  Soft,
  Spread,
  SwitchField,
  TextField,
  Title,
  Waiting,
} from '@/client/ui';
import { readIntake, saveIntake, type IntakeForm } from '@/contract/intake';

import { Arrivals } from './arrivals';

const PARTS = [
  ['heading', 'Heading', false],
  ['words', 'Words above the form', true],
  ['thanks', 'Said after sending', true],
  ['consentWords', 'Beside the box for e-mail; empty leaves it out', true],
] as const;

/** The form by which people add themselves from a page on the web. */
export function IntakeScreen() {
  const form = useRead(readIntake);
  return <Waiting query={form}>{(data) => <Form form={data.form} />}</Waiting>;
}

function Form({ form: saved }: { form: IntakeForm }) {
  const form = useWriteForm(saveIntake, {
    values: saved,
    toInput: (body: IntakeForm) => ({ body }),
    keepAs: 'web form',
  });
  const written = useWatch({ control: form.control }) as IntakeForm;
  return (
    <Spread beside={<Seen form={written} open={saved.open} />}>
      <Title>Web form</Title>
      <Body>
        A page that people reach without you. What they send waits here until you have looked at it.
      </Body>
      <Arrivals />
      <SwitchField of={form} name="open" label="The form is open" />
      {PARTS.map(([name, label, multiline]) => (
        <TextField key={name} of={form} name={name} label={label} multiline={multiline} />
      ))}
      <SaveBar form={form} weight="main" />
    </Spread>
  );
}

/** What people will read on the page, as it is being written, and where the page is. */
const Seen = ({ form, open }: { form: IntakeForm; open: boolean }) => (
  <>
    <Heading>What people read</Heading>
    <Card className="gap-3">
      <Lead>{form.heading}</Lead>
      <Body>{form.words}</Body>
      <Soft>Their name, e-mail, phone, and a line to you.</Soft>
      {form.consentWords ? <Soft>{`☐ ${form.consentWords}`}</Soft> : null}
      <Rule />
      <Soft>Afterwards</Soft>
      <Body>{form.thanks}</Body>
    </Card>
    {open ? <WhereItIs /> : null}
  </>
);

function WhereItIs() {
  const address = `${window.location.origin}/form`;
  return (
    <View className="gap-1">
      <Heading>Where it is</Heading>
      {createElement(
        'a',
        { href: '/form', className: 'font-sans text-[0.9375rem] text-sea', target: '_blank' },
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
