import { useWriteForm } from '@/client/api';
import { Card, Heading, NumberField, SaveBar, SelectField, TextField } from '@/client/ui';
import { saveMail, type Carriers } from '@/contract/carriers';

import { Existing, Row, SECURITY, secretHint, secretOf, type SavedProps } from './carrier-parts';
import { DomainCheck } from './domain-check';

/** The server that takes e-mails. */
export function MailForm({ saved, signing }: SavedProps<'mail'> & Pick<Carriers, 'signing'>) {
  const form = useWriteForm(saveMail, {
    values: {
      ...(saved?.setup ?? {
        host: '',
        port: 587,
        security: 'starttls' as const,
        user: '',
        fromAddress: '',
        fromName: '',
        resolver: '',
        perMinute: 20,
        perDay: 400,
      }),
      password: '',
    },
    toInput: ({ password, ...setup }) => ({ body: { setup, ...secretOf(password) } }),
  });
  return (
    <Card className="gap-3">
      <Heading>Mail server</Heading>
      <Row>
        <TextField of={form} name="host" label="Server" className="min-w-[200px] flex-[2]" />
        <NumberField of={form} name="port" label="Port" className="w-[96px]" />
      </Row>
      <SelectField of={form} name="security" label="Safe line" options={SECURITY} />
      <Row>
        <TextField of={form} name="user" label="User" className="min-w-[160px] flex-1" />
        <TextField
          of={form}
          name="password"
          label="Password"
          secureTextEntry
          autoComplete="off"
          hint={secretHint(saved)}
          className="min-w-[160px] flex-1"
        />
      </Row>
      <Row>
        <TextField
          of={form}
          name="fromName"
          label="Name of the sender"
          className="min-w-[160px] flex-1"
        />
        <TextField
          of={form}
          name="fromAddress"
          label="Address of the sender"
          className="min-w-[200px] flex-1"
        />
      </Row>
      <Row>
        <NumberField of={form} name="perMinute" label="At most a minute" className="w-[150px]" />
        <NumberField of={form} name="perDay" label="At most a day" className="w-[150px]" />
      </Row>
      <TextField
        of={form}
        name="resolver"
        label="Name server for looking at the domain; empty for the usual one"
      />
      <SaveBar form={form} spoken="Keep the mail server" onlyChanged />
      <Existing kind="mail" is={saved !== null} label="Send me an e-mail" />
      {saved ? <DomainCheck signing={signing} /> : null}
    </Card>
  );
}
