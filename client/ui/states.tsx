import type { ReactNode } from 'react';
import { ActivityIndicator, View } from 'react-native';

import { useSlow, type CallFault } from '@/client/api';

import { Button } from './button';
import { Fault, Soft } from './type';

interface WaitingProps<T> {
  query: { data: T | undefined; error: CallFault | null; refetch: () => unknown };
  children: (data: T) => ReactNode;
}

/** Shows what was read; while it is not there yet, that it is coming, or why it can't. */
export function Waiting<T>({ query, children }: WaitingProps<T>) {
  // What has gone since it was read is not shown any longer; after other failures it still is.
  const gone = query.error?.code === 'not_found';
  if (query.data !== undefined && !gone) return <>{children(query.data)}</>;
  if (query.error) return <Failed why={query.error.message} onAgain={() => void query.refetch()} />;
  return <Loading />;
}

export function Loading() {
  const slow = useSlow(true);
  return (
    <View className="flex-row items-center gap-3 py-6" role="status">
      <View aria-hidden>
        <ActivityIndicator color="rgb(var(--soft))" />
      </View>
      <Soft>{slow ? 'Pen Pal has not answered yet; still waiting' : 'One moment'}</Soft>
    </View>
  );
}

/** Why something can't be shown, and the way to try again. */
export const Failed = ({ why, onAgain }: { why: string; onAgain: () => void }) => (
  <View className="items-start gap-3 py-6">
    <Fault>{why}</Fault>
    <Button label="Try again" onPress={onAgain} />
  </View>
);

/** Nothing is here yet: why, and what would change that. */
export const Empty = ({ children, action }: { children: string; action?: ReactNode }) => (
  <View className="items-start gap-2 py-2">
    <Soft>{children}</Soft>
    {action}
  </View>
);
