import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Fault } from '@/client/ui';
import { removeCarrier, tryCarrier, type CarrierKind, type Carriers } from '@/contract/carriers';

export const SECURITY = [
  { value: 'tls', label: 'TLS from the start' },
  { value: 'starttls', label: 'TLS after STARTTLS' },
  { value: 'none', label: 'None, on this machine only' },
] as const;

export interface SavedProps<K extends keyof Carriers> {
  saved: Carriers[K];
}

export const secretHint = (saved: { hasSecret: boolean } | null) =>
  saved?.hasSecret ? 'Kept. Leave it empty to keep it as it is.' : undefined;

/** What was typed of a password: nothing keeps the one that is there. */
export const secretOf = (typed: string) => (typed === '' ? {} : { secret: typed });

export const Row = ({ children }: { children: ReactNode }) => (
  <View className="flex-row flex-wrap items-start gap-3">{children}</View>
);

/** Trying one that is set up, and taking it away. */
export function Existing({ kind, is, label }: { kind: CarrierKind; is: boolean; label: string }) {
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
          <Body role="status">{data.outcome}</Body>
        ) : (
          <Fault>{data.outcome}</Fault>
        )
      ) : null}
      {error ? <Fault>{error.message}</Fault> : null}
    </View>
  );
}
