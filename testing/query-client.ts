import { QueryClient } from '@tanstack/react-query';

/** A cache for component tests: what nobody shows any more sets no timer, which would hold the process. */
export const testQueryClient = () =>
  new QueryClient({
    defaultOptions: {
      queries: { gcTime: Infinity, staleTime: Infinity, retry: false },
      mutations: { gcTime: Infinity },
    },
  });
