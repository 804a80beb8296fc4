import { useWriteForm } from '@/client/api';
import { Card, Heading, NumberField, SaveBar, SelectField, Soft, TextField } from '@/client/ui';
import { saveMailbox } from '@/contract/carriers';

import { Existing, Row, SECURITY, secretHint, secretOf, type SavedProps } from './carrier-parts';

const PROTOCOLS = [
  { value: 'imap', label: 'IMAP' },
  { value: 'pop3', label: 'POP3' },
] as const;

/** Where answers come in. */
export function MailboxForm({ saved }: SavedProps<'mailbox'>) {
  const form = useWriteForm(saveMailbox, {
    values: {
      ...(saved?.setup ?? {
        protocol: 'imap' as const,
        host: '',
        port: 993,
        security: 'tls' as const,
        user: '',
      }),
      password: '',
    },
    toInput: ({ password, ...setup }) => ({ body: { setup, ...secretOf(password) } }),
  });
  return (
    <Card className="gap-3">
      <Heading>Mailbox</Heading>
      <Soft>
        Answers and what comes back are read there. Nothing in it is changed or taken out.
      </Soft>
      <Row>
        <SelectField of={form} name="protocol" label="Read by" options={PROTOCOLS} />
        <TextField
          of={form}
          name="host"
          label="Server of the mailbox"
          className="min-w-[200px] flex-[2]"
        />
        <NumberField of={form} name="port" label="Its port" className="w-[96px]" />
      </Row>
      <SelectField of={form} name="security" label="Safe line to it" options={SECURITY} />
      <Row>
        <TextField
          of={form}
          name="user"
          label="User of the mailbox"
          className="min-w-[160px] flex-1"
        />
        <TextField
          of={form}
          name="password"
          label="Password of the mailbox"
          secureTextEntry
          autoComplete="off"
          hint={secretHint(saved)}
          className="min-w-[160px] flex-1"
        />
      </Row>
      <SaveBar form={form} spoken="Keep the mailbox" onlyChanged />
      <Existing kind="mailbox" is={saved !== null} label="Look into it" />
    </Card>
  );
}
