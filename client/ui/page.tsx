import type { ReactNode } from 'react';
import { ActivityIndicator, ScrollView, useWindowDimensions, View } from 'react-native';

import type { CallFault } from '@/client/api';

import { Button } from './button';
import { Fault, Soft } from './type';

/** From this width on, list and sheet stand side by side. */
export const WIDE = 1024;
export const useWide = () => useWindowDimensions().width >= WIDE;

/** A screen that scrolls as a whole, with the margins of a letter. */
export function Page({ children, narrow = false }: { children: ReactNode; narrow?: boolean }) {
  const wide = useWide();
  return (
    <ScrollView className="flex-1" contentContainerClassName="pb-24">
      <View
        className={`w-full gap-4 ${wide ? 'px-10 pt-8' : 'px-[18px] pt-5'} ${narrow ? 'max-w-[760px]' : ''}`}
      >
        {children}
      </View>
    </ScrollView>
  );
}

interface WaitingProps<T> {
  query: { data: T | undefined; error: CallFault | null; refetch: () => unknown };
  children: (data: T) => ReactNode;
}

/** Shows what was read; while it is not there yet, that it is coming, or why it can't. */
export function Waiting<T>({ query, children }: WaitingProps<T>) {
  // What has gone since it was read is not shown any longer; after other failures it still is.
  const gone = query.error?.code === 'not_found';
  if (query.data !== undefined && !gone) return <>{children(query.data)}</>;
  if (query.error)
    return (
      <View className="items-start gap-3 py-6">
        <Fault>{query.error.message}</Fault>
        <Button label="Try again" onPress={() => void query.refetch()} />
      </View>
    );
  return (
    <View className="flex-row items-center gap-3 py-6" role="status">
      <ActivityIndicator color="rgb(var(--soft))" />
      <Soft>One moment</Soft>
    </View>
  );
}

export const Rule = () => <View className="h-px bg-line" />;

/** A piece of paper on the desk. */
export const Card = ({ children, className = '' }: { children: ReactNode; className?: string }) => (
  <View className={`rounded border border-line bg-sheet p-4 ${className}`}>{children}</View>
);
