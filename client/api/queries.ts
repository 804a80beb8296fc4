import { useMutation, useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';

import { call, type CallFault } from '@/contract/call';
import type { Done } from '@/contract/common';
import type { CallInput, CallOutput, Endpoint } from '@/contract/endpoint';

import { useTold } from './told';

/** Reads an endpoint; the answer is kept until something is written. */
export function useRead<E extends Endpoint>(
  endpoint: E,
  input: CallInput<E> = {},
  options: { enabled?: boolean; keepPrevious?: boolean } = {},
): UseQueryResult<CallOutput<E>, CallFault> {
  return useQuery<CallOutput<E>, CallFault>({
    queryKey: [endpoint.path, input],
    queryFn: ({ signal }) => call(endpoint, input, { signal }),
    enabled: options.enabled ?? true,
    ...(options.keepPrevious ? { placeholderData: (previous) => previous } : {}),
  });
}

/**
 * Writes through an endpoint. Afterwards everything shown is read again, because one touch can move
 * the whole plan; what was done is told at the foot of the screen with an undo.
 */
export function useWrite<E extends Endpoint>(endpoint: E) {
  const client = useQueryClient();
  const tell = useTold();
  return useMutation<CallOutput<E>, CallFault, CallInput<E>>({
    mutationFn: (input) => call(endpoint, input),
    onSuccess: (result) => {
      const { actionId, sentence } = (result ?? {}) as Partial<Done>;
      if (actionId && sentence) tell({ sentence, actionId });
      return client.invalidateQueries();
    },
    onError: (fault) => {
      tell({ sentence: fault.message, actionId: null });
      if (fault.code === 'conflict') void client.invalidateQueries();
    },
  });
}
