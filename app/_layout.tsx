import '../global.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';

import { CallFault, NoticeProvider } from '@/client/api';
import { Chrome, loadTypefaces } from '@/client/chrome';
import { ListViewProvider, SelectionProvider } from '@/client/people';
import { OwnersDay } from '@/client/settings';

const createClient = () =>
  new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: 60_000,
        // A refusal stays one; only a server that can't be reached is asked again.
        retry: (times, fault) => times < 2 && (fault as CallFault).code === 'unavailable',
      },
    },
  });

export default function Layout() {
  const [client] = useState(createClient);
  useEffect(loadTypefaces, []);
  return (
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <OwnersDay>
          <SelectionProvider>
            <ListViewProvider>
              <Chrome>
                <Slot />
              </Chrome>
            </ListViewProvider>
          </SelectionProvider>
        </OwnersDay>
      </NoticeProvider>
    </QueryClientProvider>
  );
}
