import type { ReactNode } from 'react';

import { useRead } from '@/client/api';
import { TodayProvider } from '@/client/ui';
import { getSettings } from '@/contract/settings';

/** Says to everything inside which day it is for the owner. */
export const OwnersDay = ({ children }: { children: ReactNode }) => (
  <TodayProvider value={useRead(getSettings).data?.today ?? null}>{children}</TodayProvider>
);
