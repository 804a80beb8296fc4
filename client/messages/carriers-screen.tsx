import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite, useWriteForm } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Fault,
  Heading,
  NumberField,
  SaveBar,
  SelectField,
  Soft,
  Spread,
  SwitchField,
  TextField,
  Title,
  Waiting,
} from '@/client/ui';
import {
  readCarriers,
  removeCarrier,
  saveMail,
  saveMailbox,
  saveTexts,
  tryCarrier,
  type CarrierKind,
  type Carriers,
} from '@/contract/carriers';
import { getSettings, saveSettings } from '@/contract/settings';

/** What takes messages away and brings answers back, and who writes them. */
export function CarriersScreen() {
  const carriers = useRead(readCarriers);
  return (
    <Spread beside={<WhoWrites />}>
      <Title>Carriers</Title>
      <Body>
        Pen Pal sends through a mail server and a text gateway of yours, and reads answers from your
        mailbox. Passwords are kept sealed here and never shown again.
      </Body>
      <Waiting query={carriers}>
        {(all) => (
          <>
            <MailForm saved={all.mail} />
            <MailboxForm saved={all.mailbox} />
            <TextsForm saved={all.texts} />
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const SECURITY = [
  { value: 'tls', label: 'TLS from the start' },
  { value: 'starttls', label: 'TLS after STARTTLS' },
  { value: 'none', label: 'None, on this machine only' },
] as const;

interface SavedProps<K extends keyof Carriers> {
  saved: Carriers[K];
}

const secretHint = (saved: { hasSecret: boolean } | null) =>
  saved?.hasSecret ? 'Kept. Leave it empty to keep it as it is.' : undefined;

/** What was typed of a password: nothing keeps the one that is there. */
const secretOf = (typed: string) => (typed === '' ? {} : { secret: typed });

function MailForm({ saved }: SavedProps<'mail'>) {
  const form = useWriteForm(saveMail, {
    values: {
      ...(saved?.setup ?? {
        host: '',
        port: 587,
        security: 'starttls' as const,
        user: '',
        fromAddress: '',
        fromName: '',
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
      <SaveBar form={form} spoken="Keep the mail server" onlyChanged />
      <Existing kind="mail" is={saved !== null} label="Send me an e-mail" />
    </Card>
  );
}

const PROTOCOLS = [
  { value: 'imap', label: 'IMAP' },
  { value: 'pop3', label: 'POP3' },
] as const;

function MailboxForm({ saved }: SavedProps<'mailbox'>) {
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

function TextsForm({ saved }: SavedProps<'texts'>) {
  const form = useWriteForm(saveTexts, {
    values: {
      ...(saved?.setup ?? { url: '', from: '', ownNumber: false, perMinute: 20, perDay: 200 }),
      key: '',
    },
    toInput: ({ key, ...setup }) => ({ body: { setup, ...secretOf(key) } }),
  });
  return (
    <Card className="gap-3">
      <Heading>Text gateway</Heading>
      <TextField of={form} name="url" label="Web address of the gateway" />
      <Row>
        <TextField
          of={form}
          name="from"
          label="Number that texts come from"
          className="min-w-[160px] flex-1"
        />
        <TextField
          of={form}
          name="key"
          label="Key"
          secureTextEntry
          autoComplete="off"
          hint={secretHint(saved)}
          className="min-w-[160px] flex-1"
        />
      </Row>
      <SwitchField
        of={form}
        name="ownNumber"
        label="It is my own number, which people know. Else each text says who writes."
      />
      <Row>
        <NumberField of={form} name="perMinute" label="Texts a minute" className="w-[150px]" />
        <NumberField of={form} name="perDay" label="Texts a day" className="w-[150px]" />
      </Row>
      <SaveBar form={form} spoken="Keep the text gateway" onlyChanged />
      <Existing kind="texts" is={saved !== null} label="Send me a text" />
    </Card>
  );
}

const Row = ({ children }: { children: React.ReactNode }) => (
  <View className="flex-row flex-wrap items-start gap-3">{children}</View>
);

/** Trying one that is set up, and taking it away. */
function Existing({ kind, is, label }: { kind: CarrierKind; is: boolean; label: string }) {
  const [sure, setSure] = useState(false);
  const attempt = useWrite(tryCarrier, { tells: false });
  const remove = useWrite(removeCarrier);
  if (!is) return null;
  const params = { kind };
  const { data, error } = attempt;
  return (
    <View className="gap-2 border-t border-line pt-3">
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={attempt.isPending ? 'Trying…' : label}
          disabled={attempt.isPending}
          onPress={() => attempt.mutate({ params })}
        />
        <Button
          weight="quiet"
          label={sure ? 'Remove it, really' : 'Remove it'}
          spoken={`${sure ? 'Really remove' : 'Remove'} the ${kind} carrier`}
          disabled={remove.isPending}
          onPress={() => (sure ? remove.mutate({ params }) : setSure(true))}
        />
      </View>
      {data ? (
        data.works ? (
          <Body role="status">{data.sentence}</Body>
        ) : (
          <Fault>{data.sentence}</Fault>
        )
      ) : null}
      {error ? <Fault>{error.message}</Fault> : null}
    </View>
  );
}

/** The owner as readers see them: in fields, signatures and below what goes by itself. */
function WhoWrites() {
  const settings = useRead(getSettings);
  return (
    <Waiting query={settings}>
      {({
        settings: { ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature },
      }) => (
        <OwnerForm
          values={{ ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature }}
        />
      )}
    </Waiting>
  );
}

type Owner = Record<
  'ownerName' | 'ownerEmail' | 'ownerPhone' | 'ownerCompany' | 'ownerAddress' | 'signature',
  string
>;

function OwnerForm({ values }: { values: Owner }) {
  const form = useWriteForm(saveSettings, {
    values,
    toInput: (body: Owner) => ({ body }),
    keepAs: 'who writes',
  });
  return (
    <>
      <Heading>Who writes</Heading>
      <Soft>
        What goes by itself has your postal address below it, which the law of several countries
        wants, and a way to get no more.
      </Soft>
      <TextField of={form} name="ownerName" label="Your name" />
      <TextField of={form} name="ownerCompany" label="Your firm" />
      <TextField of={form} name="ownerEmail" label="Your e-mail" />
      <TextField of={form} name="ownerPhone" label="Your phone" />
      <TextField of={form} name="ownerAddress" label="Your postal address" multiline />
      <TextField of={form} name="signature" label="Your signature" multiline />
      <SaveBar form={form} spoken="Keep who writes" onlyChanged />
    </>
  );
}
