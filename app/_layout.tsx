import '../global.css';

import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';

import { Door } from '@/client/access';
import { CallFault, noteSignedOut, NoticeProvider } from '@/client/api';
import { Chrome, loadTypefaces } from '@/client/chrome';
import { ListViewProvider, SelectionProvider } from '@/client/people';
import { OwnersDay } from '@/client/settings';

const createClient = () =>
  new QueryClient({
    queryCache: new QueryCache({ onError: noteSignedOut }),
    mutationCache: new MutationCache({ onError: noteSignedOut }),
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
              <Door>
                <Chrome>
                  <Slot />
                </Chrome>
              </Door>
            </ListViewProvider>
          </SelectionProvider>
        </OwnersDay>
      </NoticeProvider>
    </QueryClientProvider>
  );
}
