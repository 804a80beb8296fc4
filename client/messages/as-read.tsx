import { View } from 'react-native';

import { Body, Card, Heading, Lead, Soft } from '@/client/ui';
import type { Started } from '@/contract/messages';

/** The message as its reader will have it. */
export const AsRead = ({ started, kind }: { started: Started; kind: 'email' | 'text' }) => (
  <View className="gap-2">
    <Heading>As they will read it</Heading>
    <Card className="gap-3">
      {kind === 'email' ? <Body className="font-sans-semibold">{started.subject}</Body> : null}
      <Soft>{`to ${started.addresses.join(', ') || 'nowhere yet'}`}</Soft>
      <Lead className="text-[1.0625rem]">{started.words || '…'}</Lead>
    </Card>
  </View>
);
