import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';

/** From this width on, list and sheet stand side by side. */
export const WIDE = 1024;
export const useWide = () => useWindowDimensions().width >= WIDE;

interface PageProps {
  children: ReactNode;
  narrow?: boolean;
  /** Stands beside another page. */
  beside?: boolean;
}

/** A screen that scrolls as a whole, with the margins of a letter. */
export function Page({ children, narrow = false, beside = false }: PageProps) {
  const wide = useWide();
  return (
    <ScrollView
      className="flex-1"
      contentContainerClassName="pb-24"
      // It may hold nothing that keys could reach, and has to scroll all the same.
      {...(beside ? { tabIndex: 0 } : {})}
    >
      <View
        className={`w-full gap-4 ${wide ? 'px-10 pt-8' : 'px-[18px] pt-5'} ${narrow ? 'max-w-[760px]' : ''}`}
      >
        {children}
      </View>
    </ScrollView>
  );
}

interface SpreadProps {
  children: ReactNode;
  /** What stands beside it with room; on a phone below it, or nowhere. */
  beside: ReactNode;
  onPhone?: 'below' | 'nowhere';
}

/** Two pages side by side, each scrolling by itself; on a phone one. */
export function Spread({ children, beside, onPhone = 'below' }: SpreadProps) {
  if (!useWide())
    return (
      <Page narrow>
        {children}
        {onPhone === 'below' ? beside : null}
      </Page>
    );
  return (
    <View className="h-full flex-row">
      <View className="min-w-0 flex-1">
        <Page narrow>{children}</Page>
      </View>
      <View role="complementary" className="min-w-0 flex-1 border-l border-line bg-sheet">
        <Page narrow beside>
          {beside}
        </Page>
      </View>
    </View>
  );
}

export const Rule = () => <View className="h-px bg-line" />;

/** A piece of paper on the desk. */
export const Card = ({ children, className = '' }: { children: ReactNode; className?: string }) => (
  <View className={`rounded border border-line bg-sheet p-4 ${className}`}>{children}</View>
);
