import type { ReactNode } from 'react';

import { useRead } from '@/client/api';
import { OrderProvider, TodayProvider } from '@/client/ui';
import { getSettings } from '@/contract/settings';
import { orderIn } from '@/core/time';

/** Says to everything inside which day it is for the owner, and how they write days. */
export function OwnersDay({ children }: { children: ReactNode }) {
  const { data } = useRead(getSettings);
  return (
    <TodayProvider value={data?.today ?? null}>
      <OrderProvider value={orderIn(data?.settings.locale ?? 'en-US')}>{children}</OrderProvider>
    </TodayProvider>
  );
}
