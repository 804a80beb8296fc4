import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';

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

export const Rule = () => <View className="h-px bg-line" />;

/** A piece of paper on the desk. */
export const Card = ({ children, className = '' }: { children: ReactNode; className?: string }) => (
  <View className={`rounded border border-line bg-sheet p-4 ${className}`}>{children}</View>
);
