import '../global.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useState } from 'react';

import { CallFault, NoticeProvider } from '@/client/api';
import { Chrome, useTypefaces } from '@/client/chrome';
import { ListViewProvider, SelectionProvider } from '@/client/people';

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
  useTypefaces();
  const [client] = useState(createClient);
  return (
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <SelectionProvider>
          <ListViewProvider>
            <Chrome>
              <Slot />
            </Chrome>
          </ListViewProvider>
        </SelectionProvider>
      </NoticeProvider>
    </QueryClientProvider>
  );
}
