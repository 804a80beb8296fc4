import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Heading, Soft } from '@/client/ui';
import { checkDomain, makeSigningKey, type Carriers } from '@/contract/carriers';

/** What the sending domain has to publish so that e-mails get through, looked at on asking. */
export function DomainCheck({ signing }: { signing: Carriers['signing'] }) {
  const make = useWrite(makeSigningKey);
  const check = useWrite(checkDomain, { tells: false });
  return (
    <View className="gap-2 border-t border-line pt-3">
      <Heading>So that it gets through</Heading>
      {signing ? (
        <>
          <Soft>E-mails are signed. Publish the text at this name, where your domain is kept:</Soft>
          <Field label="Name of the record" readOnly value={signing.name} />
          <Field label="Text of the record" readOnly multiline value={signing.record} />
        </>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={check.isPending ? 'Looking…' : 'Look at my domain'}
          disabled={check.isPending}
          onPress={() => check.mutate({ body: { given: null } })}
        />
        <Button
          weight="quiet"
          label={signing ? 'Make another key' : 'Sign e-mails with a key of mine'}
          disabled={make.isPending}
          onPress={() => make.mutate({})}
        />
      </View>
      {check.error ? <Fault>{check.error.message}</Fault> : null}
      {check.data?.judged.map(({ what, ok, sentence }) => (
        <View key={what} className="flex-row gap-3">
          <Body className={`w-[88px] font-sans-semibold ${ok ? '' : 'text-danger'}`}>
            {`${ok ? '✓' : '–'} ${what}`}
          </Body>
          <Body className="min-w-0 flex-1">{sentence}</Body>
        </View>
      ))}
    </View>
  );
}
